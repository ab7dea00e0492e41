import type { TagCount } from '@ember-fold/core/ledger';
import { api } from './api';

/** Tags of records, and records that go and come back. */
export const recordApi = api.injectEndpoints({
  endpoints: (build) => ({
    tags: build.query<readonly TagCount[], void>({ query: () => '/ledger/tags', providesTags: ['Ledger'] }),
    setTag: build.mutation<{ readonly tags: readonly string[] }, { id: string; tag: string; on: boolean }>({
      query: ({ id, ...body }) => ({ url: `/ledger/${id}/tags`, method: 'PUT', body }),
      invalidatesTags: ['Ledger', 'Record'],
    }),
    savePhoto: build.mutation<void, { id: string; mark: string; jpeg: string }>({
      query: ({ id, mark, jpeg }) => ({ url: `/ledger/${id}/photos/${mark}`, method: 'PUT', body: { jpeg } }),
      invalidatesTags: ['Record'],
    }),
    deletePhoto: build.mutation<void, { id: string; mark: string }>({
      query: ({ id, mark }) => ({ url: `/ledger/${id}/photos/${mark}`, method: 'DELETE' }),
      invalidatesTags: ['Record'],
    }),
    deleteRecord: build.mutation<void, string>({
      query: (id) => ({ url: `/ledger/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Ledger', 'Record', 'Learnt'],
    }),
    putBack: build.mutation<{ readonly id: string }, string>({
      query: (id) => ({ url: `/ledger/${id}/back`, method: 'POST', body: {} }),
      invalidatesTags: ['Ledger', 'Record', 'Learnt'],
    }),
  }),
});
