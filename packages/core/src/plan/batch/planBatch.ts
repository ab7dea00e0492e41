import { DRAW_EACH_S } from '../../stove/setting.js';
import type { BatchDraft } from '../../draft/batchDraft.js';
import type { TrayDraft } from '../../draft/draft.js';
import { type Kitchen, smokePointC, TURN_EACH_S } from '../../draft/kitchen.js';
import { FRY_HORIZON_S, RANGES } from '../../draft/ranges.js';
import { requireIn } from '../../errors.js';
import { coreMustBeSafe } from '../../filling/fillingSafety.js';
import { burstOverTime } from '../../frying/burstOverTime.js';
import { fryFindings } from '../../frying/fryFindings.js';
import type { FryPlan } from '../../frying/fryPlan.js';
import { isDoneByRest, type TakeOutAsk, type TakeOutMoment, takeOutMoment } from '../../frying/takeOutMoment.js';
import { oilUptakeKg, type PieceBulk, pieceHeatCurve } from '../../frying/pieceHeat.js';
import { restInAir } from '../../frying/restInAir.js';
import { doughSetC, type FryRun, runFry, sampleAt } from '../../frying/solveFry.js';
import { burnerAdvice } from '../../oil/burnerAdvice.js';
import { DROP_SPACING_S, handsServe, type LoadSpec, oilRange, potRoom } from '../../oil/fryLoads.js';
import { throughPot } from '../../oil/pipeline.js';
import { halfDepthOilM3, oilCautions, potLevels } from '../../oil/pot.js';
import { isFryable, type Piece } from '../../shapes/kit/piece.js';
import type { BatchPlan, ColdPlan, HotPlan } from '../tray/batchPlan.js';
import { type StoveTray, fryTrays, potOrder } from './fryTrays.js';
import { afterOil } from '../tray/afterOil.js';
import { ovenAfterOilS } from '../tray/ovenAfterOil.js';
import { planCold } from '../tray/planCold.js';
import { type DayTray, planDay } from './planDay.js';
import { trayBake } from '../tray/trayBake.js';
import { foldedBodyOf, fryBodyOf, holdOf } from '../tray/trayBody.js';
import { stored } from '../tray/trayKeep.js';
import { traysOf } from '../edit/trays.js';

/** Means of each so many entries, the last of what is left. */
function meansOf(values: readonly number[], each: number): number[] {
  return Array.from({ length: Math.ceil(values.length / each) }, (_, i) => {
    const some = values.slice(i * each, (i + 1) * each);
    return some.reduce((sum, value) => sum + value, 0) / some.length;
  });
}

/**
 * When pieces leave the oil: after the cook's own minutes; else, where an oven finishes them, as soon as they are
 * golden; else when they are cooked and golden.
 */
function takenOut({ fry: { minutesS, thenOven } }: TrayDraft, run: FryRun, ask: TakeOutAsk): TakeOutMoment {
  const { doneS, takeOutColourS, goldenS } = run.solution;
  if (minutesS !== null) return { takeOutS: minutesS, rests: !thenOven && minutesS < (doneS ?? Infinity) };
  return thenOven ? { takeOutS: takeOutColourS ?? goldenS, rests: false } : takeOutMoment(run, ask);
}

