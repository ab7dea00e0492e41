import type { Learnt } from '../draft/learnt.js';
import type { LearntKind, Observation } from '../learning/beliefs.js';

/** What one finished batch says of one figure. */
export interface SeenObservation extends Observation {
  readonly batchId: string;
  readonly batchName: string;
}

/** A figure that the cook has put back to usual: what was seen before counts no more. */
export interface Unlearnt {
  readonly kind: LearntKind;
  readonly key: string;
  /** ms since the epoch. */
  readonly fromMs: number;
}

/** What this kitchen's batches have taught, and from what. */
export interface LearntSummary {
  readonly learnt: Learnt;
  /** The newest first. */
  readonly seen: readonly SeenObservation[];
  readonly unlearnt: readonly Unlearnt[];
}
