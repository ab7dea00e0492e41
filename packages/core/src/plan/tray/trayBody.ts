import type { TrayDraft } from '../../draft/draft.js';
import { doughKey } from '../../draft/learnt.js';
import { boilingPointC, type Kitchen, startTempC } from '../../draft/kitchen.js';
import { type FryBodySpec, OIL_SURFACE } from '../../heat/fryBody.js';
import { coiledShell, doughMaterial, fillingMaterial, type FryMaterial, layeredShell } from '../../heat/fryMaterial.js';
import {
  afterBench,
  coolPieceS,
  HARD_C,
  type HoldWait,
  PART_FROZEN,
  TEMPER_S,
  temperedC,
} from '../../heat/holdPiece.js';
import { firstTurnFor, lyingOf } from '../../heat/lying.js';
import { clamp } from '../../numeric/clamp.js';
import { HEAT_RADIUS_M, type Piece } from '../../shapes/kit/piece.js';
import type { ColdPlan } from './batchPlan.js';

/** Grid of a plan: its moments lie within 4 s of a grid three times as fine, and later rather than sooner. */
const WALL_CELLS = 16;
const FILLING_CELLS = 12;

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

/** As long as the bench is looked at, s. */
const MOST_BENCH_S = 7200;

/** How long a filled piece of this tray rises on the bench; other waits are not counted on to warm it. s. */
function proofWaitS({ way = 'fry' }: TrayDraft, { dough: { rise } }: ColdPlan): number {
  return way === 'fry' || way === 'bake' ? Math.min(MOST_BENCH_S, rise?.proofS ?? 0) : 0;
}

/**
 * A piece in this kitchen as it is when it is folded: shape, walls, materials, its dough as warm
 * as the room and its filling as cold as it goes in.
 * @example foldedBodyOf(draft, kitchen, cold, piece).startC // 21
 */
export function foldedBodyOf(draft: TrayDraft, kitchen: Kitchen, cold: ColdPlan, piece: Piece): FryBodySpec {
  const { family, sugarPercent } = cold.dough.figures;
  const filled = draft.fold.fillingEachKg > 0;
  const wallM = provedWallM(piece, family.rise);
  const skinM = cold.fold.coating?.thicknessM ?? 0;
  const radiusM = Math.min(HEAT_RADIUS_M.most, piece.heatRadiusM + wallM - piece.wallCrownM + skinM);
  const body: FryBodySpec = {
    radiusM,
    shapeExponent: piece.shapeExponent,
    // A coating dries and browns as the outermost of the wall.
    wallM: filled ? Math.min(wallM + skinM, 0.95 * radiusM) : radiusM,
    dough: shellOf(cold.dough.figures, piece, wallM),
    filling: fillingMaterial(cold.filling.figures.densityKgPerM3, cold.filling.figures.waterShare),
    startC: kitchen.roomC,
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
      (cold.fold.coating?.browning ?? 1) *
      (kitchen.learnt?.browning?.[doughKey(draft)]?.value ?? 1),
    ...(kitchen.learnt?.golden && { takeOutColour: kitchen.learnt.golden.value }),
  };
  const { fillingState } = draft.fold;
  if (!filled || fillingState === undefined) return body;
  const cool = { tempC: cold.filling.foldC, iceShare: 0 };
  return { ...body, fillingStart: fillingState === 'part-frozen' ? PART_FROZEN : cool };
}

/**
 * The body the solver fries: the piece as it comes to oil or oven.
 * @example fryBodyOf(draft, kitchen, cold, piece).setC // 85
 */
export function fryBodyOf(draft: TrayDraft, kitchen: Kitchen, cold: ColdPlan, piece: Piece): FryBodySpec {
  const folded = foldedBodyOf(draft, kitchen, cold, piece);
  const { fillingStart, ...through } = folded;
  const { start } = draft.fry;
  if (start === 'room') {
    return fillingStart ? { ...folded, ...afterBench(folded, kitchen.roomC, proofWaitS(draft, cold)) } : folded;
  }
  // Cold through, whatever its filling was like when it was folded in.
  const startC =
    start === 'tempered' ? temperedC(through, kitchen.freezerC, kitchen.roomC) : startTempC(start, kitchen);
  return { ...through, startC };
}

/**
 * How long the chosen start keeps the pieces between folding and the oil.
 * @param folded the piece as it is when it is folded
 */
export function holdOf(draft: TrayDraft, kitchen: Kitchen, folded: FryBodySpec): HoldWait | null {
  const { start } = draft.fry;
  if (start === 'room') return null;
  const { roomC, fridgeC, freezerC } = kitchen;
  if (start === 'fridge') {
    return { place: 'fridge', coldS: coolPieceS(folded, 'fridge', roomC, fridgeC, fridgeC + 2), temperS: 0 };
  }
  return {
    place: 'freezer',
    coldS: coolPieceS(folded, 'freezer', roomC, freezerC, Math.max(HARD_C, freezerC + 2)),
    temperS: start === 'tempered' ? TEMPER_S : 0,
  };
}
