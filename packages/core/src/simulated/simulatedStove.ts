import { advanceFry, turnFry } from '../heat/advanceFry.js';
import { createFryBody, type FryBody, type FryBodySpec } from '../heat/fryBody.js';
import { heatDrawnJPerM2 } from '../heat/bodyHeat.js';
import { type PieceBulk, pieceHeatJ } from '../heat/pieceHeat.js';
import { OIL_KG_PER_M3_AT_20, oilCp, potAtRest, potHeatCapacity, type PotState, stepPot } from '../oil/pot.js';
import { seededNormal, seededUniform } from '../numeric/seededNoise.js';
import { type Pot } from '../draft/kitchen.js';
import { clamp } from '../numeric/clamp.js';

/** What a piece of one tray is like. */
export interface SimulatedPiece {
  readonly body: FryBodySpec;
  readonly bulk: PieceBulk;
}

/** A pot, a burner and a probe that behave; pieces in it are real solver bodies. */
export interface SimulatedStove {
  pot: Pot;
  readonly roomC: number;
  /** What a piece is like, by its number. */
  readonly pieceOf: (number: number) => SimulatedPiece;
  timeS: number;
  setting: number;
  state: PotState;
  readonly inPot: Map<number, { readonly body: FryBody; readonly bulk: PieceBulk; heatJ: number }>;
  readonly seed: number;
  readonly uniform: () => number;
}

/** sd of one reading, °C. */
const READING_SD = 0.25;
/** Longest inner step, s: pieces and oil see each other this often. */
const STEP_S = 1;

/**
 * @param pieceOf what a piece is like, by its number
 * @param seed makes the noise and the small differences between pieces repeatable
 * @example createStove(pot, 21, () => fry, 1).state.oilC // 21
 */
export function createStove(pot: Pot, roomC: number, pieceOf: SimulatedStove['pieceOf'], seed: number): SimulatedStove {
  return {
    pot,
    roomC,
    pieceOf,
    timeS: 0,
    setting: 0,
    state: potAtRest(roomC),
    inPot: new Map(),
    seed,
    uniform: seededUniform(seed),
  };
}

/**
 * The body of piece `number` on this stove: hands make walls that differ by a few percent.
 * The same seed and number give the same piece, also after a restart.
 * @example stovePieceSpec(stove(), 1).setC // 85
 */
export function stovePieceSpec(stove: SimulatedStove, number: number): FryBodySpec {
  const spec = stove.pieceOf(number).body;
  if (spec.fillingCells === 0) return spec;
  const normal = seededNormal(seededUniform(stove.seed * 7919 + number));
  const wallM = Math.min(spec.wallM * (1 + 0.03 * clamp(normal, -2, 2)), spec.radiusM * 0.95);
  return { ...spec, wallM };
}

/** Puts a piece in, raw; one that is already in is left alone. */
export function dropIntoStove(stove: SimulatedStove, number: number): void {
  if (!stove.inPot.has(number)) restoreIntoStove(stove, number, createFryBody(stovePieceSpec(stove, number)));
}

/**
 * Puts a piece in as it is: half fried after a restart or a tap taken back.
 * @example [stove()].map((one) => (restoreIntoStove(one, 1, createFryBody(body)), one.inPot.size))[0] // 1
 */
export function restoreIntoStove(stove: SimulatedStove, number: number, body: FryBody): void {
  const { bulk } = stove.pieceOf(number);
  stove.inPot.set(number, { body, bulk, heatJ: drawnJ(body, bulk) });
}

function drawnJ(body: FryBody, bulk: PieceBulk): number {
  const heat = heatDrawnJPerM2(body);
  return pieceHeatJ(bulk, heat.total, heat.latent);
}

export function turnInStove(stove: SimulatedStove, number: number): void {
  const piece = stove.inPot.get(number);
  if (piece) turnFry(piece.body);
}

export function takeOutFromStove(stove: SimulatedStove, number: number): FryBody | null {
  const piece = stove.inPot.get(number);
  stove.inPot.delete(number);
  return piece?.body ?? null;
}

/**
 * Pours cold oil in: more of it, and cooler. @param m3 less than nothing takes a pour back
 * @example [stove()].map((one) => (topUpStove(one, 0.0001), one.pot.oilM3))[0] // 0.0022
 */
export function topUpStove(stove: SimulatedStove, m3: number): void {
  if (m3 === 0) return;
  const { pot, state, roomC } = stove;
  const capacity = potHeatCapacity(pot, state.oilC);
  const added = Math.max(0, m3) * OIL_KG_PER_M3_AT_20 * oilCp((state.oilC + roomC) / 2);
  stove.pot = { ...pot, oilM3: Math.max(0.0001, pot.oilM3 + m3) };
  stove.state = { ...state, oilC: (capacity * state.oilC + added * roomC) / (capacity + added) };
}

/**
 * Moves the stove on. @param dtS 0–3600 s
 * @example [stove()].map((one) => (stepStove(one, 1), one.timeS))[0] // 1
 */
export function stepStove(stove: SimulatedStove, dtS: number): void {
  let left = dtS;
  while (left > 1e-9) {
    const step = Math.min(STEP_S, left);
    let loadJ = 0;
    const oilC = clamp(stove.state.oilC, 20, 255);
    for (const piece of stove.inPot.values()) {
      advanceFry(piece.body, step, oilC);
      const drawn = drawnJ(piece.body, piece.bulk);
      loadJ += drawn - piece.heatJ;
      piece.heatJ = drawn;
    }
    stove.state = stepPot(stove.pot, stove.state, stove.setting, stove.roomC, clamp(loadJ / step, -9e4, 9e4), step);
    stove.timeS += step;
    left -= step;
  }
}

/**
 * What the probe says now: lagged, with a little noise.
 * @example Math.abs(readProbe(stove()) - 21) < 2 // true
 */
export function readProbe(stove: SimulatedStove): number {
  return stove.state.probeC + READING_SD * seededNormal(stove.uniform);
}
