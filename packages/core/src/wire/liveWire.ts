import type { StoredCookAct, Timer } from './cookWire.js';
import type { StoredAct, StoredReading } from './stoveWire.js';

/** Kinds of records that pages keep and are told of when one changes. */
export type RecordKind =
  | 'kitchen'
  | 'batches'
  | 'flours'
  | 'learnt'
  | 'ingredients'
  | 'formulas'
  | 'stock'
  | 'oils'
  | 'ledger'
  | 'devices'
  | 'stored'
  | 'suppers'
  | 'home';

/** What a scale shows. kg. */
export interface ScaleFigure {
  readonly seq: number;
  readonly value: number;
  readonly tareKg: number;
  readonly isSteady: boolean;
}

/** Room on the disk on which the records lie: low is said; full, and nothing new is taken. */
export interface DiskSpace {
  readonly state: 'well' | 'low' | 'full';
  readonly freeBytes: number;
}

/**
 * What every open page is told, in whatever room it is; only what is committed. Each message
 * also carries the server's time as `nowMs`.
 */
export type LiveEvent =
  /** The first message of each connection: all timers that run or sound. */
  | { readonly kind: 'timers'; readonly timers: readonly Timer[] }
  | { readonly kind: 'timer'; readonly timer: Timer }
  /** A beat: the time alone. */
  | { readonly kind: 'time' }
  | { readonly kind: 'stove'; readonly batchId: string; readonly lit: boolean }
  | { readonly kind: 'cook'; readonly batchId: string; readonly stored: StoredCookAct }
  | { readonly kind: 'act'; readonly batchId: string; readonly stored: StoredAct }
  | {
      readonly kind: 'readings';
      readonly batchId: string;
      readonly readings: readonly StoredReading[];
      readonly nowS: number;
    }
  | { readonly kind: 'scale'; readonly device: string; readonly figure: ScaleFigure }
  | ({ readonly kind: 'disk' } & DiskSpace)
  /** A record was made, changed or deleted. `id`: which, where there are several; `version`: what it is now, where it is saved with one. */
  | { readonly kind: 'changed'; readonly what: RecordKind; readonly id?: string; readonly version?: number };

export type LiveKind = LiveEvent['kind'];
export const LIVE_KINDS: readonly LiveKind[] = [
  'timers',
  'timer',
  'time',
  'stove',
  'cook',
  'act',
  'readings',
  'scale',
  'disk',
  'changed',
];
