import fc from 'fast-check';
import { withShape, withSizeFor } from '../plan/edit/editDraft.js';
import { planBatch } from '../plan/batch/planBatch.js';
import { newTray, STARTERS } from '../plan/edit/starters.js';
import { doughFamily } from '../families/families.js';
import { foldFindings } from '../piece/foldFindings.js';
import { SHAPES, shapeOf } from './shapes.js';
import { wrapsOf } from './roll/roll.js';
import { stripFolds } from './stripTriangle/stripTriangle.js';
import { profileWallM, rolledProfileM } from './kit/gather.js';
import { solveMembrane } from './kit/membrane.js';
import type { PieceSpec } from './kit/piece.js';
import { halfMoonSection } from './kit/section.js';
import { sizeFor, thicknessForDough } from '../piece/solveSize.js';
import { type Point } from '../draft/choices.js';
import type { ShapeId } from '../draft/choices.js';
import { DEFAULT_KITCHEN } from '../draft/kitchen.js';

const SPEC: PieceSpec = {
  discM: 0.118,
  lengthM: 0.3,
  thicknessM: 0.0026,
  sealM: 0.011,
  fillingKg: 0.034,
  fillingKgPerM3: 1030,
  doughKgPerM3: 1175,
  stretch: 0.09,
};
const made = (shape: ShapeId, change: Partial<PieceSpec> = {}) => shapeOf(shape).piece({ ...SPEC, ...change });
const piece = (change: Partial<PieceSpec> = {}) => made('half-moon', change);
const IDS = SHAPES.map((shape) => shape.id);
const GATHERED: readonly ShapeId[] = ['ball', 'pouch', 'oval', 'teardrop', 'whole-core'];
const double = (min: number, max: number) => fc.double({ min, max, noNaN: true });

const specs = fc.record({
  discM: double(0.02, 0.4),
  lengthM: double(0.02, 1.5),
  thicknessM: double(0.0004, 0.012),
  sealM: double(0.002, 0.04),
  fillingKg: double(0, 1),
  fillingKgPerM3: double(950, 1080),
  doughKgPerM3: fc.constant(1175),
  stretch: double(0.03, 0.35),
});

test.each([
  [118, 45],
  [100, 24],
  [80, 10],
  [140, 83],
])('a half-moon of %i mm with 11 mm to seal holds about %i ml', (discMm, ml) => {
  expect(Math.abs(piece({ discM: discMm / 1000 })!.capacityM3 * 1e6 - ml)).toBeLessThan(0.6);
});

test('the 118 mm half-moon with 34 g is about 27 mm thick; two discs 90/8 hold 48 ml', () => {
  expect(piece()!.thicknessM * 1000).toBeCloseTo(27, 0);
  expect(made('two-discs', { discM: 0.09, sealM: 0.008 })!.capacityM3 * 1e6).toBeCloseTo(48, 0);
});

