import type { ApiProblem } from '@ember-fold/core/plan';
import type { BaseQueryFn, FetchArgs, FetchBaseQueryError } from '@reduxjs/toolkit/query';
import { SHARED } from '#text/shared/sharedPhrases';
import { api } from './api';
import { handedOver } from '../offline/outbox';

type Ended = { readonly batchId: string };
type Ask = (args: FetchArgs) => ReturnType<BaseQueryFn<FetchArgs, unknown, FetchBaseQueryError>>;

/** Asks for a batch to be ended once nothing that this page did for it is still on its way: it takes no more afterwards. */
async function endBatch(batchId: string, ask: Ask, url: string, body: object) {
  if (!(await handedOver([`stove:${batchId}`, `cook:${batchId}`]))) {
    const problem: ApiProblem = { code: 'WAITING', message: SHARED.notHandedOver };
    return { error: { status: 409 as const, data: problem } };
  }
  const { data, error } = await ask({ url: `/batches/${batchId}/${url}`, method: 'POST', body });
  return error ? { error } : { data: data as Ended };
}

/** What ends a batch goes to the server behind all that was done, never before it. */
export const finishApi = api.injectEndpoints({
  endpoints: (build) => ({
    finishBatch: build.mutation<Ended, { id: string; left?: 'freezer' | 'fridge' | 'bin' | undefined }>({
      queryFn: ({ id, left }, _api, _options, ask) => endBatch(id, ask, 'stove/finish', left ? { left } : {}),
      invalidatesTags: ['Batches', 'Ledger', 'Stove', 'Stoves', 'Oils', 'Order', 'StoragePlan'],
    }),
    /** A batch of which nothing is fried. */
    finishCooked: build.mutation<Ended, string>({
      queryFn: (id, _api, _options, ask) => endBatch(id, ask, 'cook/finish', {}),
      invalidatesTags: ['Batches', 'Ledger', 'Order'],
    }),
  }),
});
