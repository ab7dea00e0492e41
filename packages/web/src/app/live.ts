import type { CookAct } from '@ember-fold/core';
import { useEffect } from 'react';
import { api } from './api';
import { cookApi, type StoredCookAct, type Timer } from './cookApi';
import { noteServerTime } from './serverClock';
import { store } from './store';
import { serverAnswered } from './useOnline';

const RETRY_MS = 1200;
/** What is told while a page opens is held up by its scripts: the time is asked once more when it rests. */
const ASK_TIME_MS = 1000;
/** No word for so long: the stream is dead though nobody said so. The server beats each 10 s. */
const SILENT_MS = 25_000;

const ASK = { forceRefetch: true, subscribe: false } as const;

interface Told {
  readonly nowMs: number;
  readonly timers?: readonly Timer[];
  readonly timer?: Timer;
  readonly batchId?: string;
  readonly stored?: StoredCookAct;
}

/** Adds an acknowledged act in its place; the answer to it may have brought it already. */
export function withCookAct(acts: readonly StoredCookAct[], stored: StoredCookAct): StoredCookAct[] {
  if (acts.some((known) => known.seq === stored.seq)) return [...acts];
  return [...acts, stored].sort((a, b) => a.seq - b.seq);
}

/** One change of one timer, as the server keeps it. */
export function withTimer(timers: readonly Timer[], timer: Timer): Timer[] {
  const others = timers.filter((one) => one.id !== timer.id);
  return timer.stoppedMs === null ? [...others, timer].sort((a, b) => a.endsMs - b.endsMs) : others;
}

function take(event: string, told: Told): void {
  noteServerTime(told.nowMs);
  const { dispatch } = store;
  if (event === 'timers') dispatch(cookApi.util.upsertQueryData('timers', undefined, [...(told.timers ?? [])]));
  if (event === 'timer' && told.timer) {
    const { timer } = told;
    dispatch(cookApi.util.updateQueryData('timers', undefined, (now) => withTimer(now, timer)));
  }
  if (event === 'stove') dispatch(api.util.invalidateTags(['Stoves', 'Batches', 'Order']));
  if (event === 'cook' && told.batchId && told.stored) {
    const { batchId, stored } = told;
    dispatch(cookApi.util.updateQueryData('cook', batchId, (now) => withCookAct(now, stored)));
  }
}

/** Keeps the live stream open in every room; after a gap everything shown is asked again. */
export function useLive(): void {
  useEffect(() => {
    let source: EventSource | null = null;
    let timer: ReturnType<typeof setTimeout> | undefined;
    let asking: ReturnType<typeof setTimeout> | undefined;
    let heardMs = performance.now();
    const connect = () => {
      source?.close();
      clearTimeout(timer);
      clearTimeout(asking);
      heardMs = performance.now();
      source = new EventSource('/api/live');
      source.onopen = () => {
        serverAnswered(true);
        // What happened on run-sheets meanwhile.
        store.dispatch(api.util.invalidateTags(['Cook', 'Stoves']));
        asking = setTimeout(() => void store.dispatch(cookApi.endpoints.timers.initiate(undefined, ASK)), ASK_TIME_MS);
      };
      source.onerror = () => {
        serverAnswered(false);
        source?.close();
        timer = setTimeout(connect, RETRY_MS);
      };
      for (const name of ['timers', 'timer', 'cook', 'stove', 'time']) {
        source.addEventListener(name, (event) => {
          heardMs = performance.now();
          take(name, JSON.parse(event.data as string) as Told);
        });
      }
    };
    connect();
    const watch = setInterval(() => {
      if (performance.now() - heardMs > SILENT_MS) connect();
    }, 5000);
    // Back from sleep, or from behind another window: the time may have stood still.
    const onSeen = () => document.visibilityState === 'visible' && connect();
    document.addEventListener('visibilitychange', onSeen);
    window.addEventListener('online', connect);
    return () => {
      clearTimeout(timer);
      clearTimeout(asking);
      clearInterval(watch);
      source?.close();
      document.removeEventListener('visibilitychange', onSeen);
      window.removeEventListener('online', connect);
    };
  }, []);
}

/** An act with what every act has: an id of its own and its moment. */
export type CookTold = CookAct extends infer A ? (A extends CookAct ? Omit<A, 'id' | 'atMs'> : never) : never;
