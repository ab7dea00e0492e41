import { NO_COAT } from '../draft/choices.js';
import type { BatchDraft } from '../draft/draft.js';
import type { Kitchen } from '../draft/kitchen.js';
import { CoreError } from '../errors.js';
import type { FryPlan } from '../frying/fryPlan.js';
import { COAT_REST_S } from '../piece/coat.js';
import { EDGES } from '../piece/edge.js';
import { formOf } from '../piece/forms.js';
import { backwardChain } from '../schedule/backwardChain.js';
import type { ColdPlan, ServePlan } from './batchPlan.js';
import { serveFindings } from './serveFindings.js';

/** Hands' time for one dip of a coat, s. */
const DIP_S = 6;

/** Hands' time to fill, close and coat one piece, s. */
function foldEachS(draft: BatchDraft, kitchen: Kitchen): number {
  const { wet, dry, double } = draft.coat ?? NO_COAT;
  const edge = formOf(draft.form).hasEdge ? (draft.fold.edge ?? 'plain') : 'plain';
  const dips = (wet === 'none' ? 0 : 1) + (dry === 'none' ? 0 : 1);
  return Math.max(5, kitchen.hands.foldEachS + EDGES[edge].handsS) + DIP_S * dips * (double ? 2 : 1);
}

/** s between the last piece folded and the oil being heated for it; `null`: none. */
function holdS(draft: BatchDraft, { hold }: FryPlan): number | null {
  const coatS = (draft.coat ?? NO_COAT).dry === 'none' ? 0 : COAT_REST_S;
  const coldS = hold === null ? 0 : (hold.coldS ?? 12 * 3600) + hold.temperS;
  return Math.max(coatS, coldS) || null;
}

/**
 * The day back from the table, one pair of hands.
 * @throws CoreError NOT_A_NUMBER at eatAt
 */
export function planServe(
  draft: BatchDraft,
  kitchen: Kitchen,
  cold: ColdPlan,
  fry: FryPlan,
  nowMs: number | null,
): ServePlan {
  const eatMs = Date.parse(draft.eatAt);
  if (!Number.isFinite(eatMs)) throw new CoreError('NOT_A_NUMBER', 'eatAt', 'The eating time is not a date.');
  const { hands } = kitchen;
  const { restS } = cold.dough.figures.family;
  const usualS = (restS.least + restS.most) / 2;
  const isAhead = (draft.filling.aheadDays ?? 0) > 0;
  const steps = backwardChain(eatMs, {
    cookFillingS: isAhead ? null : hands.cookFillingS,
    coolS: cold.filling.cooling?.toFoldS ?? 12 * 3600,
    mixS: hands.mixS,
    // A dough that rises waits for its own clock, then proofs shaped.
    restS: cold.dough.rise?.totalS ?? usualS,
    foldS: foldEachS(draft, kitchen) * draft.pieces,
    holdS: holdS(draft, fry),
    heatS: fry.warmUpS ?? 3 * 3600,
    fryS: fry.lots?.totalS ?? 0,
    serveS: hands.serveS,
  });
  const lastLotUpMs = eatMs - hands.serveS * 1000;
  return {
    steps,
    startMs: steps[0]!.startMs,
    lastLotUpMs,
    findings: serveFindings(steps, fry, kitchen.roomC, nowMs, draft.fry.start, draft.pieces),
  };
}