describe('the membrane', () => {
  const turn = (n: number, from: number, to: number): Point[] =>
    Array.from({ length: n + 1 }, (_, i) => {
      const angle = from + ((to - from) * i) / n;
      return [0.05 * Math.cos(angle), 0.05 * Math.sin(angle)];
    });
  const r2 = 0.05 ** 2;
  const h = Math.sqrt(3) / 2;
  test.each<[string, Point[], number, number]>([
    ['disc', turn(720, 0, 2 * Math.PI), r2 / 8, r2 / 4],
    ['half-disc', turn(720, 0, Math.PI), 0.0474 * r2, 0.0976 * r2],
    [
      'square',
      [
        [0, 0],
        [0.1, 0],
        [0.1, 0.1],
        [0, 0.1],
      ],
      0.0351 * 0.01,
      0.0737 * 0.01,
    ],
    [
      'equilateral triangle',
      [
        [0, 0],
        [0.1, 0],
        [0.05, 0.1 * h],
      ],
      0.01 / 80,
      0.01 / 36,
    ],
  ])('over a %s agrees with its closed form within half a percent', (_name, outline, mean, most) => {
    const found = solveMembrane(outline, 128)!;
    expect(found.converged).toBe(true);
    expect(Math.abs(found.meanM2 / mean - 1)).toBeLessThan(0.005);
    expect(Math.abs(found.mostM2 / most - 1)).toBeLessThan(0.005);
  });

  test('does not care where the outline lies or which way it is turned, and grows with the square of its size', () => {
    fc.assert(
      fc.property(double(0, 6.28), double(-1, 1), double(0.5, 3), (angle, shift, size) => {
        const leaf: Point[] = [
          [0, 0],
          [0.05, -0.02],
          [0.11, 0],
          [0.08, 0.05],
          [0.03, 0.06],
        ];
        const moved = leaf.map(([x, y]): Point => [
          shift + size * (x * Math.cos(angle) - y * Math.sin(angle)),
          -shift + size * (x * Math.sin(angle) + y * Math.cos(angle)),
        ]);
        const [a, b] = [solveMembrane(leaf, 64)!, solveMembrane(moved, 64)!];
        expect(b.areaM2 / a.areaM2 / size ** 2).toBeCloseTo(1, 6);
        expect(Math.abs(b.meanM2 / a.meanM2 / size ** 2 - 1)).toBeLessThan(0.02);
      }),
      { numRuns: 12 },
    );
  });

  test('no region has no membrane; a bad outline is refused at its point', () => {
    expect(
      solveMembrane([
        [0, 0],
        [1, 0],
        [2, 0],
      ]),
    ).toBeNull();
    expect(() =>
      solveMembrane([
        [0, 0],
        [1, 0],
      ]),
    ).toThrow(expect.objectContaining({ path: 'outline' }));
    expect(() =>
      solveMembrane([
        [0, 0],
        [1, Number.NaN],
        [1, 1],
      ]),
    ).toThrow(expect.objectContaining({ path: 'outline.1.1' }));
    expect(() =>
      solveMembrane(
        [
          [0, 0],
          [1, 0],
          [1, 1],
        ],
        4,
      ),
    ).toThrow(expect.objectContaining({ path: 'cells' }));
  });
});

describe.each(IDS)('%s', (id) => {
  test('whatever goes in: volumes are kept, walls are no thicker than the dough, figures finite, findings numbers', () => {
    fc.assert(
      fc.property(specs, (spec) => {
        const one = shapeOf(id).piece(spec);
        const family = doughFamily('shortcrust');
        const found = foldFindings(one, { doughLeftKg: 0.1, fillingLeftKg: -0.1 }, family, spec.thicknessM, 1000, 10);
        for (const f of found) for (const v of Object.values(f.values)) expect(Number.isFinite(v)).toBe(true);
        if (!one) {
          expect(found[0]!.code).toBe('fold.impossible');
          return;
        }
        const { shape, gathered, ...figures } = one;
        expect(shape).toBe(id);
        for (const figure of Object.values(figures)) expect(Number.isFinite(figure) && figure >= 0).toBe(true);
        for (const figure of Object.values(gathered ?? {})) expect(Number.isFinite(figure)).toBe(true);
        const parts = one.doughM3 + one.fillingM3 + one.airM3;
        expect(Math.abs(one.volumeM3 / parts - 1)).toBeLessThan(0.001);
        const blank = shapeOf(id).blankAreaM2(spec.discM, spec.lengthM);
        expect(one.doughKg).toBeCloseTo(blank * spec.thicknessM * 1175, 9);
        expect(one.wallSeamM).toBeLessThanOrEqual(one.wallCrownM + 1e-12);
        expect(one.airM3).toBeLessThanOrEqual(0.05 * one.capacityM3 + 1e-15);
      }),
      { numRuns: 60 },
    );
  });

  test('more filling is fuller and no thicker in the wall; a blank that holds more is larger', () => {
    fc.assert(
      fc.property(double(0, 0.06), double(0.001, 0.02), double(0.001, 0.05), (a, d, more) => {
        const [less, full] = [made(id, { fillingKg: a })!, made(id, { fillingKg: a + d })!];
        expect(full.fill).toBeGreaterThan(less.fill);
        expect(full.wallSeamM).toBeLessThanOrEqual(less.wallSeamM + 1e-9);
        expect(made(id, { discM: 0.118 + more, lengthM: 0.3 + 3 * more })!.capacityM3).toBeGreaterThan(less.capacityM3);
      }),
      { numRuns: 40 },
    );
  });

  test('a new batch in it is planned to the table, and its size is the way back from a wanted fill', () => {
    const draft = newTray('Test', 'squash-sage', 24, '2030-01-05T18:30:00Z', id);
    const plan = planBatch(draft, DEFAULT_KITCHEN, null);
    expect(plan.fold.piece!.shape).toBe(id);
    expect(plan.fold.piece!.fill).toBeCloseTo(0.75, 1);
    expect(Math.abs(plan.fold.balance.doughLeftKg)).toBeLessThan(1e-6);
    expect(plan.fry!.solution.converged).toBe(true);
    expect(plan.fry!.takeOutS).toBeGreaterThan(60);
    const fuller = withSizeFor(draft, { fill: 0.65 })!;
    expect(planBatch(fuller, DEFAULT_KITCHEN, null).fold.piece!.fill).toBeCloseTo(0.65, 3);
  });
});

