import { LATER } from '#text/shared/laterPhrases';
import type { SealTrade } from '@ember-fold/core/plan';
import { useTheme } from 'styled-components';
import { shareText } from '#text/bench/fold/sealText';
import { Drawing } from './Drawing';

/** Share of pieces that open, over how full they are; where this batch stands on it. */
export function BurstCurve({
  trade,
  fill,
  share,
}: {
  readonly trade: readonly SealTrade[];
  readonly fill: number;
  readonly share: number;
}) {
  const theme = useTheme();
  const [first, last] = [trade[0], trade[trade.length - 1]];
  if (!first || !last) return null;
  const most = Math.max(0.08, last.share, share);
  const x = (at: number) => (100 * (at - first.fill)) / (last.fill - first.fill);
  const y = (at: number) => -32 * (at / most);
  const clamped = Math.min(last.fill, Math.max(first.fill, fill));
  const path = trade.map((one) => `${x(one.fill).toFixed(2)} ${y(one.share).toFixed(2)}`).join(' L ');
  return (
    <Drawing
      box={[-2, -40, 104, 46]}
      label={LATER.opensByFill(
        `${Math.round(first.fill * 100)} %`,
        shareText(first.share),
        `${Math.round(last.fill * 100)} %`,
        shareText(last.share),
        shareText(share),
      )}
    >
      <path d={`M 0 0 L ${path} L 100 0 Z`} fill={theme.well} />
      <path d={`M ${path}`} fill="none" stroke={theme.lookOut} strokeWidth={0.9} />
      <path d="M 0 0 H 100" stroke={theme.edge} strokeWidth={0.4} />
      <circle cx={x(clamped)} cy={y(share)} r={1.8} fill={theme.ink} />
      <text
        x={Math.min(88, Math.max(12, x(clamped)))}
        y={y(share) - 5.2}
        fontSize={4.2}
        textAnchor="middle"
        fill={theme.ink}
      >
        {LATER.opens(shareText(share))}
      </text>
    </Drawing>
  );
}
