import type { OilAct, OilRow, SupperOrder } from '@ember-fold/core/ledger';
import type { Oil } from '@ember-fold/core/stove';
import { api } from './api';

/** Kept oils and the order in which batches share one. */
export const oilApi = api.injectEndpoints({
  endpoints: (build) => ({
    oils: build.query<OilRow[], void>({ query: () => '/oils', providesTags: ['Oils'] }),
    addOil: build.mutation<OilRow, Oil & { readonly m3: number }>({
      query: (body) => ({ url: '/oils', method: 'POST', body }),
      invalidatesTags: ['Oils', 'Order', 'Shopping'],
    }),
    tellOil: build.mutation<OilRow, { readonly oilId: string; readonly act: OilAct }>({
      query: ({ oilId, act }) => ({ url: `/oils/${oilId}/events`, method: 'POST', body: act }),
      invalidatesTags: ['Oils', 'Order', 'Shopping'],
    }),
    supperOrder: build.query<SupperOrder, string>({
      query: (batchId) => `/oils/order/${batchId}`,
      providesTags: ['Order'],
    }),
  }),
});
