import type { LearntKind, LearntSummary } from '@ember-fold/core/ledger';
import { api } from './api';

/** What was learnt, for the page that shows it: the other rooms take only the figures. */
export const learntApi = api.injectEndpoints({
  endpoints: (build) => ({
    /** The same, with what each figure was learnt from. */
    learntSummary: build.query<LearntSummary, void>({ query: () => '/learnt/told', providesTags: ['Learnt'] }),
    /** A learnt figure is put back to what is usual, or counts again. */
    putUsual: build.mutation<LearntSummary, { kind: LearntKind; key: string; isUsual: boolean }>({
      query: (body) => ({ url: '/learnt/usual', method: 'PUT', body }),
      invalidatesTags: ['Learnt'],
    }),
  }),
});
