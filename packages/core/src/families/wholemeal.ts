import { card, minutes, mm, PLAIN, range, type DoughFamily } from './family.js';

/** Figures: docs/models/practice.md; our own working ranges. */
export const WHOLEMEAL: DoughFamily = {
  ...PLAIN,
  id: 'wholemeal',
  fatPercent: range(12, 25),
  waterPercent: range(40, 55),
  sugarPercent: range(0, 3),
  stiffness: range(5.5, 7),
  rolledM: mm(2.5, 4),
  oilC: range(145, 160),
  restS: minutes(20, 40),
  browning: 1.1,
  ownSugarPercent: 2,
  setC: 85,
  stretch: 0.09,
  fistTest: true,
  wholemeal: 'needs',
  leansOnFat: true,
  waitsS: 9000,
  keepsDays: 2,
  worked: card({
    'plain-wheat-flour': 450,
    'wholemeal-wheat-flour': 550,
    'vegetable-shortening': 190,
    water: 440,
    'fine-salt': 16,
  }),
};
