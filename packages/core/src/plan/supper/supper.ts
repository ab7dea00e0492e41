import type { LedgerFigures } from '../../stove/ledgerFigures.js';
import { containedIn } from '../../ingredient/formula.js';
import { type FryJob, type FryOrder, fryOrder, type FryPlace } from '../../oil/fryOrder.js';
import type { OilEvent } from '../../oil/oilHistory.js';
import { OIL_KG_PER_M3_AT_20, oilChangeS } from '../../oil/pot.js';
import type { BatchDraft } from '../../draft/batchDraft.js';
import { fryTrays } from '../batch/fryTrays.js';
import { planTrays, type PlannedTray } from '../batch/planBatch.js';
import { NO_COATING } from '../../draft/choices.js';
import type { OilCarries, Kitchen } from '../../draft/kitchen.js';

/**
 * A batch as the others at the pot need it; `null` when it is never fried as planned.
 * @throws CoreError with the draft's field as path
 * @example fryJobOf('a', batch, kitchen).oilC // 158
 */
export function fryJobOf(id: string, batch: BatchDraft, kitchen: Kitchen): FryJob | null {
  return fryJobFrom(id, batch, planTrays(batch, kitchen, null));
}

/**
 * The same from trays that are planned already.
 * @example fryJobFrom('a', batch, planTrays(batch, kitchen, null)).oilC // 158
 */
export function fryJobFrom(id: string, batch: BatchDraft, planned: readonly PlannedTray[]): FryJob | null {
  const fried = fryTrays(batch).flatMap(({ draft: { mark } }) => planned.filter(({ draft }) => draft.mark === mark));
  const [first] = fried;
  if (!first || fried.some(({ plan }) => !plan.fry?.loads)) return null;
  const { allergens, diet } = containedIn(fried.map(({ plan }) => plan.contains));
  const totalS = fried.reduce((sum, { plan }) => sum + plan.fry!.loads!.totalS, 0);
  const takenKg = fried.reduce((sum, { draft, plan }) => sum + draft.pieces * (plan.fry!.oilUptakeKg ?? 0), 0);
  const takenM3 = takenKg / OIL_KG_PER_M3_AT_20;
  const isStrong = fried.some(({ draft }) => draft.filling.strong === true);
  const { oilC } = first.draft.fry;
  return { id, name: batch.name, oilC, totalS, takenM3, allergens, diet, ...(isStrong && { strong: true }) };
}

/** Oil that nothing was fried in. */
export const FRESH_OIL: OilCarries = { allergens: [], diet: 'vegan' };

/**
 * The batches of one supper in the order in which they share the kitchen's oil.
 * @example supperOrder(jobs, kitchen).places.length // 2
 */
export function supperOrder(
  jobs: readonly FryJob[],
  kitchen: Pick<Kitchen, 'guests' | 'potOil' | 'pot' | 'roomC'>,
): FryOrder {
  return fryOrder(jobs, kitchen.guests ?? [], kitchen.potOil ?? FRESH_OIL, (fromC, toC) =>
    oilChangeS(kitchen.pot, kitchen.roomC, fromC, toC),
  );
}

/**
 * The rest of a supper once one of its batches is in the oil: what it leaves behind counts.
 * @example supperAfter(jobs[0], jobs.slice(1), kitchen).length // 1
 */
export function supperAfter(now: FryJob, rest: readonly FryJob[], kitchen: Kitchen): readonly FryPlace[] {
  const oil = containedIn([kitchen.potOil ?? FRESH_OIL, now]);
  const changeS = (fromC: number | null, toC: number) => oilChangeS(kitchen.pot, kitchen.roomC, fromC, toC);
  return fryOrder(rest, kitchen.guests ?? [], oil, changeS, now.oilC).places;
}

/**
 * What a batch did to the oil it was fried in; `null` when nothing of it was fried.
 * @param trays those that were fried, with what became of each
 * @example friedInOil(batch.name, [{ draft, plan, figures: ledger }], ledger).kind // 'fried'
 */
export function friedInOil(
  batchName: string,
  trays: readonly (PlannedTray & { readonly figures: Pick<LedgerFigures, 'fried' | 'burst' | 'aside'> })[],
  figures: Pick<LedgerFigures, 'fryingS' | 'oilMeanC'>,
): Omit<Extract<OilEvent, { kind: 'fried' }>, 'id' | 'at'> | null {
  const piecesOf = (of: (typeof trays)[number]['figures']) => of.fried + of.burst + of.aside;
  const fried = trays.filter((tray) => piecesOf(tray.figures) > 0);
  const [first] = fried;
  if (!first) return null;
  return {
    kind: 'fried',
    batchName,
    hotS: figures.fryingS,
    meanC: figures.oilMeanC ?? first.draft.fry.oilC,
    takenM3: fried.reduce(
      (sum, tray) => sum + (piecesOf(tray.figures) * (tray.plan.fry?.oilUptakeKg ?? 0)) / OIL_KG_PER_M3_AT_20,
      0,
    ),
    // A burst leaves its filling in the oil.
    crumbs: fried.some(({ draft, figures: of }) => (draft.coating ?? NO_COATING).dry !== 'none' || of.burst > 0),
    ...containedIn(fried.map(({ plan }) => plan.contains)),
  };
}
