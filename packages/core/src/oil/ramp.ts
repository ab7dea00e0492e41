import type { OilRamp } from '../draft/choices.js';

/**
 * Oil wanted so long after the drop, °C: straight from what the pieces go into to what they come
 * out of, and held from then on.
 *
 * @param afterS s since the drop; before it: the oil they go into
 * @example oilWanted(130, { outC: 160, overS: 600 }, 300) // 145
 */
export function oilWanted(oilC: number, ramp: OilRamp | undefined, afterS: number): number {
  if (!ramp) return oilC;
  return oilC + (ramp.outC - oilC) * Math.min(1, Math.max(0, afterS / ramp.overS));
}

/** The same rise from other oil: a ramp moves as a whole. */
export function rampFrom(ramp: OilRamp | undefined, fromC: number, toC: number): OilRamp | undefined {
  return ramp && { ...ramp, outC: ramp.outC + toC - fromC };
}
