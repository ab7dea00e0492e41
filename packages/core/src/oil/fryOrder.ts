import type { OilCarries } from '../draft/kitchen.js';
import { type Guests } from '../draft/kitchen.js';
import { containedIn, DIETS } from '../ingredient/formula.js';
import type { Allergen, Ingredient } from '../ingredient/ingredient.js';

/** A batch that is fried that day. */
export interface FryJob extends OilCarries {
  readonly id: string;
  readonly name: string;
  readonly oilC: number;
  /** first piece in to the last piece out, s. */
  readonly totalS: number;
  /** Oil that its pieces carry away, m³. */
  readonly takenM3: number;
  /** Some of it smells or tastes strongly, and leaves that in the oil; absent: nothing does. */
  readonly strong?: boolean;
}

/** Why some guests should not have a batch: it is in the batch, or only in the oil it was fried in. */
export interface NotFor {
  readonly guestId: string;
  readonly why: 'contains' | 'oil-allergen' | 'diet' | 'oil-diet';
  readonly allergens: readonly Allergen[];
}

/** One batch in its place. */
export interface FryPlace {
  readonly job: FryJob;
  /** What the oil carries when it goes in. */
  readonly oil: OilCarries;
  readonly notFor: readonly NotFor[];
  /** Oil is brought from the batch before to this one, s; cooling is slow. */
  readonly changeS: number;
}

export interface FryOrder {
  readonly places: readonly FryPlace[];
  readonly totalS: number;
  /** Guests with an allergy for whom shared oil spoils a batch that does not itself contain it. */
  readonly ownOilFor: readonly { readonly guestId: string; readonly jobIds: readonly string[] }[];
}

const EATS: Record<Guests['eats'], readonly Ingredient['diet'][]> = {
  // What nobody has looked up suits only those who eat everything.
  anything: ['vegan', 'vegetarian', 'fish', 'meat', 'unknown'],
  'no-fish': ['vegan', 'vegetarian', 'meat'],
  'no-meat': ['vegan', 'vegetarian', 'fish'],
  vegetarian: ['vegan', 'vegetarian'],
  vegan: ['vegan'],
};
/** As many batches as are tried in every order; 5040 orders. */
const MOST_TRIED = 7;

/** @param allergens of what is asked about */
function fits(guests: Guests, { diet, allergens }: OilCarries): boolean {
  // A dish with meat may have fish in it too: its allergens say so.
  if (guests.eats === 'no-fish' && allergens.includes('fish')) return false;
  return EATS[guests.eats].includes(diet);
}

/**
 * Guests who should not have something, with the first reason: it holds what they are allergic to,
 * the oil does, they do not eat it, or do not eat what was in the oil.
 * @example notFor([], jobs[0], { allergens: [], diet: 'vegan' }).length // 0
 */
export function notFor(guests: readonly Guests[], job: OilCarries, oil: OilCarries): NotFor[] {
  return guests.flatMap((one): NotFor[] => {
    const own = one.allergies.filter((a) => job.allergens.includes(a));
    if (own.length > 0) return [{ guestId: one.id, why: 'contains', allergens: own }];
    const carried = one.allergies.filter((a) => oil.allergens.includes(a));
    if (carried.length > 0) return [{ guestId: one.id, why: 'oil-allergen', allergens: carried }];
    if (!fits(one, job)) return [{ guestId: one.id, why: 'diet', allergens: [] }];
    if (!fits(one, oil)) return [{ guestId: one.id, why: 'oil-diet', allergens: [] }];
    return [];
  });
}

/** Plain and vegetarian first, then fish, then meat; what is strong, or a declared allergen, after all of them. Source: docs/models/practice.md. */
function rankOf(job: FryJob, declared: ReadonlySet<Allergen>): number {
  if (job.allergens.some((a) => declared.has(a))) return 5;
  if (job.strong === true) return 4;
  return Math.max(1, DIETS.indexOf(job.diet));
}

/** Lexicographic: allergies, diets, rank, time. */
type Cost = readonly [number, number, number, number];

const isLess = (a: Cost, b: Cost): boolean => {
  for (let i = 0; i < a.length; i++) if (Math.abs(a[i]! - b[i]!) > 1e-9) return a[i]! < b[i]!;
  return false;
};

