import { type Form, formOf, type FormId, type Piece, stripFolds } from '@ember-fold/core';
import { useTheme } from 'styled-components';
import { plain } from '../text/printer';
import { crustColour } from './crust';
import { DimensionX } from './Dimension';
import { DiscDrawing, FILLING } from './DiscDrawing';
import { Drawing } from './Drawing';

interface BlankDrawingProps {
  readonly form: FormId;
  readonly discM: number;
  readonly lengthM: number;
  readonly sealM: number;
  readonly piece: Piece | null;
}

const EDGE = '#B98F45';
const MARK = '#6B5122';

/** Half of what blank and piece are drawn within, m: the longer side of the blank. */
export function drawingHalfM(form: FormId, discM: number, lengthM: number): number {
  return Math.max(discM, formOf(form).hasLength ? lengthM : 0) / 2;
}

const BLANK_NAME: Record<Form['blank'], string> = {
  disc: 'Rolled disc',
  'two-discs': 'One of two discs',
  'half-disc': 'Half of a rolled disc',
  square: 'Rolled square',
  strip: 'Rolled strip',
  sheet: 'Rolled sheet',
};

/** The rolled blank with its bare rim, its folds and where the filling goes. In millimetres, to scale. */
export function BlankDrawing(props: BlankDrawingProps) {
  const { form, discM, lengthM, sealM, piece } = props;
  const { blank, hasLength } = formOf(form);
  if (form === 'half-moon') return <DiscDrawing discM={discM} sealM={sealM} fill={piece?.fill ?? 0} />;
  const r = drawingHalfM(form, discM, lengthM) * 1000;
  const across = `${plain(discM * 1000)} mm`;
  const size = hasLength ? `${across} by ${plain(lengthM * 1000)} mm` : `${across} across`;
  const half = discM * 500;
  return (
    <Drawing box={[-r * 1.08, -r * 1.06, r * 2.16, r * 2.42]} label={`${BLANK_NAME[blank]}, ${size}`}>
      <g stroke={EDGE} strokeWidth={r * 0.012} fill={crustColour(0)} strokeLinejoin="round">
        <Blank {...props} />
      </g>
      <DimensionX from={-half} to={half} y={(blank === 'half-disc' ? 0.2 * r : r) + r * 0.13} size={r} label={across} />
    </Drawing>
  );
}

/** The blank itself around 0, 0: outline, seal and folds, and the filling when there is a piece. */
export function Blank({ form, discM, lengthM, sealM, piece }: BlankDrawingProps) {
  const theme = useTheme();
  const half = discM * 500;
  const long = lengthM * 500;
  const seal = sealM * 1000;
  const dash = { stroke: MARK, fill: 'none', strokeDasharray: `${half * 0.05} ${half * 0.04}` };
  const fill = Math.sqrt(Math.min(1, piece?.fill ?? 0));
  const spot = (x: number, y: number, rx: number, ry = rx) =>
    fill > 0 && <ellipse cx={x} cy={y} rx={rx * fill} ry={ry * fill} fill={FILLING} stroke="none" />;
  const { blank } = formOf(form);
  switch (blank) {
    case 'disc':
      return (
        <>
          <circle r={half} />
          <circle r={half * 0.9} {...dash} />
          {spot(0, 0, half * 0.5)}
          {piece?.gathered && (
            <g stroke="none" fill={theme.ink} fontSize={half * 0.11} textAnchor="middle">
              <text y={-half * 0.6}>{`middle ${plain(piece.gathered.rollCentreM * 1000)} mm`}</text>
              <text y={half * 0.8}>{`rim ${plain(piece.gathered.rollRimM * 1000)} mm`}</text>
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
    default: {
      const never: never = blank;
      return never;
    }
  }
}
