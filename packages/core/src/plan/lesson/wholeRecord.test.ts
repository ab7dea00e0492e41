import fc from 'fast-check';
import type { CookAct } from '../../cook/cookAct.js';
import { batchOf } from '../../draft/batchDraft.js';
import { DEFAULT_KITCHEN } from '../../draft/kitchen.js';
import type { StoveAct } from '../../stove/stoveAct.js';
import { ledgerFigures } from '../../stove/ledgerFigures.js';
import { planBatch } from '../batch/planBatch.js';
import { newTray } from '../edit/starters.js';
import { wholeRecord } from './wholeRecord.js';

const AT_MS = Date.parse('2030-01-05T18:30:00Z');
const DRAFT = newTray('Half-moons', 'squash-sage', 12, new Date(AT_MS).toISOString());
const TAKE_OUT_S = planBatch(DRAFT, DEFAULT_KITCHEN, null).fry!.takeOutS!;
const PIECES = Array.from({ length: 12 }, (_, i) => i + 1);

/** A record of one load in oil of one heat, taken out when it was. */
function record(oilC: number, inOilS: number, cookActs: readonly CookAct[] = []) {
  const acts: StoveAct[] = [
    { id: 'on', atS: 0, kind: 'burner', setting: 9 },
    { id: 'down', atS: 600, kind: 'burner', setting: 0 },
    { id: 'drop', atS: 700, kind: 'drop', pieces: PIECES },
    { id: 'take-out', atS: 700 + inOilS, kind: 'take-out', pieces: PIECES },
  ];
  const readings = Array.from({ length: 300 }, (_, i) => ({ atS: 5 * i, probeC: oilC }));
  return wholeRecord({
    draft: batchOf(DRAFT),
    kitchen: DEFAULT_KITCHEN,
    acts,
    cookActs,
    looks: { trays: {} },
    atMs: AT_MS,
    figures: { A: ledgerFigures(acts, readings, 12, DRAFT.fry.oilC) },
  })!;
}

test('as planned nothing mattered; hotter oil and a later take out are each told alone, with their effect, the greater first', () => {
  expect(record(DRAFT.fry.oilC, TAKE_OUT_S).mattered).toEqual([]);
  fc.assert(
    fc.property(
      fc.integer({ min: -12, max: 12 }).filter((by) => Math.abs(by) >= 6),
      fc.integer({ min: -150, max: 150 }).filter((by) => Math.abs(by) >= 60),
      (oil, time) => {
        const { mattered } = record(DRAFT.fry.oilC + oil, TAKE_OUT_S + time);
        const of = (what: string) => mattered.find((one) => one.what === what);
        const [hotter, later] = [of('oil-c'), of('in-oil-s')];
        if (hotter) expect(Math.sign(hotter.colour)).toBe(Math.sign(oil));
        expect(Math.sign(later!.colour)).toBe(Math.sign(time));
        expect(mattered.map(({ weight }) => weight)).toEqual(
          mattered.map(({ weight }) => weight).sort((a, b) => b - a),
        );
      },
    ),
    { numRuns: 12 },
  );
});

test('every station planned beside happened: what was weighed, when it was ready, minutes, energy and cost', () => {
  const at = (min: number) => AT_MS - 60_000 * min;
  const cookActs: CookAct[] = [
    { id: '1', atMs: at(200), step: 'weigh-filling', kind: 'done' },
    { id: '2', atMs: at(176), step: 'cook-filling', kind: 'measure', measure: 'pan-kg', value: 0.6 },
    { id: '3', atMs: at(176), step: 'cook-filling', kind: 'done' },
    { id: '4', atMs: at(150), step: 'mix-dough', kind: 'measure', measure: 'poured-kg', value: 0.2 },
    { id: '5', atMs: at(150), step: 'mix-dough', kind: 'done' },
    { id: '6', atMs: at(90), step: 'roll', kind: 'measure', measure: 'rolled-m', value: 0.0045 },
    { id: '7', atMs: at(-10), step: 'serve', kind: 'done' },
  ];
  const { rows, mattered } = record(DRAFT.fry.oilC, TAKE_OUT_S, cookActs);
  const row = (what: string) => rows.find((one) => one.what === what)!;
  expect(row('poured-kg')).toMatchObject({ station: 'dough', happened: 0.2 });
  expect(row('filling-kg').happened).toBeCloseTo(0.6 - DRAFT.filling.panKg, 9);
  expect(row('rolled-m')).toMatchObject({ planned: DRAFT.fold.thicknessM, happened: 0.0045 });
  expect(row('ready-at')).toMatchObject({ planned: AT_MS, happened: at(-10) });
  expect(row('hands-s').happened).toBeGreaterThan(0);
  // Ten minutes of the whole burner.
  expect(row('energy-j').happened).toBeCloseTo(600 * DEFAULT_KITCHEN.pot.burnerW, 3);
  expect(row('cost').planned).toBeGreaterThan(0);
  // A wall so thick leaves the middle colder: that is said of it alone.
  const wall = mattered.find(({ what }) => what === 'rolled-m')!;
  expect(wall.biteC).toBeLessThan(0);
  expect(record(DRAFT.fry.oilC, TAKE_OUT_S).rows.find(({ what }) => what === 'ready-at')!.happened).toBeNull();
});
