import type { StoveAct, StartStoveAsk, StoredAct, StoredReading, Stove } from '@ember-fold/core/stove';
import { isDraft, original } from 'immer';
import { api } from './api';
import { dropAnswer, keepAnswer } from '../offline/keptAnswers';
import { onLive } from '../live/stream';

/** A stove as the server has told it so far, with the page's clock: stove s at a moment of the page. */
export interface KnownStove extends Stove {
  readonly clock: { readonly nowS: number; readonly atMs: number };
}

/** A list with more in their places; sent twice they are there once. The usual case costs no search. */
function placed<T extends { readonly seq: number }>(list: readonly T[], more: readonly T[]): readonly T[] {
  const last = list[list.length - 1]?.seq ?? -1;
  const beyond = more.filter(({ seq }) => seq > last);
  if (beyond.length === more.length) return more.length === 0 ? list : [...list, ...more];
  const known = new Set(list.map(({ seq }) => seq));
  const fresh = more.filter(({ seq }) => !known.has(seq));
  return fresh.length === 0 ? list : [...list, ...fresh].sort((a, b) => a.seq - b.seq);
}

/** The plain value behind a draft of the cache: a list of thousands must not become thousands of drafts. */
const plain = (value: KnownStove): KnownStove => (isDraft(value) ? (original<unknown>(value) as KnownStove) : value);

/** With an act in its place; sent twice it is there once. */
function withAct(stove: KnownStove, stored: StoredAct): KnownStove {
  const acts = placed(stove.acts, [stored]);
  return acts === stove.acts ? stove : { ...stove, acts };
}

/** With readings in their places, late ones too. */
function withReadings(stove: KnownStove, told: readonly StoredReading[], nowS: number): KnownStove {
  return { ...stove, readings: placed(stove.readings, told), clock: { nowS, atMs: performance.now() } };
}

/** What was answered and what is known: nothing that is known is lost to an answer that was asked before it. */
function withKnown(answer: KnownStove, known: KnownStove): KnownStove {
  return { ...answer, acts: placed(answer.acts, known.acts), readings: placed(answer.readings, known.readings) };
}

/** As many of the newest readings are kept in the browser: pieces in the pot are replayed through them. */
const MOST_KEPT = 3000;
const KEEP_EACH_MS = 2000;
const keptAtMs = new Map<string, number>();

/** What is known is kept, at most every other second, and at once when something was done. */
function keep(stove: KnownStove, isActed: boolean): void {
  const { clock, ...told } = stove;
  const key = `/batches/${stove.batchId}/stove`;
  if (stove.endedAt !== null) return void dropAnswer(key);
  const nowMs = performance.now();
  if (!isActed && nowMs - (keptAtMs.get(key) ?? -Infinity) < KEEP_EACH_MS) return;
  keptAtMs.set(key, nowMs);
  const nowS = clock.nowS + ((nowMs - clock.atMs) / 1000) * stove.speed;
  void keepAnswer(key, { ...told, readings: stove.readings.slice(-MOST_KEPT), nowS } satisfies Stove);
}

/** Stoves: all that is recorded of one, then what happens, for as long as something shows it. */
export const stoveApi = api.injectEndpoints({
  endpoints: (build) => ({
    stove: build.query<KnownStove, string>({
      query: (batchId) => `/batches/${batchId}/stove`,
      transformResponse: (stove: Stove) => ({ ...stove, clock: { nowS: stove.nowS, atMs: performance.now() } }),
      merge: (known, answer) => withKnown(answer, plain(known as KnownStove)),
      providesTags: ['Stove'],
      // From one room to the next it is looked at again at once.
      keepUnusedDataFor: 3,
      async onCacheEntryAdded(batchId, { cacheDataLoaded, cacheEntryRemoved, updateCachedData, getCacheEntry }) {
        // What is told before the answer is there must not be lost.
        const early: ((stove: KnownStove) => KnownStove)[] = [];
        let isLoaded = false;
        const change = (how: (stove: KnownStove) => KnownStove, isActed: boolean) => {
          if (!isLoaded) return void early.push(how);
          updateCachedData((now) => how(plain(now as KnownStove)));
          const { data } = getCacheEntry();
          if (data) keep(data, isActed);
        };
        const stop = onLive((told) => {
          if (told.kind === 'act' && told.batchId === batchId) change((now) => withAct(now, told.stored), true);
          if (told.kind === 'readings' && told.batchId === batchId)
            change((now) => withReadings(now, told.readings, told.nowS), false);
          if (told.kind === 'stove' && told.batchId === batchId) {
            // Lit again: it was finished by mistake.
            const at = new Date(told.nowMs).toISOString();
            change((now) => ({ ...now, endedAt: told.lit ? null : (now.endedAt ?? at) }), true);
          }
        });
        await cacheDataLoaded.catch(() => undefined);
        isLoaded = true;
        early.forEach((how) => change(how, true));
        await cacheEntryRemoved;
        stop();
      },
    }),
    startStove: build.mutation<Stove, StartStoveAsk & { readonly id: string }>({
      query: ({ id, ...body }) => ({ url: `/batches/${id}/stove`, method: 'POST', body }),
      invalidatesTags: ['Batches', 'Stoves', 'Order'],
      async onQueryStarted(_ask, { dispatch, queryFulfilled }) {
        const { data } = await queryFulfilled.catch(() => ({ data: null }));
        if (!data) return;
        const stove = { ...data, clock: { nowS: data.nowS, atMs: performance.now() } };
        void dispatch(stoveApi.util.upsertQueryData('stove', data.batchId, stove));
      },
    }),
  }),
});

/** An act that was acknowledged, before the stream tells it. */
export function actTaken(batchId: string, stored: { readonly seq: number; readonly act: StoveAct }) {
  return stoveApi.util.updateQueryData('stove', batchId, (now) => withAct(plain(now as KnownStove), stored));
}
