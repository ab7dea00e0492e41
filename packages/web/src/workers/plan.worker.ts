import {
  type BakePlan,
  bakePlan,
  type BatchDraft,
  type ColdPlan,
  CRUMB_ANSWERS,
  type CrumbPlan,
  crumbPlan,
  type Cutting,
  cuttingRolls,
  type CuttingSpec,
  DEFAULT_KITCHEN,
  type FireAct,
  fitStove,
  type FormId,
  FORMS,
  type FryArm,
  fryArm,
  type FrySchool,
  fryBodyOf,
  type HoldTimes,
  holdTimes,
  type HotPlan,
  isFryable,
  type Kitchen,
  type LiftWay,
  liftWays,
  type LotWay,
  lotWays,
  newBatch,
  ovenFactorSeen,
  type OilReading,
  type Piece,
  type PiecePrediction,
  type Pot,
  type StoveFit,
  stoveRecordOf,
  planCold,
  planHot,
  type PredictAsk,
  predictPieces,
  type SplitPlan,
  splitPlan,
  withForm,
  withSchool,
} from '@ember-fold/core';
import { expose } from 'comlink';

/** Samples the page needs for its curves; the solver keeps every inner step. */
const MOST_SAMPLES = 120;
/** Points of the oil's curve: as many as a chart has pixels for. */
const MOST_TRACE = 300;

function thinned<T>(all: readonly T[], most: number): readonly T[] {
  const each = Math.max(1, Math.ceil(all.length / most));
  return all.filter((_, i) => i % each === 0 || i === all.length - 1);
}

function thin(plan: HotPlan): HotPlan {
  const { fry } = plan;
  if (!fry) return plan;
  const solution = { ...fry.solution, samples: thinned(fry.solution.samples, MOST_SAMPLES) };
  const lots = fry.lots && { ...fry.lots, trace: thinned(fry.lots.trace, MOST_TRACE) };
  const seamPush = fry.seamPush && { ...fry.seamPush, moments: thinned(fry.seamPush.moments, MOST_SAMPLES) };
  return { ...plan, fry: { ...fry, solution, lots, seamPush } };
}

/** What the picture of a form is drawn from. */
export interface FormPiece {
  readonly id: FormId;
  readonly fold: BatchDraft['fold'];
  readonly shape: Pick<Piece, 'form' | 'widthM' | 'depthM'>;
}

export interface FitAsk {
  readonly pot: Pot;
  readonly roomC: number;
  readonly readings: readonly OilReading[];
  readonly acts: readonly FireAct[];
  readonly pieces: number;
  /** W drawn by one piece, one entry a second from its drop. */
  readonly pieceW: readonly number[];
}

const worker = {
  /** Fry and serve of a draft. */
  hot(draft: BatchDraft, kitchen: Kitchen, nowMs: number | null): HotPlan {
    return thin(planHot(draft, kitchen, planCold(draft, kitchen), nowMs));
  },
  /** The whole line of a batch that is only looked at. */
  line(draft: BatchDraft, kitchen: Kitchen, nowMs: number): { readonly cold: ColdPlan; readonly hot: HotPlan } {
    const cold = planCold(draft, kitchen);
    return { cold, hot: thin(planHot(draft, kitchen, cold, nowMs)) };
  },
  /** Colour, core and moments of the pieces in a pot. */
  predict(ask: PredictAsk): PiecePrediction[] {
    return predictPieces(ask);
  },
  /** What a stove is like, from what was recorded; `null` while too little is. */
  fit({ pot, roomC, readings, acts, pieces, pieceW }: FitAsk): StoveFit | null {
    const record = stoveRecordOf(acts, readings, pieces, pieceW);
    return record && fitStove(pot, roomC, record);
  },
  /** A usual piece of every form, for its picture. */
  forms(): FormPiece[] {
    const draft = newBatch('forms', 'squash-sage', 24, '2030-01-05T18:30:00Z');
    return FORMS.flatMap(({ id }) => {
      const { form, fold } = withForm(draft, id);
      const { piece } = planCold({ ...draft, form, fold }, DEFAULT_KITCHEN).fold;
      return piece ? [{ id, fold, shape: { form, widthM: piece.widthM, depthM: piece.depthM } }] : [];
    });
  },
  /** The batch fried each of these ways. */
  arms(draft: BatchDraft, kitchen: Kitchen, schools: readonly FrySchool[]): (FryArm | null)[] {
    return schools.map((school) => fryArm(withSchool(draft, school), kitchen));
  },
  /** What each answer of a crumb of dough means for this batch. */
  crumbs(draft: BatchDraft, kitchen: Kitchen): (CrumbPlan | null)[] {
    return CRUMB_ANSWERS.map((answer) => crumbPlan(draft, kitchen, answer));
  },
  /** What would make a right moment to lift. */
  liftWays(draft: BatchDraft, kitchen: Kitchen): LiftWay[] {
    return liftWays(draft, kitchen);
  },
  /** Other lots. */
  lotWays(draft: BatchDraft, kitchen: Kitchen): LotWay[] {
    return lotWays(draft, kitchen);
  },
  /** The same piece in an oven, and how a batch is best divided between oven and pot. */
  bake(
    draft: BatchDraft,
    kitchen: Kitchen,
    ovenC: number,
    perTray: number,
  ): { plan: BakePlan | null; split: SplitPlan | null } {
    return { plan: bakePlan(draft, kitchen, ovenC), split: splitPlan(draft, kitchen, ovenC, perTray) };
  },
  /** What one bake tells of this oven. */
  oven(draft: BatchDraft, kitchen: Kitchen, ovenC: number, goldenS: number): number | null {
    return ovenFactorSeen(draft, kitchen, ovenC, goldenS);
  },
  /** Fridge, freezer and paper for a piece of this draft; `null` without one. */
  hold(draft: BatchDraft, kitchen: Kitchen): HoldTimes | null {
    const cold = planCold(draft, kitchen);
    const { piece } = cold.fold;
    if (!isFryable(piece)) return null;
    // Tempering is one of the ways asked for: the body is the plain one.
    const bare = { ...draft, fry: { ...draft.fry, start: 'room' as const } };
    return holdTimes(fryBodyOf(bare, kitchen, cold, piece), kitchen);
  },
  /** Rounds from a sheet, roll by roll; `null` when it was cancelled or overtaken. */
  async cut(spec: CuttingSpec, ask: number, onRoll: (soFar: Cutting) => Promise<void>): Promise<Cutting | null> {
    cutting = ask;
    let whole: Cutting | null = null;
    for (const soFar of cuttingRolls(spec)) {
      whole = soFar;
      // Waits until the page has it: no roll is told after the whole.
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
  const draft = newBatch('warm up', 'squash-sage', 24, '2030-01-05T18:30:00Z');
  for (let i = 0; i < 3; i++) planHot(draft, DEFAULT_KITCHEN, planCold(draft, DEFAULT_KITCHEN), null);
}

export type PlanWorker = typeof worker;
expose(worker);
warmUp();
