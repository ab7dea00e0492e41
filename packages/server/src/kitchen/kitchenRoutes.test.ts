import { DEFAULT_KITCHEN } from '@ember-fold/core/plan';
import { openApp, type TestApp } from '../test/openApp.js';

let app: TestApp;
beforeAll(async () => {
  app = await openApp();
});
afterAll(() => app.close());

it('starts as the usual kitchen, is saved once, and refuses a stale version', async () => {
  const first = await app.call('GET', '/api/kitchen');
  expect(first.body).toEqual({ kitchen: DEFAULT_KITCHEN, version: 0 });
  const kitchen = { ...DEFAULT_KITCHEN, units: 'cups', temperature: 'F' };
  const saved = await app.call('PUT', '/api/kitchen', { version: 0, kitchen });
  expect([saved.status, saved.body]).toEqual([200, { kitchen, version: 1 }]);
  const twice = await app.call('PUT', '/api/kitchen', { version: 0, kitchen: DEFAULT_KITCHEN });
  expect([twice.status, twice.body.code]).toEqual([409, 'STALE_VERSION']);
  const next = await app.call('PUT', '/api/kitchen', { version: 1, kitchen: { ...kitchen, roomC: 30 } });
  expect(next.body.version).toBe(2);
  expect((await app.call('GET', '/api/kitchen')).body.kitchen.roomC).toBe(30);
});

it.each([
  ['kitchen.roomC', { roomC: 80 }],
  ['kitchen.units', { units: 'stones' }],
  ['kitchen.pot.oilM3', { pot: { ...DEFAULT_KITCHEN.pot, oilM3: -0.001 } }],
  ['kitchen.pot.settings', { pot: { ...DEFAULT_KITCHEN.pot, settings: 2.5 } }],
  ['kitchen.dish.widthM', { dish: { lengthM: 0.3, widthM: 0 } }],
  ['kitchen.hands.foldEachS', { hands: { ...DEFAULT_KITCHEN.hands, foldEachS: 1e9 } }],
  ['kitchen.measures.cupMl', { measures: { cupMl: 0, teaspoonMl: 5 } }],
  ['kitchen.name', { name: '   ' }],
])('refuses a bad %s by name', async (path, change) => {
  const { body: now } = await app.call('GET', '/api/kitchen');
  const answer = await app.call('PUT', '/api/kitchen', {
    version: now.version,
    kitchen: { ...DEFAULT_KITCHEN, ...change },
  });
  expect([answer.status, answer.body.code, answer.body.path]).toEqual([400, 'BAD_INPUT', path]);
  expect((await app.call('GET', '/api/kitchen')).body).toEqual(now);
});
