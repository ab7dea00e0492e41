import type { Formula } from '../ingredient/formula.js';
import { type Pantry, SHIPPED_PANTRY } from '../ingredient/pantry.js';
import { DOUGH_FAMILIES, type DoughFamily } from './doughFamily.js';
import { type DoughFigures, doughFigures } from './doughFigures.js';
import { type DoughFamilyId } from '../draft/choices.js';
import { type Range } from '../numeric/range.js';

/** How far a formula lies from one family; 0 sits in every range. */
export interface FamilyJudgement {
  readonly id: DoughFamilyId;
  readonly off: number;
}

/** Distance outside a range in widths of it; a narrow range is not harder to meet than a wide one. */
function outside(value: number, range: Range, leastWidth: number): number {
  const width = Math.max(leastWidth, range.most - range.least);
  return Math.max(0, range.least - value, value - range.most) / width;
}

/** What numbers cannot say: yeast, gluten, eggs, kind of fat, a second dough. Our own weights. */
function markers(family: DoughFamily, f: DoughFigures): number {
  let off = 0;
  // Soft quick doughs may hold a little yeast beside the baking powder.
  const mostYeast = family.id === 'soft-quick' ? 0.6 : 0.2;
  if (family.id === 'yeast' ? f.yeastPercent <= 0 : f.yeastPercent > mostYeast) off += 3;
  if (family.id === 'soft-quick' ? f.leavenPercent <= 0 : family.id === 'thin-sheet' && f.leavenPercent > 0) off += 0.8;
  if (family.wantsGluten ? f.glutenFree > 0.5 : f.glutenFree < 0.5) off += 3;
  if (family.id === 'egg-butter' ? f.eggWaterKg <= 0 : f.eggWaterKg > 0) off += family.id === 'yeast' ? 0.1 : 0.6;
  if (family.id === 'wholemeal' ? f.wholemeal < 0.4 : family.fistTest && f.wholemeal > 0.4) off += 0.6;
  if (family.id === 'hot-oil' && f.solidFatShare > 0.5) off += 0.8;
  if (family.id === 'flaky' && f.solidFatShare < 0.5) off += 0.8;
  if (family.secondPart === 'fat-dough' ? f.partRatio === null : !family.secondPart && f.partRatio !== null) off += 1;
  return off;
}

/**
 * "Which family is this?": every family with how far the formula lies from it, nearest first.
 * Ranges of fat, water, sugar and stiffness by their own widths, then what numbers cannot say.
 * Source: our own, see docs/models/dough.md. An empty list without flour.
 *
 * @throws CoreError UNKNOWN_NAME, NOT_A_NUMBER, OUT_OF_RANGE
 * @example judgeFamily(lines).length // 11
 */
export function judgeFamily(lines: Formula, pantry: Pantry = SHIPPED_PANTRY): readonly FamilyJudgement[] {
  return DOUGH_FAMILIES.flatMap((family) => {
    const f = doughFigures(lines, family.id, { pantry });
    if (f.stiffness === null) return [];
    const off =
      outside(f.fatPercent, family.fatPercent, 8) +
      outside(f.waterPercent, family.waterPercent, 10) +
      outside(f.sugarPercent, family.sugarPercent, 8) +
      outside(f.stiffness, f.stiffnessRange, 2) +
      markers(family, f);
    return [{ id: family.id, off }];
  }).sort((a, b) => a.off - b.off);
}
