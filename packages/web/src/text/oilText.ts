import type { FryPlace, Guests, NotFor, OilAdvice, OilEvent, OilReason, OilSigns, OilState } from '@ember-fold/core';
import { plain, type Printer } from './printer';
import { ALLERGEN_NAME } from './words';

/** Wording of oils, guests and the order of a supper. */
const ADVICE_NAME: Record<OilAdvice, string> = {
  good: 'Good to fry in',
  strain: 'Strain it first',
  'last-time': 'Good for once more',
  discard: 'Pour it away',
};
const REASON: Record<OilReason, string> = {
  dark: 'it is dark',
  foams: 'it foams',
  'smokes-early': 'it smokes early',
  rank: 'it smells rank',
  hours: 'it was hot for many hours',
  uses: 'it was used often',
  age: 'it was opened long ago',
  'smoke-low': 'its smoke point has fallen',
  crumbs: 'crumbs are in it',
  unstrained: 'not strained for two batches',
  little: 'there is little left',
};
export const SIGN_NAME: Record<keyof OilSigns, string> = {
  dark: 'Dark, the bottom is not seen',
  foams: 'Foam that stays',
  smokesEarly: 'Smokes before it is as hot as usual',
  rank: 'Smells rank or of old fish',
};
export const EATS_NAME: Record<Guests['eats'], string> = {
  anything: 'anything',
  'no-fish': 'no fish',
  'no-meat': 'no meat',
  vegetarian: 'vegetarian',
  vegan: 'vegan',
};

/** What is advised, and why. */
export function oilAdviceText({ advice, reasons }: Pick<OilState, 'advice' | 'reasons'>): string {
  const why = reasons.map((reason) => REASON[reason]).join(', ');
  return why === '' ? `${ADVICE_NAME[advice]}.` : `${ADVICE_NAME[advice]}: ${why}.`;
}

/** Its figures in one line. */
export function oilStateText(state: OilState, p: Printer): string {
  const uses = state.uses === 1 ? 'one batch' : `${state.uses} batches`;
  const cost = state.cost.perUse === null ? '' : `, ${p.money(state.cost.perUse)} a batch so far`;
  return `${p.volume(state.volumeM3)}, ${uses}, opened ${plain(state.ageDays, 0)} days ago; smokes at about ${p.temp(state.smokeC)}${cost}.`;
}

/** What it carries, for those who must know. */
export function oilCarriesText({ allergens, diet }: Pick<OilState, 'allergens' | 'diet'>): string {
  const of = allergens.map((a) => ALLERGEN_NAME[a]).join(', ');
  const fried = diet === 'meat' ? ' Meat was fried in it.' : diet === 'fish' ? ' Fish was fried in it.' : '';
  return `${of === '' ? 'No allergen was fried in it.' : `Carries ${of}.`}${fried}`;
}

/** One thing that happened to it. */
export function oilEventText(event: OilEvent, p: Printer): string {
  const day = p.date(event.at);
  switch (event.kind) {
    case 'filled':
      return `${day}: filled, ${p.volume(event.m3)}`;
    case 'topped-up':
      return `${day}: topped up with ${p.volume(event.m3)}`;
    case 'fried':
      return `${day}: ${event.batchName}, ${p.span(event.hotS)} at ${p.temp(event.meanC)}${event.crumbs ? ', crumbs left' : ''}`;
    case 'strained':
      return `${day}: strained`;
    case 'judged': {
      const signs = (Object.keys(SIGN_NAME) as (keyof OilSigns)[]).filter((sign) => event[sign]);
      return `${day}: looked at, ${signs.length === 0 ? 'nothing wrong' : signs.map((sign) => SIGN_NAME[sign].toLowerCase()).join('; ')}`;
    }
    case 'poured-away':
      return `${day}: poured away`;
    default: {
      const never: never = event;
      return never;
    }
  }
}

const WHY: Record<NotFor['why'], string> = {
  contains: 'it contains',
  'oil-allergen': 'the oil carries',
  diet: 'not what they eat',
  'oil-diet': 'the oil has fried what they do not eat',
};

function guestWords(guests: readonly Guests[], id: string): string {
  const one = guests.find((guest) => guest.id === id);
  if (!one) return 'a guest';
  return one.count === 1 ? one.name : `${one.name} (${one.count})`;
}

/** Whom a batch is not for; empty: for everybody. */
export function notForText(place: FryPlace, guests: readonly Guests[]): string {
  return place.notFor
    .map(({ guestId, why, allergens }) => {
      const what = allergens.map((a) => ALLERGEN_NAME[a]).join(' and ');
      return `${guestWords(guests, guestId)}: ${WHY[why]}${what === '' ? '' : ` ${what}`}`;
    })
    .join('; ');
}

/** Of those who want oil of their own. */
export function ownOilText(guestId: string, count: number, guests: readonly Guests[]): string {
  const batches = count === 1 ? 'one batch' : `${count} batches`;
  return `${guestWords(guests, guestId)}: only the oil keeps them from ${batches}. Fry those first, in fresh oil and a clean pot, or not for them.`;
}
