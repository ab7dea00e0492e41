import { requireWithin } from '../errors.js';
import { clamp } from '../numeric/clamp.js';

/** Percent of flour, as baker's percent. */
export interface RiseSpec {
  /** As instant yeast. */
  readonly yeastPercent: number;
  readonly sugarPercent: number;
  readonly saltPercent: number;
  /** °C when kneaded. */
  readonly doughC: number;
  /** °C of the place it rises in. */
  readonly placeC: number;
  readonly massKg: number;
}

export interface Rise {
  /** s to double; `null` when not within two days. */
  readonly doubleS: number | null;
  /** The same for yeast a fifth livelier and a fifth lazier, s. */
  readonly soonestS: number | null;
  readonly latestS: number | null;
}

/** Minutes at full rate in which 1 % instant yeast doubles a dough. */
const DOUBLE_MIN = 32;
const LIVELY = 1.2;
const LAZY = 0.8;
/** A rise that takes longer is none, s. */
export const RISE_WITHIN_S = 48 * 3600;
const STEP_S = 120;
/** As far as any formula goes: a spoon of flour in a sack of sugar. */
const MOST_PERCENT = 1e15;
const MOST_KG = 1e5;
/** A kilogram comes two thirds of the way to its place in this time, s: our own working value. */
const LAG_S = 5400;

/**
 * Gas rate of yeast, 1 at its best (33 to 37 °C), 0 at freezing and at 50 °C.
 * Source: docs/models/dough.md, our own fit.
 *
 * @example yeastRate(26) // 0.49
 */
export function yeastRate(tempC: number): number {
  if (!(tempC > 0) || tempC >= 50) return 0;
  if (tempC > 37) return (50 - tempC) / 13;
  if (tempC >= 33) return 1;
  const warm = Math.pow(2.8, (Math.max(12, tempC) - 33) / 10);
  return tempC >= 12 ? warm : warm * Math.pow(5, (tempC - 12) / 10);
}

/** What sugar and salt leave of the yeast's strength, 0–1: sugar over 7 %, salt over 2 %. */
export function yeastStrength(sugarPercent: number, saltPercent: number): number {
  const sugar = Math.max(0.2, 1 - 0.045 * Math.max(0, sugarPercent - 7));
  return sugar * clamp(1 - 0.12 * Math.max(0, saltPercent - 2), 0, 1);
}

/**
 * Time for a dough to double, its own temperature following the place with a lag:
 * ∫ rate dt · yeast % · strength = 32 min.
 *
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 * @example doughRise({ yeastPercent: 1, sugarPercent: 0, saltPercent: 1.6, doughC: 26, placeC: 26, massKg: 1 }).doubleS // 3947
 */
export function doughRise(spec: RiseSpec): Rise {
  const { doughC, placeC } = spec;
  requireWithin(spec.yeastPercent, 0, MOST_PERCENT, 'yeastPercent');
  requireWithin(spec.sugarPercent, 0, MOST_PERCENT, 'sugarPercent');
  requireWithin(spec.saltPercent, 0, MOST_PERCENT, 'saltPercent');
  requireWithin(doughC, -20, 60, 'doughC');
  requireWithin(placeC, -20, 60, 'placeC');
  requireWithin(spec.massKg, 0, MOST_KG, 'massKg');
  const lagS = LAG_S * Math.pow(Math.max(0.1, spec.massKg), 2 / 3);
  const perS = (spec.yeastPercent * yeastStrength(spec.sugarPercent, spec.saltPercent)) / (60 * DOUBLE_MIN);
  const goals = [LIVELY, 1, LAZY].map((strength) => ({ strength, atS: null as number | null }));
  let done = 0;
  for (let timeS = 0; timeS < RISE_WITHIN_S && goals.some((goal) => goal.atS === null); timeS += STEP_S) {
    const at = (s: number) => placeC + (doughC - placeC) * Math.exp(-s / lagS);
    const step = 0.5 * STEP_S * perS * (yeastRate(at(timeS)) + yeastRate(at(timeS + STEP_S)));
    for (const goal of goals) {
      if (goal.atS !== null || (done + step) * goal.strength < 1) continue;
      goal.atS = timeS + (STEP_S * (1 / goal.strength - done)) / step;
    }
    done += step;
  }
  return { soonestS: goals[0]!.atS, doubleS: goals[1]!.atS, latestS: goals[2]!.atS };
}

/** Liquid warmer than this weakens yeast, °C; from the second on it kills it. Source: docs/models/practice.md. */
export const YEAST_LIQUID_C = { weakens: 46, kills: 55 } as const;

/**
 * Share of the yeast that lives on after liquid of a temperature is poured over it, 0–1: all of it
 * up to 46 °C, none from 55 °C on. Straight between the two: our own.
 * @example yeastAlive(48) < 1 // true
 */
export function yeastAlive(liquidC: number): number {
  const { weakens, kills } = YEAST_LIQUID_C;
  return clamp((kills - liquidC) / (kills - weakens), 0, 1);
}

export interface PourTemp {
  /** °C of the water that is poured. */
  readonly waterC: number;
  /** kg of it as ice; 0 when water alone will do. */
  readonly iceKg: number;
}

const FLOUR_CP = 1800;
const WATER_CP = 4190;
const ICE_MELTS_J_PER_KG = 334_000;
/** Hands warm a dough by about this much while they knead, K. */
const FRICTION_K = 2;

/**
 * Temperature of a kneaded dough from what went into it, °C: heat balance of flour and what is
 * poured, and what kneading adds. Without either, as the room.
 * @example mixedDoughC(1, 0.6, 21, 30) // 28.2
 */
export function mixedDoughC(flourKg: number, waterKg: number, roomC: number, liquidC: number): number {
  const [flour, water] = [Math.max(0, flourKg) * FLOUR_CP, Math.max(0, waterKg) * WATER_CP];
  if (!(flour + water > 0)) return roomC;
  return (flour * roomC + water * liquidC) / (flour + water) + FRICTION_K;
}

/**
 * Temperature to pour at so that the dough comes out as wanted: heat balance of flour and what
 * is poured, less what kneading adds; below what the tap gives, part of the water is ice.
 *
 * @param tapC coldest water at hand, °C
 * @returns `null` without water, or when even all of it as ice, or boiling, would not do
 */
export function pourTemp(
  flourKg: number,
  waterKg: number,
  roomC: number,
  wantedC: number,
  tapC: number,
): PourTemp | null {
  if (!(waterKg > 0) || !(flourKg > 0)) return null;
  const kneadedC = wantedC - FRICTION_K;
  const waterC = kneadedC + (flourKg * FLOUR_CP * (kneadedC - roomC)) / (waterKg * WATER_CP);
  if (waterC > 95) return null;
  if (waterC >= tapC) return { waterC, iceKg: 0 };
  const share = (tapC - waterC) / (tapC + ICE_MELTS_J_PER_KG / WATER_CP);
  return share <= 1 ? { waterC: tapC, iceKg: share * waterKg } : null;
}
