import { shapeOf, NO_COATING, type Piece, USUAL_SEAL } from '@ember-fold/core/plan';
import type { PlannedLine } from '../../../plannedLine';
import { BLANK_SIZE, EDGE_NAME, SHAPE_WORDS } from '../../shared/shapeWords';
import { DRY_NAME, SEAL_WITH_NAME, WET_NAME } from './sealText';

/** The weights and sizes on the fold card. */
export function cardFigures(
  { draft, printer }: Pick<PlannedLine, 'draft' | 'printer'>,
  piece: Piece,
): [string, string][] {
  const { fold } = draft;
  const shape = shapeOf(draft.shape);
  const coating = draft.coating ?? NO_COATING;
  const figures: [string, string][] = [
    ['Shape', SHAPE_WORDS[draft.shape].name],
    ['Pieces', String(draft.pieces)],
    [BLANK_SIZE[shape.blank].replace(',', ''), printer.length(fold.discM)],
    ['Rolled', printer.length(fold.thicknessM)],
    ['Dough each', printer.mass(piece.doughKg)],
    ['Filling each', printer.mass(fold.fillingEachKg)],
    ['Seal', printer.length(fold.sealM)],
    ['Rim sealed with', SEAL_WITH_NAME[(draft.seal ?? USUAL_SEAL).sealWith]],
  ];
  if (shape.hasEdge) figures.push(['Edge', EDGE_NAME[fold.edge ?? 'plain']]);
  if (coating.wet !== 'none' || coating.dry !== 'none')
    figures.push(['Coating', `${WET_NAME[coating.wet]}, ${DRY_NAME[coating.dry]}`]);
  return figures;
}

/** Temperatures in braces are printed by `withTemps`. */
export const CARD_NOTES: readonly string[] = [
  'Keep the worktop dry and the rim free of flour. Press the air out from the middle to the ends. Pinch the seam once more just before frying.',
  'Keep every waiting disc and piece under a damp cloth. Fill, seal and fry the oldest first.',
  'Keep pieces at room temperature no longer than {room.mostS} in all ({room.hotMostS} above {room.hotOverC}). Local food rules come first.',
];
