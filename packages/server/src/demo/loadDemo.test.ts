import { type FormulaBody, ownIngredients } from '@ember-fold/core/ledger';
import {
  type BatchDraft,
  batchFigures,
  batchPieces,
  doughFigures,
  judgeFamily,
  planTrays,
  worstTone,
} from '@ember-fold/core/plan';
import { openApp, T0, type TestApp } from '../test/openApp.js';
import { loadDemo } from './loadDemo.js';

let app: TestApp;
beforeAll(async () => {
  app = await openApp();
  expect(await loadDemo(app.gate, T0)).toBe(true);
});
afterAll(() => app.close());

it('loads the five batches of the supper and fourteen records, once', async () => {
  expect(await loadDemo(app.gate, T0)).toBe(false);
  const { body: planned } = await app.call('GET', '/api/batches');
  expect(planned.map((b: { name: string }) => b.name).sort()).toEqual([
    'Lentil and dill cones',
    'Mushroom and barley teardrops',
    'Pear and ginger rounds',
    'Smoked mackerel and leek ropes',
    'Squash and sage half-moons',
  ]);
  const { rows: ledger } = (await app.call('GET', '/api/ledger')).body;
  expect(ledger).toHaveLength(14);
  expect(ledger.map((e: { startedAt: string }) => e.startedAt)).toEqual(
    ledger
      .map((e: { startedAt: string }) => e.startedAt)
      .sort()
      .reverse(),
  );
});

it('plans a supper on a coming Saturday at half past six', async () => {
  const { body: planned } = await app.call('GET', '/api/batches');
  for (const { eatAt } of planned as { eatAt: string }[]) {
    const at = new Date(eatAt);
    expect([at.getUTCDay(), at.getUTCHours(), at.getUTCMinutes()]).toEqual([6, 18, 30]);
    expect(at.getTime()).toBeGreaterThan(T0);
  }
});

it('fries the past on the pot model: counts, oil and time are what core adds up', async () => {
  const { rows: ledger } = (await app.call('GET', '/api/ledger')).body;
  const bursts = [];
  for (const { id } of ledger as { id: string }[]) {
    const { body: record } = await app.call('GET', `/api/ledger/${id}`);
    const draft = record.draft as BatchDraft;
    const { whole: again } = batchFigures(draft, record.acts, record.readings);
    expect(record.figures).toEqual(again);
    expect(again.fried + again.burst).toBe(batchPieces(draft));
    expect(again.notFried).toBe(0);
    expect(record.note.notes.length).toBeGreaterThan(10);
    bursts.push(again.burst);
    // What was planned is computed, and what happened lies near it.
    expect(Math.abs(again.meanInOilS! - record.trays[0].planned.inOilS)).toBeLessThan(110);
    const planned = record.trays.map((tray: { planned: { loads: number } }) => tray.planned.loads);
    expect(again.loads).toBe(planned.reduce((sum: number, loads: number) => sum + loads, 0));
  }
  // Three of fourteen went wrong at the seam.
  expect(bursts.filter((burst) => burst > 0).sort()).toEqual([1, 2, 2]);
  expect(bursts).toHaveLength(14);
});

interface Formula {
  readonly id: string;
  readonly name: string;
  readonly version: number;
  readonly body: FormulaBody;
}

it('plans nothing that stops before the table, with the bases of its Store', async () => {
  const { body: planned } = await app.call('GET', '/api/batches');
  const { body: row } = await app.call('GET', '/api/kitchen');
  const formulas = (await app.call('GET', '/api/formulas')).body as Formula[];
  const bases = formulas.flatMap(({ id, name, body }) => (body.kind === 'base' ? [{ id, name, body }] : []));
  const kitchen = { ...row.kitchen, ingredients: ownIngredients([], bases) };
  for (const { id } of planned as { id: string }[]) {
    const { body: batch } = await app.call('GET', `/api/batches/${id}`);
    const { plan } = planTrays(batch.draft, kitchen, null)[0]!;
    for (const station of [plan.dough, plan.filling, plan.fold, plan.fry!]) {
      expect(worstTone(station.findings)).toBe('good');
    }
  }
  const { body: shopping } = await app.call('GET', '/api/store/shopping');
  expect(shopping.bases.map((b: { split: unknown[] }) => b.split.length)).toEqual([4]);
});

it('keeps a formula for each of eleven families inside its ranges, five fillings and a base', async () => {
  const formulas = (await app.call('GET', '/api/formulas')).body as Formula[];
  const count = (kind: string) => formulas.filter((f) => f.body.kind === kind).length;
  expect([count('dough'), count('filling'), count('base')]).toEqual([11, 5, 1]);
  for (const { body } of formulas) {
    if (body.kind !== 'dough') continue;
    const { stiffness, stiffnessRange, fatPercent, family } = doughFigures(body.lines, body.family);
    expect(stiffness).toBeGreaterThanOrEqual(stiffnessRange.least);
    expect(stiffness).toBeLessThanOrEqual(stiffnessRange.most);
    expect(fatPercent).toBeGreaterThanOrEqual(family.fatPercent.least);
    expect(judgeFamily(body.lines)[0]!.id).toBe(body.family);
  }
  const everyday = formulas.find((f) => f.name === 'Everyday short dough')!;
  expect(everyday.version).toBe(2);
});
