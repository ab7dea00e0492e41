import { card, minutes, mm, PLAIN, range, type DoughFamily } from './family.js';

/** Figures: docs/models/practice.md; our own working ranges. */
export const SOFT_QUICK: DoughFamily = {
  ...PLAIN,
  id: 'soft-quick',
  fatPercent: range(0, 8),
  waterPercent: range(52, 62),
  sugarPercent: range(0, 5),
  stiffness: range(3.2, 4.6),
  rolledM: mm(4, 6),
  oilC: range(165, 178),
  restS: minutes(10, 30),
  browning: 1,
  ownSugarPercent: 2,
  setC: 80,
  stretch: 0.3,
  rise: 1.2,
  yeast: 'little',
  leaven: 'needs',
  rises: true,
  windowpane: true,
  sticksToItself: true,
  merges: true,
  leastFillingShare: 0.25,
  // It goes on rising.
  waitsS: 2700,
  keepsDays: 1,
  worked: card({
    'plain-wheat-flour': 1000,
    'sunflower-oil': 40,
    water: 430,
    yoghurt: 150,
    'baking-powder': 14,
    sugar: 10,
    'fine-salt': 14,
  }),
};
