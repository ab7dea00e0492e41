import { SHARED as T } from '#text/shared/sharedPhrases';
import {
  cupSizes,
  type Shape,
  shapeOf,
  type ShapeId,
  LEAF,
  type Piece,
  outlinePath,
  type Point,
  stripFolds,
} from '@ember-fold/core/plan';
import { type ReactNode, useId } from 'react';
import { useTheme } from 'styled-components';
import { usePrinter } from '../printing';
import { crustColour } from './crust';
import { DimensionX } from './Dimension';
import { DiscDrawing, FILLING } from './DiscDrawing';
import { Drawing } from './Drawing';

interface BlankDrawingProps {
  readonly shape: ShapeId;
  readonly discM: number;
  readonly lengthM: number;
  readonly sealM: number;
  readonly piece: Piece | null;
  readonly outline?: readonly Point[] | undefined;
}

const EDGE = '#B98F45';
const MARK = '#6B5122';

/** A gathered disc leaves room below it for its rolled profile. */
const WITH_PROFILE = 1.2;

/** Half of what blank and piece are drawn within, m: the longer side of the blank. */
export function drawingHalfM(shape: ShapeId, discM: number, lengthM: number): number {
  const { blank, foldsOver, hasLength } = shapeOf(shape);
  const room = blank === 'disc' && !foldsOver ? WITH_PROFILE : 1;
  return (room * Math.max(discM, hasLength ? lengthM : 0)) / 2;
}

const BLANK_NAME: Record<Shape['blank'], string> = {
  disc: T.rolledDisc,
  'two-discs': T.oneOfTwoDiscs,
  'half-disc': T.halfOfARolledDisc,
  square: T.rolledSquare,
  strip: T.rolledStrip,
  sheet: T.rolledSheet,
  cup: T.rolledLining,
  own: T.oneOfTwoCutPieces,
};

interface WithHandles extends BlankDrawingProps {
  /** In the drawing's millimetres, around its middle. */
  readonly handles?: ReactNode;
}

/** The rolled blank with its bare rim, its folds and where the filling goes. In millimetres, to scale. */
export function BlankDrawing({ handles, ...props }: WithHandles) {
  const { shape, discM, lengthM, sealM, piece } = props;
  const printer = usePrinter();
  const { blank, foldsOver, hasLength } = shapeOf(shape);
  if (foldsOver) return <DiscDrawing discM={discM} sealM={sealM} fill={piece?.fill ?? 0} handles={handles} />;
  const r = drawingHalfM(shape, discM, lengthM) * 1000;
  const across = printer.length(discM);
  const size = hasLength ? T.by(across, printer.length(lengthM)) : T.across(across);
  const half = discM * 500;
  const high = hasLength ? lengthM * 500 : half;
  return (
    <Drawing
      box={[-r * 1.08, -high * 1.06, r * 2.16, high * 2.06 + r * 0.36]}
      label={`${BLANK_NAME[blank]}, ${size}`}
      handles={handles}
    >
      <g stroke={EDGE} strokeWidth={r * 0.012} fill={crustColour(0)} strokeLinejoin="round">
        <Blank {...props} />
      </g>
      <DimensionX
        from={-half}
        to={half}
        y={(blank === 'half-disc' ? 0.2 * r : high) + r * 0.13}
        size={r}
        label={across}
      />
    </Drawing>
  );
}

