/** A positive figure as it is believed: log-normal. */
export interface LogBelief {
  readonly value: number;
  /** Two standard deviations to either side. */
  readonly low: number;
  readonly high: number;
}

/**
 * What several sightings say of a figure, with what is usual before any: each moves it, none
 * alone decides, and their order does not matter.
 *
 * @param usual before anything is seen, over 0
 * @param usualSd how such figures differ, sd of the logarithm
 * @param seen sightings, each over 0
 * @param seenSd how well one sighting tells it, sd of the logarithm
 */
export function logBelief(usual: number, usualSd: number, seen: readonly number[], seenSd: number): LogBelief {
  const precision = 1 / usualSd ** 2 + seen.length / seenSd ** 2;
  const told = seen.reduce((sum, one) => sum + Math.log(one), 0) / seenSd ** 2;
  const mean = (Math.log(usual) / usualSd ** 2 + told) / precision;
  const at = (sds: number) => Math.exp(mean + sds / Math.sqrt(precision));
  return { value: at(0), low: at(-2), high: at(2) };
}
