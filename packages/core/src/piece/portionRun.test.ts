import fc from 'fast-check';
import { seededNormal, seededUniform } from '../numeric/seededNoise.js';
import { eachOf, portionRun } from './portionRun.js';

const weight = fc.double({ min: 0.01, max: 0.2, noNaN: true });

test('mean, spread and worst by hand', () => {
  const run = portionRun([0.068, 0.07, 0.066, 0.08], 0.068);
  expect(run.meanKg).toBeCloseTo(0.071, 9);
  // Deviations −3, −1, −5 and 9 g: √(116/3) = 6.2 g of 71.
  expect(run.spread).toBeCloseTo(0.0876, 3);
  expect([run.worstKg, run.worstIndex]).toEqual([0.08, 3]);
  // Slope (−1.5·−3 + −0.5·−1 + 0.5·−5 + 1.5·9)/5 = 3.2 g a piece, over three steps.
  expect(run.driftKg).toBeCloseTo(0.0096, 6);
});

test('the mean lies among the weights, the worst is one of them, and the order matters to the drift alone', () => {
  fc.assert(
    fc.property(fc.array(weight, { minLength: 1, maxLength: 40 }), weight, (weights, wanted) => {
      const run = portionRun(weights, wanted);
      expect(run.meanKg).toBeGreaterThanOrEqual(Math.min(...weights) - 1e-12);
      expect(run.meanKg).toBeLessThanOrEqual(Math.max(...weights) + 1e-12);
      expect(weights[run.worstIndex]).toBe(run.worstKg);
      for (const kg of weights) expect(Math.abs(kg - wanted)).toBeLessThanOrEqual(Math.abs(run.worstKg - wanted));
      const back = portionRun([...weights].reverse(), wanted);
      expect(back.driftKg).toBeCloseTo(-run.driftKg, 9);
      expect(back.spread).toBeCloseTo(run.spread, 9);
    }),
  );
});

test('an even hand, a heavy hand, a hand that grows, and one slip are told apart', () => {
  const uniform = seededUniform(11);
  const hand = (mean: number, sd: number, growth: number) =>
    Array.from({ length: 24 }, (_, i) => mean + sd * seededNormal(uniform) + (growth * i) / 23);
  expect(portionRun(hand(0.068, 0.001, 0), 0.068).verdict).toBe('even');
  expect(portionRun(hand(0.078, 0.001, 0), 0.068).verdict).toBe('off');
  expect(portionRun(hand(0.064, 0.0005, 0.009), 0.068).verdict).toBe('drifts');
  const slip = hand(0.068, 0.0005, 0);
  slip[12] = 0.08;
  expect(portionRun(slip, 0.068).verdict).toBe('uneven');
});

test('nothing weighed, a weight that is none, more bowl than scale', () => {
  expect(() => portionRun([], 0.07)).toThrow(expect.objectContaining({ code: 'EMPTY' }));
  expect(() => portionRun([0.07, Number.NaN], 0.07)).toThrow(expect.objectContaining({ path: 'weightsKg.1' }));
  expect(() => portionRun([0.07], 0)).toThrow(expect.objectContaining({ path: 'wantedKg' }));
  expect(eachOf(0.2, 0.3, 4)).toBeNull();
  expect(eachOf(1.832, 0.2, 24)).toBeCloseTo(0.068, 9);
});
