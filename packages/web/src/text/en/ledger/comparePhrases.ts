import type { RecordRow } from '@ember-fold/core/ledger';
import { CRUSTS } from './lessonPhrases';
import { listNames, plain, type Printer } from '../../printer';

/** Text for records shown side by side. */
export const COMPARE = {
  photo: 'Photo',
  photoOf: (name: string) => `Photo of ${name}`,
  ledger: 'Ledger',
  title: 'Compare',
  all: 'All records',
  compare: 'Compare with another',
  add: 'Add a record',
  choose: 'choose one',
  none: 'Choose up to six records to compare.',
  missing: 'One of them is no longer in the ledger.',
  traces: 'Oil, from the first piece in',
  tracesOf: (names: readonly string[]) => `Oil over time, from the first piece in: ${listNames(names)}`,
  figures: 'Figures side by side',
  minutes: (n: number) => `${plain(n, 0)} min`,
  remove: (name: string) => `Remove ${name}`,
  option: (name: string, date: string) => `${name}, ${date}`,
  against: (share: number) =>
    Math.abs(share) < 0.005 ? 'the same' : `${plain(100 * Math.abs(share), 0)} % ${share > 0 ? 'more' : 'less'}`,
  row: {
    pieces: 'Pieces cooked',
    burst: 'Burst',
    'in-oil-s': 'In the oil',
    'oil-c': 'Oil, on average',
    'in-range': 'Oil in its range',
    'frying-s': 'Frying, in all',
    turns: 'Turned',
    crust: 'Colour',
    liked: 'Liked, of 5',
  } satisfies Record<RecordRow['what'], string>,
} as const;

/** One figure of a record. */
export function rowText(what: RecordRow['what'], value: number, p: Printer): string {
  switch (what) {
    case 'burst':
    case 'in-range':
      return `${plain(100 * value, 0)} %`;
    case 'in-oil-s':
      return p.time(value);
    case 'frying-s':
      return p.span(value);
    case 'oil-c':
      return p.temp(value);
    case 'crust':
      return CRUSTS[Math.round(value)] ?? '';
    case 'turns':
      return `${plain(value, 1)} times`;
    case 'pieces':
    case 'liked':
      return plain(value, 0);
    default: {
      const never: never = what;
      return never;
    }
  }
}
