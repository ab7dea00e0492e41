import { CoreError, requireWithin } from '../errors.js';
import { doughFindings } from '../dough/doughFindings.js';
import { riseFindings, risePlan } from '../dough/riseFindings.js';
import { type FryBodySpec, OIL_SURFACE } from '../frying/fryBody.js';
import { fryFindings } from '../frying/fryFindings.js';
import { doughMaterial, fillingMaterial } from '../frying/fryMaterial.js';
import { type FrySolution, sampleAt, solveFry } from '../frying/solveFry.js';
import { containedIn } from '../ingredient/formula.js';
import { lotSizeFor, type LotSpec, oilBand, potRoom, runLots } from '../oil/fryLots.js';
import { oilUptakeKg, type PieceBulk, pieceHeatCurve } from '../oil/pieceHeat.js';
import { oilCautions, potLevels, warmUpS } from '../oil/pot.js';
import { foldFindings } from '../piece/foldFindings.js';
import { formOf } from '../piece/forms.js';
import type { Piece } from '../piece/piece.js';
import { backwardChain } from '../schedule/backwardChain.js';
import type { BatchPlan, ColdPlan, FryPlan, HotPlan, ServePlan } from './batchPlan.js';
import { type BatchDraft, boilingPointC, type Kitchen, pantryOf, pieceSpecOf, startTempC } from './draft.js';
import { draftDough } from './draftFigures.js';
import { planFilling } from './planFilling.js';
import { serveFindings } from './serveFindings.js';

/** How long the solver looks ahead, s. */
const HORIZON_S = 1800;
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
 */
export function planCold(draft: BatchDraft, kitchen: Kitchen): ColdPlan {
  requireWithin(draft.pieces, 1, 2000, 'pieces');
  const doughs = draftDough(draft, kitchen);
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
  return {
    dough: {
      figures: doughs,
      findings: [
        ...doughFindings(doughs, draft.dough.lines, pantryOf(kitchen), kitchen.fridgeC),
        ...riseFindings(doughs, draft.dough.rise ?? 'room', kitchen.roomC, kitchen.fridgeC),
      ],
    },
    filling,
    contains: containedIn([doughs.totals, filling.figures.totals]),
    fold: {
      piece,
      balance,
      costEach:
        piece &&
        costOf(doughs.totals.cost, doughs.massKg, piece.doughKg) +
          costOf(filling.figures.totals.cost, filling.figures.targetKg, fold.fillingEachKg),
      findings: foldFindings(
        piece,
        balance,
        doughs.family,
        fold.thicknessM,
        filling.figures.densityKgPerM3,
        draft.pieces,
      ),
    },
  };
}

/** The body the solver fries: shape, walls and materials of this piece in this kitchen. */
export function fryBodyOf(draft: BatchDraft, kitchen: Kitchen, cold: ColdPlan, piece: Piece): FryBodySpec {
  const { family, waterShare, sugarPercent } = cold.dough.figures;
  const filled = draft.fold.fillingEachKg > 0;
  // A proofed wall is thicker and lighter than it was rolled.
  const wallM = piece.wallCrownM * family.rise;
  const radiusM = Math.min(0.1, piece.heatRadiusM + wallM - piece.wallCrownM);
  return {
    radiusM,
    shapeExponent: piece.shapeExponent,
    wallM: filled ? Math.min(wallM, 0.95 * radiusM) : radiusM,
    dough: doughMaterial(family.densityKgPerM3 / family.rise, waterShare, family.rise),
    filling: fillingMaterial(cold.filling.figures.densityKgPerM3, cold.filling.figures.waterShare),
    startC: startTempC(draft.fry.start, kitchen),
    faces: draft.fry.turn === 'held-under' ? 'one' : 'two',
    exposedShare: piece.exposedShare,
    boilingC: boilingPointC(kitchen.altitudeM),
    wallCells: WALL_CELLS,
    fillingCells: filled ? FILLING_CELLS : 0,
    surface: OIL_SURFACE,
    // Sugar browns: our own slope, 4 % faster for each point over 2.
    browning: family.browning * (1 + 0.04 * Math.max(0, sugarPercent - 2)),
  };
}

/** When to lift: done and coloured, whichever is later, with a little to spare; `null` when either never comes. */
function liftMoment(solution: FrySolution): number | null {
  const { doneS, liftColourS, goldenS } = solution;
  const colourS = liftColourS ?? goldenS;
  if (doneS === null || colourS === null) return null;
  return Math.max(doneS + 20, colourS);
}

