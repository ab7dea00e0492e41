import type { Finding } from '../batch/finding.js';
import type { DoughFigures } from './doughFigures.js';
import { ingredientById } from '../ingredient/catalogue.js';
import type { Formula } from '../ingredient/formula.js';

/** Rubbed fat, percent of flour, at which the fist test is expected to hold. */
const FIST_HOLDS = 18;
const FIST_CRUMBLES = 14;

/** What the arithmetic says of a dough: stiffness against its band, fist test, fat, water, salt, hold-back. */
export function doughFindings(figures: DoughFigures, lines: Formula): Finding[] {
  const found: Finding[] = [];
  const { family, stiffness } = figures;
  if (stiffness === null) return [{ code: 'dough.no-flour', tone: 'stop', values: {} }];
  const { least, most } = family.stiffness;
  if (stiffness > most) {
    found.push({ code: 'dough.too-stiff', tone: 'look-out', values: { stiffness, waterKg: figures.waterToBandKg } });
  } else if (stiffness < least) {
    found.push({
      code: 'dough.too-slack',
      tone: 'look-out',
      values: { stiffness, waterKg: -figures.waterToBandKg, flourKg: flourToBand(figures) },
    });
  } else {
    found.push({ code: 'dough.firm', tone: 'good', values: { stiffness, least, most } });
  }
  if (family.id === 'rubbed-short') {
    const percent = figures.fatPercent;
    const flourKg = figures.totals.flourKg;
    const moreKg = ((FIST_HOLDS - percent) / 100) * flourKg;
    if (percent >= FIST_HOLDS) found.push({ code: 'dough.fist-holds', tone: 'good', values: { percent } });
    else if (percent >= FIST_CRUMBLES)
      found.push({ code: 'dough.fist-crumbles', tone: 'know', values: { percent, moreKg } });
    else found.push({ code: 'dough.fist-fails', tone: 'look-out', values: { percent, moreKg } });
  }
  outside(found, 'dough.fat-outside', figures.fatPercent, family.fatPercent);
  outside(found, 'dough.water-outside', figures.waterPercent, family.waterPercent);
  if (figures.saltPercent > 2.6) {
    found.push({ code: 'dough.salt-high', tone: 'look-out', values: { percent: figures.saltPercent } });
  }
  if (figures.reserveKg > 0) {
    found.push({
      code: 'dough.hold-back',
      tone: 'know',
      values: { firstKg: figures.firstPourKg, reserveKg: figures.reserveKg },
    });
  }
  if (figures.boiledOffKg > 0) {
    found.push({
      code: 'dough.boil-off',
      tone: 'know',
      values: { waterKg: figures.boiledOffKg, massKg: figures.massKg },
    });
  }
  const butterKg = lines
    .filter((line) => line.ingredientId === 'butter' || line.ingredientId === 'salted-butter')
    .reduce((sum, line) => sum + line.massKg, 0);
  if (butterKg > 0) {
    const waterKg = butterKg * ingredientById('butter').composition.water;
    found.push({ code: 'dough.butter-water', tone: 'know', values: { butterKg, waterKg } });
  }
  return found;
}

function outside(
  found: Finding[],
  code: Finding['code'],
  percent: number,
  band: { least: number; most: number },
): void {
  if (percent >= band.least && percent <= band.most) return;
  found.push({ code, tone: 'look-out', values: { percent, least: band.least, most: band.most } });
}

/** Flour that would bring a slack dough up to its band, kg, water and fat unchanged (first order). */
function flourToBand(figures: DoughFigures): number {
  const excess = -figures.waterToBandKg;
  const perFlour = (figures.waterPercent + 0.43 * figures.fatPercent) / 100;
  return perFlour > 0 ? excess / perFlour : 0;
}
