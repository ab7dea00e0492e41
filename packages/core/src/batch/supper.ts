import type { LedgerFigures } from '../fire/ledgerFigures.js';
import { type FryJob, type FryOrder, fryOrder } from '../oil/fryOrder.js';
import type { OilEvent } from '../oil/oilHistory.js';
import { OIL_KG_PER_M3_AT_20, oilChangeS } from '../oil/pot.js';
import { NO_COAT } from '../piece/coat.js';
import type { BatchPlan } from './batchPlan.js';
import type { BatchDraft, Kitchen } from './draft.js';
import { planBatch } from './planBatch.js';

/**
 * A batch as the others at the pot need it; `null` when it is never fried as planned.
 * @throws CoreError with the draft's field as path
 */
export function fryJobOf(id: string, draft: BatchDraft, kitchen: Kitchen): FryJob | null {
  const plan = planBatch(draft, kitchen, null);
  if (!plan.fry?.lots) return null;
  const { allergens, diet } = plan.contains;
  return { id, name: draft.name, oilC: draft.fry.oilC, totalS: plan.fry.lots.totalS, allergens, diet };
}

/** The batches of one supper in the order in which they share the kitchen's oil. */
export function supperOrder(jobs: readonly FryJob[], kitchen: Kitchen): FryOrder {
  const oil = kitchen.potOil ?? { allergens: [], diet: 'vegan' as const };
  return fryOrder(jobs, kitchen.guests ?? [], oil, (fromC, toC) => oilChangeS(kitchen.pot, kitchen.roomC, fromC, toC));
}

/** What a batch did to the oil it was fried in; `null` when nothing of it was fried. */
export function friedInOil(
  draft: BatchDraft,
  plan: BatchPlan,
  figures: Pick<LedgerFigures, 'fried' | 'burst' | 'fryingS' | 'oilMeanC'>,
): Omit<Extract<OilEvent, { kind: 'fried' }>, 'id' | 'at'> | null {
  const pieces = figures.fried + figures.burst;
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