test('a size is found for a wanted fill, width or wall, or there is none', () => {
  const none: ShapeId[] = [];
  for (const shape of SHAPES) {
    for (const goal of [{ fill: 0.7 }, { widthM: 0.08 }] as const) {
      // Pouches and rolls as narrow as that would burst with this filling.
      const discM = sizeFor(shape, SPEC, goal);
      if (discM === null) {
        none.push(shape.id);
        continue;
      }
      const found = shape.piece({ ...SPEC, discM, lengthM: (SPEC.lengthM * discM) / SPEC.discM })!;
      if ('fill' in goal) expect(found.fill).toBeCloseTo(goal.fill, 6);
      else expect(found.widthM).toBeCloseTo(goal.widthM, 6);
    }
    expect(sizeFor(shape, SPEC, { widthM: 3 })).toBeNull();
  }
  // A bread as small as that has no room for this filling.
  expect(none.length).toBeLessThanOrEqual(SHAPES.length / 2 + 0.5);
});

test.each(STARTERS.map((s) => s.id))('%s: from shape to shape and back the dough still comes out even', (starter) => {
  let draft = newTray('Test', starter, 24, '2030-01-05T18:30:00Z');
  for (const id of [...IDS, 'half-moon' as const]) {
    draft = withShape(draft, id);
    expect(draft.shape).toBe(id);
  }
  expect(Math.abs(planBatch(draft, DEFAULT_KITCHEN, null).fold.balance.doughLeftKg)).toBeLessThan(1e-6);
});

