import type { RecordRow } from '@ember-fold/core';
import { CRUSTS } from './lessonPhrases';
import { listNames, plain, type Printer } from './printer';

/** What records beside one another say. */
export const COMPARE = {
  photo: 'Photo',
  photoOf: (name: string) => `Photo of ${name}`,
  ledger: 'Ledger',
  title: 'Compare',
  all: 'All records',
  compare: 'Compare with another',
  add: 'Add a record',
  choose: 'choose one',
  none: 'Choose records to set beside one another, up to six.',
  missing: 'One of them is not in the ledger any more.',
  traces: 'Oil, each from its first drop',
  tracesOf: (names: readonly string[]) => `Oil over time, each from its first drop: ${listNames(names)}`,
  figures: 'Figures beside one another',
  minutes: (n: number) => `${plain(n, 0)} min`,
  remove: (name: string) => `Take ${name} out`,
  option: (name: string, date: string) => `${name}, ${date}`,
  against: (share: number) =>
    Math.abs(share) < 0.005 ? 'the same' : `${plain(100 * Math.abs(share), 0)} % ${share > 0 ? 'more' : 'less'}`,
  row: {
    pieces: 'Pieces cooked',
    opened: 'Opened',
    'in-oil-s': 'In the oil',
    'oil-c': 'Oil, on average',
    'in-band': 'Oil in its band',
    'frying-s': 'Frying, in all',
    turns: 'Turned',
    crust: 'Colour',
    liked: 'Liked, of 5',
  } satisfies Record<RecordRow['what'], string>,
} as const;

/** One figure of a record. */
export function rowText(what: RecordRow['what'], value: number, p: Printer): string {
  switch (what) {
    case 'opened':
    case 'in-band':
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
