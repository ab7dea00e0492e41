import type { BatchDraft } from '../draft/batchDraft.js';
import type { StoredKind, StoredPlace, StoredRecord } from '../store/stored.js';
import type { FlourBelief } from '../draft/kitchen.js';
import type { Ingredient } from '../ingredient/ingredient.js';
import type { Felt } from '../learning/flourBelief.js';
import type { FryOrder, FryPlace } from '../oil/fryOrder.js';
import type { Oil, OilEvent, OilSigns, OilState } from '../oil/oilHistory.js';
import type { Base, FormulaBody } from '../store/storeFormula.js';

/** One dough that was noted, and what it says of its flour. */
export interface FlourNote {
  readonly id: string;
  readonly flourId: string;
  readonly batchName: string;
  readonly pouredKg: number;
  readonly felt: Felt;
  readonly notedAt: string;
  /** `null`: it says nothing any more. */
  readonly shift: number | null;
}
export interface Flours {
  readonly beliefs: Readonly<Record<string, FlourBelief>>;
  readonly observations: readonly FlourNote[];
}
export interface FlourAsk {
  readonly id: string;
  readonly batchName: string;
  readonly dough: Pick<BatchDraft['dough'], 'family' | 'lines'>;
  readonly pouredKg: number;
  readonly felt: Felt;
}

/** For whom or when is bought; nothing: for all that is planned. */
export interface ShoppingAsk {
  readonly supper?: string;
  readonly batch?: string;
  readonly from?: string;
  readonly to?: string;
}

/** A row this kitchen added or changed. */
export interface IngredientRow {
  readonly ingredient: Ingredient;
  readonly version: number;
}
/** What this kitchen has beyond the shipped catalogue. */
export interface OwnIngredients {
  readonly rows: readonly IngredientRow[];
  readonly bases: readonly Base[];
}
/** Something in which a row of the Store is used. */
export interface Use {
  readonly of: 'batch' | 'formula' | 'oil';
  readonly id: string;
  readonly name: string;
}

/** A formula with its newest version. */
export interface StoreFormula {
  readonly id: string;
  readonly name: string;
  readonly archived: boolean;
  /** Counts every change; `version` only those of what is made. */
  readonly edition: number;
  readonly version: number;
  readonly body: FormulaBody;
  readonly updatedAt: string;
}
export interface FormulaVersion {
  readonly version: number;
  readonly body: FormulaBody;
  readonly savedAt: string;
}
export interface FormulaWithVersions extends StoreFormula {
  readonly versions: readonly FormulaVersion[];
}

export interface OilRow {
  readonly oil: Oil;
  readonly events: readonly OilEvent[];
  readonly state: OilState;
}
/** What a cook tells of kept oil; that it was fried in, the stove tells. */
export type OilAct = { readonly id: string } & (
  | { readonly kind: 'topped-up'; readonly m3: number }
  | ({ readonly kind: 'judged' } & OilSigns)
  | { readonly kind: 'strained' | 'poured-away' }
);
/** The supper's batches at one pot; `left`: those that are never fried as planned. */
export interface SupperOrder {
  readonly order: FryOrder;
  readonly left: readonly string[];
  /** What is left of the supper in this oil once the batch asked about has been in it. */
  readonly after: readonly FryPlace[];
}

/** A device that sends readings. */
export interface Device {
  readonly id: string;
  readonly kind: 'scale' | 'probe';
  readonly name: string;
}

/** A device as the kitchen knows it now. */
export interface DeviceNow extends Device {
  /** How far its clock is behind the server's, s: its readings are moved on by that. 0: it is right, or nothing came yet. */
  readonly clockBehindS: number;
}
/** A key of the simulated scale, or something put on it. */
export type ScaleAct = { readonly do: 'on' | 'tare' } | { readonly do: 'load'; readonly loadKg: number };

/** Something in the freezer or the fridge for another day. */
export interface StoredItem extends StoredRecord {
  readonly id: string;
  /** Pieces that no batch has taken; `null` of dough and filling. */
  readonly left: number | null;
  /** The batch they were made in; `null`: written down by hand, or it is gone. */
  readonly batchId: string | null;
  /** Batches that have taken some, planned or cooked. */
  readonly takenBy: readonly { readonly id: string; readonly name: string; readonly pieces: number }[];
}
/** Dough or filling that was left, written down by hand. */
export interface StoredAsk {
  readonly id: string;
  readonly kind: Exclude<StoredKind, 'pieces'>;
  readonly name: string;
  readonly place: StoredPlace;
  readonly massKg: number;
}
