import fc from 'fast-check';
import { fitSds, leastSquares } from './leastSquares.js';
import { seededNormal, seededUniform } from './seededNoise.js';

const x = Array.from({ length: 60 }, (_, i) => i / 10);
/** Decay with a level: curved in two of its three parameters. */
const model = ([level, height, rate]: readonly number[]) => x.map((t) => level! + height! * Math.exp(-rate! * t));
const SD = 0.05;

const fit = (data: readonly number[], rounds = 40) =>
  leastSquares({
    residuals: (at) => model(at).map((m, i) => (data[i]! - m) / SD),
    start: [0, 1, 1],
    priorSd: [50, 50, 50],
    mostStep: 1,
    rounds,
  });

/** Level, height and rate of a decay that bends enough within its six seconds to be told from a straight line. */
const truth = fc.tuple(
  fc.double({ min: -3, max: 3, noNaN: true }),
  fc.double({ min: 1.5, max: 6, noNaN: true }),
  fc.double({ min: 0.5, max: 2.5, noNaN: true }),
);

const fitTo = (true3: readonly number[], uniform: () => number) =>
  fit(model(true3).map((m) => m + SD * seededNormal(uniform)));

it('finds what made the data', () => {
  fc.assert(
    fc.property(truth, fc.integer(), (true3, seed) => {
      const found = fitTo(true3, seededUniform(seed));
      expect(found.converged).toBe(true);
      const sds = fitSds(found);
      for (const [i, value] of true3.entries()) {
        expect(Math.abs(found.at[i]! - value)).toBeLessThan(5 * sds[i]! + 1e-3);
      }
    }),
    { numRuns: 200, endOnFailure: true },
  );
});

it('has ranges that hold as often as they say', () => {
  // The same draws each time: a share of draws is no property of each.
  const uniform = seededUniform(5);
  const inside = Array.from({ length: 1000 }, () => {
    const true3 = [6 * uniform() - 3, 1.5 + 4.5 * uniform(), 0.5 + 2 * uniform()];
    const found = fitTo(true3, uniform);
    const sds = fitSds(found);
    return true3.filter((value, i) => Math.abs(found.at[i]! - value) < 1.282 * sds[i]!).length;
  });
  // Eight in ten.
  expect(inside.reduce((sum, n) => sum + n, 0) / 3000).toBeCloseTo(0.8, 1);
});

it('says that it has not converged when it was stopped on its way', () => {
  const data = model([2, 5, 0.4]);
  expect(fit(data).converged).toBe(true);
  expect(fit(data, 1).converged).toBe(false);
});

it('leaves a parameter where it was when the data say nothing of it', () => {
  const found = leastSquares({
    residuals: ([a]) => x.map(() => a! - 3),
    start: [0, 7],
    priorSd: [10, 2],
    mostStep: 5,
    rounds: 30,
  });
  expect(found.at[0]).toBeCloseTo(3, 2);
  expect(found.at[1]).toBe(7);
  expect(fitSds(found)[1]).toBeCloseTo(2, 6);
});
