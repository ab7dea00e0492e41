import type { LedgerFigures } from '../stove/ledgerFigures.js';

/** What the sessions of one month were like. */
export interface MonthTrend {
  /** "2026-11", UTC. */
  readonly month: string;
  readonly dayPlans: number;
  readonly pieces: number;
  /** Share of pieces that opened; `null`: none was fried. */
  readonly burstShare: number | null;
  /** Share of the frying in which the oil was in its range; `null`: nothing was read. */
  readonly inRangeShare: number | null;
  /** s of frying for each piece; `null`: none was fried. */
  readonly eachS: number | null;
}

/**
 * Day plans by their months, the oldest first: what gets better, and what does not.
 * @example monthlyTrends([{ startedAt: '2026-11-06T17:00:00Z', figures: ledger }])[0].month // '2026-11'
 */
export function monthlyTrends(
  entries: readonly { readonly startedAt: string; readonly figures: LedgerFigures }[],
): readonly MonthTrend[] {
  const months = [...new Set(entries.map(({ startedAt }) => startedAt.slice(0, 7)))].sort();
  return months.map((month) => {
    const own = entries.filter(({ startedAt }) => startedAt.startsWith(month)).map(({ figures }) => figures);
    const sum = (of: (figures: LedgerFigures) => number) => own.reduce((total, figures) => total + of(figures), 0);
    const pieces = sum(({ fried, burst }) => fried + burst);
    const readS = sum(({ inRangeShare, fryingS }) => (inRangeShare === null ? 0 : fryingS));
    return {
      month,
      dayPlans: own.length,
      pieces,
      burstShare: pieces > 0 ? sum(({ burst }) => burst) / pieces : null,
      inRangeShare: readS > 0 ? sum(({ inRangeShare, fryingS }) => (inRangeShare ?? 0) * fryingS) / readS : null,
      eachS: pieces > 0 ? sum(({ fryingS }) => fryingS) / pieces : null,
    };
  });
}

/**
 * Means of what was seen in each of some months; `null`: nothing was.
 * @param months as `monthlyTrends` names them
 * @example monthlyMeans(['2026-11'], [{ at: '2026-11-06T17:00:00Z', value: 3 }])[0] // 3
 */
export function monthlyMeans(
  months: readonly string[],
  seen: readonly { readonly at: string; readonly value: number }[],
): readonly (number | null)[] {
  return months.map((month) => {
    const own = seen.filter(({ at }) => at.startsWith(month));
    return own.length === 0 ? null : own.reduce((sum, { value }) => sum + value, 0) / own.length;
  });
}
