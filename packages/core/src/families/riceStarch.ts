import { card, mm, PLAIN, range, type DoughFamily } from './family.js';

/** Figures: docs/models/practice.md; our own working ranges. */
export const RICE_STARCH: DoughFamily = {
  ...PLAIN,
  id: 'rice-starch',
  fatPercent: range(4, 15),
  waterPercent: range(58, 85),
  sugarPercent: range(5, 25),
  stiffness: range(3.8, 5.5),
  rolledM: mm(4, 7),
  oilC: range(158, 168),
  restS: range(0, 0),
  browning: 1.51,
  ownSugarPercent: 6,
  setC: 75,
  stretch: 0.1,
  absorption: 0.78,
  wantsGluten: false,
  toughens: 0,
  edgeCracks: true,
  sticksToItself: true,
  merges: true,
  leastFillingShare: 0.25,
  // Nothing holds the water in.
  waitsS: 2700,
  keepsDays: 0,
  worked: card({
    'maize-meal-cooked': 800,
    'tapioca-starch': 200,
    'vegetable-shortening': 70,
    water: 720,
    sugar: 60,
    'fine-salt': 14,
  }),
};
