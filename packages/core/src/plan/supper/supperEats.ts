import type { BatchDraft } from '../../draft/batchDraft.js';
import { type TrayMark } from '../../draft/draft.js';
import type { Guests, Kitchen, OilCarries } from '../../draft/kitchen.js';
import { headsOf } from '../../draft/supper.js';
import { containedIn } from '../../ingredient/formula.js';
import { type FryJob, type FryPlace, notFor, type NotFor } from '../../oil/fryOrder.js';
import type { PlannedTray } from '../batch/planBatch.js';
import { FRESH_OIL, fryJobFrom, supperOrder } from './supper.js';

/** A tray that is eaten at a supper. */
export interface Dish extends OilCarries {
  readonly batchId: string;
  readonly mark: TrayMark;
  readonly name: string;
  readonly pieces: number;
  /** It goes through the oil, and takes what is in it. */
  readonly isFried: boolean;
}

/** What of a kitchen the order at one pot needs. */
type AtPot = Pick<Kitchen, 'pot' | 'roomC' | 'potOil' | 'potName'>;

/** A batch as its supper sees it. */
export interface SupperPart {
  readonly batchId: string;
  readonly dishes: readonly Dish[];
  /** `null`: none of it is fried, or it cannot be fried as planned. */
  readonly job: FryJob | null;
  readonly kitchen: AtPot;
}

/** What one group of guests finds on the table. */
export interface GroupEats {
  readonly guestId: string;
  readonly heads: number;
  /** What they should keep off, and why. */
  readonly keepOff: readonly { readonly batchId: string; readonly mark: TrayMark; readonly why: NotFor['why'] }[];
  /** Pieces each of them can have, where all are served fairly; at most as many as were asked for. */
  readonly each: number;
}

/** Whether there is something for everyone. */
export interface SupperEats {
  readonly heads: number;
  readonly pieces: number;
  /** People who get at least one piece they may have. */
  readonly fed: number;
  /** People who get as many as were asked for. */
  readonly full: number;
  readonly groups: readonly GroupEats[];
  /** Batches that cannot be fried as they are planned: nobody can count on them. */
  readonly unsure: readonly string[];
}

/**
 * A planned batch as its supper sees it: what of it is eaten then, and what it is at the pot.
 * @param kitchen at the pot it is fried in
 * @example supperPart('a', batch, trays, kitchen).dishes[0].pieces // 24
 */
export function supperPart(
  batchId: string,
  batch: BatchDraft,
  planned: readonly PlannedTray[],
  kitchen: Kitchen,
): SupperPart {
  const { pot, roomC, potOil, potName } = kitchen;
  const eaten = planned.filter(({ draft: { way = 'fry' } }) => way !== 'freeze' && way !== 'chill');
  return {
    batchId,
    dishes: eaten.map(({ draft, plan }) => ({
      batchId,
      mark: draft.mark ?? 'A',
      pieces: draft.pieces,
      isFried: (draft.way ?? 'fry') === 'fry',
      name: planned.length > 1 ? `${batch.name}, ${draft.label ?? draft.mark}` : batch.name,
      allergens: plan.contains.allergens,
      diet: plan.contains.diet,
    })),
    job: fryJobFrom(batchId, batch, planned),
    kitchen: { pot, roomC, ...(potOil && { potOil }), ...(potName !== undefined && { potName }) },
  };
}

/**
 * A supper's batches in the order in which they go into the oil, pot after pot.
 * @example supperPlaces([supperPart('a', batch, trays, kitchen)], []).length // 1
 */
export function supperPlaces(parts: readonly SupperPart[], guests: readonly Guests[]): readonly FryPlace[] {
  const pots = [...new Set(parts.map(({ kitchen }) => kitchen.potName))];
  return pots.flatMap((name) => {
    const here = parts.filter(({ kitchen }) => kitchen.potName === name);
    const jobs = here.flatMap(({ job }) => job ?? []);
    return jobs.length === 0 ? [] : supperOrder(jobs, { ...here[0]!.kitchen, guests }).places;
  });
}

/** Pieces that are handed out: by group and dish, and what is left of each dish. */
interface Handed {
  readonly may: readonly (readonly number[])[];
  readonly given: readonly number[][];
  readonly left: number[];
}

