import { RAMP_COLOURS, RAMP_SKINS } from '@ember-fold/core/plan';

/** The crust ramp: predicted or seen colour, nowhere else. Stops on the colour scale B. */
const RAMP = RAMP_SKINS.map((skin, i) => [RAMP_COLOURS[i]!, ...skin] as const);

/** CSS colour of a crust of colour B, blended between the ramp's stops. */
export function crustColour(colour: number): string {
  const last = RAMP[RAMP.length - 1]!;
  const above = RAMP.findIndex((stop) => stop[0] > colour);
  if (above === 0 || Number.isNaN(colour)) return rgb(RAMP[0]!);
  if (above < 0) return rgb(last);
  const a = RAMP[above - 1]!;
  const b = RAMP[above]!;
  const u = (colour - a[0]) / (b[0] - a[0]);
  return rgb([colour, a[1] + u * (b[1] - a[1]), a[2] + u * (b[2] - a[2]), a[3] + u * (b[3] - a[3])]);
}

function rgb([, r, g, b]: readonly [number, number, number, number]): string {
  return `rgb(${Math.round(r)} ${Math.round(g)} ${Math.round(b)})`;
}
