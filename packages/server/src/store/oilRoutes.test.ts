import { type BatchDraft, DEFAULT_KITCHEN, type Guests } from '@ember-fold/core/plan';
import { type StoveAct, START_CHECKS } from '@ember-fold/core/stove';
import { randomUUID } from 'node:crypto';
import { newBatch } from '../test/newBatch.js';
import { openApp, T0, type TestApp } from '../test/openApp.js';

let app: TestApp;
beforeEach(async () => {
  app = await openApp();
});
afterEach(() => app.close());

const DAY = 86_400_000;
const oilAsk = (change = {}) => ({
  id: randomUUID(),
  name: 'Sunflower, tin',
  ingredientId: 'sunflower-oil',
  smokeC: 225,
  m3: 0.002,
  ...change,
});
const add = async (change = {}) => (await app.call('POST', '/api/oils', oilAsk(change))).body;
const tell = (id: string, act: object) => app.call('POST', `/api/oils/${id}/events`, { id: randomUUID(), ...act });
async function useOil(id: string, more: object = {}): Promise<void> {
  const { body } = await app.call('GET', '/api/kitchen');
  const kitchen = { ...body.kitchen, potOilId: id, ...more };
  expect((await app.call('PUT', '/api/kitchen', { version: body.version, kitchen })).status).toBe(200);
}
const draftOf = (starter: string, name = starter): BatchDraft =>
  newBatch(name, starter, 12, '2026-03-07T18:30:00.000Z');
async function planned(draft: BatchDraft): Promise<string> {
  const id = randomUUID();
  expect((await app.call('POST', '/api/batches', { id, draft })).status).toBe(201);
  return id;
}

test('an oil is kept, told of, and known again after a restart; the same thing told twice counts once', async () => {
  const ask = oilAsk();
  expect((await app.call('POST', '/api/oils', ask)).status).toBe(201);
  expect((await app.call('POST', '/api/oils', ask)).status).toBe(200);
  const strained = { id: randomUUID(), kind: 'strained' };
  expect((await app.call('POST', `/api/oils/${ask.id}/events`, strained)).status).toBe(201);
  expect((await app.call('POST', `/api/oils/${ask.id}/events`, strained)).status).toBe(200);
  app.clock.ms += DAY;
  const topped = await tell(ask.id, { kind: 'topped-up', m3: 0.0005 });
  expect(topped.body.state).toMatchObject({ volumeM3: 0.0025, uses: 0, advice: 'good' });
  await app.restart();
  const [row] = (await app.call('GET', '/api/oils')).body;
  expect(row.events.map((event: { kind: string }) => event.kind)).toEqual(['filled', 'strained', 'topped-up']);
  expect(row.state).toEqual(topped.body.state);
});

test('what is dark is poured away, and nothing more is told of it', async () => {
  const { oil } = await add();
  const judged = await tell(oil.id, { kind: 'judged', dark: true, foams: false, smokesEarly: false, rank: false });
  expect(judged.body.state).toMatchObject({ advice: 'discard', reasons: ['dark'] });
  const poured = { id: randomUUID(), kind: 'poured-away' };
  expect((await app.call('POST', `/api/oils/${oil.id}/events`, poured)).body.state.isGone).toBe(true);
  expect((await app.call('POST', `/api/oils/${oil.id}/events`, poured)).status).toBe(200);
  expect((await tell(oil.id, { kind: 'strained' })).body.code).toBe('OIL_GONE');
});

test.each([
  ['m3', { m3: -1 }],
  ['m3', { m3: 'much' }],
  ['smokeC', { smokeC: 20 }],
  ['ingredientId', { ingredientId: 'engine-oil' }],
  ['name', { name: '' }],
  ['id', { id: 'x' }],
] as const)('a bad %s is refused by that name, and nothing is kept', async (path, change) => {
  const answer = await app.call('POST', '/api/oils', oilAsk(change));
  expect(answer.status).toBeGreaterThanOrEqual(400);
  expect(answer.body.path).toBe(path);
  expect((await app.call('GET', '/api/oils')).body).toEqual([]);
});

