import type { LedgerFigures } from '@ember-fold/core/ledger';
import { useTheme } from 'styled-components';
import { LEDGER as T } from '#text/ledger/ledgerPhrases';

/** Degrees shown above and below the range. */
const AROUND_C = 14;

/** The oil of a whole session, small: its line over the range it was to be held in. */
export function SmallTrace({ figures }: { readonly figures: LedgerFigures }) {
  const theme = useTheme();
  const { range, oilTraceC } = figures;
  if (!oilTraceC) return null;
  const low = range.least - AROUND_C;
  const high = range.most + AROUND_C;
  const y = (c: number) => 40 - (40 * (Math.min(high, Math.max(low, c)) - low)) / (high - low);
  // Time without a reading is a gap, not a line.
  const path = oilTraceC
    .map((c, i) => (c === null ? '' : `${i === 0 || oilTraceC[i - 1] === null ? 'M' : 'L'} ${4 * i} ${y(c)}`))
    .join(' ');
  return (
    <svg
      viewBox={`0 0 ${4 * (oilTraceC.length - 1)} 40`}
      width={190}
      height={40}
      role="img"
      aria-label={T.oilSmall}
      style={{ marginLeft: 'auto', alignSelf: 'center' }}
    >
      <rect width="100%" y={y(range.most)} height={y(range.least) - y(range.most)} fill={theme.good} opacity={0.16} />
      <path d={path} fill="none" stroke={theme.ink} strokeWidth={1.6} strokeLinejoin="round" />
    </svg>
  );
}
