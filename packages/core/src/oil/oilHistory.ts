import { RANGES } from '../draft/ranges.js';
import { type OilAdvice, type OilCarries, type OilReason } from '../draft/kitchen.js';
import { requireIn, requireWithin } from '../errors.js';
import { containedIn } from '../ingredient/formula.js';
import { type Pantry, SHIPPED_PANTRY } from '../ingredient/pantry.js';
import { OIL_KG_PER_M3_AT_20 } from './pot.js';

/** Oil that is kept and fried in again. */
export interface Oil {
  readonly id: string;
  readonly name: string;
  readonly ingredientId: string;
  /** Smoke point when fresh, °C, 160–280. */
  readonly smokeC: number;
}

/** What a look, a sniff and a heating tell of used oil. */
export interface OilSigns {
  readonly dark: boolean;
  readonly foams: boolean;
  readonly smokesEarly: boolean;
  readonly rank: boolean;
}

/** What happens to oil, in order. `at`: ms since the epoch. */
export type OilEvent = { readonly id: string; readonly at: number } & (
  | { readonly kind: 'filled' | 'topped-up'; readonly m3: number }
  | ({
      readonly kind: 'fried';
      readonly batchName: string;
      /** From the first piece in to the last piece out, s, and how hot it was, °C. */
      readonly hotS: number;
      readonly meanC: number;
      /** Taken up by the pieces, m³. */
      readonly takenM3: number;
      /** Dry coatings leave crumbs. */
      readonly crumbs: boolean;
    } & OilCarries)
  | { readonly kind: 'strained' }
  | ({ readonly kind: 'judged' } & OilSigns)
  | { readonly kind: 'poured-away' }
);

/** One oil as it is now. */
export interface OilState extends OilCarries {
  readonly volumeM3: number;
  readonly uses: number;
  readonly ageDays: number;
  /** Hours at 170 °C that would have worn it as much. */
  readonly wornH: number;
  /** Smoke point now, °C. */
  readonly smokeC: number;
  readonly sinceStrained: number;
  readonly cost: { readonly filled: number; readonly perUse: number | null };
  readonly advice: OilAdvice;
  readonly reasons: readonly OilReason[];
  readonly isGone: boolean;
}

/** Wear doubles each 12 K, as frying chemistry about does. Working values here and below, our own; see docs/models/frying.md. */
const DOUBLES_K = 12;
const REFERENCE_C = 170;
/** Smoke point falls by this for each worn hour, and for each use with crumbs left in, K. */
const SMOKE_PER_H = 3;
const SMOKE_PER_CRUMBS = 2;
const LIMITS = { wornH: 8, uses: 8, ageDays: 180, smokeC: 190, littleM3: 0.0003 } as const;
/** From this share of a limit on, the next use is the last. */
const NEARLY = 0.8;
const DAY_MS = 86_400_000;
const LEAST_SMOKE_C = 140;
interface Tally {
  volumeM3: number;
  filledM3: number;
  uses: number;
  wornH: number;
  crumbUses: number;
  crumbsIn: boolean;
  sinceStrained: number;
  from: number | null;
  signs: OilSigns | null;
  carries: OilCarries;
  isGone: boolean;
}

function apply(tally: Tally, event: OilEvent): void {
  switch (event.kind) {
    case 'filled':
    case 'topped-up': {
      requireWithin(event.m3, 1e-6, 0.05, 'm3');
      const whole = tally.volumeM3 + event.m3;
      // Fresh oil dilutes what has worn; what was fried in it stays in it.
      tally.wornH *= tally.volumeM3 / whole;
      tally.volumeM3 = whole;
      tally.filledM3 += event.m3;
      tally.from ??= event.at;
      return;
    }
    case 'fried':
      tally.uses += 1;
      tally.sinceStrained += 1;
      tally.wornH += (event.hotS / 3600) * 2 ** ((event.meanC - REFERENCE_C) / DOUBLES_K);
      tally.volumeM3 = Math.max(0, tally.volumeM3 - event.takenM3);
      if (event.crumbs) tally.crumbsIn = true;
      if (tally.crumbsIn) tally.crumbUses += 1;
      tally.carries = containedIn([tally.carries, event]);
      return;
    case 'strained':
      tally.sinceStrained = 0;
      tally.crumbsIn = false;
      return;
    case 'judged':
      tally.signs = event;
      return;
    case 'poured-away':
      tally.isGone = true;
      return;
    default: {
      const never: never = event;
      return never;
    }
  }
}

