import { fitSds, leastSquares } from '../numeric/leastSquares.js';
import { requireWithin } from '../errors.js';
import { burnerW, type PotState, burnerLagS, stepPot } from './pot.js';
import { type Pot } from '../draft/kitchen.js';

/** What was recorded at a real stove. */
export interface StoveRecord {
  /** In order of time. */
  readonly readings: readonly { readonly atS: number; readonly probeC: number }[];
  /** Setting settings from their moments on, in order. */
  readonly settings: readonly { readonly atS: number; readonly setting: number }[];
  /** Heat the pieces drew, W, as a function of time. */
  readonly loadW: (atS: number) => number;
}

/** A figure found, and its standard deviation. */
export interface Found {
  readonly value: number;
  readonly sd: number;
}

/** What a stove is like. */
export interface StoveFit {
  /** Share of the burner's power that reaches the oil. */
  readonly efficiency: Found;
  readonly lossWPerK: Found;
  readonly probeLagS: Found;
  /** Of the burner behind its setting. */
  readonly burnerLagS: Found;
  /** Of readings about the fitted curve, °C. */
  readonly residualC: number;
  readonly converged: boolean;
}

const MOST_STEP_S = 2;
const ROUNDS = 30;
/** Less than this says nothing of a stove: readings, and s from the first to the last. */
export const FIT_LEAST = { readings: 40, spanS: 180 } as const;
/** Readings are thinned to about this many: more say nothing more. */
const MOST_READINGS = 1000;
/**
 * As many readings as a fit uses, evenly taken: more cost time and say nothing more.
 * @example thinForFit(readings).length // 140
 */
export function thinForFit<T>(readings: readonly T[]): readonly T[] {
  const each = Math.max(1, Math.floor(readings.length / MOST_READINGS));
  return each === 1 ? readings : readings.filter((_, i) => i % each === 0);
}
/** Weak knowledge beforehand, in ln: keeps what a record says nothing about. */
const PRIOR_SD = 0.7;
/** Of one reading of a good probe, °C. */
const READING_SD_C = 0.5;
/** How far the oil may be ahead of the probe at first, °C for one unit of the fit. */
const AHEAD_C = 10;

/** The record cut into steps: no longer than two seconds, never across a turn of the setting. */
interface Grid {
  readonly dtS: readonly number[];
  readonly setting: readonly number[];
  readonly loadW: readonly number[];
  /** Steps done when each reading is taken. */
  readonly readAt: readonly number[];
}

function gridOf({ readings, settings, loadW }: StoveRecord): Grid {
  const grid = { dtS: [] as number[], setting: [] as number[], loadW: [] as number[], readAt: [] as number[] };
  let atS = readings[0]!.atS;
  let next = 0;
  let setting = 0;
  for (const reading of readings) {
    while (reading.atS - atS > 1e-9) {
      while (next < settings.length && settings[next]!.atS <= atS + 1e-9) setting = settings[next++]!.setting;
      const turnS = settings[next]?.atS ?? Infinity;
      const dtS = Math.min(MOST_STEP_S, reading.atS - atS, turnS - atS);
      grid.dtS.push(dtS);
      grid.setting.push(setting);
      grid.loadW.push(loadW(atS + dtS / 2));
      atS += dtS;
    }
    grid.readAt.push(grid.dtS.length);
  }
  return grid;
}

/** Probe readings the pot model would give, at the moments of the record. */
function simulate(pot: Pot, roomC: number, first: PotState, grid: Grid): number[] {
  let state = first;
  let step = 0;
  return grid.readAt.map((until) => {
    for (; step < until; step++) {
      state = stepPot(pot, state, grid.setting[step]!, roomC, grid.loadW[step]!, grid.dtS[step]!);
    }
    return state.probeC;
  });
}

/**
 * Fits the share of power that reaches the oil, the loss to the room, and the lags of probe and burner to a
 * recorded warm-up and its drops, by least squares (Gauss–Newton in the logarithms, damped).
 * Oil and pot mass set the scale: a warm-up alone gives only the ratios to them.
 *
 * @param pot as the Store has it: masses and power count, the three are where it begins
 * @throws CoreError OUT_OF_RANGE under 40 readings, or under three minutes
 * @example fitStove(pot, 21, stoveRecordOf(acts, readings, 24, () => fry.drawW)).burnerLagS.value > 0 // true
 */
export function fitStove(pot: Pot, roomC: number, whole: StoveRecord): StoveFit {
  requireWithin(whole.readings.length, FIT_LEAST.readings, 10_000_000, 'readings');
  const record = { ...whole, readings: thinForFit(whole.readings) };
  const last = record.readings[record.readings.length - 1]!;
  requireWithin(last.atS - record.readings[0]!.atS, FIT_LEAST.spanS, 1e7, 'readings');
  const grid = gridOf(record);
  const { atS: firstAtS, probeC: firstC } = record.readings[0]!;
  // A burner that was lit before the first reading gives already.
  const litS = firstAtS - (record.settings[0]?.atS ?? firstAtS);
  const firstState = (p: readonly number[]): PotState => {
    const burnerFlowW = (burnerW(pot, record.settings[0]?.setting ?? 0) * Math.exp(p[0]!)) / pot.efficiency;
    return {
      oilC: firstC + AHEAD_C * p[4]!,
      probeC: firstC,
      burnerFlowW: burnerFlowW * (1 - Math.exp(-Math.max(0, litS) / Math.exp(p[3]!))),
    };
  };
  const fit = leastSquares({
    residuals: (p) => {
      const model = simulate(potAt(pot, p), roomC, firstState(p), grid);
      return record.readings.map((reading, i) => (reading.probeC - model[i]!) / READING_SD_C);
    },
    // The fifth is how far the oil is ahead of the probe when the record begins.
    start: [...[pot.efficiency, pot.lossWPerK, pot.probeLagS, burnerLagS(pot)].map(Math.log), 0],
    priorSd: [PRIOR_SD, PRIOR_SD, PRIOR_SD, PRIOR_SD, PRIOR_SD],
    // Never further than a factor of e at once.
    mostStep: 1,
    rounds: ROUNDS,
  });
  const scatter = Math.sqrt(fit.residuals.reduce((sum, e) => sum + e * e, 0) / fit.residuals.length);
  // The record's own scatter sets the range, where it is worse than a good probe's.
  const scale = Math.max(1, scatter);
  const sds = fitSds(fit);
  const found = (i: number): Found => {
    const value = Math.exp(fit.at[i]!);
    return { value, sd: value * scale * sds[i]! };
  };
  return {
    efficiency: found(0),
    lossWPerK: found(1),
    probeLagS: found(2),
    burnerLagS: found(3),
    residualC: scatter * READING_SD_C,
    converged: fit.converged,
  };
}

const potAt = (pot: Pot, p: readonly number[]): Pot => ({
  ...pot,
  efficiency: Math.exp(p[0]!),
  lossWPerK: Math.exp(p[1]!),
  probeLagS: Math.exp(p[2]!),
  burnerLagS: Math.exp(p[3]!),
});
