import fc from 'fast-check';
import { logBelief } from './logBelief.js';

const figure = fc.double({ min: 0.1, max: 20, noNaN: true });
const sd = fc.double({ min: 0.05, max: 1, noNaN: true });

test('a belief lies between what is usual and what was seen, in any order, and narrows with each sighting', () => {
  fc.assert(
    fc.property(figure, sd, fc.array(figure, { minLength: 1, maxLength: 12 }), sd, (usual, usualSd, seen, seenSd) => {
      const belief = logBelief(usual, usualSd, seen, seenSd);
      expect(belief.value).toBeGreaterThanOrEqual(Math.min(usual, ...seen) * (1 - 1e-9));
      expect(belief.value).toBeLessThanOrEqual(Math.max(usual, ...seen) * (1 + 1e-9));
      expect(logBelief(usual, usualSd, [...seen].reverse(), seenSd).value).toBeCloseTo(belief.value, 9);
      const before = logBelief(usual, usualSd, seen.slice(1), seenSd);
      expect(belief.high / belief.low).toBeLessThan(before.high / before.low);
      // What is seen pulls it its way.
      const pulled = logBelief(usual, usualSd, [...seen, belief.value * 2], seenSd);
      expect(pulled.value).toBeGreaterThan(belief.value);
    }),
  );
  const none = logBelief(2, 0.5, [], 1);
  expect([none.value, none.high / none.low]).toEqual([expect.closeTo(2, 12), expect.closeTo(Math.exp(2), 9)]);
});
