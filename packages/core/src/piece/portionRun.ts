import { RANGES } from '../draft/ranges.js';
import { CoreError, requireIn, requireWithin } from '../errors.js';

/** A run of portions or pieces, weighed one after the other. Masses in kg. */
export interface PortionRun {
  readonly count: number;
  readonly meanKg: number;
  /** Standard deviation over the mean. */
  readonly spread: number;
  /** The one furthest from what was wanted, and which it was, from 0. */
  readonly worstKg: number;
  readonly worstIndex: number;
  /** How much heavier (+) the last ones come out than the first, by the straight line through all. */
  readonly driftKg: number;
  readonly verdict: 'even' | 'off' | 'drifts' | 'uneven';
}

/** A mean, or a drift, this far from what was wanted is said; one piece may be twice as far. Our own. */
const TOLERANCE = 0.06;

/**
 * How a real run of weighings compares with the portion wanted.
 *
 * @param weightsKg in the order they were weighed, 1–500 of them, each over 0 and at most 5
 * @param wantedKg over 0
 * @throws CoreError EMPTY, NOT_A_NUMBER, OUT_OF_RANGE
 * @example portionRun([0.068, 0.07, 0.066], 0.068).meanKg // 0.068
 */
export function portionRun(weightsKg: readonly number[], wantedKg: number): PortionRun {
  requireIn(wantedKg, RANGES.weighing.eachKg, 'wantedKg');
  if (weightsKg.length === 0) throw new CoreError('EMPTY', 'weightsKg', 'Nothing has been weighed yet.');
  requireWithin(weightsKg.length, 1, 500, 'weightsKg');
  weightsKg.forEach((kg, i) => requireWithin(kg, 1e-5, 5, `weightsKg.${i}`));
  const count = weightsKg.length;
  const meanKg = weightsKg.reduce((sum, kg) => sum + kg, 0) / count;
  const variance = weightsKg.reduce((sum, kg) => sum + (kg - meanKg) ** 2, 0) / Math.max(1, count - 1);
  const off = weightsKg.map((kg) => Math.abs(kg - wantedKg));
  const worstIndex = off.indexOf(Math.max(...off));
  const driftKg = slopeOf(weightsKg) * Math.max(0, count - 1);
  const limit = TOLERANCE * wantedKg;
  const verdict =
    Math.abs(meanKg - wantedKg) > limit
      ? 'off'
      : count >= 4 && Math.abs(driftKg) > limit
        ? 'drifts'
        : off[worstIndex]! > 2 * limit
          ? 'uneven'
          : 'even';
  return {
    count,
    meanKg,
    spread: Math.sqrt(variance) / meanKg,
    worstKg: weightsKg[worstIndex]!,
    worstIndex,
    driftKg,
    verdict,
  };
}

/** Least squares over the order of weighing, kg a piece. */
function slopeOf(values: readonly number[]): number {
  const middle = (values.length - 1) / 2;
  const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
  const [over, under] = values.reduce(
    ([a, b], value, i) => [a + (i - middle) * (value - mean), b + (i - middle) ** 2],
    [0, 0],
  );
  return under > 0 ? over / under : 0;
}

/**
 * What each of several weighs: the scale with all of them on, less the bowl.
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 * @example eachOf(1.832, 0.2, 24) // 0.068
 */
export function eachOf(grossKg: number, tareKg: number, count: number): number | null {
  requireIn(grossKg, RANGES.weighing.grossKg, 'grossKg');
  requireIn(tareKg, RANGES.weighing.grossKg, 'tareKg');
  requireIn(count, RANGES.draft.pieces, 'count');
  return grossKg > tareKg ? (grossKg - tareKg) / count : null;
}
