import type { DayPlan } from './supperDay.js';

/** Less late than this is in time, s. */
const LATE_S = 60;
/** A plan is called on time when it holds on at least 8 days in 10. */
const MOST_LATE_SHARE = 0.2;

/** What is said of a supper's plan as a whole, in every room. */
export type DayVerdict =
  /** It is late as planned. */
  | 'late'
  /** Of some batch too many middles stay unsafe as it is fried. */
  | 'undercooked'
  /** Pieces would wait longer than is safe. */
  | 'unsafe'
  /** In time as planned, and late on more than 2 days in 10. */
  | 'risky'
  /** In time, but of some batch too few pieces come out right. */
  | 'uneven'
  | 'holds';

export const DAY_TONE = {
  late: 'stop',
  undercooked: 'stop',
  unsafe: 'stop',
  risky: 'look-out',
  uneven: 'look-out',
  holds: 'good',
} as const;

/**
 * Whether the plan of a supper holds: its own risk counts, and so does what comes out of the oil.
 * @example dayVerdict({ lateS: 0, risk: { lateShare: 0.6, soonerS: 900 }, batches: [] }) // 'risky'
 */
export function dayVerdict({ lateS, risk, batches }: Pick<DayPlan, 'lateS' | 'risk' | 'batches'>): DayVerdict {
  if (lateS > LATE_S) return 'late';
  if (batches.some(({ fault }) => fault === 'unsafe')) return 'undercooked';
  if (batches.some(({ folded }) => folded.some(({ isTooLong }) => isTooLong))) return 'unsafe';
  if (risk.lateShare > MOST_LATE_SHARE) return 'risky';
  return batches.some(({ fault }) => fault !== null) ? 'uneven' : 'holds';
}
