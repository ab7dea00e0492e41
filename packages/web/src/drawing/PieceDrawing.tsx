import { type HalfMoon, halfMoonSection } from '@ember-fold/core';
import { useTheme } from 'styled-components';
import { crustColour } from './crust';
import { DimensionY } from './Dimension';
import { FILLING } from './DiscDrawing';
import { Drawing } from './Drawing';
import { HalfMoonShape } from './HalfMoonShape';

interface PieceDrawingProps {
  readonly piece: HalfMoon;
  readonly sealM: number;
  readonly discM: number;
}

const DOUGH = '#EACB8C';
const EDGE = '#8A6428';
/** The cut is drawn this much larger. */
const CUT = 1.6;

/** The folded piece from above, and cut through the middle; same scale as the disc, the cut larger. */
export function PieceDrawing({ piece, sealM, discM }: PieceDrawingProps) {
  const theme = useTheme();
  const r = discM * 500;
  const text = r * 0.105;
  const scale = 1000 * CUT;
  const section = halfMoonSection(piece, sealM);
  const points = (pick: 'outer' | 'inner', sign: 1 | -1) =>
    section.map((p) => `${(p.x * scale).toFixed(2)} ${(sign * p[pick] * scale).toFixed(2)}`);
  const closed = (pick: 'outer' | 'inner') =>
    `M ${points(pick, -1).join(' L ')} L ${points(pick, 1).reverse().join(' L ')} Z`;
  // The wall runs round the fold too: the filling's outline, stroked by twice the wall.
  const wall = piece.wallCrownM * scale;
  const hair = r * 0.01;
  const end = section[section.length - 1]!;
  const half = (piece.sealThickM / 2) * scale;
  const cutWidth = piece.depthM * scale;
  const high = (piece.thicknessM / 2) * scale;
  const top = piece.depthM * 1000 + r * 0.34 + high;
  const seal = `M ${end.x * scale} ${-half} L ${cutWidth} ${-half} Q ${cutWidth + half * 0.7} 0 ${cutWidth} ${half} L ${end.x * scale} ${half} Z`;
  const airMl = piece.airM3 * 1e6;
  return (
    <Drawing
      box={[-r * 1.08, -r * 0.08 - piece.depthM * 1000, r * 2.16, top + high + r * 0.22]}
      label={`Folded piece ${(piece.widthM * 1000).toFixed(0)} by ${(piece.depthM * 1000).toFixed(0)} mm, ${(piece.thicknessM * 1000).toFixed(0)} mm thick`}
    >
      <HalfMoonShape widthM={piece.widthM} depthM={piece.depthM} sealM={sealM} colour={crustColour(0.2)} />
      <g transform={`translate(${-r * 1.02 + wall} ${top - piece.depthM * 1000})`}>
        <text x={0} y={-high - r * 0.1} fontSize={text} fill={theme.soft}>
          {`cut through, ${CUT} times the size${airMl >= 0.5 ? `, ${airMl.toFixed(0)} ml air` : ''}`}
        </text>
        <g strokeLinejoin="round">
          <path d={closed('inner')} stroke={EDGE} strokeWidth={2 * (wall + hair)} />
          <path d={closed('outer')} stroke={EDGE} strokeWidth={2 * hair} />
          <path d={seal} fill={DOUGH} stroke={EDGE} strokeWidth={2 * hair} />
          <path d={closed('inner')} stroke={DOUGH} strokeWidth={2 * wall} />
          <path d={closed('outer')} fill={DOUGH} />
          <path d={seal} fill={DOUGH} />
          <path d={closed('inner')} fill={FILLING} />
        </g>
        <DimensionY
          from={-high}
          to={high}
          x={cutWidth + half + r * 0.08}
          size={r}
          label={`${(piece.thicknessM * 1000).toFixed(0)} mm`}
        />
      </g>
    </Drawing>
  );
}
