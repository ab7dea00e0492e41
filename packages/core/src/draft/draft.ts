import type { Formula } from '../ingredient/formula.js';
import type {
  CoatingChoices,
  CoolingPlace,
  DoughFamilyId,
  EdgeId,
  FillingMethod,
  FillingState,
  ShapeId,
  OilRamp,
  Point,
  RawPart,
  SealChoices,
  StartState,
  TurnMethod,
} from './choices.js';

/** A formula of the Store, as it stood at one version. */
export interface FormulaRef {
  readonly id: string;
  readonly version: number;
}

/** What becomes of the pieces of a tray: fried, baked, frozen or chilled for another day, or left as they are. */
export type TrayWay = 'fry' | 'bake' | 'freeze' | 'chill' | 'plain';
export const TRAY_WAYS: readonly TrayWay[] = ['fry', 'bake', 'freeze', 'chill', 'plain'];

/** Trays of a batch by the letter they are marked with, on the board and in the pot. */
export const TRAY_MARKS = ['A', 'B', 'C', 'D', 'E', 'F', 'G', 'H', 'I', 'J', 'K', 'L'] as const;
export type TrayMark = (typeof TRAY_MARKS)[number];

/**
 * One tray as it is planned: pieces treated alike, with the dough and the day of their batch.
 * Plain JSON; every figure on screen is computed from it. `BatchDraft` is what is stored.
 */
export interface TrayDraft {
  /** Of the batch. */
  readonly name: string;
  /** Which of the batch's trays it is; absent: the only one. */
  readonly mark?: TrayMark;
  /** What the cook calls this tray; absent: nothing. */
  readonly label?: string;
  /** What the other trays of the batch take of the same dough, and of the same filling, kg; absent: nothing. */
  readonly others?: { readonly doughKg: number; readonly fillingKg: number };
  /** The tray whose mark the filling has: several may share one pan. Absent: its own. */
  readonly fillingOf?: TrayMark;
  /** What becomes of its pieces; absent: they are fried. */
  readonly way?: TrayWay;
  /** How they are baked; absent: as most ovens do it. */
  readonly bake?: BakeChoices;
  /** Until when chilled or frozen pieces are to be eaten, ISO 8601, UTC; absent: as long as they are good. */
  readonly keepUntil?: string;
  /** The pieces are there already: they come out of this stock of the Store; absent: they are made. */
  readonly fromStored?: string;
  readonly shape: ShapeId;
  readonly pieces: number;
  /** When the last piece is eaten, ISO 8601, UTC. */
  readonly eatAt: string;
  readonly dough: {
    readonly family: DoughFamilyId;
    readonly lines: Formula;
    /** What was really poured while mixing, kg, in order; absent before mixing. */
    readonly poured?: readonly number[];
    /** Hot-water dough stirred on the heat until one mass; absent: off it. */
    readonly onHeat?: boolean;
    /** Where a yeast dough rises; absent: in the room. */
    readonly rise?: 'room' | 'fridge';
    /** °C of the liquid when it is poured; absent: as warm as the dough wants it. */
    readonly liquidC?: number;
    /** °C of the dough when it was kneaded; absent: as flour and liquid make it. */
    readonly mixedC?: number;
    /** Share of the liquid that boils off while it is scalded, 0–0.6; absent: as usual in its family. */
    readonly boilOffShare?: number;
    /** It is made in so many loads, the next when the one before is used, 1–6; absent: all at once. */
    readonly portions?: number;
    /** So much of the batch is made on an earlier day; absent: all of it on its own. */
    readonly ahead?: MadeAhead;
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
    /** Something that may be raw came into it since the cook last said; planned as raw until then. */
    readonly rawUnsaid?: boolean;
    /** How its water goes; absent: cooked dry in the pan. */
    readonly method?: FillingMethod;
    /** Dishes it is spread in, 1–4; absent: one. */
    readonly dishes?: number;
    /** Days before the batch it is cooked, 0–2; absent: the same day. */
    readonly aheadDays?: number;
    /** Smells or tastes strongly: in shared oil it comes last; absent: it does not. */
    readonly strong?: boolean;
    readonly from?: FormulaRef;
  };
  readonly fold: {
    /** Blank across: diameter of a disc, side of a square, width of a strip or sheet. */
    readonly discM: number;
    /** Length of a strip or sheet; absent: as long as its shape usually is. */
    readonly lengthM?: number;
    readonly thicknessM: number;
    readonly sealM: number;
    readonly fillingEachKg: number;
    /** How the filling goes in; absent: cool enough to fold. */
    readonly fillingState?: FillingState;
    /** How the rim is finished; absent: pressed plain. */
    readonly edge?: EdgeId;
    /** Of an own cutter: its outline, the longer side 1; absent: a leaf. */
    readonly outline?: readonly Point[];
  };
  /** How the seam is made; absent: as most cooks do it. */
  readonly seal?: SealChoices;
  /** Wet and dry coating; absent: none. */
  readonly coating?: CoatingChoices;
  readonly fry: {
    readonly oilC: number;
    /** s in the oil; `null`: as the solver finds. */
    readonly minutesS: number | null;
    readonly turn: TurnMethod;
    readonly start: StartState;
    /** Pieces in a load; `null`: the most that keeps the range. */
    readonly loadSize: number | null;
    /** One of the kitchen's other pots, by its name; absent: the pot on the burner. */
    readonly pot?: string;
    /** Oil that is let rise while a load is in it, from `oilC` on; absent: it is held. */
    readonly ramp?: OilRamp;
    /** Pieces go in one after the other, each as another comes out; absent: as loads. */
    readonly pipeline?: boolean;
    /** Taken out by its colour and finished in the oven; absent: it is right when it comes out of the oil. */
    readonly thenOven?: OvenPhase;
    /** Fried early, kept cold, and crisped again before the table in an oven of this, °C; absent: eaten as they come out of the oil. */
    readonly crispC?: number;
  };
}

/** An oven that finishes what comes out of the oil. */
export interface OvenPhase {
  readonly ovenC: number;
  /** s in there; `null`: until dough and filling are done. */
  readonly minutesS: number | null;
}

/** Up to where a batch is made so many days before it is eaten, 1–2: its dough waits in the fridge, its pieces as they come to the oil. */
export interface MadeAhead {
  readonly days: number;
  readonly upTo: 'dough' | 'pieces';
}

/** What is in a piece that holds nothing. */
export const NO_FILLING: TrayDraft['filling'] = {
  lines: [],
  cookToShare: 1,
  panKg: 0,
  hotC: 20,
  place: 'fridge',
  covered: true,
  coreTargetC: 74,
};

/** How a tray is baked. */
export interface BakeChoices {
  readonly ovenC: number;
  /** s in the oven; `null`: until it is golden and done, by the model. */
  readonly minutesS: number | null;
  /** Pieces on one sheet of the oven. */
  readonly perSheet: number;
}
export const USUAL_BAKE: BakeChoices = { ovenC: 190, minutesS: null, perSheet: 12 };

/** A strip folds five times, a sheet winds round once and a half: length over width. */
const USUAL_LENGTH: Partial<Record<ShapeId, number>> = { 'strip-triangle': 3, roll: 1 };

/**
 * Length of a draft's blank, m: the cook's own, or what its shape usually has.
 * @example blankLengthM(draft) > 0 // true
 */
export function blankLengthM({ shape, fold }: Pick<TrayDraft, 'shape' | 'fold'>): number {
  return fold.lengthM ?? fold.discM * (USUAL_LENGTH[shape] ?? 1);
}
