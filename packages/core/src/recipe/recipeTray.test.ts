import fc from 'fast-check';
import { batchOf } from '../draft/batchDraft.js';
import { CoreError } from '../errors.js';
import { DEFAULT_KITCHEN, pantryOf } from '../draft/kitchen.js';
import { RANGES } from '../draft/ranges.js';
import { INGREDIENTS } from '../ingredient/catalogue.js';
import { SHAPES } from '../shapes/shapes.js';
import { draftDough, draftFilling } from '../plan/edit/draftFigures.js';
import { doughEachKg } from '../plan/edit/editDraft.js';
import { planCold } from '../plan/tray/planCold.js';
import { planTrays } from '../plan/batch/planBatch.js';
import { CUSTOMARY_MEASURES } from '../quantity/units.js';
import { readRecipe } from './readRecipe.js';
import { ownLike, recipeTray, type RecipeAsk, type SettledLine } from './recipeTray.js';

const EAT = '2030-01-05T18:30:00Z';
const PAPER = `Millpond half-moons
2 cups flour, 1 tsp baking powder, 1/2 tsp salt, 1 tbsp sugar, about 3/4 cup water; filling 1 lb trout, skinned, 3 tbsp sorrel paste, 1 tsp mustard
Rest 30 min. Fry 4 min till golden.`;

/** A recipe with every name settled: what the pantry lacks is taken on like its nearest. */
function settled(text: string, ask: Partial<RecipeAsk> = {}) {
  const { lines, facts } = readRecipe(text, pantryOf(DEFAULT_KITCHEN), CUSTOMARY_MEASURES);
  const own = lines.flatMap((line, i) =>
    line.ingredientId === null ? [ownLike(line, `own-${i}`, pantryOf(DEFAULT_KITCHEN))] : [],
  );
  const used = lines.map((line, i): SettledLine => ({ ...line, ingredientId: line.ingredientId ?? `own-${i}` }));
  const kitchen = { ...DEFAULT_KITCHEN, ingredients: own };
  const count = { how: 'divide', pieces: 7 } as const;
  const made = recipeTray({ name: 'Own', shape: 'half-moon', eatAt: EAT, lines: used, facts, count, ...ask }, kitchen);
  return { made: made!, kitchen, own, lines };
}

test('the recipe on paper: seven pieces of all its dough and all its filling, each line as it is written', () => {
  const { made, kitchen, own, lines } = settled(PAPER);
  const { draft, added } = made;
  expect(added).toEqual([]);
  const written = [...draft.dough.lines, ...draft.filling.lines].map(({ massKg }) => massKg);
  expect(written).toEqual(lines.map(({ massKg }) => massKg));
  // Flour, leaven, salt, sugar and water as the paper says: 456 g within what cups weigh.
  expect(draftDough(draft, kitchen).massKg).toBeCloseTo(0.456, 1);
  expect(7 * doughEachKg(draft)).toBeCloseTo(draftDough(draft, kitchen).massKg, 6);
  expect(7 * draft.fold.fillingEachKg).toBeCloseTo(draftFilling(draft, kitchen).targetKg, 6);
  expect(planCold(draft, kitchen).fold.balance.doughLeftKg).toBeCloseTo(0, 6);
  // Trout is taken on like white fish, of a diet nobody has said, and may be raw.
  expect(own.map(({ name, diet, source }) => [name, diet, source])).toEqual([
    ['Trout', 'unknown', 'guessed, like Cooked white fish'],
    ['Sorrel paste', 'unknown', 'guessed, like Spinach'],
  ]);
  expect(own[0]!.allergens).toContain('fish');
  expect(draft.filling).toMatchObject({ rawUnsaid: true });
  expect(planTrays(batchOf(draft), kitchen, null)[0]!.plan.serve).not.toBeNull();
});

test('rolled as it says, the pieces follow; too little dough for one makes none', () => {
  const count = { how: 'roll', thicknessM: 0.003, discM: 0.1 } as const;
  const { made, kitchen } = settled(PAPER, { count });
  const { draft } = made;
  const massKg = draftDough(draft, kitchen).massKg;
  expect(draft.pieces).toBe(Math.floor(massKg / doughEachKg(draft)));
  expect(draft.fold).toMatchObject({ thicknessM: 0.003, discM: 0.1 });
  expect(settled('1 tsp flour\n1 tsp water', { count: { ...count, discM: 0.3 } }).made).toBeNull();
});

test('scaled only when it is asked to be: every amount by one factor, number and size as they were said', () => {
  const asWritten = settled(PAPER).made;
  expect(asWritten.factor).toBe(1);
  const count = { how: 'scale', pieces: 20, thicknessM: 0.003, discM: 0.1 } as const;
  const { made, kitchen, lines } = settled(PAPER, { count });
  const { draft, factor } = made;
  expect([draft.pieces, draft.fold.thicknessM, draft.fold.discM]).toEqual([20, 0.003, 0.1]);
  const written = [...draft.dough.lines, ...draft.filling.lines].map(({ massKg }) => massKg);
  written.forEach((kg, i) => expect(kg).toBeCloseTo(factor * (lines[i]!.massKg ?? 0), 9));
  expect(20 * doughEachKg(draft)).toBeCloseTo(draftDough(draft, kitchen).massKg, 6);
  expect(20 * draft.fold.fillingEachKg).toBeCloseTo(draftFilling(draft, kitchen).targetKg, 6);
  // More than a line can hold: as many as that makes, and said so by its number.
  const huge = settled('90 kg flour\n40 kg water', { count: { ...count, pieces: 2000, thicknessM: 0.012, discM: 0.4 } })
    .made.draft;
  expect(huge.pieces).toBeLessThan(2000);
  expect(Math.max(...huge.dough.lines.map(({ massKg }) => massKg))).toBeLessThanOrEqual(RANGES.draft.lineKg.most);
});

