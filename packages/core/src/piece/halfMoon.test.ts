import fc from 'fast-check';
import { doughFamily } from '../dough/doughFamily.js';
import { foldFindings } from './foldFindings.js';
import { halfMoon, halfMoonSection, type HalfMoonSpec, thicknessForDough } from './halfMoon.js';

const SPEC: HalfMoonSpec = {
  discM: 0.118,
  thicknessM: 0.0026,
  sealM: 0.011,
  fillingKg: 0.034,
  fillingKgPerM3: 1030,
  doughKgPerM3: 1175,
  stretch: 0.09,
};
const piece = (change: Partial<HalfMoonSpec> = {}) => halfMoon({ ...SPEC, ...change });

test.each([
  [118, 45],
  [100, 24],
  [80, 10],
  [140, 83],
])('a %i mm disc with 11 mm to seal holds about %i ml', (discMm, ml) => {
  expect(Math.abs(piece({ discM: discMm / 1000 })!.capacityM3 * 1e6 - ml)).toBeLessThan(0.6);
});

test('the 118 mm piece with 34 g is about 27 mm thick', () => {
  expect(piece()!.thicknessM * 1000).toBeCloseTo(27, 0);
});

test('the membrane figures of a half-disc: a plain grid solution finds the same mean and peak', () => {
  // −∇²φ = 1 on x² + y² < 1, y > 0, φ = 0 around; successive over-relaxation.
  const n = 60;
  const h = 1 / n;
  const width = 2 * n + 1;
  const phi = new Float64Array(width * (n + 1));
  const inside: number[] = [];
  for (let j = 1; j < n; j++) {
    for (let i = 1; i < 2 * n; i++) {
      if ((i - n) ** 2 + j ** 2 < n * n) inside.push(j * width + i);
    }
  }
  for (let sweep = 0; sweep < 500; sweep++) {
    for (const at of inside) {
      const around = phi[at - 1]! + phi[at + 1]! + phi[at - width]! + phi[at + width]!;
      phi[at] = phi[at]! + 1.93 * ((around + h * h) / 4 - phi[at]!);
    }
  }
  const mean = inside.reduce((sum, at) => sum + phi[at]!, 0) * ((h * h) / (Math.PI / 2));
  const most = inside.reduce((m, at) => Math.max(m, phi[at]!), 0);
  const made = piece({ stretch: 0.09, fillingKg: 0 })!;
  const r = made.pocketRadiusM;
  const capacity = 2 * ((Math.PI * r * r) / 2) * Math.sqrt(2 * 0.09 * mean * r * r) * 1.4;
  expect(Math.abs(made.capacityM3 / capacity - 1)).toBeLessThan(0.03);
  expect(Math.abs(most / 0.0976 - 1)).toBeLessThan(0.03);
});

const specs = fc.record({
  discM: fc.double({ min: 0.02, max: 0.4, noNaN: true }),
  thicknessM: fc.double({ min: 0.0004, max: 0.012, noNaN: true }),
  sealM: fc.double({ min: 0.002, max: 0.04, noNaN: true }),
  fillingKg: fc.double({ min: 0, max: 1, noNaN: true }),
  fillingKgPerM3: fc.double({ min: 950, max: 1080, noNaN: true }),
  doughKgPerM3: fc.constant(1175),
  stretch: fc.double({ min: 0.03, max: 0.35, noNaN: true }),
});

