import { useSyncExternalStore } from 'react';
import { dropAnswers } from './keptAnswers';

/** Whether the server knows this device; told by every answer. */
let isOut = false;
const listeners = new Set<() => void>();

export function doorTold(out: boolean): void {
  if (isOut === out) return;
  isOut = out;
  // A device that was forgotten shows nothing of the kitchen; what waits to be sent stays.
  if (out) void dropAnswers();
  listeners.forEach((listener) => listener());
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

export function useIsOut(): boolean {
  return useSyncExternalStore(subscribe, () => isOut);
}
