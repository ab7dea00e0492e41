import type { BatchDraft } from '../draft/batchDraft.js';
import type { Kitchen } from '../draft/kitchen.js';
import type { StoveAct, OilReading } from '../stove/stoveAct.js';
import type { StartPoint } from '../stove/startChecks.js';

/** An act with the place in which it was acknowledged. */
export interface StoredAct {
  readonly seq: number;
  readonly act: StoveAct;
}

/** A reading with its place: thousandths of a stove second. */
export interface StoredReading extends OilReading {
  readonly seq: number;
}

/** One session at the stove: what it was lit with, and all that happened. */
export interface Stove {
  readonly batchId: string;
  readonly seed: number;
  /** Stove seconds in a second by the wall. */
  readonly speed: number;
  /** The device whose readings are the oil's; `null`: none. */
  readonly probe: string | null;
  /** The first load is one piece, to be judged. */
  readonly trial: boolean;
  /** What the oil still had of the batch before, °C; `null`: as the room. */
  readonly startC: number | null;
  readonly startedAt: string;
  readonly endedAt: string | null;
  readonly nowS: number;
  readonly draft: BatchDraft;
  readonly kitchen: Kitchen;
  readonly acts: readonly StoredAct[];
  readonly readings: readonly StoredReading[];
}

/** A pot that is lit. */
export interface LitStove {
  readonly batchId: string;
  readonly name: string;
  /** Of the kitchen's other pots; `null`: its own. */
  readonly potName: string | null;
  /** Across. */
  readonly potM: number;
  readonly startedAt: string;
}

export interface StartStoveAsk {
  readonly speed: number;
  readonly gate: readonly StartPoint[];
  readonly probe?: string | null;
  readonly trial?: boolean;
}

/** What a request of a device's lines comes to. */
export interface TakenReadings {
  /** Lines of a probe that were kept, and of a scale that were shown. */
  readonly taken: number;
  /** Lines that were here before; of a scale also those that came after newer ones. */
  readonly late: number;
  /** Lines of a probe that stands in no pot that burns, or from before it was lit. */
  readonly notKept: number;
  /** Lines dated ahead of the server's clock: placed at their arrival. */
  readonly movedToArrival: number;
  /** How far the device's clock is behind the server's, s: its readings are moved on by that. 0: it is right. */
  readonly clockBehindS: number;
  readonly refused: readonly { readonly line: number; readonly message: string }[];
}
