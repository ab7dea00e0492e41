/**
 * Limits that a cook or a guest relies on, each once: rules, findings and sentences read it here.
 * Names end in their unit: s, °C, m, or a share of 1. The usual guides, or our own on the careful side where that
 * is said; local rules come first. Source: docs/models/practice.md.
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
  /** At the first bite: hot is a preference, and under `coldC` it is not even warm. Our own. */
  bite: { hotC: 60, coldC: 35 },
  /** A plan is good when so many of its pieces come out right; more unsafe middles than this stop it. Our own. */
  outcome: { rightShare: 0.9, unsafeShare: 0.01 },
  /** How long pieces are good: raw and frozen, raw in the fridge (dough that rises goes on rising there), and cooked. Our own. */
  keep: {
    frozenS: 75 * 86_400,
    risingS: 8 * 3600,
    chilledS: 86_400,
    friedS: 2 * 86_400,
    bakedS: 3 * 86_400,
    sweetS: 4 * 86_400,
  },
  /** Oil may be left alone below this. It is too hot so far over its range, from `warnC` on, or so near its smoke point; the heat goes off. */
  oil: { leaveBelowC: 60, overRangeC: 15, warnC: 190, warnUnderSmokeC: 15, cutC: 200, cutUnderSmokeC: 5 },
  /** A plan keeps its oil so far under the smoke point. */
  plan: { underSmokeC: 30 },
  /** Share of the pot's height that hot oil may fill, alone and with a load in it, and free wall above it. */
  pot: { aloneShare: 1 / 3, withLoadShare: 0.5, leastFreeM: 0.08 },
} as const;

/**
 * How long filled pieces may be out of the fridge in all, s.
 * @param roomC of the kitchen
 * @example roomLimitS(21) // 7200
 */
export const roomLimitS = (roomC: number): number =>
  roomC > LIMITS.room.hotOverC ? LIMITS.room.hotMostS : LIMITS.room.mostS;
