import { plural } from '../shared/plural';
import type { NotFor } from '@ember-fold/core/stove';
import type { SupperEats } from '@ember-fold/core/supper';
import { plain } from '../../printer';

/** Why guests must not have a dish. */
const KEEP_OFF_WHY: Record<NotFor['why'], string> = {
  contains: 'contains an allergen of theirs',
  'oil-allergen': 'its oil carries an allergen of theirs',
  diet: 'not part of their diet',
  'oil-diet': 'something they do not eat has been fried in its oil',
};

const fewer = (n: number): string => `${plain(Math.floor(10 * n) / 10, 1)}`;

/** What suppers say, in one place so that it can be translated. */
export const SUPPER = {
  supper: 'Supper',
  theSupper: 'the supper',
  newSupper: 'New supper',
  none: 'no supper',
  gone: 'This supper does not exist',
  goneSays: 'It may have been deleted on another device. Its batches have been kept.',
  toTable: 'To the table',
  name: 'Name of the supper',
  each: 'Pieces each',
  tableAt: 'On the table at',
  servingNo: (n: number, of: number) => (of === 1 ? 'On the table' : `On the table, ${n}`),
  addServing: 'Add another time',
  removeServing: (n: number) => `Remove time ${n}`,
  servingsMove: 'When you change a time, its batches move with it.',
  begin: 'Start',
  beginSays: (step: string, batch: string) => `${step}, ${batch}`,
  notYet: 'not planned yet',
  people: (heads: number, pieces: number, each: number) =>
    heads === 0
      ? `${pieces} pieces, no guests listed yet`
      : `${plural(heads, '1 guest', `${heads} guests`)}, ${pieces} pieces, ${each} each wanted`,
  everyone: 'Everyone eats',
  of: (fed: number, heads: number) => `${fed} of ${heads}`,
  pieces: 'Pieces',
  aHead: (pieces: number, heads: number) => `${fewer(pieces / heads)} each`,
  nobody: 'No guests are listed. Add them, and this page says who may eat what.',
  noBatch: 'No batch is planned for it yet.',
  guests: 'Guests',
  eatEach: (each: number, asked: number) =>
    each >= asked ? `${asked} each` : each === 0 ? 'nothing they may eat' : `${fewer(each)} each, ${asked} wanted`,
  keepOff: (name: string, why: NotFor['why']) => `Must not have: ${name} (${KEEP_OFF_WHY[why]}).`,
  unsure: (names: string) => `Not counted, because there is no safe way to cook it as planned: ${names}.`,
  labels:
    'Read every label and ask your guests: traces can be in any ingredient. What a guest or a doctor says comes first.',
  cooked: 'cooked',
  batches: 'Batches',
  newBatch: 'New batch',
  add: 'Add a planned batch',
  addPick: 'Add',
  takeOut: (name: string) => `Remove ${name} from this supper`,
  eatenAt: 'On the table',
  ownTime: (clock: string) => `${clock}, a time of its own`,
  shopping: 'Shopping',
  delete: 'Delete this supper',
  deleteName: (name: string) => `Delete ${name}?`,
  deleteSays: 'Its guests and times are deleted. Its batches are kept, each on its own.',
  keep: 'Keep it',
  forSupper: 'For',
} as const;

/** Whether everyone has enough to eat, as one sentence with its tone. */
export function eatsText(
  { heads, fed, full, pieces }: SupperEats,
  each: number,
): { readonly tone: 'good' | 'look-out' | 'stop'; readonly says: string } {
  if (pieces === 0) return { tone: 'look-out', says: SUPPER.noBatch };
  if (fed < heads) {
    const without = heads - fed;
    return {
      tone: 'stop',
      says: plural(without, 'One guest has nothing to eat.', `${without} guests have nothing to eat.`),
    };
  }
  if (full < heads) {
    const short = heads - full;
    return {
      tone: 'look-out',
      says: `Everyone eats, but ${plural(short, 'one guest has', `${short} guests have`)} fewer than ${each}.`,
    };
  }
  return { tone: 'good', says: `Everyone has ${each} to eat.` };
}
