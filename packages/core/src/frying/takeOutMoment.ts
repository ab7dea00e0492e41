import { CRUST_LIMITS } from './colour.js';
import { type Rest, restInAir } from './restInAir.js';
import { darkerFace, doughSetC, type FryRun, momentWhen } from './solveFry.js';
import type { FryBodySpec } from './fryBody.js';

/** When to take out, and why then. */
export interface TakeOutMoment {
  /** s in the oil; `null`: no moment has colour, set dough and a safe core without being too dark. */
  readonly takeOutS: number | null;
  /** It is taken out before it is done, for it gets there while it rests. */
  readonly rests: boolean;
}

/** What must be true of a piece when it is eaten. */
export interface TakeOutAsk {
  readonly body: Pick<FryBodySpec, 'setC' | 'boilingC'>;
  readonly coreTargetC: number;
  readonly coreIsLine: boolean;
  readonly roomC: number;
}

/** Done with so much to spare in the oil, s: in the plan and at the stove. */
export const SPARE_S = 20;
/** And so much while it rests, s. */
const REST_SPARE_S = 10;
/** A middle that must be safe is planned to pass its safe temperature by this much, K. */
export const SAFE_SPARE_C = 1;
/** The earliest take out that resting finishes is found to this, s. */
const FINE_S = 3;

/** Whether a rested piece is done: dough set, and the core there where that is a line. */
export function isDoneByRest(rest: Pick<Rest, 'coreC' | 'wallC'>, ask: Omit<TakeOutAsk, 'roomC'>): boolean {
  const targetC = Math.min(ask.coreTargetC, ask.body.boilingC - 4) + SAFE_SPARE_C;
  return rest.wallC >= doughSetC(ask.body) && (!ask.coreIsLine || rest.coreC >= targetC);
}

/** How moments of pieces made by hand differ, standard deviation of the logarithm. Our own, see docs/models/frying.md. */
const HANDS_SD = 0.07;
/** So many times later than a moment, 98 in 100 pieces are past it. */
const SURE = Math.exp(2.05 * HANDS_SD);

/**
 * So long after a piece is right that 98 in 100 are, or in the middle between right and too dark where these
 * lie closer. s
 * @param rightS done inside and golden
 */
const forgivingS = (rightS: number, darkS: number | null): number =>
  Math.min(SURE * rightS, darkS === null ? Infinity : Math.sqrt(rightS * Math.max(rightS, darkS)));

/** First moment from which resting finishes the piece, s; `null`: not before `untilS` either. */
function doneByRestS(run: FryRun, ask: TakeOutAsk, untilS: number): number | null {
  const done = (timeS: number) => isDoneByRest(restInAir(run.bodyAt(timeS), ask.roomC), ask);
  if (!done(untilS)) return null;
  let [low, high] = [0, untilS];
  while (high - low > FINE_S) {
    const middle = (low + high) / 2;
    if (done(middle)) high = middle;
    else low = middle;
  }
  return high;
}

/**
 * Coloured and done, whichever is later, with room for pieces that differ by hand. Where waiting for it to be
 * done in the oil would brown it past golden, it is taken out when resting finishes it; and never once it is too dark.
 */
export function takeOutMoment(run: FryRun, ask: TakeOutAsk): TakeOutMoment {
  const { doneS, takeOutColourS, goldenS, darkS, samples } = run.solution;
  const colourS = takeOutColourS ?? goldenS;
  const none = { takeOutS: null, rests: false };
  if (colourS === null) return none;
  const brownS = momentWhen(samples, darkerFace, CRUST_LIMITS.golden) ?? Infinity;
  const soonestS = doneS === null ? Infinity : Math.max(doneS + SPARE_S, colourS);
  const goldS = goldenS ?? colourS;
  const inOilS = doneS === null ? Infinity : Math.max(soonestS, forgivingS(Math.max(doneS, goldS), darkS));
  if (Number.isFinite(soonestS) && soonestS <= brownS) return { takeOutS: inOilS, rests: false };
  const lastS = Math.min(inOilS, darkS ?? Infinity, samples[samples.length - 1]!.timeS);
  const byRestS = doneByRestS(run, ask, lastS);
  const restedS =
    byRestS === null
      ? Infinity
      : Math.max(byRestS + REST_SPARE_S, colourS, forgivingS(Math.max(byRestS, goldS), darkS));
  const takeOutS = Math.min(inOilS, restedS);
  if (takeOutS >= (darkS ?? Infinity) || !Number.isFinite(takeOutS)) return none;
  return { takeOutS, rests: takeOutS < (doneS ?? Infinity) };
}
