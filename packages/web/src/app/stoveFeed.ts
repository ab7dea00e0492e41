import { useCallback, useSyncExternalStore } from 'react';
import { api, type ApiProblem, problemOf, type Stove, type StoredAct, type StoredReading } from './api';
import { store } from './store';
import { serverAnswered } from './useOnline';

/** A stove as the server has told it so far. */
export interface KnownStove {
  readonly stove: Stove;
  readonly acts: readonly StoredAct[];
  readonly readings: readonly StoredReading[];
  readonly ended: boolean;
  /** The page's clock: stove s at a wall moment. */
  readonly clock: { readonly nowS: number; readonly atMs: number };
}

interface Followed {
  readonly known: KnownStove | null;
  readonly problem: ApiProblem | null;
}

const RETRY_MS = 1200;
const KEPT_MS = 3000;
const NOTHING: Followed = { known: null, problem: null };
const followed = new Map<string, Followed>();
const watchers = new Map<string, Set<() => void>>();

function put(batchId: string, next: Followed): void {
  followed.set(batchId, next);
  watchers.get(batchId)?.forEach((watcher) => watcher());
}

function change(batchId: string, how: (known: KnownStove) => KnownStove): void {
  const known = followed.get(batchId)?.known;
  if (known) put(batchId, { known: how(known), problem: null });
}

/** A stove that was just lit, or read whole. */
export function takeStove(stove: Stove): void {
  const { batchId, acts, readings, nowS, endedAt } = stove;
  const clock = { nowS, atMs: performance.now() };
  put(batchId, { known: { stove, acts, readings, ended: endedAt !== null, clock }, problem: null });
  connect();
}

/** Adds an acknowledged act in its place; the stream may have brought it already. */
export function takeAct(batchId: string, stored: StoredAct): void {
  change(batchId, (known) =>
    known.acts.some(({ seq }) => seq === stored.seq)
      ? known
      : { ...known, acts: [...known.acts, stored].sort((a, b) => a.seq - b.seq) },
  );
}

function takeReadings(batchId: string, told: readonly StoredReading[], nowS: number): void {
  const clock = { nowS, atMs: performance.now() };
  change(batchId, (known) => {
    const last = lastSeq(known.readings);
    const fresh = told.filter(({ seq }) => seq > last);
    return { ...known, clock, readings: fresh.length > 0 ? [...known.readings, ...fresh] : known.readings };
  });
}

const lastSeq = (list: readonly { readonly seq: number }[]): number => list[list.length - 1]?.seq ?? 0;

/** Everything recorded so far; asked again until the server answers. */
async function load(batchId: string): Promise<void> {
  const result = await store.dispatch(api.endpoints.stove.initiate(batchId, { forceRefetch: true, subscribe: false }));
  if (!watchers.get(batchId)?.size || followed.get(batchId)?.known) return;
  if (result.data) return takeStove(result.data);
  const problem = problemOf(result.error);
  put(batchId, { known: null, problem });
  if (problem.code === 'AWAY' || problem.code === 'NO_DATABASE') setTimeout(() => void load(batchId), RETRY_MS);
}

let source: EventSource | null = null;
let streamed = '';
let retry: ReturnType<typeof setTimeout> | undefined;

/**
 * One stream for all stoves this page follows: a browser opens only a few connections. It starts
 * where each of them stands, so nothing is told twice and nothing left out.
 */
function connect(anew = false): void {
  const live = [...followed].flatMap(([id, { known }]) => (known && !known.ended ? [{ id, known }] : []));
  const who = live.map(({ id }) => id).join();
  if (!anew && source !== null && who === streamed) return;
  clearTimeout(retry);
  source?.close();
  source = null;
  streamed = who;
  if (live.length === 0) return;
  const of = live.map(({ id, known }) => `${id}.${lastSeq(known.acts)}.${lastSeq(known.readings)}`).join();
  const opened = new EventSource(`/api/stoves/stream?of=${of}`);
  source = opened;
  opened.onopen = () => serverAnswered(true);
  opened.onerror = () => {
    serverAnswered(false);
    opened.close();
    if (source === opened) retry = setTimeout(() => connect(true), RETRY_MS);
  };
  const on = <T>(event: string, take: (told: T & { batchId: string }) => void) =>
    opened.addEventListener(event, (told) => take(JSON.parse(told.data as string) as T & { batchId: string }));
  on<StoredAct>('act', ({ batchId, seq, act }) => takeAct(batchId, { seq, act }));
  on<{ readings: StoredReading[]; nowS: number }>('readings', ({ batchId, readings, nowS }) =>
    takeReadings(batchId, readings, nowS),
  );
  on('end', ({ batchId }) => {
    change(batchId, (known) => ({ ...known, ended: true }));
    connect();
  });
}

// Back from sleep or from behind another window: a stream that looks alive may be dead.
document.addEventListener('visibilitychange', () => {
  if (document.visibilityState === 'visible' && followed.size > 0) connect(true);
});

/** Forgets a stove nobody looks at any more. */
function drop(batchId: string): void {
  if ((watchers.get(batchId)?.size ?? 0) > 0) return;
  watchers.delete(batchId);
  followed.delete(batchId);
  connect();
}

/** Follows one stove for as long as something shows it: all that is recorded, then what happens. */
export function useStoveFeed(batchId: string): Followed {
  const subscribe = useCallback(
    (watcher: () => void) => {
      const set = watchers.get(batchId) ?? new Set();
      watchers.set(batchId, set.add(watcher));
      if (set.size === 1 && !followed.get(batchId)?.known) void load(batchId);
      return () => {
        set.delete(watcher);
        // From one room to the next it is looked at again at once.
        if (set.size === 0) setTimeout(() => drop(batchId), KEPT_MS);
      };
    },
    [batchId],
  );
  return useSyncExternalStore(subscribe, () => followed.get(batchId) ?? NOTHING);
}
