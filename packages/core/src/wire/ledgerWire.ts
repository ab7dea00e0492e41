import type { CookAct } from '../cook/cookAct.js';
import type { BatchDraft } from '../draft/batchDraft.js';
import type { TrayMark } from '../draft/draft.js';
import type { Kitchen } from '../draft/kitchen.js';
import type { StoveAct, OilReading } from '../stove/stoveAct.js';
import type { LedgerFigures } from '../stove/ledgerFigures.js';
import type { RecordLooks } from '../learning/looks.js';
import type { PlannedFigures } from '../plan/tray/plannedFigures.js';

/** A finished batch in the list. */
export interface LedgerEntry {
  readonly id: string;
  readonly name: string;
  readonly pieces: number;
  readonly startedAt: string;
  readonly figures: LedgerFigures;
  readonly tags: readonly string[];
}

/** A tag, and how many records have it. */
export interface TagCount {
  readonly tag: string;
  readonly records: number;
}

/** Free notes of a record. */
export interface LedgerNote {
  readonly notes: string;
  readonly version: number;
}

/** How a batch came out, as the cook judged it. */
export interface LooksRow {
  readonly looks: RecordLooks;
  readonly version: number;
}

/** One tray of a record: what was planned, what happened. */
export interface TrayRecord {
  readonly mark: TrayMark;
  readonly first: number;
  readonly figures: LedgerFigures;
  readonly planned: PlannedFigures;
}

/** A finished batch: what was planned, what happened, what was noted. */
export interface LedgerRecord {
  readonly id: string;
  readonly draft: BatchDraft;
  readonly kitchen: Kitchen;
  readonly startedAt: string;
  readonly endedAt: string;
  readonly acts: readonly StoveAct[];
  readonly readings: readonly OilReading[];
  /** What was recorded of its run-sheet. */
  readonly cookActs: readonly CookAct[];
  readonly figures: LedgerFigures;
  /** Of each tray that was fried, in the order of the pot. */
  readonly trays: readonly TrayRecord[];
  readonly note: LedgerNote;
  readonly looks: LooksRow;
  readonly tags: readonly string[];
  /** Trays that have a picture. */
  readonly photos: readonly TrayMark[];
  /** Its readings are kept as means of ten seconds with their extremes: it is old. */
  readonly isThinned: boolean;
  /** When it was deleted; it can be put back for thirty days. `null`: it is not. */
  readonly goneAt: string | null;
}