describe('gathered shapes', () => {
  test('the wall is what is left between the ball of everything and the ball of filling', () => {
    fc.assert(
      fc.property(double(0.07, 0.2), double(0.0015, 0.005), double(0.005, 0.06), (discM, thicknessM, fillingKg) => {
        const ball = made('ball', { discM, thicknessM, fillingKg })!;
        const outer = ball.thicknessM / 2;
        const inner = outer - ball.wallCrownM;
        expect((4 / 3) * Math.PI * inner ** 3).toBeCloseTo(ball.fillingM3 + ball.airM3, 9);
        expect(((4 / 3) * Math.PI * (outer ** 3 - inner ** 3)) / ball.doughM3).toBeCloseTo(1, 6);
        // The others keep the volume and show more skin, so their wall is thinner.
        for (const id of GATHERED) {
          const other = made(id, { discM, thicknessM, fillingKg })!;
          expect(other.volumeM3).toBeCloseTo(ball.volumeM3, 12);
          expect(other.surfaceM2).toBeGreaterThanOrEqual(ball.surfaceM2 * 0.999);
          expect(other.wallCrownM).toBeLessThanOrEqual(ball.wallCrownM * 1.001);
        }
      }),
    );
  });

  test('rolled as said it weighs what an even wall weighs, thinner to the rim', () => {
    fc.assert(
      fc.property(double(0.015, 0.05), double(0.004, 0.008), (ballM, wallM) => {
        // A disc of radius πR: 4πR²τ exactly, but for the millimetre nothing is rolled under.
        const discM = Math.PI * ballM;
        let volume = 0;
        const n = 1000;
        for (let i = 0; i < n; i++) {
          const s = ((i + 0.5) / n) * discM;
          const t = (wallM * Math.sin(s / ballM)) / (s / ballM);
          volume += 2 * Math.PI * s * t * (discM / n);
          if (i % 20 === 0) expect(rolledProfileM(s, discM, ballM, wallM)).toBeCloseTo(Math.max(0.001, t), 9);
        }
        expect(volume / (4 * Math.PI * ballM * ballM * wallM)).toBeCloseTo(1, 4);
      }),
      { numRuns: 20 },
    );
    // Rolled so it takes exactly the dough there is, the millimetre included.
    fc.assert(
      fc.property(double(0.015, 0.04), double(0.0012, 0.006), double(0.7, 1.3), (ballM, wallM, share) => {
        const discM = share * Math.PI * ballM;
        const forM = profileWallM(discM, ballM, wallM);
        let volume = 0;
        const n = 4000;
        for (let i = 0; i < n; i++) {
          const s = ((i + 0.5) / n) * discM;
          volume += 2 * Math.PI * s * rolledProfileM(s, discM, ballM, forM) * (discM / n);
        }
        const there = 4 * Math.PI * ballM * ballM * wallM;
        if (forM > 0) expect(volume / there).toBeCloseTo(1, 2);
        else expect(Math.PI * discM * discM * 0.001).toBeGreaterThan(0.99 * there);
      }),
      { numRuns: 40 },
    );
    const { gathered } = made('ball')!;
    expect(gathered!.rollRimM).toBeLessThan(gathered!.rollCentreM);
    expect(gathered!.flatKnotM).toBeGreaterThan(gathered!.flatSideM);
    expect(gathered!.flatKnotM).toBeLessThanOrEqual(3 * gathered!.evenWallM + 1e-12);
  });

  test('a disc much too large leaves a knot, weighed', () => {
    const { gathered, doughKg } = made('ball', { discM: 0.2, fillingKg: 0.01 })!;
    expect(gathered!.knotKg).toBeGreaterThan(0.2 * doughKg);
    // What is pinched off is not in the wall too, and what is in the wall reaches half round it and no further.
    fc.assert(
      fc.property(double(0.06, 0.25), double(0.002, 0.006), double(0, 0.06), (discM, thicknessM, fillingKg) => {
        const one = made('ball', { discM, thicknessM, fillingKg });
        if (!one) return;
        const knotM3 = one.gathered!.knotKg / 1175;
        expect(one.doughM3 + knotM3).toBeCloseTo((Math.PI / 4) * discM ** 2 * thicknessM, 12);
        expect(one.volumeM3).toBeCloseTo(one.doughM3 + one.fillingM3 + one.airM3, 12);
        const middleM = one.widthM / 2 - one.gathered!.evenWallM / 2;
        if (knotM3 > 0) expect(one.doughM3).toBeCloseTo((Math.PI * middleM) ** 2 * Math.PI * thicknessM, 9);
        else expect(Math.PI * middleM).toBeGreaterThanOrEqual(discM / 2 - 1e-9);
      }),
      { numRuns: 60 },
    );
    expect(made('ball', { discM: 0.08, fillingKg: 0.03 })!.gathered!.knotKg).toBe(0);
  });
});

test('a roll winds exactly the sheet it has; a strip folds as often as it is long', () => {
  fc.assert(
    fc.property(double(0.005, 0.05), double(0.0005, 0.005), double(0.05, 1), (coreM, t, lengthM) => {
      const n = wrapsOf(coreM, t, lengthM);
      expect(Math.PI * n * (coreM + n * t)).toBeCloseTo(lengthM, 9);
    }),
  );
  // A strip 60 mm wide makes triangles of side 69.3 mm, one every 34.6 mm.
  expect([stripFolds(0.06, 0.2), stripFolds(0.06, 0.35), stripFolds(0.06, 0.02)]).toEqual([5, 10, 2]);
  const cone = made('cone')!;
  // Rim and slant both end at the mouth's seam.
  const base = (((Math.PI * 0.059 - 0.011) / (2 * Math.PI)) * 0.048) / 0.059;
  const height = Math.sqrt(0.048 ** 2 - base ** 2);
  expect(cone.capacityM3).toBeCloseTo((Math.PI / 3) * base ** 2 * height * 0.62, 12);
});

test('an unknown shape is refused', () => {
  expect(() => shapeOf('cloud' as ShapeId)).toThrow(expect.objectContaining({ code: 'UNKNOWN_NAME', path: 'shape' }));
});

