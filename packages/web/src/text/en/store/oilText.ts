import { plural } from '../shared/plural';
import type { Guests, OilAdvice, OilReason } from '@ember-fold/core/plan';
import type { FryPlace, NotFor, OilEvent, OilSigns, OilState } from '@ember-fold/core/stove';
import { plain, type Printer } from '../../printer';
import { ALLERGEN_NAME } from '../shared/words';

/** What the app says about oils, guests and the order of frying. */
const ADVICE_NAME: Record<OilAdvice, string> = {
  good: 'Good to fry in',
  strain: 'Strain it first',
  'last-time': 'Good for one more use',
  discard: 'Throw it away, never down the sink',
};
const REASON: Record<OilReason, string> = {
  dark: 'it is dark',
  foams: 'it foams',
  'smokes-early': 'it smokes early',
  rank: 'it smells rancid',
  hours: 'it has been hot for many hours',
  uses: 'it has been used often',
  age: 'it was opened long ago',
  'smoke-low': 'its smoke point has fallen',
  crumbs: 'there are crumbs in it',
  unstrained: 'it has not been strained for two batches',
  little: 'there is little left',
};
export const SIGN_NAME: Record<keyof OilSigns, string> = {
  dark: 'So dark that the bottom cannot be seen',
  foams: 'Foam that does not go away',
  smokesEarly: 'Smokes at a lower temperature than usual',
  rank: 'Smells rancid or of old fish',
};
export const EATS_NAME: Record<Guests['eats'], string> = {
  anything: 'anything',
  'no-fish': 'no fish',
  'no-meat': 'no meat',
  vegetarian: 'vegetarian',
  vegan: 'vegan',
};

/** The advice, and the reasons for it. */
export function oilAdviceText({ advice, reasons }: Pick<OilState, 'advice' | 'reasons'>): string {
  const why = reasons.map((reason) => REASON[reason]).join(', ');
  return why === '' ? `${ADVICE_NAME[advice]}.` : `${ADVICE_NAME[advice]}: ${why}.`;
}

/** Its figures in one line. */
export function oilStateText(state: OilState, p: Printer): string {
  const uses = plural(state.uses, 'one batch', `${state.uses} batches`);
  const cost = state.cost.perUse === null ? '' : `, ${p.money(state.cost.perUse)} a batch so far`;
  return `${p.volume(state.volumeM3)}, ${uses}, opened ${plain(state.ageDays, 0)} days ago; smokes at about ${p.temp(state.smokeC)}${cost}.`;
}

/** The allergens and animal products that have been in the oil. */
export function oilCarriesText({ allergens, diet }: Pick<OilState, 'allergens' | 'diet'>): string {
  const of = allergens.map((a) => ALLERGEN_NAME[a]).join(', ');
  const fried = diet === 'meat' ? ' Meat has been fried in it.' : diet === 'fish' ? ' Fish has been fried in it.' : '';
  return `${of === '' ? 'None of the 14 listed allergens has been fried in it, as far as the records go. Read the oil’s own label.' : `Carries ${of}.`}${fried}`;
}

/** One event in the history of an oil. */
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
      return `${day}: checked, ${signs.length === 0 ? 'nothing wrong' : signs.map((sign) => SIGN_NAME[sign].toLowerCase()).join('; ')}`;
    }
    case 'poured-away':
      return `${day}: thrown away`;
    default: {
      const never: never = event;
      return never;
    }
  }
}

const WHY: Record<NotFor['why'], string> = {
  contains: 'contains',
  'oil-allergen': 'the oil carries',
  diet: 'not part of their diet',
  'oil-diet': 'something they do not eat has been fried in this oil',
};

function guestWords(guests: readonly Guests[], id: string): string {
  const one = guests.find((guest) => guest.id === id);
  if (!one) return 'a guest';
  return one.count === 1 ? one.name : `${one.name} (${one.count})`;
}

/** The guests who must not have a batch, with reasons; empty if everybody may. */
export function notForText(place: FryPlace, guests: readonly Guests[]): string {
  return place.notFor
    .map(({ guestId, why, allergens }) => {
      const what = allergens.map((a) => ALLERGEN_NAME[a]).join(' and ');
      return `${guestWords(guests, guestId)}: ${WHY[why]}${what === '' ? '' : ` ${what}`}`;
    })
    .join('; ');
}

/** For guests who could eat more if it were fried in fresh oil. */
export function ownOilText(guestId: string, count: number, guests: readonly Guests[]): string {
  const batches = plural(count, 'one batch', `${count} batches`);
  return `${guestWords(guests, guestId)}: could eat ${batches} but for the oil. Fry those first, in fresh oil and a clean pot, or do not serve them to this guest.`;
}
