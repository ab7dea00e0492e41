import { CoreError } from '../errors.js';
import type { DoughFamilyId } from '../draft/choices.js';
import type { Formula } from '../ingredient/formula.js';
import { COILED } from './coiled.js';
import { EGG_BUTTER } from './eggButter.js';
import { FLAKY } from './flaky.js';
import { HOT_OIL } from './hotOil.js';
import { HOT_WATER } from './hotWater.js';
import { RICE_STARCH } from './riceStarch.js';
import { SHORTCRUST } from './shortcrust.js';
import { SOFT_QUICK } from './softQuick.js';
import { THIN_SHEET } from './thinSheet.js';
import { WHOLEMEAL } from './wholemeal.js';
import { YEAST } from './yeast.js';
import type { DoughFamily } from './family.js';

/** By their ids: the compiler names one that is missing. */
const BY_ID: Readonly<Record<DoughFamilyId, DoughFamily>> = {
  shortcrust: SHORTCRUST,
  wholemeal: WHOLEMEAL,
  'hot-oil': HOT_OIL,
  coiled: COILED,
  'hot-water': HOT_WATER,
  flaky: FLAKY,
  'egg-butter': EGG_BUTTER,
  'soft-quick': SOFT_QUICK,
  yeast: YEAST,
  'rice-starch': RICE_STARCH,
  'thin-sheet': THIN_SHEET,
};

/** Every family, in the order they are offered. */
export const DOUGH_FAMILIES: readonly DoughFamily[] = Object.values(BY_ID);

/**
 * @throws CoreError UNKNOWN_NAME
 * @example doughFamily('yeast').setC // 80
 */
export function doughFamily(id: string): DoughFamily {
  if (!Object.hasOwn(BY_ID, id))
    throw new CoreError('UNKNOWN_NAME', 'dough.family', `There is no dough family "${id.slice(0, 40)}".`);
  return BY_ID[id as DoughFamilyId];
}

/** The worked formula of each family. */
export const WORKED_FORMULAS = Object.fromEntries(DOUGH_FAMILIES.map(({ id, worked }) => [id, worked])) as Readonly<
  Record<DoughFamilyId, Formula>
>;
