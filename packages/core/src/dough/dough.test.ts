import fc from 'fast-check';
import { INGREDIENTS } from '../ingredient/catalogue.js';
import { type Formula, scaleFormula } from '../ingredient/formula.js';
import { coldStiffness, doughFigures } from './doughFigures.js';
import { doughFindings } from './doughFindings.js';

const grams = (lines: Record<string, number>): Formula =>
  Object.entries(lines).map(([ingredientId, g]) => ({ ingredientId, massKg: g / 1000 }));

const SHORT = { 'plain-wheat-flour': 1000, 'vegetable-shortening': 200, water: 380, 'fine-salt': 16 };
const short = doughFigures(grams(SHORT), 'shortcrust');
const codes = (lines: Record<string, number>, family: 'shortcrust' | 'hot-water' = 'shortcrust') => {
  const formula = grams(lines);
  const figures = doughFigures(formula, family);
  return { figures, found: doughFindings(figures, formula), names: doughFindings(figures, formula).map((f) => f.code) };
};

test('a rubbed short dough worked by hand: percents, absorption, stiffness, first pour', () => {
  expect(short.waterPercent).toBeCloseTo(38, 0);
  expect(short.fatPercent).toBeCloseTo(20, 0);
  expect(short.saltPercent).toBeCloseTo(1.6, 1);
  // A = 0.54 + 0.012·(10.5 − 10); x = 0.38 + 0.38·0.20 − A; stiffness = 5 − 20·x
  expect(short.absorption).toBeCloseTo(0.546, 3);
  expect(short.stiffness).toBeCloseTo(5 - 20 * (0.38 + 0.38 * 0.2 - 0.546), 1);
  expect(short.firstPourKg).toBeCloseTo(0.323, 3);
  expect(short.firstPourKg + short.reserveKg).toBeCloseTo(0.38, 9);
});

test('a hot-water dough loses 8 % of its liquid, is poured whole and is judged on its own slope', () => {
  const scalded = doughFigures(grams({ 'plain-wheat-flour': 1000, water: 1050, butter: 90 }), 'hot-water');
  const liquid = 1.05 + 0.09 * 0.16;
  expect(scalded.boiledOffKg).toBeCloseTo(0.08 * liquid, 4);
  expect(scalded.massKg).toBeCloseTo(2.14 - 0.08 * liquid, 4);
  expect(scalded.reserveKg).toBe(0);
  expect(scalded.stiffness!).toBeGreaterThan(3.5);
  expect(scalded.stiffness!).toBeLessThan(5.5);
});

test('butter counts as fat and as water; egg and milk bring water', () => {
  const butter = doughFigures(grams({ 'plain-wheat-flour': 1000, butter: 100, milk: 100, egg: 100 }), 'shortcrust');
  expect(butter.waterPercent).toBeCloseTo(1.6 + 8.8 + 7.6, 1);
  expect(butter.fatPercent).toBeCloseTo(8.1 + 0.33 + 0.95, 1);
});

test.each(['shortcrust', 'hot-water'] as const)(
  '%s: the grams a finding names bring the dough to the edge of its range',
  (family) => {
    const flour = 1000;
    const base = family === 'hot-water' ? 1050 : 380;
    fc.assert(
      fc.property(fc.double({ min: -0.4, max: 0.4, noNaN: true }), (off) => {
        const lines = { 'plain-wheat-flour': flour, 'sunflower-oil': 120, water: base * (1 + off) };
        const figures = doughFigures(grams(lines), family);
        const { least, most } = figures.family.stiffness;
        if (figures.stiffness! <= 0 || figures.stiffness! >= 10) return;
        const mended = doughFigures(
          grams({ ...lines, water: lines.water + figures.waterToRangeKg * 1000 }),
          family,
        ).stiffness!;
        expect(mended).toBeGreaterThan(least - 0.01);
        expect(mended).toBeLessThan(most + 0.01);
      }),
    );
  },
);

test('every mistake raises its own finding', () => {
  expect(codes(SHORT).names).toEqual(expect.arrayContaining(['dough.firm', 'dough.fist-holds', 'dough.hold-back']));
  expect(codes({ ...SHORT, water: 300 }).names).toContain('dough.too-stiff');
  expect(codes({ ...SHORT, water: 300 }).names).toContain('dough.water-outside');
  const slack = codes({ ...SHORT, water: 480 });
  const finding = slack.found.find((f) => f.code === 'dough.too-slack')!;
  expect(finding.values.waterKg).toBeGreaterThan(0.03);
  expect(finding.values.flourKg).toBeGreaterThan(finding.values.waterKg);
  expect(codes({ ...SHORT, 'vegetable-shortening': 160 }).names).toContain('dough.fist-crumbles');
  expect(codes({ ...SHORT, 'vegetable-shortening': 100 }).names).toEqual(
    expect.arrayContaining(['dough.fist-fails', 'dough.fat-outside']),
  );
  expect(codes({ ...SHORT, 'fine-salt': 40 }).names).toContain('dough.salt-high');
  expect(codes({ 'plain-wheat-flour': 1000, butter: 250, water: 340 }).names).toContain('dough.butter-water');
  expect(codes({ water: 300 }).names).toEqual(['dough.no-flour']);
  expect(codes({ 'plain-wheat-flour': 1000, water: 1100, lard: 80 }, 'hot-water').names).toContain('dough.boil-off');
});

