import type { StovePlan } from './doNext.js';
import type { PiecePrediction } from './predictPiece.js';
import type { StoveState } from './stoveAct.js';

/** By how much a moment differs from the plan's, s (under 0: sooner), and how much hotter the oil was, K; `oilK` 0: it was not the oil. */
export interface UnplannedMoment {
  readonly byS: number;
  readonly oilK: number;
}

/** Differences under these are not worth a word, s and K. */
const WORTH_SAYING = { byS: 20, oilK: 1.5 } as const;

/** How a moment differs from the plan's for these pieces; `null`: hardly. */
export function unplannedOf(
  plan: Pick<StovePlan, 'takeOutS' | 'oilC' | 'ramp'>,
  state: Pick<StoveState, 'pieces'>,
  group: readonly PiecePrediction[],
): UnplannedMoment | null {
  const dropped = new Map(state.pieces.map(({ number, droppedS }) => [number, droppedS]));
  const some = group.flatMap(({ number, orderedS, oilMeanC }) =>
    orderedS === null ? [] : [{ inOilS: orderedS - (dropped.get(number) ?? orderedS), oilMeanC }],
  );
  if (some.length === 0) return null;
  const mean = (of: (one: (typeof some)[number]) => number) =>
    some.reduce((sum, one) => sum + of(one), 0) / some.length;
  const byS = mean(({ inOilS }) => inOilS) - plan.takeOutS;
  if (Math.abs(byS) < WORTH_SAYING.byS) return null;
  const hotterK = plan.ramp ? 0 : mean(({ oilMeanC }) => oilMeanC) - plan.oilC;
  // Hotter oil explains an earlier moment, and cooler oil a later one; otherwise the oil is not named.
  const isWhy = Math.abs(hotterK) >= WORTH_SAYING.oilK && hotterK > 0 === byS < 0;
  return { byS, oilK: isWhy ? hotterK : 0 };
}
