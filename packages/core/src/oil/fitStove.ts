import { solveLinear } from '../numeric/linear.js';
import { requireWithin } from '../errors.js';
import { type PotState, stepPot } from './pot.js';
import { type Pot } from '../draft/kitchen.js';

/** What was recorded at a real stove. */
export interface StoveRecord {
  /** In order of time. */
  readonly readings: readonly { readonly atS: number; readonly probeC: number }[];
  /** Knob settings from their moments on, in order. */
  readonly settings: readonly { readonly atS: number; readonly setting: number }[];
  /** Heat the pieces drew, W, as a function of time. */
  readonly lotW: (atS: number) => number;
}

/** A figure found, and its standard deviation. */
export interface Found {
  readonly value: number;
  readonly sd: number;
}

/** What a stove is like. */
export interface StoveFit {
  /** Share of the ring's power that reaches the oil. */
  readonly efficiency: Found;
  readonly lossWPerK: Found;
  readonly probeLagS: Found;
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
/** As many readings as a fit uses, evenly taken: more cost time and say nothing more. */
export function thinForFit<T>(readings: readonly T[]): readonly T[] {
  const each = Math.max(1, Math.floor(readings.length / MOST_READINGS));
  return each === 1 ? readings : readings.filter((_, i) => i % each === 0);
}
/** Weak knowledge beforehand, in ln: keeps what a record says nothing about. */
const PRIOR_SD = 0.7;

/** The record cut into steps: no longer than two seconds, never across a turn of the knob. */
interface Grid {
  readonly dtS: readonly number[];
  readonly setting: readonly number[];
  readonly lotW: readonly number[];
  /** Steps done when each reading is taken. */
  readonly readAt: readonly number[];
}

function gridOf({ readings, settings, lotW }: StoveRecord): Grid {
  const grid = { dtS: [] as number[], setting: [] as number[], lotW: [] as number[], readAt: [] as number[] };
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
      grid.lotW.push(lotW(atS + dtS / 2));
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
      state = stepPot(pot, state, grid.setting[step]!, roomC, grid.lotW[step]!, grid.dtS[step]!);
    }
    return state.probeC;
  });
}

/**
 * Fits the share of power that reaches the oil, the loss to the room and the probe's lag to a
 * recorded warm-up and its drops, by least squares (Gauss–Newton in the logarithms, damped).
 * Oil and pot mass set the scale: a warm-up alone gives only the ratios to them.
 *
 * @param pot as the Store has it: masses and power count, the three are where it begins
 * @throws CoreError OUT_OF_RANGE under 40 readings, or under three minutes
 */
export function fitStove(pot: Pot, roomC: number, whole: StoveRecord): StoveFit {
  requireWithin(whole.readings.length, FIT_LEAST.readings, 10_000_000, 'readings');
  const record = { ...whole, readings: thinForFit(whole.readings) };
  const last = record.readings[record.readings.length - 1]!;
  requireWithin(last.atS - record.readings[0]!.atS, FIT_LEAST.spanS, 1e7, 'readings');
  const grid = gridOf(record);
  const firstC = record.readings[0]!.probeC;
  // The fourth is how far the oil is ahead of the probe when the record begins, in tens of kelvins.
  const start = [...[pot.efficiency, pot.lossWPerK, pot.probeLagS].map(Math.log), 0];
  const potAt = (p: readonly number[]): Pot => ({
    ...pot,
    efficiency: Math.exp(p[0]!),
    lossWPerK: Math.exp(p[1]!),
    probeLagS: Math.exp(p[2]!),
  });
  const residuals = (p: readonly number[]) => {
    const model = simulate(potAt(p), roomC, { oilC: firstC + 10 * p[3]!, probeC: firstC }, grid);
    return record.readings.map((reading, i) => reading.probeC - model[i]!);
  };
  const readingSd = 0.5;
  const costOf = (r: readonly number[], p: readonly number[]) =>
    r.reduce((sum, e) => sum + (e / readingSd) ** 2, 0) +
    p.reduce((sum, x, i) => sum + ((x - start[i]!) / PRIOR_SD) ** 2, 0);
  let at = [...start];
  let r = residuals(at);
  let cost = costOf(r, at);
  let damping = 1e-3;
  let converged = false;
  let curvature: number[][] = at.map((_, i) => at.map((__, j) => (i === j ? 1 : 0)));
  for (let round = 0; round < ROUNDS && !converged; round++) {
    const columns = at.map((_, k) => {
      const moved = at.map((x, i) => (i === k ? x + 1e-4 : x));
      const rk = residuals(moved);
      return r.map((e, i) => (e - rk[i]!) / 1e-4 / readingSd);
    });
    curvature = at.map((_, i) =>
      at.map(
        (__, j) => columns[i]!.reduce((sum, c, n) => sum + c * columns[j]![n]!, 0) + (i === j ? 1 / PRIOR_SD ** 2 : 0),
      ),
    );
    const slope = at.map(
      (x, i) => columns[i]!.reduce((sum, c, n) => sum + (c * r[n]!) / readingSd, 0) - (x - start[i]!) / PRIOR_SD ** 2,
    );
    for (let tries = 0; tries < 12; tries++) {
      const damped = curvature.map((row, i) => row.map((v, j) => (i === j ? v * (1 + damping) : v)));
      const step = solveLinear(damped, slope);
      // Never further than a factor of e at once.
      const next = at.map((x, i) => x + Math.max(-1, Math.min(1, step[i]!)));
      const rn = residuals(next);
      const costNow = costOf(rn, next);
      if (costNow < cost) {
        converged = cost - costNow < 1e-6 * cost;
        [at, r, cost] = [next, rn, costNow];
        damping = Math.max(1e-9, damping / 5);
        break;
      }
      damping *= 5;
      if (tries === 11) converged = true;
    }
  }
  const residualC = Math.sqrt(r.reduce((sum, e) => sum + e * e, 0) / r.length);
  // The record's own scatter sets the range, where it is worse than a good probe's.
  const scale = Math.max(1, residualC / readingSd);
  const found = (i: number): Found => {
    const unit = at.map((_, j) => (i === j ? 1 : 0));
    const value = Math.exp(at[i]!);
    return { value, sd: value * scale * Math.sqrt(Math.max(0, solveLinear(curvature, unit)[i]!)) };
  };
  return { efficiency: found(0), lossWPerK: found(1), probeLagS: found(2), residualC, converged };
}
