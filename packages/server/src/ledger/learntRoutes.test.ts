import type { Learnt } from '@ember-fold/core/ledger';
import { batchOf, type BatchDraft, newTray } from '@ember-fold/core/plan';
import { randomUUID } from 'node:crypto';
import { PAST } from '../demo/pastSessions.js';
import { demoId } from '../demo/demoId.js';
import { openApp, type TestApp } from '../test/openApp.js';
import { putDemo } from '../test/putDemo.js';

let app: TestApp;
beforeAll(async () => {
  app = await openApp();
  await putDemo(app.gate);
});
afterAll(() => app.close());

const learnt = async (): Promise<Learnt> => (await app.call('GET', '/api/learnt')).body;
const last = demoId(PAST[PAST.length - 1]!.name);
const crust = async (place: number) => {
  const { looks } = (await app.call('GET', `/api/ledger/${last}`)).body;
  const trays = { A: { ...looks.looks.trays.A, crust: place } };
  const done = await app.call('PUT', `/api/ledger/${last}/looks`, { version: looks.version, looks: { trays } });
  expect(done.status).toBe(200);
};

test('records teach at once when they are judged, plans use it, and it survives a restart', async () => {
  const before = await learnt();
  expect(before.browning!['shortcrust']!.count).toBeGreaterThan(1);
  expect(before.bursts!['half-moon']!.count).toBeGreaterThan(1);
  await crust(5);
  const after = await learnt();
  expect(after.browning!['shortcrust']!.value).toBeGreaterThan(before.browning!['shortcrust']!.value);
  await app.restart();
  expect(await learnt()).toEqual(after);
  // The stove is given what is believed: the kitchen of a batch has it.
  const { body: told } = await app.call('GET', '/api/learnt/told');
  expect(told.seen.filter(({ batchId }: { batchId: string }) => batchId === last).length).toBeGreaterThan(1);
  await crust(2);
  expect((await learnt()).browning!['shortcrust']!.value).toBeCloseTo(before.browning!['shortcrust']!.value, 6);
});

test('there is a way back to what is usual, and back again; what is seen later counts', async () => {
  const before = await learnt();
  const put = (isUsual: boolean) =>
    app.call('PUT', '/api/learnt/usual', { kind: 'browning', key: 'shortcrust', isUsual });
  expect((await put(true)).status).toBe(200);
  expect((await learnt()).browning?.['shortcrust']).toBeUndefined();
  expect((await learnt()).bursts).toEqual(before.bursts);
  expect((await put(false)).status).toBe(200);
  expect(await learnt()).toEqual(before);
  for (const bad of [{ kind: 'luck', key: 'x', isUsual: true }, { kind: 'golden', key: "';--", isUsual: true }, {}])
    expect((await app.call('PUT', '/api/learnt/usual', bad)).status).toBe(400);
});

test('minutes of the hands are learnt from a batch that was cooked by its run-sheet; a deleted one teaches no more', async () => {
  const before = (await learnt()).hands!.mixS!;
  const id = randomUUID();
  const eatAt = new Date(app.clock.ms + 6 * 3_600_000).toISOString();
  const one = batchOf(newTray('Baked', 'squash-sage', 12, eatAt));
  const draft: BatchDraft = { ...one, trays: { A: { ...one.trays.A!, way: 'bake' } } };
  expect((await app.call('POST', '/api/batches', { id, draft })).status).toBe(201);
  let at = app.clock.ms;
  const tell = async (step: string, minutes: number) => {
    at += 60_000 * minutes;
    const done = await app.call('POST', `/api/batches/${id}/cook/acts`, {
      id: randomUUID(),
      atMs: at,
      step,
      kind: 'done',
    });
    expect(done.status).toBe(201);
  };
  app.clock.ms += 4 * 3_600_000;
  await tell('weigh-filling', 1);
  await tell('cook-filling', 24);
  // Dough takes this cook half as long again as is set.
  await tell('mix-dough', 30);
  expect((await app.call('POST', `/api/batches/${id}/cook/finish`, {})).status).toBe(200);
  const { mixS } = (await learnt()).hands!;
  expect(mixS!.count).toBe(before.count + 1);
  expect(mixS!.value).toBeGreaterThan(before.value);
  expect((await app.call('DELETE', `/api/batches/${id}`)).status).toBe(204);
  expect((await learnt()).hands!.mixS).toEqual(before);
});
