import { type Base, flourBelief, observeFlour, ownIngredients, type StoreFormula } from '@ember-fold/core/ledger';
import {
  batchPot,
  type BatchDraft,
  CoreError,
  type FlourBelief,
  type Formula,
  type Kitchen,
  kitchenAtPot,
  fillingsOf,
  type Pantry,
  pantryWith,
  type PotOil,
  potOf,
} from '@ember-fold/core/plan';
import { oilState } from '@ember-fold/core/stove';
import { kitchenAtSupper } from '@ember-fold/core/supper';
import { type FlourRow, listFlourRows } from '../store/flourTable.js';
import { listBaseFormulas } from '../store/formulaTable.js';
import type { Queries } from '../db/gate.js';
import { listIngredientRows } from '../store/ingredientTable.js';
import { readKitchen } from './kitchenTable.js';
import { listOilEvents, readOil } from '../store/oilTable.js';
import { readSupper } from '../supper/supperTable.js';
import { learntNow } from '../ledger/lessons.js';

/** Bases among the formulas, archived ones too: what uses them goes on working. */
export function basesOf(formulas: readonly StoreFormula[]): readonly Base[] {
  return formulas.flatMap(({ id, name, body }) => (body.kind === 'base' ? [{ id, name, body }] : []));
}

/** Ingredients of this kitchen as it is now: shipped, its own, its bases. */
export async function pantryNow(q: Queries): Promise<Pantry> {
  const rows = (await listIngredientRows(q)).map((row) => row.ingredient);
  return pantryWith(ownIngredients(rows, basesOf(await listBaseFormulas(q))));
}

/** What one noted dough says by today's model; `null` when it says nothing any more. */
export function observed(row: FlourRow, pantry: Pantry) {
  try {
    return observeFlour(row.dough.lines, row.dough.family, row.pouredKg, row.felt, pantry);
  } catch (cause) {
    // Its ingredient may be gone since; then the dough teaches nothing, and the list says so.
    if (cause instanceof CoreError) return null;
    throw cause;
  }
}

/** What is believed of each flour after all doughs noted. */
export function beliefsFrom(rows: readonly FlourRow[], pantry: Pantry): Record<string, FlourBelief> {
  const seen = rows.flatMap((row) => {
    const observation = observed(row, pantry);
    return observation ? [{ flourId: row.flourId, observation }] : [];
  });
  const ids = [...new Set(seen.map(({ flourId }) => flourId))];
  return Object.fromEntries(
    ids.map((id) => [id, flourBelief(seen.filter((s) => s.flourId === id).map((s) => s.observation))]),
  );
}

/** Every line of a batch: its dough, and its fillings. */
export const linesOf = (draft: BatchDraft): Formula => [
  ...draft.dough.lines,
  ...fillingsOf(draft).flatMap((mark) => draft.fillings[mark]!.lines),
];

/** Kept oil as it is now; `null` when there is none, or it was poured away. */
async function keptOilNow(q: Queries, id: string | undefined, nowMs: number): Promise<PotOil | null> {
  const oil = id === undefined ? null : await readOil(q, id);
  if (!oil) return null;
  const state = oilState(oil, await listOilEvents(q, oil.id), nowMs, await pantryNow(q));
  const { smokeC, allergens, diet, advice, reasons, uses } = state;
  return state.isGone ? null : { id: oil.id, name: oil.name, smokeC, allergens, diet, advice, reasons, uses };
}

/** The kitchen a batch is planned in: its settings, the guests of its supper, its pot with its oil, what was learnt, and the own ingredients it uses. */
export async function kitchenFor(q: Queries, draft: BatchDraft, nowMs: number): Promise<Kitchen> {
  const supper = draft.supper === undefined ? null : await readSupper(q, draft.supper);
  const kitchen = kitchenAtSupper((await readKitchen(q)).kitchen, supper && supper.supper);
  const rows = (await listIngredientRows(q)).map((row) => row.ingredient);
  const own = ownIngredients(rows, basesOf(await listBaseFormulas(q)));
  const flours = beliefsFrom(await listFlourRows(q), pantryWith(own));
  const taken = potOf(batchPot(draft), kitchen);
  const potOil = await keptOilNow(q, taken ? taken.oilId : kitchen.potOilId, nowMs);
  const atPot = kitchenAtPot({ ...kitchen, ...(potOil && { potOil }) }, taken, potOil);
  const used = new Set(linesOf(draft).map(({ ingredientId }) => ingredientId));
  const learnt = await learntNow(q, nowMs);
  return { ...atPot, flours, learnt, ingredients: own.filter(({ id }) => used.has(id)) };
}

/** Refuses a line whose ingredient this kitchen does not have, by the line's own path. */
export function requireKnown(lines: Formula, path: string, pantry: Pantry): void {
  lines.forEach((line, i) => pantry.find(line.ingredientId, `${path}.${i}.ingredientId`));
}

/** The dough of a draft, and each filling. */
export function requireKnownDraft(draft: BatchDraft, pantry: Pantry): void {
  requireKnown(draft.dough.lines, 'draft.dough.lines', pantry);
  for (const mark of fillingsOf(draft)) {
    requireKnown(draft.fillings[mark]!.lines, `draft.fillings.${mark}.lines`, pantry);
  }
}
