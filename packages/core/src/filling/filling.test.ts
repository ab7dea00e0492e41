import fc from 'fast-check';
import { coolFilling, type CoolingSpec, dishDepthM } from './coolFilling.js';
import { fillingFigures } from './fillingFigures.js';
import { fillingFindings } from './fillingFindings.js';

const SPEC: CoolingSpec = { depthM: 0.04, startC: 60, place: 'fridge', roomC: 21, fridgeC: 4, covered: false };
const cool = (change: Partial<CoolingSpec>) => coolFilling({ ...SPEC, ...change }, 20);
const minutes = (s: number | null) => s! / 60;

describe('cooling from 60 °C, the sizes to expect', () => {
  test('4 cm in the fridge reaches 21 °C after about 3 h and fails the first mark', () => {
    const slab = cool({});
    expect(Math.abs(minutes(slab.to21S) - 180)).toBeLessThan(25);
    expect(slab.passesFirstMark).toBe(false);
  });
  test('2 cm takes about 84 min and passes; covered it fails', () => {
    const thin = cool({ depthM: 0.02 });
    expect(Math.abs(minutes(thin.to21S) - 84)).toBeLessThan(12);
    expect(thin.passesFirstMark).toBe(true);
    expect(cool({ depthM: 0.02, covered: true }).passesFirstMark).toBe(false);
  });
  test('4 cm over an ice bath takes about 87 min', () => {
    expect(Math.abs(minutes(cool({ place: 'ice-bath' }).to21S) - 87)).toBeLessThan(12);
  });
});

test('cooling follows the slab series solution within 0.3 °C', () => {
  const { curve } = cool({ depthM: 0.05 });
  const half = 0.025;
  const bi = (9 * half) / 0.5;
  const roots: number[] = [];
  for (let n = 0; n < 12; n++) {
    let [a, b] = [n * Math.PI + 1e-9, n * Math.PI + Math.PI / 2 - 1e-9];
    for (let i = 0; i < 60; i++) {
      const mid = (a + b) / 2;
      if (mid * Math.tan(mid) < bi) a = mid;
      else b = mid;
    }
    roots.push(a);
  }
  for (const { timeS, warmestC } of curve.filter((p) => p.timeS > 600)) {
    const fo = (0.5 / 3.6e6) * (timeS / half ** 2);
    const theta = roots.reduce(
      (sum, b) => sum + ((4 * Math.sin(b)) / (2 * b + Math.sin(2 * b))) * Math.exp(-b * b * fo),
      0,
    );
    expect(Math.abs(warmestC - (4 + 56 * theta))).toBeLessThan(0.3);
  }
});

test('thinner, colder, wetter places cool sooner; nothing cools below its surroundings', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.005, max: 0.075, noNaN: true }),
      fc.constantFrom('room' as const, 'fridge' as const, 'ice-bath' as const),
      fc.boolean(),
      (depthM, place, covered) => {
        const thick = cool({ depthM, place, covered, roomC: 16 });
        const thin = cool({ depthM: depthM / 1.5, place, covered, roomC: 16 });
        const least = place === 'room' ? 16 : place === 'fridge' ? 4 : 0;
        expect(thin.to21S ?? Infinity).toBeLessThanOrEqual(thick.to21S ?? Infinity);
        for (let i = 1; i < thick.curve.length; i++) {
          const { warmestC, meanC } = thick.curve[i]!;
          expect(warmestC).toBeLessThanOrEqual(thick.curve[i - 1]!.warmestC + 1e-9);
          expect(warmestC).toBeGreaterThanOrEqual(meanC - 1e-9);
          expect(meanC).toBeGreaterThan(least - 1e-9);
        }
      },
    ),
    { numRuns: 40 },
  );
  expect(cool({ place: 'room', roomC: 26 }).to21S).toBeNull();
});

test.each([
  ['depthM', { depthM: 0.09 }],
  ['startC', { startC: Number.NaN }],
  ['roomC', { roomC: 80 }],
  ['fridgeC', { fridgeC: 40 }],
])('a bad %s is refused by that name', (path, change) => {
  expect(() => cool(change)).toThrow(expect.objectContaining({ path }));
});

const FILLING = [
  { ingredientId: 'onion', massKg: 1 },
  { ingredientId: 'fine-salt', massKg: 0.009 },
];

test('cooking dry takes water only: solids and salt stay, the scale shows pan and target', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.3, max: 1, noNaN: true }),
      fc.double({ min: 0, max: 5, noNaN: true }),
      (share, pan) => {
        const f = fillingFigures(FILLING, share, pan);
        const solids = f.totals.massKg - f.totals.parts.water;
        expect(f.targetKg * (1 - f.waterShare)).toBeCloseTo(solids, 6);
        expect(f.targetWithPanKg).toBeCloseTo(f.targetKg + pan, 9);
        expect(f.targetKg + f.boiledOffKg).toBeCloseTo(f.rawKg, 9);
        expect((f.saltPercent / 100) * f.targetKg).toBeCloseTo(f.totals.parts.salt, 9);
      },
    ),
  );
  // More cannot boil off than there is.
  const dry = fillingFigures([{ ingredientId: 'bread-crumb', massKg: 1 }], 0.3, 0);
  expect(dry.targetKg).toBeCloseTo(0.935, 3);
});

test('findings of a filling name grams that mend it', () => {
  const found = (salt: number, depthM: number, spec: CoolingSpec | null) => {
    const figures = fillingFigures(
      [
        { ingredientId: 'onion', massKg: 1 },
        { ingredientId: 'fine-salt', massKg: salt },
      ],
      0.8,
      0,
    );
    const cooling = spec && coolFilling(spec, 20);
    return { figures, list: fillingFindings(figures, depthM, spec, cooling, cooling) };
  };
  const low = found(0.002, 0.02, { ...SPEC, depthM: 0.02 });
  const more = low.list.find((f) => f.code === 'filling.salt-low')!.values['saltKg']!;
  expect((100 * (0.002 + more)) / low.figures.targetKg).toBeCloseTo(0.8, 1);
  expect(found(0.03, 0.02, { ...SPEC, depthM: 0.02 }).list.map((f) => f.code)).toContain('filling.salt-high');
  expect(found(0.009, 0.04, SPEC).list).toContainEqual(
    expect.objectContaining({ code: 'filling.cool-slow', tone: 'stop' }),
  );
  expect(found(0.009, 0.12, null).list).toContainEqual(
    expect.objectContaining({ code: 'filling.too-deep', tone: 'stop' }),
  );
  expect(fillingFindings(fillingFigures([], 1, 0), 0, null, null, null).map((f) => f.code)).toEqual(['filling.empty']);
});

test('depth in a dish is volume over floor', () => {
  expect(dishDepthM(1.05, 1050, 0.25, 0.2)).toBeCloseTo(0.02, 9);
});
