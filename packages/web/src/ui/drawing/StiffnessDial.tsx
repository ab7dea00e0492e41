import { LATER } from '#text/shared/laterPhrases';
import { styled, useTheme } from 'styled-components';
import { figureFont } from '../theme';

const Svg = styled.svg`
  display: block;
  width: 100%;
  max-width: 250px;
  margin: 0 auto 8px;
  text {
    font-size: 12px;
    fill: ${({ theme }) => theme.soft};
  }
  .figure {
    ${figureFont}
    font-size: 34px;
    fill: ${({ theme }) => theme.ink};
  }
`;

const R = 88;
const CX = 110;
const CY = 104;

/** A point on the dial; `value` 0–10 from left to right. */
function at(value: number, radius: number): string {
  const angle = Math.PI * (1 - value / 10);
  return `${(CX + radius * Math.cos(angle)).toFixed(2)} ${(CY - radius * Math.sin(angle)).toFixed(2)}`;
}

function arc(from: number, to: number): string {
  return `M ${at(from, R)} A ${R} ${R} 0 0 1 ${at(to, R)}`;
}

interface StiffnessDialProps {
  /** 0 slack – 10 rock; `null` without flour. */
  readonly stiffness: number | null;
  readonly range: { readonly least: number; readonly most: number };
  /** How it would feel by each earlier dough of this flour. */
  readonly history?: readonly number[];
}

function historyText(history: readonly number[]): string {
  if (history.length === 0) return '';
  const values = history.map((value) => value.toFixed(1));
  return LATER.byEarlierDoughs(values.join(', '));
}

/** A dial of the dough's stiffness, with the usual range of its family marked. */
export function StiffnessDial({ stiffness, range, history = [] }: StiffnessDialProps) {
  const theme = useTheme();
  const label =
    stiffness === null
      ? LATER.stiffnessNoFlourYet
      : LATER.stiffnessInRange(stiffness.toFixed(1), range.least, range.most, historyText(history));
  return (
    <Svg viewBox="0 0 220 126" role="img" aria-label={label}>
      <path d={arc(0, 10)} fill="none" stroke={theme.well} strokeWidth={16} />
      <path d={arc(range.least, range.most)} fill="none" stroke={theme.good} strokeWidth={16} />
      {history.map((value, i) => (
        <path
          key={i}
          d={`M ${at(value, R + 10)} L ${at(value, R + 16)}`}
          stroke={theme.know}
          strokeWidth={2.5}
          strokeLinecap="round"
        />
      ))}
      {stiffness !== null && (
        <>
          <path
            d={`M ${at(stiffness, R - 24)} L ${at(stiffness, R + 13)}`}
            stroke={theme.ink}
            strokeWidth={5}
            strokeLinecap="round"
          />
          <text className="figure" x={CX} y={CY - 8} textAnchor="middle">
            {stiffness.toFixed(1)}
          </text>
        </>
      )}
      <text x={CX} y={CY + 12} textAnchor="middle">
        {LATER.stiffness}
      </text>
      <text x={0} y={CY + 19} textAnchor="start">
        {LATER.slack}
      </text>
      <text x={220} y={CY + 19} textAnchor="end">
        {LATER.rock}
      </text>
    </Svg>
  );
}
