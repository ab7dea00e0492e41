import { useSyncExternalStore } from 'react';
import { readKept, writeKept } from '../offline/useKept';

const KEY = 'watched';
/** As many are remembered; pots that are out fall off. */
const MOST = 12;

const isIds = (value: unknown): value is readonly string[] =>
  Array.isArray(value) && value.every((one) => typeof one === 'string');

let ids: readonly string[] = readKept(KEY, isIds) ?? [];
const watchers = new Set<() => void>();

function set(next: readonly string[]): void {
  ids = next.slice(-MOST);
  writeKept(KEY, ids);
  watchers.forEach((watcher) => watcher());
}

/** This device keeps an eye on a pot, in whatever room it is. */
export function watchPot(batchId: string): void {
  if (ids[ids.length - 1] !== batchId) set([...ids.filter((id) => id !== batchId), batchId]);
}

/** Left to another device. */
export function unwatchPot(batchId: string): void {
  set(ids.filter((id) => id !== batchId));
}

function subscribe(watcher: () => void): () => void {
  watchers.add(watcher);
  return () => watchers.delete(watcher);
}

/** Pots this device was told to watch, lit or out; the newest last. */
export function useWatched(): readonly string[] {
  return useSyncExternalStore(subscribe, () => ids);
}
