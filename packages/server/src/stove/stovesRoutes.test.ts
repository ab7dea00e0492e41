import { type BatchDraft, DEFAULT_KITCHEN } from '@ember-fold/core/plan';
import { oilAfterRest, START_CHECKS, type StoredAct } from '@ember-fold/core/stove';
import { randomUUID } from 'node:crypto';
import { insertReadings } from './readingTable.js';
import { listenTo } from '../test/listenTo.js';
import { changed, newBatch } from '../test/newBatch.js';
import { openApp, type TestApp, until } from '../test/openApp.js';

let app: TestApp;
beforeEach(async () => {
  app = await openApp();
});
afterEach(() => app.close());

const SMALL = 'Small pot';
const POT = { ...DEFAULT_KITCHEN.pot, diameterM: 0.18, heightM: 0.15, oilM3: 0.0009, burnerW: 1200 };

async function kitchenWith(more: object): Promise<void> {
  const { body } = await app.call('GET', '/api/kitchen');
  const kitchen = { ...body.kitchen, ...more };
  const saved = await app.call('PUT', '/api/kitchen', { version: body.version, kitchen });
  expect(saved.status).toBe(200);
}
async function planned(name: string, starter: string, pot?: string): Promise<string> {
  const id = randomUUID();
  const draft: BatchDraft = newBatch(name, starter, 12, '2026-03-07T18:30:00.000Z');
  const asked = changed(draft, { fry: { ...draft.trays.A!.fry, ...(pot && { pot }) } });
  expect((await app.call('POST', '/api/batches', { id, draft: asked })).status).toBe(201);
  return id;
}
const light = (id: string, more: object = { probe: null, speed: 1 }) =>
  app.call('POST', `/api/batches/${id}/stove`, { gate: START_CHECKS, ...more });
const act = (id: string, of: object) =>
  app.call('POST', `/api/batches/${id}/stove/acts`, { id: randomUUID(), atS: 0, ...of });

test('two pots burn at once, each with its own burner and oil; one stream tells both, each from where the page stands', async () => {
  const oil = { id: randomUUID(), name: 'For the fish', ingredientId: 'sunflower-oil', smokeC: 214, m3: 0.0009 };
  await app.call('POST', '/api/oils', oil);
  await kitchenWith({ otherPots: [{ name: SMALL, pot: POT, oilId: oil.id }] });
  const large = await planned('Squash', 'squash-sage');
  const small = await planned('Ropes', 'mackerel-leek', SMALL);
  const lit = await light(small);
  expect(lit.body.kitchen).toMatchObject({ potName: SMALL, pot: POT, potOil: { name: 'For the fish', smokeC: 214 } });
  await light(large);
  const told = (await app.call('GET', '/api/stoves')).body;
  expect(told.map((one: object) => Object.values(one).slice(0, 3))).toEqual(
    expect.arrayContaining([
      [small, 'Ropes', SMALL],
      [large, 'Squash', null],
    ]),
  );
  // One stream tells of all of them, whose it is said each time.
  const told_ = listenTo(app, '/api/live', (all) =>
    all.some(({ event, data }) => event === 'stove' && data['lit'] === false),
  );
  await until(async () => app.follows() > 0);
  await act(large, { kind: 'burner', setting: 3 });
  await act(small, { kind: 'burner', setting: 5 });
  await act(large, { kind: 'skim' });
  await app.call('POST', `/api/batches/${small}/stove/finish`, {});
  const heard = await told_;
  expect(
    heard
      .filter(({ event }) => event === 'act')
      .map(({ data }) => [data['batchId'], (data['stored'] as StoredAct).act.kind]),
  ).toEqual([
    [large, 'burner'],
    [small, 'burner'],
    [large, 'skim'],
  ]);
  expect(heard.find(({ event }) => event === 'stove')!.data['batchId']).toBe(small);
  expect((await app.call('GET', '/api/stoves')).body).toHaveLength(1);
  // What was fried went into the oil of that pot, not of the other.
  expect((await app.call('GET', '/api/oils')).body[0].events).toHaveLength(1);
});

test('a batch whose pot has gone from the Store is planned in the pot on the burner, and the queue of each pot is its own', async () => {
  await kitchenWith({ otherPots: [{ name: SMALL, pot: POT }] });
  const squash = await planned('Squash', 'squash-sage');
  const lentil = await planned('Lentil', 'lentil-dill');
  const ropes = await planned('Ropes', 'mackerel-leek', SMALL);
  const order = async (id: string) => (await app.call('GET', `/api/oils/order/${id}`)).body;
  const names = (places: { job: { name: string } }[]) => places.map(({ job }) => job.name).sort();
  expect(names((await order(squash)).order.places)).toEqual(['Lentil', 'Squash']);
  expect(names((await order(ropes)).order.places)).toEqual(['Ropes']);
  await kitchenWith({ otherPots: [] });
  expect(names((await order(squash)).order.places)).toEqual(['Lentil', 'Ropes', 'Squash']);
  expect((await light(ropes)).body.kitchen.potName).toBeUndefined();
  // Fish is in this oil now: the others wait, and what is waiting is told without what is in.
  const { after } = await order(ropes);
  expect(names(after)).toEqual(['Lentil', 'Squash']);
  expect(after[0].oil.allergens).toContain('fish');
  await light(lentil);
  expect(names((await order(ropes)).after)).toEqual(['Squash']);
});