function planFry(draft: BatchDraft, kitchen: Kitchen, cold: ColdPlan, piece: Piece): FryPlan {
  const { fry } = draft;
  requireWithin(fry.oilC, 110, 200, 'fry.oilC');
  if (fry.minutesS !== null) requireWithin(fry.minutesS, 20, HORIZON_S, 'fry.minutesS');
  const body = fryBodyOf(draft, kitchen, cold, piece);
  const bulk: PieceBulk = {
    surfaceM2: piece.surfaceM2,
    volumeM3: piece.volumeM3,
    heatRadiusM: piece.heatRadiusM,
    shapeExponent: body.shapeExponent,
  };
  const solution = solveFry({
    body,
    oilC: fry.oilC,
    turn: fry.turn,
    coreTargetC: draft.filling.coreTargetC,
    horizonS: HORIZON_S,
  });
  const liftS = fry.minutesS ?? liftMoment(solution);
  const { pot, roomC } = kitchen;
  const room = potRoom(pot, piece.widthM * piece.depthM * 0.8);
  const firstTurnS = solution.turnsS[0] ?? 90;
  const pieceW = pieceHeatCurve(bulk, solution.samples, liftS ?? 0, 1);
  const lotSpec: LotSpec | null =
    liftS === null
      ? null
      : {
          pot,
          roomC,
          oilC: fry.oilC,
          pieceW,
          liftS,
          pieces: draft.pieces,
          betweenS: kitchen.hands.betweenLotsS,
          spacingS: DROP_SPACING_S,
        };
  const lots =
    lotSpec && (fry.lotSize === null ? lotSizeFor(lotSpec, room, firstTurnS) : runLots(lotSpec, fry.lotSize));
  const band = oilBand(fry.oilC);
  const atLift = liftS === null ? null : sampleAt(solution.samples, liftS);
  const plan = {
    body,
    bulk,
    solution,
    liftS,
    atLift,
    oilUptakeKg: atLift && oilUptakeKg(bulk, atLift.waterKgPerM2),
    pieceMeanW: pieceW.reduce((sum, w) => sum + w, 0) / Math.max(1, pieceW.length),
    band,
    cautions: oilCautions(pot.smokeC, band.most),
    room,
    lots,
    levels: potLevels(pot, fry.oilC, (lots?.lotSize ?? 1) * piece.volumeM3),
    warmUpS: warmUpS(pot, roomC, fry.oilC, roomC),
  };
  return { ...plan, findings: fryFindings(plan, draft, cold.dough.figures.family) };
}

function planServe(draft: BatchDraft, kitchen: Kitchen, cold: ColdPlan, fry: FryPlan, nowMs: number | null): ServePlan {
  const eatMs = Date.parse(draft.eatAt);
  if (!Number.isFinite(eatMs)) throw new CoreError('NOT_A_NUMBER', 'eatAt', 'The eating time is not a date.');
  const { hands } = kitchen;
  const { restS } = cold.dough.figures.family;
  const usualS = (restS.least + restS.most) / 2;
  // A dough that rises waits for its own clock, then proofs shaped.
  const rise = risePlan(cold.dough.figures, draft.dough.rise ?? 'room', kitchen.roomC, kitchen.fridgeC);
  const isAhead = (draft.filling.aheadDays ?? 0) > 0;
  const steps = backwardChain(eatMs, {
    cookFillingS: isAhead ? null : hands.cookFillingS,
    coolS: cold.filling.cooling?.toFoldS ?? 12 * 3600,
    mixS: hands.mixS,
    restS: rise?.totalS ?? usualS,
    foldS: hands.foldEachS * draft.pieces,
    heatS: fry.warmUpS ?? 3 * 3600,
    fryS: fry.lots?.totalS ?? 0,
    serveS: hands.serveS,
  });
  const lastLotUpMs = eatMs - hands.serveS * 1000;
  return {
    steps,
    startMs: steps[0]!.startMs,
    lastLotUpMs,
    findings: serveFindings(steps, fry, kitchen.roomC, nowMs),
  };
}

/** A pocket filled past twice what it holds does not close; the solver takes bodies of 1 mm to 20 cm. */
function isFryable(piece: Piece): boolean {
  return piece.fill <= 2 && piece.heatRadiusM >= 0.0005 && piece.heatRadiusM <= 0.1;
}

/**
 * Fry and serve on top of the cold stations: the costly half, for a worker.
 * @param nowMs ms since the epoch, or `null` when lateness is not to be judged
 * @throws CoreError with the draft's field as path
 */
export function planHot(draft: BatchDraft, kitchen: Kitchen, cold: ColdPlan, nowMs: number | null): HotPlan {
  const { piece } = cold.fold;
  if (!piece || !isFryable(piece)) return { fry: null, serve: null };
  const fry = planFry(draft, kitchen, cold, piece);
  return { fry, serve: planServe(draft, kitchen, cold, fry, nowMs) };
}

/**
 * The whole line: draft in, everything the screens show out.
 * @throws CoreError with the draft's field as path
 */
export function planBatch(draft: BatchDraft, kitchen: Kitchen, nowMs: number | null): BatchPlan {
  const cold = planCold(draft, kitchen);
  return { ...cold, ...planHot(draft, kitchen, cold, nowMs) };
}
