import type { DoughFamilyId } from '../dough/doughFamily.js';
import type { CoolingPlace } from '../filling/coolFilling.js';
import type { TurnSchool } from '../frying/lying.js';
import type { Formula } from '../ingredient/formula.js';
import type { Ingredient } from '../ingredient/ingredient.js';
import { type Pantry, pantryWith } from '../ingredient/pantry.js';
import type { FillingMethod, RawPart } from '../filling/fillingSafety.js';
import type { FlourBelief } from '../learning/flourBelief.js';
import type { Guests } from '../oil/fryOrder.js';
import type { Oil, OilState } from '../oil/oilHistory.js';
import type { Pot } from '../oil/pot.js';
import type { CoatChoices } from '../piece/coat.js';
import type { EdgeId } from '../piece/edge.js';
import type { Point } from '../piece/membrane.js';
import type { FormId, PieceSpec } from '../piece/piece.js';
import { type SealChoices, USUAL_SEAL } from '../piece/seal.js';
import type { Measures } from '../quantity/units.js';

/** How a piece comes to the oil; tempered: frozen, then 20 min on paper. */
export type StartState = 'room' | 'fridge' | 'frozen' | 'tempered';

/** A formula of the Store, as it stood at one version. */
export interface FormulaRef {
  readonly id: string;
  readonly version: number;
}

/** What the cook decides. Plain JSON; every figure on screen is computed from it. */
export interface BatchDraft {
  readonly name: string;
  readonly form: FormId;
  readonly pieces: number;
  /** When the last piece is eaten, ISO 8601, UTC. */
  readonly eatAt: string;
  readonly dough: {
    readonly family: DoughFamilyId;
    readonly lines: Formula;
    /** What was really poured while mixing, kg, in order; absent before mixing. */
    readonly poured?: readonly number[];
    /** Scalded dough stirred on the heat until one mass; absent: off it. */
    readonly onHeat?: boolean;
    /** Where a yeast dough rises; absent: in the room. */
    readonly rise?: 'room' | 'fridge';
    /** Where in the Store it came from; absent: made here. */
    readonly from?: FormulaRef;
  };
  readonly filling: {
    readonly lines: Formula;
    /** Cooked over raw mass, 0.3–1. */
    readonly cookToShare: number;
    /** Tare of the pan, kg. */
    readonly panKg: number;
    /** °C when it goes into the dish. */
    readonly hotC: number;
    readonly place: CoolingPlace;
    readonly covered: boolean;
    /** Safe temperature of the coldest filling in the oil, °C. */
    readonly coreTargetC: number;
    /** What in it is not cooked before it is folded in; absent: everything is. */
    readonly raw?: RawPart;
    /** How its water goes; absent: cooked dry in the pan. */
    readonly method?: FillingMethod;
    /** Dishes it is spread in, 1–4; absent: one. */
    readonly dishes?: number;
    /** Days before the batch it is cooked, 0–2; absent: the same day. */
    readonly aheadDays?: number;
    readonly from?: FormulaRef;
  };
  readonly fold: {
    /** Blank across: diameter of a disc, side of a square, width of a strip or sheet. */
    readonly discM: number;
    /** Length of a strip or sheet; absent: as long as its form usually is. */
    readonly lengthM?: number;
    readonly thicknessM: number;
    readonly sealM: number;
    readonly fillingEachKg: number;
    /** How the rim is finished; absent: pressed plain. */
    readonly edge?: EdgeId;
    /** Of an own cutter: its outline, the longer side 1; absent: a leaf. */
    readonly outline?: readonly Point[];
  };
  /** How the seam is made; absent: as most cooks do it. */
  readonly seal?: SealChoices;
  /** Wet and dry coat; absent: none. */
  readonly coat?: CoatChoices;
  readonly fry: {
    readonly oilC: number;
    /** s in the oil; `null`: as the solver finds. */
    readonly minutesS: number | null;
    readonly turn: TurnSchool;
    readonly start: StartState;
    /** Pieces in a lot; `null`: the most that keeps the band. */
    readonly lotSize: number | null;
    /** One of the kitchen's other pots, by its name; absent: the pot on the ring. */
    readonly pot?: string;
  };
}

