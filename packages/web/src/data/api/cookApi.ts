import type { StoredCookAct, Timer } from '@ember-fold/core/stove';
import { api } from './api';
import { noteServerTime } from '../live/serverClock';

/** Adds an acknowledged act in its place; the answer to it may have brought it already. */
export function withCookAct(acts: readonly StoredCookAct[], stored: StoredCookAct): StoredCookAct[] {
  if (acts.some((known) => known.seq === stored.seq)) return [...acts];
  return [...acts, stored].sort((a, b) => a.seq - b.seq);
}

/** Run-sheets and timers; changes come by the live stream. */
export const cookApi = api.injectEndpoints({
  endpoints: (build) => ({
    cook: build.query<StoredCookAct[], string>({
      query: (batchId) => `/batches/${batchId}/cook`,
      transformResponse: ({ acts, nowMs }: { acts: StoredCookAct[]; nowMs: number }) => {
        noteServerTime(nowMs);
        return acts;
      },
      // An answer that was asked before the last act may come after it: acts are only ever added.
      merge: (now, told) => told.reduce(withCookAct, [...now]),
      providesTags: ['Cook'],
    }),
    timers: build.query<Timer[], void>({
      query: () => '/timers',
      transformResponse: ({ timers, nowMs }: { timers: Timer[]; nowMs: number }) => {
        noteServerTime(nowMs);
        return timers;
      },
    }),
  }),
});
