import { converter, type Lab65 } from 'culori';
import { RAMP_COLOURS, RAMP_SKINS } from '../heat/colour.js';

/** L, a, b of CIELAB under daylight (D65). */
export type Lab = readonly [number, number, number];

const toLab = converter('lab65');

/**
 * CIELAB of linear light, where 1, 1, 1 is the white of the picture.
 * @param r linear, 0 or more
 * @example labOf(1, 1, 1)[0] // 100
 */
export function labOf(r: number, g: number, b: number): Lab {
  const lab: Lab65 = toLab({ mode: 'lrgb', r, g, b });
  return [lab.l, lab.a, lab.b];
}

const linear = (byte: number): number => {
  const x = byte / 255;
  return x <= 0.040_45 ? x / 12.92 : ((x + 0.055) / 1.055) ** 2.4;
};

/** Linear light of each sRGB byte. Source: IEC 61966-2-1. */
export const LINEAR: readonly number[] = Array.from({ length: 256 }, (_, byte) => linear(byte));

/** Each skin of the ramp in CIELAB. */
const RAMP_LAB: readonly Lab[] = RAMP_SKINS.map(([r, g, b]) => labOf(LINEAR[r]!, LINEAR[g]!, LINEAR[b]!));

/** Where a colour lies along the ramp: B on the way from raw to dark, and how far from the line it is, ΔE. */
export interface OnRamp {
  readonly colour: number;
  readonly away: number;
}

/**
 * The nearest point of the ramp's line in CIELAB.
 */
export function onRamp([l, a, b]: Lab): OnRamp {
  let best: OnRamp = { colour: 0, away: Infinity };
  for (let i = 0; i + 1 < RAMP_LAB.length; i++) {
    const [from, to] = [RAMP_LAB[i]!, RAMP_LAB[i + 1]!];
    const [dl, da, db] = [to[0] - from[0], to[1] - from[1], to[2] - from[2]];
    const along = ((l - from[0]) * dl + (a - from[1]) * da + (b - from[2]) * db) / (dl * dl + da * da + db * db);
    const u = Math.min(1, Math.max(0, along));
    const away = Math.hypot(l - from[0] - u * dl, a - from[1] - u * da, b - from[2] - u * db);
    if (away < best.away) {
      const colour = RAMP_COLOURS[i]! + u * (RAMP_COLOURS[i + 1]! - RAMP_COLOURS[i]!);
      best = { colour, away };
    }
  }
  return best;
}
