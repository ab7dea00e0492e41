import type { BatchDraft } from './batchDraft.js';
import type { Guests, Kitchen } from './kitchen.js';

/** A moment at which a supper's food is on the table. */
export interface Serving {
  readonly id: string;
  /** ISO 8601, UTC. */
  readonly at: string;
}

/** Somebody who cooks that day. */
export interface SupperCook {
  readonly id: string;
  readonly name: string;
  /** ISO 8601, UTC; absent: there from the start, to the end. */
  readonly from?: string;
  readonly to?: string;
  /** Keeps away from hot oil; absent: does everything. */
  readonly noOil?: true;
}

/** What the cook settled of one task of the day plan; the rest is planned around it. */
export interface DayPin {
  /** It begins then, ISO 8601, UTC. */
  readonly at?: string;
  /** Who does it: id of a cook. */
  readonly cook?: string;
}

/** People who eat together: when, who, and how much. Its batches name it. Plain JSON. */
export interface Supper {
  readonly name: string;
  /** 1–6, in no order. */
  readonly servings: readonly Serving[];
  /** Pieces each guest is to have, 1–20. */
  readonly each: number;
  /** Up to 60 groups of people alike; none: nobody was said yet. */
  readonly guests: readonly Guests[];
  /** Up to 6 by name; absent: as many as the kitchen has hands, without names. */
  readonly cooks?: readonly SupperCook[];
  /** By task of the day plan; absent: nothing is settled. */
  readonly pins?: Readonly<Record<string, DayPin>>;
}

/**
 * People in all groups.
 * @example headsOf([{ id: 'a', name: 'Neighbours', count: 20, eats: 'anything', allergies: [] }]) // 20
 */
export function headsOf(guests: readonly Pick<Guests, 'count'>[]): number {
  return guests.reduce((sum, { count }) => sum + count, 0);
}

/**
 * Servings, soonest first.
 * @example servingsOf({ servings: [{ id: 'a', at: '2030-01-05T18:30:00Z' }] }).length // 1
 */
export function servingsOf({ servings }: Pick<Supper, 'servings'>): readonly Serving[] {
  return [...servings].sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
}

/**
 * The kitchen with a supper's guests at the table; without a supper, those who usually eat there.
 * @example kitchenAtSupper(kitchen, { guests: [] }).guests.length // 0
 */
export function kitchenAtSupper(kitchen: Kitchen, supper: Pick<Supper, 'guests'> | null): Kitchen {
  return supper ? { ...kitchen, guests: supper.guests } : kitchen;
}

/**
 * A batch after its supper was changed: what was for a serving goes with that serving, to the same
 * one at its new time; a serving that is gone hands its batches to the first. A batch with a time of
 * its own keeps it.
 *
 * @returns the same batch where nothing of it changes
 * @example movedWith(batch, { servings: [] }, { servings: [] }).supper // undefined
 */
export function movedWith(
  batch: BatchDraft,
  before: Pick<Supper, 'servings'>,
  after: Pick<Supper, 'servings'>,
): BatchDraft {
  const isThen = ({ at }: Serving) => Date.parse(at) === Date.parse(batch.eatAt);
  const was = before.servings.find(isThen);
  if (!was || after.servings.some((one) => one.id === was.id && isThen(one))) return batch;
  const next = after.servings.find(({ id }) => id === was.id) ?? servingsOf(after)[0];
  return !next || isThen(next) ? batch : { ...batch, eatAt: next.at };
}

/**
 * A batch that joins a supper, leaves it, or goes to another serving of it.
 * @param eatAt the serving's moment; absent: the supper's first
 * @example withSupper(batch, null, null).supper // undefined
 */
export function withSupper(
  batch: BatchDraft,
  id: string | null,
  supper: Pick<Supper, 'servings'> | null,
  eatAt?: string,
): BatchDraft {
  const { supper: _before, ...rest } = batch;
  if (id === null || !supper) return rest;
  return { ...rest, supper: id, eatAt: eatAt ?? servingsOf(supper)[0]?.at ?? batch.eatAt };
}

/** A supper is planned, shopped for and shown as coming until this long after its last meal, ms. Our own. */
export const SUPPER_OVER_MS = 86_400_000;

/**
 * Whether a supper is over: its last meal, and that of every batch of it, was more than a day ago.
 *
 * @param batches those of it that are still to be made
 * @param nowMs ms since the epoch
 * @example isSupperOver({ servings: [{ id: 'a', at: '2030-01-05T18:30:00Z' }] }, [], Date.parse('2030-01-07T00:00:00Z')) // true
 */
export function isSupperOver(
  { servings }: Pick<Supper, 'servings'>,
  batches: readonly Pick<BatchDraft, 'eatAt'>[],
  nowMs: number,
): boolean {
  const moments = [...servings.map(({ at }) => at), ...batches.map(({ eatAt }) => eatAt)];
  return moments.every((at) => Date.parse(at) + SUPPER_OVER_MS < nowMs);
}
