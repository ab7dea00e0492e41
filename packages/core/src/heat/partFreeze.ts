import { requireWithin } from '../errors.js';
import { fillingMaterial, MELTING_C, MELTING_LATENT_J_PER_KG, WATER_CP } from './fryMaterial.js';

/** Shaped portions are firm outside and soft in the middle when so much of their water is ice. */
export const PART_FROZEN_ICE = 0.5;
/** Heat transfer in a freezer with a fan, W/m²K. */
export const FREEZER_H = 15;
/** Conductivity of the frozen shell over that of the filling. */
const ICE_OVER_WET = 2.2;

/**
 * How long a shaped portion of filling takes in the freezer, apart from the others on an open
 * tray, until half of its water is ice, s; `null` in one that does not freeze. A ball of its
 * volume: cooled as one lump, then Plank's freezing front from the skin to where half is left.
 * Source: textbook laws, docs/models/fold.md; the fryer's solver comes out within a fifth.
 *
 * @param portionM3 1e-9–0.01
 * @param fromC °C, −40–110
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 * @example partFreezeS({ densityKgPerM3: 1000, waterShare: 0.7 }, 32e-6, 8, -18) > 1800 // true
 */
export function partFreezeS(
  { densityKgPerM3, waterShare }: { readonly densityKgPerM3: number; readonly waterShare: number },
  portionM3: number,
  fromC: number,
  freezerC: number,
): number | null {
  requireWithin(portionM3, 1e-9, 0.01, 'portionM3');
  requireWithin(fromC, -40, 110, 'fromC');
  requireWithin(freezerC, -40, 20, 'freezerC');
  if (freezerC >= MELTING_C) return null;
  const { dryKgPerM3, waterKgPerM3, dryCp, wetConductivity } = fillingMaterial(densityKgPerM3, waterShare);
  const radiusM = Math.cbrt((3 * portionM3) / (4 * Math.PI));
  const heat = dryKgPerM3 * dryCp + waterKgPerM3 * WATER_CP;
  const through = 1 / (1 / FREEZER_H + radiusM / (5 * wetConductivity));
  const underC = MELTING_C - freezerC;
  const coolS = ((heat * radiusM) / (3 * through)) * Math.log(Math.max(1, (fromC - freezerC) / underC));
  const softM = radiusM * Math.cbrt(1 - PART_FROZEN_ICE);
  const shell = (radiusM ** 3 - softM ** 3) / (3 * radiusM);
  const frontS =
    ((waterKgPerM3 * MELTING_LATENT_J_PER_KG) / underC) *
    (shell / (radiusM * FREEZER_H) + ((radiusM ** 2 - softM ** 2) / 2 - shell) / (ICE_OVER_WET * wetConductivity));
  return coolS + frontS;
}
