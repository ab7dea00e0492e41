import type { DiskTold } from '@ember-fold/core';
import { useSyncExternalStore } from 'react';

let told: DiskTold = { state: 'well', freeBytes: 0 };
const listeners = new Set<() => void>();

/** Room on the server's disk, as last reported. */
export function diskTold({ state, freeBytes }: DiskTold): void {
  told = { state, freeBytes };
  listeners.forEach((listener) => listener());
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

export const useDisk = (): DiskTold => useSyncExternalStore(subscribe, () => told);
