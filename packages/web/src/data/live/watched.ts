import { SharedValue, useShared } from '../sharedValue';
import { readKept, writeKept } from '../offline/useKept';

const KEY = 'watched';
/** As many are remembered; pots that are out fall off. */
const MOST = 12;

const isIds = (value: unknown): value is readonly string[] =>
  Array.isArray(value) && value.every((one) => typeof one === 'string');

const watched = new SharedValue<readonly string[]>(readKept(KEY, isIds) ?? []);

function set(next: readonly string[]): void {
  watched.set(next.slice(-MOST));
  writeKept(KEY, watched.get());
}

/** This device keeps an eye on a pot, in whatever room it is. */
export function watchPot(batchId: string): void {
  const ids = watched.get();
  if (ids.at(-1) !== batchId) set([...ids.filter((id) => id !== batchId), batchId]);
}

/** Left to another device. */
export function unwatchPot(batchId: string): void {
  set(watched.get().filter((id) => id !== batchId));
}

/** Pots this device was told to watch, lit or out; the newest last. */
export function useWatched(): readonly string[] {
  return useShared(watched);
}
