import type { LooksRow, RecordLooks } from '@ember-fold/core/ledger';
import { api } from '../api/api';
import { answered, fresh } from './savedKinds';
import type { SavedKind } from './savedKind';
import { store } from './store';

const looksApi = api.injectEndpoints({
  endpoints: (build) => ({
    saveLooks: build.mutation<LooksRow, LooksRow & { readonly id: string }>({
      query: ({ id, ...body }) => ({ url: `/ledger/${id}/looks`, method: 'PUT', body }),
    }),
  }),
});

/** How what is noted and judged of a record is sent, asked for and shown. */

export const notesKind = (show: (text: string) => void): SavedKind<string> => ({
  send: async (id, { value, version }) =>
    answered(
      await store.dispatch(api.endpoints.saveNotes.initiate({ id, notes: value, version }, { track: false })),
      (note) => ({ value: note.notes, version: note.version }),
    ),
  fetch: async (id) =>
    answered(await store.dispatch(api.endpoints.record.initiate(id, fresh)), ({ note }) => ({
      value: note.notes,
      version: note.version,
    })),
  show: (_id, { value }) => show(value),
});

export const looksKind = (show: (looks: RecordLooks) => void): SavedKind<RecordLooks> => ({
  send: async (id, { value, version }) =>
    answered(
      await store.dispatch(looksApi.endpoints.saveLooks.initiate({ id, looks: value, version }, { track: false })),
      (row) => ({ value: row.looks, version: row.version }),
    ),
  fetch: async (id) =>
    answered(await store.dispatch(api.endpoints.record.initiate(id, fresh)), ({ looks }) => ({
      value: looks.looks,
      version: looks.version,
    })),
  show: (_id, { value }) => show(value),
});
