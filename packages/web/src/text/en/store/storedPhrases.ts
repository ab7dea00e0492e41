import { plural } from '../shared/plural';
import type { StoredItem, StoredKind, StoredPlace } from '@ember-fold/core/ledger';
import { keepsFor, type Printer } from '../../printer';

/** What the freezer page says, in one place so that it can be translated. */
export const STORED = {
  title: 'In the freezer and the fridge',
  theFreezer: 'what is stored',
  nothing: 'Nothing is stored.',
  nothingSays:
    'A frozen or chilled tray is listed here when its step on the run-sheet is done. So are pieces that were left unfried at the stove.',
  howMany: 'How many',
  plan: 'Plan a batch with them',
  amount: 'How much',
  take: 'Eaten or thrown away',
  note: 'Add leftovers',
  what: 'What it is',
  of: 'Kind',
  where: 'Where',
  mass: 'Weight',
  noteIt: 'Add it',
  noRecipe: 'Their recipe is not known.',
  leftOver: 'Left over',
  sixOf: (name: string) => `${name} from the freezer`,
} as const;

export const STORED_PLACE: Readonly<Record<StoredPlace, string>> = { freezer: 'Freezer', fridge: 'Fridge' };
export const STORED_KIND: Readonly<Record<Exclude<StoredKind, 'pieces'>, string>> = {
  dough: 'Dough',
  filling: 'Filling',
};

const DAY_MS = 86_400_000;

/** How many pieces are left, and how many other batches have taken. */
export function storedAmount({ left, pieces, massKg, takenBy }: StoredItem, p: Printer): string {
  if (left === null) return p.mass(massKg ?? 0);
  const taken = takenBy.map((one) => `${one.pieces} for ${one.name}`).join(', ');
  return `${left} of ${pieces}${taken === '' ? '' : ` (${taken})`}`;
}

/** When it was made, and how long it still keeps. */
export function storedDays({ madeMs, goodMs, place }: StoredItem, nowMs: number, p: Printer): string {
  const made = `made ${p.date(madeMs)}`;
  if (goodMs < nowMs) {
    const over = Math.max(1, Math.round((nowMs - goodMs) / DAY_MS));
    return place === 'freezer'
      ? `${made}, past its best by ${plural(over, 'a day', `${over} days`)}`
      : `${made}, kept too long: throw it away`;
  }
  return `${made}, keeps for another ${keepsFor((goodMs - nowMs) / 1000, p)}`;
}

/** "look-out" for what should be used first, "stop" for what has been kept too long. */
export function storedTone({ goodMs }: StoredItem, nowMs: number): 'good' | 'look-out' | 'stop' {
  return goodMs < nowMs ? 'stop' : goodMs - nowMs < 7 * DAY_MS ? 'look-out' : 'good';
}
