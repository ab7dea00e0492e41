import { HAND_WORKS, type HandWork, type Learnt } from './learnt.js';
import type { Allergen, Ingredient } from '../ingredient/ingredient.js';
import { type Pantry, pantryWith } from '../ingredient/pantry.js';
import type { Measures } from '../quantity/units.js';
import type { StartState } from './choices.js';

/** A pot on its burner with its oil, as the Store keeps it. SI; °C. */
/** What heats the pot: each stores heat of its own, and gives it on when the burner setting is long turned back. */
export type BurnerKind = 'gas' | 'induction' | 'radiant' | 'plate';
export const BURNER_KINDS: readonly BurnerKind[] = ['gas', 'induction', 'radiant', 'plate'];

export interface Pot {
  /** Inner diameter, 0.1–0.6 m. */
  readonly diameterM: number;
  /** Inner height, 0.05–0.6 m. */
  readonly heightM: number;
  readonly massKg: number;
  /** Cold oil, 0.2–20 l as m³. */
  readonly oilM3: number;
  /** Smoke point of this oil, less what age took off it. */
  readonly smokeC: number;
  /** Full power of the burner, W. */
  readonly burnerW: number;
  /** Share of it that reaches the oil, 0.2–1. */
  readonly efficiency: number;
  /** Highest burner setting. */
  readonly settings: number;
  /** Loss to the room, W/K. */
  readonly lossWPerK: number;
  /** First-order lag of the probe, s. */
  readonly probeLagS: number;
  /** Absent: gas. */
  readonly burner?: BurnerKind;
  /** Lag of this very burner behind its setting, s, where a session has shown it; absent: as its kind is. */
  readonly burnerLagS?: number;
}

/** Who eats: one person, or so many alike. */
export interface Guests {
  readonly id: string;
  readonly name: string;
  readonly count: number;
  readonly eats: 'anything' | 'no-fish' | 'no-meat' | 'vegetarian' | 'vegan';
  readonly allergies: readonly Allergen[];
}

/** What this kitchen believes of a flour: how much more (+) it drinks than its label, fraction of flour. */
export interface FlourBelief {
  readonly mean: number;
  readonly sd: number;
  readonly count: number;
}

/** Batches leave this behind. */
export interface OilCarries {
  readonly allergens: readonly Allergen[];
  readonly diet: Ingredient['diet'];
}

/** Why oil is to be strained, used once more, or thrown away. */
export type OilReason =
  | 'dark'
  | 'foams'
  | 'smokes-early'
  | 'rank'
  | 'hours'
  | 'uses'
  | 'age'
  | 'smoke-low'
  | 'crumbs'
  | 'unstrained'
  | 'little';

export type OilAdvice = 'good' | 'strain' | 'last-time' | 'discard';

/** A pot on its burner, by the name the cook gave it. */
export interface NamedPot {
  readonly name: string;
  readonly pot: Pot;
  /** The oil in it, of those the Store keeps; absent: fresh oil, not kept. */
  readonly oilId?: string;
}

/** Kept oil, as plans see it. */
export interface PotOil extends OilCarries {
  readonly id: string;
  readonly name: string;
  /** Smoke point now, °C. */
  readonly smokeC: number;
  readonly advice: OilAdvice;
  readonly reasons: readonly OilReason[];
  readonly uses: number;
}

