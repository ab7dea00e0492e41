import { type BatchDraft, batchOf } from '../draft/batchDraft.js';
import type { ShapeId } from '../draft/choices.js';
import { type FormulaRef, TRAY_MARKS } from '../draft/draft.js';
import type { Kitchen } from '../draft/kitchen.js';
import { type FormulaBody, withStoreFormula } from './storeFormula.js';
import { withFamily, withFlour } from '../plan/edit/editDraft.js';
import { newTray } from '../plan/edit/starters.js';
import { trayOf, withCopyOfTray, withFillingOf, withTray } from '../plan/edit/trays.js';

/** A formula of the Store that a batch begins with, or a shipped one. */
export interface KeptFormula<Kind extends FormulaBody['kind']> {
  /** `null`: it came with the app. */
  readonly from: FormulaRef | null;
  readonly name: string;
  readonly body: Extract<FormulaBody, { readonly kind: Kind }>;
}

export interface KeptAsk {
  readonly name: string;
  readonly shape: ShapeId;
  readonly eatAt: string;
  /** Of each filling. */
  readonly pieces: number;
  readonly dough: KeptFormula<'dough'>;
  /** At least one; each gets a tray of its own. */
  readonly fillings: readonly KeptFormula<'filling'>[];
  /** All of so much flour instead of so many pieces, kg; counts with one filling. */
  readonly flourKg?: number;
}

/**
 * A whole batch of formulas the Store keeps: one dough, and a tray for each filling.
 *
 * @throws CoreError UNKNOWN_NAME, OUT_OF_RANGE
 * @example keptBatch({ name: 'Kept', shape: 'ball', eatAt: draft.eatAt, pieces: 7, dough: { from: { id: 'a', version: 1 }, name: 'Dough', body: storeBodyOf(draft, 'dough') }, fillings: [] }, kitchen).trays.A.pieces // 7
 * @returns `null` where so little flour makes not one piece, or there are more fillings than marks
 */
export function keptBatch(ask: KeptAsk, kitchen: Kitchen): BatchDraft | null {
  const { name, shape, eatAt, pieces, dough, fillings, flourKg } = ask;
  const base = withFamily(newTray(name, 'squash-sage', pieces, eatAt, shape), dough.body.family);
  const doughed = withStoreFormula(base, dough.body, dough.from, kitchen);
  const [first] = fillings;
  const filled = first ? withStoreFormula(doughed, first.body, first.from, kitchen) : doughed;
  if (flourKg !== undefined && fillings.length <= 1) {
    const limited = withFlour(filled, flourKg, kitchen);
    return limited && batchOf(limited);
  }
  let batch: BatchDraft | null = batchOf(fillings.length > 1 ? { ...filled, label: first!.name } : filled);
  for (const [i, filling] of fillings.slice(1).entries()) {
    const more: BatchDraft | null = batch && withCopyOfTray(batch, 'A');
    const mark = TRAY_MARKS[i + 1];
    if (!more || !mark) return null;
    const apart = withFillingOf(more, mark, 'own');
    const tray = { ...trayOf(apart, mark), label: filling.name };
    batch = withTray(apart, withStoreFormula(tray, filling.body, filling.from, kitchen));
  }
  return batch;
}
