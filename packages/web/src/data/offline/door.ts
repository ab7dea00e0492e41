import { useSyncExternalStore } from 'react';
import { dropAnswers } from './keptAnswers';

/** Whether the server knows this device; known from every answer. */
let isOut = false;
const listeners = new Set<() => void>();

export function doorTold(out: boolean): void {
  if (isOut === out) return;
  isOut = out;
  // A device that was forgotten shows nothing of the kitchen; what waits to be sent stays.
  if (out) void dropAnswers();
  listeners.forEach((listener) => listener());
}

/** Asks whether this device is still let in: a stream that was closed does not say why. */
export async function knock(): Promise<void> {
  const answer = await Promise.resolve()
    .then(() => fetch('/api/health'))
    .catch(() => null);
  if (answer?.status === 401) doorTold(true);
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

export function useIsOut(): boolean {
  return useSyncExternalStore(subscribe, () => isOut);
}