interface Asked {
  readonly guests: readonly Guests[];
  readonly declared: ReadonlySet<Allergen>;
  readonly oil: OilCarries;
  readonly fromC: number | null;
  readonly changeS: (fromC: number | null, toC: number) => number;
}

function placed(jobs: readonly FryJob[], { guests, oil, fromC, changeS }: Asked): FryPlace[] {
  let carries = oil;
  let before = fromC;
  return jobs.map((job) => {
    const place = { job, oil: carries, notFor: notFor(guests, job, carries), changeS: changeS(before, job.oilC) };
    carries = containedIn([carries, job]);
    before = job.oilC;
    return place;
  });
}

function costOf(places: readonly FryPlace[], { guests, declared }: Asked): Cost {
  const heads = (why: NotFor['why']) =>
    places.reduce(
      (sum, place) =>
        sum +
        place.notFor
          .filter((one) => one.why === why)
          .reduce((n, one) => n + guests.find((guest) => guest.id === one.guestId)!.count, 0),
      0,
    );
  const ranks = places.map((place) => rankOf(place.job, declared));
  let inversions = 0;
  for (let i = 0; i < ranks.length; i++) for (let j = 0; j < i; j++) if (ranks[j]! > ranks[i]!) inversions += 1;
  // The hard rule: nothing without a declared allergen is ever fried after something with it.
  const hard = ranks.filter((rank, i) => rank < 4 && ranks.slice(0, i).includes(4)).length;
  const timeS = places.reduce((sum, place) => sum + place.changeS, 0);
  return [1000 * hard + heads('oil-allergen'), heads('oil-diet'), inversions, timeS];
}

function* orders(jobs: readonly FryJob[]): Generator<readonly FryJob[]> {
  if (jobs.length <= 1) {
    yield jobs;
    return;
  }
  for (const [i, first] of jobs.entries()) {
    for (const rest of orders([...jobs.slice(0, i), ...jobs.slice(i + 1)])) yield [first, ...rest];
  }
}

/**
 * The order in which the batches of one day share one oil: declared allergies first and hard,
 * then diets, then plain → vegetarian → fish → meat, then the least waiting for the oil. All
 * orders are tried for up to seven batches; more are sorted by rank and temperature.
 * Source: docs/models/practice.md.
 *
 * @param oil what the oil carries already
 * @param changeS s to bring the oil from one temperature to another; from `null`: from cold
 * @param fromC what the oil has now, °C; `null`: it is cold
 */
export function fryOrder(
  jobs: readonly FryJob[],
  guests: readonly Guests[],
  oil: OilCarries,
  changeS: (fromC: number | null, toC: number) => number,
  fromC: number | null = null,
): FryOrder {
  const declared = new Set(guests.flatMap((one) => one.allergies));
  const known = new Map<string, number>();
  const changeOnceS = (fromC: number | null, toC: number) => {
    const key = `${fromC} ${toC}`;
    const found = known.get(key) ?? changeS(fromC, toC);
    known.set(key, found);
    return found;
  };
  const asked: Asked = { guests, declared, oil, fromC, changeS: changeOnceS };
  const rank = (job: FryJob) => rankOf(job, declared);
  const sorted = [...jobs].sort((a, b) => rank(a) - rank(b) || a.oilC - b.oilC);
  let best = placed(sorted, asked);
  if (jobs.length <= MOST_TRIED) {
    let least = costOf(best, asked);
    for (const order of orders(sorted)) {
      const places = placed(order, asked);
      const cost = costOf(places, asked);
      if (isLess(cost, least)) [best, least] = [places, cost];
    }
  }
  const spoiled = (id: string) =>
    best.filter((p) => p.notFor.some((n) => n.guestId === id && n.why === 'oil-allergen')).map((p) => p.job.id);
  return {
    places: best,
    totalS: best.reduce((sum, place) => sum + place.changeS + place.job.totalS, 0),
    ownOilFor: guests.flatMap((one) => {
      const jobIds = spoiled(one.id);
      return jobIds.length > 0 ? [{ guestId: one.id, jobIds }] : [];
    }),
  };
}
