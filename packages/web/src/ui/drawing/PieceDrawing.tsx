import { SHARED as T } from '#text/shared/sharedPhrases';
import { lensSection, halfMoonSection, type Piece, type Shape, shapeOf } from '@ember-fold/core/plan';
import type { ReactNode } from 'react';
import { useTheme } from 'styled-components';
import { usePrinter } from '../printing';
import { crustColour } from './crust';
import { DimensionY } from './Dimension';
import { FILLING } from './DiscDrawing';
import { Drawing } from './Drawing';
import { EDGE } from './DrawnParts';
import { type FoldLook, ShapeDrawing } from './ShapeDrawing';

interface PieceDrawingProps {
  readonly piece: Piece;
  readonly fold: FoldLook;
  /** Half of what the blank is drawn within, m: both share one scale. */
  readonly halfM: number;
  /** What can be taken hold of where the cut is thickest: given its place, and mm of drawing for a metre of the cut. */
  readonly handles?: (x: number, y: number, scale: number) => ReactNode;
}

const DOUGH = '#EACB8C';
/** The cut is drawn this much larger, or as large as there is room for, in half blanks. */
const CUT = 1.6;
const CUT_ROOM = 1.58;
const CUT_HIGH = 1.15;

/** The folded piece from above, and cut through the middle; same scale as the blank, the cut larger. */
export function PieceDrawing({ piece, fold, halfM, handles }: PieceDrawingProps) {
  const theme = useTheme();
  const r = halfM * 1000;
  const text = r * 0.105;
  const { section } = shapeOf(piece.shape).look;
  const Cut = CUTS[section];
  const cutM = sectionWidthM(piece);
  const cut = Math.max(
    0.1,
    Math.min(
      CUT,
      Math.floor((10 * CUT_ROOM * halfM) / cutM) / 10,
      Math.floor((10 * CUT_HIGH * halfM) / piece.thicknessM) / 10,
    ),
  );
  const cutWide = cutM * 1000 * cut;
  const high = (piece.thicknessM / 2) * 1000 * cut;
  const top = piece.depthM * 1000 + r * 0.34 + high;
  const printer = usePrinter();
  const whole = (m: number) => printer.length(Math.round(m * 1000) / 1000);
  const airMl = piece.airM3 * 1e6;
  return (
    <Drawing
      box={[-r * 1.08, -r * 0.08 - piece.depthM * 1000, r * 2.16, top + high + r * 0.22]}
      label={T.foldedPiece(whole(piece.widthM), whole(piece.depthM), whole(piece.thicknessM))}
      handles={handles?.(-r * 1.02 + cutWide * 0.45, top - piece.depthM * 1000 - high, 1000 * cut)}
    >
      <ShapeDrawing piece={piece} fold={fold} colour={crustColour(0.2)} />
      <g transform={`translate(${-r * 1.02} ${top - piece.depthM * 1000})`}>
        <text x={0} y={-high - r * 0.1} fontSize={text} fill={theme.soft}>
          {T.cutThrough(
            cut === 1 ? T.sameSize : T.timesTheSize(cut),
            airMl >= 0.5 ? T.air(printer.volume(piece.airM3)) : '',
          )}
        </text>
        <Cut piece={piece} sealM={fold.sealM} scale={1000 * cut} hair={r * 0.01} />
        <DimensionY
          from={-high}
          to={high}
          x={Math.min(cutWide + r * 0.12, r * 1.7)}
          size={r}
          label={whole(piece.thicknessM)}
        />
      </g>
    </Drawing>
  );
}

/** A half-moon is cut across its fold, a roll across its length; the others across their width. */
const sectionWidthM = (piece: Piece): number =>
  shapeOf(piece.shape).look.sectionAlong === 'depth' ? piece.depthM : piece.widthM;

interface CutProps {
  readonly piece: Piece;
  readonly sealM: number;
  /** mm of drawing for a metre. */
  readonly scale: number;
  readonly hair: number;
}

type Section = Shape['look']['section'];

