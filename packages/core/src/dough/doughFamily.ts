import { type DoughFamilyId } from '../draft/choices.js';
import { CoreError } from '../errors.js';
import { type Range } from '../numeric/range.js';

export interface DoughFamily {
  readonly id: DoughFamilyId;
  /** Percent of flour weight. */
  readonly fatPercent: Range;
  /** Percent of flour weight, before boil-off. */
  readonly waterPercent: Range;
  readonly sugarPercent: Range;
  readonly stiffness: Range;
  /** The same when fat or sugar make it rich; `null`: one range for all. */
  readonly richStiffness: Range | null;
  /** Rolled thickness, m. */
  readonly rolledM: Range;
  /** Usual oil, °C. */
  readonly oilC: Range;
  readonly restS: Range;
  /** How fast it colours with the sugar that is usual in it, and how much that is, %. */
  readonly browning: number;
  readonly ownSugarPercent: number;
  /** °C at which its innermost dough has set; what was cooked before it was shaped need only be hot. Our own. */
  readonly setC: number;
  /** Area stretch the wall takes before it thins dangerously. */
  readonly stretch: number;
  /** As rolled, before any rise. */
  readonly densityKgPerM3: number;
  /** Volume when it goes into the oil over volume when rolled. */
  readonly rise: number;
  /** Share of the liquid boiled off before the dough is weighed. */
  readonly boilOffShare: number;
  /** What cooking it on the heat, rather than off it, changes; `null` where nothing is cooked. */
  readonly onHeat: { readonly boilOffShare: number; readonly absorption: number } | null;
  /** Rests in the fridge: firmer when it comes out than when it was mixed. */
  readonly restsCold: boolean;
  /** Water the flour wants, when the family sets it rather than the flour (scalding gels starch). */
  readonly absorption: number | null;
  /** Share of the planned water that goes in at once; scalding liquid goes in whole. */
  readonly firstPour: number;
  /** Fat is rubbed into dry flour: the fist test says whether there is enough. */
  readonly fistTest: boolean;
  /** Holds together by gluten. */
  readonly wantsGluten: boolean;
  /** What the second part of the formula is: a fat dough wrapped in, or oil and flour between discs. */
  readonly secondPart: 'fat-dough' | 'between' | null;
  /** First over second dough by weight; `null` where it does not matter. */
  readonly partRatio: Range | null;
}

const range = (least: number, most: number): Range => ({ least, most });
const mm = (least: number, most: number): Range => range(least / 1000, most / 1000);
const minutes = (least: number, most: number): Range => range(least * 60, most * 60);

/** What most families share. */
const PLAIN = {
  richStiffness: null,
  densityKgPerM3: 1175,
  rise: 1,
  boilOffShare: 0,
  onHeat: null,
  restsCold: false,
  absorption: null,
  firstPour: 0.85,
  fistTest: false,
  wantsGluten: true,
  secondPart: null,
  partRatio: null,
} as const;

/** Figures: docs/models/practice.md; our own working ranges. */
export const DOUGH_FAMILIES: readonly DoughFamily[] = [
  {
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
  },
  {
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
  },
  {
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
  },
  {
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
  },
  {
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
  },
  {
    ...PLAIN,
    id: 'flaky',
    fatPercent: range(40, 75),
    waterPercent: range(18, 32),
    sugarPercent: range(0, 5),
    stiffness: range(6, 8),
    rolledM: mm(2, 4),
    oilC: range(168, 180),
    restS: minutes(15, 60),
    restsCold: true,
    browning: 1,
    ownSugarPercent: 2,
    setC: 85,
    stretch: 0.07,
  },
  {
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
  },
  {
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
  },
  {
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
  },
  {
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
  },
  {
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
  },
];

/**
 * @throws CoreError UNKNOWN_NAME
 * @example doughFamily('yeast').setC // 80
 */
export function doughFamily(id: string): DoughFamily {
  const found = DOUGH_FAMILIES.find((family) => family.id === id);
  if (!found) throw new CoreError('UNKNOWN_NAME', 'dough.family', `There is no dough family "${id.slice(0, 40)}".`);
  return found;
}