test('whatever goes in: volumes add up, walls thin, figures stay finite, findings are sentences with numbers', () => {
  fc.assert(
    fc.property(specs, (spec) => {
      const made = halfMoon(spec);
      const family = doughFamily('rubbed-short');
      const found = foldFindings(made, { doughLeftKg: 0.1, fillingLeftKg: -0.1 }, family, spec.thicknessM, 1000, 10);
      for (const f of found) for (const v of Object.values(f.values)) expect(Number.isFinite(v)).toBe(true);
      if (!made) {
        expect(spec.discM / 2 - spec.sealM).toBeLessThan(0.003);
        expect(found[0]!.code).toBe('fold.impossible');
        return;
      }
      for (const figure of Object.values(made)) expect(Number.isFinite(figure) && figure >= 0).toBe(true);
      const parts = made.doughM3 + made.fillingM3 + made.airM3;
      expect(Math.abs(made.volumeM3 / parts - 1)).toBeLessThan(0.001);
      expect(made.doughKg).toBeCloseTo(((Math.PI * spec.discM ** 2) / 4) * spec.thicknessM * 1175, 9);
      expect(made.wallCrownM).toBeLessThanOrEqual(spec.thicknessM);
      expect(made.wallSeamM).toBeLessThanOrEqual(made.wallCrownM);
      expect(made.airM3).toBeLessThanOrEqual(0.05 * made.capacityM3 + 1e-15);
    }),
  );
});

test('more filling: fuller, thicker, thinner walls; a wider seal or a stiffer wall holds less', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 0.06, noNaN: true }),
      fc.double({ min: 0.001, max: 0.02, noNaN: true }),
      (a, d) => {
        const less = piece({ fillingKg: a })!;
        const more = piece({ fillingKg: a + d })!;
        expect(more.fill).toBeGreaterThan(less.fill);
        expect(more.wallSeamM).toBeLessThanOrEqual(less.wallSeamM);
      },
    ),
  );
  expect(piece({ sealM: 0.014 })!.capacityM3).toBeLessThan(piece()!.capacityM3);
  expect(piece({ stretch: 0.05 })!.capacityM3).toBeLessThan(piece()!.capacityM3);
});

test('thickness for a wanted dough portion is the way back', () => {
  expect(thicknessForDough(piece()!.doughKg, 0.118, 1175)).toBeCloseTo(0.0026, 9);
});

test('the section is as high as the piece, closed at the fold and on the seal at its end', () => {
  const made = piece()!;
  const section = halfMoonSection(made, 0.011, 400);
  expect(section[0]!.inner).toBe(0);
  expect(section[section.length - 1]!.outer).toBeCloseTo(made.sealThickM / 2, 6);
  expect(2 * Math.max(...section.map((p) => p.outer))).toBeCloseTo(made.thicknessM, 2);
  expect(Math.max(...section.map((p) => p.inner))).toBeCloseTo(made.riseM, 4);
});

test('findings follow the fill', () => {
  const codes = (fillingKg: number, left = 0) =>
    foldFindings(
      piece({ fillingKg }),
      { doughLeftKg: left, fillingLeftKg: -left },
      doughFamily('rubbed-short'),
      0.0026,
      1030,
      48,
    ).map((f) => `${f.code}:${f.tone}`);
  expect(codes(0.034)).toEqual(expect.arrayContaining(['fold.holds:good', 'fold.wall:good', 'fold.even:good']));
  expect(codes(0.04)).toContain('fold.tight:look-out');
  expect(codes(0.045)).toContain('fold.opens:look-out');
  expect(codes(0.06)).toContain('fold.opens:stop');
  expect(codes(0.015)).toContain('fold.bready:look-out');
  expect(codes(0.034, 0.2)).toEqual(expect.arrayContaining(['fold.dough-left:know', 'fold.filling-short:look-out']));
  expect(codes(0.034, -0.2)).toEqual(expect.arrayContaining(['fold.dough-short:look-out', 'fold.filling-left:know']));
});

test.each([
  ['fold.discM', { discM: Number.NaN }],
  ['fold.thicknessM', { thicknessM: 0 }],
  ['fold.sealM', { sealM: -1 }],
  ['fold.fillingKg', { fillingKg: 2 }],
  ['stretch', { stretch: 3 }],
] as const)('a bad %s is refused by that name', (path, change) => {
  expect(() => piece(change)).toThrow(expect.objectContaining({ path }));
});
