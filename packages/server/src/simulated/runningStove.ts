import { type BatchDraft, type Kitchen, friedPieces, fryTrays } from '@ember-fold/core/plan';
import { type StoveAct, type OilReading, type SimulatedStove } from '@ember-fold/core/stove';

/** A stove as the server tells of it. */
export interface Told {
  readonly batchId: string;
  readonly seed: number;
  readonly speed: number;
  readonly startedAt: string;
  readonly endedAt: string | null;
  readonly probe: string | null;
  readonly startC: number | null;
  readonly nowS: number;
  readonly draft: BatchDraft;
  readonly kitchen: Kitchen;
  readonly acts: readonly { readonly seq: number; readonly act: StoveAct }[];
  readonly readings: readonly OilReading[];
}

export interface Running {
  readonly told: Told;
  readonly stove: SimulatedStove;
  readonly acts: Map<string, StoveAct>;
  readonly readings: OilReading[];
  /** Turns each piece in the simulated pot has had. */
  readonly turns: Map<number, number>;
  toppedM3: number;
  readonly stop: AbortController;
}

export interface SimulatedStovesOptions {
  /** Of the server, without a path. */
  readonly url: string;
  readonly token: string;
  readonly log: (problem: string) => void;
  /** Other servers have stoves too: none burns here before it is said. */
  readonly isOneOfSeveral?: boolean;
  /** The server's time; absent: told by its live stream. */
  readonly clockMs?: () => number;
}

export const piecesOf = ({ draft }: Pick<Told, 'draft'>): number => friedPieces(fryTrays(draft));
