import { readRecipe, type RecipeRead } from '@ember-fold/core/files';
import {
  type LedgerRecord,
  oneChange,
  type Proposal,
  type RecordLooks,
  trayLesson,
  type TrayLesson,
  stoveRecordOf,
  wholeRecord,
  type WholeRecord,
} from '@ember-fold/core/ledger';
import {
  type BakePlan,
  bakePlan,
  type BatchDraft,
  type TrayDraft,
  type TrayMark,
  type CrumbPlan,
  crumbPlan,
  type Cutting,
  cuttingRolls,
  type CuttingSpec,
  DEFAULT_KITCHEN,
  type ShapeId,
  SHAPES,
  type FindingTone,
  type StoveTray,
  stoveTrays,
  type FryArm,
  fryArm,
  type FryPlan,
  type FryMethod,
  foldedBodyOf,
  type HoldTimes,
  holdTimes,
  type HotPlan,
  type Ingredient,
  isFryable,
  type Kitchen,
  type TakeOutWay,
  takeOutWays,
  type LoadWay,
  loadWays,
  newTray,
  ovenFactorSeen,
  type Piece,
  pantryWith,
  type Guests,
  type Pot,
  planCold,
  planHot,
  type PlannedTray,
  planTrays,
  type SplitPlan,
  splitPlan,
  withShape,
  withFryMethod,
  worstTone,
} from '@ember-fold/core/plan';
import {
  CRUMB_ANSWERS,
  type StoveAct,
  fitStove,
  type OilReading,
  type PiecePrediction,
  type StoveFit,
  type PredictAsk,
  piecesEarly,
  type TakenOutAsk,
  predictPot,
} from '@ember-fold/core/stove';
import { supperEats, type SupperEats, type SupperPart } from '@ember-fold/core/supper';
import { expose } from 'comlink';

/** Samples the page needs for its curves; the solver keeps every inner step. */
const MOST_SAMPLES = 120;
/** Points of the oil's curve: as many as a chart has pixels for. */
const MOST_TRACE = 300;

function thinned<T>(all: readonly T[], most: number): readonly T[] {
  const each = Math.max(1, Math.ceil(all.length / most));
  return all.filter((_, i) => i % each === 0 || i === all.length - 1);
}

function thinFry<T extends FryPlan>(fry: T): T {
  const solution = { ...fry.solution, samples: thinned(fry.solution.samples, MOST_SAMPLES) };
  const loads = fry.loads && { ...fry.loads, trace: thinned(fry.loads.trace, MOST_TRACE) };
  const seamPush = fry.seamPush && { ...fry.seamPush, moments: thinned(fry.seamPush.moments, MOST_SAMPLES) };
  return { ...fry, solution, loads, seamPush };
}

function thin({ fry, bake, stored, serve }: HotPlan): HotPlan {
  return { fry: fry && thinFry(fry), bake, stored, serve };
}

/** One tray of a batch as the line shows it beside the others. */
export interface TrayGlance {
  readonly mark: TrayMark;
  readonly tone: FindingTone;
  /** s in the oil or in the oven; `null`: neither, or no moment is right. */
  readonly cookedS: number | null;
}

/** What the worker answers of a batch: the open tray, and every tray at a glance where there are several. */
export interface HotOfBatch {
  readonly plan: HotPlan;
  readonly trays: readonly TrayGlance[];
}

function glanceOf({ draft, plan }: PlannedTray): TrayGlance {
  const { filling, fold, fry, bake, stored } = plan;
  const found = [filling, fold, fry, bake, stored].flatMap((one) => one?.findings ?? []);
  return { mark: draft.mark!, tone: worstTone(found), cookedS: fry?.takeOutS ?? bake?.minutesS ?? null };
}

/** What the picture of a shape is drawn from. */
export interface ShapePiece {
  readonly id: ShapeId;
  readonly fold: TrayDraft['fold'];
  readonly shape: Pick<Piece, 'shape' | 'widthM' | 'depthM'>;
}

