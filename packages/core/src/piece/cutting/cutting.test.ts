import fc from 'fast-check';
import { type CuttingSpec, cutSheet, cuttingRolls } from './cutting.js';
import { cutAreaM2, cutLayout, type CutterShape, type CutPlace } from './lattice.js';

const SHAPES: readonly CutterShape[] = ['round', 'square', 'half-disc'];
const SPEC: CuttingSpec = {
  shape: 'round',
  acrossM: 0.118,
  perPiece: 1,
  thicknessM: 0.0026,
  doughKg: 1.6,
  doughKgPerM3: 1175,
  board: { wideM: 0.6, highM: 0.45 },
  toughens: 1,
};
const double = (min: number, max: number) => fc.double({ min, max, noNaN: true });

/** Points of a cut, for checking that it lies on the sheet and on no other. */
function rimOf(shape: CutterShape, d: number, { xM, yM, turnDeg }: CutPlace): [number, number][] {
  const r = d / 2;
  if (shape === 'square')
    return [
      [xM - r, yM - r],
      [xM + r, yM - r],
      [xM + r, yM + r],
      [xM - r, yM + r],
    ];
  const turn = (turnDeg * Math.PI) / 180;
  const span = shape === 'round' ? 2 * Math.PI : Math.PI;
  return Array.from({ length: 25 }, (_, i) => {
    const angle = turn + (span * i) / 24;
    return [xM + r * Math.cos(angle), yM + r * Math.sin(angle)];
  });
}

/** How deep a point lies inside a cut, m; under 0 outside. */
function depthIn(shape: CutterShape, d: number, place: CutPlace, x: number, y: number): number {
  const [dx, dy] = [x - place.xM, y - place.yM];
  if (shape === 'square') return d / 2 - Math.max(Math.abs(dx), Math.abs(dy));
  const round = d / 2 - Math.hypot(dx, dy);
  if (shape === 'round') return round;
  const turn = (place.turnDeg * Math.PI) / 180;
  return Math.min(round, -dx * Math.sin(turn) + dy * Math.cos(turn));
}

test.each<[string, CutterShape, number, number, number, number]>([
  ['one round in a sheet of its own size', 'round', 1, 1, 1, 1],
  ['none in one a hair smaller', 'round', 1, 0.999, 1, 0],
  ['four in two by two', 'round', 1, 2, 2, 4],
  ['five in a strip of hexagons 1 + √3/2 high', 'round', 1, 3, 1 + Math.sqrt(3) / 2, 5],
  ['sixty-eight rounds in a square of eight: hexagons win over rows', 'round', 1, 8, 8, 68],
  ['three by two squares', 'square', 1, 3.2, 2.9, 6],
  ['two half-discs in the square round their disc', 'half-disc', 1, 1, 1, 2],
  ['three half-discs in a strip half as high as they are wide', 'half-disc', 1, 1 + Math.sqrt(3), 0.5, 3],
])('%s', (_name, shape, d, wide, high, count) => {
  expect(cutLayout(shape, d / 10, { wideM: wide / 10, highM: high / 10 }).places).toHaveLength(count);
});

test.each(SHAPES)('%s: every cut lies on the sheet, none on another, and none more fits by area', (shape) => {
  fc.assert(
    fc.property(double(0.04, 0.15), double(0.01, 0.5), double(0.01, 0.5), (d, wideM, highM) => {
      const { places } = cutLayout(shape, d, { wideM, highM });
      expect(places.length * cutAreaM2(shape, d)).toBeLessThanOrEqual(wideM * highM + 1e-9);
      let [leastOn, deepest] = [Infinity, -Infinity];
      for (const [i, place] of places.entries()) {
        for (const [x, y] of rimOf(shape, d, place)) {
          leastOn = Math.min(leastOn, x, y, wideM - x, highM - y);
          for (let other = Math.max(0, i - 25); other < i; other++) {
            deepest = Math.max(deepest, depthIn(shape, d, places[other]!, x, y));
          }
        }
      }
      expect(leastOn).toBeGreaterThan(-1e-6);
      expect(deepest).toBeLessThan(1e-6);
    }),
    { numRuns: 25 },
  );
});

