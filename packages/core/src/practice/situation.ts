import type { BatchDraft } from '../draft/batchDraft.js';
import type { Pot } from '../draft/kitchen.js';
import type { StoveAct } from '../stove/stoveAct.js';
import type { StoveSession } from '../plan/batch/stoveNow.js';

/** What can happen at a practice stove, in the order in which it is offered. */
export const SITUATION_KINDS = [
  'overshoot',
  'load-too-big',
  'crumbs',
  'slow-burner',
  'wholemeal',
  'burst',
  'frozen',
  'no-thermometer',
  'poultry',
  'hollow',
  'pipeline',
  'caller',
  'probe-out',
  'smoke',
  'allergy',
  'two-pots',
] as const;
export type SituationKind = (typeof SITUATION_KINDS)[number];

/** What is true of one pot, whatever the plan believes. */
export interface PotTruth {
  readonly pot: Pot;
  /** Oil when it begins, °C, and the burner setting that the burner has settled at. */
  readonly startC: number;
  readonly setting: number;
  /** Browning over what the plan counts on. */
  readonly browning: number;
  /** How much darker what goes in browns for each piece that has left crumbs there, once they are burnt; 0: nothing is shed. */
  readonly crumbs: number;
  /** The oil carries what somebody at the table must not have. */
  readonly oilHarms: boolean;
  /** Pieces that open, and how many s after they went in. */
  readonly bursts: readonly { readonly piece: number; readonly afterS: number }[];
  /** When the probe slips out of the oil, s; `null`: it stays. */
  readonly probeOutS: number | null;
}

/** One pot of a situation: what the stove page is told of it, and what is true. */
export interface PracticePot {
  readonly batch: BatchDraft;
  readonly session: StoveSession;
  readonly truth: PotTruth;
}

/** Somebody at the door: when the bell burners, how long they wait for the cook, how long that takes; s. */
export interface Caller {
  readonly bellS: number;
  readonly waitsS: number;
  readonly awayS: number;
}

/** An session to be practised. Plain JSON, so that it crosses to a worker. */
export interface Situation {
  readonly kind: SituationKind;
  readonly seed: number;
  readonly pots: readonly PracticePot[];
  readonly caller: Caller | null;
  /** It is over then, whatever is in the oil, s. */
  readonly mostS: number;
}

/** One act on one pot. */
export type PracticeAct = {
  readonly id: string;
  /** s since the situation began. */
  readonly atS: number;
  /** Which of the situation's pots. */
  readonly pot: number;
} & { readonly act: PotAct };

type WithoutBase<A> = A extends StoveAct ? Omit<A, 'id' | 'atS'> : never;
/** What is done at a stove, and what only practice knows of: an empty pot gets fresh oil, the cook goes to the door. */
export type PotAct = WithoutBase<StoveAct> | { readonly kind: 'fresh-oil' } | { readonly kind: 'door' };
