import { requireWithin } from '../errors.js';
import { type Formula, formulaTotals, type FormulaTotals } from '../ingredient/formula.js';
import { type Pantry, SHIPPED_PANTRY } from '../ingredient/pantry.js';
import { doughFamily } from '../families/families.js';
import type { DoughFamily } from '../families/family.js';
import { sumDough } from './sumDough.js';
import { type DoughFamilyId } from '../draft/choices.js';
import type { FlourBelief } from '../draft/kitchen.js';
import { clamp } from '../numeric/clamp.js';
import { type Range } from '../numeric/range.js';

/** What a formula alone does not say of a dough. */
export interface DoughHow {
  /** Shift of each flour's absorption, by ingredient, as this kitchen found it. */
  readonly learnt?: Readonly<Record<string, FlourBelief>> | undefined;
  readonly pantry?: Pantry | undefined;
  /** Scalded, and stirred on the heat to one mass: more boils off and the flour takes up more. */
  readonly onHeat?: boolean | undefined;
  /** Share of the liquid that boils off; absent: as usual. Counts only in a dough that is scalded. */
  readonly boilOffShare?: number | undefined;
}

/** Everything the Dough station says of a formula. Percentages are baker's percent. */
export interface DoughFigures {
  readonly family: DoughFamily;
  readonly totals: FormulaTotals;
  /** After boil-off, kg. */
  readonly massKg: number;
  readonly boiledOffKg: number;
  /** Effective water from every ingredient but the flour itself, after nothing has boiled off. */
  readonly waterPercent: number;
  readonly fatPercent: number;
  readonly sugarPercent: number;
  /** Of that, what draws water from yeast: all but the sugar of milk. */
  readonly yeastSugarPercent: number;
  readonly saltPercent: number;
  /** What the mixed dough is made of before anything boils off, kg: adds up to the formula. */
  readonly madeOf: { readonly flour: number; readonly water: number; readonly fat: number; readonly other: number };
  /** Baker's percent of each line, in the order of the formula. */
  readonly linePercents: readonly number[];
  /** Water the flour blend wants for a medium dough, fraction of flour; with what was learnt of it. */
  readonly absorption: number;
  /** How much of that was learnt, fraction of flour: + drinks more than its label. */
  readonly learntShift: number;
  /** Softening by fat, in water's terms, fraction of flour. */
  readonly softening: number;
  /** What is poured, kg, and how much of that is water, 0–1. */
  readonly pourableKg: number;
  readonly pourWaterShare: number;
  /** The flour there is most of; `null` without flour. */
  readonly mainFlourId: string | null;
  /** 0 slack – 10 rock; `null` without flour. */
  readonly stiffness: number | null;
  /** The family's range for this dough, rich or lean. */
  readonly stiffnessRange: Range;
  /** Shares of the flour: whole grain, without gluten; 0–1. */
  readonly wholemeal: number;
  readonly glutenFree: number;
  /** Yeast as instant yeast, percent of flour. */
  readonly yeastPercent: number;
  /** Yeast that must bloom in warm liquid first, kg. */
  readonly bloomKg: number;
  /** Baking powder, bicarbonate and yeast, percent of flour. */
  readonly leavenPercent: number;
  /** Water that eggs bring, kg. */
  readonly eggWaterKg: number;
  /** First over second dough by weight; `null` when there is no second. */
  readonly partRatio: number | null;
  /** Water by mass of the finished dough, 0–1: what the oil has to boil off. */
  readonly waterShare: number;
  readonly solidFatShare: number;
  readonly firstPourKg: number;
  readonly reserveKg: number;
  /** Water to add (+) or flour-equivalent excess (−) to reach the nearest edge of the range, kg. */
  readonly waterToRangeKg: number;
}

/** Less flour than this is none. */
const LEAST_FLOUR_KG = 1e-7;
/** Fat or sugar from here on make a dough rich, percent of flour. */
const RICH_PERCENT = 10;

/** Water the flour blend wants, fraction of flour. Source: docs/models/dough.md, our own. */
export function flourAbsorption(proteinPercent: number, wholemeal: number): number {
  return 0.54 + 0.012 * (proteinPercent - 10) * (1 - wholemeal) + 0.07 * wholemeal;
}

