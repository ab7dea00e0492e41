import type { BatchDraft } from '@ember-fold/core';

/** What is not yet acknowledged lives in the browser too, so that a reload loses nothing. */
interface Mirror {
  readonly draft: BatchDraft;
  readonly baseVersion: number;
}

const keyOf = (batchId: string) => `ember.draft.${batchId}`;

/** @returns whether it could be kept; a full or forbidden storage is not an error of the plan */
export function keepMirror(batchId: string, draft: BatchDraft, baseVersion: number): boolean {
  try {
    localStorage.setItem(keyOf(batchId), JSON.stringify({ draft, baseVersion }));
    return true;
  } catch {
    return false;
  }
}

export function dropMirror(batchId: string): void {
  try {
    localStorage.removeItem(keyOf(batchId));
  } catch {
    // Without storage there is nothing to drop.
  }
}

export function readMirror(batchId: string): Mirror | null {
  try {
    const text = localStorage.getItem(keyOf(batchId));
    if (!text) return null;
    const mirror = JSON.parse(text) as Mirror;
    return typeof mirror.baseVersion === 'number' && mirror.draft?.dough ? mirror : null;
  } catch {
    return null;
  }
}
