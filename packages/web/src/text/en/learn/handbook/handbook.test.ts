import { DEFAULT_KITCHEN, type FindingCode } from '@ember-fold/core/plan';
import { makePrinter } from '../../../printer';
import { CHAPTERS, KEEPS, openSearch, pageOf, PAGES, SYMPTOMS, textOf } from './handbook';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ruleOf } from './rules';
import { termOf, TERMS, termsIn } from './terms';

const metric = makePrinter(DEFAULT_KITCHEN);
const american = makePrinter({ ...DEFAULT_KITCHEN, units: 'cups', temperature: 'F' });

/** What cooks ask, and the page that answers. */
const ASKED: readonly (readonly [asked: string, page: string])[] = [
  ['dark outside and raw inside', 'wrong'],
  ['pale and greasy', 'wrong'],
  ['why did it burst', 'opened'],
  ['my pastry opened in the oil, what now', 'opened'],
  ['how do I seal the edge', 'sealing'],
  ['crimp', 'sealing'],
  ['seam margin', 'sealing'],
  ['filling is too wet', 'filling'],
  ['thicken with starch', 'filling'],
  ['how fast must a filling cool', 'cooling'],
  ['how long in the fridge to cool', 'cooling'],
  ['no thermometer', 'no-thermometer'],
  ['bread cube test', 'no-thermometer'],
  ['crumb of dough', 'no-thermometer'],
  ['how many pieces at once', 'loads'],
  ['when to turn them', 'loads'],
  ['pieces stick together', 'loads'],
  ['can I use the oil again', 'oil-life'],
  ['oil smells', 'oil-life'],
  ['smoke point', 'oil-life'],
  ['the oil is on fire', 'fire'],
  ['flames', 'fire'],
  ['I burned my hand', 'burns'],
  ['first aid', 'burns'],
  ['nut allergy', 'allergens'],
  ['is shared oil safe for an allergic guest', 'allergens'],
  ['freeze them raw', 'freezing'],
  ['from frozen', 'freezing'],
  ['can I bake them instead', 'baking'],
  ['how long do leftovers keep', 'keeping'],
  ['is the chicken cooked', 'core'],
  ['core temperature of minced meat', 'core'],
  ['slow or hot school', 'methods'],
  ['dough shrinks when rolled', 'resting'],
  ['how long to knead', 'resting'],
  ['yeast dough does not rise', 'yeast'],
  ['fresh or dry yeast', 'yeast'],
  ['butter instead of oil', 'fat'],
  ['fist test', 'fat'],
  ['hold back water', 'water'],
  ['hydration', 'water'],
  ['which dough', 'families'],
  ['breadcrumbs fall off', 'coatings'],
  ['how much oil in the pot', 'pot'],
  ['how many grams is a cup', 'measuring'],
  ['dough to filling ratio', 'dividing'],
  ['half moon or cone', 'shapes'],
  ['oil temperatur drops', 'oil-heat'],
];

test('what cooks ask is among the first three answers, also half typed and with a slip', () => {
  const search = openSearch(metric);
  const pages = (asked: string) => [...new Set(search(asked).map(({ page }) => page))].slice(0, 3);
  const missed = ASKED.filter(([asked, page]) => !pages(asked).includes(page as (typeof PAGES)[number]['id']));
  expect(missed).toEqual([]);
  expect(ASKED.length).toBeGreaterThanOrEqual(40);
  for (const [seen] of SYMPTOMS)
    expect(
      search(seen)
        .slice(0, 3)
        .map(({ title }) => title),
    ).toContain(seen);
  for (const slip of ['frezing', 'termometer', 'alergies', 'freez']) expect(search(slip).length).toBeGreaterThan(0);
  for (const nothing of ['', '   ', 'zzzzqqq', '(((', '\\', '💥', 'x'.repeat(5000)])
    expect(search(nothing)).toEqual([]);
});

test('every page has its name, its neighbours and short sentences, in the units of the kitchen', () => {
  expect(new Set(PAGES.map(({ id }) => id)).size).toBe(PAGES.length);
  expect(CHAPTERS.flatMap(({ pages }) => pages)).toHaveLength(27);
  for (const page of PAGES) {
    expect([page.id, page.see.filter((id) => pageOf(id) === null || id === page.id)]).toEqual([page.id, []]);
    for (const [p, foreign] of [
      [metric, /°F|\boz\b|\binch|\bin\b \d|\d ″/],
      [american, /°C|\d g\b|\d mm\b|\d cm\b|\d ml\b/],
    ] as const) {
      const text = textOf(page, p);
      expect([page.id, foreign.exec(text)?.[0]]).toEqual([page.id, undefined]);
      expect([page.id, /undefined|NaN|\{|\}/.exec(text)]).toEqual([page.id, null]);
      for (const sentence of text.split(/(?<=[.:;])\s/)) {
        const words = sentence.split(/\s+/).length;
        // A cook reads each sentence once.
        expect([page.id, sentence, words <= 32]).toEqual([page.id, sentence, true]);
      }
    }
  }
  for (const p of [metric, american]) {
    const all = [...SYMPTOMS.map(([, , change]) => change(p)), ...KEEPS.map(([, long]) => long(p))].join(' ');
    expect(p === metric ? /°F/.test(all) : /°C/.test(all)).toBe(false);
  }
});

test('a word that explains itself on a page of the product is one of the handbook', () => {
  const station = readFileSync(join(__dirname, '../../../../bench/dough/DoughStation.tsx'), 'utf8');
  const asked = [...station.matchAll(/, '([a-z-]+)'\],/g)].map(([, id]) => id!);
  expect(asked).toHaveLength(2);
  for (const id of asked) expect([id, termOf(id)?.name]).toEqual([id, id.replaceAll('-', ' ')]);
});

test('what stations speak of explains itself in the rules behind their findings', () => {
  const codes: readonly FindingCode[] = [
    ...(['dough.firm', 'dough.fat-outside', 'fold.holds', 'fold.even', 'fry.load-holds', 'fry.ramp'] as const),
  ];
  const named = new Set(
    codes.flatMap((code) => termsIn(ruleOf(code).says, new Set()).flatMap(({ term }) => (term ? [term.id] : []))),
  );
  expect(
    ['stiffness', 'effective-water', 'family', 'seal-margin', 'tray', 'load', 'range', 'method'].filter(
      (id) => !named.has(id),
    ),
  ).toEqual([]);
});

test('each term is one sentence, leads to a page, and is marked once, where it stands first', () => {
  for (const term of TERMS) {
    expect(pageOf(term.page)).not.toBeNull();
    expect(term.says).toMatch(/^[A-Z][^.!?]*\.( [A-Z][^.!?]*\.)?$/);
  }
  const seen = new Set<string>();
  const parts = termsIn(
    'Loads: a load fills the oil-range. The range holds a load; no unloading does. Proofed or proofing?',
    seen,
  );
  expect(parts.map(({ text }) => text).join('')).toBe(
    'Loads: a load fills the oil-range. The range holds a load; no unloading does. Proofed or proofing?',
  );
  expect(parts.filter(({ term }) => term).map(({ text, term }) => [text, term!.id])).toEqual([
    ['Loads', 'load'],
    ['range', 'range'],
    ['Proofed', 'proof'],
  ]);
  expect(termsIn('a load', seen).some(({ term }) => term)).toBe(false);
  // Whatever stands in a page stays as it is.
  for (const page of PAGES)
    expect(
      termsIn(textOf(page, metric), new Set())
        .map(({ text }) => text)
        .join(''),
    ).toBe(textOf(page, metric));
});
