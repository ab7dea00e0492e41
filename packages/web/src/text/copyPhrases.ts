import type { CopyRow } from '@ember-fold/core';
import { plain } from './printer';

/** A file's size, in the units of its owner's machine. */
export function sizeText(bytes: number): string {
  if (bytes < 1_000_000) return `${Math.max(1, Math.round(bytes / 1000))} kB`;
  return bytes < 1_000_000_000
    ? `${plain(bytes / 1_000_000, bytes < 10_000_000 ? 1 : 0)} MB`
    : `${plain(bytes / 1e9, 1)} GB`;
}

const WHY: Readonly<Record<CopyRow['why'], string>> = {
  night: 'made at night',
  hand: 'made by hand',
  upgrade: 'made before a newer version took over',
  restore: 'the kitchen as it was before a copy was restored',
  given: 'brought from elsewhere',
};

/** Tables a cook has a name for, in the order in which they are told. */
const TOLD: readonly (readonly [table: string, one: string, many: string])[] = [
  ['batch', 'batch', 'batches'],
  ['stove_session', 'evening at the stove', 'evenings at the stove'],
  ['formula', 'formula', 'formulas'],
  ['ingredient', 'ingredient of your own', 'ingredients of your own'],
  ['supper', 'supper', 'suppers'],
  ['oil_reading', 'reading of the oil', 'readings of the oil'],
  ['ledger_photo', 'photo', 'photos'],
];

/** Copies of the whole kitchen, and the disk they lie on. */
export const COPIES = {
  title: 'Copies',
  what: 'the copies',
  says: 'A whole copy of the kitchen is made each night while Ember Fold runs, and before a newer version changes anything. The last nights and weeks are kept. Put one on another disk from time to time.',
  nightFailed: (when: string) =>
    `No nightly copy could be made since ${when}. Look whether the folder for copies can be written and its disk has room.`,
  none: 'No copy is made yet',
  noneSays: 'The first is made tonight. Make one now if you like.',
  make: 'Make a copy now',
  making: 'Making a copy…',
  made: (name: string) => `Made: ${name}`,
  list: 'Copies that are kept',
  bring: 'Bring a copy from elsewhere',
  bringing: 'Reading the file…',
  download: 'Download',
  look: 'Restore…',
  why: (why: CopyRow['why']) => WHY[why],
  damaged: 'Its beginning cannot be read: this copy is damaged.',
  restoreTitle: (when: string) => `Restore the kitchen of ${when}`,
  checking: 'Reading the copy from beginning to end…',
  isWhole: 'The copy is whole. This is what it would put in the place of what is here now:',
  thing: 'What',
  inCopy: 'In the copy',
  here: 'Here now',
  before: 'The kitchen as it is now is copied first, so you can go back.',
  burning: 'A pot is lit now. Its evening would be gone from here.',
  restore: 'Restore it',
  restoring: 'Restoring…',
  cancel: 'Leave all as it is',
  diskFull:
    'The disk is full. Nothing new is saved until there is room; what you do here waits. What was saved is safe.',
  diskLow: (freeBytes: number) =>
    `The disk of the kitchen is nearly full: ${sizeText(freeBytes)} left. Make room before nothing more can be saved.`,
} as const;

/** What is in a copy, in words. */
export function holdsText(counts: Readonly<Record<string, number>>): string {
  return TOLD.flatMap(([table, one, many]) => {
    const n = counts[table] ?? 0;
    return n === 0 || table === 'oil_reading' ? [] : [`${n} ${n === 1 ? one : many}`];
  }).join(', ');
}

/** The rows of the comparison before a restore. */
export function compareRows(
  copy: Readonly<Record<string, number>>,
  now: Readonly<Record<string, number>>,
): readonly { readonly name: string; readonly copy: number; readonly now: number }[] {
  return TOLD.map(([table, , many]) => ({ name: many, copy: copy[table] ?? 0, now: now[table] ?? 0 }));
}
