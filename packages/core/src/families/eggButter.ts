import { card, minutes, mm, PLAIN, range, type DoughFamily } from './family.js';

/** Figures: docs/models/practice.md; our own working ranges. */
export const EGG_BUTTER: DoughFamily = {
  ...PLAIN,
  id: 'egg-butter',
  fatPercent: range(10, 25),
  waterPercent: range(34, 50),
  sugarPercent: range(0, 12),
  stiffness: range(4.8, 6.5),
  rolledM: mm(2, 4),
  oilC: range(170, 182),
  restS: minutes(30, 60),
  restsCold: true,
  browning: 1.45,
  ownSugarPercent: 7,
  setC: 82,
  stretch: 0.14,
  egg: 'needs',
  waitsS: 5400,
  keepsDays: 2,
  worked: card({ 'plain-wheat-flour': 1000, butter: 200, egg: 180, milk: 250, sugar: 60, 'fine-salt': 10 }),
};