export interface FitAsk {
  readonly pot: Pot;
  readonly roomC: number;
  readonly readings: readonly OilReading[];
  readonly acts: readonly StoveAct[];
  readonly pieces: number;
  /** What each tray's pieces draw, and the number of its first: W, one entry a second from the drop. */
  readonly draws: readonly { readonly first: number; readonly pieceW: readonly number[] }[];
}

/** A record as its lesson needs it. */
export type LessonAsk = Pick<LedgerRecord, 'draft' | 'kitchen' | 'trays'>;
/** The same with all that was recorded of it. */
export type WholeAsk = Pick<LedgerRecord, 'draft' | 'kitchen' | 'acts' | 'cookActs' | 'trays' | 'endedAt'>;
export interface Lesson {
  readonly lessons: readonly TrayLesson[];
  readonly proposal: Proposal | null;
}

const worker = {
  /** Fry and serve of the open tray, on the day of its whole batch; and every tray at a glance. */
  hot(batch: BatchDraft, mark: TrayMark | null, kitchen: Kitchen, nowMs: number | null): HotOfBatch {
    const planned = planTrays(batch, kitchen, nowMs);
    const open = planned.find(({ draft }) => draft.mark === mark) ?? planned[0]!;
    return { plan: thin(open.plan), trays: planned.length > 1 ? planned.map(glanceOf) : [] };
  },
  /** Every tray of a batch that does not change any more. */
  whole(batch: BatchDraft, kitchen: Kitchen, nowMs: number | null): readonly PlannedTray[] {
    return planTrays(batch, kitchen, nowMs).map(({ draft, plan }) => ({ draft, plan: { ...plan, ...thin(plan) } }));
  },
  /** What of a batch is fried, for its stove; `null` when something of it has no moment to take it out. */
  figures(batch: BatchDraft, kitchen: Kitchen): readonly StoveTray[] | null {
    const trays = stoveTrays(batch, kitchen);
    return trays && trays.map((tray) => ({ ...tray, fry: thinFry(tray.fry) }));
  },
  /** Colour, core and moments of the pieces in a pot. */
  predict(asks: readonly PredictAsk[]): PiecePrediction[] {
    return predictPot(asks);
  },
  /** Numbers of the pieces that came out of their heat before they were done inside. */
  early(asks: readonly TakenOutAsk[]): number[] {
    return piecesEarly(asks);
  },
  /** What a stove is like, from what was recorded; `null` while too little is. */
  fit({ pot, roomC, readings, acts, pieces, draws }: FitAsk): StoveFit | null {
    const pieceW = (number: number) => draws.findLast(({ first }) => number >= first)?.pieceW ?? [];
    const record = stoveRecordOf(acts, readings, pieces, pieceW);
    return record && fitStove(pot, roomC, record);
  },
  /** A usual piece of every shape, for its picture. */
  shapes(): ShapePiece[] {
    const draft = newTray('shapes', 'squash-sage', 24, '2030-01-05T18:30:00Z');
    return SHAPES.flatMap(({ id }) => {
      const { shape, fold } = withShape(draft, id);
      const { piece } = planCold({ ...draft, shape, fold }, DEFAULT_KITCHEN).fold;
      return piece ? [{ id, fold, shape: { shape, widthM: piece.widthM, depthM: piece.depthM } }] : [];
    });
  },
  /** The batch fried each of these ways. */
  arms(draft: TrayDraft, kitchen: Kitchen, methods: readonly FryMethod[]): (FryArm | null)[] {
    return methods.map((method) => fryArm(withFryMethod(draft, method), kitchen));
  },
  /** What each answer of a crumb of dough means for this batch. */
  crumbs(draft: TrayDraft, kitchen: Kitchen): (CrumbPlan | null)[] {
    return CRUMB_ANSWERS.map((answer) => crumbPlan(draft, kitchen, answer));
  },
  /** What would make a right moment to take it out. */
  takeOutWays(draft: TrayDraft, kitchen: Kitchen, right: number): TakeOutWay[] {
    return takeOutWays(draft, kitchen, right);
  },
  /** Other loads. */
  loadWays(draft: TrayDraft, kitchen: Kitchen): LoadWay[] {
    return loadWays(draft, kitchen);
  },
  /** The same piece in an oven, and how a batch is best divided between oven and pot. */
  bake(
    draft: TrayDraft,
    kitchen: Kitchen,
    ovenC: number,
    perTray: number,
  ): { plan: BakePlan | null; split: SplitPlan | null } {
    return { plan: bakePlan(draft, kitchen, ovenC), split: splitPlan(draft, kitchen, ovenC, perTray) };
  },
  /** What a recipe says, with this kitchen's own ingredients. */
  recipe(text: string, own: readonly Ingredient[], spoons: Kitchen['measures']): RecipeRead {
    return readRecipe(text, pantryWith(own), spoons);
  },
  /** Whether everyone at a supper has something to eat. */
  eats(parts: readonly SupperPart[], guests: readonly Guests[], each: number): SupperEats {
    return supperEats(parts, guests, each);
  },
  /** What went wrong with each tray of a record, why, and the one thing to change. */
  lesson({ draft, kitchen, trays }: LessonAsk, looks: RecordLooks): Lesson {
    const figures = Object.fromEntries(trays.map((one) => [one.mark, one.figures]));
    const planned = planTrays(draft, kitchen, null);
    const markOf = (tray: PlannedTray) => tray.draft.mark ?? trays[0]?.mark ?? 'A';
    const lessons = planned.map((tray) => ({
      ...trayLesson(tray, figures[markOf(tray)] ?? null, looks.trays[markOf(tray)] ?? {}, kitchen),
      mark: markOf(tray),
    }));
    return { lessons, proposal: oneChange(draft, looks.trays, figures, kitchen) };
  },
  /** A record as a whole, and what of it mattered; `null`: it can no longer be planned. */
  wholeRecord(record: WholeAsk, looks: RecordLooks): WholeRecord | null {
    const { trays, endedAt, ...told } = record;
    const figures = Object.fromEntries(trays.map((one) => [one.mark, one.figures]));
    return wholeRecord({ ...told, figures, looks, atMs: Date.parse(endedAt) });
  },
  /** What one bake tells of this oven. */
  oven(draft: TrayDraft, kitchen: Kitchen, ovenC: number, goldenS: number): number | null {
    return ovenFactorSeen(draft, kitchen, ovenC, goldenS);
  },
  /** Fridge, freezer and paper for a piece of this draft; `null` without one. */
  hold(draft: TrayDraft, kitchen: Kitchen): HoldTimes | null {
    const cold = planCold(draft, kitchen);
    const { piece } = cold.fold;
    if (!isFryable(piece)) return null;
    return holdTimes(foldedBodyOf(draft, kitchen, cold, piece), kitchen);
  },
  /** Rounds from a sheet, roll by roll; `null` when it was cancelled or overtaken. */
  async cut(spec: CuttingSpec, ask: number, onRoll: (soFar: Cutting) => Promise<void>): Promise<Cutting | null> {
    cutting = ask;
    let whole: Cutting | null = null;
    for (const soFar of cuttingRolls(spec)) {
      whole = soFar;
      // Waits until the page has it: no partial result is sent after the whole.
      await onRoll(soFar);
      await turn();
      if (cutting !== ask) return null;
    }
    return whole;
  },
  cancelCut(): void {
    cutting = 0;
  },
};
/** The cutting that counts: a newer one, or a cancel, ends the one before it between two rolls. */
let cutting = 0;
const turn = () => new Promise((resolve) => setTimeout(resolve));

/** A first plan runs slowly, before the machine has compiled the solver: not while someone types. */
function warmUp(): void {
  const draft = newTray('warm up', 'squash-sage', 24, '2030-01-05T18:30:00Z');
  for (let i = 0; i < 3; i++) planHot(draft, DEFAULT_KITCHEN, planCold(draft, DEFAULT_KITCHEN), null);
}

export type PlanWorker = typeof worker;
expose(worker);
warmUp();
