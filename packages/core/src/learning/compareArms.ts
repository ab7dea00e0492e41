import { seededUniform } from '../numeric/seededNoise.js';

/** Of so many pieces so many: opened, greasy, liked. */
export interface Counted {
  readonly yes: number;
  readonly of: number;
}

/** What two arms of a test say about each other. */
export interface ArmsDifference {
  /** Chance that the first has the lower share, or the higher score, 0–1. */
  readonly chance: number;
  /** `first`, `second`, or that it cannot be decided. */
  readonly winner: 'first' | 'second' | 'none';
  /** Difference first − second, eight in ten times between these. */
  readonly low: number;
  readonly high: number;
  /** Pieces of each arm that would settle a difference like this; `null`: there is none to settle, or more than anybody cooks. */
  readonly needed: number | null;
}

/** A winner is named only beyond this chance: of tests without a difference fewer than one in twenty then has one. */
const SURE = 0.985;
const GRID = 400;
/** Nobody fries more for a test. */
const MOST_NEEDED = 400;

/** Beta density over the grid, normalised. Jeffreys' prior: half a piece of each kind. */
function density({ yes, of }: Counted): number[] {
  const found = Array.from({ length: GRID }, (_, i) => {
    const p = (i + 0.5) / GRID;
    return (yes - 0.5) * Math.log(p) + (of - yes - 0.5) * Math.log(1 - p);
  });
  const most = Math.max(...found);
  const raw = found.map((log) => Math.exp(log - most));
  const sum = raw.reduce((total, one) => total + one, 0);
  return raw.map((one) => one / sum);
}

/**
 * Two shares, by beta-binomial: chance that the first is lower, the difference with its range, and how
 * many pieces would settle it.
 *
 * @throws RangeError where more are counted than there are, or none are
 * @example compareShares({ yes: 0, of: 12 }, { yes: 2, of: 12 }).winner // 'none'
 */
export function compareShares(first: Counted, second: Counted): ArmsDifference {
  for (const { yes, of } of [first, second])
    if (!(of > 0 && yes >= 0 && yes <= of)) throw new RangeError('A share is counted of pieces that there are.');
  const [a, b] = [density(first), density(second)];
  let chance = 0;
  let above = 1;
  for (let i = 0; i < GRID; i++) {
    above -= b[i]!;
    chance += a[i]! * (above + b[i]! / 2);
  }
  const differences: { readonly by: number; readonly weight: number }[] = [];
  // The range is shown in whole percents: a coarser grid is enough.
  for (let i = 0; i < GRID; i += 8)
    for (let j = 0; j < GRID; j += 8) {
      const weight = sumOf(a, i) * sumOf(b, j);
      if (weight > 1e-12) differences.push({ by: (i - j) / GRID, weight });
    }
  differences.sort((x, y) => x.by - y.by);
  const [p, q] = [first.yes / first.of, second.yes / second.of];
  return {
    chance,
    winner: chance > SURE ? 'first' : chance < 1 - SURE ? 'second' : 'none',
    low: quantile(differences, 0.1),
    high: quantile(differences, 0.9),
    needed: needed(p - q, p * (1 - p) + q * (1 - q)),
  };
}

const sumOf = (all: readonly number[], from: number): number =>
  all.slice(from, from + 8).reduce((sum, one) => sum + one, 0);

function quantile(sorted: readonly { readonly by: number; readonly weight: number }[], share: number): number {
  const whole = sorted.reduce((sum, { weight }) => sum + weight, 0);
  let sum = 0;
  for (const { by, weight } of sorted) {
    sum += weight;
    if (sum >= share * whole) return by;
  }
  return sorted.at(-1)?.by ?? 0;
}

/** Pieces of each arm for a difference to be seen four times in five (normal approximation). */
function needed(difference: number, variance: number): number | null {
  if (difference === 0) return null;
  const pieces = Math.ceil((((2.17 + 0.84) / difference) ** 2 * Math.max(variance, 0.02)) / 5) * 5;
  return pieces > MOST_NEEDED ? null : pieces;
}

/**
 * Pieces of each of two arms that tell two shares apart, four times in five; `null`: more than anybody
 * fries, or there is no difference.
 * @example piecesToTell(0.3, 0.05) // 40
 */
export function piecesToTell(p: number, q: number): number | null {
  return needed(p - q, p * (1 - p) + q * (1 - q));
}

/** As many shufflings as are tried where there are more. */
const SHUFFLES = 1000;

/**
 * Scores of two arms by their ranks: a permutation test, so that nothing is asked of how scores lie.
 *
 * @param seed for the shufflings
 * @throws RangeError where an arm has no score
 * @example compareScores([4, 5], [4, 4], 1).winner // 'none'
 */
export function compareScores(first: readonly number[], second: readonly number[], seed: number): ArmsDifference {
  if (first.length === 0 || second.length === 0) throw new RangeError('Scores are compared where there are some.');
  const all = [...first, ...second];
  const above = (a: readonly number[], b: readonly number[]) =>
    a.reduce((sum, x) => sum + b.reduce((wins, y) => wins + (x > y ? 1 : x === y ? 0.5 : 0), 0), 0) /
    (a.length * b.length);
  const seen = above(first, second);
  const uniform = seededUniform(seed);
  let asFar = 0;
  for (let n = 0; n < SHUFFLES; n++) {
    const mixed = [...all];
    for (let i = mixed.length - 1; i > 0; i--) {
      const j = Math.floor(uniform() * (i + 1));
      [mixed[i], mixed[j]] = [mixed[j]!, mixed[i]!];
    }
    const by = above(mixed.slice(0, first.length), mixed.slice(first.length));
    if (Math.abs(by - 0.5) >= Math.abs(seen - 0.5) - 1e-12) asFar += 1;
  }
  // What was seen is one of the shufflings.
  const p = (asFar + 1) / (SHUFFLES + 1);
  const chance = seen >= 0.5 ? 1 - p / 2 : p / 2;
  const mean = (some: readonly number[]) => some.reduce((sum, x) => sum + x, 0) / some.length;
  const difference = mean(first) - mean(second);
  const centre = mean(all);
  const variance = all.reduce((sum, x) => sum + (x - centre) ** 2, 0) / all.length;
  const spread = 1.28 * Math.sqrt(variance * (1 / first.length + 1 / second.length));
  return {
    chance,
    winner: chance > SURE ? 'first' : chance < 1 - SURE ? 'second' : 'none',
    low: difference - spread,
    high: difference + spread,
    needed: needed(difference, 2 * variance),
  };
}
