import { LIMITS, doughFamily } from '@ember-fold/core/plan';
import { plural, counted } from '../../shared/plural';
import MiniSearch from 'minisearch';
import type { Printer } from '../../../printer';
import { CARE_PAGES } from './carePages';
import { DOUGH_PAGES } from './doughPages';
import { FILL_PAGES } from './fillPages';
import { FRY_PAGES } from './fryPages';
import type { HandbookPage, PageId } from './page';
import { TERMS } from './terms';

/** The chapters of the handbook, in the order of the work. */
export const CHAPTERS: readonly { readonly title: string; readonly pages: readonly HandbookPage[] }[] = [
  { title: 'Dough', pages: DOUGH_PAGES },
  { title: 'Filling and shape', pages: FILL_PAGES },
  { title: 'Oil and oven', pages: FRY_PAGES },
  { title: 'Care', pages: CARE_PAGES },
];

export const PAGES: readonly HandbookPage[] = CHAPTERS.flatMap(({ pages }) => pages);

export const pageOf = (id: string): HandbookPage | null => PAGES.find((page) => page.id === id) ?? null;

/** The whole text of a page. */
export function textOf(page: HandbookPage, p: Printer): string {
  return page
    .parts(p)
    .flatMap(({ title = '', says, list = [] }) => [title, ...says, ...list])
    .join(' ');
}

/** A search result: a page, or a term with the page that explains it. */
export interface Found {
  readonly page: PageId;
  readonly title: string;
  /** The sentence that explains a term, if a term was found. */
  readonly says?: string;
}

/** Words too common to search for. */
const EMPTY = new Set(
  'a an and are at be by can do does for from how i if in is it its many much my of on or should that the then there to too was what when where which while why will with you your'.split(
    ' ',
  ),
);

/** Finds pages and terms, also by the beginning of a word or with a spelling mistake. */
export function openSearch(p: Printer): (asked: string) => readonly Found[] {
  const index = new MiniSearch<{ id: string; title: string; words: string; text: string; found: Found }>({
    fields: ['title', 'words', 'text'],
    storeFields: ['found'],
    processTerm: (term) => {
      const plain = term.toLowerCase().normalize('NFKD').replace(/\p{M}/gu, '');
      return EMPTY.has(plain) ? null : plain.replace(/(?<=\w{3})(?:ing|ed|es|s)$/, '');
    },
    searchOptions: {
      boost: { title: 4, words: 3 },
      prefix: (term) => term.length > 2,
      fuzzy: (term) => (term.length > 3 ? 0.25 : false),
    },
  });
  index.addAll([
    ...PAGES.map((page) => ({
      id: page.id,
      title: page.title,
      words: page.words,
      text: textOf(page, p),
      found: { page: page.id, title: page.title },
    })),
    ...SYMPTOMS.map(([seen, likely, change]) => ({
      id: `seen ${seen}`,
      title: seen,
      words: '',
      text: likely,
      found: { page: 'wrong' as const, title: seen, says: `${HANDBOOK.first}: ${change(p)}.` },
    })),
    ...TERMS.map(({ id, name, also = [], says, page }) => ({
      id: `term ${id}`,
      title: name,
      words: also.join(' '),
      text: says,
      found: { page, title: name, says },
    })),
  ]);
  return (asked) => index.search(asked).map((one) => one['found'] as Found);
}

