import { USUAL_SEAL } from '../draft/choices.js';
import { type TrayDraft, blankLengthM } from '../draft/draft.js';
import type { PieceSpec } from '../shapes/kit/piece.js';

/** One piece of a draft, as its shape wants it. */
export function pieceSpecOf(
  draft: Pick<TrayDraft, 'shape' | 'fold' | 'seal'>,
  of: Pick<PieceSpec, 'fillingKgPerM3' | 'doughKgPerM3' | 'stretch'>,
): PieceSpec {
  const { discM, thicknessM, sealM, fillingEachKg, edge, outline } = draft.fold;
  const spec = { discM, lengthM: blankLengthM(draft), thicknessM, sealM, fillingKg: fillingEachKg, ...of };
  return {
    ...spec,
    airPressed: (draft.seal ?? USUAL_SEAL).airPressed,
    ...(edge === undefined ? {} : { edge }),
    ...(outline === undefined ? {} : { outline }),
  };
}
