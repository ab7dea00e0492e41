import { card, minutes, mm, PLAIN, range, type DoughFamily } from './family.js';

/** Figures: docs/models/practice.md; our own working ranges. */
export const COILED: DoughFamily = {
  ...PLAIN,
  id: 'coiled',
  fatPercent: range(30, 45),
  waterPercent: range(25, 35),
  sugarPercent: range(0, 6),
  stiffness: range(5.2, 6.5),
  rolledM: mm(2, 3),
  oilC: range(145, 165),
  restS: minutes(30, 60),
  browning: 0.935,
  ownSugarPercent: 3,
  setC: 85,
  stretch: 0.08,
  secondPart: 'fat-dough',
  partRatio: range(2, 3),
  leansOnFat: true,
  waitsS: 5400,
  keepsDays: 1,
  worked: card(
    { 'plain-wheat-flour': 690, lard: 95, water: 325, 'icing-sugar': 30, 'fine-salt': 10 },
    { 'plain-wheat-flour': 300, lard: 265 },
  ),
};
