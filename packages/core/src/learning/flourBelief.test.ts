import fc from 'fast-check';
import type { Formula } from '../ingredient/formula.js';
import { seededNormal, seededUniform } from '../numeric/seededNoise.js';
import { doughFigures, stiffnessAtShift } from '../dough/doughFigures.js';
import { WORKED_FORMULAS } from '../families/families.js';
import { beliefDensity, flourBelief, LABEL_BELIEF, observeFlour } from './flourBelief.js';

const FLOUR = 'plain-wheat-flour';
const SHORT = WORKED_FORMULAS['shortcrust'];

/** Water that makes this formula feel right when its flour really drinks `shift` more, kg. */
function waterForRight(lines: Formula, shift: number): number {
  const real = { [FLOUR]: { mean: shift, sd: 0.01, count: 1 } };
  const water = lines.find((l) => l.ingredientId === 'water')!.massKg;
  const f = doughFigures(lines, 'shortcrust', { learnt: real });
  const middle = (f.stiffnessRange.least + f.stiffnessRange.most) / 2;
  return water + ((f.stiffness! - middle) / 20) * f.madeOf.flour;
}

test('ten doughs of a flour four points thirstier than its label bring the first pour within one point', () => {
  const uniform = seededUniform(7);
  const noise = () => seededNormal(uniform);
  const seen = [];
  const trueKg = waterForRight(SHORT, 0.04);
  for (let i = 0; i < 10; i++) {
    // The hand stops within half a point of where it should.
    const pouredKg = trueKg + 0.005 * noise();
    seen.push(observeFlour(SHORT, 'shortcrust', pouredKg, 'right')!);
  }
  const belief = flourBelief(seen);
  expect(belief.count).toBe(10);
  expect(Math.abs(belief.mean - 0.04)).toBeLessThan(0.01);
  const planned = doughFigures(SHORT, 'shortcrust', { learnt: { [FLOUR]: belief } });
  const wantedPercent = (100 * (planned.firstPourKg + planned.reserveKg)) / planned.madeOf.flour;
  // The worked formula's water stands for a label flour; the thirsty one wants four points more.
  expect(Math.abs(wantedPercent - (38 + 4))).toBeLessThan(1);
  expect(planned.firstPourKg).toBeCloseTo(0.85 * (planned.firstPourKg + planned.reserveKg), 9);
  expect(planned.stiffness! - doughFigures(SHORT, 'shortcrust').stiffness!).toBeCloseTo(20 * belief.mean, 6);
});

test('a dough that felt right with its very water says: as the label', () => {
  const pouredKg = waterForRight(SHORT, 0);
  expect(observeFlour(SHORT, 'shortcrust', pouredKg, 'right')!.shift).toBeCloseTo(0, 9);
  fc.assert(
    fc.property(fc.double({ min: -0.08, max: 0.1, noNaN: true }), (shift) => {
      const poured = waterForRight(SHORT, shift);
      const right = observeFlour(SHORT, 'shortcrust', poured, 'right')!;
      expect(right.shift).toBeCloseTo(shift, 9);
      // Firm with the same water means it wanted more; soft, less. Both say it less surely.
      const firm = observeFlour(SHORT, 'shortcrust', poured, 'firm')!;
      const soft = observeFlour(SHORT, 'shortcrust', poured, 'soft')!;
      expect(firm.shift).toBeGreaterThan(shift);
      expect(soft.shift).toBeLessThan(shift);
      expect(firm.sd).toBeGreaterThan(right.sd);
    }),
  );
});

test('belief does not depend on the order, narrows with each dough, and lies between label and what was seen', () => {
  const one = fc.record({
    shift: fc.double({ min: -0.1, max: 0.1, noNaN: true }),
    sd: fc.constantFrom(0.015, 0.025),
  });
  fc.assert(
    fc.property(fc.array(one, { minLength: 1, maxLength: 12 }), (seen) => {
      const belief = flourBelief(seen);
      expect(flourBelief([...seen].reverse()).mean).toBeCloseTo(belief.mean, 12);
      expect(belief.sd).toBeLessThan(flourBelief(seen.slice(1)).sd);
      const shifts = [0, ...seen.map((s) => s.shift)];
      expect(belief.mean).toBeGreaterThanOrEqual(Math.min(...shifts) - 1e-12);
      expect(belief.mean).toBeLessThanOrEqual(Math.max(...shifts) + 1e-12);
    }),
  );
  expect(flourBelief([])).toEqual(LABEL_BELIEF);
  // The bell is one: its area, by the trapezium, is 1.
  const step = 0.001;
  let area = 0;
  for (let x = -0.2; x < 0.2; x += step) area += step * beliefDensity(LABEL_BELIEF, x);
  expect(area).toBeCloseTo(1, 3);
});

test('a blend shifts by the share of the flour that is known; scalding learns nothing', () => {
  const half: Formula = [
    { ingredientId: FLOUR, massKg: 0.5 },
    { ingredientId: 'rye-flour', massKg: 0.5 },
    { ingredientId: 'water', massKg: 0.4 },
  ];
  const learnt = { [FLOUR]: { mean: 0.04, sd: 0.01, count: 3 } };
  expect(doughFigures(half, 'shortcrust', { learnt }).learntShift).toBeCloseTo(0.02, 12);
  expect(doughFigures(half, 'shortcrust', { learnt }).mainFlourId).toBe(FLOUR);
  expect(doughFigures(WORKED_FORMULAS['hot-water'], 'hot-water', { learnt }).learntShift).toBe(0);
  expect(observeFlour(WORKED_FORMULAS['hot-water'], 'hot-water', 1, 'right')).toBeNull();
  expect(observeFlour([], 'shortcrust', 0.3, 'right')).toBeNull();
  expect(observeFlour(SHORT, 'shortcrust', 0, 'right')).toBeNull();
  expect(() => observeFlour(SHORT, 'shortcrust', -1, 'right')).toThrow(expect.objectContaining({ path: 'pouredKg' }));
  expect(() => flourBelief([{ shift: Number.NaN, sd: 0.01 }])).toThrow(expect.objectContaining({ path: 'shift' }));
});

test('each earlier dough of a flour says how this one would feel if it were right', () => {
  fc.assert(
    fc.property(fc.double({ min: -0.06, max: 0.06, noNaN: true }), (shift) => {
      const learnt = { [FLOUR]: { mean: shift, sd: 0.01, count: 3 } };
      const label = doughFigures(SHORT, 'shortcrust');
      // Said by one dough and believed outright, it is the same thing.
      expect(stiffnessAtShift(label, shift)!).toBeCloseTo(doughFigures(SHORT, 'shortcrust', { learnt }).stiffness!, 6);
      expect(stiffnessAtShift(doughFigures(SHORT, 'shortcrust', { learnt }), 0)!).toBeCloseTo(label.stiffness!, 6);
    }),
  );
  expect(stiffnessAtShift(doughFigures(WORKED_FORMULAS['hot-water'], 'hot-water'), 0.02)).toBeNull();
  expect(() => stiffnessAtShift(doughFigures(SHORT, 'shortcrust'), 2)).toThrow(
    expect.objectContaining({ path: 'shift' }),
  );
});
