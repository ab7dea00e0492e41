/**
 * Limits of food safety that a cook or a guest relies on, each once: rules, findings and sentences read it here.
 * Names end in their unit, s or °C. The usual guides; local food rules come first.
 * Source: docs/models/practice.md.
 */
export const LIMITS = {
  /** Filled pieces out of the fridge, all waits together; less in a hot kitchen. */
  room: { mostS: 2 * 3600, hotMostS: 3600, hotOverC: 32 },
  /** What was cooked, until it goes into the fridge. */
  leftovers: { intoFridgeS: 2 * 3600 },
  /** Fried pieces are at their best. */
  fried: { bestS: 2 * 3600 },
  /** The coldest place inside, by what is raw in it; what was cooked and cooled is reheated. */
  core: { poultryC: 74, mincedMeatC: 71, eggC: 71, fishC: 63, reheatC: 74 },
  /** A cooked filling cools from `fromC` to `firstC` within `firstS`, and on to `secondC` within `secondS` more. */
  cooling: { fromC: 60, firstC: 21, firstS: 2 * 3600, secondC: 5, secondS: 4 * 3600 },
  /** Food that is kept warm. */
  warm: { leastC: 60 },
  /** Oil may be left alone below this. */
  oil: { leaveBelowC: 60 },
} as const;

/**
 * How long filled pieces may be out of the fridge in all, s.
 * @param roomC of the kitchen
 * @example roomLimitS(21) // 7200
 */
export const roomLimitS = (roomC: number): number =>
  roomC > LIMITS.room.hotOverC ? LIMITS.room.hotMostS : LIMITS.room.mostS;
