import type { CuttingSpec } from '../../piece/cutting/cutting.js';
import type { CutterShape } from '../../piece/cutting/lattice.js';
import { shapeOf } from '../../shapes/shapes.js';
import type { ColdPlan } from './batchPlan.js';
import { type TrayDraft } from '../../draft/draft.js';
import { type Kitchen, USUAL_BOARD } from '../../draft/kitchen.js';

/** Cutters a shape's blanks can be cut with, and how many one piece takes; `null`: it is not cut from a sheet. */
const CUT_OF: Readonly<Record<ReturnType<typeof shapeOf>['blank'], { shape: CutterShape; perPiece: 1 | 2 } | null>> = {
  disc: { shape: 'round', perPiece: 1 },
  'two-discs': { shape: 'round', perPiece: 2 },
  'half-disc': { shape: 'half-disc', perPiece: 1 },
  square: { shape: 'square', perPiece: 1 },
  // A strip or a sheet is measured off with a rule; a cup takes two sizes; an own outline has no lattice yet.
  strip: null,
  sheet: null,
  cup: null,
  own: null,
};

/**
 * How the dough of a batch would be cut with a cutter of its blank: all of it rolled to its
 * thickness on this kitchen's board. `null` for shapes that are not cut, or without dough.
 * @example cuttingOf(draft, kitchen, plan).acrossM // 0.118
 */
export function cuttingOf(draft: TrayDraft, kitchen: Kitchen, { dough }: Pick<ColdPlan, 'dough'>): CuttingSpec | null {
  const cut = CUT_OF[shapeOf(draft.shape).blank];
  const { family, massKg } = dough.figures;
  const doughKg = massKg - (draft.others?.doughKg ?? 0);
  if (!cut || !(doughKg > 0)) return null;
  const board = kitchen.board ?? USUAL_BOARD;
  return {
    ...cut,
    acrossM: draft.fold.discM,
    thicknessM: draft.fold.thicknessM,
    doughKg: Math.min(200, doughKg),
    doughKgPerM3: family.densityKgPerM3,
    board: { wideM: board.lengthM, highM: board.widthM },
    toughens: family.toughens,
  };
}
