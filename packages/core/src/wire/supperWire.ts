import type { SupperCook } from '../draft/supper.js';
import type { DayWayOut } from '../plan/supper/dayWays.js';
import type { DayDelay } from '../plan/supper/dayTurns.js';
import type { DayPlan } from '../plan/supper/supperDay.js';

/** The plan of a supper as it is now. */
export interface SupperDay {
  /** `null`: there is nothing to plan, nobody to cook, or a problem. */
  readonly dayPlan: DayPlan | null;
  /**
   * Why it is not planned; `null`: it is, or there is nothing to plan. `over`: its last meal was more than a day ago.
   * `apart`: its meals are too many days apart. `odd`: planning it takes more time or memory than there is.
   */
  readonly problem: 'over' | 'apart' | 'odd' | null;
  /** As it would be if nothing had begun: what was meant. */
  readonly planned: DayPlan | null;
  /** Something was recorded as done, or should have begun: the plan goes on from now. */
  readonly isBegun: boolean;
  /** What was over latest against the plan; `null`: nothing was. */
  readonly delay: DayDelay | null;
  /** In the order of the day plan's cooks. */
  readonly cooks: readonly SupperCook[];
  /** Its batches that are still to be made, by name. */
  readonly batches: readonly { readonly id: string; readonly name: string; readonly pieces: number }[];
  /** Names of those that cannot be planned. */
  readonly unplanned: readonly string[];
  /** By the server's clock, ms. */
  readonly atMs: number;
}

/** What can be done about it. */
export interface SupperWays {
  readonly ways: readonly DayWayOut[];
}
