import { type TrayDraft, LEAF, type Piece, type Point } from '@ember-fold/core/plan';
import { outlinePath } from './BlankDrawing';
import { HalfMoonShape } from './HalfMoonShape';

export interface ShapeDrawingProps {
  readonly piece: Pick<Piece, 'shape' | 'widthM' | 'depthM'>;
  /** Its seal, edge and, of an own cutter, outline. */
  readonly fold: FoldLook;
  /** Fill of the body. */
  readonly colour: string;
}

/** What of the draft shows on a piece. */
export type FoldLook = Pick<TrayDraft['fold'], 'sealM' | 'edge' | 'outline'>;

const EDGE = '#8A6428';

/** Short lines from the middle out: where the dough was gathered. */
function Pleats({ x, y, r }: { readonly x: number; readonly y: number; readonly r: number }) {
  const lines = Array.from({ length: 9 }, (_, i) => {
    const angle = (2 * Math.PI * i) / 9;
    const at = (share: number, turn: number) =>
      `${x + share * r * Math.cos(angle + turn)} ${y + share * r * Math.sin(angle + turn)}`;
    return `M ${at(0.08, 0)} Q ${at(0.25, 0.5)} ${at(0.45, 0.6)}`;
  });
  return <path d={lines.join(' ')} fill="none" />;
}

/**
 * A piece from above in millimetres, as wide as computed on x = 0, from y = −depth to 0; so
 * that one box fits every shape.
 */
export function ShapeDrawing({ piece, fold, colour }: ShapeDrawingProps) {
  const w = piece.widthM * 500;
  const d = piece.depthM * 1000;
  const seal = fold.sealM * 1000;
  if (piece.shape === 'half-moon') {
    const { sealM, edge = 'plain' } = fold;
    return (
      <HalfMoonShape
        sealM={sealM}
        edge={edge}
        colour={colour}
        widthM={piece.widthM}
        depthM={piece.depthM}
        line={EDGE}
      />
    );
  }
  return (
    <g stroke={EDGE} strokeWidth={0.6} strokeLinejoin="round" strokeLinecap="round" fill={colour}>
      <Outline shape={piece.shape} w={w} d={d} seal={seal} outline={fold.outline ?? LEAF} />
    </g>
  );
}

interface OutlineProps {
  readonly shape: Exclude<Piece['shape'], 'half-moon'>;
  /** Half the width, the depth and the seal, mm. */
  readonly w: number;
  readonly d: number;
  readonly seal: number;
  readonly outline: readonly Point[];
}

function Outline({ shape, w, d, seal, outline }: OutlineProps) {
  switch (shape) {
    case 'two-discs':
      return (
        <>
          <circle cy={-d / 2} r={w} />
          <circle cy={-d / 2} r={Math.max(0, w - seal)} fill="none" strokeDasharray="2.4 2" />
        </>
      );
    case 'ball':
    case 'pouch':
      return (
        <>
          <ellipse cy={-d / 2} rx={w} ry={d / 2} />
          <Pleats x={0} y={-d / 2} r={w} />
        </>
      );
    case 'oval':
    case 'whole-core':
      return (
        <>
          <ellipse cy={-d / 2} rx={w} ry={d / 2} />
          <path d={`M ${-w * 0.6} ${-d * 0.56} Q 0 ${-d * 0.42} ${w * 0.6} ${-d * 0.56}`} fill="none" />
        </>
      );
    case 'teardrop':
      return (
        <path
          d={`M 0 ${-d} C ${w * 0.35} ${-d * 0.72} ${w} ${-w * 1.6} ${w} ${-w} A ${w} ${w} 0 0 1 ${-w} ${-w} C ${-w} ${-w * 1.6} ${-w * 0.35} ${-d * 0.72} 0 ${-d} Z`}
        />
      );
    case 'square-parcel':
      return (
        <>
          <rect x={-w} y={-d} width={2 * w} height={d} rx={w * 0.08} />
          <path d={`M ${-w} ${-d} L ${w} 0 M ${w} ${-d} L ${-w} 0`} fill="none" />
        </>
      );
    case 'strip-triangle':
      return (
        <>
          <path d={`M ${-w} 0 L ${w} 0 L 0 ${-d} Z`} />
          <path d={`M ${-w * 0.5} ${-d * 0.5} L ${w * 0.15} 0`} fill="none" />
        </>
      );
    case 'cone':
      return (
        <>
          <path d={`M 0 0 L ${w} ${-d * 0.86} Q 0 ${-d * 1.14} ${-w} ${-d * 0.86} Z`} />
          <path d={`M 0 0 L ${w * 0.25} ${-d * 0.93}`} fill="none" />
          <path d={`M ${-w} ${-d * 0.86} Q 0 ${-d * 0.98} ${w} ${-d * 0.86}`} fill="none" strokeDasharray="2.4 2" />
        </>
      );
    case 'roll':
      return (
        <>
          <rect x={-w} y={-d} width={2 * w} height={d} rx={d * 0.32} />
          <path d={`M ${-w + d * 0.3} ${-d * 0.3} H ${w - d * 0.3}`} fill="none" />
          <path
            d={`M ${-w + seal * 0.5} ${-d * 0.95} V ${-d * 0.05} M ${w - seal * 0.5} ${-d * 0.95} V ${-d * 0.05}`}
            fill="none"
          />
        </>
      );
    case 'flat-triangle':
      return (
        <>
          <path d={`M ${-w} 0 L ${w} 0 L 0 ${-d} Z`} />
          <path d={`M 0 ${-d / 3} L 0 ${-d} M 0 ${-d / 3} L ${-w} 0 M 0 ${-d / 3} L ${w} 0`} fill="none" />
        </>
      );
    case 'puffed-bread':
      return (
        <>
          <circle cy={-d / 2} r={w} />
          <path
            d={`M ${-w * 0.55} ${-d * 0.62} A ${w * 0.7} ${w * 0.7} 0 0 1 ${w * 0.2} ${-d * 0.82} M ${w * 0.5} ${-d * 0.3} A ${w * 0.62} ${w * 0.62} 0 0 1 ${w * 0.05} ${-d * 0.19}`}
            fill="none"
          />
        </>
      );
    case 'cup':
      return (
        <>
          <circle cy={-d / 2} r={w} />
          <circle cy={-d / 2} r={Math.max(0, w - seal)} fill="none" />
          <circle cy={-d / 2} r={w * 0.08} fill="none" />
        </>
      );
    case 'own-cutter': {
      const wide = extent(outline, 0);
      const high = extent(outline, 1);
      const path = outlinePath(outline, (2 * w) / wide, d / high);
      const inner = outlinePath(outline, Math.max(0, 2 * w - 2 * seal) / wide, Math.max(0, d - 2 * seal) / high);
      return (
        <g transform={`translate(0 ${-d / 2})`}>
          <path d={path} />
          <path d={inner} fill="none" strokeDasharray="2.4 2" />
        </g>
      );
    }
    default: {
      const never: never = shape;
      return never;
    }
  }
}

function extent(outline: readonly Point[], axis: 0 | 1): number {
  const along = outline.map((p) => p[axis]);
  return Math.max(...along) - Math.min(...along) || 1;
}
