import type { Guests } from '@ember-fold/core/plan';
import { type Supper, withSupper } from '@ember-fold/core/supper';
import { randomUUID } from 'node:crypto';
import { newBatch } from '../test/newBatch.js';
import { openApp, type TestApp } from '../test/openApp.js';

let app: TestApp;
beforeEach(async () => {
  app = await openApp();
});
afterEach(() => app.close());

const EARLY = '2026-03-07T17:00:00.000Z';
const LATE = '2026-03-07T20:00:00.000Z';
const servings = [EARLY, LATE].map((at) => ({ id: randomUUID(), at }));
const guests: Guests[] = [{ id: randomUUID(), name: 'Odalys', count: 2, eats: 'anything', allergies: ['fish'] }];
const supperOf = (change: Partial<Supper> = {}): Supper => ({
  name: 'Lantern Walk',
  servings,
  each: 5,
  guests,
  ...change,
});
const made = async (supper = supperOf()) => {
  const id = randomUUID();
  expect((await app.call('POST', '/api/suppers', { id, supper })).status).toBe(201);
  return id;
};
async function batchAt(supper: string | null, eatAt: string, starter = 'squash-sage'): Promise<string> {
  const id = randomUUID();
  const draft = withSupper(newBatch(starter, starter, 12, eatAt), supper, supperOf(), eatAt);
  expect((await app.call('POST', '/api/batches', { id, draft: { ...draft, eatAt } })).status).toBe(201);
  return id;
}
const batch = async (id: string) => (await app.call('GET', `/api/batches/${id}`)).body;

test('a supper is kept, its batches move with their serving, and it goes without taking them along', async () => {
  const id = await made();
  const [early, late, own, other] = [
    await batchAt(id, EARLY),
    await batchAt(id, LATE),
    await batchAt(id, '2026-03-07T19:10:00.000Z'),
    await batchAt(null, EARLY),
  ];
  const at = '2026-03-08T16:00:00.000Z';
  const moved = supperOf({ servings: [{ ...servings[0]!, at }, servings[1]!] });
  const saved = await app.call('PUT', `/api/suppers/${id}`, { version: 1, supper: moved });
  expect(saved.body).toEqual({ id, supper: moved, version: 2 });
  const eaten = await Promise.all([early, late, own, other].map(async (one) => (await batch(one!)).draft.eatAt));
  expect(eaten).toEqual([at, LATE, '2026-03-07T19:10:00.000Z', EARLY]);
  // The same again after a lost answer moves nothing twice; an older page is refused.
  expect((await app.call('PUT', `/api/suppers/${id}`, { version: 1, supper: moved })).status).toBe(200);
  expect((await batch(early)).version).toBe(2);
  const stale = await app.call('PUT', `/api/suppers/${id}`, { version: 1, supper: supperOf() });
  expect([stale.status, stale.body.code]).toEqual([409, 'STALE_VERSION']);
  await app.restart();
  expect((await app.call('GET', '/api/suppers')).body).toEqual([{ id, supper: moved, version: 2 }]);
  const list = (await app.call('GET', '/api/batches')).body as { id: string; supper?: string }[];
  expect(
    list
      .filter(({ supper }) => supper === id)
      .map((one) => one.id)
      .sort(),
  ).toEqual([early, late, own].sort());
  expect((await app.call('DELETE', `/api/suppers/${id}`)).status).toBe(204);
  expect((await batch(early)).draft).not.toHaveProperty('supper');
  expect((await app.call('DELETE', `/api/suppers/${id}`)).body.code).toBe('NO_SUPPER');
});

test('the order at the pot asks the guests of the supper; other batches of it count, however late they are', async () => {
  const id = await made(supperOf({ servings: [servings[0]!, { ...servings[1]!, at: '2026-03-08T09:00:00.000Z' }] }));
  const mackerel = await batchAt(id, EARLY, 'mackerel-leek');
  await batchAt(id, '2026-03-08T09:00:00.000Z', 'lentil-dill');
  const { order } = (await app.call('GET', `/api/oils/order/${mackerel}`)).body;
  expect(order.places).toHaveLength(2);
  expect(order.places.at(-1)).toMatchObject({
    job: { id: mackerel },
    notFor: [{ guestId: guests[0]!.id, why: 'contains', allergens: ['fish'] }],
  });
});

test('two changes at once: one is kept whole, and its batches with it', async () => {
  const id = await made();
  const early = await batchAt(id, EARLY);
  const times = ['2026-03-09T10:00:00.000Z', '2026-03-10T10:00:00.000Z'];
  const answers = await Promise.all(
    times.map((at) =>
      app.call('PUT', `/api/suppers/${id}`, {
        version: 1,
        supper: supperOf({ servings: [{ ...servings[0]!, at }, servings[1]!] }),
      }),
    ),
  );
  expect(answers.map(({ status }) => status).sort()).toEqual([200, 409]);
  const kept = (await app.call('GET', `/api/suppers/${id}`)).body.supper as Supper;
  expect((await batch(early)).draft.eatAt).toBe(kept.servings[0]!.at);
});

test.each([
  ['supper.name', { name: '' }],
  ['supper.servings', { servings: [] }],
  ['supper.servings.0.at', { servings: [{ id: randomUUID(), at: 'soon' }] }],
  ['supper.servings', { servings: Array.from({ length: 7 }, () => ({ id: randomUUID(), at: EARLY })) }],
  ['supper.each', { each: 0 }],
  ['supper.each', { each: 2.5 }],
  ['supper.guests.0.count', { guests: [{ ...guests[0]!, count: -1 }] }],
  ['supper.guests', { guests: 'all' as never }],
  ['supper.name', { name: 'half \ud83e' }],
])('refuses a bad %s by name', async (path, change) => {
  const answer = await app.call('POST', '/api/suppers', { id: randomUUID(), supper: supperOf(change) });
  expect([answer.status, answer.body.code, answer.body.path]).toEqual([400, 'BAD_INPUT', path]);
});
