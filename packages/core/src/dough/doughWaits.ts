import type { DoughFamilyId } from '../draft/choices.js';

const MIN_S = 60;
/**
 * How long a dough that is ready may wait until the last of it is folded, s. Source:
 * docs/models/practice.md; where cooks give no figure, our own.
 */
const WAIT_S: Readonly<Record<DoughFamilyId, number>> = {
  // It tightens as it cools.
  'hot-water': 20 * MIN_S,
  // Sheets are peeled apart warm.
  'thin-sheet': 20 * MIN_S,
  // They go on rising.
  yeast: 30 * MIN_S,
  'soft-quick': 45 * MIN_S,
  // Nothing holds the water in.
  'rice-starch': 45 * MIN_S,
  // Fat softens.
  flaky: 40 * MIN_S,
  'egg-butter': 90 * MIN_S,
  'hot-oil': 90 * MIN_S,
  coiled: 90 * MIN_S,
  shortcrust: 150 * MIN_S,
  wholemeal: 150 * MIN_S,
};

/**
 * How long a dough of a family may wait, s.
 * @example doughWaitS('hot-water') // 1200
 */
export const doughWaitS = (family: DoughFamilyId): number => WAIT_S[family];