function planFry(draft: TrayDraft, kitchen: Kitchen, cold: ColdPlan, piece: Piece): FryPlan {
  const { fry } = draft;
  requireIn(fry.oilC, RANGES.draft.oilC, 'fry.oilC');
  if (fry.ramp) {
    requireIn(fry.ramp.outC, RANGES.draft.oilC, 'fry.ramp.outC');
    requireIn(fry.ramp.overS, RANGES.draft.rampS, 'fry.ramp.overS');
  }
  if (fry.minutesS !== null) requireIn(fry.minutesS, RANGES.draft.minutesS, 'fry.minutesS');
  const body = fryBodyOf(draft, kitchen, cold, piece);
  const bulk: PieceBulk = {
    surfaceM2: piece.surfaceM2,
    volumeM3: piece.volumeM3,
    heatRadiusM: piece.heatRadiusM,
    shapeExponent: body.shapeExponent,
  };
  const ask = { body, coreTargetC: draft.filling.coreTargetC, coreIsLine: coreMustBeSafe(draft), roomC: kitchen.roomC };
  const run = runFry({
    body,
    oilC: fry.oilC,
    turn: fry.turn,
    ...(fry.ramp && { ramp: fry.ramp }),
    coreTargetC: ask.coreTargetC,
    coreIsLine: ask.coreIsLine,
    horizonS: FRY_HORIZON_S,
  });
  const { solution } = run;
  const { takeOutS, rests } = takenOut(draft, run, ask);
  const fried = takeOutS === null ? null : run.bodyAt(takeOutS);
  const after = fried && afterOil(draft, kitchen, fried);
  const rest = fried && restInAir(after?.thenOven?.body ?? fried, kitchen.roomC);
  const { pot, roomC } = kitchen;
  const burner = burnerAdvice(pot, roomC, fry.oilC);
  const room = potRoom(pot, piece.widthM * piece.depthM * 0.8);
  const hands = handsServe(fry.turn, kitchen.hands.turnEachS ?? TURN_EACH_S);
  const firstTurnS = solution.turnsS[0] ?? null;
  const pieceW = pieceHeatCurve(bulk, solution.samples, takeOutS ?? 0, 1);
  const loadSpec: LoadSpec | null =
    takeOutS === null
      ? null
      : {
          pot,
          roomC,
          oilC: fry.oilC,
          ...(fry.ramp && { ramp: fry.ramp }),
          pieceW,
          takeOutS,
          pieces: draft.pieces,
          betweenS: kitchen.hands.betweenLoadsS,
          spacingS: DROP_SPACING_S,
        };
  const loads = loadSpec && throughPot(loadSpec, fry, Math.min(room, hands), firstTurnS);
  // Rising oil is where it should be from what pieces go into to what they come out of.
  const range = { least: oilRange(fry.oilC).least, most: oilRange(Math.max(fry.oilC, fry.ramp?.outC ?? 0)).most };
  const atTakeOut = takeOutS === null ? null : sampleAt(solution.samples, takeOutS);
  const loadM3 = (loads?.loadSize ?? 1) * piece.volumeM3;
  const plan = {
    body,
    bulk,
    solution,
    takeOutS,
    atTakeOut,
    thenOven: after?.thenOven
      ? { ...after.thenOven.plan, afterLastS: ovenAfterOilS(draft, loads, takeOutS!, after.thenOven.plan.minutesS) }
      : null,
    rest,
    needsRest: rest !== null && rests && isDoneByRest(rest, ask),
    oilUptakeKg: atTakeOut && oilUptakeKg(bulk, atTakeOut.waterKgPerM2),
    seamPush:
      cold.fold.burst &&
      burstOverTime(solution.samples, cold.fold.burst.index, Math.max(0, body.startC), doughSetC(body)),
    halfDepthM3: fry.turn === 'half-depth' ? halfDepthOilM3(pot, fry.oilC, piece.thicknessM, loadM3) : null,
    pieceMeanW: pieceW.reduce((sum, w) => sum + w, 0) / Math.max(1, pieceW.length),
    drawW: meansOf(pieceW, DRAW_EACH_S),
    range,
    cautions: oilCautions(smokePointC(kitchen), range.most),
    room,
    hands,
    loads,
    levels: potLevels(pot, fry.oilC, loadM3),
    warmUpS: burner?.warmS ?? null,
    burner,
    hold: holdOf(draft, kitchen, foldedBodyOf(draft, kitchen, cold, piece)),
    crisp: after?.crisp ?? null,
  };
  return { ...plan, findings: fryFindings(plan, draft, cold.dough.figures.family, kitchen) };
}

