import type { CookAct, StepKey } from '../cook/cookAct.js';

/** An act of the run-sheet with the place in which it was acknowledged. */
export interface StoredCookAct {
  readonly seq: number;
  readonly act: CookAct;
}

/** A timer of the kitchen. ms since the epoch, by the server's clock. */
export interface Timer {
  readonly id: string;
  /** What it belongs to; `null`: set by hand. */
  readonly batchId: string | null;
  readonly step: StepKey | null;
  readonly name: string;
  readonly startedMs: number;
  readonly endsMs: number;
  /** `null` while it runs or rings. */
  readonly stoppedMs: number | null;
}
