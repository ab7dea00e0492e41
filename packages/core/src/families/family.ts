import type { DoughFamilyId } from '../draft/choices.js';
import type { Formula, FormulaLine } from '../ingredient/formula.js';
import type { Range } from '../numeric/range.js';

/** One dough family: its working ranges, what it is told by, and a formula. A new family is one file and one line in `families.ts`. */
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
  /** What must, may or must not be in it, to tell families apart; a little yeast may stand beside baking powder. */
  readonly yeast: 'needs' | 'little' | 'none';
  readonly leaven: 'needs' | 'any' | 'none';
  readonly egg: 'needs' | 'any' | 'none';
  readonly wholemeal: 'needs' | 'any' | 'none';
  readonly fat: 'solid' | 'liquid' | 'any';
  /** Goes on rising once it is shaped. */
  readonly rises: boolean;
  /** Stretches to a thin window when it is kneaded enough. */
  readonly windowpane: boolean;
  /** Leans on a fat with no water in it: butter may not replace all of it. */
  readonly leansOnFat: boolean;
  /** Soft and fresh, its rim sticks to itself without water. */
  readonly sticksToItself: boolean;
  /** Its rims become one when they are pressed together. */
  readonly merges: boolean;
  /** An edge that cracks says that it is too dry. */
  readonly edgeCracks: boolean;
  /** How much a trimming that is rolled again tightens it, over plain wheat dough. */
  readonly toughens: number;
  /** Filling over dough under which a piece is mostly dough, where the dough decides it; absent: the shape does. */
  readonly leastFillingShare?: number;
  /** How long it may wait, once it is ready, until the last of it is folded, s. Source: docs/models/practice.md. */
  readonly waitsS: number;
  /** Days it keeps in the fridge; 0: it does not. Our own; what is used warm does not wait. */
  readonly keepsDays: number;
  /** A formula that works as it stands, on a kilogram of flour or near it. Quantities are our own. */
  readonly worked: Formula;
}

export const range = (least: number, most: number): Range => ({ least, most });
export const mm = (least: number, most: number): Range => range(least / 1000, most / 1000);
export const minutes = (least: number, most: number): Range => range(least * 60, most * 60);

/** What most families share. */
export const PLAIN = {
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
  yeast: 'none',
  leaven: 'any',
  egg: 'none',
  wholemeal: 'any',
  fat: 'any',
  rises: false,
  windowpane: false,
  leansOnFat: false,
  sticksToItself: false,
  merges: false,
  edgeCracks: false,
  toughens: 1,
} as const;

/** A formula from grams, as they are written on our own kitchen cards. */
export function card(lines: Readonly<Record<string, number>>, second: Readonly<Record<string, number>> = {}): Formula {
  const of = (rows: Readonly<Record<string, number>>, part: 0 | 1): FormulaLine[] =>
    Object.entries(rows).map(([ingredientId, grams]) => ({
      ingredientId,
      massKg: grams / 1000,
      ...(part === 1 ? { part } : {}),
    }));
  return [...of(lines, 0), ...of(second, 1)];
}
