import { LATER } from '#text/shared/laterPhrases';
import { SHARED as T } from '#text/shared/sharedPhrases';
import { type Piece, rolledProfileM } from '@ember-fold/core/plan';
import { useTheme } from 'styled-components';
import { usePrinter } from '../printing';
import { crustColour } from './crust';
import { Drawing } from './Drawing';

interface RolledProfileProps {
  readonly piece: Piece;
  readonly discM: number;
  readonly thicknessM: number;
}

/** Heights are drawn this many times larger than widths: a disc is thin. */
const HEIGHTS = 3;

/**
 * A gathered disc cut through: as it is to be rolled for an even wall, and a disc rolled flat,
 * with the walls that come of either.
 */
export function RolledProfile({ piece, discM, thicknessM }: RolledProfileProps) {
  const theme = useTheme();
  const printer = usePrinter();
  const { gathered } = piece;
  if (!gathered) return null;
  const r = discM * 500;
  const high = HEIGHTS * 1000;
  const outerM = Math.cbrt((3 * piece.volumeM3) / (4 * Math.PI));
  const midM = outerM - gathered.evenWallM / 2;
  const at = (share: number) => rolledProfileM(share * (discM / 2), discM / 2, midM, gathered.rollForM) * high;
  const shares = Array.from({ length: 41 }, (_, i) => i / 20 - 1);
  const top = shares.map((share) => `${(share * r).toFixed(2)} ${(-at(Math.abs(share))).toFixed(2)}`);
  const most = at(0);
  const flat = thicknessM * high;
  const text = r * 0.1;
  return (
    <Drawing
      box={[-r * 1.12, -Math.max(most, flat) - r * 0.2, r * 2.24, Math.max(most, flat) + r * 0.61]}
      label={LATER.rolledProfile(
        printer.length(gathered.rollCentreM),
        printer.length(gathered.rollRimM),
        printer.length(gathered.evenWallM),
        printer.length(gathered.flatKnotM),
      )}
    >
      <path
        d={`M ${-r} 0 L ${top.join(' L ')} L ${r} 0 Z`}
        fill={crustColour(0.2)}
        stroke="#8A6428"
        strokeWidth={r * 0.01}
      />
      <path
        d={`M ${-r} ${-flat} H ${r}`}
        fill="none"
        stroke={theme.ink}
        strokeWidth={r * 0.008}
        strokeDasharray={`${r * 0.04} ${r * 0.03}`}
      />
      <g fontSize={text} fill={theme.ink} textAnchor="middle">
        <text y={-most - r * 0.06}>{T.middle(printer.length(gathered.rollCentreM))}</text>
        <text x={r * 1.05} y={-Math.max(flat, at(1)) - r * 0.06} textAnchor="end">
          {T.rim(printer.length(gathered.rollRimM))}
        </text>
        <text y={r * 0.12}>{LATER.rolledSo(printer.length(gathered.evenWallM))}</text>
        <text y={r * 0.24} fill={theme.soft}>
          {LATER.dashedFlatSideKnot(printer.length(gathered.flatSideM), printer.length(gathered.flatKnotM))}
        </text>
        <text y={r * 0.36} fill={theme.soft}>
          {LATER.heightsDrawn(HEIGHTS)}
        </text>
      </g>
    </Drawing>
  );
}
