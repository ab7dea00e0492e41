import { card, minutes, mm, PLAIN, range, type DoughFamily } from './family.js';

/** Figures: docs/models/practice.md; our own working ranges. */
export const HOT_OIL: DoughFamily = {
  ...PLAIN,
  id: 'hot-oil',
  fatPercent: range(28, 45),
  waterPercent: range(22, 34),
  sugarPercent: range(0, 4),
  stiffness: range(5.8, 7.2),
  rolledM: mm(1.6, 2.5),
  oilC: range(165, 178),
  restS: minutes(20, 40),
  restsCold: true,
  browning: 0.9,
  ownSugarPercent: 2,
  setC: 85,
  stretch: 0.09,
  fat: 'liquid',
  leansOnFat: true,
  waitsS: 5400,
  keepsDays: 1,
  worked: card({ 'plain-wheat-flour': 1000, 'sunflower-oil': 300, water: 310, 'fine-salt': 15 }),
};
