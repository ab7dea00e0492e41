import type {
  BatchDraft,
  Felt,
  FireAct,
  FlourBelief,
  FormId,
  Kitchen,
  LedgerFigures,
  OilReading,
  PlannedFigures,
  StartPoint,
} from '@ember-fold/core';
import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';
import { keepAnswer, keptAnswer } from './keptAnswers';
import { serverAnswered } from './useOnline';

export interface ApiProblem {
  readonly code: string;
  readonly message: string;
  readonly path?: string;
}
export interface BatchSummary {
  readonly id: string;
  readonly status: 'planned' | 'frying';
  readonly name: string;
  readonly pieces: number;
  readonly eatAt: string;
  readonly version: number;
}
export interface Batch {
  readonly id: string;
  readonly status: 'planned' | 'frying' | 'done';
  readonly draft: BatchDraft;
  readonly version: number;
}
export interface KitchenRow {
  readonly kitchen: Kitchen;
  readonly version: number;
}
export interface StoredAct {
  readonly seq: number;
  readonly act: FireAct;
}
export interface StoredReading extends OilReading {
  readonly seq: number;
}
export interface Stove {
  readonly batchId: string;
  readonly speed: number;
  /** The device whose readings are the oil's; `null`: none. */
  readonly probe: string | null;
  /** The first lot is one piece, to be judged. */
  readonly trial: boolean;
  readonly startedAt: string;
  readonly endedAt: string | null;
  readonly nowS: number;
  readonly draft: BatchDraft;
  readonly kitchen: Kitchen;
  readonly acts: readonly StoredAct[];
  readonly readings: readonly StoredReading[];
}
/** A pot that is lit. */
export interface LitStove {
  readonly batchId: string;
  readonly name: string;
  /** Of the kitchen's other pots; `null`: its own. */
  readonly potName: string | null;
  /** Across. */
  readonly potM: number;
  readonly startedAt: string;
}
export interface LedgerEntry {
  readonly id: string;
  readonly name: string;
  readonly pieces: number;
  readonly startedAt: string;
  readonly figures: LedgerFigures;
}
export interface LedgerRecord {
  readonly id: string;
  readonly draft: BatchDraft;
  readonly kitchen: Kitchen;
  readonly startedAt: string;
  readonly endedAt: string;
  readonly acts: readonly FireAct[];
  readonly readings: readonly OilReading[];
  readonly figures: LedgerFigures;
  readonly planned: PlannedFigures;
  readonly note: { readonly notes: string; readonly version: number };
}
/** One dough that was noted, and what it says of its flour. */
export interface FlourNote {
  readonly id: string;
  readonly flourId: string;
  readonly batchName: string;
  readonly pouredKg: number;
  readonly felt: Felt;
  readonly notedAt: string;
  readonly shift: number | null;
}
export interface Flours {
  readonly beliefs: Readonly<Record<string, FlourBelief>>;
  readonly observations: readonly FlourNote[];
}
export interface FlourAsk {
  readonly id: string;
  readonly batchName: string;
  readonly dough: Pick<BatchDraft['dough'], 'family' | 'lines'>;
  readonly pouredKg: number;
  readonly felt: Felt;
}
export interface StarterAsk {
  readonly id: string;
  readonly name: string;
  readonly form: FormId;
  readonly starterId: string;
  readonly pieces: number;
  readonly eatAt: string;
}

const fetchJson = fetchBaseQuery({ baseUrl: '/api', fetchFn: (input, init) => fetch(input, init) });

/** What every page needs before it can show a figure; as last told, where the server cannot be asked. */
const KEPT = new Set(['/kitchen', '/ingredients', '/flours', '/oils', '/timers']);

