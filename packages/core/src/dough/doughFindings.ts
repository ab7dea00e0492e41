import type { Finding } from '../draft/finding.js';
import { coldStiffness, type DoughFigures } from './doughFigures.js';
import { type FamilyJudgement, judgeFamily } from './judgeFamily.js';
import type { Formula } from '../ingredient/formula.js';
import { type Pantry, SHIPPED_PANTRY } from '../ingredient/pantry.js';

/** Rubbed fat, percent of flour, at which the fist test is expected to hold. */
export const FIST_HOLDS = 18;
/** So much under that it holds and crumbles. */
const CRUMBLES_UNDER = 4;

/** Usual most of salt, percent of flour, and from where it tastes salty. */
const SALT_USUAL = 2;
const SALT_TASTES = 2.6;
const FRIDGE_C = 4;

/**
 * What the arithmetic says of a dough: stiffness against its range, fist test, fat, water, salt,
 * hold-back, and what its ingredients and its family bring. Grams to mend it are kg of the
 * ingredient itself. It is long because it is a list of judgements, each on its own.
 * @param fridgeC where a dough that rests cold rests
 * @param fistHolds rubbed fat from which a fist holds here, percent of flour
 * @example doughFindings(figures, lines)[0].code // 'dough.firm'
 */
export function doughFindings(
  figures: DoughFigures,
  lines: Formula,
  pantry: Pantry = SHIPPED_PANTRY,
  fridgeC = FRIDGE_C,
  fistHolds = FIST_HOLDS,
): Finding[] {
  const found: Finding[] = [];
  const { family, stiffness } = figures;
  if (stiffness === null) return [{ code: 'dough.no-flour', tone: 'stop', values: {} }];
  const { least, most } = figures.stiffnessRange;
  if (stiffness > most) {
    found.push({ code: 'dough.too-stiff', tone: 'look-out', values: { stiffness, waterKg: figures.waterToRangeKg } });
  } else if (stiffness < least) {
    found.push({
      code: 'dough.too-slack',
      tone: 'look-out',
      values: { stiffness, waterKg: -figures.waterToRangeKg, flourKg: flourToRange(figures) },
    });
  } else {
    found.push({ code: 'dough.firm', tone: 'good', values: { stiffness, least, most } });
  }
  if (family.fistTest) {
    const percent = figures.fatPercent;
    const flourKg = figures.madeOf.flour;
    const moreKg = ((fistHolds - percent) / 100) * flourKg;
    if (percent >= fistHolds) found.push({ code: 'dough.fist-holds', tone: 'good', values: { percent } });
    else if (percent >= fistHolds - CRUMBLES_UNDER)
      found.push({ code: 'dough.fist-crumbles', tone: 'know', values: { percent, moreKg } });
    else found.push({ code: 'dough.fist-fails', tone: 'look-out', values: { percent, moreKg } });
  }
  const flour = figures.madeOf.flour;
  outside(found, 'dough.fat-outside', figures.fatPercent, family.fatPercent, flour);
  outside(found, 'dough.water-outside', figures.waterPercent, family.waterPercent, flour);
  outside(found, 'dough.sugar-outside', figures.sugarPercent, family.sugarPercent, flour);
  if (figures.saltPercent > SALT_TASTES) {
    const percent = figures.saltPercent;
    const lessKg = ((percent - SALT_USUAL) / 100) * flour;
    found.push({ code: 'dough.salt-high', tone: 'look-out', values: { percent, usual: SALT_USUAL, lessKg } });
  }
  if (family.restsCold) {
    const cold = coldStiffness(figures, fridgeC);
    if (cold !== null && cold - stiffness > 0.3) {
      found.push({ code: 'dough.cold-firm', tone: 'know', values: { stiffness: cold, fridgeC } });
    }
  }
  if (figures.reserveKg > 0) {
    found.push({
      code: 'dough.hold-back',
      tone: 'know',
      values: { firstKg: figures.firstPourKg, reserveKg: figures.reserveKg, spoonPoints: spoonPoints(figures) },
    });
  }
  if (figures.boiledOffKg > 0) {
    found.push({
      code: 'dough.boil-off',
      tone: 'know',
      values: { waterKg: figures.boiledOffKg, massKg: figures.massKg },
    });
  }
  let butterKg = 0;
  let butterWaterKg = 0;
  for (const line of lines) {
    const { role, composition } = pantry.find(line.ingredientId);
    if (role !== 'fat' || composition.water < 0.05) continue;
    butterKg += line.massKg;
    butterWaterKg += line.massKg * composition.water;
  }
  if (butterKg > 0) {
    found.push({ code: 'dough.butter-water', tone: 'know', values: { butterKg, waterKg: butterWaterKg } });
  }
  familyFindings(found, figures, judgeFamily(lines, pantry));
  return found;
}

