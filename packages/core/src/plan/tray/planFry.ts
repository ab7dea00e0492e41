import { DRAW_EACH_S } from '../../stove/setting.js';
import type { TrayDraft } from '../../draft/draft.js';
import { type Kitchen, smokePointC, TURN_EACH_S } from '../../draft/kitchen.js';
import { FRY_HORIZON_S, RANGES } from '../../draft/ranges.js';
import { requireIn } from '../../errors.js';
import { burstOverTime } from '../../heat/burstOverTime.js';
import { fryFindings } from '../../outcome/fryFindings.js';
import type { FryPlan } from '../../outcome/fryPlan.js';
import { oilUptakeKg, type PieceBulk, pieceHeatCurve } from '../../heat/pieceHeat.js';
import { restInAir } from '../../heat/restInAir.js';
import { doughSetC, runFry, sampleAt } from '../../heat/solveFry.js';
import { burnerAdvice } from '../../oil/burnerAdvice.js';
import { DROP_SPACING_S, handsServe, type LoadSpec, oilRange, potRoom } from '../../oil/fryLoads.js';
import { throughPot } from '../../oil/pipeline.js';
import { halfDepthOilM3, oilCautions, potLevels } from '../../oil/pot.js';
import { surfaceOf } from '../../outcome/outcomeSurface.js';
import { plannedPiece } from '../../outcome/plannedPiece.js';
import type { Piece } from '../../shapes/kit/piece.js';
import { afterOil } from './afterOil.js';
import type { ColdPlan } from './batchPlan.js';
import { askOf, chancesOf, heatOf, isDoneByRest, takeOutOf } from './fryOutcome.js';
import { ovenAfterOilS } from './ovenAfterOil.js';
import { foldedBodyOf, fryBodyOf, holdOf } from './trayBody.js';

/** Means of each so many entries, the last of what is left. */
function meansOf(values: readonly number[], each: number): number[] {
  return Array.from({ length: Math.ceil(values.length / each) }, (_, i) => {
    const some = values.slice(i * each, (i + 1) * each);
    return some.reduce((sum, value) => sum + value, 0) / some.length;
  });
}

/**
 * Everything about frying one tray: its heat, its moment, how its pieces come out, its loads and its burner.
 * @throws CoreError with the draft's field as path
 */
export function planFry(draft: TrayDraft, kitchen: Kitchen, cold: ColdPlan, piece: Piece): FryPlan {
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
  const heat = heatOf(draft, kitchen, body);
  const run = runFry({ ...heat, horizonS: FRY_HORIZON_S });
  const { solution } = run;
  const surface = surfaceOf(heat);
  const asPlanned = plannedPiece(run, askOf(draft, kitchen, body));
  const takeOutS = takeOutOf(draft, run, surface, asPlanned);
  const fried = takeOutS === null ? null : run.bodyAt(takeOutS);
  const after = fried && afterOil(draft, kitchen, fried);
  const rest = fried && restInAir(after?.thenOven?.body ?? fried, kitchen.roomC);
  const chances =
    takeOutS === null
      ? null
      : chancesOf(draft, kitchen, heat, surface, asPlanned, takeOutS, after?.thenOven?.plan ?? null);
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
  // Oil that rises on purpose is in range from its temperature at the drop to its temperature when pieces come out.
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
    needsRest: takeOutS !== null && !fry.thenOven && isDoneByRest(asPlanned, takeOutS),
    surface,
    chances,
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
