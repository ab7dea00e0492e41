import { type Belief, HAND_WORKS, type HandWork, type Learnt, type Scalding } from '../draft/learnt.js';
import { FIST_HOLDS } from '../dough/doughFindings.js';
import { DOUGH_FAMILIES } from '../families/families.js';
import { clamp } from '../numeric/clamp.js';
import { TAKE_OUT_COLOUR } from '../heat/colour.js';

/** What batches teach. */
export const LEARNT_KINDS = ['browning', 'golden', 'bursts', 'portions', 'hands', 'boil-off', 'fist'] as const;
export type LearntKind = (typeof LEARNT_KINDS)[number];

/** What one batch says of one figure. */
export interface Observation {
  readonly kind: LearntKind;
  /** Of what: a formula or family, a shape, a kind of hands-on work; empty where there is only one. */
  readonly key: string;
  /** A factor, a colour, a share; of what opens, the model's share. */
  readonly value: number;
  /** So many pieces, weighings or tests, and how many of them opened, or held; 1 and 0 elsewhere. */
  readonly of: number;
  readonly hits: number;
  /** ms since the epoch. */
  readonly atMs: number;
}

/** An observation weighs half after this, and after so many later ones. Source: docs/models/ledger.md. */
const HALF_LIFE_MS = 365 * 86_400_000;
const HALF_USES = 30;
/** What weighs less than this is forgotten, so that ten years of batches cost no more than the last hundreds. */
const FORGOTTEN = 0.004;
/** From the middle to either end of a range that holds eight times in ten, standard deviations. */
const EIGHT_IN_TEN = 1.2816;

/**
 * How such figures differ between kitchens, and how well one batch tells them: standard deviations,
 * of the logarithm for factors. Our own; see docs/models/ledger.md.
 */
export const LEARNT_SPREAD = {
  browning: { prior: 0.25, seen: 0.2, least: 0.4, most: 2.5 },
  golden: { prior: 0.15, seen: 0.18, least: 0.6, most: 1.35 },
  hands: { prior: 0.35, seen: 0.25, least: 0.3, most: 3 },
  'boil-off': { prior: 0.04, seen: 0.02, least: 0, most: 0.5 },
} as const;
/** Logarithm of the odds beside the model's. */
const BURSTS_SD = 0.9;
const BURSTS_GRID = { most: 4, step: 0.04 };
/** Rubbed fat from which a fist of flour holds as usual, how kitchens differ by it, and how sharp it is, shares of flour. */
const FIST = { usual: FIST_HOLDS / 100, prior: 0.025, sharp: 0.008, least: 0.1, most: 0.28, step: 0.001 };
/** Portions differ by this as usual, and that counts as so many weighings. */
export const USUAL_PORTIONS = 0.04;
const PORTIONS_WEIGH = 10;

interface Weighed extends Observation {
  readonly weight: number;
}

/** The newest first, each with what it still weighs. */
function weighed(some: readonly Observation[], nowMs: number): Weighed[] {
  return [...some]
    .sort((a, b) => b.atMs - a.atMs || a.value - b.value)
    .map((one, i) => ({
      ...one,
      weight: 0.5 ** (Math.max(0, nowMs - one.atMs) / HALF_LIFE_MS + i / HALF_USES),
    }))
    .filter(({ weight }, i) => i === 0 || weight >= FORGOTTEN);
}

/** A normal belief from normal sightings, in any order. */
function normal(usual: number, some: readonly Weighed[], kind: keyof typeof LEARNT_SPREAD, isLog: boolean): Belief {
  const { prior, seen, least, most } = LEARNT_SPREAD[kind];
  const to = (x: number) => (isLog ? Math.log(x) : x);
  const back = (x: number) => clamp(isLog ? Math.exp(x) : x, least, most);
  const precision = 1 / prior ** 2 + some.reduce((sum, { weight }) => sum + weight / seen ** 2, 0);
  const told = some.reduce((sum, { value, weight }) => sum + (weight * to(value)) / seen ** 2, 0);
  const mean = (to(usual) / prior ** 2 + told) / precision;
  const by = EIGHT_IN_TEN / Math.sqrt(precision);
  return { value: back(mean), low: back(mean - by), high: back(mean + by), usual, count: some.length };
}

/** A belief over a grid, from the logarithm of how likely each point of it is: mean, and the tenths on either side. */
function onGrid(grid: readonly number[], logs: readonly number[]): Pick<Belief, 'value' | 'low' | 'high'> {
  const top = Math.max(...logs);
  const heights = logs.map((log) => Math.exp(log - top));
  const whole = heights.reduce((sum, height) => sum + height, 0);
  const quantile = (q: number) => {
    let sum = 0;
    return grid[heights.findIndex((height) => (sum += height) >= q * whole)] ?? grid[grid.length - 1]!;
  };
  return {
    value: heights.reduce((sum, height, i) => sum + height * grid[i]!, 0) / whole,
    low: quantile(0.1),
    high: quantile(0.9),
  };
}
const gridOf = (least: number, most: number, step: number): readonly number[] =>
  Array.from({ length: Math.round((most - least) / step) + 1 }, (_, i) => least + i * step);