/** Fat softens like water, weighted; the part above 0.40 of flour counts half. */
function softeningFat(fat: number, solidShare: number): number {
  const counted = Math.min(fat, 0.4) + 0.5 * Math.max(0, fat - 0.4);
  return counted * (0.38 * solidShare + 0.48 * (1 - solidShare));
}

/** Learnt shifts of a blend's flours, by their shares. */
function blendShift(lines: Formula, flourKg: number, learnt: Readonly<Record<string, FlourBelief>>): number {
  return lines.reduce((sum, line) => {
    const belief = learnt[line.ingredientId];
    return belief && flourKg > 0 ? sum + (belief.mean * line.massKg) / flourKg : sum;
  }, 0);
}

function mainFlour(lines: Formula, pantry: Pantry): string | null {
  const flours = lines.filter((line) => pantry.find(line.ingredientId).role === 'flour' && line.massKg > 0);
  const most = flours.reduce((best, line) => Math.max(best, line.massKg), 0);
  return flours.find((line) => line.massKg === most)?.ingredientId ?? null;
}

/**
 * Stiffness of a dough, 0 slack to 10 rock: `5 − 20·x`, x = water + fat softening + 0.4·sugar
 * − absorption, all as fractions of flour; hot-water doughs use slope 20·0.54/A. Clamped.
 * Source: our own, see docs/models/dough.md.
 *
 * @param water effective water over flour, 0–3
 * @example doughStiffness(0.38, 0.07, 0, 0.54, 0.54) // 6.8
 */
export function doughStiffness(
  water: number,
  softening: number,
  sugar: number,
  absorption: number,
  slopeAbsorption: number,
): number {
  const x = water + softening + 0.4 * sugar - absorption;
  return clamp(5 - ((20 * 0.54) / slopeAbsorption) * x, 0, 10);
}

/** A family as this dough of it is cooked; those that are not cooked stay as they are. */
function scaldedAs(usual: DoughFamily, onHeat: boolean, boilOffShare?: number): DoughFamily {
  if (!usual.onHeat) return usual;
  return { ...usual, ...(onHeat && usual.onHeat), ...(boilOffShare !== undefined && { boilOffShare }) };
}

/**
 * All dough figures of one formula. It is long because it is one figure after another, each from those before.
 * @param how what the formula alone does not say; absent: the label, the shipped catalogue, off the heat
 * @throws CoreError UNKNOWN_NAME, NOT_A_NUMBER, OUT_OF_RANGE
 * @example doughFigures(lines, 'shortcrust').waterPercent // 38
 */
