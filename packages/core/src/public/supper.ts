export type { ChainStep } from '../schedule/backwardChain.js';
export { duringFry, type DayPart, dayPart } from '../plan/supper/dayPart.js';
export type { DayAsk, DayStep } from '../plan/supper/dayTasks.js';
export { bestWays, type DayWay, type DayWayOut, dayWaysFor, supperCooks, withDayWay } from '../plan/supper/dayWays.js';
export { TABLE_LATE_S, workRange } from '../plan/supper/dayRisk.js';
export { dayDelay, dayMoves, dayTurns, type DayTurn } from '../plan/supper/dayTurns.js';
export { isHeldLong } from '../plan/supper/dayOfBatch.js';
export { DAY_TONE, type DayVerdict, dayVerdict } from '../plan/supper/dayVerdict.js';
export { serveInDay } from '../plan/supper/serveInDay.js';
export { type DayPlan, type DayEntry, supperDay } from '../plan/supper/supperDay.js';
export { friedInOil, fryJobOf, supperAfter, supperOrder } from '../plan/supper/supper.js';
export { type SupperEats, supperEats, supperPlaces, type SupperPart, supperPart } from '../plan/supper/supperEats.js';
export type { SupperDay, SupperWays } from '../wire/supperWire.js';
export { workBetween } from '../schedule/workBetween.js';
export {
  headsOf,
  isSupperOver,
  SUPPER_OVER_MS,
  kitchenAtSupper,
  movedWith,
  type Serving,
  servingsOf,
  type DayPin,
  type Supper,
  type SupperCook,
  withSupper,
} from '../draft/supper.js';
