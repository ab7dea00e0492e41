import { FRY_HORIZON_S, RANGES } from '../draft/ranges.js';
import { clamp } from '../numeric/clamp.js';
import { requireIn } from '../errors.js';
import { burstOverTime } from '../frying/burstOverTime.js';
import { type FryBodySpec, OIL_SURFACE } from '../frying/fryBody.js';
import { fryFindings } from '../frying/fryFindings.js';
import { coiledShell, doughMaterial, fillingMaterial, type FryMaterial, layeredShell } from '../frying/fryMaterial.js';
import { firstTurnFor, lyingOf } from '../frying/lying.js';
import { isDoneByRest, liftMoment } from '../frying/liftMoment.js';
import { restInAir } from '../frying/restInAir.js';
import { doughSetC, runFry, sampleAt } from '../frying/solveFry.js';
import { coolPieceS, HARD_C, type HoldWait, TEMPER_S, temperedC } from '../frying/holdPiece.js';
import { coreMustBeSafe } from '../filling/fillingSafety.js';
import { containedIn, formulaTotals } from '../ingredient/formula.js';
import { handsServe, type LotSpec, oilBand, potRoom } from '../oil/fryLots.js';
import { throughPot } from '../oil/pipeline.js';
import { DRAW_EACH_S } from '../fire/knob.js';
import { oilUptakeKg, type PieceBulk, pieceHeatCurve } from '../frying/pieceHeat.js';
import { burnerAdvice } from '../oil/burnerAdvice.js';
import { halfDepthOilM3, oilCautions, potLevels } from '../oil/pot.js';
import { foldFindings, sealFindings } from '../piece/foldFindings.js';
import { coatOf } from '../piece/coat.js';
import { formOf } from '../piece/forms.js';
import { closes, HEAT_RADIUS_M, isFryable, type Piece } from '../piece/piece.js';
import { burstOf } from '../piece/seal.js';
import type { BatchPlan, ColdPlan, HotPlan } from './batchPlan.js';
import { type BatchDraft } from '../draft/draft.js';
import { planDough } from './planDough.js';
import { planFilling } from './planFilling.js';
import { planServe } from './planServe.js';
import { suppliesFor } from './supplies.js';
import { NO_COAT, USUAL_SEAL } from '../draft/choices.js';
import { boilingPointC, type Kitchen, TURN_EACH_S, pantryOf, smokePointC, startTempC } from '../draft/kitchen.js';
import { pieceSpecOf } from '../piece/pieceSpecOf.js';
import type { FryPlan } from '../frying/fryPlan.js';

const DROP_SPACING_S = 5;
/** Grid of a plan: its moments lie within 4 s of a grid three times as fine, and later rather than sooner. */
const WALL_CELLS = 16;
const FILLING_CELLS = 12;

/** What a portion costs of a whole that is weighed when made. */
function costOf(cost: number, madeKg: number, portionKg: number): number {
  return madeKg > 0 ? (cost * portionKg) / madeKg : 0;
}

/**
 * Dough, filling and fold of a draft. A few milliseconds; no oil involved.
 * @throws CoreError with the draft's field as path
 * @example planCold(draft, kitchen).fold.piece.form // 'half-moon'
 */
export function planCold(draft: BatchDraft, kitchen: Kitchen): ColdPlan {
  requireIn(draft.pieces, RANGES.draft.pieces, 'pieces');
  const dough = planDough(draft, kitchen);
  const doughs = dough.figures;
  const filling = planFilling(draft, kitchen, doughs.fatPercent);
  const { fold } = draft;
  const piece = formOf(draft.form).piece(
    pieceSpecOf(draft, {
      fillingKgPerM3: filling.figures.densityKgPerM3,
      doughKgPerM3: doughs.family.densityKgPerM3,
      stretch: doughs.family.stretch,
    }),
  );
  const balance = {
    doughLeftKg: doughs.massKg - draft.pieces * (piece?.doughKg ?? 0),
    fillingLeftKg: filling.figures.targetKg - draft.pieces * fold.fillingEachKg,
  };
  const sealed = sealPlan(draft, doughs, filling, piece);
  const supplied = formulaTotals(sealed.supplies, 'supplies', pantryOf(kitchen));
  return {
    dough,
    filling,
    contains: containedIn([doughs.totals, filling.figures.totals, supplied]),
    fold: {
      piece,
      fillingShare: fold.fillingEachKg > 0 ? fold.fillingEachKg / (fold.fillingEachKg + (piece?.doughKg ?? 0)) : 0,
      balance,
      costEach:
        piece &&
        costOf(doughs.totals.cost, doughs.massKg, piece.doughKg) +
          costOf(filling.figures.totals.cost, filling.figures.targetKg, fold.fillingEachKg) +
          supplied.cost / draft.pieces,
      ...sealed,
      findings: [
        ...foldFindings(piece, balance, doughs.family, fold.thicknessM, filling.figures.densityKgPerM3, draft.pieces),
        ...sealFindings(draft, sealed.burst, sealed.coat),
      ],
    },
  };
}

