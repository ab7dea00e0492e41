import { LATER } from '#text/shared/laterPhrases';
import { useTheme } from 'styled-components';

interface PortionDotsProps {
  readonly weightsKg: readonly number[];
  readonly wantedKg: number;
  readonly printMass: (kg: number) => string;
  readonly colour: string;
}

const WIDE = 440;
const HIGH = 84;

/** Each weighing in its order, against the one wanted. */
export function PortionDots({ weightsKg, wantedKg, printMass, colour }: PortionDotsProps) {
  const theme = useTheme();
  const reach = Math.max(0.1 * wantedKg, ...weightsKg.map((kg) => Math.abs(kg - wantedKg)));
  const y = (kg: number) => HIGH / 2 - ((kg - wantedKg) / reach) * (HIGH / 2 - 8);
  const x = (i: number) => 8 + ((WIDE - 70) * (i + 0.5)) / weightsKg.length;
  return (
    <svg
      viewBox={`0 0 ${WIDE} ${HIGH}`}
      role="img"
      aria-label={LATER.weighingsAgainst(weightsKg.length, printMass(wantedKg))}
      style={{ display: 'block', width: '100%', margin: '8px 0' }}
    >
      <line x1={0} x2={WIDE - 60} y1={HIGH / 2} y2={HIGH / 2} stroke={theme.edge} strokeDasharray="5 4" />
      <text x={WIDE - 54} y={HIGH / 2 + 4} fontSize={12} fill={theme.soft}>
        {printMass(wantedKg)}
      </text>
      {weightsKg.map((kg, i) => (
        <circle key={i} cx={x(i)} cy={y(kg)} r={4} fill={colour} />
      ))}
    </svg>
  );
}