test('oil is still warm from the batch before in the same pot, less what it lost standing; a day later it is cold', async () => {
  const before = await planned('Squash', 'squash-sage');
  await light(before);
  await insertReadings(app.gate, [{ batchId: before, seq: 100, atS: 1, probeC: 158 }]);
  await app.call('POST', `/api/batches/${before}/stove/finish`, {});
  app.clock.ms += 600_000;
  const next = await light(await planned('Lentil', 'lentil-dill'));
  const { pot, roomC } = DEFAULT_KITCHEN;
  expect(next.body.startC).toBeCloseTo(oilAfterRest(pot, roomC, 158, 600), 1);
  expect(next.body.startC).toBeGreaterThan(120);
  await kitchenWith({ otherPots: [{ name: SMALL, pot: POT }] });
  expect((await light(await planned('Ropes', 'mackerel-leek', SMALL))).body.startC).toBeNull();
  app.clock.ms += 86_400_000;
  expect((await light(await planned('Pear', 'pear-ginger'))).body.startC).toBeNull();
});

test('set aside to the oven: told, kept, and counted apart in the ledger', async () => {
  const id = await planned('Squash', 'squash-sage');
  await light(id);
  for (const of of [
    { kind: 'drop', pieces: [1, 2, 3] },
    { kind: 'burst', pieces: [3] },
    { kind: 'take-out', pieces: [1, 2] },
    { kind: 'aside', pieces: [2] },
    { kind: 'oven-out', pieces: [2, 3] },
  ])
    expect((await act(id, of)).status).toBe(201);
  expect((await act(id, { kind: 'aside', pieces: [] })).body.path).toBe('pieces');
  await app.call('POST', `/api/batches/${id}/stove/finish`, {});
  const { figures } = (await app.call('GET', `/api/ledger/${id}`)).body;
  expect([figures.fried, figures.burst, figures.aside, figures.notFried]).toEqual([1, 1, 1, 9]);
});

test('what a stove that is on needs is deleted by nobody: its batch, supper, oil, pot and kitchen; afterwards all of it may go', async () => {
  const oil = { id: randomUUID(), name: 'For the fish', ingredientId: 'sunflower-oil', smokeC: 214, m3: 0.0009 };
  await app.call('POST', '/api/oils', oil);
  await kitchenWith({ otherPots: [{ name: SMALL, pot: POT, oilId: oil.id }] });
  const at = '2026-03-07T18:30:00.000Z';
  const supper = { name: 'Walk', servings: [{ id: randomUUID(), at }], each: 2, guests: [] };
  const supperId = randomUUID();
  await app.call('POST', '/api/suppers', { id: supperId, supper });
  const ropes = await planned('Ropes', 'mackerel-leek', SMALL);
  const document = (await app.call('GET', '/api/exchange/kitchen/kitchen')).body;
  const importId = randomUUID();
  // All of it as it was before the stove is lit: its undo would take the batch away.
  await app.call('DELETE', `/api/batches/${ropes}`);
  const chosen = document.items.map(({ kind, id }: { kind: string; id: string }) => ({ kind, id }));
  expect((await app.call('POST', '/api/exchange/take', { id: importId, document, chosen })).status).toBe(201);
  const copy = (await app.call('POST', '/api/copies', {})).body.name as string;
  expect((await light(ropes)).status).toBe(201);
  // It joins the supper while it fries.
  const { draft, version } = (await app.call('GET', `/api/batches/${ropes}`)).body;
  const joined = await app.call('PUT', `/api/batches/${ropes}`, { version, draft: { ...draft, supper: supperId } });
  expect(joined.status).toBe(200);
  expect((await act(ropes, { kind: 'drop', pieces: [1, 2] })).status).toBe(201);

  const kitchen = (await app.call('GET', '/api/kitchen')).body;
  const bare = { version: kitchen.version, kitchen: { ...kitchen.kitchen, otherPots: [] } };
  const deeds: [string, string, unknown?][] = [
    ['DELETE', `/api/batches/${ropes}`],
    ['DELETE', `/api/suppers/${supperId}`],
    ['PUT', '/api/kitchen', bare],
    ['POST', `/api/oils/${oil.id}/events`, { id: randomUUID(), kind: 'poured-away' }],
    ['POST', `/api/copies/${copy}/restore`, {}],
  ];
  for (const [method, path, body] of deeds)
    expect([path, (await app.call(method, path, body)).body.code]).toEqual([path, 'STOVE_OPEN']);
  // Files neither replace nor take back what fries.
  const back = await app.call('POST', `/api/exchange/${importId}/undo`, {});
  expect(back.body.left.map(({ kind }: { kind: string }) => kind)).toEqual(expect.arrayContaining(['batch']));
  for (const sql of ['DELETE FROM batch', 'DELETE FROM stove_session', 'DELETE FROM oil', 'DELETE FROM supper'])
    await expect(app.gate.change(sql)).rejects.toMatchObject({ errno: 1451 });
  // A server that begins anew holds it as before.
  await app.restart();
  expect((await app.call('DELETE', `/api/batches/${ropes}`)).body.code).toBe('STOVE_OPEN');
  const stove = (await app.call('GET', `/api/batches/${ropes}/stove`)).body;
  expect(stove.acts.map(({ act: { kind } }: StoredAct) => kind)).toContain('drop');

  await act(ropes, { kind: 'take-out', pieces: [1, 2], atS: 300 });
  expect((await app.call('POST', `/api/batches/${ropes}/stove/finish`, {})).status).toBe(200);
  for (const [method, path, body] of deeds.slice(0, 4).reverse())
    expect([path, [200, 201, 204].includes((await app.call(method, path, body)).status)]).toEqual([path, true]);
});
