import { type DayProblem, type DayStay, ROOM_COST } from './dayTask.js';
import type { TimingArc } from './timing.js';

/** Number of a task, or `null` for the zero moment, with the s after it. */
interface Place {
  readonly task: number | null;
  readonly atS: number;
}

/** A stay by the numbers of its tasks. */
interface Stay extends Omit<DayStay, 'from' | 'to'> {
  readonly from: Place;
  readonly to: Place;
}

/** One resolution of a room that is too full. Named, so that it is tried once on a path. */
export interface RoomWay {
  readonly name: string;
  readonly arc: TimingArc;
}

/** What lies in a room at moments that are given. */
interface Lying {
  readonly index: number;
  readonly stay: Stay;
  readonly fromS: number;
  readonly toS: number;
}

/** What a day plan keeps in rooms that hold only so much. */
export interface RoomStays {
  /** Ways out of the last moment at which a room is too full and no way of it is taken yet; empty: there is none. */
  readonly waysAt: (starts: readonly number[], isTaken: (name: string) => boolean) => readonly RoomWay[];
  /** Some moment had too many stays for every set of them to be looked at: a room may be too full with nothing said. */
  readonly hasGivenUp: () => boolean;
  /** Most places taken at one time, by room; a room that is never used is absent. */
  readonly mostAt: (starts: readonly number[]) => Readonly<Record<string, number>>;
}

/**
 * Fridge, freezer and dishes: rooms that hold only so much at a time. Where more lies in one than it
 * holds, two of what lies there are put one after the other, or one of them is used before it needs
 * the room. Each resolution may be broken at a price, so that no day plan is impossible for a full
 * fridge. Our own; see docs/models/supper-plan.md.
 *
 * @example roomStays({ tasks: [], stays: [], rooms: {} }).mostAt([]) // {}
 */
export function roomStays({ tasks, stays = [], rooms = {} }: Partial<DayProblem>): RoomStays {
  const numbers = new Map((tasks ?? []).map(({ id }, i) => [id, i]));
  const placeOf = ({ task, atS }: DayStay['from']): Place => ({
    task: task === null ? null : numbers.get(task)!,
    atS,
  });
  const all = stays.map((stay): Stay => ({ ...stay, from: placeOf(stay.from), to: placeOf(stay.to) }));
  const momentOf = ({ task, atS }: Place, starts: readonly number[]) => (task === null ? 0 : starts[task]!) + atS;
  /** All that needs its room, as long as it lies there. */
  const lyingAt = (starts: readonly number[]): Lying[] =>
    all.flatMap((stay, index) => {
      const [fromS, toS] = [momentOf(stay.from, starts), momentOf(stay.to, starts)];
      return toS - fromS > stay.freeS ? [{ index, stay, fromS, toS }] : [];
    });
  const together = (lying: readonly Lying[], room: string, atS: number) =>
    lying.filter(({ stay, fromS, toS }) => stay.room === room && fromS <= atS && toS > atS);

  let gaveUp = false;
  return {
    hasGivenUp: () => gaveUp,
    waysAt: (starts, isTaken) => {
      const lying = lyingAt(starts).sort((a, b) => b.fromS - a.fromS || a.index - b.index);
      for (const { stay, fromS } of lying) {
        const holds = rooms[stay.room];
        const there = together(lying, stay.room, fromS);
        if (holds === undefined || sum(there) <= holds) continue;
        // As few of them as are too much already. What a way is taken for already is held apart as well as can be.
        const some = tooMany(there, holds, isTaken);
        if (some === 'unknown') gaveUp = true;
        else if (some) return waysOf(some);
      }
      return [];
    },
    mostAt: (starts) => {
      const lying = lyingAt(starts);
      const most: Record<string, number> = {};
      for (const { stay, fromS } of lying)
        most[stay.room] = Math.max(most[stay.room] ?? 0, sum(together(lying, stay.room, fromS)));
      return most;
    },
  };
}

/** Sets looked at for one moment; a room of eight with twenty stays has thousands of them. */
const MOST_SETS = 5000;

/**
 * The first few that do not fit in together and have no resolution yet.
 * @returns `null`: there are none; `'unknown'`: more sets would have to be looked at than `MOST_SETS`
 */
function tooMany(
  there: readonly Lying[],
  holds: number,
  isTaken: (name: string) => boolean,
): readonly Lying[] | 'unknown' | null {
  let left = MOST_SETS;
  const isOpen = (one: Lying) => waysOf([one]).every(({ name }) => !isTaken(name));
  const areOpen = (a: Lying, b: Lying) => !isTaken(inOrder(a, b).name) && !isTaken(inOrder(b, a).name);
  const look = (some: readonly Lying[], others: readonly Lying[]): readonly Lying[] | 'unknown' | null => {
    if (left-- <= 0) return 'unknown';
    if (sum(some) > holds) return waysOf(some).length > 0 ? some : null;
    for (const [i, one] of others.entries()) {
      // Even all of the rest together would fit in.
      if (sum(some) + sum(others.slice(i)) <= holds) return null;
      const found = look(
        [...some, one],
        others.slice(i + 1).filter((other) => areOpen(one, other)),
      );
      if (found) return found;
    }
    return null;
  };
  return look([], there.filter(isOpen));
}

/** Every resolution for what does not fit in together; what comes and goes with one task is not moved apart. */
const waysOf = (some: readonly Lying[]): RoomWay[] =>
  [...some.map(shortened), ...pairs(some).flatMap(([a, b]) => [inOrder(a, b), inOrder(b, a)])].filter(
    ({ arc }) => arc.from !== arc.to,
  );

const sum = (some: readonly Lying[]): number => some.reduce((places, { stay }) => places + stay.places, 0);
const pairs = <T>(some: readonly T[]): [T, T][] => some.flatMap((a, i) => some.slice(i + 1).map((b): [T, T] => [a, b]));

const arcOf = (from: Place, to: Place, leastS: number): TimingArc => ({
  from: from.task,
  to: to.task,
  leastS: leastS + from.atS - to.atS,
  weight: ROOM_COST,
});

/** One is gone before the other comes. */
function inOrder(first: Lying, second: Lying): RoomWay {
  return { name: `${first.index}<${second.index}`, arc: arcOf(first.stay.to, second.stay.from, 0) };
}

/** It is used before it needs the room; where it always does, at once. */
const shortened = ({ index, stay }: Lying): RoomWay => ({
  name: `${index}`,
  arc: arcOf(stay.to, stay.from, -stay.freeS),
});
