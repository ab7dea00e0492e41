import { type TrayDraft, LEAF, type Piece, shapeOf } from '@ember-fold/core/plan';
import { DrawnParts } from './DrawnParts';

export interface ShapeDrawingProps {
  readonly piece: Pick<Piece, 'shape' | 'widthM' | 'depthM'>;
  /** Its seal, edge and, of an own cutter, outline. */
  readonly fold: FoldLook;
  /** Fill of the body. */
  readonly colour: string;
}

/** What of the draft shows on a piece. */
export type FoldLook = Pick<TrayDraft['fold'], 'sealM' | 'edge' | 'outline'>;

const DASHES = { short: '2.4 2', fold: '6 3' } as const;

/**
 * A piece from above in millimetres, as wide as computed on x = 0, from y = −depth to 0; so
 * that one box fits every shape.
 */
export function ShapeDrawing({ piece, fold, colour }: ShapeDrawingProps) {
  const parts = shapeOf(piece.shape).look.above({
    halfWidth: piece.widthM * 500,
    depth: piece.depthM * 1000,
    seal: fold.sealM * 1000,
    edge: fold.edge ?? 'plain',
    outline: fold.outline ?? LEAF,
  });
  return <DrawnParts parts={parts} colour={colour} strokeWidth={0.6} dashes={DASHES} />;
}
