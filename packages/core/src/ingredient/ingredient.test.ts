import fc from 'fast-check';
import { INGREDIENTS, ingredientById } from './catalogue.js';
import { findIngredients } from './findIngredients.js';
import { HOUSEHOLD_NAMES } from './householdNames.js';
import { searchIngredients } from './searchIngredients.js';
import { containedIn, formulaTotals } from './formula.js';

const first = (text: string) => findIngredients(text, INGREDIENTS)[0]?.id;

test('the catalogue is wide enough and every row is sound', () => {
  expect(INGREDIENTS.length).toBeGreaterThanOrEqual(150);
  expect(new Set(INGREDIENTS.map((i) => i.id)).size).toBe(INGREDIENTS.length);
  expect(new Set(INGREDIENTS.map((i) => i.name)).size).toBe(INGREDIENTS.length);
  for (const { id, name, composition, densityKgPerM3, pricePerKg, source, wholemeal, diet, allergens } of INGREDIENTS) {
    const where = { id };
    expect({ ...where, ok: /^[a-z0-9-]+$/.test(id) && name.length > 2 }).toEqual({ ...where, ok: true });
    const shares = Object.values(composition);
    expect({ ...where, ok: shares.every((share) => share >= 0 && share <= 1) }).toEqual({ ...where, ok: true });
    // Fibre, ash and alcohol are not listed, so a row may fall short of the whole, never pass it.
    expect(shares.reduce((a, b) => a + b, 0)).toBeLessThanOrEqual(1.02);
    expect({ ...where, ok: densityKgPerM3 >= 100 && densityKgPerM3 <= 1500 }).toEqual({ ...where, ok: true });
    expect({ ...where, ok: pricePerKg >= 0 && pricePerKg <= 100 }).toEqual({ ...where, ok: true });
    expect({ ...where, ok: wholemeal >= 0 && wholemeal <= 1 && source.length > 26 }).toEqual({ ...where, ok: true });
    if (diet === 'vegan')
      expect(allergens.filter((a) => ['milk', 'eggs', 'fish', 'crustaceans'].includes(a))).toEqual([]);
  }
});

test('known rows: butter is part water, flour holds gluten, oil is all fat', () => {
  expect(ingredientById('butter').composition).toMatchObject({ water: 0.16, fat: 0.81 });
  expect(ingredientById('plain-wheat-flour').allergens).toEqual(['gluten']);
  expect(ingredientById('sunflower-oil').composition.fat).toBe(1);
  expect(ingredientById('wholemeal-wheat-flour').wholemeal).toBe(1);
  expect(ingredientById('lard').diet).toBe('meat');
  expect(() => ingredientById('unicorn', 'dough.lines.3')).toThrow(expect.objectContaining({ path: 'dough.lines.3' }));
});

test.each([
  ['buter', 'butter'],
  ['onoin', 'onion'],
  ['lentl', 'boiled-brown-lentils'],
  ['parprika', 'sweet-paprika'],
  ['WHOLEMEL', 'fine-wholemeal-flour'],
  ['smoked mack', 'smoked-mackerel'],
  ['crème', undefined],
  ['xyzzy', undefined],
])('%p finds %p', (text, id) => {
  expect(first(text)).toBe(id);
});

test('a name typed in full, in part, or with one slip in a long word finds its row near the top', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...INGREDIENTS),
      fc.nat(),
      fc.constantFrom('drop', 'swap', 'double', 'none'),
      ({ id, name }, at, slip) => {
        const i = 1 + (at % Math.max(1, name.length - 2));
        const typed =
          name.length < 7 || slip === 'none'
            ? name
            : slip === 'drop'
              ? name.slice(0, i) + name.slice(i + 1)
              : slip === 'double'
                ? name.slice(0, i) + name[i] + name.slice(i)
                : name.slice(0, i) + (name[i + 1] ?? '') + name[i] + name.slice(i + 2);
        const words = typed.split(/[\s,()-]+/);
        if (words.length !== name.split(/[\s,()-]+/).length) return;
        // A slip in a short word or across a space is another word; that much is not forgiven.
        if (slip !== 'none' && words.some((word, w) => word !== name.split(/[\s,()-]+/)[w] && word.length < 5)) return;
        const ids = findIngredients(typed, INGREDIENTS).map((found) => found.id);
        expect(ids.slice(0, 8)).toContain(id);
      },
    ),
    { numRuns: 100 },
  );
});

test('every name cooks use finds its ingredient among the first, and says so; its own name comes first', () => {
  for (const { name, ingredientId, isKind } of HOUSEHOLD_NAMES) {
    const found = searchIngredients(name, INGREDIENTS).slice(0, 6);
    if (!isKind)
      expect({ name, ids: found.map(({ ingredient }) => ingredient.id) }).toEqual({
        name,
        ids: expect.arrayContaining([ingredientId]),
      });
  }
  const called = (text: string) =>
    searchIngredients(text, INGREDIENTS)
      .slice(0, 1)
      .map(({ ingredient, calledAs }) => [ingredient.id, calledAs]);
  expect(['zucchini', 'Scallions', 'besan', 'butter'].flatMap(called)).toEqual([
    ['courgette', 'zucchini'],
    ['spring-onion', 'scallion'],
    ['gram-flour', 'besan'],
    ['butter', null],
  ]);
  expect(searchIngredients('', INGREDIENTS)).toHaveLength(INGREDIENTS.length);
});

test('no text whatever breaks the search', () => {
  fc.assert(
    fc.property(fc.oneof(fc.string(), fc.string({ unit: 'binary' })), (text) => {
      const found = searchIngredients(text, INGREDIENTS);
      expect(found.length).toBeLessThanOrEqual(INGREDIENTS.length);
    }),
  );
  expect(findIngredients('', INGREDIENTS)).toHaveLength(INGREDIENTS.length);
});

test('a formula costs what its lines cost, however it is split', () => {
  const line = fc.record({
    ingredientId: fc.constantFrom(...INGREDIENTS.map((i) => i.id)),
    massKg: fc.double({ min: 0, max: 5, noNaN: true }),
  });
  fc.assert(
    fc.property(fc.array(line, { maxLength: 12 }), fc.array(line, { maxLength: 12 }), (a, b) => {
      const cost = formulaTotals([...a, ...b]).cost;
      expect(cost).toBeCloseTo(formulaTotals(a).cost + formulaTotals(b).cost, 9);
      const both = containedIn([formulaTotals(a), formulaTotals(b)]);
      expect(both).toEqual({
        allergens: formulaTotals([...a, ...b]).allergens,
        diet: formulaTotals([...a, ...b]).diet,
      });
    }),
  );
  expect(formulaTotals([{ ingredientId: 'butter', massKg: 0.25 }]).cost).toBeCloseTo(2.25, 9);
});
