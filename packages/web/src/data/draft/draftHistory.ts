import type { BatchDraft } from '@ember-fold/core/plan';
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

/** Written in a pause of the hand, so soon at the latest, ms, or when the page is left: it must not hold up a keystroke. */
const WRITE_WITHIN_MS = 300;
let due: DraftState | null = null;

export function keepHistory(state: DraftState): void {
  if (!due) pause(writeHistory);
  due = state;
}

function pause(then: () => void): void {
  if ('requestIdleCallback' in globalThis) requestIdleCallback(then, { timeout: WRITE_WITHIN_MS });
  else setTimeout(then, WRITE_WITHIN_MS);
}
window.addEventListener('pagehide', writeHistory);

function writeHistory(): void {
  const { batchId, draft, past, future } = due ?? { batchId: null, draft: null, past: [], future: [] };
  due = null;
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
  writeHistory();
  const none = { past: [], future: [] };
  try {
    const kept = JSON.parse(localStorage.getItem(KEY) ?? 'null') as KeptHistory | null;
    if (kept?.batchId !== batchId || JSON.stringify(kept.draft) !== JSON.stringify(draft)) return none;
    return Array.isArray(kept.past) && Array.isArray(kept.future) ? { past: kept.past, future: kept.future } : none;
  } catch {
    return none;
  }
}