/**
 * Age, wear, smoke point and what it carries, from everything that happened to an oil; and
 * whether to strain it, to use it once more, or to throw it away. A sign seen by the cook
 * (dark, foaming, smoking early, rank) always means throwing away.
 *
 * @param events in any order; each counts once
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE, UNKNOWN_NAME
 * @example oilState({ id: 'o', name: 'Oil', ingredientId: 'sunflower-oil', smokeC: 225 }, [], 0).isGone // false
 */
export function oilState(
  oil: Oil,
  events: readonly OilEvent[],
  nowMs: number,
  pantry: Pantry = SHIPPED_PANTRY,
): OilState {
  requireIn(oil.smokeC, RANGES.pot.smokeC, 'smokeC');
  const made = pantry.find(oil.ingredientId, 'ingredientId');
  const tally: Tally = {
    volumeM3: 0,
    filledM3: 0,
    uses: 0,
    wornH: 0,
    crumbUses: 0,
    crumbsIn: false,
    sinceStrained: 0,
    from: null,
    signs: null,
    isGone: false,
    carries: containedIn([made]),
  };
  const once = new Map(events.map((event) => [event.id, event]));
  [...once.values()].sort((a, b) => a.at - b.at).forEach((event) => apply(tally, event));
  const ageDays = tally.from === null ? 0 : Math.max(0, (nowMs - tally.from) / DAY_MS);
  const fallen = oil.smokeC - SMOKE_PER_H * tally.wornH - SMOKE_PER_CRUMBS * tally.crumbUses;
  const smokeC = Math.max(LEAST_SMOKE_C, fallen);
  const judged = adviceOf(tally, ageDays, smokeC, oil.smokeC);
  const filled = tally.filledM3 * OIL_KG_PER_M3_AT_20 * made.pricePerKg;
  return {
    volumeM3: tally.volumeM3,
    uses: tally.uses,
    ageDays,
    wornH: tally.wornH,
    smokeC,
    sinceStrained: tally.sinceStrained,
    ...tally.carries,
    cost: { filled, perUse: tally.uses > 0 ? filled / tally.uses : null },
    ...judged,
    isGone: tally.isGone,
  };
}

function adviceOf(
  tally: Tally,
  ageDays: number,
  smokeC: number,
  freshC: number,
): { advice: OilAdvice; reasons: OilReason[] } {
  const { signs } = tally;
  const seen: OilReason[] = signs
    ? [
        ...(signs.dark ? (['dark'] as const) : []),
        ...(signs.foams ? (['foams'] as const) : []),
        ...(signs.smokesEarly ? (['smokes-early'] as const) : []),
        ...(signs.rank ? (['rank'] as const) : []),
      ]
    : [];
  // A fat that was never far over the limit is judged by how far it has fallen.
  const smokeLimit = Math.min(LIMITS.smokeC, freshC - 12);
  const over = (share: number): OilReason[] => [
    ...(tally.wornH >= share * LIMITS.wornH ? (['hours'] as const) : []),
    ...(tally.uses >= share * LIMITS.uses ? (['uses'] as const) : []),
    ...(ageDays >= share * LIMITS.ageDays ? (['age'] as const) : []),
    ...(smokeC <= smokeLimit + (1 - share) * 20 ? (['smoke-low'] as const) : []),
  ];
  const past = [...seen, ...over(1)];
  if (past.length > 0) return { advice: 'discard', reasons: past };
  const nearly = over(NEARLY);
  if (nearly.length > 0) return { advice: 'last-time', reasons: nearly };
  if (tally.crumbsIn) return { advice: 'strain', reasons: ['crumbs'] };
  if (tally.sinceStrained >= 2) return { advice: 'strain', reasons: ['unstrained'] };
  const little = tally.filledM3 > 0 && tally.volumeM3 < LIMITS.littleM3;
  return { advice: 'good', reasons: little ? ['little'] : [] };
}
