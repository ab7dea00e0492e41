import { card, minutes, mm, PLAIN, range, type DoughFamily } from './family.js';

/** Figures: docs/models/practice.md; our own working ranges. */
export const THIN_SHEET: DoughFamily = {
  ...PLAIN,
  id: 'thin-sheet',
  fatPercent: range(0, 5),
  waterPercent: range(50, 60),
  sugarPercent: range(0, 2),
  stiffness: range(4, 5.4),
  rolledM: mm(0.4, 0.8),
  oilC: range(170, 182),
  restS: minutes(30, 30),
  browning: 0.8,
  ownSugarPercent: 2,
  setC: 60,
  stretch: 0.03,
  secondPart: 'between',
  leaven: 'none',
  windowpane: true,
  // Sheets are peeled apart warm.
  waitsS: 1200,
  keepsDays: 0,
  worked: card(
    { 'plain-wheat-flour': 1000, 'sunflower-oil': 15, water: 550, 'fine-salt': 14 },
    { 'sunflower-oil': 25, 'rice-flour': 10 },
  ),
};
