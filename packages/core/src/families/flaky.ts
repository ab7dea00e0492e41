import { card, minutes, mm, PLAIN, range, type DoughFamily } from './family.js';

/** Figures: docs/models/practice.md; our own working ranges. */
export const FLAKY: DoughFamily = {
  ...PLAIN,
  id: 'flaky',
  fatPercent: range(40, 75),
  waterPercent: range(18, 32),
  sugarPercent: range(0, 5),
  stiffness: range(6, 8),
  rolledM: mm(2, 4),
  oilC: range(168, 180),
  restS: minutes(15, 60),
  restsCold: true,
  browning: 1,
  ownSugarPercent: 2,
  setC: 85,
  stretch: 0.07,
  fat: 'solid',
  // Its fat softens.
  waitsS: 2400,
  keepsDays: 2,
  worked: card({ 'plain-wheat-flour': 1000, butter: 560, water: 190, 'cider-vinegar': 15, 'fine-salt': 14 }),
};
