import fc from 'fast-check';
import { ingredientById } from '../ingredient/catalogue.js';
import { DOUGH_FAMILIES } from '../families/families.js';
import { doughFigures } from './doughFigures.js';
import { hasSubstitutions, substitutionsFor } from './substitute.js';
import { WORKED_FORMULAS } from '../families/families.js';

const indexOf = (family: keyof typeof WORKED_FORMULAS, id: string) =>
  WORKED_FORMULAS[family].findIndex((line) => line.ingredientId === id);

test('every swap in every worked formula keeps effective water and fat within one percent', () => {
  let swaps = 0;
  fc.assert(
    fc.property(
      fc.constantFrom(...DOUGH_FAMILIES.map((f) => f.id)),
      fc.double({ min: 0.05, max: 20, noNaN: true }),
      (family, factor) => {
        const lines = WORKED_FORMULAS[family].map((line) => ({ ...line, massKg: line.massKg * factor }));
        const before = doughFigures(lines, family);
        lines.forEach((line, i) => {
          for (const swap of substitutionsFor(lines, i, { family })) {
            swaps += 1;
            expect(hasSubstitutions(lines, i)).toBe(true);
            const after = doughFigures(swap.lines, family);
            // Another flour drinks differently: then it is the stiffness that stays.
            const flour = ingredientById(swap.toId).role === 'flour';
            if (flour) expect(Math.abs(after.stiffness! - before.stiffness!)).toBeLessThan(0.15);
            else expect(Math.abs(after.waterPercent / before.waterPercent - 1)).toBeLessThanOrEqual(0.0101);
            expect(Math.abs(after.fatPercent / before.fatPercent - 1)).toBeLessThanOrEqual(0.0101);
            expect(Math.abs(after.yeastPercent - before.yeastPercent)).toBeLessThan(1e-9);
            expect(swap.toId).not.toBe(line.ingredientId);
            expect(swap.lines.every((l) => l.massKg >= 0)).toBe(true);
            expect(swap.lines.filter((l) => l.part === 1).length).toBe(lines.filter((l) => l.part === 1).length);
          }
        });
      },
    ),
    { numRuns: 60 },
  );
  expect(swaps).toBeGreaterThan(500);
});

test('shortening for butter, by hand: more of it, and less water for what butter brings', () => {
  const lines = WORKED_FORMULAS['shortcrust'];
  const swap = substitutionsFor(lines, indexOf('shortcrust', 'vegetable-shortening')).find((s) => s.toId === 'butter')!;
  // 200 g of fat are 246.9 g of butter at 81 %, which bring 39.5 g of water.
  expect(swap.massKg).toBeCloseTo(0.2469, 4);
  expect(swap.waterChangeKg).toBeCloseTo(-0.0395, 4);
  expect(swap.effects).toEqual(['needs-cold']);
  expect(swap.newAllergens).toEqual(['milk']);
  const back = substitutionsFor(swap.lines, indexOf('shortcrust', 'vegetable-shortening')).find(
    (s) => s.toId === 'vegetable-shortening',
  )!;
  back.lines.forEach((line, i) => expect(line.massKg).toBeCloseTo(lines[i]!.massKg, 9));
});

test('oil never firms; yeast kinds keep their strength; milk for a plant drink says what it brings', () => {
  const oil = substitutionsFor(WORKED_FORMULAS['flaky'], indexOf('flaky', 'butter')).find(
    (s) => s.toId === 'sunflower-oil',
  )!;
  expect(oil.effects).toEqual(['never-firms', 'less-flavour']);
  expect(oil.waterChangeKg).toBeCloseTo(0.56 * 0.16, 6);
  const yeast = substitutionsFor(WORKED_FORMULAS.yeast, indexOf('yeast', 'instant-yeast'));
  expect(yeast.map((s) => s.toId).sort()).toEqual(['active-dry-yeast', 'fresh-yeast']);
  expect(yeast.find((s) => s.toId === 'fresh-yeast')!.massKg / 0.01).toBeCloseTo(2.78, 2);
  expect(yeast.find((s) => s.toId === 'active-dry-yeast')!.massKg / 0.01).toBeCloseTo(1.25, 2);
  const drink = substitutionsFor(WORKED_FORMULAS['egg-butter'], indexOf('egg-butter', 'milk')).find(
    (s) => s.toId === 'soya-drink',
  )!;
  expect(drink.newAllergens).toEqual(['soya']);
  expect(drink.effects).toEqual(['browns-less']);
  const egg = substitutionsFor(WORKED_FORMULAS['egg-butter'], indexOf('egg-butter', 'egg')).find(
    (s) => s.toId === 'dried-egg',
  )!;
  expect(egg.massKg).toBeLessThan(0.05);
  expect(egg.waterChangeKg).toBeGreaterThan(0.1);
});

test('what has no stand-in has none: flour, salt, water, an empty line', () => {
  const lines = WORKED_FORMULAS['shortcrust'];
  for (const id of ['fine-salt', 'water']) {
    expect(substitutionsFor(lines, indexOf('shortcrust', id))).toEqual([]);
    expect(hasSubstitutions(lines, indexOf('shortcrust', id))).toBe(false);
  }
  expect(substitutionsFor(lines, 99)).toEqual([]);
  expect(substitutionsFor([{ ingredientId: 'butter', massKg: 0 }], 0)).toEqual([]);
  expect(ingredientById('butter').role).toBe('fat');
});

test('what may not stand in for all of it says so; dried milk goes into the flour', () => {
  const shortening = substitutionsFor(WORKED_FORMULAS['hot-oil'], indexOf('hot-oil', 'sunflower-oil'), {
    family: 'hot-oil',
  });
  expect(shortening.find((s) => s.toId === 'butter')!.effects).toContain('not-all-butter');
  const milk = WORKED_FORMULAS['egg-butter'];
  const dried = substitutionsFor(milk, indexOf('egg-butter', 'milk')).find((s) => s.toId === 'dried-milk')!;
  expect(dried.effects).toContain('stir-into-flour');
  // Milk is 88 % water, which the jug has to bring now.
  expect(dried.waterChangeKg).toBeCloseTo(0.25 * 0.88, 1);
  const brown = substitutionsFor(WORKED_FORMULAS['shortcrust'], 0, { family: 'shortcrust' }).find(
    (s) => s.toId === 'wholemeal-wheat-flour',
  )!;
  expect(brown.effects).toContain('drinks-more');
  expect(brown.waterChangeKg).toBeGreaterThan(0.03);
});
