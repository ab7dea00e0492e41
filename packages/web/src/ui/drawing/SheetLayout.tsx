import { LATER } from '#text/shared/laterPhrases';
import type { CutRoll, CutterShape } from '@ember-fold/core/plan';
import { useTheme } from 'styled-components';
import { usePrinter } from '../printing';
import { crustColour } from './crust';
import { Drawing } from './Drawing';

/** One rolled sheet with its cuts, to scale; the ragged edge between sheet and cuts is left out. */
export function SheetLayout({
  roll,
  shape,
  acrossM,
  raggedM,
}: {
  readonly roll: CutRoll;
  readonly shape: CutterShape;
  readonly acrossM: number;
  readonly raggedM: number;
}) {
  const theme = useTheme();
  const printer = usePrinter();
  const [wide, high] = [roll.sheet.wideM * 1000, roll.sheet.highM * 1000];
  const r = acrossM * 500;
  const edge = raggedM * 1000;
  const size = Math.max(wide, high);
  return (
    <Drawing
      box={[-size * 0.01, -size * 0.01, wide + size * 0.02, high + size * 0.02]}
      label={LATER.sheetWithCuts(printer.length(wide / 1000), printer.length(high / 1000), roll.layout.places.length)}
    >
      <rect
        width={wide}
        height={high}
        rx={size * 0.02}
        fill={crustColour(0)}
        stroke="#B98F45"
        strokeWidth={size * 0.004}
      />
      <g
        transform={`translate(${edge} ${high - edge}) scale(1 -1)`}
        fill={crustColour(0.35)}
        stroke="#8A6428"
        strokeWidth={size * 0.003}
      >
        {roll.layout.places.map(({ xM, yM, turnDeg }, i) => {
          const at = `translate(${(xM * 1000).toFixed(2)} ${(yM * 1000).toFixed(2)})`;
          if (shape === 'round') return <circle key={i} transform={at} r={r} />;
          if (shape === 'square') return <rect key={i} transform={at} x={-r} y={-r} width={2 * r} height={2 * r} />;
          return <path key={i} transform={`${at} rotate(${turnDeg})`} d={`M ${-r} 0 A ${r} ${r} 0 0 0 ${r} 0 Z`} />;
        })}
      </g>
      {roll.layout.places.length === 0 && (
        <text x={wide / 2} y={high / 2} fontSize={size * 0.07} textAnchor="middle" fill={theme.ink}>
          {LATER.pattedIntoOne}
        </text>
      )}
    </Drawing>
  );
}