/** Headings and buttons of the handbook. */
export const HANDBOOK = {
  room: 'Learn',
  title: 'Handbook',
  search: 'Search the handbook',
  nothing: 'Nothing was found. Try a word for what you see, or for what you are doing.',
  found: (n: number) => plural(n, '1 result', `${n} results`),
  chapters: 'Chapters',
  words: 'Terms',
  see: 'See also',
  more: (title: string) => `More: ${title}`,
  whole: 'Open the whole handbook',
  close: 'Close',
  print: 'Print this page',
  noPage: 'There is no such page in the handbook.',
  family: 'Family',
  fat: 'Fat',
  water: 'Water',
  rolled: 'Rolled to',
  oil: 'Usual oil',
  rest: 'Rest',
  crumb: 'A crumb of dough',
  means: 'Oil',
  cooledIn: 'Time until it can be folded',
  depth: 'Depth',
  inFridge: 'In the fridge',
  inIce: 'Dish in cold water',
  never: 'not within twelve hours',
  slow: 'Slow',
  workedOut: (name: string) => `Computing for ${name}…`,
  forBatch: (name: string) => `Computed for ${name}`,
  noMoment: 'no right moment',
  way: 'Method',
  oilIn: 'Oil',
  inTheOil: 'Each piece',
  allLoads: 'All loads',
  oilEach: 'Oil each piece takes up',
  quick: 'Hot and quick',
  start: 'In at',
  end: 'Out at',
  seen: 'You see',
  likely: 'Likely causes',
  first: 'Change first',
  what: 'What',
  howLong: 'How long',
  flourPour: (flour: string) => `For ${flour} of flour, shortcrust`,
  dial: 'Shortcrust, in the middle of its range',
  cup: 'A cup of',
} as const;

/** Symptoms, their likely causes, and what to change first. */
export const SYMPTOMS: readonly (readonly [seen: string, likely: string, change: (p: Printer) => string])[] = [
  [
    'dark outside, raw ring inside',
    'the oil is too hot; the piece is too thick; a frozen piece went into hot oil',
    (p) => `fry ${p.tempSpan(10)} to ${p.tempSpan(15)} cooler and for longer; roll thinner`,
  ],
  [
    'pale and greasy',
    'the oil is too cool; the load is too big; the dough is soft',
    () => 'fry smaller loads; wait for the oil to recover',
  ],
  [
    'burst or leaked',
    'too much filling; wet or warm filling; flour on the rim; trapped air; the rope was folded too late',
    () => 'use less filling, seal with water or egg, press the air out',
  ],
  [
    'burst in a thin place',
    'a stretched wall; a dried rim',
    () => 'roll thicker, cover the discs, seal with water or egg',
  ],
  [
    'tough or hard',
    'too much water or kneading; oil too cool; re-rolled scraps',
    () => 'use less water, rest the dough, re-roll less',
  ],
  ['shrinks while rolling', 'the gluten is tight', () => 'rest it for 15 to 20 minutes, covered'],
  [
    'cracks at the edge',
    'the dough is too dry or too cold; it has no gluten',
    () => 'add a spoonful of water; warm it a little',
  ],
  [
    'blisters',
    'a wet surface; oil too hot at the start; over-proofed yeast dough',
    () => 'dry the surface, start cooler',
  ],
  [
    'lump of raw dough at the knot',
    'the rim is as thick as the middle',
    () => 'roll the rim thinner, pinch off the knot',
  ],
  ['coating falls off', 'no wet coating first; flour under the coating', () => 'coat wet, then dry, then let it rest'],
  [
    'yeast dough flat',
    'liquid too hot or too cold; too much sugar; old yeast',
    (p) => `use liquid at ${p.temp(35)} to ${p.temp(40)}; allow more time`,
  ],
  ['uneven sizes', 'portioned by eye', () => 'weigh the portions'],
  [
    'unpleasant taste of oil',
    'old oil; strong food fried in it before',
    () => 'change the oil; fry strongly flavoured loads last',
  ],
];

/** How long food keeps. */
export const KEEPS: readonly (readonly [what: string, howLong: (p: Printer) => string])[] = [
  ['fried pieces, at their best', (p) => p.span(LIMITS.fried.bestS)],
  ['filled raw pieces at room temperature', (p) => `${p.span(LIMITS.room.mostS)} in all`],
  ['the same in a hot kitchen', (p) => `${p.span(LIMITS.room.hotMostS)} in all, above ${p.temp(LIMITS.room.hotOverC)}`],
  ['cooked leftovers, before they go into the fridge', (p) => p.span(LIMITS.leftovers.intoFridgeS)],
  ['shortcrust dough in the fridge', () => counted(doughFamily('shortcrust').keepsDays, 'day')],
  ['yeast dough in the fridge', () => counted(doughFamily('yeast').keepsDays, 'day')],
  ['frozen raw pieces', () => '2 to 3 months'],
];