test('the method’s sizes and oil count; without flour a dough is chosen and said, without a filling none is made up', () => {
  const sized = settled(`${PAPER}\nRoll to 6 inches. Fry at 350 F.`).made.draft;
  expect(sized.fold.discM).toBeCloseTo(0.1524, 4);
  expect(sized.fry.oilC).toBeCloseTo(176.7, 1);
  const none = settled('Filling\n1 lb ground beef\n2 onions').made;
  expect(none.added).toEqual(['dough']);
  expect(none.draft.dough.lines.length).toBeGreaterThan(2);
  const plain = settled('2 cups flour\n3/4 cup water\n1 tsp salt').made;
  expect(plain.added).toEqual(['no-filling']);
  expect([plain.draft.filling.lines, plain.draft.fold.fillingEachKg]).toEqual([[], 0]);
  // Flour and water alone are near a thin sheet by their numbers: nobody rolls a card's half-moon that thin.
  const lean = settled('300 g flour\n150 g water\n5 g salt\nFilling\n300 g leeks').made.draft;
  expect(lean.fold.thicknessM).toBeGreaterThan(0.001);
  expect(lean.fold.discM).toBeLessThan(0.16);
  const crumbed = settled(`${PAPER}\nCoating\n1 egg\n100 g breadcrumbs`).made.draft;
  expect(crumbed.coating).toEqual({ wet: 'egg', dry: 'crumb', double: false });
});

test('whatever lines a recipe has, its formulas stay as they are and the tray plans', () => {
  const line = fc.record({
    ingredientId: fc.constantFrom(...INGREDIENTS.map(({ id }) => id)),
    part: fc.constantFrom('dough' as const, 'filling' as const, 'coating' as const, 'frying' as const),
    massKg: fc.option(fc.double({ min: 0, max: 5, noNaN: true })),
  });
  const count = fc.oneof(
    fc.record({ how: fc.constant('divide' as const), pieces: fc.integer({ min: 1, max: 300 }) }),
    fc.record({
      how: fc.constant('roll' as const),
      thicknessM: fc.double({ min: 0.001, max: 0.008, noNaN: true }),
      discM: fc.double({ min: 0.05, max: 0.2, noNaN: true }),
    }),
  );
  fc.assert(
    fc.property(
      fc.array(line, { maxLength: 9 }),
      count,
      fc.constantFrom(...SHAPES.map(({ id }) => id)),
      (lines, how, shape) => {
        const made = recipeTray({ name: 'Any', shape, eatAt: EAT, lines, facts: [], count: how }, DEFAULT_KITCHEN);
        if (!made) return expect(how.how).toBe('roll');
        const of = (part: string) =>
          lines
            .filter((one) => one.part === part)
            .map(({ ingredientId, massKg }) => ({ ingredientId, massKg: massKg ?? 0 }));
        if (!made.added.includes('dough')) expect(made.draft.dough.lines).toEqual(of('dough'));
        expect(made.draft.filling.lines).toEqual(of('filling'));
        const { fold } = planCold(made.draft, DEFAULT_KITCHEN);
        expect(Number.isFinite(fold.balance.doughLeftKg)).toBe(true);
      },
    ),
    { numRuns: 150 },
  );
});

test('amounts out of any kitchen are asked about, and what is left is planned or refused by name: a page stopped for ever', () => {
  const amount = fc.oneof(
    fc.constantFrom('1500000', '0', '0.0000001', '-3', '1e9', '999999999999999999', '1/0', '50', '51'),
    fc.integer({ min: 0, max: 2_000_000 }).map(String),
  );
  const line = fc.tuple(
    amount,
    fc.constantFrom('g', 'kg', 'cups', 'lb', 'tsp', 'litres', ''),
    fc.constantFrom('flour', 'water', 'butter', 'onions', 'salt', 'eggs'),
  );
  const text = fc
    .array(line, { minLength: 1, maxLength: 5 })
    .map((lines) => lines.map((one) => one.join(' ')).join('\n'));
  const plan = (paper: string) => {
    const { lines, facts } = readRecipe(paper, pantryOf(DEFAULT_KITCHEN), CUSTOMARY_MEASURES);
    for (const { massKg, questions } of lines)
      expect([massKg, massKg === null || massKg <= 50 || questions.includes('too-much')]).toEqual([massKg, true]);
    const kept = lines.filter(
      ({ ingredientId, questions }) => ingredientId !== null && !questions.includes('too-much'),
    );
    const ask = { name: 'Own', shape: 'half-moon' as const, eatAt: EAT, facts };
    for (const count of [
      { how: 'divide', pieces: 12 },
      { how: 'roll', thicknessM: 0.003, discM: 0.11 },
      { how: 'scale', pieces: 12, thicknessM: 0.003, discM: 0.11 },
    ] as const)
      try {
        const made = recipeTray({ ...ask, lines: kept as SettledLine[], count }, DEFAULT_KITCHEN);
        if (made) planCold(made.draft, DEFAULT_KITCHEN);
      } catch (cause) {
        if (!(cause instanceof CoreError)) throw cause;
      }
    return lines;
  };
  expect(plan('1500000 g flour')[0]!.questions).toContain('too-much');
  fc.assert(
    fc.property(text, (paper) => void plan(paper)),
    { numRuns: 150 },
  );
});