/** Every request also tells the page whether the server is there. */
const request: typeof fetchJson = async (args, queryApi, options) => {
  const result = await fetchJson(args, queryApi, options);
  const away = result.error?.status === 'FETCH_ERROR';
  if (typeof args === 'string' && KEPT.has(args)) {
    if (result.data !== undefined) void keepAnswer(args, result.data);
    else if (away) {
      serverAnswered(false);
      const kept = await keptAnswer<object>(args);
      // A time that was told has gone on meanwhile.
      if (kept && 'nowMs' in kept.answer)
        return { data: { ...kept.answer, nowMs: Number(kept.answer.nowMs) + kept.agoMs } };
      if (kept) return { data: kept.answer };
    }
  }
  if (result.data !== undefined || !away) serverAnswered(true);
  else if (!queryApi.signal.aborted) serverAnswered(false);
  return result;
};

/** All server data goes through here. */
export const api = createApi({
  reducerPath: 'api',
  baseQuery: request,
  tagTypes: [
    'Devices',
    'Batches',
    'Batch',
    'Kitchen',
    'Stove',
    'Stoves',
    'Ledger',
    'Record',
    'Flours',
    'Ingredients',
    'Formulas',
    'Formula',
    'Uses',
    'Stock',
    'Cook',
    'Oils',
    'Order',
    'Shopping',
  ],
  refetchOnReconnect: true,
  endpoints: (build) => ({
    /** One waiting act, as the outbox has it. */
    sendRaw: build.mutation<unknown, { method: 'POST' | 'PUT'; path: string; body: unknown }>({
      query: ({ method, path, body }) => ({ url: path, method, body }),
    }),
    kitchen: build.query<KitchenRow, void>({ query: () => '/kitchen', providesTags: ['Kitchen'] }),
    saveKitchen: build.mutation<KitchenRow, KitchenRow>({
      query: (body) => ({ url: '/kitchen', method: 'PUT', body }),
    }),
    flours: build.query<Flours, void>({ query: () => '/flours', providesTags: ['Flours'] }),
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
    batches: build.query<BatchSummary[], void>({ query: () => '/batches', providesTags: ['Batches'] }),
    batch: build.query<Batch, string>({ query: (id) => `/batches/${id}`, providesTags: ['Batch'] }),
    makeBatch: build.mutation<Batch, StarterAsk>({
      query: (body) => ({ url: '/batches/from-starter', method: 'POST', body }),
      invalidatesTags: ['Batches', 'Shopping', 'Uses'],
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
    stove: build.query<Stove, string>({ query: (id) => `/batches/${id}/stove`, providesTags: ['Stove'] }),
    stoves: build.query<LitStove[], void>({ query: () => '/stoves', providesTags: ['Stoves'] }),
    startStove: build.mutation<
      Stove,
      { id: string; speed: number; gate: readonly StartPoint[]; probe: string | null; trial: boolean }
    >({
      query: ({ id, ...body }) => ({ url: `/batches/${id}/stove`, method: 'POST', body }),
      invalidatesTags: ['Batches', 'Stove', 'Stoves', 'Order'],
    }),
    act: build.mutation<StoredAct, { id: string; act: FireAct }>({
      query: ({ id, act }) => ({ url: `/batches/${id}/stove/acts`, method: 'POST', body: act }),
    }),
    finishBatch: build.mutation<{ batchId: string }, string>({
      query: (id) => ({ url: `/batches/${id}/stove/finish`, method: 'POST', body: {} }),
      invalidatesTags: ['Batches', 'Ledger', 'Stove', 'Stoves', 'Oils', 'Order'],
    }),
    ledger: build.query<LedgerEntry[], void>({ query: () => '/ledger', providesTags: ['Ledger'] }),
    record: build.query<LedgerRecord, string>({ query: (id) => `/ledger/${id}`, providesTags: ['Record'] }),
    saveNotes: build.mutation<{ notes: string; version: number }, { id: string; notes: string; version: number }>({
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
  return { code: 'AWAY', message: 'The server does not answer just now. What is on this page is kept.' };
}

export const { sendRaw } = api.endpoints;