test('rounds: at least as many as the best of every lattice on a coarse grid of angle and place', () => {
  fc.assert(
    fc.property(double(1, 4.6), double(1, 4.6), (wide, high) => {
      const found = cutLayout('round', 0.1, { wideM: wide / 10, highM: high / 10 }).places.length;
      let most = 0;
      for (const row of [1, Math.sqrt(3) / 2]) {
        for (let a = 0; a < 6; a++) {
          const angle = (Math.PI * a) / 12;
          for (let u = 0; u < 4; u++) {
            for (let v = 0; v < 4; v++) {
              let count = 0;
              for (let i = -8; i <= 8; i++) {
                for (let j = -8; j <= 8; j++) {
                  const x = i + u / 4 + (row < 1 && j % 2 !== 0 ? 0.5 : 0);
                  const y = (j + v / 4) * row;
                  const [px, py] = [
                    x * Math.cos(angle) - y * Math.sin(angle),
                    x * Math.sin(angle) + y * Math.cos(angle),
                  ];
                  if (px >= -1e-9 && py >= -1e-9 && px <= wide - 1 + 1e-9 && py <= high - 1 + 1e-9) count += 1;
                }
              }
              most = Math.max(most, count);
            }
          }
        }
      }
      expect(found).toBeGreaterThanOrEqual(most);
    }),
    { numRuns: 30 },
  );
});

test('118 mm rounds from 1.6 kg at 2.6 mm: two thirds on the first cut, nearly all after re-rolls, never more than by weight', () => {
  const cut = cutSheet(SPEC);
  expect(cut.byWeight).toBe(47);
  expect(cut.rolls[0]!.cuts / cut.byWeight).toBeGreaterThan(0.6);
  expect(cut.pieces).toBeGreaterThan(0.9 * cut.byWeight);
  expect(cut.pieces).toBeLessThanOrEqual(cut.byWeight);
  expect(cut.rolls[1]!.toughness).toBeGreaterThan(cut.rolls[0]!.toughness);
  expect(cutSheet({ ...SPEC, toughens: 0 }).rolls[1]!.toughness).toBe(1);
});

test('dough is kept, whatever the cutter, mass, thickness and board: cut, left and lost make what there was', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...SHAPES),
      double(0.02, 0.4),
      double(0.0004, 0.012),
      double(0, 20),
      double(0.1, 1.5),
      fc.constantFrom(1, 2),
      (shape, acrossM, thicknessM, doughKg, wideM, perPiece) => {
        const spec = { ...SPEC, shape, acrossM, thicknessM, doughKg, perPiece, board: { wideM, highM: 0.45 } };
        const seen = [...cuttingRolls(spec)];
        const cut = seen[seen.length - 1]!;
        const cutKg = cut.cuts * cutAreaM2(shape, acrossM) * thicknessM * 1175;
        expect(cutKg + cut.leftKg + cut.lostKg).toBeCloseTo(doughKg, 6);
        expect(cut.pieces).toBe(Math.floor(cut.cuts / perPiece));
        expect(cut.pieces).toBeLessThanOrEqual(cut.byWeight);
        expect(cut.rolls.length).toBeLessThanOrEqual(8);
        for (const { sheet } of cut.rolls) expect(sheet.wideM).toBeLessThanOrEqual(wideM + 1e-9);
        seen.slice(1).forEach((later, i) => expect(later.cuts).toBeGreaterThan(seen[i]!.cuts));
      },
    ),
    { numRuns: 40 },
  );
});

test('no dough gives nothing; a bad figure is refused at its name', () => {
  expect(cutSheet({ ...SPEC, doughKg: 0 })).toMatchObject({ rolls: [], pieces: 0, byWeight: 0 });
  for (const [key, value] of [
    ['doughKg', -1],
    ['acrossM', 0],
    ['thicknessM', Number.NaN],
    ['perPiece', 3],
  ] as const) {
    expect(() => cutSheet({ ...SPEC, [key]: value })).toThrow(expect.objectContaining({ path: key }));
  }
});
