import fc from 'fast-check';
import { planBatch } from '../plan/batch/planBatch.js';
import { planCold } from '../plan/tray/planCold.js';
import { fryBodyOf } from '../plan/tray/trayBody.js';
import { newTray } from '../plan/edit/starters.js';
import { forgivingPoint, marginsAt } from './forgivingPoint.js';
import { fryMapOrder, type FryMapRow, fryMapRow, type FryMapSpec, fryRegion } from './fryMap.js';
import type { TrayDraft } from '../draft/draft.js';
import { mapChances } from './mapChances.js';
import { DEFAULT_KITCHEN } from '../draft/kitchen.js';
import { withFold, withShape } from '../plan/edit/editDraft.js';

const DRAFT = newTray('Test', 'squash-sage', 24, '2030-01-05T18:30:00Z');
const COLD = planCold(DRAFT, DEFAULT_KITCHEN);
const SPEC: FryMapSpec = {
  body: fryBodyOf(DRAFT, DEFAULT_KITCHEN, COLD, COLD.fold.piece!),
  turn: DRAFT.fry.turn,
  roomC: 21,
  coreTargetC: 74,
  coreIsLine: false,
  oilC: { least: 130, most: 200 },
  rows: 29,
  columns: 61,
  horizonS: 1800,
};
const ROWS = Array.from({ length: SPEC.rows }, (_, i) => fryMapRow(SPEC, i));
const SURFACE = planBatch(DRAFT, DEFAULT_KITCHEN, null).fry!.surface;
const USUAL = { least: 145, most: 185 };
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

const plainOf = (draft: TrayDraft) => withFold(draft, { fillingEachKg: 0 });
const PIECES: readonly TrayDraft[] = [
  DRAFT,
  ...(['cone', 'strip-triangle', 'teardrop', 'cup'] as const).map((shape) => withShape(DRAFT, shape)),
  plainOf(DRAFT),
  plainOf(withShape(DRAFT, 'ball')),
];

test('the map agrees with the plan: done, golden and dark within 3 % or twelve seconds, of pieces with and without filling', () => {
  for (const piece of PIECES) {
    for (const [oilC, turn] of [
      [150, 'once'],
      [165, 'each-minute'],
      [180, 'held-under'],
    ] as const) {
      const fry = planBatch(
        { ...piece, fry: { ...piece.fry, oilC, turn, minutesS: null } },
        DEFAULT_KITCHEN,
        null,
      ).fry!;
      const row = fryMapRow({ ...SPEC, body: fry.body, turn, oilC: { least: oilC, most: 200 }, rows: 2 }, 0);
      for (const moment of ['doneS', 'goldenS', 'darkS'] as const) {
        const planned = fry.solution[moment];
        // What is dark later than anybody leaves it in is not looked for.
        if (planned === null || row[moment] === null) continue;
        const off = Math.abs(row[moment] - planned);
        // A wall that just misses before its turn sets after the next one.
        const byTurn = moment === 'doneS' && turn === 'each-minute' ? 60 : 12;
        const allowed = Math.max(byTurn, 0.03 * planned);
        expect({ shape: piece.shape, oilC, moment, planned, off: Math.max(off, allowed) }).toMatchObject({
          off: allowed,
        });
      }
      expect([row.doneS === null, row.goldenS === null]).toEqual([
        fry.solution.doneS === null,
        fry.solution.goldenS === null,
      ]);
    }
  }
});

test('the forgiving point does not depend on how much of the map is shown, and is its own answer', () => {
  const rowsOf = (horizonS: number) =>
    Array.from({ length: 15 }, (_, i) => fryMapRow({ ...SPEC, rows: 15, horizonS }, i));
  const [short, long] = [forgivingPoint(rowsOf(720), USUAL, SURFACE)!, forgivingPoint(rowsOf(1800), USUAL, SURFACE)!];
  expect(short.oilC).toBe(long.oilC);
  expect(Math.abs(short.timeS - long.timeS)).toBeLessThan(1);
  // Within the family's own oil, or none.
  for (const most of [150, 160, 170]) {
    const best = forgivingPoint(ROWS, { least: 145, most }, SURFACE);
    if (best) expect(best.oilC).toBeLessThanOrEqual(most);
  }
  expect(forgivingPoint(ROWS, { least: 131, most: 132 }, SURFACE)).toBeNull();
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
  const best = forgivingPoint(ROWS, USUAL, SURFACE)!;
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
  const margins = marginsAt(ROWS, best.oilC, best.timeS)!;
  expect(margins.marginC).toBeGreaterThanOrEqual(5 * best.margin - 1e-6);
  expect(margins.marginS).toBeGreaterThanOrEqual(45 * best.margin - 1e-6);
  expect(marginsAt(ROWS, 160, 30)).toBeNull();
});

test('nothing right on the map has no forgiving point', () => {
  const never = (row: FryMapRow): FryMapRow => ({ ...row, doneS: null });
  expect(forgivingPoint(ROWS.map(never), USUAL, SURFACE)).toBeNull();
});

test('pieces made by hand: most come out right at the forgiving point, fewer at its edge', () => {
  const best = forgivingPoint(ROWS, USUAL, SURFACE)!;
  const at = mapChances(SPEC, best.oilC, best.timeS);
  expect(at.right + at.unsafe + at.raw + at.pale + at.dark).toBeCloseTo(1, 9);
  expect(at.right).toBeGreaterThan(0.9);
  const row = ROWS.find((one) => one.oilC === best.oilC)!;
  const early = mapChances(SPEC, best.oilC, Math.max(row.doneS!, row.goldenS!));
  expect(early.right).toBeLessThan(at.right);
  expect(mapChances(SPEC, 160, 60)).toMatchObject({ raw: 1, right: 0 });
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
  expect(() => mapChances(SPEC, 160, 1)).toThrow(expect.objectContaining({ path: 'timeS' }));
});
