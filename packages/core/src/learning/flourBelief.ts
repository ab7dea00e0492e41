import { RANGES } from '../draft/ranges.js';
import { doughFigures } from '../dough/doughFigures.js';
import type { DoughFamilyId } from '../draft/choices.js';
import { type FlourBelief } from '../draft/kitchen.js';
import { requireIn, requireWithin } from '../errors.js';
import type { Formula } from '../ingredient/formula.js';
import type { Pantry } from '../ingredient/pantry.js';

/** How a dough felt when the pouring ended. */
export type Felt = 'firm' | 'right' | 'soft';

/** What one dough says of its main flour: water it wants over its label, fraction of flour, and how surely. */
export interface FlourObservation {
  readonly shift: number;
  readonly sd: number;
}

/** Before any dough: the label, give or take three points. Source: docs/models/dough.md. */
export const LABEL_BELIEF: FlourBelief = { mean: 0, sd: 0.03, count: 0 };
const RIGHT_SD = 0.015;
/** "Firm" and "soft" say on which side, less surely by how much. */
const BESIDE_SD = 0.025;
/** Further from its label than this, a dough says nothing of its flour, fraction of flour. Our own. */
const MOST_SHIFT = 0.3;
/** Stiffness that is felt as firm or soft lies this far outside the middle of the range. */
const BESIDE_STIFFNESS = 1;

/**
 * What a mixed dough says of its flour: with `pouredKg` in place of the planned pour it felt as
 * it did, so its flour wants as much water as makes that stiffness. `null` where nothing is
 * learnt: no flour, nothing poured, a pour that no flour would take, or a family whose scalding
 * sets what the flour takes up.
 *
 * @param pouredKg really poured, 0–1000
 * @throws CoreError UNKNOWN_NAME, NOT_A_NUMBER, OUT_OF_RANGE
 * @example observeFlour(lines, 'shortcrust', 0.33, 'right') === null // false
 */
export function observeFlour(
  lines: Formula,
  familyId: DoughFamilyId,
  pouredKg: number,
  felt: Felt,
  pantry?: Pantry,
): FlourObservation | null {
  requireIn(pouredKg, RANGES.draft.lineKg, 'pouredKg');
  const f = doughFigures(lines, familyId, { pantry });
  if (f.family.absorption !== null || f.stiffness === null || f.pourableKg <= 0 || pouredKg <= 0) return null;
  const flour = f.madeOf.flour;
  const water = (f.madeOf.water + (pouredKg - f.pourableKg) * f.pourWaterShare) / flour;
  const middle = (f.stiffnessRange.least + f.stiffnessRange.most) / 2;
  const side = felt === 'right' ? 0 : felt === 'firm' ? BESIDE_STIFFNESS : -BESIDE_STIFFNESS;
  // Stiffness = 5 − 20·(water + softening + 0.4·sugar − A), solved for A.
  const wants = water + f.softening + 0.4 * (f.sugarPercent / 100) - (5 - (middle + side)) / 20;
  const shift = wants - f.absorption;
  // So far from its label no flour is: something else was poured, or another dough was meant.
  if (!(Math.abs(shift) <= MOST_SHIFT)) return null;
  return { shift, sd: felt === 'right' ? RIGHT_SD : BESIDE_SD };
}

/**
 * Normal prior (the label) and normal observations: what is believed after all of them, in any order.
 * @example flourBelief([]).mean // 0
 */
export function flourBelief(observations: readonly FlourObservation[]): FlourBelief {
  let weight = 1 / LABEL_BELIEF.sd ** 2;
  let sum = LABEL_BELIEF.mean * weight;
  for (const { shift, sd } of observations) {
    const w = 1 / requireWithin(sd, 1e-4, 1, 'sd') ** 2;
    sum += w * requireWithin(shift, -1, 1, 'shift');
    weight += w;
  }
  return { mean: sum / weight, sd: Math.sqrt(1 / weight), count: observations.length };
}

/**
 * Height of a belief's bell at a shift, 1/fraction: for drawing it beside the label's.
 * @example beliefDensity({ ...flourBelief([]), mean: 0, sd: 1 }, 0) // 0.399
 */
export function beliefDensity({ mean, sd }: FlourBelief, shift: number): number {
  return Math.exp(-0.5 * ((shift - mean) / sd) ** 2) / (sd * Math.sqrt(2 * Math.PI));
}
