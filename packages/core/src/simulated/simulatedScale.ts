import { requireWithin } from '../errors.js';
import { seededNormal, seededUniform } from '../numeric/seededNoise.js';

/** A kitchen scale as it behaves: its pan swings, its figure trembles, and it can be set to nothing. Masses in kg. */
export interface SimulatedScale {
  readonly stepKg: number;
  readonly uniform: () => number;
  timeS: number;
  /** What really lies on it. */
  loadKg: number;
  tareKg: number;
  /** What its pan has swung to, and how fast it moves, kg/s. */
  panKg: number;
  panKgPerS: number;
  /** The last figures it took, newest last. */
  readonly recent: number[];
}

/** What the scale shows. */
export interface ScaleReading {
  readonly netKg: number;
  readonly tareKg: number;
  /** Its last second of figures lies within one step of another. */
  readonly isSteady: boolean;
}

/** Swing of the pan, rad/s, and its damping: at rest within a step a second and a half after a portion lands. */
const SWING = 9;
const DAMPING = 0.6;
/** Standard deviation of a figure, kg. */
const TREMBLE_KG = 0.0002;
const INNER_S = 0.01;
const RECENT = 5;
export const SCALE_EACH_S = 0.2;
export const SCALE_MOST_KG = 5;

/**
 * @param stepKg smallest step it shows, 0.0001–0.01
 * @example createScale(1).stepKg // 0.001
 */
export function createScale(seed: number, stepKg = 0.001): SimulatedScale {
  requireWithin(stepKg, 1e-4, 0.01, 'stepKg');
  return {
    stepKg,
    uniform: seededUniform(seed),
    timeS: 0,
    loadKg: 0,
    tareKg: 0,
    panKg: 0,
    panKgPerS: 0,
    recent: [],
  };
}

/**
 * Moves the scale on and takes one figure at the end. Our own: a damped swing, then noise.
 * @param dtS 0–10
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 * @example [scale()].map((one) => (stepScale(one, 1), readScale(one).netKg < 0.01))[0] // true
 */
export function stepScale(scale: SimulatedScale, dtS = SCALE_EACH_S): void {
  requireWithin(dtS, 0, 10, 'dtS');
  const steps = Math.ceil(dtS / INNER_S);
  for (let i = 0; i < steps; i++) {
    const pull = SWING * SWING * (scale.loadKg - scale.panKg) - 2 * DAMPING * SWING * scale.panKgPerS;
    scale.panKgPerS += pull * (dtS / steps);
    scale.panKg += scale.panKgPerS * (dtS / steps);
  }
  scale.timeS += dtS;
  scale.recent.push(scale.panKg + TREMBLE_KG * seededNormal(scale.uniform));
  if (scale.recent.length > RECENT) scale.recent.shift();
}

/**
 * What it shows now, in whole steps.
 * @example Math.abs(readScale(scale()).netKg) < 0.01 // true
 */
export function readScale({ recent, stepKg, tareKg }: SimulatedScale): ScaleReading {
  const inSteps = (kg: number) => Math.round(kg / stepKg) * stepKg;
  const last = recent[recent.length - 1] ?? 0;
  const spread = Math.max(...recent, last) - Math.min(...recent, last);
  return {
    netKg: inSteps(last - tareKg),
    tareKg,
    isSteady: recent.length === RECENT && spread <= Math.max(stepKg, 6 * TREMBLE_KG),
  };
}

/**
 * Puts so much on it, all told; more than it bears is refused.
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 * @example [scale()].map((one) => (loadScale(one, 0.1), stepScale(one, 10), readScale(one).netKg > 0.09))[0] // true
 */
export function loadScale(scale: SimulatedScale, loadKg: number): void {
  scale.loadKg = requireWithin(loadKg, 0, SCALE_MOST_KG, 'loadKg');
}

/**
 * Sets what it shows now to nothing, as its key does.
 * @example [scale()].map((one) => (tareScale(one), Math.abs(readScale(one).netKg) < 0.01))[0] // true
 */
export function tareScale(scale: SimulatedScale): void {
  const mean = scale.recent.reduce((sum, kg) => sum + kg, 0) / Math.max(1, scale.recent.length);
  scale.tareKg = Math.round(mean / scale.stepKg) * scale.stepKg;
}

/** Hands differ by this much, standard deviation over the portion. */
const HANDS = 0.03;

/**
 * A portion as hands make it, kg: for trying the scale without dough. @param seed any integer
 * @example Math.abs(portionByHand(0.035, 1) - 0.035) < 0.01 // true
 */
export function portionByHand(wantedKg: number, seed: number): number {
  requireWithin(wantedKg, 0, SCALE_MOST_KG, 'wantedKg');
  return Math.max(0, wantedKg * (1 + HANDS * seededNormal(seededUniform(seed))));
}
