import { type BatchDraft, INGREDIENTS, ingredientById, planTrays } from '@ember-fold/core/plan';
import { START_CHECKS, type StoredAct } from '@ember-fold/core/stove';
import { anyBatch, anyDraft, anyFormula, anyIngredient, anyKitchen, within } from '@ember-fold/core/testing';
import fc from 'fast-check';
import { randomUUID } from 'node:crypto';
import { listenTo } from '../test/listenTo.js';
import { changed, newBatch } from '../test/newBatch.js';
import { openApp, type TestApp, until } from '../test/openApp.js';

let app: TestApp;
beforeEach(async () => {
  app = await openApp();
});
afterEach(() => app.close());

const EAT = '2026-03-07T18:30:00.000Z';
async function planned(draft: BatchDraft = newBatch('Squash', 'squash-sage', 12, EAT)): Promise<string> {
  const id = randomUUID();
  const answer = await app.call('POST', '/api/batches', { id, draft });
  expect([answer.status, answer.body.message]).toEqual([201, undefined]);
  return id;
}
const light = (id: string, more: object = { probe: null, speed: 1 }) =>
  app.call('POST', `/api/batches/${id}/stove`, { gate: START_CHECKS, ...more });
const act = (id: string, of: object) =>
  app.call('POST', `/api/batches/${id}/stove/acts`, { id: randomUUID(), atS: 0, ...of });

test('whatever is accepted, every other answer still comes', async () => {
  const good = await planned();
  const ids = [...INGREDIENTS.map((one) => one.id), 'own-root', 'own-root', 'own-root'];
  const base = randomUUID();
  const write = fc.oneof(
    fc.record({ what: fc.constant('draft'), draft: anyBatch([...ids, `base-${base}`, `base-${base}`]) }),
    fc.record({ what: fc.constant('kitchen'), kitchen: anyKitchen() }),
    fc.record({ what: fc.constant('ingredient'), ingredient: anyIngredient('own-root') }),
    fc.record({ what: fc.constant('base'), lines: anyFormula(ids), cookToShare: within({ least: 0.3, most: 1 }) }),
    fc.record({
      what: fc.constant('flour'),
      draft: anyDraft(ids),
      pouredKg: within({ least: 0, most: 1000 }),
      felt: fc.constantFrom('firm', 'right', 'soft'),
    }),
    fc.record({
      what: fc.constant('stock'),
      haveKg: within({ least: 0, most: 1000 }),
      strength: within({ least: 0.1, most: 10 }),
    }),
    fc.record({ what: fc.constant('oil'), m3: within({ least: 0.0002, most: 0.02 }) }),
  );
  const first = { version: 0, ingredient: { ...ingredientById('carrot'), id: 'own-root' } };
  await app.call('PUT', '/api/ingredients/own-root', first);
  const paste = { kind: 'base', lines: [{ ingredientId: 'onion', massKg: 1 }], cookToShare: 0.8 };
  await app.call('POST', '/api/formulas', { id: base, name: 'Paste', body: paste });
  const sent: Record<string, number> = {};
  const send = async (
    asked: fc.Arbitrary<unknown> extends never ? never : Record<string, unknown>,
  ): Promise<number> => {
    const { what, ...of } = asked as { what: string } & Record<string, unknown>;
    switch (what) {
      case 'draft':
        return (
          await app.call('POST', '/api/batches', {
            id: randomUUID(),
            draft: { ...(of['draft'] as object), eatAt: EAT },
          })
        ).status;
      case 'kitchen': {
        const { version } = (await app.call('GET', '/api/kitchen')).body;
        return (await app.call('PUT', '/api/kitchen', { version, kitchen: of['kitchen'] })).status;
      }
      case 'ingredient': {
        const { rows } = (await app.call('GET', '/api/ingredients')).body;
        const { version } = rows.find((row: { ingredient: { id: string } }) => row.ingredient.id === 'own-root');
        return (await app.call('PUT', '/api/ingredients/own-root', { version, ingredient: of['ingredient'] })).status;
      }
      case 'base': {
        const { edition } = (await app.call('GET', `/api/formulas/${base}`)).body;
        const body = { kind: 'base', lines: of['lines'], cookToShare: of['cookToShare'] };
        return (await app.call('PUT', `/api/formulas/${base}`, { edition, name: 'Paste', archived: false, body }))
          .status;
      }
      case 'flour': {
        const { dough } = of['draft'] as BatchDraft;
        const ask = { id: randomUUID(), batchName: 'Any', dough: { family: dough.family, lines: dough.lines } };
        return (await app.call('POST', '/api/flours', { ...ask, pouredKg: of['pouredKg'], felt: of['felt'] })).status;
      }
      case 'stock':
        return (await app.call('PUT', '/api/store/stock/onion', of)).status;
      default:
        return (
          await app.call('POST', '/api/oils', {
            id: randomUUID(),
            name: 'Tin',
            ingredientId: 'own-root',
            smokeC: 220,
            ...of,
          })
        ).status;
    }
  };
  await fc.assert(
    fc.asyncProperty(fc.array(write, { minLength: 1, maxLength: 4 }), async (writes) => {
      for (const one of writes) {
        const status = await send(one as Record<string, unknown>);
        sent[`${one.what} ${status}`] = (sent[`${one.what} ${status}`] ?? 0) + 1;
        // Refused for what it is, or because there is nothing to learn from it; never a fault of ours.
        expect([one.what, status < 500]).toEqual([one.what, true]);
      }
      for (const path of [
        '/kitchen',
        '/batches',
        '/flours',
        '/ingredients',
        '/formulas',
        '/oils',
        '/store/stock',
        '/store/shopping',
        '/stoves',
        '/ledger',
        `/oils/order/${good}`,
      ]) {
        const answer = await app.call('GET', `/api${path}`);
        expect([path, answer.status, answer.body.message]).toEqual([path, 200, undefined]);
      }
    }),
    { numRuns: 12 },
  );
  // The generator is inside what the server takes: of each kind something is accepted, drawn or not until now.
  for (const [what, status] of [
    ['draft', 201],
    ['kitchen', 200],
    ['ingredient', 200],
    ['base', 200],
  ] as const) {
    const more = fc.sample(
      write.filter((one) => one.what === what),
      10,
    );
    for (let i = 0; i < more.length && !sent[`${what} ${status}`]; i++) {
      const found = await send(more[i] as Record<string, unknown>);
      sent[`${what} ${found}`] = (sent[`${what} ${found}`] ?? 0) + 1;
    }
    expect([what, (sent[`${what} ${status}`] ?? 0) > 0]).toEqual([what, true]);
  }
  const { kitchen } = (await app.call('GET', '/api/kitchen')).body;
  const { rows } = (await app.call('GET', '/api/ingredients')).body;
  const own = rows.map((row: { ingredient: object }) => row.ingredient);
  planTrays(newBatch('Squash', 'squash-sage', 12, EAT), { ...kitchen, ingredients: own }, null);
}, 120_000);

