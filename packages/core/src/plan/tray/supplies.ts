import { doughFamily } from '../../families/families.js';
import type { Formula } from '../../ingredient/formula.js';
import { coatingOf } from '../../piece/coating.js';
import { shapeOf } from '../../shapes/shapes.js';
import { closes, type Piece } from '../../shapes/kit/piece.js';
import { sealWithFor } from '../../piece/seal.js';
import { type TrayDraft } from '../../draft/draft.js';
import { draftFilling } from '../edit/draftFigures.js';
import { NO_COATING, USUAL_SEAL } from '../../draft/choices.js';
import { type Known } from '../../draft/kitchen.js';
import { pieceSpecOf } from '../../piece/pieceSpecOf.js';

type Coated = Pick<TrayDraft, 'pieces' | 'seal' | 'coating'>;

/** What seals the rim and coating of a whole batch, kg of each ingredient, with what stays in the tray. */
export function suppliesFor({ pieces, seal, coating }: Coated, piece: Piece): Formula {
  const sums = new Map<string, number>();
  const each = [
    ...sealWithFor((seal ?? USUAL_SEAL).sealWith, piece.sealLengthM),
    ...coatingOf(coating ?? NO_COATING, piece.surfaceM2).supplies,
  ];
  for (const { ingredientId, massKg } of each) {
    sums.set(ingredientId, (sums.get(ingredientId) ?? 0) + massKg * pieces);
  }
  return [...sums].map(([ingredientId, massKg]) => ({ ingredientId, massKg }));
}

/** The same from the draft alone: for lists that plan nothing else. Empty without a pocket. */
export function draftSupplies(draft: TrayDraft, known: Known): Formula {
  const { densityKgPerM3, stretch } = doughFamily(draft.dough.family);
  const fillingKgPerM3 = draftFilling(draft, known).densityKgPerM3;
  const piece = shapeOf(draft.shape).piece(
    pieceSpecOf(draft, { fillingKgPerM3, doughKgPerM3: densityKgPerM3, stretch }),
  );
  return closes(piece) ? suppliesFor(draft, piece) : [];
}