/** What becomes of the pieces of a tray, without its day. */
function cookTray(draft: TrayDraft, kitchen: Kitchen, cold: ColdPlan, piece: Piece): DayTray['hot'] {
  const way = draft.way ?? 'fry';
  return {
    fry: way === 'fry' ? planFry(draft, kitchen, cold, piece) : null,
    bake: way === 'bake' ? trayBake(draft, kitchen, fryBodyOf(draft, kitchen, cold, piece)) : null,
    stored:
      way === 'freeze' || way === 'chill' ? stored(draft, kitchen, foldedBodyOf(draft, kitchen, cold, piece)) : null,
  };
}

const NOTHING_HOT: HotPlan = { fry: null, bake: null, stored: null, serve: null };

/**
 * Fry and serve on top of the cold stations: the costly half, for a worker.
 * @param nowMs ms since the epoch, or `null` when lateness is not to be judged
 * @throws CoreError with the draft's field as path
 * @example planHot(draft, kitchen, cold, null).fry.loads.loads // 4
 */
export function planHot(draft: TrayDraft, kitchen: Kitchen, cold: ColdPlan, nowMs: number | null): HotPlan {
  const { piece } = cold.fold;
  if (!isFryable(piece)) return NOTHING_HOT;
  const hot = cookTray(draft, kitchen, cold, piece);
  return { ...hot, serve: planDay([{ draft, cold, hot }], kitchen, nowMs) };
}

/**
 * The whole line of one tray: draft in, everything the screens show out.
 * @throws CoreError with the draft's field as path
 * @example planBatch(draft, kitchen, null).fry.takeOutS > 480 // true
 */
export function planBatch(draft: TrayDraft, kitchen: Kitchen, nowMs: number | null): BatchPlan {
  const cold = planCold(draft, kitchen);
  return { ...cold, ...planHot(draft, kitchen, cold, nowMs) };
}

/** One tray of a batch with its plan; its `serve` is that of the whole batch. */
export interface PlannedTray {
  readonly draft: TrayDraft;
  readonly plan: BatchPlan;
}

/**
 * Every tray of a batch, planned together: one dough, one pot, one day. In the order of the marks.
 * @throws CoreError with the tray's field as path
 * @example planTrays(batch, kitchen, null).length // 1
 */
export function planTrays(batch: BatchDraft, kitchen: Kitchen, nowMs: number | null): readonly PlannedTray[] {
  const drafts = traysOf(batch);
  const planned = drafts.map((draft) => {
    const cold = planCold(draft, kitchen);
    const { piece } = cold.fold;
    return { draft, cold, hot: isFryable(piece) ? cookTray(draft, kitchen, cold, piece) : NOTHING_HOT };
  });
  const order = potOrder(batch);
  const place = ({ draft: { mark = order[0]! } }: (typeof planned)[number]) => order.indexOf(mark);
  const ordered = [...planned].sort((a, b) => place(a) - place(b));
  const isWhole = planned.every(({ cold }) => isFryable(cold.fold.piece));
  const serve = isWhole ? planDay(ordered, kitchen, nowMs, batch.ownSteps) : null;
  return planned.map(({ draft, cold, hot }) => ({ draft, plan: { ...cold, ...hot, serve } }));
}

/**
 * What of a batch is fried, with its plans, as the stove takes it; `null` when something of it has
 * no moment to take it out, or nothing is fried.
 * @param planned of the batch in this kitchen, where that is known already
 * @example stoveTrays(batch, kitchen).length // 1
 */
export function stoveTrays(
  batch: BatchDraft,
  kitchen: Kitchen,
  planned = planTrays(batch, kitchen, null),
): readonly StoveTray[] | null {
  const trays = fryTrays(batch).flatMap((tray): StoveTray[] => {
    const fry = planned.find(({ draft }) => draft.mark === tray.draft.mark)?.plan.fry;
    return fry?.loads ? [{ ...tray, fry: { ...fry, loads: fry.loads } }] : [];
  });
  return trays.length > 0 && trays.length === fryTrays(batch).length ? trays : null;
}
