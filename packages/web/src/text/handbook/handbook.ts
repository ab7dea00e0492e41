import MiniSearch from 'minisearch';
import type { Printer } from '../printer';
import { CARE_PAGES } from './carePages';
import { DOUGH_PAGES } from './doughPages';
import { FILL_PAGES } from './fillPages';
import { FRY_PAGES } from './fryPages';
import type { HandbookPage, PageId } from './page';
import { TERMS } from './terms';

/** The chapters of the handbook, in the order of the work. */
export const CHAPTERS: readonly { readonly title: string; readonly pages: readonly HandbookPage[] }[] = [
  { title: 'Dough', pages: DOUGH_PAGES },
  { title: 'Filling and form', pages: FILL_PAGES },
  { title: 'Oil and oven', pages: FRY_PAGES },
  { title: 'Care', pages: CARE_PAGES },
];

export const PAGES: readonly HandbookPage[] = CHAPTERS.flatMap(({ pages }) => pages);

export const pageOf = (id: string): HandbookPage | null => PAGES.find((page) => page.id === id) ?? null;

/** All that a page says, as one text. */
export function textOf(page: HandbookPage, p: Printer): string {
  return page
    .parts(p)
    .flatMap(({ title = '', says, list = [] }) => [title, ...says, ...list])
    .join(' ');
}

/** What a search finds: a page, or a word with the page it stands on. */
export interface Found {
  readonly page: PageId;
  readonly title: string;
  /** The word and its one sentence, where a word was found. */
  readonly says?: string;
}

/** Words that stand in every question and say nothing of it. */
const EMPTY = new Set(
  'a an and are at be by can do does for from how i if in is it its many much my of on or should that the then there to too was what when where which while why will with you your'.split(
    ' ',
  ),
);

/** Finds pages and words, also by half a word or a slip of a letter. */
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
      ...{ id: page.id, title: page.title, words: page.words, text: textOf(page, p) },
      found: { page: page.id, title: page.title },
    })),
    ...SYMPTOMS.map(([seen, likely, change]) => ({
      ...{ id: `seen ${seen}`, title: seen, words: '', text: likely },
      found: { page: 'wrong' as const, title: seen, says: `${HANDBOOK.first}: ${change(p)}.` },
    })),
    ...TERMS.map(({ id, name, also = [], says, page }) => ({
      ...{ id: `term ${id}`, title: name, words: also.join(' '), text: says },
      found: { page, title: name, says },
    })),
  ]);
  return (asked) => index.search(asked).map((one) => one['found'] as Found);
}

/** What the handbook's own pages and buttons say. */
export const HANDBOOK = {
  room: 'Learn',
  title: 'Handbook',
  search: 'Search the handbook',
  nothing: 'Nothing is found. Try a word for what you see, or for what you do.',
  found: (n: number) => (n === 1 ? '1 page or word' : `${n} pages and words`),
  chapters: 'Chapters',
  words: 'Words',
  see: 'See also',
  more: (title: string) => `More: ${title}`,
  whole: 'Open the whole handbook',
  close: 'Close',
  print: 'Print this page',
  noPage: 'There is no such page in the handbook.',
  family: 'Family',
  fat: 'Fat',
  water: 'Water',
  rolled: 'Rolled',
  oil: 'Usual oil',
  rest: 'Rest',
  crumb: 'A crumb of dough',
  means: 'Oil',
  cooledIn: 'Until it can be folded',
  depth: 'Depth',
  inFridge: 'In the fridge, covered later',
  inIce: 'Dish in cold water',
  never: 'not within twelve hours',
  slow: 'Slow',
  workedOut: (name: string) => `Working it out for ${name}…`,
  forBatch: (name: string) => `Worked out for ${name}`,
  noMoment: 'no right moment',
  way: 'Way',
  oilIn: 'Oil',
  inTheOil: 'Each piece',
  allLots: 'All lots',
  oilEach: 'Oil taken up by each',
  quick: 'Hot and quick',
  start: 'In at',
  end: 'Out at',
  seen: 'You see',
  likely: 'Likely',
  first: 'Change first',
  what: 'What',
  howLong: 'How long',
  flourPour: (flour: string) => `For ${flour} of flour, rubbed short`,
  dial: 'Rubbed short dough, in the middle of its band',
  cup: 'A cup of',
} as const;

/** What is seen, what is likely behind it, and what to change first. */
export const SYMPTOMS: readonly (readonly [seen: string, likely: string, change: (p: Printer) => string])[] = [
  [
    'dark outside, raw ring inside',
    'oil too hot; too thick; from frozen in hot oil',
    (p) => `${p.tempSpan(10)} to ${p.tempSpan(15)} cooler, and longer; thinner`,
  ],
  ['pale and greasy', 'oil too cool; lot too big; soft dough', () => 'smaller lots; wait for the oil to recover'],
  [
    'burst or leaked',
    'overfull; wet or warm filling; flour on the rim; air; a late rope',
    () => 'less filling, glue, press the air out',
  ],
  ['seam opened in a thin place', 'stretched wall; rim dried', () => 'thicker wall, cover, glue'],
  [
    'tough or hard',
    'too much water or kneading; oil too cool; re-rolled scraps',
    () => 'less water, rest, fewer re-rolls',
  ],
  ['shrinks while rolling', 'gluten is tight', () => 'rest 15 to 20 minutes, covered'],
  ['cracks at the edge', 'too dry or too cold; no gluten', () => 'a spoon of water; warm it a little'],
  ['blisters', 'wet surface; oil hot at the start; yeast dough over-proofed', () => 'dry it, start cooler'],
  ['lump of raw dough at the knot', 'rim as thick as the middle', () => 'thin the rim, pinch the knot off'],
  ['coat falls off', 'wet step missed; flour under it', () => 'wet, then dry, then rest'],
  [
    'yeast dough flat',
    'liquid too hot or too cold; too much sugar; old yeast',
    (p) => `liquid at ${p.temp(35)} to ${p.temp(40)}; more time`,
  ],
  ['sizes uneven', 'cut by eye', () => 'weigh'],
  ['unpleasant taste of oil', 'old oil; what was fried before', () => 'change the oil; fry strong lots last'],
];

/** What keeps how long. */
export const KEEPS: readonly (readonly [what: string, howLong: (p: Printer) => string])[] = [
  ['fried, at its best', () => '2 hours'],
  ['filled and raw, at room temperature', () => '2 hours in all'],
  ['the same in a hot kitchen', (p) => `1 hour, over ${p.temp(32)}`],
  ['cooked leftovers, until they are in the fridge', () => '2 hours'],
  ['short doughs in the fridge', () => '1 day'],
  ['yeast doughs in the fridge', () => 'some hours'],
  ['frozen raw pieces', () => '2 to 3 months'],
];
