import { card, minutes, mm, PLAIN, range, type DoughFamily } from './family.js';

/** Figures: docs/models/practice.md; our own working ranges. */
export const YEAST: DoughFamily = {
  ...PLAIN,
  id: 'yeast',
  fatPercent: range(4, 22),
  waterPercent: range(50, 68),
  sugarPercent: range(3, 30),
  stiffness: range(3, 4.6),
  richStiffness: range(1.5, 3.2),
  rolledM: mm(3, 6),
  oilC: range(165, 180),
  restS: minutes(70, 150),
  browning: 1.73,
  ownSugarPercent: 4,
  setC: 80,
  stretch: 0.35,
  densityKgPerM3: 1150,
  rise: 1.8,
  yeast: 'needs',
  egg: 'any',
  rises: true,
  windowpane: true,
  sticksToItself: true,
  merges: true,
  leastFillingShare: 0.25,
  // It goes on rising.
  waitsS: 1800,
  keepsDays: 1,
  worked: card({
    'strong-wheat-flour': 1000,
    'sunflower-oil': 60,
    water: 550,
    sugar: 40,
    'instant-yeast': 10,
    'fine-salt': 16,
  }),
};
