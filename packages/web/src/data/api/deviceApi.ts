import type { Device, DeviceNow, ScaleAct } from '@ember-fold/core/ledger';
import { api } from './api';

/** Devices that send readings. */
export const deviceApi = api.injectEndpoints({
  endpoints: (build) => ({
    devices: build.query<readonly DeviceNow[], void>({ query: () => '/devices', providesTags: ['Devices'] }),
    addDevice: build.mutation<Device & { readonly token: string }, Device>({
      query: (body) => ({ url: '/devices', method: 'POST', body }),
      invalidatesTags: ['Devices'],
    }),
    removeDevice: build.mutation<void, string>({
      query: (id) => ({ url: `/devices/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Devices'],
    }),
    scaleAct: build.mutation<{ readonly ok: true }, ScaleAct>({
      query: (body) => ({ url: '/devices/simulated-scale', method: 'POST', body }),
    }),
  }),
});