test('an event of no oil, of an unknown kind, or said to be fried, is refused', async () => {
  const { oil } = await add();
  expect((await tell(randomUUID(), { kind: 'strained' })).body.code).toBe('NO_OIL');
  expect((await tell(oil.id, { kind: 'fried', hotS: 1 })).body.path).toBe('kind');
  expect((await tell(oil.id, { kind: 'topped-up' })).body.path).toBe('m3');
});

test('a finished batch goes into the history of its oil once, with what it carries; the next plan knows', async () => {
  const { oil } = await add();
  await useOil(oil.id);
  const id = await planned(draftOf('mackerel-leek', 'Ropes'));
  expect((await app.call('POST', `/api/batches/${id}/stove`, { speed: 60, gate: START_CHECKS })).status).toBe(201);
  const act = (kind: 'drop' | 'take-out', atS: number): StoveAct => ({ id: randomUUID(), atS, kind, pieces: [1, 2] });
  app.clock.ms += 15_000;
  for (const one of [act('drop', 100), act('take-out', 700)]) {
    expect((await app.call('POST', `/api/batches/${id}/stove/acts`, one)).status).toBe(201);
  }
  for (let i = 0; i < 2; i++) expect((await app.call('POST', `/api/batches/${id}/stove/finish`, {})).status).toBe(200);
  // Taken back and finished again, it is still one use.
  expect((await app.call('POST', `/api/batches/${id}/stove/reopen`, {})).status).toBe(200);
  expect((await app.call('GET', '/api/oils')).body[0].state.uses).toBe(0);
  await app.call('POST', `/api/batches/${id}/stove/finish`, {});
  const [row] = (await app.call('GET', '/api/oils')).body;
  expect(row.state).toMatchObject({ uses: 1, diet: 'meat' });
  expect(row.state.allergens).toContain('fish');
  expect(row.events[1]).toMatchObject({ kind: 'fried', batchName: 'Ropes', hotS: 600 });
  const next = await planned(draftOf('lentil-dill'));
  const started = await app.call('POST', `/api/batches/${next}/stove`, { speed: 60, gate: START_CHECKS });
  expect(started.body.kitchen.potOil).toMatchObject({ id: oil.id, uses: 1, diet: 'meat' });
});

test('a stove is not lit over oil that is done', async () => {
  const { oil } = await add();
  await useOil(oil.id);
  await tell(oil.id, { kind: 'judged', dark: false, foams: true, smokesEarly: false, rank: false });
  const id = await planned(draftOf('lentil-dill'));
  expect((await app.call('POST', `/api/batches/${id}/stove`, { speed: 60, gate: START_CHECKS })).body.code).toBe(
    'UNSAFE_PLAN',
  );
});

test('the order of a supper: its own batches only, fish after the others, guests told; a guest of bad shape is refused', async () => {
  const { oil } = await add();
  const guests: Guests[] = [{ id: randomUUID(), name: 'Vegetarians', count: 4, eats: 'vegetarian', allergies: [] }];
  await useOil(oil.id, { guests });
  const ids = [
    await planned(draftOf('mackerel-leek')),
    await planned(draftOf('squash-sage')),
    await planned(draftOf('lentil-dill')),
  ];
  await planned({ ...draftOf('pear-ginger'), eatAt: '2026-03-09T18:30:00.000Z' });
  const { order, left } = (await app.call('GET', `/api/oils/order/${ids[1]}`)).body;
  expect(left).toEqual([]);
  expect(order.places).toHaveLength(3);
  expect(order.places[2].job.id).toBe(ids[0]);
  expect(order.places[2].notFor).toEqual([{ guestId: guests[0]!.id, why: 'diet', allergens: [] }]);
  expect((await app.call('GET', `/api/oils/order/${randomUUID()}`)).body.code).toBe('NO_BATCH');
  const { body } = await app.call('GET', '/api/kitchen');
  const bad = { ...DEFAULT_KITCHEN, guests: [{ ...guests[0], count: 0 }] };
  const answer = await app.call('PUT', '/api/kitchen', { version: body.version, kitchen: bad });
  expect(answer.body.path).toBe('kitchen.guests.0.count');
  expect(app.clock.ms).toBeGreaterThanOrEqual(T0);
});
