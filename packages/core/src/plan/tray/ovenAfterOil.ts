import { type TrayDraft, USUAL_BAKE } from '../../draft/draft.js';
import { DROP_SPACING_S, type LoadRun } from '../../oil/fryLoads.js';

/**
 * How long the oven goes on after the last piece is out of the oil, s. Each load goes into the oven as
 * it comes out, or as soon as there is room on its sheet.
 *
 * @param takeOutS in the oil @param ovenS in the oven; `null`: never done
 * @returns 0 where nothing is known
 */
export function ovenAfterOilS(draft: TrayDraft, loads: LoadRun | null, takeOutS: number, ovenS: number | null): number {
  if (loads === null || ovenS === null) return 0;
  const { perSheet } = draft.bake ?? USUAL_BAKE;
  const outS: number[] = [];
  for (let piece = 0; piece < draft.pieces; piece++) {
    const startS =
      loads.everyS === null
        ? (loads.loadStartsS[Math.floor(piece / loads.loadSize)] ?? 0) + DROP_SPACING_S * (piece % loads.loadSize)
        : loads.everyS * piece;
    outS.push(startS + takeOutS);
  }
  const doneS: number[] = [];
  for (const [i, readyS] of outS.entries()) doneS.push(Math.max(readyS, doneS[i - perSheet] ?? 0) + ovenS);
  return doneS[doneS.length - 1]! - outS[outS.length - 1]!;
}
