/** Steps of the crust ramp, in order. */
export type CrustName = 'raw' | 'pale' | 'golden' | 'brown' | 'dark';

/** Upper ends of the steps on the colour scale B. Source: docs/models/frying.md, our own. */
export const CRUST_LIMITS = { raw: 0.3, pale: 0.7, golden: 1.4, brown: 2 } as const;

/** Far past too dark, a crust is burnt and bitter: nothing makes it good to eat. Our own. */
export const BURNT_COLOUR = 3.2;

/** Colour a cook takes out at when nothing else is said: well into golden on the paler face. */
export const TAKE_OUT_COLOUR = 0.85;

/** @example crustName(1) // 'golden' */
export function crustName(colour: number): CrustName {
  if (colour < CRUST_LIMITS.raw) return 'raw';
  if (colour < CRUST_LIMITS.pale) return 'pale';
  if (colour < CRUST_LIMITS.golden) return 'golden';
  return colour < CRUST_LIMITS.brown ? 'brown' : 'dark';
}

/** Colour B of the six places on the crust ramp, raw to dark. Source: docs/models/frying.md, our own. */
export const RAMP_COLOURS: readonly number[] = [0, 0.5, 0.9, 1.25, 1.7, 2.4];

/** The six skins of the crust ramp as the product draws them, sRGB, raw to dark. Ours; see docs/models/camera.md. */
export const RAMP_SKINS: readonly (readonly [number, number, number])[] = [
  [0xf1, 0xe3, 0xc2],
  [0xeb, 0xcf, 0x94],
  [0xdd, 0xa1, 0x4a],
  [0xcc, 0x86, 0x34],
  [0x98, 0x53, 0x1f],
  [0x55, 0x29, 0x0f],
];

/**
 * Colour B of a place on the crust ramp, 0 raw to 5 dark; between two places it is blended.
 * @example colourOnRamp(2) // 0.9
 */
export function colourOnRamp(place: number): number {
  const last = RAMP_COLOURS.length - 1;
  const at = Math.min(last, Math.max(0, place));
  const low = Math.min(last - 1, Math.floor(at));
  return RAMP_COLOURS[low]! + (at - low) * (RAMP_COLOURS[low + 1]! - RAMP_COLOURS[low]!);
}

/**
 * Place of a colour B on the crust ramp, 0–5: the other way round.
 * @example rampPlace(0.9) // 2
 */
export function rampPlace(colour: number): number {
  const last = RAMP_COLOURS.length - 1;
  const above = RAMP_COLOURS.findIndex((stop) => stop > colour);
  if (above < 0) return last;
  if (above === 0) return 0;
  const [low, high] = [RAMP_COLOURS[above - 1]!, RAMP_COLOURS[above]!];
  return above - 1 + (colour - low) / (high - low);
}
