import fc from 'fast-check';
import { LEAF } from './ownCutter/ownCutter.js';
import { SHAPES, shapeOf } from './shapes.js';
import type { DrawnPart } from './kit/drawn.js';
import { closes } from './kit/piece.js';
import type { EdgeId } from '../draft/choices.js';

/** Numbers after a command of path data, and which of them are the point it ends at. */
const ENDS: Readonly<Record<string, number>> = { M: 2, L: 2, T: 2, Q: 4, C: 6, A: 7, H: 1, V: 1, Z: 0 };

/** The points that path data passes through, in its own units. */
function pointsOf({ path }: DrawnPart): [number, number][] {
  let [x, y] = [0, 0];
  return [...path.matchAll(/([MLTQCAHVZ])([^MLTQCAHVZ]*)/gi)].flatMap(([, command, rest]) => {
    const size = ENDS[command!.toUpperCase()]!;
    const numbers = (rest!.match(/-?[\d.]+(?:e-?\d+)?/g) ?? []).map(Number);
    const from = command === command!.toLowerCase() ? [x, y] : [0, 0];
    const found: [number, number][] = [];
    for (let i = 0; size > 0 && i + size <= numbers.length; i += size) {
      const [a, b] = [numbers[i + size - 2]!, numbers[i + size - 1]!];
      if (/h/i.test(command!)) x = from[0]! + b;
      else if (/v/i.test(command!)) y = from[1]! + b;
      else [x, y] = [from[0]! + a, from[1]! + b];
      [from[0], from[1]] = command === command!.toLowerCase() ? [x, y] : [0, 0];
      found.push([x, y]);
    }
    return found;
  });
}

/** A piece before it is folded, of any size. */
const anySpec = fc.record({
  discM: fc.double({ min: 0.06, max: 0.25, noNaN: true }),
  lengthM: fc.double({ min: 0.1, max: 0.4, noNaN: true }),
  thicknessM: fc.double({ min: 0.001, max: 0.005, noNaN: true }),
  sealM: fc.double({ min: 0.003, max: 0.012, noNaN: true }),
  fillingKg: fc.double({ min: 0, max: 0.06, noNaN: true }),
  fillingKgPerM3: fc.constant(1020),
  doughKgPerM3: fc.constant(1175),
  stretch: fc.constant(0.09),
  edge: fc.constantFrom<EdgeId>('plain', 'fork', 'rope', 'mould'),
});

test.each(SHAPES.map(({ id }) => id))('%s from above is drawn as wide and as deep as it is', (id) => {
  const shape = shapeOf(id);
  let drawn = 0;
  fc.assert(
    fc.property(anySpec, (spec) => {
      const piece = shape.piece(spec);
      if (!closes(piece)) return;
      drawn += 1;
      const [halfWidth, depth, seal] = [piece.widthM * 500, piece.depthM * 1000, spec.sealM * 1000];
      const points = shape.look.above({ halfWidth, depth, seal, edge: spec.edge, outline: LEAF }).flatMap(pointsOf);
      const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
      // A rope is twisted over its rim, by less than its seal.
      const over = spec.edge === 'rope' ? seal : 0.02;
      expect(Math.max(...xs, ...xs.map((x) => -x))).toBeLessThanOrEqual(halfWidth + over);
      expect(Math.min(...ys)).toBeGreaterThanOrEqual(-depth - over);
      expect(Math.max(...ys)).toBeLessThanOrEqual(over);
      expect(Math.max(...xs)).toBeGreaterThan(halfWidth * 0.8 - over);
    }),
    { numRuns: 60 },
  );
  expect(drawn).toBeGreaterThan(10);
});

test('what no shape is called is no shape, not even what every object has', () => {
  for (const id of ['star', 'toString', ''])
    expect(() => shapeOf(id as 'ball')).toThrow(expect.objectContaining({ path: 'shape' }));
});
