import { CRUST_LIMITS } from '../heat/colour.js';
import { clamp } from '../numeric/clamp.js';
import { type FryRun, type FrySample, momentWhen, palerFace, sampleAt } from '../heat/solveFry.js';
import { restInAir, type Rest } from '../heat/restInAir.js';

/** The planned piece: when it is done inside, s in the oil (`Infinity`: never), and how it colours. */
export interface PlannedPiece {
  readonly setS: number;
  /** 0 where nothing is asked of the core. */
  readonly safeS: number;
  /** The first moments from which resting does it. */
  readonly setByRestS: number;
  readonly safeByRestS: number;
  /** A plan that counts on resting takes out so much later than its middle needs, s. */
  readonly restSpareS: number;
  readonly samples: readonly Pick<FrySample, 'timeS' | 'colours'>[];
}

/** What must be true of a piece when it is eaten. */
export interface PieceAsk {
  /** At which the innermost dough counts as set, °C. */
  readonly setC: number;
  /** What the coldest filling must reach, °C; `null`: nothing is asked of it. */
  readonly coreC: number | null;
  readonly roomC: number;
}

/** Steps of the search between a moment at which resting does not finish the piece and one at which it does. */
const LOOKS = 3;
/** The search first steps back by this share of the time until resting no longer finishes the piece. */
const STEP_BACK = 0.25;
/** Close enough, s. */
const NEAR_S = 2;

/** First moment from which resting takes a figure of a piece to its target, s; `Infinity`: none. By false position. */
function byRestS(
  run: FryRun,
  roomC: number,
  inOil: (sample: FrySample) => number,
  rested: (rest: Rest) => number,
  targetC: number,
): number {
  const { samples } = run.solution;
  const endS = samples[samples.length - 1]!.timeS;
  const overC = (timeS: number) => rested(restInAir(run.bodyAt(timeS), roomC)) - targetC;
  let highS = momentWhen(samples, inOil, targetC) ?? endS;
  let highC = overC(highS);
  if (highC < 0) return Infinity;
  let lowS = highS;
  let lowC = highC;
  while (lowC >= 0 && lowS > NEAR_S) {
    [highS, highC] = [lowS, lowC];
    lowS = Math.max(0, lowS * (1 - STEP_BACK));
    lowC = overC(lowS);
  }
  for (let look = 0; look < LOOKS && highS - lowS > NEAR_S; look++) {
    const share = clamp(lowC / (lowC - highC), 0.1, 0.9);
    const atS = lowS + share * (highS - lowS);
    const atC = overC(atS);
    if (atC < 0) [lowS, lowC] = [atS, atC];
    else [highS, highC] = [atS, atC];
  }
  return highS;
}

/** What resting adds depends on the last turn too: a middle that must be safe is to pass its temperature by so much, K. */
const REST_SPARE_C = 1.5;
/** Set before this share of the time to golden. */
const LONG_BEFORE = 0.75;

/** The moments of a fried piece, as what it is asked for has them. */
export function plannedPiece(run: FryRun, { setC, coreC, roomC }: PieceAsk): PlannedPiece {
  const { samples } = run.solution;
  const peak = (sample: FrySample) => sample.interfacePeakC;
  const core = (sample: FrySample) => sample.coreC;
  const setS = momentWhen(samples, peak, setC) ?? Infinity;
  const goldenS = momentWhen(samples, palerFace, CRUST_LIMITS.pale) ?? 0;
  const safeByRestS = coreC === null ? 0 : byRestS(run, roomC, core, (rest) => rest.coreC, coreC);
  const sureS =
    safeByRestS === 0 || !Number.isFinite(safeByRestS)
      ? safeByRestS
      : (momentWhen(samples, core, sampleAt(samples, safeByRestS).coreC + REST_SPARE_C) ?? safeByRestS);
  return {
    setS,
    safeS: coreC === null ? 0 : (momentWhen(samples, core, coreC) ?? Infinity),
    // Dough that has set long before the crust is golden decides nothing: resting is not looked at.
    setByRestS: setS < LONG_BEFORE * goldenS ? setS : byRestS(run, roomC, peak, (rest) => rest.wallC, setC),
    safeByRestS,
    restSpareS: Math.max(0, sureS - safeByRestS) || 0,
    samples,
  };
}