/** Seam, coat and what they take of the larder. */
function sealPlan(
  draft: BatchDraft,
  { family }: ColdPlan['dough']['figures'],
  { figures }: ColdPlan['filling'],
  piece: Piece | null,
): Pick<ColdPlan['fold'], 'burst' | 'coat' | 'supplies'> {
  if (!closes(piece)) return { burst: null, coat: null, supplies: [] };
  const { sealM, thicknessM, edge = 'plain' } = draft.fold;
  // What holds nothing has nothing that could open.
  const burst =
    draft.fold.fillingEachKg === 0
      ? null
      : burstOf({
          piece,
          seal: draft.seal ?? USUAL_SEAL,
          edge: formOf(draft.form).hasEdge ? edge : 'plain',
          sealM,
          rolledM: thicknessM,
          family,
          freeShare: figures.targetKg > 0 ? figures.freeKg / figures.targetKg : 0,
        });
  return { burst, coat: coatOf(draft.coat ?? NO_COAT, piece.surfaceM2), supplies: suppliesFor(draft, piece) };
}

/** Dough of the wall as it is built: proofed, coiled, or wound in layers. */
function shellOf({ family, waterShare }: ColdPlan['dough']['figures'], piece: Piece, wallM: number): FryMaterial {
  const dough = doughMaterial(family.densityKgPerM3 / family.rise, waterShare, family.rise);
  return layeredShell(family.id === 'coiled' ? coiledShell(dough) : dough, wallM, Math.min(40, piece.layers));
}

/** A proofed wall: a sheet grows mostly in thickness, a gathered one by volume around what it holds. m. */
function provedWallM({ gathered, wallCrownM, heatRadiusM }: Piece, rise: number): number {
  if (!gathered || rise === 1) return wallCrownM * rise;
  const inner = heatRadiusM - Math.min(wallCrownM, heatRadiusM);
  return Math.cbrt(inner ** 3 + rise * (heatRadiusM ** 3 - inner ** 3)) - inner;
}

/**
 * The body the solver fries: shape, walls and materials of this piece in this kitchen.
 * @example fryBodyOf(draft, kitchen, cold, piece).setC // 85
 */
export function fryBodyOf(draft: BatchDraft, kitchen: Kitchen, cold: ColdPlan, piece: Piece): FryBodySpec {
  const { family, sugarPercent } = cold.dough.figures;
  const filled = draft.fold.fillingEachKg > 0;
  const wallM = provedWallM(piece, family.rise);
  const skinM = cold.fold.coat?.thicknessM ?? 0;
  const radiusM = Math.min(HEAT_RADIUS_M.most, piece.heatRadiusM + wallM - piece.wallCrownM + skinM);
  const body: FryBodySpec = {
    radiusM,
    shapeExponent: piece.shapeExponent,
    // A coat dries and browns as the outermost of the wall.
    wallM: filled ? Math.min(wallM + skinM, 0.95 * radiusM) : radiusM,
    dough: shellOf(cold.dough.figures, piece, wallM),
    filling: fillingMaterial(cold.filling.figures.densityKgPerM3, cold.filling.figures.waterShare),
    startC: startTempC(draft.fry.start, kitchen),
    ...lyingOf(draft.fry.turn, piece.exposedShare),
    boilingC: boilingPointC(kitchen.altitudeM),
    wallCells: WALL_CELLS,
    fillingCells: filled ? FILLING_CELLS : 0,
    surface: OIL_SURFACE,
    setC: family.setC,
    firstTurnS: firstTurnFor(filled ? (cold.fold.burst?.index ?? null) : null),
    // Sugar over what is usual in this dough browns: our own slope, 4 % faster a point; from 40 on, more makes it no faster.
    browning:
      family.browning *
      (1 + 0.04 * clamp(Math.min(40, sugarPercent) - family.ownSugarPercent, 0, 38)) *
      (cold.fold.coat?.browning ?? 1),
  };
  if (draft.fry.start !== 'tempered') return body;
  return { ...body, startC: temperedC(body, kitchen.freezerC, kitchen.roomC) };
}

/** How long the chosen start keeps the pieces between folding and the oil. */
function holdOf(draft: BatchDraft, kitchen: Kitchen, body: FryBodySpec): HoldWait | null {
  const { start } = draft.fry;
  if (start === 'room') return null;
  const { roomC, fridgeC, freezerC } = kitchen;
  if (start === 'fridge') {
    return { place: 'fridge', coldS: coolPieceS(body, 'fridge', roomC, fridgeC, fridgeC + 2), temperS: 0 };
  }
  return {
    place: 'freezer',
    coldS: coolPieceS(body, 'freezer', roomC, freezerC, Math.max(HARD_C, freezerC + 2)),
    temperS: start === 'tempered' ? TEMPER_S : 0,
  };
}

