import { RANGES } from '../draft/ranges.js';
import { requireIn } from '../errors.js';
import { type BatchDraft, fillingsOf } from '../draft/batchDraft.js';
import { draftSupplies } from '../plan/tray/supplies.js';
import { traysOf } from '../plan/edit/trays.js';
import { fillingFigures } from '../filling/fillingFigures.js';
import type { Formula } from '../ingredient/formula.js';
import type { Ingredient, Sold } from '../ingredient/ingredient.js';
import type { Pantry } from '../ingredient/pantry.js';
import type { BatchUse } from './oilToBuy.js';
import { type Base, baseFormulaId, baseIngredientId } from './storeFormula.js';

/** What the Store holds of one ingredient. */
export interface StockRow {
  readonly ingredientId: string;
  /** kg as bought, 0–1000. */
  readonly haveKg: number;
  /** This pack against what the formulas mean, 0.1–10: 2 is twice as strong, so half is weighed. */
  readonly strength: number;
}

/** One thing to buy. */
export interface ShoppingRow {
  readonly ingredientId: string;
  readonly sold: Sold;
  /** kg the formulas take, as used and at the strength they mean. */
  readonly usedKg: number;
  /** kg as bought that takes, and what of it is here. */
  readonly neededKg: number;
  readonly haveKg: number;
  /** What to buy: kg, and how many units of it where it is sold in units. */
  readonly buyKg: number;
  readonly units: number | null;
  readonly cost: number;
  /** Names of the batches it is for. */
  readonly batches: readonly string[];
}

/** A base to make once: how much in all, from what, and how it is split. */
export interface BaseToMake {
  readonly id: string;
  readonly name: string;
  readonly massKg: number;
  readonly lines: Formula;
  readonly split: readonly { readonly batch: string; readonly massKg: number }[];
}

export interface Shopping {
  readonly rows: readonly ShoppingRow[];
  readonly bases: readonly BaseToMake[];
  readonly cost: number;
}

/** Comes out of the tap. */
const TAP = 'water';
/** Loose things are bought to the next of these, kg. */
const LOOSE_STEP_KG = 0.05;
/** A hair of slack, or 2 kg of flour would be three bags. */
const SLACK = 1e-6;

/** Everything that is still to be made of a batch; what lies in the freezer is there. */
function usesOf(batch: BatchDraft, pantry: Pantry): BatchUse[] {
  const made = traysOf(batch).filter(({ fromStored }) => fromStored === undefined);
  if (made.length === 0) return [];
  const held = new Set(made.map(({ fillingOf, mark }) => fillingOf ?? mark ?? 'A'));
  const fillings = fillingsOf(batch).flatMap((mark) => (held.has(mark) ? batch.fillings[mark]!.lines : []));
  const supplies = made.flatMap((draft) => draftSupplies(draft, { ingredients: pantry.all }));
  return [...batch.dough.lines, ...fillings, ...supplies].map(({ ingredientId, massKg }) => ({
    ingredientId,
    massKg,
    batch: batch.name,
  }));
}

/** As often as it is wanted: a list to buy from has no largest line. */
const timesFormula = (lines: Formula, factor: number): Formula =>
  lines.map((line) => ({ ...line, massKg: line.massKg * factor }));

/** Each base the batches use, summed, and split by weight. */
function basesToMake(uses: readonly BatchUse[], bases: readonly Base[], pantry: Pantry): BaseToMake[] {
  return bases.flatMap((base): BaseToMake[] => {
    const id = baseIngredientId(base.id);
    const of = uses.filter((use) => use.ingredientId === id && use.massKg > 0);
    const massKg = of.reduce((sum, use) => sum + use.massKg, 0);
    const { targetKg } = fillingFigures(base.body.lines, base.body.cookToShare, 0, { pantry });
    if (!(massKg > 0 && targetKg > 0)) return [];
    const names = [...new Set(of.map((use) => use.batch))];
    const split = names.map((batch) => ({
      batch,
      massKg: of.reduce((sum, use) => (use.batch === batch ? sum + use.massKg : sum), 0),
    }));
    return [{ id: base.id, name: base.name, massKg, lines: timesFormula(base.body.lines, massKg / targetKg), split }];
  });
}

/** kg to buy of what is missing: whole units, or loose to the next step. */
function toBuy(missingKg: number, { unitKg }: Sold): { buyKg: number; units: number | null } {
  if (!(missingKg > SLACK)) return { buyKg: 0, units: unitKg === null ? null : 0 };
  const step = unitKg ?? LOOSE_STEP_KG;
  const count = Math.ceil(missingKg / step - SLACK);
  return { buyKg: count * step, units: unitKg === null ? null : count };
}

function rowOf(ingredient: Ingredient, uses: readonly BatchUse[], stock: StockRow | undefined): ShoppingRow {
  const { sold, pricePerKg } = ingredient;
  const haveKg = requireIn(stock?.haveKg ?? 0, RANGES.store.haveKg, `stock.${ingredient.id}.haveKg`);
  const strength = requireIn(stock?.strength ?? 1, RANGES.store.strength, `stock.${ingredient.id}.strength`);
  const usedKg = uses.reduce((sum, use) => sum + use.massKg, 0);
  const neededKg = usedKg / strength / sold.usedShare;
  const { buyKg, units } = toBuy(neededKg - haveKg, sold);
  return {
    ingredientId: ingredient.id,
    sold,
    usedKg,
    neededKg,
    haveKg,
    buyKg,
    units,
    // The price is of a kilogram used, and one bought gives `usedShare` of that.
    cost: buyKg * pricePerKg * sold.usedShare,
    batches: [...new Set(uses.map((use) => use.batch))],
  };
}

/**
 * Everything the planned batches take, as it is bought, less what the Store holds. Bases are
 * made once for all that use them: what they are made of is bought. Water is not.
 *
 * @param batches planned; names tell them apart
 * @param more what they take beside, such as oil to fry in
 * @throws CoreError UNKNOWN_NAME, NOT_A_NUMBER, OUT_OF_RANGE
 * @example shoppingList([], [], [], pantry).rows // []
 */
export function shoppingList(
  batches: readonly BatchDraft[],
  stock: readonly StockRow[],
  bases: readonly Base[],
  pantry: Pantry,
  more: readonly BatchUse[] = [],
): Shopping {
  const direct = [...batches.flatMap((draft) => usesOf(draft, pantry)), ...more];
  const made = basesToMake(direct, bases, pantry);
  const uses = [
    ...direct.filter((use) => baseFormulaId(use.ingredientId) === null),
    ...made.flatMap(({ lines, split, massKg }) =>
      split.flatMap(({ batch, massKg: part }) =>
        timesFormula(lines, part / massKg).map((line) => ({ ...line, batch })),
      ),
    ),
  ];
  const ids = [...new Set(uses.filter((use) => use.massKg > 0).map((use) => use.ingredientId))];
  const rows = ids
    .filter((id) => id !== TAP)
    .map((id) =>
      rowOf(
        pantry.find(id),
        uses.filter((use) => use.ingredientId === id),
        stock.find((row) => row.ingredientId === id),
      ),
    );
  return { rows, bases: made, cost: rows.reduce((sum, row) => sum + row.cost, 0) };
}
