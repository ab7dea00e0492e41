import type { ShapeId } from '../draft/choices.js';
import type { BatchDraft } from '../draft/batchDraft.js';
import type { Kitchen } from '../draft/kitchen.js';
import type { Supper } from '../draft/supper.js';

/** What the server answers when it refuses: its code, one sentence, and the field that caused it. */
export interface ApiProblem {
  readonly code: string;
  readonly message: string;
  readonly path?: string;
}

/** A batch in a list. */
export interface BatchSummary {
  readonly id: string;
  /** `done`: only of suppers, whose finished batches are still to be eaten. */
  readonly status: 'planned' | 'frying' | 'done';
  readonly name: string;
  readonly pieces: number;
  readonly eatAt: string;
  /** The supper it is for; absent: none. */
  readonly supper?: string;
  readonly version: number;
  readonly updatedAt: string;
}

export interface Batch {
  readonly id: string;
  readonly status: 'planned' | 'frying' | 'done';
  readonly draft: BatchDraft;
  /** Counts saves: one that knows an older version is refused. */
  readonly version: number;
}

/** A new batch from a shipped starter. */
export interface StarterAsk {
  readonly id: string;
  readonly name: string;
  readonly shape: ShapeId;
  readonly starterId: string;
  readonly pieces: number;
  readonly eatAt: string;
}

/** A supper, without its batches: they name it. */
export interface SupperRow {
  readonly id: string;
  readonly supper: Supper;
  readonly version: number;
}

export interface KitchenRow {
  readonly kitchen: Kitchen;
  readonly version: number;
}

/** One page of a list that may be long. */
export interface Paged<T> {
  readonly rows: readonly T[];
  /** Where the next page begins; `null`: this was the last. */
  readonly next: string | null;
}
