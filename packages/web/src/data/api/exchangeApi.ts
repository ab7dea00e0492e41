import type {
  DocumentOf,
  ImportPreview,
  ImportRow,
  ImportUndone,
  ItemRef,
  KitchenDocument,
} from '@ember-fold/core/files';
import type { LedgerEntry } from '@ember-fold/core/ledger';
import type { Paged } from '@ember-fold/core/plan';
import { api } from './api';

const AS_JSON = { 'content-type': 'application/json' };

/** Files of the kitchen, out and in. */
export const exchangeApi = api.injectEndpoints({
  endpoints: (build) => ({
    document: build.query<KitchenDocument, { of: DocumentOf; id: string }>({
      query: ({ of, id }) => ({ url: `/exchange/${of}/${id}` }),
      keepUnusedDataFor: 0,
    }),
    /** The same as text. */
    documentText: build.query<string, { of: DocumentOf; id: string }>({
      query: ({ of, id }) => ({ url: `/exchange/${of}/${id}`, responseHandler: 'text' }),
      keepUnusedDataFor: 0,
    }),
    /** All of the ledger, page after page, for a table. */
    wholeLedger: build.query<LedgerEntry[], void>({
      async queryFn(_none, _api, _options, ask) {
        const found: LedgerEntry[] = [];
        for (let next: string | null = ''; next !== null;) {
          const { data, error } = await ask(`/ledger?most=1000${next === '' ? '' : `&after=${next}`}`);
          if (error) return { error };
          const page = data as Paged<LedgerEntry>;
          found.push(...page.rows);
          next = page.next;
        }
        return { data: found };
      },
      keepUnusedDataFor: 0,
    }),
    imports: build.query<ImportRow[], void>({ query: () => '/exchange', providesTags: ['Imports'] }),
    /** The file as it is written; whether it is JSON at all, the server says. */
    previewFile: build.mutation<ImportPreview, string>({
      query: (body) => ({ url: '/exchange/preview', method: 'POST', body, headers: AS_JSON }),
    }),
    takeFile: build.mutation<ImportRow, { id: string; document: string; chosen: readonly ItemRef[] }>({
      // Put together as text: to parse and write a large file would stop the page for seconds.
      query: ({ id, chosen, document }) => ({
        url: '/exchange/take',
        method: 'POST',
        body: `{"id":${JSON.stringify(id)},"chosen":${JSON.stringify(chosen)},"document":${document}}`,
        headers: AS_JSON,
      }),
      invalidatesTags: ['Imports'],
    }),
    undoFile: build.mutation<ImportUndone, string>({
      query: (id) => ({ url: `/exchange/${id}/undo`, method: 'POST', body: {} }),
      invalidatesTags: ['Imports'],
    }),
  }),
});