/** A pot on its ring, by the name the cook gave it. */
export interface NamedPot {
  readonly name: string;
  readonly pot: Pot;
  /** The oil in it, of those the Store keeps; absent: fresh oil, not kept. */
  readonly oilId?: string;
}

/** Kept oil, as plans see it. */
export type PotOil = Pick<Oil, 'id' | 'name'> &
  Pick<OilState, 'smokeC' | 'allergens' | 'diet' | 'advice' | 'reasons' | 'uses'>;

/** The kitchen a batch is cooked in, as the Store keeps it. */
export interface Kitchen {
  readonly name: string;
  readonly roomC: number;
  readonly fridgeC: number;
  readonly freezerC: number;
  readonly altitudeM: number;
  readonly units: 'grams' | 'cups';
  readonly temperature: 'C' | 'F';
  readonly measures: Measures;
  readonly pot: Pot;
  /** Which of the other pots `pot` is, where a batch is fried in one; kept apart from the settings. */
  readonly potName?: string;
  /** Other pots on their rings, to be taken instead. */
  readonly otherPots?: readonly NamedPot[];
  /** Who is at the table; absent: nobody said. */
  readonly guests?: readonly Guests[];
  /** The oil in the pot, of those the Store keeps; absent: fresh oil, not kept. */
  readonly potOilId?: string;
  /** That oil as it is now; kept apart from the settings. */
  readonly potOil?: PotOil;
  /** What was learnt of each flour, by ingredient; kept apart from the settings. */
  readonly flours?: Readonly<Record<string, FlourBelief>>;
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
    readonly betweenLotsS: number;
  };
}

/** What of a kitchen the formulas need: its own ingredients and what was learnt of its flours. */
export type Known = Pick<Kitchen, 'ingredients' | 'flours'>;

/** Ingredients of this kitchen. */
export function pantryOf(known: Known): Pantry {
  return pantryWith(known.ingredients);
}

/** Where a kitchen has not said what it rolls out on, m. */
export const USUAL_BOARD = { lengthM: 0.6, widthM: 0.45 } as const;

/** A kitchen with one 24 cm pot on a 2 kW ring: where a new user starts. */
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
  hands: { mixS: 1200, cookFillingS: 1800, foldEachS: 70, serveS: 360, betweenLotsS: 45 },
};

/** A strip folds five times, a sheet winds round once and a half: length over width. */
const USUAL_LENGTH: Partial<Record<FormId, number>> = { 'strip-triangle': 3, roll: 1 };

/** Length of a draft's blank, m: the cook's own, or what its form usually has. */
export function blankLengthM({ form, fold }: Pick<BatchDraft, 'form' | 'fold'>): number {
  return fold.lengthM ?? fold.discM * (USUAL_LENGTH[form] ?? 1);
}

/** One piece of a draft, as its form wants it. */
export function pieceSpecOf(
  draft: Pick<BatchDraft, 'form' | 'fold' | 'seal'>,
  of: Pick<PieceSpec, 'fillingKgPerM3' | 'doughKgPerM3' | 'stretch'>,
): PieceSpec {
  const { discM, thicknessM, sealM, fillingEachKg, edge, outline } = draft.fold;
  const spec = { discM, lengthM: blankLengthM(draft), thicknessM, sealM, fillingKg: fillingEachKg, ...of };
  return {
    ...spec,
    airPressed: (draft.seal ?? USUAL_SEAL).airPressed,
    ...(edge === undefined ? {} : { edge }),
    ...(outline === undefined ? {} : { outline }),
  };
}

/** Boiling point at altitude, °C: about 1 lower for each 300 m. */
export function boilingPointC(altitudeM: number): number {
  return 100 - altitudeM / 300;
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