/** The kitchen a batch is cooked in, as the Store keeps it. */
export interface Kitchen {
  readonly name: string;
  readonly roomC: number;
  readonly fridgeC: number;
  readonly freezerC: number;
  readonly altitudeM: number;
  /** Nothing measures the oil: a crumb of dough does; absent: something does. */
  readonly thermometer?: 'none';
  /** Hands in this kitchen, 1–6; absent: nobody said. */
  readonly cooks?: number;
  /** Trays of pieces that the fridge holds at one time; absent: nobody said. */
  readonly fridgeTrays?: number;
  /** Trays of pieces that the freezer has room for; absent: nobody said. */
  readonly freezerTrays?: number;
  /** There is one cutter of each size: two cooks do not cut with it at one time; absent: nobody said. */
  readonly oneCutter?: true;
  /** Dishes for fillings to cool in; absent: nobody said. */
  readonly coolingDishes?: number;
  readonly units: 'grams' | 'cups';
  readonly temperature: 'C' | 'F';
  readonly measures: Measures;
  /** Sign of the cook's money, 1–4 letters; absent: amounts stand alone. */
  readonly currency?: string;
  /** How times of day are shown; absent: 24 hours. */
  readonly hours?: 12 | 24;
  readonly pot: Pot;
  /** Which of the other pots `pot` is, where a batch is fried in one; kept apart from the settings. */
  readonly potName?: string;
  /** Other pots on their burners, to be taken instead. */
  readonly otherPots?: readonly NamedPot[];
  /** Who is at the table; absent: nobody said. */
  readonly guests?: readonly Guests[];
  /** The oil in the pot, of those the Store keeps; absent: fresh oil, not kept. */
  readonly potOilId?: string;
  /** That oil as it is now; kept apart from the settings. */
  readonly potOil?: PotOil;
  /** What each bake showed of this oven, oldest first: heat at the skin over the usual oven's. */
  readonly ovenSeen?: readonly number[];
  /** What was learnt of each flour, by ingredient; kept apart from the settings. */
  readonly flours?: Readonly<Record<string, FlourBelief>>;
  /** What its batches have taught of it; kept apart from the settings. */
  readonly learnt?: Learnt;
  /** Ingredients added or changed here, and bases as ingredients; kept apart from the settings. */
  readonly ingredients?: readonly Ingredient[];
  /** Smallest step the scale shows, kg; absent: 1 g. */
  readonly scaleStepKg?: number;
  /** What a cooked filling is reheated to, °C: 74, 75 or 70 by local rule; absent: 74. */
  readonly reheatC?: number;
  readonly dish: { readonly lengthM: number; readonly widthM: number };
  /** Room to roll out on; absent: 60 by 45 cm. */
  readonly board?: { readonly lengthM: number; readonly widthM: number };
  /** Hands' time, s. */
  readonly hands: {
    readonly mixS: number;
    readonly cookFillingS: number;
    readonly foldEachS: number;
    readonly serveS: number;
    readonly betweenLoadsS: number;
    /** To turn one piece in the oil; absent: as most hands do. */
    readonly turnEachS?: number;
  };
}

/** What of a kitchen the formulas need: its own ingredients and what was learnt of its flours. */
export type Known = Pick<Kitchen, 'ingredients' | 'flours' | 'learnt'>;

/**
 * Ingredients of this kitchen.
 * @example pantryOf(kitchen).all.length > 100 // true
 */
export function pantryOf(known: Known): Pantry {
  return pantryWith(known.ingredients);
}

/** Where a kitchen has not said what it rolls out on, m. */
export const USUAL_BOARD = { lengthM: 0.6, widthM: 0.45 } as const;

/** Seconds most hands take to turn one piece in the oil. Our own. */
export const TURN_EACH_S = 2;

/** A kitchen with one 24 cm pot on a 2 kW burner: where a new user starts. */
export const DEFAULT_KITCHEN: Kitchen = {
  name: 'Kitchen',
  roomC: 21,
  fridgeC: 4,
  freezerC: -18,
  altitudeM: 0,
  units: 'grams',
  temperature: 'C',
  measures: { cupMl: 250, teaspoonMl: 5 },
  pot: {
    diameterM: 0.24,
    heightM: 0.16,
    massKg: 2.6,
    oilM3: 0.0021,
    smokeC: 225,
    burnerW: 2000,
    efficiency: 0.6,
    settings: 9,
    lossWPerK: 2.2,
    probeLagS: 8,
  },
  dish: { lengthM: 0.36, widthM: 0.26 },
  hands: { mixS: 1200, cookFillingS: 1800, foldEachS: 70, serveS: 360, betweenLoadsS: 45 },
};

/**
 * Hands' time as this kitchen's batches have shown it, s: what is set, corrected by what was seen.
 * @example handsOf(kitchen).mixS // 1200
 */
export function handsOf({ hands, learnt }: Pick<Kitchen, 'hands' | 'learnt'>): Kitchen['hands'] {
  const times = (work: HandWork) => hands[work] * (learnt?.hands?.[work]?.value ?? 1);
  return { ...hands, ...Object.fromEntries(HAND_WORKS.map((work) => [work, times(work)])) };
}

/** Boiling point at altitude, °C: about 1 lower for each 300 m. */
export function boilingPointC(altitudeM: number): number {
  return 100 - altitudeM / 300;
}

/** Smoke point of the oil that is really in the pot, °C: as shipped, or as age has left the kept one. */
export function smokePointC({ pot, potOil }: Pick<Kitchen, 'pot' | 'potOil'>): number {
  return Math.min(pot.smokeC, potOil?.smokeC ?? pot.smokeC);
}

/** °C of a piece when it leaves room, fridge or freezer. */
export function startTempC(start: StartState, kitchen: Kitchen): number {
  switch (start) {
    case 'room':
      return kitchen.roomC;
    case 'fridge':
      return kitchen.fridgeC;
    case 'frozen':
    case 'tempered':
      return kitchen.freezerC;
    default: {
      const never: never = start;
      return never;
    }
  }
}
