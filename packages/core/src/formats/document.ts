import type { CookAct } from '../cook/cookAct.js';
import type { BatchDraft } from '../draft/batchDraft.js';
import type { TrayMark } from '../draft/draft.js';
import type { Kitchen } from '../draft/kitchen.js';
import type { Supper } from '../draft/supper.js';
import type { StoveAct } from '../stove/stoveAct.js';
import type { Ingredient } from '../ingredient/ingredient.js';
import type { LearntKind } from '../learning/beliefs.js';
import type { Felt } from '../learning/flourBelief.js';
import type { RecordLooks } from '../learning/looks.js';
import type { Oil, OilEvent } from '../oil/oilHistory.js';
import type { StoredRecord } from '../store/stored.js';
import type { FormulaBody } from '../store/storeFormula.js';

/** What a file of this kitchen says it is. */
export const DOCUMENT_FORMAT = 'ember-fold';
export const DOCUMENT_VERSION = 2;

/** What a document is of. */
export const DOCUMENT_OF = ['kitchen', 'supper', 'batch', 'formula', 'record'] as const;
export type DocumentOf = (typeof DOCUMENT_OF)[number];

/** The kitchen's settings; there is one. */
export interface KitchenItem {
  readonly kind: 'kitchen';
  readonly id: 'kitchen';
  readonly kitchen: Kitchen;
}
/** An ingredient this kitchen added or changed. */
export interface IngredientItem {
  readonly kind: 'ingredient';
  readonly id: string;
  readonly ingredient: Ingredient;
}
/** A formula with all its versions, the oldest first. */
export interface FormulaItem {
  readonly kind: 'formula';
  readonly id: string;
  readonly name: string;
  readonly archived: boolean;
  readonly versions: readonly { readonly version: number; readonly savedAt: string; readonly body: FormulaBody }[];
}
/** What is on the shelf, by ingredient. */
export interface StockItem {
  readonly kind: 'stock';
  readonly id: string;
  readonly haveKg: number;
  readonly strength: number;
}
/** Kept oil with all that happened to it. */
export interface OilItem {
  readonly kind: 'oil';
  readonly id: string;
  readonly oil: Omit<Oil, 'id'>;
  readonly addedAt: string;
  readonly events: readonly OilEvent[];
}
/** A dough that was noted, for what it says of its flour. */
export interface FlourItem {
  readonly kind: 'flour';
  readonly id: string;
  readonly flourId: string;
  readonly batchName: string;
  readonly dough: Pick<BatchDraft['dough'], 'family' | 'lines'>;
  readonly pouredKg: number;
  readonly felt: Felt;
  readonly notedAt: string;
}
/** A learnt figure that was put back to usual. */
export interface UsualItem {
  readonly kind: 'usual';
  /** Kind of figure and key with a blank between. */
  readonly id: string;
  readonly of: LearntKind;
  readonly key: string;
  readonly fromMs: number;
}
export interface SupperItem {
  readonly kind: 'supper';
  readonly id: string;
  readonly supper: Supper;
}
/** A batch that is planned, and what was recorded of its run-sheet. One at the stove goes out as planned. */
export interface BatchItem {
  readonly kind: 'batch';
  readonly id: string;
  readonly createdAt: string;
  readonly draft: BatchDraft;
  readonly cookActs: readonly CookAct[];
}
/** A finished batch with all that happened. */
export interface RecordItem {
  readonly kind: 'record';
  readonly id: string;
  readonly createdAt: string;
  /** The plan as it stood when the stove was lit, and the kitchen it was lit in. */
  readonly draft: BatchDraft;
  readonly kitchen: Kitchen;
  readonly seed: number;
  readonly speed: number;
  readonly probe: string | null;
  readonly trial: boolean;
  readonly startC: number | null;
  readonly startedAt: string;
  readonly endedAt: string;
  readonly goneAt: string | null;
  readonly acts: readonly StoveAct[];
  /** Stove s and °C, in order. */
  readonly readings: readonly (readonly [atS: number, probeC: number])[];
  readonly cookActs: readonly CookAct[];
  readonly notes: string;
  readonly looks: RecordLooks;
  readonly tags: readonly string[];
  readonly photos: readonly { readonly mark: TrayMark; readonly jpeg: string; readonly takenAt: string }[];
}
/** Something in the freezer or the fridge for another day, and who has taken of it. */
export interface StoredDocumentItem {
  readonly kind: 'stored';
  readonly id: string;
  readonly record: StoredRecord;
  readonly batchId: string | null;
  readonly mark: TrayMark | null;
  readonly why: 'planned' | 'left' | 'hand';
  readonly takenBy: readonly { readonly batchId: string; readonly pieces: number }[];
}

export type DocumentItem =
  | IngredientItem
  | FormulaItem
  | OilItem
  | FlourItem
  | UsualItem
  | StockItem
  | KitchenItem
  | SupperItem
  | BatchItem
  | RecordItem
  | StoredDocumentItem;
export type ItemKind = DocumentItem['kind'];

/** The order in which items are taken in: what others use first. */
export const ITEM_KINDS: readonly ItemKind[] = [
  ...(['ingredient', 'formula', 'oil', 'flour', 'usual', 'stock', 'kitchen'] as const),
  ...(['supper', 'batch', 'record', 'stored'] as const),
];

/** A file of this kitchen: the whole, or one thing with what it uses. */
export interface KitchenDocument {
  readonly format: typeof DOCUMENT_FORMAT;
  readonly version: typeof DOCUMENT_VERSION;
  readonly of: DocumentOf;
  /** ISO 8601, UTC. */
  readonly madeAt: string;
  readonly items: readonly DocumentItem[];
}

/** Keys in the order of the alphabet, however deep: two writings of one value are one text. */
function ordered(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(ordered);
  if (value === null || typeof value !== 'object') return value;
  return Object.fromEntries(
    Object.entries(value)
      .filter(([, part]) => part !== undefined)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([key, part]) => [key, ordered(part)]),
  );
}

/**
 * One text for one value, whatever the order of its keys.
 * @example itemText({ b: 1, a: 2 }) === itemText({ a: 2, b: 1 }) // true
 */
export function itemText(value: unknown): string {
  return JSON.stringify(ordered(value));
}

/**
 * What a person calls an item.
 * @example itemName({ kind: 'stock', id: 'butter', haveKg: 1, strength: 1 }) // 'butter'
 */
export function itemName(item: DocumentItem): string {
  switch (item.kind) {
    case 'kitchen':
      return item.kitchen.name;
    case 'ingredient':
      return item.ingredient.name;
    case 'formula':
      return item.name;
    case 'oil':
      return item.oil.name;
    case 'flour':
      return item.batchName;
    case 'supper':
      return item.supper.name;
    case 'batch':
    case 'record':
      return item.draft.name;
    case 'stored':
      return item.record.name;
    default:
      return item.id;
  }
}

/**
 * The fields in which two writings of one item differ, by their names.
 * @example differingFields({ a: 1, b: 2 }, { a: 1, b: 3 }) // ['b']
 */
export function differingFields(one: object, other: object): string[] {
  const [a, b] = [one as Record<string, unknown>, other as Record<string, unknown>];
  const keys = [...new Set([...Object.keys(a), ...Object.keys(b)])];
  return keys.filter((key) => itemText(a[key] ?? null) !== itemText(b[key] ?? null));
}
