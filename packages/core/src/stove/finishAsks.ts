import { LIMITS } from '../limits/limits.js';
import type { StoveState } from './stoveAct.js';
import type { OilNow } from './oilNow.js';

/** What is to be thought of before a batch is finished. */
export interface FinishAsks {
  /** Pieces that were planned and have not been in the oil. */
  readonly unfried: number;
  /** Pieces that are still in the oven as planned. */
  readonly inOven: number;
  /** Oil that is hot, °C; `null`: it is safe, or is kept hot for what is fried next. */
  readonly hotC: number | null;
  /** The burner is on, as far as is known; 0: off, or it is kept on for what is fried next. */
  readonly burner: number;
}

/**
 * Whether finishing a batch needs a second thought: pieces left over, hot oil, a burner that is on.
 * `null`: nothing is left to think of.
 *
 * @param keepsHot the oil is kept hot for the next batch
 * @example finishAsks({ toFry: 0, burner: 0, inOven: [] }, { lastC: 40 }, false) // null
 */
export function finishAsks(
  { toFry, burner, inOven: stillIn }: Pick<StoveState, 'toFry' | 'burner' | 'inOven'>,
  { lastC }: Pick<OilNow, 'lastC'>,
  keepsHot: boolean,
): FinishAsks | null {
  const isHot = !keepsHot && lastC !== null && lastC > LIMITS.oil.leaveBelowC;
  const on = keepsHot ? 0 : burner;
  const inOven = stillIn.filter(({ oven }) => oven?.why === 'plan').length;
  if (toFry === 0 && inOven === 0 && !isHot && on === 0) return null;
  return { unfried: toFry, inOven, hotC: isHot ? lastC : null, burner: on };
}

/** A batch that was finished by mistake is taken up again for so long, ms. Our own. */
export const REOPEN_MS = 2 * 3_600_000;
