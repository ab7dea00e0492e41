import type {
  FlourAsk,
  FlourNote,
  Flours,
  Learnt,
  LedgerEntry,
  LedgerNote,
  LedgerRecord,
} from '@ember-fold/core/ledger';
import type { ApiProblem, Batch, BatchDraft, BatchSummary, KitchenRow, Paged, SupperRow } from '@ember-fold/core/plan';
import type { LitStove } from '@ember-fold/core/stove';
import type { Supper, SupperDay } from '@ember-fold/core/supper';
import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';
import { SHARED } from '#text/shared/sharedPhrases';
import { keepAnswer, keptAnswer } from '../offline/keptAnswers';
import { setShutOut } from '../offline/door';
import { serverAnswered } from '../offline/useOnline';

const fetchJson = fetchBaseQuery({ baseUrl: '/api', fetchFn: (input, init) => fetch(input, init) });

/** A time or a stove that was told goes on meanwhile. */
function aged(answer: unknown, agoMs: number): unknown {
  if (answer === null || typeof answer !== 'object') return answer;
  const { nowMs, nowS, speed } = answer as { nowMs?: number; nowS?: number; speed?: number };
  return {
    ...answer,
    ...(typeof nowMs === 'number' && { nowMs: nowMs + agoMs }),
    ...(typeof nowS === 'number' && typeof speed === 'number' && { nowS: nowS + (agoMs / 1000) * speed }),
  };
}

/**
 * Every request also tells the page whether the server is there. Every answer to a question is
 * kept in the browser: where the server cannot be asked, the page shows what it last told.
 */
const request: typeof fetchJson = async (args, queryApi, options) => {
  const result = await fetchJson(args, queryApi, options);
  const away = result.error?.status === 'FETCH_ERROR';
  if (typeof args === 'string') {
    if (result.data !== undefined) void keepAnswer(args, result.data);
    else if (away) {
      if (!queryApi.signal.aborted) serverAnswered(false);
      const kept = await keptAnswer<unknown>(args);
      if (kept) return { data: Array.isArray(kept.answer) ? kept.answer : aged(kept.answer, kept.agoMs) };
    }
  }
  if (problemOf(result.error).code === 'NOT_PAIRED') setShutOut(true);
  if (result.data !== undefined || !away) serverAnswered(true);
  else if (!queryApi.signal.aborted) serverAnswered(false);
  return result;
};

