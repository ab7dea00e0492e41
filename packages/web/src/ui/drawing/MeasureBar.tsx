import { LATER } from '#text/shared/laterPhrases';
import type { Printer } from '../../text/printer';
import { usePrinter } from '../printing';

/** A length that is on every rule, mm: ten centimetres, or four inches. */
const BAR = { metric: 100, us: 101.6 } as const;

/** How long the bar is, mm of the drawing. */
export const barMm = ({ system }: Printer): number => BAR[system];

/** A bar of known length tells whether a print is true to size. In millimetres, from where it stands. */
export function MeasureBar() {
  const printer = usePrinter();
  const bar = barMm(printer);
  return (
    <>
      <path
        d={`M 0 0 H ${bar} M 0 -2 V 2 M ${bar} -2 V 2 M ${bar / 2} -1 V 1`}
        stroke="#17211e"
        strokeWidth={0.3}
        fill="none"
        data-bar
      />
      <text y={6.5}>{LATER.measureThisBar(printer.length(bar / 1000))}</text>
    </>
  );
}
