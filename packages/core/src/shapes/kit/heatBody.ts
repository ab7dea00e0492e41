import { clamp } from '../../numeric/clamp.js';

/** What decides how heat reaches the middle of a piece, m. */
export interface HeatShape {
  /** Rise of each face over the middle plane, filling only. */
  readonly riseM: number;
  readonly wallM: number;
  /** From the middle of the pocket to its nearest edge, in its own plane. */
  readonly reachM: number;
}

/** What a shape's exponent is fitted with: of r, r², r³, w, r·w, w²; or one figure where all its pieces are alike. */
export type HeatBody = number | readonly [number, number, number, number, number, number];

/**
 * Exponent m of the one-dimensional body that warms as the piece does in three dimensions:
 * `m = 1 + a·r + b·r² + c·r³ + d·w + e·r·w + f·w²` with r and w rise and wall over the reach in the
 * plane; gathered shapes, which are all alike, have one figure. Fitted by `bench/fitBodies.ts`
 * to conduction on a grid: to 74 °C at the coldest point at most 3 % early and 10 % late for
 * pieces a third to all full. Source: our own, see docs/models/fold.md.
 *
 * @returns 1 slab to 3 ball
 * @example heatExponent([-0.129, 2.718, -1.683, 0.442, 0.918, -0.444], { riseM: 0.01, wallM: 0.0026, reachM: 0.023 }) // 1.41
 */
export function heatExponent(known: HeatBody, { riseM, wallM, reachM }: HeatShape): number {
  if (typeof known === 'number') return known;
  const [r1, r2, r3, w1, rw, w2] = known;
  const [r, w] = [riseM / reachM, wallM / reachM];
  return clamp(1 + r1 * r + r2 * r * r + r3 * r ** 3 + w1 * w + rw * r * w + w2 * w * w, 1, 3);
}
