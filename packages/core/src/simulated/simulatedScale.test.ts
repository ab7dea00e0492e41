import fc from 'fast-check';
import { createScale, loadScale, portionByHand, readScale, stepScale, tareScale } from './simulatedScale.js';

test('a load is shown, steady, within one step of the truth in three seconds; while it swings it is not steady', () => {
  fc.assert(
    fc.property(fc.nat(), fc.double({ min: 0.02, max: 5, noNaN: true }), (seed, loadKg) => {
      const scale = createScale(seed);
      for (let i = 0; i < 10; i++) stepScale(scale);
      expect(readScale(scale).isSteady).toBe(true);
      loadScale(scale, loadKg);
      stepScale(scale);
      expect(readScale(scale).isSteady).toBe(false);
      for (let i = 0; i < 15; i++) stepScale(scale);
      const reading = readScale(scale);
      expect(Math.abs(reading.netKg - loadKg)).toBeLessThanOrEqual(0.0016);
      expect(Math.abs(reading.netKg * 1000 - Math.round(reading.netKg * 1000))).toBeLessThan(1e-6);
      tareScale(scale);
      stepScale(scale);
      expect(Math.abs(readScale(scale).netKg)).toBeLessThanOrEqual(0.0016);
    }),
    { numRuns: 40 },
  );
});

test('steadiness is the rule, not the exception, with nothing moving; overload is refused', () => {
  const scale = createScale(7);
  loadScale(scale, 0.068);
  let steady = 0;
  for (let i = 0; i < 200; i++) {
    stepScale(scale);
    if (readScale(scale).isSteady) steady += 1;
  }
  expect(steady).toBeGreaterThan(150);
  expect(() => loadScale(scale, 6)).toThrow(expect.objectContaining({ path: 'loadKg' }));
  expect(() => stepScale(scale, -1)).toThrow(expect.objectContaining({ path: 'dtS' }));
});

test('portions by hand lie around what was wanted, and the same seed gives the same one', () => {
  const made = Array.from({ length: 400 }, (_, seed) => portionByHand(0.068, seed));
  const mean = made.reduce((sum, kg) => sum + kg, 0) / made.length;
  expect(Math.abs(mean / 0.068 - 1)).toBeLessThan(0.01);
  expect(new Set(made).size).toBeGreaterThan(390);
  expect(portionByHand(0.068, 3)).toBe(made[3]);
});
