import type { Piece } from '@ember-fold/core';
import { HalfMoonShape } from './HalfMoonShape';

interface FormShapeProps {
  readonly piece: Pick<Piece, 'form' | 'widthM' | 'depthM'>;
  readonly sealM: number;
  /** Fill of the body. */
  readonly colour: string;
}

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
 * that one box fits every form.
 */
export function FormShape({ piece, sealM, colour }: FormShapeProps) {
  const w = piece.widthM * 500;
  const d = piece.depthM * 1000;
  const seal = sealM * 1000;
  if (piece.form === 'half-moon') {
    return <HalfMoonShape widthM={piece.widthM} depthM={piece.depthM} sealM={sealM} colour={colour} edge={EDGE} />;
  }
  return (
    <g stroke={EDGE} strokeWidth={0.6} strokeLinejoin="round" strokeLinecap="round" fill={colour}>
      <Outline form={piece.form} w={w} d={d} seal={seal} />
    </g>
  );
}

interface OutlineProps {
  readonly form: Exclude<Piece['form'], 'half-moon'>;
  /** Half the width, the depth and the seal, mm. */
  readonly w: number;
  readonly d: number;
  readonly seal: number;
}

function Outline({ form, w, d, seal }: OutlineProps) {
  switch (form) {
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
    default: {
      const never: never = form;
      return never;
    }
  }
}
