import { type BatchDraft, ledgerFigures, planBatch, worstTone } from '@ember-fold/core';
import { openApp, T0, type TestApp } from '../test/openApp.js';
import { loadDemo } from './loadDemo.js';

let app: TestApp;
beforeAll(async () => {
  app = await openApp();
  expect(await loadDemo(app.gate, T0)).toBe(true);
});
afterAll(() => app.close());

it('loads two planned batches and three records, once', async () => {
  expect(await loadDemo(app.gate, T0)).toBe(false);
  const { body: planned } = await app.call('GET', '/api/batches');
  expect(planned.map((b: { name: string }) => b.name).sort()).toEqual([
    'Lentil and dill half-moons',
    'Squash and sage half-moons',
  ]);
  const { body: ledger } = await app.call('GET', '/api/ledger');
  expect(ledger).toHaveLength(3);
  expect(ledger.map((e: { startedAt: string }) => e.startedAt)).toEqual(
    [...ledger.map((e: { startedAt: string }) => e.startedAt)].sort().reverse(),
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
  const { body: ledger } = await app.call('GET', '/api/ledger');
  const bursts = [];
  for (const { id } of ledger as { id: string }[]) {
    const { body: record } = await app.call('GET', `/api/ledger/${id}`);
    const draft = record.draft as BatchDraft;
    const again = ledgerFigures(record.acts, record.readings, draft.pieces, draft.fry.oilC);
    expect(record.figures).toEqual(again);
    expect(again.fried + again.burst).toBe(draft.pieces);
    expect(again.notFried).toBe(0);
    expect(record.note.notes.length).toBeGreaterThan(10);
    bursts.push(again.burst);
    // What was planned is computed, and what happened lies near it.
    expect(Math.abs(again.meanInOilS! - record.planned.inOilS)).toBeLessThan(70);
    expect(again.lots).toBe(record.planned.lots);
  }
  expect(bursts.sort()).toEqual([0, 1, 2]);
});

it('plans nothing that stops before the table', async () => {
  const { body: planned } = await app.call('GET', '/api/batches');
  const { body: row } = await app.call('GET', '/api/kitchen');
  for (const { id } of planned as { id: string }[]) {
    const { body: batch } = await app.call('GET', `/api/batches/${id}`);
    const plan = planBatch(batch.draft, row.kitchen, null);
    for (const station of [plan.dough, plan.filling, plan.fold, plan.fry!]) {
      expect(worstTone(station.findings)).toBe('good');
    }
  }
});
