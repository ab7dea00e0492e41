import { OIL_KG_PER_M3_AT_20 } from '../oil/pot.js';

/** One thing that a batch takes. */
export interface BatchUse {
  readonly ingredientId: string;
  readonly massKg: number;
  readonly batch: string;
}

/** A pot of oil and the batches that are to be fried in it. */
export interface PotWanted {
  /** Oil it is planned with, m³. */
  readonly potM3: number;
  /** What of it is there, and of which oil; `null`: nothing is kept. */
  readonly kept: { readonly ingredientId: string; readonly volumeM3: number } | null;
  readonly batches: readonly { readonly name: string; readonly takenM3: number }[];
}

/** Oil to buy where nobody said which is fried in. */
const USUAL_OIL = 'sunflower-oil';
/** A pot that lacks no more than this share of its oil is full. */
const NEARLY_FULL = 0.05;

/**
 * Oil for frying that has to be there: each pot filled as it is planned, and what the pieces carry
 * away, less what is in it. Shared among its batches by what they carry away.
 *
 * @example oilToBuy([{ potM3: 0.002, kept: null, batches: [{ name: 'Cones', takenM3: 0 }] }])[0].massKg // 1.83
 */
export function oilToBuy(pots: readonly PotWanted[]): readonly BatchUse[] {
  return pots.flatMap(({ potM3, kept, batches }) => {
    const takenM3 = batches.reduce((sum, one) => sum + one.takenM3, 0);
    const missingM3 = potM3 + takenM3 - (kept?.volumeM3 ?? 0);
    if (batches.length === 0 || !(missingM3 > NEARLY_FULL * potM3)) return [];
    return batches.map((one) => ({
      ingredientId: kept?.ingredientId ?? USUAL_OIL,
      massKg: missingM3 * OIL_KG_PER_M3_AT_20 * (takenM3 > 0 ? one.takenM3 / takenM3 : 1 / batches.length),
      batch: one.name,
    }));
  });
}