/** What the knife shows, from x = 0 to the right. */
const CUTS: Readonly<Record<Section, (props: CutProps) => ReactNode>> = {
  folded: FoldedCut,
  lens: LensCut,
  round: RoundCut,
  hollow: HollowCut,
  cup: CupCut,
  pyramid: PyramidCut,
};

/** The wall runs round the fold; the seal stands out at the other end. */
function FoldedCut({ piece, sealM, scale, hair }: CutProps) {
  const section = halfMoonSection(piece, sealM);
  const points = (pick: 'outer' | 'inner', sign: 1 | -1) =>
    section.map((p) => `${(p.x * scale).toFixed(2)} ${(sign * p[pick] * scale).toFixed(2)}`);
  const closed = (pick: 'outer' | 'inner') =>
    `M ${points(pick, -1).join(' L ')} L ${points(pick, 1).reverse().join(' L ')} Z`;
  // The filling's outline, stroked by twice the wall, is the wall round the fold.
  const wall = piece.wallCrownM * scale;
  const end = section[section.length - 1]!;
  const half = (piece.sealThickM / 2) * scale;
  const wide = piece.depthM * scale;
  const seal = `M ${end.x * scale} ${-half} L ${wide} ${-half} Q ${wide + half * 0.7} 0 ${wide} ${half} L ${end.x * scale} ${half} Z`;
  return (
    <g strokeLinejoin="round" transform={`translate(${wall} 0)`}>
      <path d={closed('inner')} stroke={EDGE} strokeWidth={2 * (wall + hair)} />
      <path d={closed('outer')} stroke={EDGE} strokeWidth={2 * hair} />
      <path d={seal} fill={DOUGH} stroke={EDGE} strokeWidth={2 * hair} />
      <path d={closed('inner')} stroke={DOUGH} strokeWidth={2 * wall} />
      <path d={closed('outer')} fill={DOUGH} />
      <path d={seal} fill={DOUGH} />
      <path d={closed('inner')} fill={FILLING} />
    </g>
  );
}

/** Sealed on both sides of the filling. */
function LensCut({ piece, sealM, scale, hair }: CutProps) {
  const half = (piece.widthM / 2) * scale;
  const section = lensSection(piece, sealM);
  const outline = (pick: 'outer' | 'inner') => {
    const side = (sx: 1 | -1, sy: 1 | -1) =>
      section.map((p) => `${(half + sx * p.x * scale).toFixed(2)} ${(sy * p[pick] * scale).toFixed(2)}`);
    return [...side(1, -1), ...side(1, 1).reverse(), ...side(-1, 1), ...side(-1, -1).reverse()].join(' L ');
  };
  const rim = (piece.sealThickM / 2) * scale;
  const end = section[section.length - 1]!.x * scale;
  const flange = (sx: 1 | -1) =>
    `M ${half + sx * end} ${-rim} L ${half + sx * half} ${-rim} L ${half + sx * half} ${rim} L ${half + sx * end} ${rim} Z`;
  return (
    <g strokeLinejoin="round">
      <path
        d={`M ${outline('outer')} Z ${flange(1)} ${flange(-1)}`}
        fill={DOUGH}
        stroke={EDGE}
        strokeWidth={2 * hair}
      />
      <path d={`M ${outline('outer')} Z ${flange(1)} ${flange(-1)}`} fill={DOUGH} />
      <path d={`M ${outline('inner')} Z`} fill={FILLING} />
    </g>
  );
}

