import { card, minutes, mm, PLAIN, range, type DoughFamily } from './family.js';

/** Figures: docs/models/practice.md; our own working ranges. */
export const HOT_WATER: DoughFamily = {
  ...PLAIN,
  id: 'hot-water',
  fatPercent: range(5, 22),
  waterPercent: range(105, 210),
  sugarPercent: range(0, 3),
  stiffness: range(3.5, 5.5),
  rolledM: mm(2, 3),
  oilC: range(168, 182),
  // Used warm: the rest is only what it takes to knead and cover.
  restS: minutes(5, 20),
  browning: 0.8,
  ownSugarPercent: 2,
  setC: 60,
  stretch: 0.14,
  densityKgPerM3: 1160,
  boilOffShare: 0.08,
  onHeat: { boilOffShare: 0.14, absorption: 1.55 },
  absorption: 1,
  firstPour: 1,
  sticksToItself: true,
  // It re-rolls warm and hardly tightens.
  toughens: 0.3,
  // It tightens as it cools.
  waitsS: 1200,
  keepsDays: 0,
  worked: card({ 'plain-wheat-flour': 1000, water: 1050, butter: 90, 'fine-salt': 14 }),
};
