import { useCallback, useSyncExternalStore } from 'react';
import { api, type ApiProblem, problemOf, type Stove, type StoredAct, type StoredReading } from './api';
import { dropAnswer, keepAnswer, keptAnswer } from './keptAnswers';
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
/** As many stoves the server tells on one stream. */
const MOST_FOLLOWED = 8;
const NOTHING: Followed = { known: null, problem: null };
const followed = new Map<string, Followed>();
const watchers = new Map<string, Set<() => void>>();

const KEEP_EACH_MS = 2000;
/** As many of the newest readings are kept: pieces in the pot are replayed through them. */
const MOST_KEPT = 3000;
const keyOf = (batchId: string) => `stove ${batchId}`;
const keptAtMs = new Map<string, number>();

/** What is known, at most every other second; what was done, at once. */
function keep(batchId: string, known: KnownStove, before: KnownStove | null): void {
  if (known.ended) return void dropAnswer(keyOf(batchId));
  const nowMs = performance.now();
  if (known.acts === before?.acts && nowMs - (keptAtMs.get(batchId) ?? -Infinity) < KEEP_EACH_MS) return;
  keptAtMs.set(batchId, nowMs);
  const nowS = known.clock.nowS + ((nowMs - known.clock.atMs) / 1000) * known.stove.speed;
  const stove = { ...known.stove, acts: known.acts, readings: known.readings.slice(-MOST_KEPT), nowS };
  void keepAnswer(keyOf(batchId), stove satisfies Stove);
}

function put(batchId: string, next: Followed): void {
  if (next.known) keep(batchId, next.known, followed.get(batchId)?.known ?? null);
  followed.set(batchId, next);
  watchers.get(batchId)?.forEach((watcher) => watcher());
}

function change(batchId: string, how: (known: KnownStove) => KnownStove): void {
  const known = followed.get(batchId)?.known;
  if (known) put(batchId, { known: how(known), problem: null });
}

/**
 * A stove that was just lit, or read whole. What is known already and lies after it stays: an
 * answer may come after what the stream has told since it was asked.
 */
export function takeStove(stove: Stove): void {
  const { batchId, nowS, endedAt } = stove;
  const clock = { nowS, atMs: performance.now() };
  const before = followed.get(batchId)?.known;
  const acts = later(stove.acts, before?.acts);
  const readings = later(stove.readings, before?.readings);
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

/** What was answered, and after it what is known beyond. */
function later<T extends { readonly seq: number }>(told: readonly T[], known: readonly T[] = []): readonly T[] {
  const beyond = known.filter(({ seq }) => seq > lastSeq(told));
  return beyond.length > 0 ? [...told, ...beyond] : told;
}

const lastSeq = (list: readonly { readonly seq: number }[]): number => list[list.length - 1]?.seq ?? 0;

/** The server cannot be asked: the stove goes on from what this browser keeps of it, by the device's clock. */
async function takeKept(batchId: string): Promise<void> {
  const kept = await keptAnswer<Stove>(keyOf(batchId));
  if (!kept || followed.get(batchId)?.known) return;
  const { answer, agoMs } = kept;
  takeStove({ ...answer, nowS: answer.nowS + (agoMs / 1000) * answer.speed });
}

/** Everything recorded so far; asked again until the server answers. Also when a stove was lit elsewhere meanwhile. */
export async function loadStove(batchId: string): Promise<void> {
  const result = await store.dispatch(api.endpoints.stove.initiate(batchId, { forceRefetch: true, subscribe: false }));
  if (!watchers.get(batchId)?.size) return;
  if (result.data) return takeStove(result.data);
  if (followed.get(batchId)?.known) return void retryLoad(batchId);
  const problem = problemOf(result.error);
  put(batchId, { known: null, problem });
  if (problem.code === 'AWAY') await takeKept(batchId);
  if (problem.code === 'AWAY' || problem.code === 'NO_DATABASE') retryLoad(batchId);
}

function retryLoad(batchId: string): void {
  setTimeout(() => void loadStove(batchId), RETRY_MS);
}

let source: EventSource | null = null;
let streamed = '';
let retry: ReturnType<typeof setTimeout> | undefined;

/**
 * One stream for all stoves this page follows: a browser opens only a few connections. It starts
 * where each of them stands, so nothing is told twice and nothing left out.
 */
function connect(anew = false): void {
  const lit = [...followed].flatMap(([id, { known }]) => (known && !known.ended ? [{ id, known }] : []));
  const live = lit.slice(-MOST_FOLLOWED);
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
      if (set.size === 1 && !followed.get(batchId)?.known) void loadStove(batchId);
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
