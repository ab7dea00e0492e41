import type { BatchDraft } from '@ember-fold/core';
import type { DraftState, HistoryStep } from './draftSlice';

/** The history of the batch that was edited last: undo survives a reload. */
interface KeptHistory {
  readonly batchId: string;
  readonly draft: BatchDraft;
  readonly past: readonly HistoryStep[];
  readonly future: readonly HistoryStep[];
}

const KEY = 'ember.history';
/** As many steps each way: more would be slow to write at every change. */
const MOST_STEPS = 60;

export function keepHistory({ batchId, draft, past, future }: DraftState): void {
  if (!batchId || !draft) return;
  const kept: KeptHistory = { batchId, draft, past: past.slice(-MOST_STEPS), future: future.slice(0, MOST_STEPS) };
  try {
    localStorage.setItem(KEY, JSON.stringify(kept));
  } catch {
    // A full or forbidden storage: undo lives as long as the page.
  }
}

/** Steps that lead to exactly this draft; none when it was changed elsewhere since. */
export function keptHistory(batchId: string, draft: BatchDraft): Pick<DraftState, 'past' | 'future'> {
  const none = { past: [], future: [] };
  try {
    const kept = JSON.parse(localStorage.getItem(KEY) ?? 'null') as KeptHistory | null;
    if (kept?.batchId !== batchId || JSON.stringify(kept.draft) !== JSON.stringify(draft)) return none;
    return Array.isArray(kept.past) && Array.isArray(kept.future) ? { past: kept.past, future: kept.future } : none;
  } catch {
    return none;
  }
}
