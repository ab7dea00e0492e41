import { planTrays } from '@ember-fold/core/plan';
import { type CookAct, cookState, START_CHECKS, stepState } from '@ember-fold/core/stove';
import { randomUUID } from 'node:crypto';
import { steadyClock } from '../live/steadyClock.js';
import { listenTo } from '../test/listenTo.js';
import { newBatch } from '../test/newBatch.js';
import { openApp, T0, type TestApp } from '../test/openApp.js';

let app: TestApp;
beforeEach(async () => {
  app = await openApp();
});
afterEach(() => app.close());

async function planned(): Promise<string> {
  const id = randomUUID();
  const draft = newBatch('Run', 'squash-sage', 24, '2026-03-07T18:30:00.000Z');
  expect((await app.call('POST', '/api/batches', { id, draft })).status).toBe(201);
  return id;
}
const act = (of: object) => ({ id: randomUUID(), atMs: T0, step: 'fold', ...of });
const tell = (batchId: string, of: object) => app.call('POST', `/api/batches/${batchId}/cook/acts`, of);
const sheet = async (batchId: string) =>
  (await app.call('GET', `/api/batches/${batchId}/cook`)).body.acts as { seq: number; act: CookAct }[];
const timer = (of: object = {}) => ({
  batchId: null,
  step: null,
  name: 'Dough rests',
  startedMs: T0,
  endsMs: T0 + 60_000,
  stoppedMs: null,
  ...of,
});
const put = (id: string, of: object) => app.call('PUT', `/api/timers/${id}`, of);
const running = async () => (await app.call('GET', '/api/timers')).body.timers;

describe('run-sheet', () => {
  it('keeps each act once, in its order, over a restart; another batch does not get it', async () => {
    const [id, other] = [await planned(), await planned()];
    const done = act({ kind: 'done', step: 'mix-dough' });
    expect((await tell(id, done)).status).toBe(201);
    expect((await tell(id, done)).status).toBe(200);
    expect((await tell(other, done)).body.code).toBe('ID_TAKEN');
    await tell(id, act({ kind: 'measure', value: 21 }));
    await app.restart();
    expect((await sheet(id)).map((stored) => stored.act.kind)).toEqual(['done', 'measure']);
    const [first] = await sheet(id);
    const after = (await app.call('GET', `/api/batches/${id}/cook?after=${first!.seq}`)).body.acts;
    expect(after).toHaveLength(1);
  });

  it.each([
    ['step', { step: 'dance', kind: 'done' }],
    ['kind', { kind: 'burn' }],
    ['value', { kind: 'measure', value: 0 }],
    ['value', { kind: 'measure', value: 'many' }],
    ['value', { step: 'rest', kind: 'measure', value: 1 }],
    ['value', { step: 'roll', kind: 'measure', value: 1 }],
    ['measure', { step: 'fold', kind: 'measure', measure: 'liquid-c', value: 30 }],
    ['measure', { step: 'mix-dough', kind: 'measure', measure: 'colour', value: 30 }],
    ['value', { step: 'mix-dough', kind: 'measure', measure: 'liquid-c', value: 160 }],
    ['value', { step: 'mix-dough', kind: 'measure', measure: 'dough-kg', value: 0 }],
    ['value', { step: 'bake', kind: 'measure', measure: 'golden-s', value: 5 }],
    ['value', { step: 'fold', kind: 'measure', measure: 'pieces', value: 1.5 }],
    ['answer', { kind: 'check', answer: 'perhaps' }],
    ['atMs', { kind: 'done', atMs: -5 }],
    ['who', { kind: 'take', who: 'x'.repeat(41) }],
  ] as const)('refuses a bad %s by that name: %j', async (path, of) => {
    const id = await planned();
    const answer = await tell(id, act(of));
    expect([answer.status, answer.body.path]).toEqual([400, path]);
    expect(await sheet(id)).toEqual([]);
  });

  it('several figures of one step stand beside one another; the last told of each counts', async () => {
    const id = await planned();
    const at = { step: 'mix-dough', kind: 'measure' };
    for (const [measure, value] of Object.entries({
      'liquid-c': 38,
      'dough-c': 27.5,
      'dough-kg': 0.61,
      'poured-kg': 0.2,
    }))
      expect((await tell(id, act({ ...at, measure, value }))).status).toBe(201);
    await tell(id, act({ ...at, measure: 'liquid-c', value: 41 }));
    const state = cookState((await sheet(id)).map((stored) => stored.act));
    expect(stepState(state, 'mix-dough').measured).toEqual({
      'liquid-c': 41,
      'dough-c': 27.5,
      'dough-kg': 0.61,
      'poured-kg': 0.2,
    });
  });

  it('puts nothing into the future, and nothing on a batch that is not there', async () => {
    const id = await planned();
    const ahead = await tell(id, act({ kind: 'done', atMs: T0 + 3_600_000 }));
    expect(ahead.body.act.atMs).toBe(app.clock.ms);
    expect((await tell(randomUUID(), act({ kind: 'done' }))).body.code).toBe('NO_BATCH');
  });

  it('what was rolled and counted is what is put on the stove', async () => {
    const id = await planned();
    await tell(id, act({ kind: 'measure', value: 19 }));
    await tell(id, act({ kind: 'measure', step: 'roll', value: 0.0033 }));
    const { body } = await app.call('POST', `/api/batches/${id}/stove`, { speed: 60, gate: START_CHECKS });
    expect(body.draft.trays.A.pieces).toBe(19);
    expect(body.draft.trays.A.fold.thicknessM).toBe(0.0033);
    expect(planTrays(body.draft, body.kitchen, null)[0]!.plan.fry!.loads).not.toBeNull();
    expect((await app.call('GET', `/api/batches/${id}`)).body.draft.trays.A.pieces).toBe(24);
  });
});

