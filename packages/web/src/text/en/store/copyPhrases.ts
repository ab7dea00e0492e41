import { plural } from '../shared/plural';
import type { CopyRow } from '@ember-fold/core/files';
import { plain } from '../../printer';

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
  upgrade: 'made before an upgrade to a newer version',
  restore: 'the kitchen as it was before a copy was restored',
  given: 'added from a file',
};

/** The database tables that mean something to a cook, in the order shown. */
const TOLD: readonly (readonly [table: string, one: string, many: string])[] = [
  ['batch', 'batch', 'batches'],
  ['stove_session', 'session at the stove', 'sessions at the stove'],
  ['formula', 'formula', 'formulas'],
  ['ingredient', 'ingredient of your own', 'ingredients of your own'],
  ['supper', 'supper', 'suppers'],
  ['oil_reading', 'reading of the oil', 'readings of the oil'],
  ['ledger_photo', 'photo', 'photos'],
];

/** Text for copies of the whole kitchen and the disk they are stored on. */
export const COPIES = {
  title: 'Copies',
  what: 'the copies',
  says: 'A complete copy of the kitchen is made every night while Ember Fold runs, and before a newer version changes anything. The copies of the last nights and weeks are kept. Put one on another disk from time to time.',
  nightFailed: (when: string) =>
    `No nightly copy has been made since ${when}. Check that the folder for copies can be written to and that its disk has room.`,
  none: 'No copy has been made yet',
  noneSays: 'The first is made tonight. You can make one now.',
  make: 'Make a copy now',
  making: 'Making a copy…',
  made: (name: string) => `Made: ${name}`,
  list: 'Kept copies',
  bring: 'Add a copy from a file',
  bringing: 'Reading the file…',
  download: 'Download',
  look: 'Restore…',
  why: (why: CopyRow['why']) => WHY[why],
  damaged: 'This copy is damaged: its beginning cannot be read.',
  restoreTitle: (when: string) => `Restore the kitchen of ${when}`,
  checking: 'Checking the whole copy…',
  isWhole: 'The copy is complete. It would replace the kitchen as follows:',
  thing: 'What',
  inCopy: 'In the copy',
  here: 'Here now',
  before: 'The kitchen as it is now is copied first, so you can go back.',
  burning: 'A stove is running now. Restoring would lose its session.',
  restore: 'Restore it',
  restoring: 'Restoring…',
  cancel: 'Leave everything as it is',
  diskFull:
    'The disk is full. Nothing new can be saved until there is room; what you do here is kept on this device. Everything saved so far is safe.',
  diskLow: (freeBytes: number) =>
    `The disk is nearly full: ${sizeText(freeBytes)} left. Make room before saving becomes impossible.`,
} as const;

/** The contents of a copy in words. */
export function holdsText(counts: Readonly<Record<string, number>>): string {
  return TOLD.flatMap(([table, one, many]) => {
    const n = counts[table] ?? 0;
    return n === 0 || table === 'oil_reading' ? [] : [`${n} ${plural(n, one, many)}`];
  }).join(', ');
}

/** The rows of the comparison before a restore. */
export function compareRows(
  copy: Readonly<Record<string, number>>,
  now: Readonly<Record<string, number>>,
): readonly { readonly name: string; readonly copy: number; readonly now: number }[] {
  return TOLD.map(([table, , many]) => ({ name: many, copy: copy[table] ?? 0, now: now[table] ?? 0 }));
}
