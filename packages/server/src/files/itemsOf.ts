import {
  type DocumentItem,
  type DocumentOf,
  type FormulaItem,
  ITEM_KINDS,
  type ItemKind,
  type ItemRef,
} from '@ember-fold/core/files';
import { baseIngredientId } from '@ember-fold/core/ledger';
import { type BatchDraft } from '@ember-fold/core/plan';
import { BATCH_ITEMS, RECORD_ITEMS } from './batchItemTable.js';
import { batchesOfSupper } from '../batches/batchTable.js';
import { type Queries } from '../db/gate.js';
import {
  FLOUR_ITEMS,
  FORMULA_ITEMS,
  INGREDIENT_ITEMS,
  KITCHEN_ITEMS,
  OIL_ITEMS,
  STOCK_ITEMS,
  USUAL_ITEMS,
} from './storeItemTable.js';
import { STORED_ITEMS, SUPPER_ITEMS } from './supperItemTable.js';
import { type ItemTable } from './itemTable.js';
import { linesOf } from '../kitchen/kitchenNow.js';

export type TableOf = { readonly [K in ItemKind]: ItemTable<Extract<DocumentItem, { kind: K }>> };

export const TABLES: TableOf = {
  ingredient: INGREDIENT_ITEMS,
  formula: FORMULA_ITEMS,
  oil: OIL_ITEMS,
  flour: FLOUR_ITEMS,
  usual: USUAL_ITEMS,
  stock: STOCK_ITEMS,
  kitchen: KITCHEN_ITEMS,
  supper: SUPPER_ITEMS,
  batch: BATCH_ITEMS,
  record: RECORD_ITEMS,
  stored: STORED_ITEMS,
};

export const tableOf = (kind: ItemKind) => TABLES[kind] as unknown as ItemTable<DocumentItem>;

export const keyOf = ({ kind, id }: ItemRef): string => `${kind} ${id}`;

export const isCooked = (kind: ItemKind): boolean => kind === 'batch' || kind === 'record';

/** What is here now under these names. A batch is planned or finished: the one stands for the other. */
export async function hereAll(q: Queries, refs: readonly ItemRef[]): Promise<ReadonlyMap<string, DocumentItem>> {
  const found = new Map<string, DocumentItem>();
  for (const kind of ITEM_KINDS) {
    const own = refs.filter((ref) => (isCooked(kind) ? isCooked(ref.kind) : ref.kind === kind));
    if (own.length === 0) continue;
    const items = await tableOf(kind).list(q, [...new Set(own.map(({ id }) => id))]);
    for (const item of items)
      for (const one of isCooked(kind) ? (['batch', 'record'] as const) : [kind])
        found.set(keyOf({ kind: one, id: item.id }), item);
  }
  return found;
}

/** The cook's own ingredients and bases among these ids, with the ingredients of those bases. */
async function usedBy(q: Queries, ingredientIds: readonly string[]): Promise<DocumentItem[]> {
  const ids = [...new Set(ingredientIds)];
  const bases = (await FORMULA_ITEMS.list(q, null)).filter(({ id }) => ids.includes(baseIngredientId(id)));
  const all = [...ids, ...bases.flatMap(linesIn)];
  return [...(await INGREDIENT_ITEMS.list(q, [...new Set(all)])), ...bases];
}

const linesIn = ({ versions }: FormulaItem): string[] =>
  versions.flatMap(({ body }) => body.lines.map(({ ingredientId }) => ingredientId));

async function neededBy(q: Queries, drafts: readonly BatchDraft[]): Promise<DocumentItem[]> {
  const from = drafts.flatMap((draft) => [
    draft.dough.from?.id,
    ...Object.values(draft.fillings).map((filling) => filling?.from?.id),
  ]);
  const formulas = await FORMULA_ITEMS.list(q, [...new Set(from.filter((id) => id !== undefined))]);
  const lines = drafts.flatMap((draft) => linesOf(draft).map(({ ingredientId }) => ingredientId));
  return [...(await usedBy(q, [...lines, ...formulas.flatMap(linesIn)])), ...formulas];
}

export async function itemsOf(q: Queries, of: DocumentOf, id: string): Promise<DocumentItem[]> {
  switch (of) {
    case 'kitchen':
      return (await Promise.all(ITEM_KINDS.map((kind) => tableOf(kind).list(q, null)))).flat();
    case 'formula': {
      const found = await FORMULA_ITEMS.list(q, [id]);
      return [...(await usedBy(q, found.flatMap(linesIn))), ...found];
    }
    case 'batch': {
      const found = await BATCH_ITEMS.list(q, [id]);
      return [
        ...(await neededBy(
          q,
          found.map(({ draft }) => draft),
        )),
        ...found,
      ];
    }
    case 'supper': {
      const found = await SUPPER_ITEMS.list(q, [id]);
      const batches = await BATCH_ITEMS.list(
        q,
        (await batchesOfSupper(q, id)).map((row) => row.id),
      );
      return [
        ...(await neededBy(
          q,
          batches.map(({ draft }) => draft),
        )),
        ...found,
        ...batches,
      ];
    }
    case 'record':
      return await RECORD_ITEMS.list(q, [id]);
  }
}
