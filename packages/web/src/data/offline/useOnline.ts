import { useSyncExternalStore } from 'react';

/** Whether the server answered last; known from every request and stream, and by the browser. */
let reachable = true;
const listeners = new Set<() => void>();

export function serverAnswered(answered: boolean): void {
  if (reachable === answered) return;
  reachable = answered;
  listeners.forEach((listener) => listener());
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

export function useOnline(): boolean {
  return useSyncExternalStore(subscribe, () => reachable);
}
