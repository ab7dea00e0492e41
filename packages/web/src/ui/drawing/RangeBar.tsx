import type { Belief } from '@ember-fold/core/ledger';
import { useTheme } from 'styled-components';

const WIDTH = 220;
const HEIGHT = 22;
/** Room at either end, px. */
const EDGE = 6;

/** What is believed, as a bar from the least to the most it very likely is, with what is usual as a mark. */
export function RangeBar({ belief, label }: { readonly belief: Belief; readonly label: string }) {
  const theme = useTheme();
  const { value, low, high, usual } = belief;
  const [least, most] = [Math.min(low, usual), Math.max(high, usual)];
  const margin = 0.15 * (most - least || 1);
  const at = (x: number) => EDGE + ((x - least + margin) / (most - least + 2 * margin)) * (WIDTH - 2 * EDGE);
  const middle = HEIGHT / 2;
  return (
    <svg width="100%" viewBox={`0 0 ${WIDTH} ${HEIGHT}`} style={{ maxWidth: WIDTH }} role="img" aria-label={label}>
      <line x1={EDGE} x2={WIDTH - EDGE} y1={middle} y2={middle} stroke={theme.line} strokeWidth={2} />
      <line x1={at(low)} x2={at(high)} y1={middle} y2={middle} stroke={theme.know} strokeWidth={7} opacity={0.35} />
      <line x1={at(usual)} x2={at(usual)} y1={3} y2={HEIGHT - 3} stroke={theme.ink} strokeWidth={1.5} />
      <circle cx={at(value)} cy={middle} r={5} fill={theme.know} />
    </svg>
  );
}