/** How much likelier pieces open than the model says: counts against its own share, so that one burst in a safe piece does not frighten. */
function bursts(some: readonly Weighed[]): Belief {
  const { most, step } = BURSTS_GRID;
  const grid = gridOf(-most, most, step);
  const logs = grid.map((shift) =>
    some.reduce(
      (sum, { value, of, hits, weight }) => {
        const share = clamp(value, 1e-6, 1 - 1e-6);
        const odds = Math.exp(Math.log(share / (1 - share)) + shift);
        const p = odds / (1 + odds);
        return sum + weight * (hits * Math.log(p) + (of - hits) * Math.log(1 - p));
      },
      -0.5 * (shift / BURSTS_SD) ** 2,
    ),
  );
  const { value, low, high } = onGrid(grid, logs);
  return { value: Math.exp(value), low: Math.exp(low), high: Math.exp(high), usual: 1, count: some.length };
}

/** The rubbed fat from which a fist holds: each test held or not, more surely the further it was from there. */
function fist(some: readonly Weighed[]): Belief {
  const { usual, prior, sharp, least, most, step } = FIST;
  const grid = gridOf(least, most, step);
  const logs = grid.map((from) =>
    some.reduce(
      (sum, { value, hits, weight }) => {
        const holds = 1 / (1 + Math.exp((from - value) / sharp));
        return sum + weight * Math.log(clamp(hits > 0 ? holds : 1 - holds, 1e-9, 1));
      },
      -0.5 * ((from - usual) / prior) ** 2,
    ),
  );
  return { ...onGrid(grid, logs), usual, count: some.length };
}

/** Quantile of a chi-square over its degrees of freedom. Source: Wilson and Hilferty's cube; see docs/models/ledger.md. */
const chiShare = (freedom: number, z: number): number =>
  (1 - 2 / (9 * freedom) + z * Math.sqrt(2 / (9 * freedom))) ** 3;

/** How portions differ: squares of sightings and of what is usual, by their weighings. */
function portions(some: readonly Weighed[]): Belief {
  const freedom = some.reduce((sum, { of, weight }) => sum + weight * Math.max(0, of - 1), PORTIONS_WEIGH);
  const squares = some.reduce(
    (sum, { value, of, weight }) => sum + weight * Math.max(0, of - 1) * value ** 2,
    PORTIONS_WEIGH * USUAL_PORTIONS ** 2,
  );
  const spread = Math.sqrt(squares / freedom);
  return {
    value: spread,
    usual: USUAL_PORTIONS,
    count: some.length,
    low: spread / Math.sqrt(chiShare(freedom, EIGHT_IN_TEN)),
    high: spread / Math.sqrt(chiShare(freedom, -EIGHT_IN_TEN)),
  };
}

/** Share of its liquid that boils off a dough, where nobody weighed it. @example usualBoilOff('on-heat') // 0.14 */
export function usualBoilOff(how: Scalding): number {
  const { boilOffShare, onHeat } = DOUGH_FAMILIES.find((family) => family.onHeat !== null)!;
  return how === 'on-heat' ? onHeat!.boilOffShare : boilOffShare;
}

/**
 * What a kitchen's batches teach together: each moves a belief, none alone decides, their order does
 * not matter, and what is old weighs less. Our own; see docs/models/ledger.md.
 *
 * @param nowMs ms since the epoch
 * @example learntFrom([], 0) // {}
 */
export function learntFrom(observations: readonly Observation[], nowMs: number): Learnt {
  const of = (kind: LearntKind) => observations.filter((one) => one.kind === kind);
  const byKey = <T>(kind: LearntKind, belief: (key: string, some: readonly Weighed[]) => T): Record<string, T> => {
    const all = of(kind);
    const keys = [...new Set(all.map(({ key }) => key))].sort();
    return Object.fromEntries(
      keys.map(
        (key) =>
          [
            key,
            belief(
              key,
              weighed(
                all.filter((one) => one.key === key),
                nowMs,
              ),
            ),
          ] as const,
      ),
    );
  };
  const [golden, spread, fists] = [of('golden'), of('portions'), of('fist')];
  const isHand = (key: string): key is HandWork => HAND_WORKS.some((work) => work === key);
  const browning = byKey('browning', (_, some) => normal(1, some, 'browning', true));
  const burst = byKey('bursts', (_, some) => bursts(some));
  const hands = Object.fromEntries(
    Object.entries(byKey('hands', (_, some) => normal(1, some, 'hands', true))).filter(([key]) => isHand(key)),
  );
  const boilOff = byKey('boil-off', (key, some) => normal(usualBoilOff(key as Scalding), some, 'boil-off', false));
  const isAny = (one: object) => Object.keys(one).length > 0;
  return {
    ...(isAny(browning) && { browning }),
    ...(golden.length > 0 && { golden: normal(TAKE_OUT_COLOUR, weighed(golden, nowMs), 'golden', false) }),
    ...(isAny(burst) && { bursts: burst }),
    ...(spread.length > 0 && { portions: portions(weighed(spread, nowMs)) }),
    ...(fists.length > 0 && { fist: fist(weighed(fists, nowMs)) }),
    ...(isAny(hands) && { hands }),
    ...(isAny(boilOff) && { boilOff }),
  };
}
