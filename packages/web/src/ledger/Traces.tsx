import type { LedgerRecord } from '@ember-fold/core/ledger';
import { friedPieces, fryTrays } from '@ember-fold/core/plan';
import { stoveState } from '@ember-fold/core/stove';
import { styled } from 'styled-components';
import { COMPARE as C } from '#text/ledger/comparePhrases';
import type { Printer } from '../text/printer';

const WIDE = 860;
const HIGH = 240;
const LEFT = 48;
const BELOW = 24;
/** Points of a line: more are not seen. */
const POINTS = 300;

const Chart = styled.svg`
  display: block;
  width: 100%;
  max-width: 860px;
  height: auto;
  font-size: 13px;
  text {
    fill: ${({ theme }) => theme.soft};
  }
  .grid {
    stroke: ${({ theme }) => theme.line};
  }
  polyline {
    fill: none;
    stroke-width: 2;
    stroke-linejoin: round;
  }
`;

const STROKES = ['#17211E', '#B23A06', '#23638F', '#1F7354', '#6E4F7C', '#8A6413'] as const;
const DASHES = ['', '7 4', '2 4', '10 3 2 3', '4 2', '1 3'] as const;

/** The stroke of the record in this place; distinguished by its dashes too. */
export const lineOf = (i: number) => ({ stroke: STROKES[i % 6]!, strokeDasharray: DASHES[i % 6]! });

/** s after the first drop, and °C. */
function traceOf({ readings, acts, draft }: LedgerRecord): readonly (readonly [number, number])[] {
  const { loadStartsS, pieces } = stoveState(acts, friedPieces(fryTrays(draft)));
  const fromS = loadStartsS[0] ?? 0;
  const toS = pieces.reduce((most, { outS, droppedS }) => Math.max(most, outS ?? droppedS), fromS);
  const during = readings.filter(({ atS }) => atS >= fromS && atS <= toS);
  const each = Math.max(1, Math.ceil(during.length / POINTS));
  return during.filter((_, i) => i % each === 0).map(({ atS, probeC }) => [atS - fromS, probeC] as const);
}

/** The oil of several sessions over one another, each from its first drop. */
export function Traces({ records, printer }: { readonly records: readonly LedgerRecord[]; readonly printer: Printer }) {
  const traces = records.map(traceOf);
  const all = traces.flat();
  if (all.length === 0) return null;
  const mostS = Math.max(60, ...all.map(([s]) => s));
  const [low, high] = [Math.min(...all.map(([, c]) => c)), Math.max(...all.map(([, c]) => c))];
  const [leastC, mostC] = [10 * Math.floor(low / 10), 10 * Math.ceil(high / 10)];
  const x = (s: number) => LEFT + ((WIDE - LEFT) * s) / mostS;
  const y = (c: number) => 8 + ((HIGH - BELOW - 8) * (mostC - c)) / Math.max(1, mostC - leastC);
  const degrees = Array.from({ length: (mostC - leastC) / 10 + 1 }, (_, i) => leastC + 10 * i);
  const stepS = mostS > 3600 ? 1200 : 600;
  const minutes = Array.from({ length: Math.floor(mostS / stepS) + 1 }, (_, i) => i * stepS);
  return (
    <Chart viewBox={`0 0 ${WIDE} ${HIGH}`} role="img" aria-label={C.tracesOf(records.map(({ draft }) => draft.name))}>
      {degrees.map((c) => (
        <g key={c}>
          <line className="grid" x1={LEFT} x2={WIDE} y1={y(c)} y2={y(c)} />
          <text x={LEFT - 6} y={y(c) + 4} textAnchor="end">
            {printer.temp(c)}
          </text>
        </g>
      ))}
      {minutes.map((s) => (
        <text key={s} x={x(s)} y={HIGH - 6} textAnchor={s === 0 ? 'start' : 'middle'}>
          {C.minutes(s / 60)}
        </text>
      ))}
      {traces.map((trace, i) => (
        <polyline
          key={records[i]!.id}
          {...lineOf(i)}
          points={trace.map(([s, c]) => `${x(s).toFixed(1)},${y(c).toFixed(1)}`).join(' ')}
        />
      ))}
    </Chart>
  );
}
