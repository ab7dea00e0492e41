import type { FryOrder, FryPlace, Oil, OilEvent, OilSigns, OilState } from '@ember-fold/core';
import { api } from './api';

export interface OilRow {
  readonly oil: Oil;
  readonly events: readonly OilEvent[];
  readonly state: OilState;
}
/** What a cook tells of kept oil. */
export type OilAct = { readonly id: string } & (
  | { readonly kind: 'topped-up'; readonly m3: number }
  | ({ readonly kind: 'judged' } & OilSigns)
  | { readonly kind: 'strained' | 'poured-away' }
);
/** The supper's batches at one pot; `left`: those that are never fried as planned. */
export interface SupperOrder {
  readonly order: FryOrder;
  readonly left: readonly string[];
  /** What is left of the supper in this oil once the batch asked about has been in it. */
  readonly after: readonly FryPlace[];
}

/** Kept oils and the order in which batches share one. */
export const oilApi = api.injectEndpoints({
  endpoints: (build) => ({
    oils: build.query<OilRow[], void>({ query: () => '/oils', providesTags: ['Oils'] }),
    addOil: build.mutation<OilRow, Oil & { readonly m3: number }>({
      query: (body) => ({ url: '/oils', method: 'POST', body }),
      invalidatesTags: ['Oils', 'Order'],
    }),
    tellOil: build.mutation<OilRow, { readonly oilId: string; readonly act: OilAct }>({
      query: ({ oilId, act }) => ({ url: `/oils/${oilId}/events`, method: 'POST', body: act }),
      invalidatesTags: ['Oils', 'Order'],
    }),
    supperOrder: build.query<SupperOrder, string>({
      query: (batchId) => `/oils/order/${batchId}`,
      providesTags: ['Order'],
    }),
  }),
});
