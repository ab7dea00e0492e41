import type { FrySample } from './solveFry.js';

/** The real piece behind the 1-D body. */
export interface PieceBulk {
  readonly surfaceM2: number;
  readonly volumeM3: number;
  /** R and m of the 1-D body: its volume per m² of skin is R/m. */
  readonly heatRadiusM: number;
  readonly shapeExponent: number;
}

/**
 * Heat one piece has drawn from the oil so far, J. Steam scales with the real surface, warming
 * with the real volume: the 1-D body has a different ratio of the two, and one scale for both
 * would be wrong by up to two.
 */
export function pieceHeatJ(bulk: PieceBulk, heatJPerM2: number, latentJPerM2: number): number {
  const sensible = (heatJPerM2 - latentJPerM2) / (bulk.heatRadiusM / bulk.shapeExponent);
  return latentJPerM2 * bulk.surfaceM2 + sensible * bulk.volumeM3;
}

/**
 * Heat drawn by one piece, W, each `stepS` from the drop on.
 * @example pieceHeatCurve(fry.bulk, fry.solution.samples, 60, 1).length // 60
 */
export function pieceHeatCurve(
  bulk: PieceBulk,
  samples: readonly FrySample[],
  untilS: number,
  stepS: number,
): number[] {
  const start = samples[0]!;
  const watts: number[] = [];
  let before = 0;
  // Moments only rise: one walk along the samples instead of a search for each.
  let i = 1;
  for (let timeS = stepS; timeS <= untilS + 1e-9; timeS += stepS) {
    while (i < samples.length - 1 && samples[i]!.timeS < timeS) i += 1;
    const b = samples[Math.min(i, samples.length - 1)]!;
    const a = samples[Math.max(0, i - 1)]!;
    const u = b.timeS > a.timeS ? Math.min(1, (timeS - a.timeS) / (b.timeS - a.timeS)) : 1;
    const heat = a.heatJPerM2 + u * (b.heatJPerM2 - a.heatJPerM2);
    const latent = a.latentJPerM2 + u * (b.latentJPerM2 - a.latentJPerM2);
    const now = pieceHeatJ(bulk, heat - start.heatJPerM2, latent);
    watts.push((now - before) / stepS);
    before = now;
  }
  return watts;
}

/** Oil taken up by one piece, kg: 0.5 g per g of water lost and 60 g per m² of skin (docs/models/frying.md). */
export function oilUptakeKg(bulk: PieceBulk, waterKgPerM2: number): number {
  return bulk.surfaceM2 * (0.5 * waterKgPerM2 + 0.06);
}