/**
 * Up to `most` more pieces for a group: of what is left, or one that another group has and can change
 * for something else. Nobody gets less by it.
 * @param asked dishes that were looked at on the way
 */
function take(group: number, most: number, handed: Handed, asked = new Set<number>()): number {
  const { may, given, left } = handed;
  const free = may[group]!.find((dish) => left[dish]! > 0);
  if (free !== undefined) {
    const pieces = Math.min(most, left[free]!);
    left[free]! -= pieces;
    given[group]![free]! += pieces;
    return pieces;
  }
  for (const dish of may[group]!) {
    if (asked.has(dish)) continue;
    asked.add(dish);
    const other = given.findIndex((of, i) => i !== group && of[dish]! > 0 && take(i, 1, handed, asked) === 1);
    if (other < 0) continue;
    given[other]![dish]! -= 1;
    given[group]![dish]! += 1;
    return 1;
  }
  return 0;
}

/** Pieces each group gets: everyone one, then everyone a second; those who may have least choose first. */
function shareOut(
  heads: readonly number[],
  may: readonly (readonly number[])[],
  pieces: readonly number[],
  each: number,
) {
  const handed: Handed = { may, left: [...pieces], given: heads.map(() => pieces.map(() => 0)) };
  const order = heads.map((_, i) => i).sort((a, b) => may[a]!.length - may[b]!.length);
  const got = heads.map(() => 0);
  for (let round = 1; round <= each; round++) {
    for (const group of order) {
      while (got[group]! < round * heads[group]!) {
        const pieces = take(group, round * heads[group]! - got[group]!, handed);
        if (pieces === 0) break;
        got[group]! += pieces;
      }
    }
  }
  return got;
}

/**
 * Whether everyone at a supper has something to eat. Allergies, diets and what the shared oil carries
 * decide who may have what; pieces are then shared out so that nobody has a second one before
 * everyone who can has a first.
 *
 * @param each pieces asked for each guest, 1–20
 * @example supperEats([supperPart('a', batch, trays, kitchen)], [{ id: 'g', name: 'Guests', count: 4, eats: 'anything', allergies: [] }], 3).fed // 4
 */
export function supperEats(parts: readonly SupperPart[], guests: readonly Guests[], each: number): SupperEats {
  const oils = new Map(supperPlaces(parts, guests).map(({ job, oil }) => [job.id, oil]));
  const dishes = parts.flatMap(({ dishes: all, job }) => all.filter(({ isFried }) => !isFried || job !== null));
  const barred = dishes.map((dish) => {
    const part = parts.find(({ batchId }) => batchId === dish.batchId)!;
    const before = (dish.isFried && oils.get(dish.batchId)) || FRESH_OIL;
    // Trays of one batch share its oil, in whatever order they go in: each takes on what the others leave.
    const isShared = dish.isFried && part.dishes.filter(({ isFried }) => isFried).length > 1;
    return notFor(guests, dish, isShared && part.job ? containedIn([before, part.job]) : before);
  });
  const whyNot = (guestId: string, dish: number) => barred[dish]!.find((one) => one.guestId === guestId)?.why;
  const may = guests.map(({ id }) => dishes.flatMap((_, dish) => (whyNot(id, dish) === undefined ? [dish] : [])));
  const pieces = dishes.map((dish) => dish.pieces);
  const heads = guests.map(({ count }) => count);
  const got = shareOut(heads, may, pieces, each);
  const sum = (all: readonly number[]) => all.reduce((total, one) => total + one, 0);
  return {
    heads: headsOf(guests),
    pieces: sum(pieces),
    fed: sum(got.map((of, i) => Math.min(of, heads[i]!))),
    full: sum(got.map((of) => Math.floor(of / each))),
    groups: guests.map(({ id, count }, i) => ({
      guestId: id,
      heads: count,
      keepOff: dishes.flatMap(({ batchId, mark }, dish) => {
        const why = whyNot(id, dish);
        return why === undefined ? [] : [{ batchId, mark, why }];
      }),
      each: got[i]! / count,
    })),
    unsure: parts
      .filter(({ dishes: all, job }) => job === null && all.some(({ isFried }) => isFried))
      .map((one) => one.batchId),
  };
}
