import { LATER } from '#text/shared/laterPhrases';
import { styled, useTheme } from 'styled-components';

const Svg = styled.svg`
  display: block;
  width: 100%;
  max-width: 420px;
  text {
    font-size: 11px;
    fill: ${({ theme }) => theme.soft};
  }
`;

const WIDE = 260;
const BAR = 18;
const TOP = 14;

interface PourLadderProps {
  readonly firstKg: number;
  readonly reserveKg: number;
  readonly pouredKg: number;
  /** One rung: a tablespoon of what is poured, kg. */
  readonly spoonKg: number;
  readonly printMass: (kg: number) => string;
}

/** The first pour as one step, then a rung for each spoon held back; filled as far as was poured. */
export function PourLadder({ firstKg, reserveKg, pouredKg, spoonKg, printMass }: PourLadderProps) {
  const theme = useTheme();
  const totalKg = firstKg + reserveKg;
  if (!(totalKg > 0)) return null;
  const most = Math.max(totalKg, pouredKg);
  const x = (kg: number) => (WIDE * kg) / most;
  // More rungs than can be distinguished are no ladder.
  const spoons = Math.min(24, Math.floor(reserveKg / spoonKg + 1e-9));
  const rungs = Array.from({ length: spoons }, (_, i) => firstKg + (i + 1) * spoonKg).filter((kg) => kg < totalKg);
  const label = LATER.pourLadder(printMass(firstKg), spoons, printMass(totalKg), printMass(pouredKg));
  return (
    <Svg viewBox={`0 0 ${WIDE} ${TOP + BAR + 16}`} role="img" aria-label={label}>
      <rect x={0} y={TOP} width={x(totalKg)} height={BAR} rx={5} fill={theme.well} stroke={theme.edge} />
      <rect x={0} y={TOP} width={x(pouredKg)} height={BAR} rx={5} fill={theme.know} />
      <line x1={x(firstKg)} x2={x(firstKg)} y1={TOP - 4} y2={TOP + BAR + 4} stroke={theme.ink} strokeWidth={2} />
      {rungs.map((kg) => (
        <line
          key={kg}
          x1={x(kg)}
          x2={x(kg)}
          y1={TOP + 3}
          y2={TOP + BAR - 3}
          stroke={kg <= pouredKg ? theme.panel : theme.edge}
        />
      ))}
      <text x={Math.max(40, x(firstKg) - 6)} y={10} textAnchor="end">
        {LATER.firstWeighing(printMass(firstKg))}
      </text>
      <text x={x(totalKg)} y={TOP + BAR + 13} textAnchor="end">
        {LATER.all(printMass(totalKg))}
      </text>
    </Svg>
  );
}
