import type {
  DocumentOf,
  ImportPreview,
  ImportRow,
  ImportUndone,
  ItemRef,
  KitchenDocument,
  LedgerEntry,
  Paged,
} from '@ember-fold/core';
import { api } from './api';

/** Files of the kitchen, out and in. */
export const exchangeApi = api.injectEndpoints({
  endpoints: (build) => ({
    document: build.query<KitchenDocument, { of: DocumentOf; id: string }>({
      query: ({ of, id }) => ({ url: `/exchange/${of}/${id}` }),
      keepUnusedDataFor: 0,
    }),
    /** The newest of the ledger, for a table. */
    wholeLedger: build.query<Paged<LedgerEntry>, void>({
      query: () => ({ url: '/ledger?most=1000' }),
      keepUnusedDataFor: 0,
    }),
    imports: build.query<ImportRow[], void>({ query: () => '/exchange', providesTags: ['Imports'] }),
    previewFile: build.mutation<ImportPreview, unknown>({
      query: (body) => ({ url: '/exchange/preview', method: 'POST', body }),
    }),
    takeFile: build.mutation<ImportRow, { id: string; document: unknown; chosen: readonly ItemRef[] }>({
      query: (body) => ({ url: '/exchange/take', method: 'POST', body }),
      invalidatesTags: ['Imports'],
    }),
    undoFile: build.mutation<ImportUndone, string>({
      query: (id) => ({ url: `/exchange/${id}/undo`, method: 'POST', body: {} }),
      invalidatesTags: ['Imports'],
    }),
  }),
});
