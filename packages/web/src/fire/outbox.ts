import type { FireAct } from '@ember-fold/core';

const keyOf = (batchId: string) => `ember.acts.${batchId}`;

/** Acts at the stove that no server has acknowledged yet survive a reload. */
export function readOutbox(batchId: string): readonly FireAct[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(keyOf(batchId)) ?? '[]');
    return Array.isArray(kept) ? (kept as FireAct[]) : [];
  } catch {
    return [];
  }
}

export function keepOutbox(batchId: string, acts: readonly FireAct[]): void {
  try {
    if (acts.length === 0) localStorage.removeItem(keyOf(batchId));
    else localStorage.setItem(keyOf(batchId), JSON.stringify(acts));
  } catch {
    // A full or forbidden storage: the acts still go over from memory.
  }
}
