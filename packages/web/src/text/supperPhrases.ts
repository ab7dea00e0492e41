import type { NotFor, SupperEats } from '@ember-fold/core';
import { plain } from './printer';

/** Why a group keeps off a dish. */
const KEEP_OFF_WHY: Record<NotFor['why'], string> = {
  contains: 'it contains what they are allergic to',
  'oil-allergen': 'the oil carries what they are allergic to',
  diet: 'they do not eat it',
  'oil-diet': 'the oil has fried what they do not eat',
};

const fewer = (n: number): string => `${plain(Math.floor(10 * n) / 10, 1)}`;

/** What suppers say, in one place so that it can be translated. */
export const SUPPER = {
  supper: 'Supper',
  theSupper: 'the supper',
  newSupper: 'New supper',
  none: 'no supper',
  gone: 'There is no such supper',
  goneSays: 'It may have been deleted on another device. Its batches are still there.',
  toTable: 'To the table',
  name: 'Name of the supper',
  each: 'Pieces a head',
  tableAt: 'Table at',
  servingNo: (n: number, of: number) => (of === 1 ? 'On the table' : `On the table, ${n}`),
  addServing: 'Add another time',
  removeServing: (n: number) => `Remove time ${n}`,
  servingsMove: 'Batches go with their time when you change it.',
  begin: 'Begin',
  beginSays: (step: string, batch: string) => `${step}, ${batch}`,
  notYet: 'not planned yet',
  people: (heads: number, pieces: number, each: number) =>
    heads === 0
      ? `${pieces} pieces, nobody listed yet`
      : `${heads === 1 ? '1 guest' : `${heads} guests`}, ${pieces} pieces, ${each} a head asked for`,
  everyone: 'Everyone eats',
  of: (fed: number, heads: number) => `${fed} of ${heads}`,
  pieces: 'Pieces',
  aHead: (pieces: number, heads: number) => `${fewer(pieces / heads)} a head`,
  nobody: 'No guests are listed. Add them, and this page says who may eat what.',
  noBatch: 'No batch is planned for it yet.',
  guests: 'Guests',
  eatEach: (each: number, asked: number) =>
    each >= asked ? `${asked} each` : each === 0 ? 'nothing they may eat' : `${fewer(each)} each, ${asked} asked for`,
  keepOff: (name: string, why: NotFor['why']) => `Keep off ${name}: ${KEEP_OFF_WHY[why]}.`,
  unsure: (names: string) => `Not counted, because it cannot be fried as planned: ${names}.`,
  labels:
    'Read every label and ask your guests: traces can be in any ingredient. What a guest or a doctor says comes first.',
  cooked: 'cooked',
  batches: 'Batches',
  newBatch: 'New batch',
  add: 'Add a planned batch',
  addPick: 'Add',
  takeOut: (name: string) => `Take ${name} out of this supper`,
  eatenAt: 'On the table',
  ownTime: (clock: string) => `${clock}, a time of its own`,
  shopping: 'Shopping',
  delete: 'Delete this supper',
  deleteName: (name: string) => `Delete ${name}?`,
  deleteSays: 'Its guests and times go. Its batches stay, each by itself.',
  keep: 'Keep it',
  forSupper: 'For',
} as const;

/** Whether everyone has something to eat, in one sentence, with how good that is. */
export function eatsText(
  { heads, fed, full, pieces }: SupperEats,
  each: number,
): { readonly tone: 'good' | 'look-out' | 'stop'; readonly says: string } {
  if (pieces === 0) return { tone: 'look-out', says: SUPPER.noBatch };
  if (fed < heads) {
    const without = heads - fed;
    return {
      tone: 'stop',
      says: without === 1 ? 'One guest has nothing to eat.' : `${without} guests have nothing to eat.`,
    };
  }
  if (full < heads) {
    const short = heads - full;
    return {
      tone: 'look-out',
      says: `Everyone eats, but ${short === 1 ? 'one has' : `${short} have`} fewer than ${each}.`,
    };
  }
  return { tone: 'good', says: `Everyone has ${each} to eat.` };
}
