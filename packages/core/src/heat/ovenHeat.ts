import { requireIn } from '../errors.js';
import { logBelief } from '../numeric/logBelief.js';
import { RANGES } from '../draft/ranges.js';

/** Air that drifts over a skin in a household oven, W/m²K. Our own, within what still and slowly moved air do. */
const AIR_H = 10;
/** What glows at a skin: blackbody constant, W/m²K⁴, share a crust takes up, and the skin while it steams, K. */
const STEFAN = 5.67e-8;
const TAKES_UP = 0.9;
const SKIN_K = 373;
/** Of its skin, a piece in a tin shows the walls of the oven about half: its lid and rim. */
const TIN_SEES = 0.5;

/**
 * Heat transfer at the skin of a piece in an oven, W/m²K: moved air, and the glow of the walls.
 * Source: docs/models/frying.md.
 * @param inTin a lined cup: its tin hides it from the walls
 * @param factor of this very oven, 0.3–3
 * @example ovenSkinH(175, false, 1) // 24.2
 */
export function ovenSkinH(ovenC: number, inTin: boolean, factor: number): number {
  requireIn(ovenC, RANGES.oven.ovenC, 'ovenC');
  requireIn(factor, RANGES.oven.factor, 'factor');
  const wallK = ovenC + 273;
  const glow = TAKES_UP * STEFAN * (wallK * wallK + SKIN_K * SKIN_K) * (wallK + SKIN_K);
  return factor * (AIR_H + (inTin ? TIN_SEES : 1) * glow);
}

/** A hot tray gives the face that lies on it so much more than air and walls give the other. Our own, see docs/models/frying.md. */
const TRAY = 1.25;

/**
 * Heat transfer at the face that lies on the tray, W/m²K: the tray gathers heat from below and
 * from around the piece, and gives it on by touch.
 * @param topH at the upper face
 * @example trayH(24) // 30
 */
export const trayH = (topH: number): number => TRAY * topH;

/** What an oven is like beside the usual one. */
export interface OvenBelief {
  /** Of the usual heat at the skin, and the range it very likely lies in. */
  readonly factor: number;
  readonly low: number;
  readonly high: number;
  readonly bakes: number;
}

/** Ovens differ by so much, and one bake tells it so well, standard deviations of the logarithm. Our own. */
const OVENS_SD = 0.2;
const BAKE_SD = 0.12;

/**
 * What the bakes of this oven say: each moves it, none alone decides.
 * @param seen factor that explains one bake, 0.3–3
 * @example ovenBelief([]).factor // 1
 */
export function ovenBelief(seen: readonly number[]): OvenBelief {
  seen.forEach((factor, i) => requireIn(factor, RANGES.oven.factor, `ovenSeen.${i}`));
  const { value, low, high } = logBelief(1, OVENS_SD, seen, BAKE_SD);
  return { factor: value, low, high, bakes: seen.length };
}
