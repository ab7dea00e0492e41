import fc from 'fast-check';
import { fryBodyOf, planBatch, planCold } from '../plan/planBatch.js';
import { newBatch } from '../plan/starters.js';
import {
  forgivingPoint,
  fryChances,
  fryMapOrder,
  type FryMapRow,
  fryMapRow,
  type FryMapSpec,
  fryRegion,
  marginsAt,
} from './fryMap.js';
import { DEFAULT_KITCHEN } from '../draft/kitchen.js';

const DRAFT = newBatch('Test', 'squash-sage', 24, '2030-01-05T18:30:00Z');
const COLD = planCold(DRAFT, DEFAULT_KITCHEN);
const SPEC: FryMapSpec = {
  body: fryBodyOf(DRAFT, DEFAULT_KITCHEN, COLD, COLD.fold.piece!),
  turn: DRAFT.fry.turn,
  coreTargetC: 74,
  coreIsLine: false,
  oilC: { least: 130, most: 200 },
  rows: 29,
  columns: 61,
  horizonS: 1800,
};
const ROWS = Array.from({ length: SPEC.rows }, (_, i) => fryMapRow(SPEC, i));
const double = (min: number, max: number) => fc.double({ min, max, noNaN: true });

test('hotter oil is darker sooner, and golden sooner; the core hardly follows', () => {
  ROWS.slice(1).forEach((row, i) => {
    const cooler = ROWS[i]!;
    expect(row.converged).toBe(true);
    if (cooler.goldenS !== null) expect(row.goldenS!).toBeLessThan(cooler.goldenS);
    if (cooler.darkS !== null) expect(row.darkS!).toBeLessThan(cooler.darkS);
    expect(row.doneS!).toBeLessThanOrEqual(cooler.doneS! + 2);
    for (let c = 1; c < SPEC.columns; c++) expect(row.paler[c]!).toBeGreaterThanOrEqual(row.paler[c - 1]! - 1e-6);
  });
  const [cool, hot] = [ROWS[4]!, ROWS[24]!];
  expect(cool.goldenS! / hot.goldenS!).toBeGreaterThan(2 * (cool.doneS! / hot.doneS!));
});

test('the map agrees with the plan: done and golden within 3 % at the plan’s own oil', () => {
  const { solution } = planBatch(DRAFT, DEFAULT_KITCHEN, null).fry!;
  const row = fryMapRow({ ...SPEC, oilC: { least: DRAFT.fry.oilC, most: 200 } }, 0);
  // A wall that just misses before its turn sets after the next one: half a minute later.
  expect(Math.abs(row.doneS! - solution.doneS!)).toBeLessThan(Math.max(30, 0.03 * solution.doneS!));
  expect(Math.abs(row.goldenS! / solution.goldenS! - 1)).toBeLessThan(0.03);
});

test('regions in the order of time: raw, then pale or right, then dark; hot oil is dark before it is done', () => {
  const rank = { raw: 0, 'dark-raw': 1, pale: 2, right: 3, dark: 4 } as const;
  for (const row of ROWS) {
    let last = 0;
    for (let timeS = 0; timeS <= SPEC.horizonS; timeS += 20) {
      const now = rank[fryRegion(row, timeS)];
      expect(now).toBeGreaterThanOrEqual(last);
      last = now;
    }
  }
  const frozen = fryMapRow({ ...SPEC, body: { ...SPEC.body, startC: -18 } }, SPEC.rows - 1);
  expect(fryRegion(frozen, frozen.darkS! + 1)).toBe('dark-raw');
});

test('the forgiving point is right, no neighbour forgives more, and what it forgives comes out right', () => {
  const best = forgivingPoint(ROWS, SPEC.horizonS)!;
  expect(best.oilC).toBeLessThanOrEqual(175);
  expect(best.margin).toBeGreaterThan(0.5);
  const regionAt = (oilC: number, timeS: number) => {
    const row = ROWS.reduce((near, one) => (Math.abs(one.oilC - oilC) < Math.abs(near.oilC - oilC) ? one : near));
    return fryRegion(row, timeS);
  };
  fc.assert(
    fc.property(double(-0.95, 0.95), double(-0.95, 0.95), (c, s) => {
      // A row of the map stands for the half step around it.
      const oilC = best.oilC + c * Math.max(0, best.margin * 5 - 1.25);
      expect(regionAt(oilC, best.timeS + s * best.margin * 45)).toBe('right');
    }),
    { numRuns: 60 },
  );
  const margins = marginsAt(ROWS, SPEC.horizonS, best.oilC, best.timeS)!;
  expect(margins.marginC).toBeGreaterThanOrEqual(5 * best.margin - 1e-6);
  expect(margins.marginS).toBeGreaterThanOrEqual(45 * best.margin - 1e-6);
  expect(marginsAt(ROWS, SPEC.horizonS, 160, 30)).toBeNull();
});

test('nothing right on the map has no forgiving point', () => {
  const never = (row: FryMapRow): FryMapRow => ({ ...row, doneS: null });
  expect(forgivingPoint(ROWS.map(never), SPEC.horizonS)).toBeNull();
});

test('pieces made by hand: most come out right at the forgiving point, fewer at its edge, and the seed is the run', () => {
  const best = forgivingPoint(ROWS, SPEC.horizonS)!;
  const at = fryChances(SPEC, best.oilC, best.timeS, 7, 60);
  expect(at.right + at.raw + at.pale + at.dark).toBeCloseTo(1, 9);
  expect(at.right).toBeGreaterThan(0.9);
  const row = ROWS.find((one) => one.oilC === best.oilC)!;
  const early = fryChances(SPEC, best.oilC, Math.max(row.doneS!, row.goldenS!), 7, 60);
  expect(early.right).toBeLessThan(at.right);
  expect(fryChances(SPEC, 160, 60, 7, 8)).toMatchObject({ raw: 1, right: 0 });
  expect(fryChances(SPEC, best.oilC, best.timeS, 7, 60)).toEqual(at);
});

test('every row comes once, the outermost among the first; a bad map is refused at its figure', () => {
  fc.assert(
    fc.property(fc.integer({ min: 2, max: 121 }), (rows) => {
      const order = fryMapOrder(rows);
      expect([...order].sort((a, b) => a - b)).toEqual(Array.from({ length: rows }, (_, i) => i));
      expect(order.indexOf(rows - 1)).toBeLessThan(Math.ceil(rows / 8) + 1);
    }),
  );
  for (const [change, path] of [
    [{ rows: 1 }, 'rows'],
    [{ horizonS: 5 }, 'horizonS'],
    [{ oilC: { least: 90, most: 200 } }, 'oilC.least'],
    [{ columns: Number.NaN }, 'columns'],
  ] as const) {
    expect(() => fryMapRow({ ...SPEC, ...change }, 0)).toThrow(expect.objectContaining({ path }));
  }
  expect(() => fryChances(SPEC, 160, 60, 1, 0)).toThrow(expect.objectContaining({ path: 'pieces' }));
});