const SPOON_KG = 0.015;

/** What one tablespoon of water (15 ml) adds, in points of the flour. */
function spoonPoints({ totals }: DoughFigures): number {
  return totals.flourKg > 0 ? (100 * SPOON_KG) / totals.flourKg : 0;
}

/** Sugar from here on slows yeast, percent of flour. */
const SUGAR_SLOWS = 10;
/** Wholemeal drinks this much more water than white flour, points at a whole-grain share of 1. */
const BRAN_POINTS = 9;
/** For so long after mixing. */
const BRAN_WAIT_S = 20 * 60;
/** More of the flour without gluten than this, and rims crack. */
const GLUTEN_FREE_MOST = 0.3;
/** Instant yeast that is usual, percent of flour; well over it, it tastes. */
const YEAST_USUAL = { least: 0.5, most: 2 } as const;
const YEAST_TASTES = 3;
/** A formula this much nearer to another family gets a finding. */
const OTHER_FAMILY = 0.7;

/** What eggs, bran, yeast, gluten and a second dough bring with them, and whether another family fits better. */
function familyFindings(found: Finding[], figures: DoughFigures, judged: readonly FamilyJudgement[]): void {
  const { family, totals } = figures;
  const { flourKg } = totals;
  if (figures.eggWaterKg > 0) {
    const points = flourKg > 0 ? (100 * figures.eggWaterKg) / flourKg : 0;
    found.push({ code: 'dough.egg-water', tone: 'know', values: { waterKg: figures.eggWaterKg, points } });
  }
  if (figures.wholemeal >= 0.2) {
    const points = BRAN_POINTS * figures.wholemeal;
    found.push({
      code: 'dough.bran-drinks',
      tone: 'know',
      values: { points, waterKg: (points / 100) * flourKg, waitS: BRAN_WAIT_S },
    });
  }
  if (family.wantsGluten && figures.glutenFree > GLUTEN_FREE_MOST) {
    const values = { percent: 100 * figures.glutenFree, mostPercent: 100 * GLUTEN_FREE_MOST };
    found.push({ code: 'dough.no-stretch', tone: 'look-out', values });
  }
  if (family.edgeCracks) found.push({ code: 'dough.edge-cracks', tone: 'know', values: {} });
  if (family.yeast === 'needs' && figures.yeastPercent < 0.2) {
    found.push({
      code: 'dough.no-yeast',
      tone: 'look-out',
      values: { yeastKg: (1 - figures.yeastPercent) * 0.01 * flourKg },
    });
  }
  if (figures.yeastPercent > 0 && figures.yeastSugarPercent > SUGAR_SLOWS) {
    found.push({ code: 'dough.sugar-slows', tone: 'know', values: { percent: figures.yeastSugarPercent } });
  }
  if (figures.yeastPercent > YEAST_TASTES) {
    found.push({
      code: 'dough.yeast-much',
      tone: 'look-out',
      values: { percent: figures.yeastPercent, ...YEAST_USUAL },
    });
  }
  if (family.partRatio) {
    const { least, most } = family.partRatio;
    const ratio = figures.partRatio;
    if (ratio === null) found.push({ code: 'dough.no-second', tone: 'look-out', values: {} });
    else if (ratio < least || ratio > most) {
      found.push({ code: 'dough.part-ratio', tone: 'look-out', values: { ratio, least, most } });
    }
  }
  const nearest = judged[0];
  const here = judged.find((one) => one.id === family.id);
  if (nearest && here && here.off - nearest.off > OTHER_FAMILY) {
    found.push({ code: 'dough.other-family', tone: 'look-out', values: { family: nearest.id } });
  }
}

function outside(
  found: Finding[],
  code: 'dough.fat-outside' | 'dough.water-outside' | 'dough.sugar-outside',
  percent: number,
  range: { least: number; most: number },
  flourKg: number,
): void {
  if (percent >= range.least && percent <= range.most) return;
  // + more of it, − less, to the nearest edge.
  const moreKg = ((Math.max(percent, range.least) - percent + Math.min(percent, range.most) - percent) / 100) * flourKg;
  found.push({ code, tone: 'look-out', values: { percent, least: range.least, most: range.most, moreKg } });
}

/** Flour that would bring a slack dough up to its range, kg, water and fat unchanged (first order). */
function flourToRange(figures: DoughFigures): number {
  const excess = -figures.waterToRangeKg;
  const perFlour = (figures.waterPercent + 0.43 * figures.fatPercent) / 100;
  return perFlour > 0 ? excess / perFlour : 0;
}
