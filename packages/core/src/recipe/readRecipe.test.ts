import fc from 'fast-check';
import { SHIPPED_PANTRY } from '../ingredient/pantry.js';
import { CUSTOMARY_MEASURES } from '../quantity/units.js';
import { plainAmounts } from './readAmount.js';
import { readRecipe } from './readRecipe.js';
import type { RecipeLine, RecipeQuestion } from './recipeLine.js';
import { RECIPE_LINES } from '../../testing/recipeLines.js';

const read = (text: string) => readRecipe(text, SHIPPED_PANTRY, CUSTOMARY_MEASURES);
const rows = RECIPE_LINES.trim()
  .split('\n')
  .map((row) => row.split(' | '))
  .map(([text = '', id = '', amount = '', asks]) => ({ text, id, amount, asks }));

/** kg that a row of the set says; `null`: none. */
function wantedKg(amount: string, of: string | null): number | null {
  const match = /^([\d.]+)(g|ml)$/.exec(amount);
  if (!match) return null;
  const value = Number(match[1]);
  return match[2] === 'g' ? value / 1000 : value * 1e-6 * (of === null ? 1000 : SHIPPED_PANTRY.find(of).densityKgPerM3);
}

const idOf = ({ ingredientId, like }: RecipeLine) => ingredientId ?? (like === null ? '?' : `~${like}`);
const isClose = (a: number | null, b: number | null) =>
  a === null || b === null ? a === b : Math.abs(a - b) <= 0.015 * b + 1e-6;

test('two hundred lines in many styles: 95 in 100 right, and no wrong amount without a question', () => {
  expect(rows.length).toBeGreaterThanOrEqual(200);
  const wrong: string[] = [];
  const silent: string[] = [];
  for (const { text, id, amount, asks } of rows) {
    const { lines } = read(`Filling\n${text}`);
    const [line] = lines;
    const said = line
      ? `${idOf(line)} ${line.massKg === null ? '-' : `${(1000 * line.massKg).toFixed(1)} g`} ${line.questions.join()}`
      : 'nothing';
    const kg = wantedKg(amount, id === '?' ? null : id.replace('~', ''));
    const isRight =
      lines.length === 1 &&
      idOf(line!) === id &&
      isClose(line!.massKg, kg) &&
      (asks === undefined || line!.questions.includes(asks as RecipeQuestion));
    if (!isRight) wrong.push(`${text}: ${said}, wanted ${id} ${amount}`);
    // Whatever is wrong must at least be asked about.
    if (!isRight && line && line.questions.length === 0) silent.push(`${text}: ${said}, wanted ${id} ${amount}`);
  }
  expect(silent).toEqual([]);
  expect(wrong.length / rows.length > 0.05 ? wrong : []).toEqual([]);
});

test('what was weighed is certain, a spoon less, a whole thing least; every range holds its figure', () => {
  const spread = (text: string) => {
    const { massKg, leastKg, mostKg } = read(text).lines[0]!;
    expect(leastKg!).toBeLessThanOrEqual(massKg!);
    expect(mostKg!).toBeGreaterThanOrEqual(massKg!);
    return (mostKg! - leastKg!) / (2 * massKg!);
  };
  expect(spread('250 g flour')).toBe(0);
  expect(spread('2 cups flour')).toBeCloseTo(0.08, 6);
  expect(spread('2 cups water')).toBeLessThan(0.03);
  expect(spread('about 3/4 cup water')).toBeGreaterThan(0.1);
  expect(spread('2 onions')).toBeGreaterThan(spread('2 cups flour'));
  expect(spread('6-8 tbsp water')).toBeGreaterThan(0.14);
});

const PAPER = `Millpond half-moons
2 cups flour, 1 tsp baking powder, 1/2 tsp salt, 1 tbsp sugar, about 3/4 cup water; filling 1 lb trout, skinned, 3 tbsp sorrel paste, 1 tsp mustard
Rest 30 min. Divide into 7, roll to 6 inches. Fry 4 min at 350 F till golden.`;

test('a recipe in a row: title, dough and filling apart, what is done and how hot', () => {
  const { title, lines, facts, unread } = read(PAPER);
  expect(title).toBe('Millpond half-moons');
  expect(lines.map(({ part }) => part)).toEqual([...Array(5).fill('dough'), ...Array(3).fill('filling')]);
  expect(lines.map((line) => idOf(line))).toEqual([
    'plain-wheat-flour',
    'baking-powder',
    'fine-salt',
    'sugar',
    'water',
    '~white-fish',
    '~spinach',
    'made-mustard',
  ]);
  expect(lines[5]).toMatchObject({ name: 'Trout', preparation: 'skinned' });
  expect(unread).toEqual([]);
  const fact = (kind: string) => facts.find((one) => one.kind === kind)?.least;
  expect([fact('pieces'), fact('rest-time'), fact('fry-time')]).toEqual([7, 1800, 240]);
  expect(fact('disc')).toBeCloseTo(0.1524, 4);
  expect(fact('oil')).toBeCloseTo(176.7, 1);
});