/** The blank itself around 0, 0: outline, seal and folds, and the filling when there is a piece. */
export function Blank({ shape, discM, lengthM, sealM, piece, outline }: BlankDrawingProps) {
  const printer = usePrinter();
  const theme = useTheme();
  const half = discM * 500;
  const long = lengthM * 500;
  const seal = sealM * 1000;
  const dash = { stroke: MARK, fill: 'none', strokeDasharray: `${half * 0.05} ${half * 0.04}` };
  const fill = Math.sqrt(Math.min(1, piece?.fill ?? 0));
  const spot = (x: number, y: number, rx: number, ry = rx) =>
    fill > 0 && <ellipse cx={x} cy={y} rx={rx * fill} ry={ry * fill} fill={FILLING} stroke="none" />;
  const { blank } = shapeOf(shape);
  switch (blank) {
    case 'disc':
      return (
        <>
          <circle r={half} />
          <circle r={half * 0.9} {...dash} />
          {spot(0, 0, half * 0.5)}
          {piece?.gathered && (
            <g stroke="none" fill={theme.ink} fontSize={half * 0.11} textAnchor="middle">
              <text y={-half * 0.6}>{T.middle(printer.length(piece.gathered.rollCentreM))}</text>
              <text y={half * 0.8}>{T.rim(printer.length(piece.gathered.rollRimM))}</text>
            </g>
          )}
        </>
      );
    case 'two-discs':
      return (
        <>
          <circle r={half} />
          <circle r={Math.max(0, half - seal)} {...dash} />
          {spot(0, 0, Math.max(0, half - seal) * 0.8)}
        </>
      );
    case 'half-disc':
      return (
        <>
          <path d={`M ${-half} ${half * 0.2} A ${half} ${half} 0 0 1 ${half} ${half * 0.2} Z`} />
          <path
            d={`M ${-half + seal} ${half * 0.2} L ${-half + seal} ${half * 0.2 - seal} L 0 ${half * 0.2 - seal}`}
            {...dash}
          />
          {spot(half * 0.3, -half * 0.35, half * 0.3)}
        </>
      );
    case 'square':
      return (
        <>
          <rect x={-half} y={-half} width={2 * half} height={2 * half} />
          <path d={`M 0 ${-half} L ${half} 0 L 0 ${half} L ${-half} 0 Z`} {...dash} />
          {spot(0, 0, half * 0.5)}
        </>
      );
    case 'strip': {
      const folds = stripFolds(discM, lengthM);
      const step = (2 * half) / Math.sqrt(3);
      const zigzag = Array.from(
        { length: folds + 1 },
        (_, i) => `${i % 2 ? half : -half} ${Math.max(-long, long - step * i)}`,
      );
      return (
        <>
          <rect x={-half} y={-long} width={2 * half} height={2 * long} />
          <path d={`M ${zigzag.join(' L ')}`} {...dash} />
          {spot(-half * 0.25, long - step, half * 0.4)}
        </>
      );
    }
    case 'sheet':
      return (
        <>
          <rect x={-half} y={-long} width={2 * half} height={2 * long} />
          <path d={`M ${-half + seal} ${-long} V ${long} M ${half - seal} ${-long} V ${long}`} {...dash} />
          {spot(0, long * 0.6, Math.max(0, half - seal), long * 0.22)}
        </>
      );
    case 'cup': {
      const { baseM, lidM } = cupSizes(discM, sealM);
      return (
        <>
          <circle r={half} />
          <circle r={baseM * 500} {...dash} />
          <circle r={lidM * 500} {...dash} strokeDasharray={`${half * 0.015} ${half * 0.03}`} />
          {spot(0, 0, baseM * 500 * 0.9)}
          <g stroke="none" fill={theme.ink} fontSize={half * 0.11} textAnchor="middle">
            <text y={-(lidM * 500 + Math.max(0, half - lidM * 500) * 0.3)}>{T.lidAcross(printer.length(lidM))}</text>
            <text y={baseM * 500 + half * 0.17}>{T.base(printer.length(baseM))}</text>
          </g>
        </>
      );
    }
    case 'own':
      return (
        <>
          <OwnBlank outline={outline ?? LEAF} scale={discM * 1000} seal={seal} />
          {fill > 0 && <path d={outlinePath(outline ?? LEAF, discM * 700 * fill)} fill={FILLING} stroke="none" />}
        </>
      );
    default: {
      const never: never = blank;
      return never;
    }
  }
}

/** Its seal is just so far from the edge everywhere: a stroke of twice that, cut off at the edge. */
function OwnBlank({
  outline,
  scale,
  seal,
}: {
  readonly outline: readonly Point[];
  readonly scale: number;
  readonly seal: number;
}) {
  const id = useId();
  const path = outlinePath(outline, scale);
  return (
    <>
      <clipPath id={id}>
        <path d={path} />
      </clipPath>
      <path d={path} fill={crustColour(0.45)} stroke="none" />
      <path d={path} clipPath={`url(#${id})`} fill="none" stroke={crustColour(0)} strokeWidth={2 * seal} />
      <path d={path} fill="none" data-outline />
    </>
  );
}
