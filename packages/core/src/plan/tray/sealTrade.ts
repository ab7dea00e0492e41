import { requireWithin } from '../../errors.js';
import { shapeOf } from '../../shapes/shapes.js';
import { burstOf } from '../../piece/seal.js';
import type { ColdPlan } from './batchPlan.js';
import { type TrayDraft } from '../../draft/draft.js';
import { draftFilling } from '../edit/draftFigures.js';
import { withFold } from '../edit/editDraft.js';
import { doughFamily } from '../../families/families.js';
import { USUAL_SEAL } from '../../draft/choices.js';
import { type Known } from '../../draft/kitchen.js';
import { pieceSpecOf } from '../../piece/pieceSpecOf.js';

/** One amount of filling between the cautious and the generous method: filling in each bite, and the share of pieces that burst. */
export interface SealTrade {
  readonly fill: number;
  readonly fillingKg: number;
  /** Filling over dough by weight. */
  readonly fillingOverDough: number;
  /** Share of pieces that open. */
  readonly share: number;
}

/** The safe-seal method fills to here, the generous one to there. Source: docs/models/fold.md, the range that holds. */
export const METHODS = { safe: 0.55, generous: 0.95 } as const;

/**
 * From a safe seal to a generous filling in even steps, everything else as it is. Empty where
 * the seal leaves no pocket.
 * @param steps 2–100
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 * @example sealTrade(draft, plan, 5).length // 5
 */
export function sealTrade(draft: TrayDraft, cold: ColdPlan, steps = 21): SealTrade[] {
  requireWithin(steps, 2, 100, 'steps');
  const { piece } = cold.fold;
  if (!piece) return [];
  const { family } = cold.dough.figures;
  const { densityKgPerM3, freeKg, targetKg } = cold.filling.figures;
  const spec = pieceSpecOf(draft, {
    fillingKgPerM3: densityKgPerM3,
    doughKgPerM3: family.densityKgPerM3,
    stretch: family.stretch,
  });
  const shape = shapeOf(draft.shape);
  return Array.from({ length: steps }, (_, i) => {
    const fill = METHODS.safe + ((METHODS.generous - METHODS.safe) * i) / (steps - 1);
    const fillingKg = Math.min(1, fill * piece.capacityM3 * densityKgPerM3);
    const made = shape.piece({ ...spec, fillingKg })!;
    const { share } = burstOf({
      piece: made,
      seal: draft.seal ?? USUAL_SEAL,
      edge: shape.hasEdge ? (draft.fold.edge ?? 'plain') : 'plain',
      sealM: draft.fold.sealM,
      rolledM: draft.fold.thicknessM,
      family,
      freeShare: targetKg > 0 ? freeKg / targetKg : 0,
      odds: cold.fold.burst?.odds ?? 1,
    });
    return { fill, fillingKg, fillingOverDough: fillingKg / made.doughKg, share };
  });
}

/**
 * The filling that fills a piece so far; the batch's filling follows. `null` without a pocket.
 * @example planCold(withFill(draft, 0.7, kitchen), kitchen).fold.piece.fill // 0.7
 */
export function withFill(draft: TrayDraft, fill: number, known: Known): TrayDraft | null {
  requireWithin(fill, 0, 2, 'fill');
  const { densityKgPerM3, stretch } = doughFamily(draft.dough.family);
  const fillingKgPerM3 = draftFilling(draft, known).densityKgPerM3;
  const piece = shapeOf(draft.shape).piece(
    pieceSpecOf(draft, { fillingKgPerM3, doughKgPerM3: densityKgPerM3, stretch }),
  );
  if (!piece) return null;
  return withFold(draft, { fillingEachKg: Math.min(1, fill * piece.capacityM3 * fillingKgPerM3) });
}
