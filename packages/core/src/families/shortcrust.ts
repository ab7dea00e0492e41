import { card, minutes, mm, PLAIN, range, type DoughFamily } from './family.js';

/** Figures: docs/models/practice.md; our own working ranges. */
export const SHORTCRUST: DoughFamily = {
  ...PLAIN,
  id: 'shortcrust',
  fatPercent: range(12, 28),
  waterPercent: range(32, 45),
  sugarPercent: range(0, 3),
  stiffness: range(6.2, 8),
  rolledM: mm(1.5, 3),
  oilC: range(140, 165),
  restS: minutes(15, 40),
  browning: 0.9,
  ownSugarPercent: 2,
  setC: 85,
  stretch: 0.09,
  fistTest: true,
  wholemeal: 'none',
  leansOnFat: true,
  waitsS: 9000,
  keepsDays: 2,
  worked: card({ 'plain-wheat-flour': 1000, 'vegetable-shortening': 200, water: 380, 'fine-salt': 16 }),
};