describe('timers', () => {
  it('are kept over a restart, moved, and once stopped stay so', async () => {
    const id = randomUUID();
    expect((await put(id, timer())).status).toBe(200);
    await put(id, timer({ endsMs: T0 + 120_000 }));
    await app.restart();
    expect(await running()).toEqual([{ id, ...timer({ endsMs: T0 + 120_000 }) }]);
    await put(id, timer({ stoppedMs: T0 + 30_000 }));
    // A page that was away still thinks that it runs.
    await put(id, timer());
    expect(await running()).toEqual([]);
  });

  it('outlive their batch', async () => {
    const batchId = await planned();
    const id = randomUUID();
    await put(id, timer({ batchId, step: 'rest' }));
    expect((await app.call('DELETE', `/api/batches/${batchId}`)).status).toBe(204);
    expect(await running()).toHaveLength(1);
  });

  it.each([
    ['name', { name: '' }],
    ['endsMs', { endsMs: T0 - 1 }],
    ['endsMs', { endsMs: null }],
    ['startedMs', { startedMs: 'now' }],
    ['step', { step: 'nap' }],
  ] as const)('refuse a bad %s by that name', async (path, of) => {
    const answer = await put(randomUUID(), timer(of));
    expect([answer.status, answer.body.path]).toEqual([400, path]);
    expect(await running()).toEqual([]);
  });

  it('are told to every page, with the server’s time, and so are acts of a run-sheet', async () => {
    const batchId = await planned();
    const [first, second] = [randomUUID(), randomUUID()];
    await put(first, timer());
    const heard = listenTo(app, '/api/live', (events) => events.length >= 4);
    await new Promise((resolve) => setTimeout(resolve, 300));
    await put(second, timer({ name: 'Filling cools' }));
    await tell(batchId, act({ kind: 'done' }));
    const events = await heard;
    expect(events.map((event) => event.event)).toEqual(['timers', 'disk', 'timer', 'cook']);
    expect(events[0]!.data).toMatchObject({ timers: [{ id: first }], nowMs: app.clock.ms });
    expect(events[1]!.data).toMatchObject({ state: 'well' });
    expect(events[2]!.data).toMatchObject({ timer: { id: second, name: 'Filling cools' } });
    expect(events[3]!.data).toMatchObject({ batchId, stored: { act: { kind: 'done', step: 'fold' } } });
  });
});

test('the server’s clock goes on evenly when the machine’s is set', () => {
  let steady = 5000;
  const clock = steadyClock(T0, () => steady);
  expect(clock()).toBe(T0);
  steady += 1234;
  // Whatever the wall says now is not asked.
  expect(clock()).toBe(T0 + 1234);
});
