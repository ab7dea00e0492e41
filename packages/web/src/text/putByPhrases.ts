import type { PutByItem, PutByKind, PutByPlace } from '@ember-fold/core';
import { keepsFor, type Printer } from './printer';

/** What the freezer page says, in one place so that it can be translated. */
export const PUT_BY = {
  title: 'In the freezer and the fridge',
  theFreezer: 'what is put by',
  nothing: 'Nothing is put by.',
  nothingSays:
    'A tray that is frozen or chilled stands here when its step on the run-sheet is done. So do pieces that were left unfried at the stove.',
  howMany: 'How many',
  plan: 'Plan a batch with them',
  takeAway: 'Take away',
  amount: 'How much',
  take: 'Eaten or thrown away',
  note: 'Write down what was left',
  what: 'What it is',
  of: 'Kind',
  where: 'Where',
  mass: 'It weighs',
  noteIt: 'Write it down',
  noRecipe: 'Nobody wrote down what they are made of.',
  leftOver: 'Left over',
  sixOf: (name: string) => `${name} from the freezer`,
} as const;

export const PUT_BY_PLACE: Readonly<Record<PutByPlace, string>> = { freezer: 'Freezer', fridge: 'Fridge' };
export const PUT_BY_KIND: Readonly<Record<Exclude<PutByKind, 'pieces'>, string>> = {
  dough: 'Dough',
  filling: 'Filling',
};

const DAY_MS = 86_400_000;

/** How much there is, and what of it others have taken. */
export function putByAmount({ left, pieces, massKg, takenBy }: PutByItem, p: Printer): string {
  if (left === null) return p.mass(massKg ?? 0);
  const taken = takenBy.map((one) => `${one.pieces} for ${one.name}`).join(', ');
  return `${left} of ${pieces}${taken === '' ? '' : ` (${taken})`}`;
}

/** When it was made, and how long it is still good. */
export function putByDays({ madeMs, goodMs, place }: PutByItem, nowMs: number, p: Printer): string {
  const made = `made ${p.date(madeMs)}`;
  if (goodMs < nowMs) {
    const over = Math.max(1, Math.round((nowMs - goodMs) / DAY_MS));
    return place === 'freezer'
      ? `${made}, past its best for ${over === 1 ? 'a day' : `${over} days`}`
      : `${made}, kept too long: throw it away`;
  }
  return `${made}, good for ${keepsFor((goodMs - nowMs) / 1000, p)} more`;
}

/** Whether it is to be used first, or not any more. */
export function putByTone({ goodMs }: PutByItem, nowMs: number): 'good' | 'look-out' | 'stop' {
  return goodMs < nowMs ? 'stop' : goodMs - nowMs < 7 * DAY_MS ? 'look-out' : 'good';
}