test('headings in every style, a web page’s data and a Markdown list are read alike', () => {
  const parts = (text: string) => read(text).lines.map((line) => `${line.part} ${idOf(line)}`);
  const wanted = [
    'dough plain-wheat-flour',
    'dough butter',
    'filling minced-beef',
    'filling onion',
    'glaze egg',
    'frying sunflower-oil',
  ];
  expect(
    parts(
      'For the dough:\n250 g flour\n100 g butter\n\nFor the filling:\n300 g ground beef\n2 onions\nEgg wash\n1 egg\nFor frying\noil for frying',
    ),
  ).toEqual(wanted);
  expect(
    parts(
      '# Parcels\n## Dough\n- 250 g flour\n- 100 g butter\n## Filling\n- 300 g ground beef\n- 2 onions\n## Glaze\n- 1 egg\n## Frying\n- oil for frying',
    ),
  ).toEqual(wanted);
  const data = JSON.stringify({
    '@graph': [
      { '@type': 'WebPage' },
      {
        '@type': ['Recipe'],
        name: 'Parcels',
        recipeIngredient: [
          'Dough',
          '250 g flour',
          '100 g butter',
          'Filling',
          '300 g ground beef',
          '2 onions',
          'Glaze',
          '1 egg',
          'Frying',
          'oil for frying',
        ],
        recipeInstructions: [
          {
            '@type': 'HowToSection',
            itemListElement: [{ '@type': 'HowToStep', text: 'Fry for 5 minutes at 170 °C.' }],
          },
        ],
      },
    ],
  });
  expect(parts(data)).toEqual(wanted);
  expect(read(data)).toMatchObject({
    title: 'Parcels',
    facts: [
      { kind: 'oil', least: 170 },
      { kind: 'fry-time', least: 300 },
    ],
  });
  // No heading at all: dough until the first thing no dough holds.
  expect(parts('250 g flour\n100 g butter\n300 g ground beef\n2 onions')).toEqual(wanted.slice(0, 4));
});

test('words for oil are ranges, oven words and gas marks are ovens, and sizes are told from thickness', () => {
  const facts = (text: string) =>
    read(`Method\n${text}`).facts.map(({ kind, least, most }) => [
      kind,
      Math.round(1e4 * least) / 1e4,
      Math.round(1e4 * most) / 1e4,
    ]);
  expect(facts('Fry in hot oil.')).toEqual([['oil', 170, 180]]);
  expect(facts('Fry over medium flame for 6-8 minutes.')).toEqual([
    ['oil', 150, 165],
    ['fry-time', 360, 480],
  ]);
  expect(facts('Bake in a moderate oven for 25 min.')).toEqual([
    ['oven', 175, 175],
    ['bake-time', 1500, 1500],
  ]);
  expect(facts('Bake at gas mark 4.')).toEqual([['oven', 177, 177]]);
  expect(facts('Roll 2-3 mm thick and cut 10 cm rounds.')).toEqual([
    ['thickness', 0.002, 0.003],
    ['disc', 0.1, 0.1],
  ]);
  expect(facts('Stir it 3 times with 2 spoons.')).toEqual([]);
});

test('whatever is pasted: no line is lost, none is invented, and every figure is one', () => {
  const scraps = fc.constantFrom(
    '2 cups',
    'flour',
    '1/0',
    'Zutaten',
    '½',
    ',',
    ';',
    '(',
    ')',
    'salt',
    '1e9 kg',
    'and',
    'and 2 cups',
    'the size of a',
    '-3 g',
    '🥟',
    'Cookies',
    'to taste',
    '{"a":',
    '250 g',
  );
  const line = fc
    .array(fc.oneof(scraps, fc.string({ unit: 'binary', maxLength: 12 })), { maxLength: 6 })
    .map((parts) => parts.join(' '));
  fc.assert(
    fc.property(fc.array(line, { maxLength: 12 }), (all) => {
      const text = all.join('\n');
      const { lines, unread, facts, title } = read(text);
      for (const { massKg, leastKg, mostKg, ingredientId, like } of lines) {
        for (const kg of [massKg, leastKg, mostKg]) if (kg !== null) expect(kg >= 0 && Number.isFinite(kg)).toBe(true);
        for (const id of [ingredientId, like]) if (id !== null) SHIPPED_PANTRY.find(id);
      }
      for (const { least, most } of facts) expect(Number.isFinite(least + most)).toBe(true);
      // What is told to be there was written there.
      const written = plainAmounts(text).replace(/\W+/g, '');
      for (const one of [...lines.map((of) => of.text), ...unread, title ?? '']) {
        expect(written).toContain(plainAmounts(one).replace(/\W+/g, ''));
      }
    }),
    { numRuns: 300 },
  );
});

test('a novel, another language, a page with its menus: what can be read is shown, the rest is listed', () => {
  const novel = 'It was a dark evening and nobody spoke of pastry at all.\n'.repeat(10_000);
  expect(read(novel)).toMatchObject({ lines: [], cutAfter: 400 });
  const page = read('Home\nAbout us\nSubscribe\n250 g flour\nShare this\n3 tbsp water');
  expect(page.lines.map((one) => idOf(one))).toEqual(['plain-wheat-flour', 'water']);
  expect([page.title, ...page.unread]).toEqual(['Home', 'About us', 'Subscribe', 'Share this']);
  const german = read('250 g Mehl\n1 TL Salz\n2 Eier');
  expect(german.lines.every(({ questions, ingredientId }) => ingredientId !== null || questions.length > 0)).toBe(true);
  expect(read('').lines).toEqual([]);
  // All of a recipe in one long row, and a row without an end.
  const row = Array.from({ length: 60 }, (_, i) => `${i + 1} g salt`).join(', ');
  expect(read(`Filling: ${row}`).lines).toHaveLength(60);
  const endless = read(`x${'y'.repeat(6000)}`);
  expect([endless.title ?? '', ...endless.unread].join('').length).toBeGreaterThan(2000);
  for (const half of ['\ud83e 250 g flour', '250 g flour\ud83e']) {
    const [line] = read(half).lines;
    expect(line === undefined || (line.name.isWellFormed() && line.text.isWellFormed())).toBe(true);
  }
});
