import { RANGES } from '../draft/ranges.js';
import { requireIn, requireWithin } from '../errors.js';
import { advanceFry, FRY_STEPPING } from './advanceFry.js';
import { createFryBody, evenSurface, type FryBody, type FryBodySpec, type StartHeat } from './fryBody.js';
import { startHeatOf } from './startHeat.js';
import { FREEZER_H, PART_FROZEN_ICE } from './partFreeze.js';
import { MELTING_C } from './fryMaterial.js';

/** Where shaped pieces wait for the oil. */
export type HoldPlace = 'bench' | 'fridge' | 'freezer';

/** Heat transfer at the skin of a piece alone on a tray, W/m²K: still air, a fridge, a freezer with a fan. */
const AIR_H: Readonly<Record<HoldPlace, number>> = { bench: 9, fridge: 9, freezer: FREEZER_H };
/** Within this much of the air a piece counts as cold through, K. */
const NEAR_AIR = 2;
/** Frozen hard: the warmest of it is this cold, °C. It no longer dents, or sticks to the next. */
export const HARD_C = -8;
/** On paper before the oil, in the method that tempers frozen pieces, s. */
export const TEMPER_S = 20 * 60;
const HORIZON_S = 12 * 3600;
const CHUNK_S = 7200;
const STEPPING = { ...FRY_STEPPING, firstS: 1, mostS: 30 };

/** The same piece in air instead of oil: all of its skin alike. */
function inAir(spec: FryBodySpec, startC: number, place: HoldPlace): FryBody {
  return createFryBody({
    ...spec,
    startC,
    faces: 'one',
    surface: evenSurface(AIR_H[place]),
  });
}

function warmestC(body: FryBody): number {
  let most = -Infinity;
  for (const tempC of body.tempC) if (tempC > most) most = tempC;
  return most;
}

/**
 * How long a piece takes in cold air, apart from the others on an open tray, until the warmest
 * of it is at a temperature, s; `null` when not within 12 h. The solver of the fryer with air
 * instead of oil: ice forms at −1.5 °C. Our own, see docs/models/fold.md.
 *
 * @param fromC °C, −40–95
 * @param airC °C, −40–20
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 */
export function coolPieceS(
  spec: FryBodySpec,
  place: HoldPlace,
  fromC: number,
  airC: number,
  targetC: number,
): number | null {
  requireWithin(airC, -40, 50, 'airC');
  requireWithin(targetC, -40, 95, 'targetC');
  const body = inAir(spec, fromC, place);
  if (warmestC(body) <= targetC) return 0;
  // An air as warm as the target is never reached by cooling.
  if (airC >= targetC) return null;
  let before = { timeS: 0, warmC: fromC };
  let foundS: number | null = null;
  const onStep = () => {
    const warmC = warmestC(body);
    if (warmC <= targetC) {
      const share = (before.warmC - targetC) / Math.max(1e-9, before.warmC - warmC);
      foundS = before.timeS + share * (body.timeS - before.timeS);
      return true;
    }
    before = { timeS: body.timeS, warmC };
    return false;
  };
  while (foundS === null && body.timeS < HORIZON_S) advanceFry(body, CHUNK_S, airC, onStep, STEPPING);
  return foundS;
}

/**
 * The coldest of a frozen piece after it has lain on paper in the room, °C.
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 * @example temperedC(body, -18, 21) > -18 // true
 */
export function temperedC(spec: FryBodySpec, frozenC: number, roomC: number, forS = TEMPER_S): number {
  requireIn(roomC, RANGES.kitchen.roomC, 'roomC');
  requireWithin(forS, 0, CHUNK_S, 'forS');
  // Frozen through: how cold its filling went in no longer counts.
  const { fillingStart: _folded, ...through } = spec;
  const body = inAir(through, frozenC, 'bench');
  advanceFry(body, forS, roomC, undefined, STEPPING);
  let least = Infinity;
  for (const tempC of body.tempC) if (tempC < least) least = tempC;
  return least;
}

/** Shaped portions of filling that are firm outside and soft in the middle: half of their water is ice. */
export const PART_FROZEN: StartHeat = { tempC: MELTING_C, iceShare: PART_FROZEN_ICE };

/**
 * A piece after it has waited on the bench: its dough on the whole, and the coldest of its filling.
 * @param forS 0–7200
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 * @example afterBench({ ...body, startC: 21 }, 21, 1200).startC // 21
 */
export function afterBench(
  spec: FryBodySpec,
  roomC: number,
  forS: number,
): { readonly startC: number; readonly fillingStart: StartHeat } {
  requireIn(roomC, RANGES.kitchen.roomC, 'roomC');
  requireWithin(forS, 0, CHUNK_S, 'forS');
  if (forS === 0)
    return { startC: spec.startC, fillingStart: spec.fillingStart ?? { tempC: spec.startC, iceShare: 0 } };
  const body = inAir(spec, spec.startC, 'bench');
  advanceFry(body, forS, roomC, undefined, STEPPING);
  let [warm, all] = [0, 0];
  let coldest: StartHeat | null = null;
  for (const [i, volume] of body.volume.entries()) {
    const start = startHeatOf(body, i);
    if (body.isDough[i] === 1) {
      warm += volume * start.tempC;
      all += volume;
    } else if (coldest === null || start.tempC < coldest.tempC || start.iceShare > coldest.iceShare) {
      coldest = start;
    }
  }
  const startC = all > 0 ? warm / all : spec.startC;
  return { startC, fillingStart: coldest ?? { tempC: startC, iceShare: 0 } };
}

/** How long each way of holding takes for this piece. */
export interface HoldTimes {
  /** Until it is as cold as the fridge, nearly; `null`: not in 12 h. */
  readonly toFridgeS: number | null;
  /** Until it is frozen hard on an open tray. */
  readonly toHardS: number | null;
  /** °C of the coldest when it has been on paper for 20 min. */
  readonly temperedC: number;
}

/**
 * Fridge, open-tray freezing and tempering of one piece.
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 * @example holdTimes(body, kitchen).toHardS > 600 // true
 */
export function holdTimes(
  spec: FryBodySpec,
  kitchen: { readonly roomC: number; readonly fridgeC: number; readonly freezerC: number },
): HoldTimes {
  const { roomC, fridgeC, freezerC } = kitchen;
  const hardC = Math.max(HARD_C, freezerC + NEAR_AIR);
  return {
    toFridgeS: coolPieceS(spec, 'fridge', roomC, fridgeC, fridgeC + NEAR_AIR),
    toHardS: coolPieceS(spec, 'freezer', roomC, freezerC, hardC),
    temperedC: temperedC(spec, freezerC, roomC),
  };
}

/** What a start other than from the bench asks for. */
export interface HoldWait {
  readonly place: 'fridge' | 'freezer';
  /** Until it is cold through, or hard; `null`: not in 12 h. */
  readonly coldS: number | null;
  /** And on paper after that, s. */
  readonly temperS: number;
}
