import { requireWithin } from '../errors.js';
import type { Shape, PieceSpec } from '../shapes/kit/piece.js';

/** Limits of a blank across, m. */
const LEAST_M = 0.02;
const MOST_M = 0.4;
const STEPS = 60;
/** A size found is this near to what was wanted, or it is none. */
const NEAR = 1e-6;

/** What a size is sought for: a fill fraction, a wanted width, or a wanted wall, m. */
export type SizeGoal = { readonly fill: number } | { readonly widthM: number } | { readonly wallM: number };

/**
 * The blank that gives a wanted fill, width or wall with everything else as it is, m; `null`
 * where none between 2 and 40 cm does, or only one that bursts. Bisection: each of the three
 * moves one way with size.
 *
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 */
export function sizeFor(shape: Shape, spec: PieceSpec, goal: SizeGoal): number | null {
  const wanted = 'fill' in goal ? goal.fill : 'widthM' in goal ? goal.widthM : goal.wallM;
  requireWithin(wanted, 1e-4, 10, 'goal');
  // Grows with the size; a blank too small to close is too small.
  const off = (discM: number): number => {
    const piece = shape.piece({ ...spec, discM, lengthM: spec.lengthM * (discM / spec.discM) });
    if (!piece) return -1;
    if ('fill' in goal) return wanted - piece.fill;
    // What bursts is no width or wall to aim for.
    if (piece.fill > 1) return -1;
    return ('widthM' in goal ? piece.widthM : piece.wallCrownM) - wanted;
  };
  let low = LEAST_M;
  let high = MOST_M;
  if (off(low) > 0 || off(high) < 0) return null;
  for (let step = 0; step < STEPS; step++) {
    const middle = (low + high) / 2;
    if (off(middle) < 0) low = middle;
    else high = middle;
  }
  return Math.abs(off(high)) <= NEAR * wanted ? high : null;
}

/** Thickness that gives a wanted dough portion on a blank of this area, m. */
export function thicknessForDough(doughKg: number, blankM2: number, doughKgPerM3: number): number {
  return doughKg / doughKgPerM3 / blankM2;
}
