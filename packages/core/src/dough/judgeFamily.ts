import type { Formula } from '../ingredient/formula.js';
import { type Pantry, SHIPPED_PANTRY } from '../ingredient/pantry.js';
import { DOUGH_FAMILIES } from '../families/families.js';
import type { DoughFamily } from '../families/family.js';
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

/** Off by so much when what it needs is missing, or what it must not have is there. */
const unlessAs = (wants: 'needs' | 'any' | 'none', isThere: boolean, off: number): number =>
  wants !== 'any' && isThere !== (wants === 'needs') ? off : 0;

/** Yeast over this is no trace, % of the flour: beside baking powder, and elsewhere. */
const MOST_YEAST = { little: 0.6, none: 0.2 } as const;
/** Share of the flour, or of the fat, that makes it wholemeal, or solid. */
const WHOLEMEAL = 0.4;
const SOLID = 0.5;
/** An egg in a yeast dough says little. */
const ANY_EGG = 0.1;

/** What numbers cannot say: yeast, gluten, eggs, kind of fat, a second dough. Our own weights. */
function markers(family: DoughFamily, f: DoughFigures): number {
  const { yeast, egg } = family;
  const isYeastWrong = yeast === 'needs' ? f.yeastPercent <= 0 : f.yeastPercent > MOST_YEAST[yeast];
  const isGlutenWrong = family.wantsGluten ? f.glutenFree > 0.5 : f.glutenFree < 0.5;
  const hasEgg = f.eggWaterKg > 0;
  const isPartWrong =
    family.secondPart === 'fat-dough' ? f.partRatio === null : !family.secondPart && f.partRatio !== null;
  return (
    (isYeastWrong ? 3 : 0) +
    (isGlutenWrong ? 3 : 0) +
    (isPartWrong ? 1 : 0) +
    unlessAs(family.leaven, f.leavenPercent > 0, 0.8) +
    (egg === 'any' && hasEgg ? ANY_EGG : unlessAs(egg, hasEgg, 0.6)) +
    unlessAs(family.wholemeal, family.wholemeal === 'needs' ? f.wholemeal >= WHOLEMEAL : f.wholemeal > WHOLEMEAL, 0.6) +
    (family.fat === 'liquid' && f.solidFatShare > SOLID ? 0.8 : 0) +
    (family.fat === 'solid' && f.solidFatShare < SOLID ? 0.8 : 0)
  );
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
