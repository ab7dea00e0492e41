import type { FryBody } from './fryBody.js';
import { BOILING_LATENT_J_PER_KG } from './fryMaterial.js';

/** Steam made so far per m² of skin, kg, over the whole 1-D body and what is washed of it. */
export function waterGoneKgPerM2(body: FryBody): number {
  return steamKgPerM2(body) + body.washedKgPerM2;
}

function steamKgPerM2(body: FryBody): number {
  let sum = 0;
  for (let i = 0; i < body.count; i++) sum += body.gone[i]! * body.volume[i]!;
  return sum / body.faces.length;
}

/** Heat that is in the body and its steam, J per m² of skin: the two halves of what its faces took. */
export function heatTakenJPerM2(body: FryBody): { total: number; latent: number } {
  let total = 0;
  for (let i = 0; i < body.count; i++) total += body.heat[i]! * body.volume[i]!;
  return { total: total / body.faces.length, latent: steamKgPerM2(body) * BOILING_LATENT_J_PER_KG };
}

/** Heat that the oil gave, J per m² of skin: also to what is washed of upper faces. */
export function heatDrawnJPerM2(body: FryBody): { total: number; latent: number } {
  const { total, latent } = heatTakenJPerM2(body);
  return {
    total: total + body.washedJPerM2,
    latent: latent + body.washedKgPerM2 * BOILING_LATENT_J_PER_KG,
  };
}
