import type { CalendarAddress, HomeEntry, HomeNow, Pairing } from '@ember-fold/core/files';
import { api } from './api';

/** Devices of the home network. */
export const homeApi = api.injectEndpoints({
  endpoints: (build) => ({
    home: build.query<HomeNow, void>({ query: () => '/home', providesTags: ['Home'] }),
    pair: build.mutation<Pairing, void>({ query: () => ({ url: '/home/pairings', method: 'POST', body: {} }) }),
    enter: build.mutation<void, HomeEntry>({ query: (body) => ({ url: '/home/enter', method: 'POST', body }) }),
    setPassphrase: build.mutation<void, string | null>({
      query: (passphrase) => ({ url: '/home/passphrase', method: 'PUT', body: { passphrase } }),
      invalidatesTags: ['Home'],
    }),
    makeCalendar: build.mutation<CalendarAddress, void>({
      query: () => ({ url: '/home/calendar', method: 'POST', body: {} }),
      invalidatesTags: ['Home'],
    }),
    removeCalendar: build.mutation<void, void>({
      query: () => ({ url: '/home/calendar', method: 'DELETE' }),
      invalidatesTags: ['Home'],
    }),
    forgetDevice: build.mutation<void, string>({
      query: (id) => ({ url: `/home/devices/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Home'],
    }),
  }),
});
