import { LATER } from '#text/shared/laterPhrases';
import { beliefDensity, LABEL_BELIEF } from '@ember-fold/core/ledger';
import type { FlourBelief } from '@ember-fold/core/plan';
import { styled, useTheme } from 'styled-components';

const Svg = styled.svg`
  display: block;
  width: 100%;
  max-width: 260px;
  text {
    font-size: 11px;
    fill: ${({ theme }) => theme.soft};
  }
`;

const LEAST = -0.09;
const MOST = 0.09;
const WIDE = 240;
const HIGH = 64;

/** What is believed of a flour, beside its label: points of water on the one axis. */
export function BeliefCurve({ belief, label }: { readonly belief: FlourBelief; readonly label: string }) {
  const theme = useTheme();
  const top = beliefDensity(belief, belief.mean);
  const x = (shift: number) => ((shift - LEAST) / (MOST - LEAST)) * WIDE;
  const bell = (of: FlourBelief) =>
    Array.from({ length: 91 }, (_, i) => LEAST + ((MOST - LEAST) * i) / 90)
      .map((shift) => `${x(shift).toFixed(1)} ${(HIGH - (HIGH - 6) * (beliefDensity(of, shift) / top)).toFixed(1)}`)
      .join(' L ');
  return (
    <Svg viewBox={`0 0 ${WIDE} ${HIGH + 18}`} role="img" aria-label={label}>
      <path d={`M ${bell(LABEL_BELIEF)}`} fill="none" stroke={theme.edge} strokeWidth={1.5} strokeDasharray="4 3" />
      <path d={`M ${bell(belief)}`} fill="none" stroke={theme.know} strokeWidth={2.5} />
      <line x1={0} x2={WIDE} y1={HIGH} y2={HIGH} stroke={theme.line} />
      {[-6, 0, 6].map((points) => (
        <text key={points} x={x(points / 100)} y={HIGH + 14} textAnchor="middle">
          {points === 0 ? 'label' : LATER.points(points > 0 ? '+' : '−', Math.abs(points))}
        </text>
      ))}
    </Svg>
  );
}
