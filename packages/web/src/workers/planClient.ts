import type { RecipeRead } from '@ember-fold/core/files';
import type {
  BakePlan,
  BatchDraft,
  StoveTray,
  PlannedTray,
  TrayDraft,
  TrayMark,
  CrumbPlan,
  Cutting,
  CuttingSpec,
  FryArm,
  FryMethod,
  HoldTimes,
  Ingredient,
  Kitchen,
  TakeOutWay,
  LoadWay,
  SplitPlan,
  Guests,
} from '@ember-fold/core/plan';
import type { PiecePrediction, PredictAsk, TakenOutAsk, StoveFit } from '@ember-fold/core/stove';
import type { SupperEats, SupperPart } from '@ember-fold/core/supper';
import { proxy, type Remote, wrap } from 'comlink';
import { latestOnly } from './latestOnly';
import type { FitAsk, ShapePiece, HotOfBatch, PlanWorker } from './plan.worker';

let remote: Remote<PlanWorker> | null = null;

/** The worker; started when it is first needed. */
export function plans(): Remote<PlanWorker> {
  remote ??= wrap<PlanWorker>(new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' }));
  return remote;
}

/** Starts the worker before there is anything to plan: it reads itself in while the batch is fetched. */
export function warmPlans(): void {
  plans();
}

export const planHotLatest = latestOnly(
  (batch: BatchDraft, mark: TrayMark | null, kitchen: Kitchen, nowMs: number): Promise<HotOfBatch> =>
    plans().hot(batch, mark, kitchen, nowMs),
);
/** Predictions for one pot: a newer ask replaces the one that waits. Each pot has its own. */
export function potPredictor(): (asks: readonly PredictAsk[]) => Promise<PiecePrediction[] | null> {
  return latestOnly((asks: readonly PredictAsk[]): Promise<PiecePrediction[]> => plans().predict(asks));
}
/** Which pieces came out too early. */
export function earlyOnce(asks: readonly TakenOutAsk[]): Promise<number[]> {
  return plans().early(asks);
}
/** What of a batch is fried, as the stove takes it. */
export function stoveOnce(batch: BatchDraft, kitchen: Kitchen): Promise<readonly StoveTray[] | null> {
  return plans().figures(batch, kitchen);
}

/** What a recipe says; a newer text replaces the one that waits. */
export const readRecipeLatest = latestOnly(
  (text: string, own: readonly Ingredient[], spoons: Kitchen['measures']): Promise<RecipeRead> =>
    plans().recipe(text, own, spoons),
);

/** Whether everyone at a supper has something to eat. */
export function eatsOnce(parts: readonly SupperPart[], guests: readonly Guests[], each: number): Promise<SupperEats> {
  return plans().eats(parts, guests, each);
}

/** Every tray of a batch. @param nowMs `null`: whether it is late is not asked */
export function planOnce(batch: BatchDraft, kitchen: Kitchen, nowMs: number | null): Promise<readonly PlannedTray[]> {
  return plans().whole(batch, kitchen, nowMs);
}

/** What a stove is like. */
export const fitLatest = latestOnly((ask: FitAsk): Promise<StoveFit | null> => plans().fit(ask));

/** Ways to hold a piece cold. */
export const holdLatest = latestOnly((draft: TrayDraft, kitchen: Kitchen): Promise<HoldTimes | null> =>
  plans().hold(draft, kitchen),
);

let cuts = 0;
/** Cuts a sheet; a newer call ends the one before. `null`: overtaken or cancelled. */
export function cutInWorker(spec: CuttingSpec, onRoll: (soFar: Cutting) => void): Promise<Cutting | null> {
  cuts += 1;
  return plans().cut(
    spec,
    cuts,
    proxy(async (soFar: Cutting) => onRoll(soFar)),
  );
}
export function cancelCut(): void {
  void plans().cancelCut();
}

/** Pictures of the shapes. */
export const shapePieces = (): Promise<ShapePiece[]> => plans().shapes();

/** Ways to fry the same batch. */
export const armsLatest = latestOnly(
  (draft: TrayDraft, kitchen: Kitchen, methods: readonly FryMethod[]): Promise<(FryArm | null)[]> =>
    plans().arms(draft, kitchen, methods),
);
/** What a crumb of dough in the oil means for a batch. */
export const crumbsLatest = latestOnly((draft: TrayDraft, kitchen: Kitchen): Promise<(CrumbPlan | null)[]> =>
  plans().crumbs(draft, kitchen),
);

/** The same piece in an oven. */
export const bakeLatest = latestOnly(
  (
    draft: TrayDraft,
    kitchen: Kitchen,
    ovenC: number,
    perTray: number,
  ): Promise<{ plan: BakePlan | null; split: SplitPlan | null }> => plans().bake(draft, kitchen, ovenC, perTray),
);

/** What would make a right moment to take it out. */
export const takeOutWaysLatest = latestOnly(
  (draft: TrayDraft, kitchen: Kitchen, right: number): Promise<TakeOutWay[]> =>
    plans().takeOutWays(draft, kitchen, right),
);

/** What one bake tells of this oven. */
export function ovenSeen(draft: TrayDraft, kitchen: Kitchen, ovenC: number, goldenS: number): Promise<number | null> {
  return plans().oven(draft, kitchen, ovenC, goldenS);
}

/** Other ways to divide a batch into loads. */
export const loadWaysLatest = latestOnly((draft: TrayDraft, kitchen: Kitchen): Promise<LoadWay[]> =>
  plans().loadWays(draft, kitchen),
);
