import { crustColour } from './crust';
import { type FoldLook, ShapeDrawing, type ShapeDrawingProps } from './ShapeDrawing';

interface ShapePictureProps {
  readonly piece: ShapeDrawingProps['piece'];
  readonly fold: FoldLook;
  /** Colour of its crust, on the ramp. */
  readonly crust: number;
  /** Width that the box stands for, mm, so that several share one scale; absent: this piece fills it. */
  readonly wideMm?: number;
  /** What it is, for who cannot see it; absent: said beside it. */
  readonly label?: string;
}

/** High over wide of the box: the ratio of a small picture. */
const HIGH = 0.71;

/** A piece from above as a small picture, in the middle of its box. */
export function ShapePicture({ piece, fold, crust, wideMm, label }: ShapePictureProps) {
  const wide = wideMm ?? Math.max(piece.widthM, piece.depthM / HIGH) * 1000;
  const high = HIGH * wide;
  const box = [-0.52 * wide, -piece.depthM * 500 - 0.52 * high, 1.04 * wide, 1.04 * high];
  return (
    <svg
      viewBox={box.join(' ')}
      {...(label === undefined ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label })}
    >
      <ShapeDrawing piece={piece} fold={fold} colour={crustColour(crust)} />
    </svg>
  );
}
