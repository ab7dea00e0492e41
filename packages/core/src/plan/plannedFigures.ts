import type { BatchPlan } from './batchPlan.js';

/** What the plan said beforehand, beside `LedgerFigures`. `null` where the plan had no answer. */
export interface PlannedFigures {
  readonly inOilS: number | null;
  readonly lotSize: number | null;
  readonly lots: number | null;
  readonly fryingS: number | null;
  readonly turns: number | null;
}

/**
 * @param plan of the draft and kitchen the stove was started with
 * @example plannedFigures(plan).lots // 4
 */
export function plannedFigures(plan: BatchPlan): PlannedFigures {
  const { fry } = plan;
  const liftS = fry?.liftS ?? null;
  return {
    inOilS: liftS,
    lotSize: fry?.lots?.lotSize ?? null,
    lots: fry?.lots?.lots ?? null,
    fryingS: fry?.lots?.totalS ?? null,
    turns: fry && liftS !== null ? fry.solution.turnsS.filter((s) => s < liftS).length : null,
  };
}