/** Means of each so many entries, the last of what is left. */
function meansOf(values: readonly number[], each: number): number[] {
  return Array.from({ length: Math.ceil(values.length / each) }, (_, i) => {
    const some = values.slice(i * each, (i + 1) * each);
    return some.reduce((sum, value) => sum + value, 0) / some.length;
  });
}

function planFry(draft: BatchDraft, kitchen: Kitchen, cold: ColdPlan, piece: Piece): FryPlan {
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
    ...{ coreTargetC: ask.coreTargetC, coreIsLine: ask.coreIsLine, horizonS: FRY_HORIZON_S },
  });
  const { solution } = run;
  const { liftS, rests } =
    fry.minutesS === null
      ? liftMoment(run, ask)
      : { liftS: fry.minutesS, rests: fry.minutesS < (solution.doneS ?? Infinity) };
  const rest = liftS === null ? null : restInAir(run.bodyAt(liftS), kitchen.roomC);
  const { pot, roomC } = kitchen;
  const burner = burnerAdvice(pot, roomC, fry.oilC);
  const room = potRoom(pot, piece.widthM * piece.depthM * 0.8);
  const hands = handsServe(fry.turn, kitchen.hands.turnEachS ?? TURN_EACH_S);
  const firstTurnS = solution.turnsS[0] ?? null;
  const pieceW = pieceHeatCurve(bulk, solution.samples, liftS ?? 0, 1);
  const lotSpec: LotSpec | null =
    liftS === null
      ? null
      : {
          pot,
          roomC,
          oilC: fry.oilC,
          ...(fry.ramp && { ramp: fry.ramp }),
          pieceW,
          liftS,
          pieces: draft.pieces,
          betweenS: kitchen.hands.betweenLotsS,
          spacingS: DROP_SPACING_S,
        };
  const lots = lotSpec && throughPot(lotSpec, fry, Math.min(room, hands), firstTurnS);
  // Rising oil is where it should be from what pieces go into to what they come out of.
  const band = { least: oilBand(fry.oilC).least, most: oilBand(Math.max(fry.oilC, fry.ramp?.outC ?? 0)).most };
  const atLift = liftS === null ? null : sampleAt(solution.samples, liftS);
  const lotM3 = (lots?.lotSize ?? 1) * piece.volumeM3;
  const plan = {
    body,
    bulk,
    solution,
    liftS,
    atLift,
    rest,
    needsRest: rest !== null && rests && isDoneByRest(rest, ask),
    oilUptakeKg: atLift && oilUptakeKg(bulk, atLift.waterKgPerM2),
    seamPush:
      cold.fold.burst &&
      burstOverTime(solution.samples, cold.fold.burst.index, Math.max(0, body.startC), doughSetC(body)),
    halfDepthM3: fry.turn === 'half-depth' ? halfDepthOilM3(pot, fry.oilC, piece.thicknessM, lotM3) : null,
    pieceMeanW: pieceW.reduce((sum, w) => sum + w, 0) / Math.max(1, pieceW.length),
    drawW: meansOf(pieceW, DRAW_EACH_S),
    band,
    cautions: oilCautions(smokePointC(kitchen), band.most),
    room,
    hands,
    lots,
    levels: potLevels(pot, fry.oilC, lotM3),
    warmUpS: burner?.warmS ?? null,
    burner,
    hold: holdOf(draft, kitchen, body),
  };
  return { ...plan, findings: fryFindings(plan, draft, cold.dough.figures.family, kitchen) };
}

/**
 * Fry and serve on top of the cold stations: the costly half, for a worker.
 * @param nowMs ms since the epoch, or `null` when lateness is not to be judged
 * @throws CoreError with the draft's field as path
 * @example planHot(draft, kitchen, cold, null).fry.lots.lots // 4
 */
export function planHot(draft: BatchDraft, kitchen: Kitchen, cold: ColdPlan, nowMs: number | null): HotPlan {
  const { piece } = cold.fold;
  if (!isFryable(piece)) return { fry: null, serve: null };
  const fry = planFry(draft, kitchen, cold, piece);
  return { fry, serve: planServe(draft, kitchen, cold, fry, nowMs) };
}

/**
 * The whole line: draft in, everything the screens show out.
 * @throws CoreError with the draft's field as path
 * @example planBatch(draft, kitchen, null).fry.liftS > 480 // true
 */
export function planBatch(draft: BatchDraft, kitchen: Kitchen, nowMs: number | null): BatchPlan {
  const cold = planCold(draft, kitchen);
  return { ...cold, ...planHot(draft, kitchen, cold, nowMs) };
}