/** A wall all round: gathered shapes with their knot, a roll with its turns. */
function RoundCut({ piece, scale, hair }: CutProps) {
  const wide = (sectionWidthM(piece) / 2) * scale;
  const high = (piece.thicknessM / 2) * scale;
  const wall = piece.wallCrownM * scale;
  const knot = piece.gathered ? piece.gathered.flatKnotM * scale : 0;
  const turns = Math.max(0, Math.round(piece.layers) - 1);
  return (
    <g transform={`translate(${wide} 0)`} stroke={EDGE} strokeWidth={hair}>
      <ellipse rx={wide} ry={high} fill={DOUGH} />
      <ellipse rx={Math.max(0, wide - wall)} ry={Math.max(0, high - wall)} fill={FILLING} />
      {Array.from({ length: turns }, (_, i) => (
        <ellipse
          key={i}
          rx={Math.max(0, wide - (wall * (i + 1)) / (turns + 1))}
          ry={Math.max(0, high - (wall * (i + 1)) / (turns + 1))}
          fill="none"
        />
      ))}
      {knot > wall && (
        <path
          d={`M ${-knot * 0.9} ${-high + wall * 0.7} Q 0 ${-high + knot * 1.3} ${knot * 0.9} ${-high + wall * 0.7} Z`}
          fill={DOUGH}
          stroke="none"
        />
      )}
    </g>
  );
}

/** Two walls that steam holds apart, and what filling there is on the lower one. */
function HollowCut({ piece, sealM, scale, hair }: CutProps) {
  const theme = useTheme();
  const half = (piece.widthM / 2) * scale;
  const reach = Math.max(0, half - sealM * scale);
  const wall = piece.wallCrownM * scale;
  const puff = (piece.puffM ?? 0) * scale;
  const layer = 2 * piece.riseM * scale;
  // A curve from rim to rim through its highest point: its handle stands a third higher.
  const dome = (wide: number, high: number) =>
    `M ${-wide} 0 C ${-wide * 0.55} ${-high * 1.33} ${wide * 0.55} ${-high * 1.33} ${wide} 0`;
  const belly = (wide: number, low: number) =>
    `C ${wide * 0.55} ${low * 1.33} ${-wide * 0.55} ${low * 1.33} ${-wide} 0 Z`;
  return (
    <g transform={`translate(${half} 0)`} strokeLinejoin="round">
      <path
        d={`${dome(half, puff + wall)} ${belly(half, puff + wall)}`}
        fill={DOUGH}
        stroke={EDGE}
        strokeWidth={2 * hair}
      />
      <path d={`${dome(reach, puff)} ${belly(reach, puff)}`} fill={theme.panel} stroke={EDGE} strokeWidth={hair} />
      {layer > 0 && (
        <path d={`M ${-reach} 0 ${belly(reach, puff).replace(/^C/, `L ${reach} 0 C`)}`} fill={FILLING} opacity={0.8} />
      )}
    </g>
  );
}

/** A cup is broader at its rim: it leans out by 14°. */
function CupCut(props: CutProps) {
  return (
    <StandingCut
      {...props}
      outline={(half, high, by) => {
        const [low, top] = [high - by, -high + by];
        const lean = 2 * high * Math.tan((14 * Math.PI) / 180);
        return `M ${-half + by} ${top} L ${half - by} ${top} L ${half - lean - by} ${low} L ${-half + lean + by} ${low} Z`;
      }}
    />
  );
}

/** A flat-sitting triangle stands to a point. */
function PyramidCut(props: CutProps) {
  return (
    <StandingCut
      {...props}
      outline={(half, high, by) => {
        const low = high - by;
        const slope = Math.hypot(half, 2 * high) / half;
        const tip = Math.min(low, -high + by * slope);
        const foot = (half * (low - tip)) / (2 * high);
        return `M ${-foot} ${low} L ${foot} ${low} L 0 ${tip} Z`;
      }}
    />
  );
}

interface StandingCutProps extends CutProps {
  /** Of the skin, or drawn in by the wall: walls stand at right angles to their side. */
  outline(half: number, high: number, by: number): string;
}

function StandingCut({ piece, scale, hair, outline }: StandingCutProps) {
  const half = (piece.widthM / 2) * scale;
  const high = (piece.thicknessM / 2) * scale;
  const held = Math.min(high, piece.wallCrownM * scale);
  return (
    <g transform={`translate(${half} 0)`} strokeLinejoin="round">
      <path d={outline(half, high, 0)} fill={DOUGH} stroke={EDGE} strokeWidth={2 * hair} />
      <path d={outline(half, high, held)} fill={FILLING} />
    </g>
  );
}