test('thickness for a wanted dough portion is the way back', () => {
  expect(thicknessForDough(piece()!.doughKg, shapeOf('half-moon').blankAreaM2(0.118, 0), 1175)).toBeCloseTo(0.0026, 9);
});

test('the section is as high as the piece, closed at the fold and on the seal at its end', () => {
  const one = piece()!;
  const section = halfMoonSection(one, 0.011, 400);
  expect(section[0]!.inner).toBe(0);
  expect(section[section.length - 1]!.outer).toBeCloseTo(one.sealThickM / 2, 6);
  expect(2 * Math.max(...section.map((p) => p.outer))).toBeCloseTo(one.thicknessM, 2);
  expect(Math.max(...section.map((p) => p.inner))).toBeCloseTo(one.riseM, 4);
});

test('findings follow the fill', () => {
  const codes = (fillingKg: number, left = 0) =>
    foldFindings(
      piece({ fillingKg }),
      { doughLeftKg: left, fillingLeftKg: -left },
      doughFamily('shortcrust'),
      0.0026,
      1030,
      48,
    ).map((f) => `${f.code}:${f.tone}`);
  expect(codes(0.034)).toEqual(expect.arrayContaining(['fold.holds:good', 'fold.wall:good', 'fold.even:good']));
  expect(codes(0.04)).toContain('fold.tight:look-out');
  expect(codes(0.045)).toContain('fold.bursts:look-out');
  expect(codes(0.06)).toContain('fold.bursts:stop');
  expect(codes(0.012)).toContain('fold.bready:look-out');
  expect(codes(0)).toEqual(expect.arrayContaining(['fold.plain:know']));
  expect(codes(0)).not.toContain('fold.bready:look-out');
  expect(codes(0.034, 0.2)).toEqual(expect.arrayContaining(['fold.dough-left:know', 'fold.filling-short:look-out']));
  expect(codes(0.034, -0.2)).toEqual(expect.arrayContaining(['fold.dough-short:look-out', 'fold.filling-left:know']));
});

test.each([
  ['fold.discM', { discM: Number.NaN }],
  ['fold.thicknessM', { thicknessM: 0 }],
  ['fold.sealM', { sealM: -1 }],
  ['fold.lengthM', { lengthM: 0 }],
  ['fold.fillingKg', { fillingKg: 2 }],
  ['stretch', { stretch: 3 }],
] as const)('a bad %s is refused by that name', (path, change) => {
  for (const id of IDS) expect(() => made(id, change)).toThrow(expect.objectContaining({ path }));
});

test('a bread puffs by what its dough stretches, less for each gram in it, and is cooked as the flat round it is', () => {
  const bread = shapeOf('puffed-bread');
  const spec: PieceSpec = { ...SPEC, discM: 0.135, thicknessM: 0.006, fillingKg: 0 };
  fc.assert(
    fc.property(double(0.02, 0.4), double(0, 0.03), double(0.001, 0.02), (stretch, fillingKg, more) => {
      const one = bread.piece({ ...spec, stretch, fillingKg })!;
      const fuller = bread.piece({ ...spec, stretch, fillingKg: fillingKg + more })!;
      expect(fuller.puffM!).toBeLessThanOrEqual(one.puffM!);
      expect(bread.piece({ ...spec, stretch: stretch + 0.05, fillingKg })!.puffM!).toBeGreaterThan(one.puffM! - 1e-12);
      // No hollow counts as dough or filling, and the walls are all the dough there is.
      expect(one.volumeM3).toBeCloseTo(one.doughM3 + one.fillingM3, 12);
      expect(2 * one.wallCrownM).toBeCloseTo(0.006, 12);
      expect(one.heatRadiusM).toBeCloseTo(one.thicknessM / 2, 12);
      expect(fuller.wallSeamM).toBeLessThan(one.wallSeamM);
    }),
  );
  const soft = bread.piece({ ...spec, stretch: 0.3 })!;
  expect(2 * soft.puffM!).toBeGreaterThan(0.04);
  expect(2 * soft.puffM!).toBeLessThan(0.135);
  expect(bread.piece({ ...spec, discM: 0.03 })).toBeNull();
});