test('of several that light at once all get the one stove that is kept; drops and finishes that race never leave pieces in a finished batch', async () => {
  for (let round = 0; round < 6; round++) {
    const id = await planned();
    const lit = await Promise.all([light(id), light(id), light(id)]);
    expect(lit.map(({ status }) => status)).toEqual([201, 201, 201]);
    expect(new Set(lit.map(({ body }) => `${body.seed} ${body.startedAt}`)).size).toBe(1);
    await Promise.all([
      act(id, { kind: 'drop', pieces: [1, 2] }),
      app.call('POST', `/api/batches/${id}/stove/finish`, {}),
      act(id, { kind: 'drop', pieces: [3] }),
      app.call('POST', `/api/batches/${id}/stove/finish`, {}),
    ]);
    const { status } = (await app.call('GET', `/api/batches/${id}`)).body;
    const { acts } = (await app.call('GET', `/api/batches/${id}/stove`)).body;
    if (status === 'done') expect(acts).toEqual([]);
    else expect(acts.length).toBeGreaterThan(0);
  }
});

test('finished, taken back and fried on at once: what is in the oil is never in a finished batch, nor is one use of oil counted twice', async () => {
  for (let round = 0; round < 5; round++) {
    const id = await planned();
    await light(id);
    const stove = (what: 'finish' | 'reopen') => app.call('POST', `/api/batches/${id}/stove/${what}`, {});
    await stove('finish');
    const answers = await Promise.all([
      stove('reopen'),
      act(id, { kind: 'drop', pieces: [1] }),
      stove('finish'),
      stove('reopen'),
      act(id, { kind: 'drop', pieces: [2] }),
      stove('finish'),
      stove('reopen'),
    ]);
    for (const { status } of answers) expect(status).toBeLessThan(500);
    const { status } = (await app.call('GET', `/api/batches/${id}`)).body;
    const { acts, endedAt } = (await app.call('GET', `/api/batches/${id}/stove`)).body;
    // One truth in every answer.
    expect(status).toBe(endedAt === null ? 'frying' : 'done');
    expect((await app.call('GET', `/api/ledger/${id}`)).status).toBe(endedAt === null ? 404 : 200);
    const open = (await app.call('GET', '/api/stoves')).body.map((one: { batchId: string }) => one.batchId);
    expect(open.includes(id)).toBe(endedAt === null);
    if (endedAt !== null) expect(acts).toEqual([]);
    // Out of the way of the next round's pot.
    const inPot = acts.flatMap((one: StoredAct) => ('pieces' in one.act ? one.act.pieces : []));
    if (inPot.length > 0) await act(id, { kind: 'take-out', pieces: inPot });
    expect((await stove('finish')).status).toBe(200);
  }
});

