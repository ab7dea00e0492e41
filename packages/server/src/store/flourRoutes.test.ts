import { flourBelief, type FlourObservation, observeFlour } from '@ember-fold/core/ledger';
import { WORKED_FORMULAS } from '@ember-fold/core/plan';
import { randomUUID } from 'node:crypto';
import { newBatch } from '../test/newBatch.js';
import { openApp, type TestApp } from '../test/openApp.js';

let app: TestApp;
beforeEach(async () => {
  app = await openApp();
});
afterEach(() => app.close());

const dough = { family: 'shortcrust', lines: WORKED_FORMULAS['shortcrust'] } as const;
const note = (pouredKg: number, felt: string, id = randomUUID()) =>
  app.call('POST', '/api/flours', { id, batchName: 'Squash', dough, pouredKg, felt });

it('beliefs are what core makes of every dough noted; a change or a forgotten one counts at once', async () => {
  const first = await note(0.42, 'right');
  expect([first.status, first.body.flourId]).toEqual([201, 'plain-wheat-flour']);
  const second = await note(0.4, 'firm');
  const beliefNow = async () => {
    const { mean, sd, count } = (await app.call('GET', '/api/flours')).body.beliefs['plain-wheat-flour'];
    return { mean: mean.toFixed(9), sd: sd.toFixed(9), count };
  };
  const believed = (...observations: FlourObservation[]) => {
    const { mean, sd, count } = flourBelief(observations);
    return { mean: mean.toFixed(9), sd: sd.toFixed(9), count };
  };
  const seen = (kg: number, felt: 'firm' | 'right' | 'soft') => observeFlour(dough.lines, dough.family, kg, felt)!;
  expect(await beliefNow()).toEqual(believed(seen(0.42, 'right'), seen(0.4, 'firm')));
  const changed = await app.call('PUT', `/api/flours/${second.body.id}`, { pouredKg: 0.41, felt: 'soft' });
  expect(changed.body.felt).toBe('soft');
  expect(await beliefNow()).toEqual(believed(seen(0.42, 'right'), seen(0.41, 'soft')));
  expect((await app.call('PUT', `/api/flours/${second.body.id}`, { pouredKg: 0.41, felt: 'soft' })).status).toBe(200);
  expect((await app.call('DELETE', `/api/flours/${first.body.id}`)).status).toBe(204);
  expect(await beliefNow()).toEqual(believed(seen(0.41, 'soft')));
  await app.restart();
  expect((await beliefNow()).count).toBe(1);
});

it('the same dough sent twice is noted once', async () => {
  const id = randomUUID();
  expect([(await note(0.4, 'right', id)).status, (await note(0.4, 'right', id)).status]).toEqual([201, 200]);
  expect((await app.call('GET', '/api/flours')).body.observations).toHaveLength(1);
});

it('refuses by name what is wrong, and what teaches nothing', async () => {
  for (const [path, change] of [
    ['pouredKg', { pouredKg: -1 }],
    ['felt', { felt: 'lovely' }],
    ['dough.family', { dough: { ...dough, family: 'cloud' } }],
    ['dough.lines.0.massKg', { dough: { ...dough, lines: [{ ingredientId: 'water', massKg: 'plenty' }] } }],
    ['batchName', { batchName: '' }],
  ] as const) {
    const ask = { id: randomUUID(), batchName: 'Squash', dough, pouredKg: 0.4, felt: 'right', ...change };
    const answer = await app.call('POST', '/api/flours', ask);
    expect([answer.status, answer.body.path]).toEqual([400, path]);
  }
  const scalded = { family: 'hot-water', lines: WORKED_FORMULAS['hot-water'] };
  const none = await app.call('POST', '/api/flours', {
    id: randomUUID(),
    batchName: 'Barley',
    dough: scalded,
    pouredKg: 1,
    felt: 'right',
  });
  expect([none.status, none.body.code]).toEqual([409, 'NOTHING_LEARNT']);
  for (const method of ['PUT', 'DELETE']) {
    const gone = await app.call(
      method,
      `/api/flours/${randomUUID()}`,
      method === 'PUT' ? { pouredKg: 1, felt: 'right' } : undefined,
    );
    expect([gone.status, gone.body.code]).toEqual([404, 'NO_OBSERVATION']);
  }
  expect((await app.call('GET', '/api/flours')).body).toEqual({ beliefs: {}, observations: [] });
});

it('a draft keeps what was poured so far, nothing poured too', async () => {
  const draft = newBatch('Poured', 'squash-sage', 12, '2026-03-07T18:30:00.000Z');
  for (const poured of [[], [0.3], [0.3, 0.015, 0.005]]) {
    const of = { ...draft, dough: { ...draft.dough, poured } };
    const made = await app.call('POST', '/api/batches', { id: randomUUID(), draft: of });
    expect([made.status, made.body.draft.dough.poured]).toEqual([201, poured]);
  }
  const bad = { ...draft, dough: { ...draft.dough, poured: [0.3, -1] } };
  const answer = await app.call('POST', '/api/batches', { id: randomUUID(), draft: bad });
  expect([answer.status, answer.body.path]).toEqual([400, 'draft.dough.poured.1']);
});
