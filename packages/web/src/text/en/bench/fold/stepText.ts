import { type TrayDraft, blankLengthM, type EdgeId, type Piece } from '@ember-fold/core/plan';
import { SHAPE_WORDS } from '../../shared/shapeWords';
import type { Printer } from '../../../printer';

const EDGE_STEP: Record<EdgeId, string> = {
  plain: '',
  fork: '; crimp with a fork',
  rope: '; fold it over, twist by twist',
  mould: '; close the mould and trim',
};

/** One line for each drawing of how a piece is folded, from rolled dough to sealed piece. */
export function stepText({ fold, shape }: Pick<TrayDraft, 'shape' | 'fold'>, piece: Piece, printer: Printer): string[] {
  const { discM, sealM, fillingEachKg } = fold;
  const lengthM = blankLengthM({ shape, fold });
  const disc = printer.length(discM);
  const thick = printer.length(fold.thicknessM);
  return SHAPE_WORDS[shape].steps({
    disc,
    length: printer.length(lengthM),
    seal: printer.length(sealM),
    thick,
    fill: printer.mass(fillingEachKg),
    edge: EDGE_STEP[fold.edge ?? 'plain'],
    rolled: piece.gathered ? `Roll ${disc}, thin at the rim` : `Roll ${disc}, ${thick} thick`,
    discM,
    lengthM,
    sealM,
    fillingEachKg,
    piece,
    printer,
  });
}
