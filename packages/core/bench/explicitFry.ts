import type { FryBody } from '../src/heat/fryBody.js';
import { BOILING_LATENT_J_PER_KG, MELTING_C, MELTING_LATENT_J_PER_KG, WATER_CP } from '../src/heat/fryMaterial.js';

/** Largest stable step of the plain scheme: half of what the stiffest cell allows, s. */
export function explicitStepS(body: FryBody): number {
  let least = Infinity;
  for (let i = 0; i < body.count; i++) {
    const c = body.constants;
    const k = body.materials[body.isDough[i]!]!.wetConductivity * (c.water[i]! > 0 && body.spec.startC < 0 ? 2.2 : 1);
    const half = body.halfM[i]!;
    const left = i > 0 ? body.area[i]! / (half / k + body.halfM[i - 1]! / k) : 0;
    const right =
      i < body.count - 1 ? body.area[i + 1]! / (half / k + body.halfM[i + 1]! / k) : 1 / (1 / 700 + half / k);
    const capacity = c.dryC[i]! + (c.water[i]! - c.ventable[i]!) * WATER_CP;
    least = Math.min(least, (body.volume[i]! * capacity) / (left + right));
  }
  return 0.9 * least;
}

/**
 * The plain forward-Euler scheme on the very same cells and laws: what the fast solver is
 * measured and checked against. One face only.
 */
export function explicitFry(body: FryBody, durationS: number, oilC: number, onStep?: (body: FryBody) => void): number {
  const { count, heat, gone, tempC, constants: c, volume, area, halfM, spec } = body;
  const face = body.faces[0]!;
  const dtS = explicitStepS(body);
  const steps = Math.ceil(durationS / dtS);
  const flux = new Float64Array(count + 1);
  const low = new Float64Array(count);
  const high = new Float64Array(count);
  for (let step = 0; step < steps; step++) {
    for (let i = 0; i < count; i++) {
      const material = body.materials[body.isDough[i]!]!;
      let inner = halfM[i]! / material.wetConductivity;
      let outer = inner;
      const left = gone[i]!;
      if (left > 0 && left >= c.ventable[i]!) {
        inner = halfM[i]! / material.dryConductivity;
        outer = inner;
      } else if (left > 0) {
        const dried = Math.min(0.99, Math.max(0.01, left / c.ventable[i]!));
        outer = (2 * halfM[i]! * dried) / material.dryConductivity;
        inner = (2 * halfM[i]! * (1 - dried)) / material.wetConductivity;
      } else if (c.water[i]! > 0 && heat[i]! < c.meltTo[i]!) {
        const ice = Math.min(1, (c.meltTo[i]! - heat[i]!) / (c.water[i]! * MELTING_LATENT_J_PER_KG));
        inner /= 1 + 1.2 * ice;
        outer = inner;
      }
      low[i] = inner;
      high[i] = outer;
    }
    for (let i = 1; i < count; i++) {
      flux[i] = (area[i]! * (tempC[i]! - tempC[i - 1]!)) / (high[i - 1]! + low[i]!);
    }
    const share = Math.min(1, Math.max(0, face.fluxWPerM2 / spec.surface.fullFluxWPerM2));
    const h = spec.surface.stillH + (spec.surface.bubblingH - spec.surface.stillH) * share;
    const last = count - 1;
    flux[count] = (oilC - tempC[last]!) / (1 / h + high[last]!);
    let steam = 0;
    for (let i = 0; i < count; i++) {
      const now = heat[i]! + (dtS * (flux[i + 1]! - flux[i]!)) / volume[i]!;
      heat[i] = now;
      const boil = c.boilFrom[i]! + BOILING_LATENT_J_PER_KG * gone[i]!;
      if (now > boil) {
        const off = Math.min((now - c.boilFrom[i]!) / BOILING_LATENT_J_PER_KG, c.ventable[i]!);
        steam += (off - gone[i]!) * volume[i]!;
        gone[i] = off;
      }
      if (gone[i] === 0 && c.water[i]! > 0 && now < c.meltTo[i]!) {
        tempC[i] = now >= c.meltFrom[i]! ? MELTING_C : MELTING_C + (now - c.meltFrom[i]!) / c.frozenC[i]!;
      } else {
        const top = c.boilFrom[i]! + BOILING_LATENT_J_PER_KG * gone[i]!;
        const capacity = c.dryC[i]! + (c.water[i]! - gone[i]!) * WATER_CP;
        tempC[i] = c.water[i] === 0 ? now / capacity : spec.boilingC + (now - top) / capacity;
      }
    }
    const into = flux[count]!;
    face.heatJPerM2 += into * dtS;
    face.surfaceC = tempC[last]! + into * high[last]!;
    if (face.surfaceC > 100) {
      const over = -(55_000 / 8.314_46) * (1 / (face.surfaceC + 273.15) - 1 / 433);
      face.colour += ((spec.browning * dtS) / 150) * Math.exp(over);
    }
    face.fluxWPerM2 += ((steam * BOILING_LATENT_J_PER_KG) / dtS - face.fluxWPerM2) * (1 - Math.exp(-dtS));
    body.timeS += dtS;
    onStep?.(body);
  }
  return steps;
}
