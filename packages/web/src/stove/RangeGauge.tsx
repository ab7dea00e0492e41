import { useTheme } from 'styled-components';
import type { Printer } from '../text/printer';

interface RangeGaugeProps {
  readonly probeC: number | null;
  readonly range: { readonly least: number; readonly most: number };
  readonly cautions: { readonly warnC: number; readonly cutC: number };
  readonly printer: Printer;
}

const HIGH = 330;

/** The oil on a standing scale: range, danger, and where it is. */
export function RangeGauge({ probeC, range, cautions, printer }: RangeGaugeProps) {
  const theme = useTheme();
  const top = cautions.cutC + 8;
  const bottom = range.least - 40;
  const y = (c: number) => ((top - Math.min(top, Math.max(bottom, c))) / (top - bottom)) * HIGH;
  const marks = [range.least, range.most, cautions.warnC];
  return (
    <svg viewBox={`0 -8 66 ${HIGH + 16}`} width="66" height={HIGH + 16} aria-hidden style={{ maxHeight: '100%' }}>
      <rect x={2} y={0} width={16} height={HIGH} rx={8} fill={theme.well} />
      <rect x={2} y={0} width={16} height={y(cautions.warnC)} rx={8} fill={theme.danger} />
      <rect x={2} y={y(range.most)} width={16} height={y(range.least) - y(range.most)} fill={theme.good} />
      {marks.map((c) => (
        <text key={c} x={36} y={y(c) + 6} fontSize={16} fill={theme.soft}>
          {Math.round(printer.degrees(c))}
        </text>
      ))}
      {probeC !== null && <path d={`M 20 ${y(probeC)} l 13 -8 v 16 z`} fill={theme.hand} />}
    </svg>
  );
}
