import type { StoveState, SeenLooks } from './stoveAct.js';

/** What one look says of browning beside what was shown, as a factor. Our own. */
const LOOKS: Record<SeenLooks, number> = { paler: 0.72, 'as-shown': 1, darker: 1.35 };
/** Of a fresh prediction, and of one look, in ln of the factor; how far it wanders from take out to take out. Our own. */
const PRIOR_SD = 0.22;
const LOOK_SD = 0.25;
const WANDER_SD = 0.03;
/** Core: the same in K; a probe that misses the middle reads far off. */
const CORE_SD = 3;
const CORE_LOOK_SD = 3;

/** What this session has taught of the pieces. */
export interface StoveBelief {
  /** Times the browning the plan counts with, with its spread as a factor. */
  readonly browning: number;
  readonly browningSpread: number;
  /** Cores come out this much warmer (+) or colder (−) than the model reads, K. */
  readonly coreShiftC: number;
  readonly looks: number;
  readonly cores: number;
}

/**
 * Corrects the prediction from looks when it is taken out and from measured cores. Each look is against what
 * was shown then, so against the prediction as corrected by the looks before it: a filter in ln
 * of the factor. Our own, see docs/models/frying.md.
 * @example stoveBelief(state).browning // 1
 */
export function stoveBelief({ judged }: Pick<StoveState, 'judged'>): StoveBelief {
  let mean = 0;
  let variance = PRIOR_SD ** 2;
  let looks = 0;
  let shift = 0;
  let shiftVariance = CORE_SD ** 2;
  let cores = 0;
  for (const act of judged) {
    if (act.kind === 'seen') {
      const gain = variance / (variance + LOOK_SD ** 2);
      mean += gain * Math.log(LOOKS[act.looks]);
      variance = (1 - gain) * variance + WANDER_SD ** 2;
      looks += 1;
    }
    if (act.kind === 'core' && act.predictedC !== null) {
      // What the model read had the shift of before in it already.
      const gain = shiftVariance / (shiftVariance + CORE_LOOK_SD ** 2);
      shift += gain * Math.max(-15, Math.min(15, act.tempC - act.predictedC));
      shiftVariance *= 1 - gain;
      cores += 1;
    }
  }
  return { browning: Math.exp(mean), browningSpread: Math.exp(Math.sqrt(variance)), coreShiftC: shift, looks, cores };
}
