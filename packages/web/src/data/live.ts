import type { CookAct } from '@ember-fold/core';
import { useEffect } from 'react';
import { api } from './api';
import { isKitchenSaving } from './editKitchen';
import { keepAnswer, takeGiven } from './keptAnswers';
import { cookApi, type StoredCookAct, type Timer, withCookAct } from './cookApi';
import { noteServerTime } from './serverClock';
import { store } from './store';
import { serverAnswered } from './useOnline';

const RETRY_MS = 1200;
/** No word for so long: the stream is dead though nobody said so. The server beats each 10 s. */
const SILENT_MS = 25_000;

interface Told {
  readonly nowMs: number;
  readonly timers?: readonly Timer[];
  readonly timer?: Timer;
  readonly batchId?: string;
  readonly stored?: StoredCookAct;
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
  if (event === 'timers' || event === 'timer') {
    const timers = cookApi.endpoints.timers.select()(store.getState()).data;
    void keepAnswer('/timers', { timers, nowMs: told.nowMs });
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
    let heardMs = performance.now();
    const connect = () => {
      source?.close();
      clearTimeout(timer);
      heardMs = performance.now();
      source = new EventSource('/api/live');
      source.onopen = () => {
        serverAnswered(true);
        // What happened on run-sheets meanwhile.
        store.dispatch(api.util.invalidateTags(['Cook', 'Stoves']));
        if (takeGiven())
          store.dispatch(
            api.util.invalidateTags([
              'Flours',
              'Ingredients',
              'Oils',
              ...(isKitchenSaving() ? [] : ['Kitchen' as const]),
            ]),
          );
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
      clearInterval(watch);
      source?.close();
      document.removeEventListener('visibilitychange', onSeen);
      window.removeEventListener('online', connect);
    };
  }, []);
}

/** An act with what every act has: an id of its own and its moment. */
export type CookTold = CookAct extends infer A ? (A extends CookAct ? Omit<A, 'id' | 'atMs'> : never) : never;