test('ticks from several devices at once: each is kept once, and a tick of nothing is refused at its field', async () => {
  const id = await planned();
  const tick = (more: object) => ({
    id: randomUUID(),
    atMs: app.clock.ms,
    step: 'mix-dough',
    kind: 'tick',
    line: 'dough salt',
    on: true,
    ...more,
  });
  const post = (body: object) => app.call('POST', `/api/batches/${id}/cook/acts`, body);
  const twice = tick({ line: 'dough butter' });
  await Promise.all([
    post(twice),
    post(twice),
    post(tick({})),
    post(tick({ on: false })),
    post(tick({ step: 'roll' })),
  ]);
  expect((await app.call('GET', `/api/batches/${id}/cook`)).body.acts).toHaveLength(4);
  for (const [path, more] of [
    ['line', { line: '' }],
    ['line', { line: 'x'.repeat(300) }],
    ['line', { line: 7 }],
    ['on', { on: 'perhaps' }],
    ['step', { step: 'dance' }],
  ] as const) {
    const { status, body } = await post(tick(more));
    expect([status, body.path]).toEqual([400, path]);
  }
});

test('forty acts at once: each is told to every page, in the order of its place', async () => {
  const id = await planned();
  await light(id);
  const heard = listenTo(app, '/api/live', (all) => all.filter(({ event }) => event === 'act').length >= 40);
  const mine = listenTo(
    app,
    `/api/batches/${id}/stove/stream`,
    (all) => all.filter(({ event }) => event === 'act').length >= 40,
  );
  await until(async () => app.follows() >= 1);
  await Promise.all(Array.from({ length: 40 }, (_, i) => act(id, { kind: 'burner', setting: i % 9 })));
  const places = (await heard)
    .filter(({ event }) => event === 'act')
    .map(({ data }) => (data['stored'] as StoredAct).seq);
  expect(places).toEqual([...places].sort((a, b) => a - b));
  expect(new Set(places).size).toBe(40);
  await mine;
});

test('the same act again is the same answer; its id with other content is refused', async () => {
  const id = await planned();
  await light(id);
  app.clock.ms += 60_000;
  const asked = { id: randomUUID(), kind: 'burner', setting: 5, atS: 1e6 };
  const first = await act(id, asked);
  expect(first.body.act.atS).toBe(60);
  app.clock.ms += 60_000;
  const again = await act(id, asked);
  expect([again.status, again.body]).toEqual([200, first.body]);
  expect((await act(id, { ...asked, setting: 6 })).body).toMatchObject({ code: 'ID_TAKEN', path: 'id' });
  const step = { id: randomUUID(), atMs: app.clock.ms, step: 'fold', kind: 'done' };
  const cook = (of: object) => app.call('POST', `/api/batches/${id}/cook/acts`, of);
  expect((await cook(step)).status).toBe(201);
  expect((await cook(step)).status).toBe(200);
  expect((await cook({ ...step, kind: 'skip' })).body.code).toBe('ID_TAKEN');
});

test('the same timer stored four pages at once, again and again: each is answered with the timer', async () => {
  const body = { batchId: null, step: null, name: 'Rest', startedMs: app.clock.ms, endsMs: app.clock.ms + 60_000 };
  for (let round = 0; round < 20; round++) {
    const id = randomUUID();
    const stoppedMs = round % 2 === 0 ? null : app.clock.ms + 1000;
    const put = () => app.call('PUT', `/api/timers/${id}`, { ...body, stoppedMs });
    const told = await Promise.all([put(), put(), put(), put()]);
    expect(told.map(({ status, body: timer }) => [status, timer.id])).toEqual(told.map(() => [200, id]));
  }
});

