import { clamp } from '../errors.js';
import { advanceFry, turnFry } from '../frying/advanceFry.js';
import { createFryBody, type FryBody, type FryBodySpec, heatTakenJPerM2 } from '../frying/fryBody.js';
import { type PieceBulk, pieceHeatJ } from './pieceHeat.js';
import { type Pot, type PotState, stepPot } from './pot.js';
import { seededNormal, seededUniform } from './seededNoise.js';

/** A pot, a ring and a probe that behave; pieces in it are real solver bodies. */
export interface SimulatedStove {
  readonly pot: Pot;
  readonly roomC: number;
  readonly body: FryBodySpec;
  readonly bulk: PieceBulk;
  timeS: number;
  setting: number;
  state: PotState;
  readonly inPot: Map<number, { readonly body: FryBody; heatJ: number }>;
  readonly uniform: () => number;
}

/** sd of one reading, °C. */
const READING_SD = 0.25;
/** Longest inner step, s: pieces and oil see each other this often. */
const STEP_S = 1;

/**
 * @param seed makes the noise and the small differences between pieces repeatable
 */
export function createStove(pot: Pot, roomC: number, body: FryBodySpec, bulk: PieceBulk, seed: number): SimulatedStove {
  return {
    pot,
    roomC,
    body,
    bulk,
    timeS: 0,
    setting: 0,
    state: { oilC: roomC, probeC: roomC },
    inPot: new Map(),
    uniform: seededUniform(seed),
  };
}

/** Puts a piece in; hands make walls that differ by a few percent. A number already in is left alone. */
export function dropIntoStove(stove: SimulatedStove, number: number): void {
  if (stove.inPot.has(number)) return;
  const vary = 1 + 0.03 * clamp(seededNormal(stove.uniform), -2, 2);
  const wallM = Math.min(stove.body.wallM * vary, stove.body.radiusM * 0.95);
  const body = createFryBody({ ...stove.body, wallM: stove.body.fillingCells > 0 ? wallM : stove.body.radiusM });
  stove.inPot.set(number, { body, heatJ: drawnJ(stove, body) });
}

/** Puts a piece back in as it was, after a restart. */
export function restoreIntoStove(stove: SimulatedStove, number: number, body: FryBody): void {
  stove.inPot.set(number, { body, heatJ: drawnJ(stove, body) });
}

function drawnJ(stove: SimulatedStove, body: FryBody): number {
  const heat = heatTakenJPerM2(body);
  return pieceHeatJ(stove.bulk, heat.total, heat.latent);
}

export function flipInStove(stove: SimulatedStove, number: number): void {
  const piece = stove.inPot.get(number);
  if (piece) turnFry(piece.body);
}

export function liftFromStove(stove: SimulatedStove, number: number): FryBody | null {
  const piece = stove.inPot.get(number);
  stove.inPot.delete(number);
  return piece?.body ?? null;
}

/** Moves the stove on. @param dtS 0–3600 s */
export function stepStove(stove: SimulatedStove, dtS: number): void {
  let left = dtS;
  while (left > 1e-9) {
    const step = Math.min(STEP_S, left);
    let lotJ = 0;
    const oilC = clamp(stove.state.oilC, 20, 255);
    for (const piece of stove.inPot.values()) {
      advanceFry(piece.body, step, oilC);
      const drawn = drawnJ(stove, piece.body);
      lotJ += drawn - piece.heatJ;
      piece.heatJ = drawn;
    }
    stove.state = stepPot(stove.pot, stove.state, stove.setting, stove.roomC, clamp(lotJ / step, -9e4, 9e4), step);
    stove.timeS += step;
    left -= step;
  }
}

/** What the probe says now: lagged, with a little noise. */
export function readProbe(stove: SimulatedStove): number {
  return stove.state.probeC + READING_SD * seededNormal(stove.uniform);
}
