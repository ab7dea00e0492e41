import type { LedgerFigures } from '../fire/ledgerFigures.js';
import { containedIn } from '../ingredient/formula.js';
import { type FryJob, type FryOrder, fryOrder, type FryPlace } from '../oil/fryOrder.js';
import type { OilEvent } from '../oil/oilHistory.js';
import { OIL_KG_PER_M3_AT_20, oilChangeS } from '../oil/pot.js';
import type { BatchPlan } from './batchPlan.js';
import type { BatchDraft } from '../draft/draft.js';
import { planBatch } from './planBatch.js';
import { NO_COAT } from '../draft/choices.js';
import type { OilCarries, Kitchen } from '../draft/kitchen.js';

/**
 * A batch as the others at the pot need it; `null` when it is never fried as planned.
 * @throws CoreError with the draft's field as path
 * @example fryJobOf('a', draft, kitchen).oilC // 158
 */
export function fryJobOf(id: string, draft: BatchDraft, kitchen: Kitchen): FryJob | null {
  const plan = planBatch(draft, kitchen, null);
  if (!plan.fry?.lots) return null;
  const { allergens, diet } = plan.contains;
  return { id, name: draft.name, oilC: draft.fry.oilC, totalS: plan.fry.lots.totalS, allergens, diet };
}

const FRESH: OilCarries = { allergens: [], diet: 'vegan' };

/**
 * The batches of one supper in the order in which they share the kitchen's oil.
 * @example supperOrder(jobs, kitchen).places.length // 2
 */
export function supperOrder(jobs: readonly FryJob[], kitchen: Kitchen): FryOrder {
  return fryOrder(jobs, kitchen.guests ?? [], kitchen.potOil ?? FRESH, (fromC, toC) =>
    oilChangeS(kitchen.pot, kitchen.roomC, fromC, toC),
  );
}

/**
 * The rest of a supper once one of its batches is in the oil: what it leaves behind counts.
 * @example supperAfter(jobs[0], jobs.slice(1), kitchen).length // 1
 */
export function supperAfter(now: FryJob, rest: readonly FryJob[], kitchen: Kitchen): readonly FryPlace[] {
  const oil = containedIn([kitchen.potOil ?? FRESH, now]);
  const changeS = (fromC: number | null, toC: number) => oilChangeS(kitchen.pot, kitchen.roomC, fromC, toC);
  return fryOrder(rest, kitchen.guests ?? [], oil, changeS, now.oilC).places;
}

/**
 * What a batch did to the oil it was fried in; `null` when nothing of it was fried.
 * @example friedInOil(draft, plan, ledgerFigures(acts, readings, 24, 158)).kind // 'fried'
 */
export function friedInOil(
  draft: BatchDraft,
  plan: BatchPlan,
  figures: Pick<LedgerFigures, 'fried' | 'burst' | 'aside' | 'fryingS' | 'oilMeanC'>,
): Omit<Extract<OilEvent, { kind: 'fried' }>, 'id' | 'at'> | null {
  const pieces = figures.fried + figures.burst + figures.aside;
  if (pieces === 0) return null;
  return {
    kind: 'fried',
    batchName: draft.name,
    hotS: figures.fryingS,
    meanC: figures.oilMeanC ?? draft.fry.oilC,
    takenM3: (pieces * (plan.fry?.oilUptakeKg ?? 0)) / OIL_KG_PER_M3_AT_20,
    // A burst leaves its filling in the oil.
    crumbs: (draft.coat ?? NO_COAT).dry !== 'none' || figures.burst > 0,
    allergens: plan.contains.allergens,
    diet: plan.contains.diet,
  };
}