const anyFormula = fc.array(
  fc.record({
    ingredientId: fc.constantFrom(...INGREDIENTS.map((i) => i.id)),
    massKg: fc.oneof(fc.constant(0), fc.double({ min: 1e-5, max: 1000, noNaN: true })),
  }),
  { maxLength: 12 },
);

test('any formula at all gives finite figures, and scaling keeps every ratio', () => {
  fc.assert(
    fc.property(anyFormula, fc.double({ min: 0.01, max: 1, noNaN: true }), (lines, factor) => {
      for (const family of ['shortcrust', 'hot-water'] as const) {
        const before = doughFigures(lines, family);
        const after = doughFigures(scaleFormula(lines, factor), family);
        for (const key of ['waterPercent', 'fatPercent', 'saltPercent', 'sugarPercent', 'waterShare'] as const) {
          expect(Number.isFinite(before[key])).toBe(true);
          expect(after[key]).toBeCloseTo(before[key], 4);
        }
        expect(after.massKg).toBeCloseTo(before.massKg * factor, 4);
        expect(before.stiffness === null || (before.stiffness >= 0 && before.stiffness <= 10)).toBe(true);
        for (const finding of doughFindings(before, lines)) {
          for (const value of Object.values(finding.values))
            expect(typeof value === 'string' || Number.isFinite(value)).toBe(true);
        }
      }
    }),
  );
});

test('a bad mass is refused at its line', () => {
  for (const massKg of [-1, Number.NaN, Infinity, 2000]) {
    expect(() => doughFigures([{ ingredientId: 'water', massKg }], 'hot-water')).toThrow(
      expect.objectContaining({ path: 'dough.lines.0.massKg' }),
    );
  }
  expect(() => doughFigures([{ ingredientId: 'moon-dust', massKg: 1 }], 'hot-water')).toThrow(
    expect.objectContaining({ code: 'UNKNOWN_NAME', path: 'dough.lines.0.ingredientId' }),
  );
});

test('the catalogue holds itself: unique ids, shares that add up to no more than the whole, a source each', () => {
  expect(new Set(INGREDIENTS.map((i) => i.id)).size).toBe(INGREDIENTS.length);
  for (const { composition, densityKgPerM3, source, id } of INGREDIENTS) {
    const sum = Object.values(composition).reduce((a, b) => a + b, 0);
    expect([id, sum <= 1.021]).toEqual([id, true]);
    expect(densityKgPerM3).toBeGreaterThan(80);
    expect(source).toMatch(/: \S/);
  }
});

test('cold firms a dough, the more the more solid fat it has; warm it feels as mixed', () => {
  const lard = doughFigures(grams({ 'plain-wheat-flour': 1000, lard: 500, water: 300 }), 'flaky');
  const oil = doughFigures(grams({ 'plain-wheat-flour': 1000, 'sunflower-oil': 300, water: 300 }), 'hot-oil');
  // 18 degrees under 22: (2 % + 10 % of 0.5) × 1.8 less water, 20 points of stiffness a unit of water.
  expect(coldStiffness(lard, 4)! - lard.stiffness!).toBeCloseTo(20 * 1.8 * (0.02 + 0.1 * 0.5), 1);
  expect(coldStiffness(oil, 4)! - oil.stiffness!).toBeCloseTo(20 * 1.8 * 0.02, 1);
  expect(coldStiffness(oil, 30)).toBe(oil.stiffness);
  expect(coldStiffness(doughFigures([], 'hot-oil'), 4)).toBeNull();
  expect(() => coldStiffness(oil, Number.NaN)).toThrow(expect.objectContaining({ path: 'tempC' }));
});

test('scalded on the heat more boils off and the flour takes up more: it comes out firmer', () => {
  const lines = grams({ 'plain-wheat-flour': 1000, water: 1500, butter: 90 });
  const off = doughFigures(lines, 'hot-water');
  const on = doughFigures(lines, 'hot-water', { onHeat: true });
  expect(on.boiledOffKg / off.boiledOffKg).toBeCloseTo(0.14 / 0.08, 6);
  expect([off.absorption, on.absorption]).toEqual([1, 1.55]);
  expect(on.stiffness!).toBeGreaterThan(off.stiffness! + 1);
  const short = grams(SHORT);
  expect(doughFigures(short, 'shortcrust', { onHeat: true })).toEqual(doughFigures(short, 'shortcrust'));
});
