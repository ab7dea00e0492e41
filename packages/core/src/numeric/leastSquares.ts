import { solveLinear } from './linear.js';

/** A fit: residuals in units of their own standard deviation, and what is known beforehand. */
export interface LeastSquaresSpec {
  /** Residuals at a set of parameters, each over its standard deviation. */
  readonly residuals: (at: readonly number[]) => readonly number[];
  readonly start: readonly number[];
  /** Weak knowledge beforehand: each parameter about its start, standard deviations. */
  readonly priorSd: readonly number[];
  /** Furthest that one round moves a parameter. */
  readonly mostStep: number;
  readonly rounds: number;
}

export interface LeastSquaresFit {
  readonly at: readonly number[];
  readonly residuals: readonly number[];
  /** Half the second derivative of the cost, n × n: its inverse is the covariance. */
  readonly curvature: readonly (readonly number[])[];
  /** Whether no direction lowers the cost any more, to a hundredth of a standard deviation. */
  readonly converged: boolean;
}

/** The cost falls by less than this share: nothing more is to be had. */
const ENOUGH = 1e-6;
/** Damping beyond this moves nothing that counts. */
const MOST_DAMPING = 1e9;
/** The slope left, in standard deviations of each parameter, that counts as none. */
const FLAT = 0.01;
const DIFFERENCE = 1e-4;

/**
 * Least squares with weak normal priors by Gauss–Newton with Levenberg's damping; derivatives by
 * differences. Source: textbook; the priors are what keeps parameters in place about which the
 * record says nothing.
 * @example leastSquares({ residuals: (at) => [at[0] - 3], start: [0], priorSd: [1e6], mostStep: 10, rounds: 20 }).at[0] // 3.00
 */
export function leastSquares({ residuals, start, priorSd, mostStep, rounds }: LeastSquaresSpec): LeastSquaresFit {
  const prior = (at: readonly number[], i: number) => (at[i]! - start[i]!) / priorSd[i]!;
  const costOf = (r: readonly number[], at: readonly number[]) =>
    r.reduce((sum, e) => sum + e * e, 0) + at.reduce((sum, _, i) => sum + prior(at, i) ** 2, 0);
  let at = [...start];
  let r = residuals(at);
  let cost = costOf(r, at);
  let damping = 1e-3;
  let { curvature, slope } = derivatives(at, r);
  let isStuck = false;
  let isEnough = false;
  for (let round = 0; round < rounds && !isEnough && !isStuck; round++) {
    const damped = curvature.map((row, i) => row.map((v, j) => (i === j ? v * (1 + damping) : v)));
    const step = solveLinear(damped, slope);
    const next = at.map((x, i) => x + Math.max(-mostStep, Math.min(mostStep, step[i]!)));
    const rNext = residuals(next);
    const costNext = costOf(rNext, next);
    if (!(costNext < cost)) {
      // A failed try costs one round of the model, not a round of the fit.
      damping *= 5;
      round -= 1;
      isStuck = damping > MOST_DAMPING;
      continue;
    }
    isEnough = cost - costNext < ENOUGH * cost;
    [at, r, cost] = [next, rNext, costNext];
    damping = Math.max(1e-9, damping / 5);
    ({ curvature, slope } = derivatives(at, r));
  }
  const isFlat = slope.every((s, i) => Math.abs(s) <= FLAT * Math.sqrt(curvature[i]![i]!));
  return { at, residuals: r, curvature, converged: isEnough || isFlat };

  function derivatives(here: readonly number[], rHere: readonly number[]) {
    const columns = here.map((_, k) => {
      const moved = residuals(here.map((x, i) => (i === k ? x + DIFFERENCE : x)));
      return rHere.map((e, i) => (e - moved[i]!) / DIFFERENCE);
    });
    return {
      curvature: here.map((_, i) =>
        here.map(
          (__, j) =>
            columns[i]!.reduce((sum, c, n) => sum + c * columns[j]![n]!, 0) + (i === j ? 1 / priorSd[i]! ** 2 : 0),
        ),
      ),
      slope: here.map(
        (_, i) => columns[i]!.reduce((sum, c, n) => sum + c * rHere[n]!, 0) - prior(here, i) / priorSd[i]!,
      ),
    };
  }
}

/** Standard deviation of each parameter of a fit. */
export function fitSds({ at, curvature }: Pick<LeastSquaresFit, 'at' | 'curvature'>): number[] {
  return at.map((_, i) => {
    const unit = at.map((__, j) => (i === j ? 1 : 0));
    return Math.sqrt(Math.max(0, solveLinear(curvature, unit)[i]!));
  });
}
