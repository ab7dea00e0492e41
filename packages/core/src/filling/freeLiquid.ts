import type { Formula } from '../ingredient/formula.js';
import type { Ingredient } from '../ingredient/ingredient.js';
import type { Pantry } from '../ingredient/pantry.js';

/** What can bind a filling, and how much of it one part of free liquid takes. Source: docs/models/filling.md. */
const THICKENERS = [
  { ingredientId: 'corn-starch', share: 0.05 },
  { ingredientId: 'plain-wheat-flour', share: 0.09 },
  { ingredientId: 'gram-flour', share: 0.1 },
  { ingredientId: 'bread-crumb', share: 0.15 },
] as const;

/** Water one part of each holds so that nothing runs: our own working values for cooked fillings. */
const HOLDS = { starch: 3.5, protein: 2, fibre: 8 } as const;

/** Free liquid under this share of the filling stays put, over the second it runs. Our own. */
export const FREE_RANGE = { stays: 0.2, runs: 0.32 } as const;

/** Water that one part of an ingredient holds, kg/kg. */
function heldBy(ingredient: Ingredient): number {
  if (ingredient.role === 'starch') return 1 / 0.05;
  const thickener = THICKENERS.find((one) => one.ingredientId === ingredient.id);
  if (thickener) return 1 / thickener.share;
  if (ingredient.role === 'flour') return 1 / 0.09;
  const { water, fat, protein, starch, sugar, salt } = ingredient.composition;
  const fibre = Math.max(0, 1 - water - fat - protein - starch - sugar - salt);
  return HOLDS.starch * starch + HOLDS.protein * protein + HOLDS.fibre * fibre;
}

/** Water that starch, protein, fibre and thickeners of a filling hold, kg. */
export function heldWaterKg(lines: Formula, pantry: Pantry): number {
  return lines.reduce((sum, line) => sum + line.massKg * heldBy(pantry.find(line.ingredientId)), 0);
}

/** One way to bind what runs. */
export interface ThickenerChoice {
  readonly ingredientId: string;
  readonly massKg: number;
}

/**
 * How much of each thickener binds a free liquid; none when there is hardly any.
 * @example thickenersFor(0.05)[0].ingredientId // 'corn-starch'
 */
export function thickenersFor(freeKg: number): readonly ThickenerChoice[] {
  if (!(freeKg > 0.005)) return [];
  return THICKENERS.map(({ ingredientId, share }) => ({ ingredientId, massKg: share * freeKg }));
}
