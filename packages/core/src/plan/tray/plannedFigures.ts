import type { TrayDraft } from '../../draft/draft.js';
import { safeCoreC } from '../../filling/fillingSafety.js';
import type { BatchPlan } from './batchPlan.js';

/** What the plan said beforehand, beside `LedgerFigures`. `null` where the plan had no answer. */
export interface PlannedFigures {
  readonly inOilS: number | null;
  readonly loadSize: number | null;
  readonly loads: number | null;
  /** Of a pipeline: s between two pieces going in; `null`: in loads. */
  readonly everyS: number | null;
  readonly fryingS: number | null;
  readonly turns: number | null;
  /** Coldest filling at the first bite, °C; and what it must have reached to be safe, where something asks it. */
  readonly biteC: number | null;
  readonly safeC: number | null;
}

/**
 * @param plan of the draft and kitchen the stove was started with
 * @example plannedFigures(plan, draft).loads // 4
 */
export function plannedFigures(plan: BatchPlan, draft: TrayDraft): PlannedFigures {
  const { fry } = plan;
  const takeOutS = fry?.takeOutS ?? null;
  const safeC = safeCoreC(draft);
  return {
    inOilS: takeOutS,
    biteC: fry?.rest?.biteC ?? null,
    safeC: Number.isFinite(safeC) ? safeC : null,
    loadSize: fry?.loads?.loadSize ?? null,
    loads: fry?.loads?.loads ?? null,
    everyS: fry?.loads?.everyS ?? null,
    fryingS: fry?.loads?.totalS ?? null,
    turns: fry && takeOutS !== null ? fry.solution.turnsS.filter((s) => s < takeOutS).length : null,
  };
}
