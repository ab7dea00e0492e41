import { type FryBody } from './fryBody.js';

/** Temperature where dough meets filling below cell `i` (i and i−1 differ in material), °C. */
export function wallC(body: FryBody, i: number): number {
  const { isDough, tempC, halfM, materials } = body;
  const g1 = materials[isDough[i - 1]!]!.wetConductivity / halfM[i - 1]!;
  const g2 = materials[isDough[i]!]!.wetConductivity / halfM[i]!;
  return (g1 * tempC[i - 1]! + g2 * tempC[i]!) / (g1 + g2);
}

/** Temperature where dough meets filling now, °C, the lower of both walls; all dough: its coldest cell. */
export function interfaceC(body: FryBody): number {
  if (body.walls.length === 0) return coldestC(body, 1);
  return body.walls.reduce((least, wall) => Math.min(least, wallC(body, wall.cell)), Infinity);
}

/**
 * Hottest the innermost dough has been so far, °C, on the wall that had least. Dough sets once
 * and stays set: a face that cools in the air after its turn is not raw again.
 */
export function interfacePeakC(body: FryBody): number {
  if (body.walls.length === 0) return coldestC(body, 1);
  return body.walls.reduce((least, wall) => Math.min(least, wall.peakC), Infinity);
}

/** Coldest cell of one material (0 filling, 1 dough), °C. */
export function coldestC(body: FryBody, material: 0 | 1): number {
  let least = Infinity;
  for (let i = 0; i < body.count; i++) {
    if (body.isDough[i] === material && body.tempC[i]! < least) least = body.tempC[i]!;
  }
  return least;
}

/** Crust: dough dried past its bound water, m from the skin, on the thicker side. */
export function crustM(body: FryBody): number {
  let last = 0;
  let first = 0;
  const c = body.constants;
  for (let i = 0; i < body.count; i++) {
    if (!body.isDough[i] || !(c.ventable[i]! > 0)) continue;
    const depth = (2 * body.halfM[i]! * body.gone[i]!) / c.ventable[i]!;
    if (body.outward[i]! > 0) last += depth;
    else first += depth;
  }
  return Math.max(last, first);
}
