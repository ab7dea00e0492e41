import type { CookAct, RunStepId } from '@ember-fold/core';
import { api } from './api';
import { noteServerTime } from './serverClock';

export interface StoredCookAct {
  readonly seq: number;
  readonly act: CookAct;
}
/** A timer of the kitchen, ms by the server's clock. */
export interface Timer {
  readonly id: string;
  readonly batchId: string | null;
  readonly step: RunStepId | null;
  readonly name: string;
  readonly startedMs: number;
  readonly endsMs: number;
  readonly stoppedMs: number | null;
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
