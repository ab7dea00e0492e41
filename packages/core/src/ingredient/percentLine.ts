import { CoreError, requireWithin } from '../errors.js';
import type { Formula } from './formula.js';

/**
 * Mass of one line given as a percent of the flour, kg: baker's percent.
 * @param flourKg what percent is reckoned on, without this line
 * @param percent 0–1000
 * @example massOfFlourPercent(38, 0.5) // 0.19
 */
export function massOfFlourPercent(percent: number, flourKg: number): number {
  return (requireWithin(percent, 0, 1000, 'percent') / 100) * flourKg;
}

/**
 * Mass of one line given as a percent of the whole formula, kg, the others staying as they are.
 * @param percent 0 to under 95
 * @throws CoreError OUT_OF_RANGE, NOT_A_NUMBER
 * @example massOfWholePercent([{ ingredientId: 'onion', massKg: 0.9 }, { ingredientId: 'sage', massKg: 0 }], 1, 10) // 0.1
 */
export function massOfWholePercent(lines: Formula, index: number, percent: number): number {
  const share = requireWithin(percent, 0, 95, 'percent') / 100;
  if (!lines[index]) throw new CoreError('OUT_OF_RANGE', 'index', 'There is no such line.');
  const others = lines.reduce((sum, line, i) => (i === index ? sum : sum + line.massKg), 0);
  return (share / (1 - share)) * others;
}
