/** Steps of the crust ramp, in order. */
export type CrustName = 'raw' | 'pale' | 'golden' | 'brown' | 'dark';

/** Upper ends of the steps on the colour scale B. Source: docs/models/frying.md, our own. */
export const CRUST_LIMITS = { raw: 0.3, pale: 0.7, golden: 1.4, brown: 2 } as const;

/** Colour a cook lifts at when nothing else is said: well into golden on the paler face. */
export const LIFT_COLOUR = 0.85;

/** @example crustName(1) // 'golden' */
export function crustName(colour: number): CrustName {
  if (colour < CRUST_LIMITS.raw) return 'raw';
  if (colour < CRUST_LIMITS.pale) return 'pale';
  if (colour < CRUST_LIMITS.golden) return 'golden';
  return colour < CRUST_LIMITS.brown ? 'brown' : 'dark';
}
