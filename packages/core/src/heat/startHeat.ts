import { type FryBody, type StartHeat } from './fryBody.js';
import { MELTING_C, MELTING_LATENT_J_PER_KG, WATER_CP } from './fryMaterial.js';

export function setStartHeat(body: FryBody, i: number, { tempC, iceShare }: StartHeat): void {
  const c = body.constants;
  const water = c.water[i]!;
  const isMelting = iceShare > 0 && tempC >= MELTING_C && water > 0;
  const isFrozen = tempC < MELTING_C && water > 0;
  body.tempC[i] = isMelting ? MELTING_C : tempC;
  body.heat[i] = isMelting
    ? c.meltTo[i]! - iceShare * water * MELTING_LATENT_J_PER_KG
    : isFrozen
      ? c.meltFrom[i]! + c.frozenC[i]! * (tempC - MELTING_C)
      : (c.dryC[i]! + water * WATER_CP) * tempC;
  body.branch[i] = isMelting ? 1 : isFrozen ? 0 : 2;
}

/**
 * The heat of a cell as a start: what it would be put in with.
 * @param i index of the cell
 */
export function startHeatOf(body: FryBody, i: number): StartHeat {
  const c = body.constants;
  const { [i]: heat = 0 } = body.heat;
  const water = c.water[i]!;
  if (water > 0 && heat < c.meltFrom[i]!) {
    return { tempC: MELTING_C + (heat - c.meltFrom[i]!) / c.frozenC[i]!, iceShare: 0 };
  }
  if (water > 0 && heat < c.meltTo[i]!) {
    return { tempC: MELTING_C, iceShare: (c.meltTo[i]! - heat) / (water * MELTING_LATENT_J_PER_KG) };
  }
  return { tempC: heat / (c.dryC[i]! + water * WATER_CP), iceShare: 0 };
}