/** All server data goes through here. It is long because it is a list of endpoints. */
export const api = createApi({
  reducerPath: 'api',
  baseQuery: request,
  // See askedEarly: what is on its way already is asked again when it has come.
  invalidationBehavior: 'immediately',
  tagTypes: [
    'Devices',
    'Copies',
    'Home',
    'Imports',
    'DayPlan',
    'Batches',
    'Batch',
    'Kitchen',
    'Stove',
    'Stoves',
    'Ledger',
    'Record',
    'Flours',
    'Learnt',
    'Ingredients',
    'Formulas',
    'Formula',
    'Uses',
    'Stock',
    'Cook',
    'Oils',
    'Order',
    'Shopping',
    'StoragePlan',
    'Suppers',
  ],
  endpoints: (build) => ({
    /** One waiting act, as the outbox has it. */
    sendRaw: build.mutation<unknown, { method: 'POST' | 'PUT'; path: string; body: unknown }>({
      query: ({ method, path, body }) => ({ url: path, method, body }),
    }),
    kitchen: build.query<KitchenRow, void>({ query: () => '/kitchen', providesTags: ['Kitchen'] }),
    /** The kitchen as the server has it, past what is shown: for a save that lost. */
    kitchenNow: build.mutation<KitchenRow, void>({ query: () => ({ url: '/kitchen', method: 'GET' }) }),
    saveKitchen: build.mutation<KitchenRow, KitchenRow>({
      query: (body) => ({ url: '/kitchen', method: 'PUT', body }),
    }),
    flours: build.query<Flours, void>({ query: () => '/flours', providesTags: ['Flours'] }),
    learnt: build.query<Learnt, void>({ query: () => '/learnt', providesTags: ['Learnt'] }),
    noteFlour: build.mutation<FlourNote, FlourAsk>({
      query: (body) => ({ url: '/flours', method: 'POST', body }),
      invalidatesTags: ['Flours'],
    }),
    changeFlour: build.mutation<FlourNote, Pick<FlourNote, 'id' | 'pouredKg' | 'felt'>>({
      query: ({ id, ...body }) => ({ url: `/flours/${id}`, method: 'PUT', body }),
      invalidatesTags: ['Flours'],
    }),
    forgetFlour: build.mutation<void, string>({
      query: (id) => ({ url: `/flours/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Flours'],
    }),
    batches: build.query<BatchSummary[], string | void>({
      query: (search) => (search ? `/batches?search=${encodeURIComponent(search)}` : '/batches'),
      providesTags: ['Batches'],
    }),
    batch: build.query<Batch, string>({
      query: (id) => `/batches/${id}`,
      providesTags: (_result, _error, id) => [{ type: 'Batch', id }],
    }),
    /** A batch as the list has it: asked again when the list shows a newer one, never for one that is gone. */
    batchAt: build.query<Batch, { readonly id: string; readonly version: number }>({
      query: ({ id }) => `/batches/${id}`,
    }),
    makeBatchFrom: build.mutation<Batch, { id: string; draft: BatchDraft }>({
      query: (body) => ({ url: '/batches', method: 'POST', body }),
      invalidatesTags: ['Batches', 'Shopping', 'Uses'],
    }),
    saveBatch: build.mutation<Batch, { id: string; version: number; draft: BatchDraft }>({
      query: ({ id, ...body }) => ({ url: `/batches/${id}`, method: 'PUT', body }),
      invalidatesTags: ['Batches', 'Shopping', 'Uses'],
    }),
    deleteBatch: build.mutation<void, string>({
      query: (id) => ({ url: `/batches/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Batches', 'Shopping', 'Uses', 'Stoves', 'Order'],
    }),
    /** Finished batches of suppers that are not over. */
    cooked: build.query<BatchSummary[], void>({ query: () => '/suppers/cooked', providesTags: ['Batches'] }),
    suppers: build.query<SupperRow[], void>({ query: () => '/suppers', providesTags: ['Suppers'] }),
    /** One as the server has it, past what is shown: for a save that lost. */
    supperNow: build.mutation<SupperRow, string>({ query: (id) => ({ url: `/suppers/${id}`, method: 'GET' }) }),
    makeSupper: build.mutation<SupperRow, { id: string; supper: Supper }>({
      query: (body) => ({ url: '/suppers', method: 'POST', body }),
      invalidatesTags: ['Suppers'],
    }),
    saveSupper: build.mutation<SupperRow, SupperRow>({
      query: ({ id, ...body }) => ({ url: `/suppers/${id}`, method: 'PUT', body }),
    }),
    /** The plan of a supper as it is now: one truth for every room. */
    dayPlan: build.query<SupperDay, string>({
      query: (id) => `/suppers/${id}/plan`,
      providesTags: (_result, _error, id) => [{ type: 'DayPlan', id }],
    }),
    deleteSupper: build.mutation<void, string>({
      query: (id) => ({ url: `/suppers/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Suppers', 'Batches', 'Order'],
    }),
    stoves: build.query<LitStove[], void>({ query: () => '/stoves', providesTags: ['Stoves'] }),
    /** Finished by mistake: it goes on. */
    reopenBatch: build.mutation<{ batchId: string }, string>({
      query: (id) => ({ url: `/batches/${id}/stove/reopen`, method: 'POST', body: {} }),
      invalidatesTags: ['Batches', 'Batch', 'Ledger', 'Stove', 'Stoves', 'Oils', 'Order'],
    }),
    ledger: build.infiniteQuery<Paged<LedgerEntry>, string, string>({
      infiniteQueryOptions: { initialPageParam: '', getNextPageParam: (last) => last.next ?? undefined },
      query: ({ queryArg, pageParam }) => `/ledger?${queryArg}&after=${pageParam}`,
      providesTags: ['Ledger'],
    }),
    record: build.query<LedgerRecord, string>({ query: (id) => `/ledger/${id}`, providesTags: ['Record'] }),
    saveNotes: build.mutation<LedgerNote, LedgerNote & { readonly id: string }>({
      query: ({ id, ...body }) => ({ url: `/ledger/${id}/notes`, method: 'PUT', body }),
      async onQueryStarted({ id }, { dispatch, queryFulfilled }) {
        const { data } = await queryFulfilled.catch(() => ({ data: null }));
        if (!data) return;
        dispatch(api.util.updateQueryData('record', id, (record) => ({ ...record, note: data })));
      },
    }),
  }),
});

/** What went wrong, in one sentence, whatever shape the failure has. */
export function problemOf(error: unknown): ApiProblem {
  const data = (error as { data?: Partial<ApiProblem> } | undefined)?.data;
  if (data?.code && data.message) return data as ApiProblem;
  return { code: 'AWAY', message: SHARED.serverAway };
}

export const { sendRaw } = api.endpoints;