test('two pages that change one supper: each version is one page’s, and its batches follow the one that was kept', async () => {
  const id = randomUUID();
  const servings = [{ id: randomUUID(), at: EAT }];
  const supper = { name: 'Walk', servings, each: 2, guests: [] };
  await app.call('POST', '/api/suppers', { id, supper });
  const batches = await Promise.all(
    ['squash-sage', 'lentil-dill', 'pear-ginger'].map((starter) =>
      planned({ ...newBatch(starter, starter, 12, EAT), supper: id }),
    ),
  );
  for (let version = 1; version <= 12; version++) {
    const put = (page: number) => {
      const at = new Date(Date.parse(EAT) + (2 * version + page) * 60_000).toISOString();
      const changed = { ...supper, name: `Page ${page}`, servings: [{ ...servings[0]!, at }] };
      return app.call('PUT', `/api/suppers/${id}`, { version, supper: changed });
    };
    const told = await Promise.all([put(0), put(1)]);
    expect(told.map(({ status }) => status).sort()).toEqual([200, 409]);
    const kept = told.find(({ status }) => status === 200)!.body;
    expect((await app.call('GET', `/api/suppers/${id}`)).body).toEqual(kept);
    const moments = await Promise.all(
      batches.map(async (batch) => (await app.call('GET', `/api/batches/${batch}`)).body.draft.eatAt),
    );
    expect(moments).toEqual(batches.map(() => kept.supper.servings[0].at));
  }
});

describe('a probe of one’s own', () => {
  const send = (token: string, lines: readonly string[]) =>
    app.call('POST', '/api/devices/readings', lines.join('\n'), {
      'content-type': 'text/plain',
      authorization: `Bearer ${token}`,
    });
  const lit = async () => {
    const { token } = (await app.call('POST', '/api/devices', { id: 'own-probe', kind: 'probe', name: 'Probe' })).body;
    const id = await planned();
    await light(id, { probe: 'own-probe', speed: 1 });
    return { id, token: token as string };
  };
  const line = (seq: number, ms: number, c: number) =>
    `own-probe ${seq} ${new Date(app.clock.ms + ms).toISOString()} temperature ${c} C`;

  test('a clock that runs ahead is moved back to the arrival and told; what comes after it is never hidden', async () => {
    const { id, token } = await lit();
    app.clock.ms += 60_000;
    const ahead = await send(token, [line(1, 3_600_000, 158), line(2, 3_601_000, 159)]);
    expect(ahead.body).toMatchObject({ taken: 2, movedToArrival: 2, refused: [] });
    app.clock.ms += 5000;
    expect((await send(token, [line(3, 0, 268)])).body).toMatchObject({ taken: 1, movedToArrival: 0 });
    const { readings } = (await app.call('GET', `/api/batches/${id}/stove`)).body;
    expect(readings.map((r: { atS: number; probeC: number }) => [r.atS, r.probeC])).toEqual([
      [59, 158],
      [60, 159],
      [65, 268],
    ]);
  });

  test('two readings 2 ms apart are two; one told again is late; one that stands in no pot is said to be not kept', async () => {
    const { id, token } = await lit();
    app.clock.ms += 60_000;
    expect((await send(token, [line(1, -2, 150), line(2, 0, 150.1)])).body).toMatchObject({ taken: 2, late: 0 });
    expect((await send(token, [line(2, 0, 150.1)])).body).toMatchObject({ taken: 0, late: 1, notKept: 0 });
    expect((await send(token, [line(3, -120_000, 20)])).body).toMatchObject({ taken: 0, notKept: 1 });
    await app.call('POST', `/api/batches/${id}/stove/finish`, {});
    expect((await send(token, [line(4, 0, 150)])).body).toMatchObject({ taken: 0, notKept: 1 });
  });

  test('a clock that runs behind is learnt from what arrives: no reading is lost, and it is said', async () => {
    const { id, token } = await lit();
    const behind = 20 * 60_000;
    app.clock.ms += 60_000;
    // Stored while the network was away: the newest of them says how far the clock is behind.
    const first = await send(token, [line(1, -behind - 4000, 150), line(2, -behind - 500, 151)]);
    expect(first.body).toMatchObject({ taken: 2, notKept: 0, clockBehindS: 1201 });
    app.clock.ms += 5000;
    expect((await send(token, [line(3, -behind - 200, 152)])).body).toMatchObject({ taken: 1, clockBehindS: 1200 });
    // A slow network is no slower clock.
    app.clock.ms += 30_000;
    expect((await send(token, [line(4, -behind - 9000, 153)])).body).toMatchObject({ taken: 1, clockBehindS: 1200 });
    const { readings } = (await app.call('GET', `/api/batches/${id}/stove`)).body;
    const at = readings.map((r: { atS: number; probeC: number }) => [Math.round(r.atS), r.probeC]);
    expect(at).toEqual([
      [57, 150],
      [60, 151],
      [65, 152],
      [86, 153],
    ]);
    const devices = (await app.call('GET', '/api/devices')).body as { id: string; clockBehindS: number }[];
    expect(devices.find((one) => one.id === 'own-probe')).toMatchObject({ clockBehindS: 1200 });
    // It is set right, and believed.
    app.clock.ms += 1000;
    expect((await send(token, [line(5, 0, 154)])).body).toMatchObject({ taken: 1, clockBehindS: 0 });
  });

  test('a clock set back over a restart puts nothing at second 0, and is not ahead for ever; a record may last for days', async () => {
    const { id, token } = await lit();
    app.clock.ms += 3 * 86_400_000;
    await send(token, [line(1, 0, 158)]);
    const at = 3 * 86_400;
    expect((await act(id, { kind: 'skim', atS: at })).body.act.atS).toBe(at);
    app.clock.ms -= 2 * 86_400_000;
    for (const restart of [1, 2]) {
      await app.restart();
      app.clock.ms += 10_000;
      expect((await act(id, { kind: 'skim', atS: 1e6 })).body.act.atS).toBeCloseTo(at + 10 * restart, 1);
      expect((await app.call('GET', '/api/health')).body.nowMs).toBe(app.clock.ms);
    }
  });
});