export function doughFigures(
  lines: Formula,
  familyId: DoughFamilyId,
  { learnt = {}, pantry = SHIPPED_PANTRY, onHeat = false, boilOffShare }: DoughHow = {},
): DoughFigures {
  const family = scaldedAs(doughFamily(familyId), onHeat, boilOffShare);
  const totals = formulaTotals(lines, 'dough.lines', pantry);
  const s = sumDough(lines, !family.wantsGluten, pantry);
  // Less than a tenth of a milligram is dust on the scale, not a dough.
  const flour = s.flour >= LEAST_FLOUR_KG ? s.flour : 0;
  const per = (kg: number) => (flour > 0 ? kg / flour : 0);
  const wholemeal = per(s.wholemeal);
  const proteinPercent = flour > 0 ? (100 * s.protein) / flour : 10;
  // Where scalding sets what the flour takes up, what it drinks raw says nothing.
  const learntShift = family.absorption === null ? blendShift(lines, flour, learnt) : 0;
  const absorption = family.absorption ?? flourAbsorption(proteinPercent, wholemeal) + learntShift;
  const slope = family.absorption ?? 0.54;
  const solidFatShare = s.fat > 0 ? s.solidFat / s.fat : 0;
  const boiledOffKg = s.water * family.boilOffShare;
  const softening = softeningFat(per(s.fat), solidFatShare);
  const wet = per(s.water - boiledOffKg);
  const sugar = per(s.sugar);
  const stiffness = flour > 0 ? doughStiffness(wet, softening, sugar, absorption, slope) : null;
  const massKg = totals.massKg - boiledOffKg;
  const rich = 100 * per(s.fat) >= RICH_PERCENT || 100 * sugar >= RICH_PERCENT;
  // A flour known to be thirsty is poured more from the start.
  const wantedKg = s.pourable > 0 ? Math.max(0, s.pourable + learntShift * flour) : 0;
  const stiffnessRange = rich && family.richStiffness ? family.richStiffness : family.stiffness;
  return {
    family,
    totals,
    massKg,
    boiledOffKg,
    waterPercent: 100 * per(s.water),
    fatPercent: 100 * per(s.fat),
    sugarPercent: 100 * sugar,
    yeastSugarPercent: 100 * per(s.sugar - s.milkSugar),
    saltPercent: 100 * per(totals.parts.salt),
    madeOf: {
      flour,
      water: s.water,
      fat: s.fat,
      other: Math.max(0, totals.massKg - flour - s.water - s.fat),
    },
    linePercents: lines.map((line) => 100 * per(line.massKg)),
    absorption,
    stiffness,
    waterShare: massKg > 0 ? clamp((totals.parts.water - boiledOffKg) / massKg, 0, 0.8) : 0,
    solidFatShare,
    stiffnessRange,
    wholemeal,
    glutenFree: per(s.glutenFree),
    yeastPercent: 100 * per(s.yeast),
    bloomKg: s.bloom,
    leavenPercent: 100 * per(s.leaven),
    eggWaterKg: s.eggWater,
    partRatio: s.second > 0 ? (totals.massKg - s.second) / s.second : null,
    learntShift,
    softening,
    pourableKg: s.pourable,
    pourWaterShare: s.pourable > 0 ? s.pourWater / s.pourable : 0,
    mainFlourId: mainFlour(lines, pantry),
    firstPourKg: wantedKg * family.firstPour,
    reserveKg: wantedKg * (1 - family.firstPour),
    waterToRangeKg: waterToRange(stiffness, stiffnessRange, family.boilOffShare, slope, flour),
  };
}

/** A dough is felt at this temperature unless it comes out of the cold, °C. */
const FELT_C = 22;

/**
 * Stiffness of a dough that is colder than 22 °C, 0–10: as if (2 % + 10 % of its solid fat)
 * less water were in it for each 10 °C. Warmer it feels as mixed. Source: docs/models/dough.md, our own.
 *
 * @param tempC of the dough, −5 to 60
 * @returns `null` without flour
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 */
export function coldStiffness(figures: DoughFigures, tempC: number): number | null {
  requireWithin(tempC, -5, 60, 'tempC');
  if (figures.stiffness === null) return null;
  const solidFat = (figures.fatPercent / 100) * figures.solidFatShare;
  const lostWater = ((0.02 + 0.1 * solidFat) * Math.max(0, FELT_C - tempC)) / 10;
  return clamp(figures.stiffness + ((20 * 0.54) / (figures.family.absorption ?? 0.54)) * lostWater, 0, 10);
}

/**
 * How this dough would feel if its flour drank `shift` more than its label, 0–10: what one
 * earlier dough of the flour says of this one.
 *
 * @param shift fraction of flour, −1 to 1
 * @returns `null` without flour, or where scalding sets what the flour takes up
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 * @example stiffnessAtShift(figures, 0) // 6.8
 */
export function stiffnessAtShift(figures: DoughFigures, shift: number): number | null {
  requireWithin(shift, -1, 1, 'shift');
  if (figures.stiffness === null || figures.family.absorption !== null) return null;
  return clamp(figures.stiffness + 20 * (shift - figures.learntShift), 0, 10);
}

/** Grams of water between this stiffness and the nearest edge of the family's range. */
function waterToRange(
  stiffness: number | null,
  range: Range,
  boilOffShare: number,
  slopeAbsorption: number,
  flour: number,
): number {
  if (stiffness === null) return 0;
  const off = stiffness > range.most ? stiffness - range.most : stiffness < range.least ? stiffness - range.least : 0;
  const perFlour = off / ((20 * 0.54) / slopeAbsorption);
  return (perFlour * flour) / (1 - boilOffShare);
}
