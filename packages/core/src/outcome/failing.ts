import { LIMITS } from '../limits/limits.js';
import type { OutcomeChances } from './outcomeChances.js';

/** A change is offered where so many more of 100 pieces come out right by it. */
export const WORTH_A_CHANGE = 0.05;

/** What can be wrong with a piece. */
export type Fault = Exclude<keyof OutcomeChances, 'right'>;

/**
 * What is wrong with too many pieces of a plan: unsafe middles before all else, otherwise what most of them suffer.
 * `null`: the plan is good. The one rule behind every verdict on pieces.
 * @example failingOf({ right: 0.95, unsafe: 0, raw: 0, pale: 0.05, dark: 0 }) // null
 */
export function failingOf({ right, unsafe, raw, pale, dark }: OutcomeChances): Fault | null {
  if (unsafe > LIMITS.outcome.unsafeShare) return 'unsafe';
  if (right >= LIMITS.outcome.rightShare) return null;
  if (raw >= Math.max(pale, dark)) return 'raw';
  return pale >= dark ? 'pale' : 'dark';
}