test('an ingredient in use is refused by the database, also against a save of the same moment', async () => {
  const make = async (id: string) =>
    await app.call('PUT', `/api/ingredients/${id}`, { version: 0, ingredient: { ...ingredientById('carrot'), id } });
  const using = (id: string): BatchDraft => {
    const draft = newBatch('Squash', 'squash-sage', 12, EAT);
    const filling = draft.fillings.A!;
    return changed(draft, { filling: { ...filling, lines: [...filling.lines, { ingredientId: id, massKg: 0.1 }] } });
  };
  for (let round = 0; round < 10; round++) {
    const id = `root-${round}`;
    await make(id);
    const [saved, deleted] = await Promise.all([
      app.call('POST', '/api/batches', { id: randomUUID(), draft: using(id) }),
      app.call('DELETE', `/api/ingredients/${id}`),
    ]);
    // One of the two, never both: what was saved can always be planned.
    expect([saved.status === 201, deleted.status === 204].filter(Boolean).length).toBe(1);
  }
  expect((await app.call('GET', '/api/store/shopping')).status).toBe(200);
  await make('kept-root');
  const batch = await planned(using('kept-root'));
  expect((await app.call('DELETE', '/api/ingredients/kept-root')).body).toMatchObject({
    code: 'IN_USE',
    message: expect.stringContaining('Squash'),
  });
  await app.call('POST', '/api/oils', {
    id: randomUUID(),
    name: 'Tin of roots',
    ingredientId: 'kept-root',
    smokeC: 220,
    m3: 0.002,
  });
  await app.call('DELETE', `/api/batches/${batch}`);
  expect((await app.call('DELETE', '/api/ingredients/kept-root')).body).toMatchObject({
    code: 'IN_USE',
    message: expect.stringContaining('Tin of roots'),
  });
});

test('half a character is refused by its field; signs of SQL and of searching are just signs', async () => {
  const draft = newBatch('Half \ud83e', 'squash-sage', 12, EAT);
  const answer = await app.call('POST', '/api/batches', JSON.stringify({ id: randomUUID(), draft }));
  expect([answer.status, answer.body.path]).toEqual([400, 'draft.name']);
  await planned(newBatch("100 % 'root' \\ _ \" --", 'squash-sage', 12, EAT));
  await planned(newBatch('Plain', 'squash-sage', 12, EAT));
  const found = async (search: string) =>
    (await app.call('GET', `/api/batches?search=${encodeURIComponent(search)}`)).body.map(
      (one: { name: string }) => one.name,
    );
  for (const search of ["100 % '", '\\', '_ "', 'ROOT'])
    expect([search, (await found(search)).length]).toEqual([search, 1]);
  expect(await found('plain')).toEqual(['Plain']);
  expect(await found('')).toHaveLength(2);
});

