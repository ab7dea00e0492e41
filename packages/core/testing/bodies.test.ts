import { compare, samplesOf } from '../bench/bodies.js';
import { SHAPES } from '../src/shapes/shapes.js';

/**
 * A few pieces of each shape solved in three dimensions again, on a coarser grid than the table
 * was fitted with: it is right to 2 %.
 */
const CELLS = 6;
const GRID = 0.02;

describe.each(SHAPES.map(({ id }) => id))('%s warms in the fryer as in three dimensions', (shape) => {
  // Other pieces than the fit took, spread over the range.
  const all = samplesOf(shape);
  const some = [0.15, 0.85].map((share) => all[2 * Math.floor((share * all.length) / 2) + 1]!);

  it('is never called hot more than 3 % early, nor 10 % late', () => {
    for (const sample of some) {
      const { late } = compare(sample, CELLS);
      expect(late).toBeGreaterThan(-0.03 - GRID);
      expect(late).toBeLessThan(0.1 + GRID);
    }
  });

  it('has more skin than the ball of its volume, and a middle no further in than its ball', () => {
    for (const { piece } of all) {
      const ballM = Math.cbrt((3 * piece.volumeM3) / (4 * Math.PI));
      expect(piece.surfaceM2).toBeGreaterThanOrEqual(4 * Math.PI * ballM ** 2 * (1 - 1e-9));
      expect(piece.heatRadiusM).toBeLessThan(1.06 * ballM);
    }
  });
});