test('every change of a record is told to every page within a moment, and a question for the head alone ends', async () => {
  const id = await planned();
  const want = ['kitchen', 'batches', 'ingredients', 'oils', 'stock', 'formulas', 'devices', 'flours'];
  const seen = (all: { event: string; data: Record<string, unknown> }[]) =>
    all.filter(({ event }) => event === 'changed').map(({ data }) => data['what']);
  const heard = listenTo(app, '/api/live', (all) => want.every((what) => seen(all).includes(what)));
  await until(async () => app.follows() >= 1);
  const { body } = await app.call('GET', '/api/kitchen');
  const draft = newBatch('Squash', 'squash-sage', 14, EAT);
  await app.call('PUT', '/api/kitchen', { ...body, kitchen: { ...body.kitchen, roomC: 24 } });
  await app.call('PUT', `/api/batches/${id}`, { version: 1, draft });
  await app.call('PUT', '/api/ingredients/own-root', {
    version: 0,
    ingredient: { ...ingredientById('carrot'), id: 'own-root' },
  });
  await app.call('POST', '/api/oils', {
    id: randomUUID(),
    name: 'Tin',
    ingredientId: 'sunflower-oil',
    smokeC: 220,
    m3: 0.002,
  });
  await app.call('PUT', '/api/store/stock/onion', { haveKg: 1, strength: 1 });
  await app.call('POST', '/api/formulas', {
    id: randomUUID(),
    name: 'Paste',
    body: { kind: 'base', lines: [], cookToShare: 0.8 },
  });
  await app.call('POST', '/api/devices', { id: 'own-scale', kind: 'scale', name: 'Scale' });
  const { dough } = draft;
  await app.call('POST', '/api/flours', {
    id: randomUUID(),
    batchName: 'Squash',
    dough: { family: dough.family, lines: dough.lines },
    pouredKg: dough.lines.find((l) => l.ingredientId === 'water')!.massKg,
    felt: 'right',
  });
  await heard;
  const head = await fetch(`${app.url}/api/live`, { method: 'HEAD', signal: AbortSignal.timeout(2000) });
  expect(head.headers.get('content-type')).toContain('text/event-stream');
});

test('a thousand records: a page of the list reads stored figures, the oldest can be reached and found', async () => {
  const id = await planned(newBatch('The oldest', 'squash-sage', 12, EAT));
  await light(id);
  await act(id, { kind: 'drop', pieces: [1] });
  await act(id, { kind: 'take-out', pieces: [1] });
  await app.call('POST', `/api/batches/${id}/stove/finish`, {});
  await app.gate.change(
    `INSERT INTO batch (id, name, status, draft, version, created_at, updated_at)
     SELECT CONCAT('00000000-0000-4000-8000-', LPAD(n.seq, 12, '0')), CONCAT('Record ', n.seq), 'done', b.draft, 1, b.created_at, b.updated_at
     FROM batch b JOIN seq_1_to_999 n WHERE b.id = ?`,
    [id],
  );
  await app.gate.change(
    `INSERT INTO stove_session (batch_id, seed, speed, draft, kitchen, started_at, ended_at, figures)
     SELECT CONCAT('00000000-0000-4000-8000-', LPAD(n.seq, 12, '0')), 1, 1, s.draft, s.kitchen, s.started_at + INTERVAL n.seq HOUR, s.ended_at + INTERVAL n.seq HOUR, s.figures
     FROM stove_session s JOIN seq_1_to_999 n WHERE s.batch_id = ?`,
    [id],
  );
  const names: string[] = [];
  for (let next: string | null = ''; next !== null;) {
    const page: { rows: { name: string }[]; next: string | null } = (
      await app.call('GET', `/api/ledger?most=300&after=${next}`)
    ).body;
    names.push(...page.rows.map((row) => row.name));
    next = page.next;
  }
  expect(new Set(names).size).toBe(1000);
  expect([names[0], names.at(-1)]).toEqual(['Record 999', 'The oldest']);
  const found = (await app.call('GET', '/api/ledger?search=oldest')).body;
  expect(found).toMatchObject({ rows: [{ id, figures: { fried: 1 } }], next: null });
});
