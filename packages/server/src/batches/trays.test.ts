import { withTodaysNames } from '@ember-fold/core/files';
import { batchFromStored, type StoredItem } from '@ember-fold/core/ledger';
import { batchOf, marksOf, newTray, type TrayDraft, trayOf, withCopyOfTray, withTray } from '@ember-fold/core/plan';
import { START_CHECKS } from '@ember-fold/core/stove';
import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { newBatch } from '../test/newBatch.js';
import { standardNames } from '../db/migrations/023-standard-names.js';
import { openApp, type TestApp } from '../test/openApp.js';

let app: TestApp;
beforeAll(async () => {
  app = await openApp();
});
afterAll(() => app.close());

const EAT = '2026-03-07T18:30:00.000Z';
const post = (draft: unknown) => app.call('POST', '/api/batches', { id: randomUUID(), draft });
const light = (id: string) =>
  app.call('POST', `/api/batches/${id}/stove`, { gate: START_CHECKS, probe: null, speed: 1, trial: false });

describe('rows written before there were trays', () => {
  interface Rows {
    readonly batch: readonly { readonly id: string; readonly draft: TrayDraft; readonly [column: string]: unknown }[];
    readonly stove: readonly { readonly batch_id: string; readonly draft: TrayDraft; readonly kitchen: object }[];
  }
  const rows = JSON.parse(readFileSync(join(__dirname, '../test/rowsOfSchema9.json'), 'utf8')) as Rows;
  const insert = async (id: string, name: string, status: string, draft: object) =>
    await app.gate.change(
      `INSERT INTO batch (id, name, status, draft, version, created_at, updated_at)
       VALUES (?, ?, ?, ?, 1, UTC_TIMESTAMP(3), UTC_TIMESTAMP(3))`,
      [id, name, status, JSON.stringify(draft)],
    );

  /** What the migration of the names does to rows of an earlier version. */
  const nameAsToday = async () => {
    for (const statement of standardNames.statements) await app.gate.change(statement);
  };

  it('are listed with their pieces, read as a batch of one tray, saved, used and lit', async () => {
    for (const { id, draft: oldDraft } of rows.batch) {
      const draft = withTodaysNames(oldDraft) as typeof oldDraft;
      await insert(id, draft.name, 'planned', oldDraft);
      await nameAsToday();
      const { body } = await app.call('GET', `/api/batches/${id}`);
      expect(body.draft).toEqual(batchOf(draft));
      const listed = (await app.call('GET', '/api/batches')).body.find((one: { id: string }) => one.id === id);
      expect(listed).toMatchObject({ pieces: draft.pieces, eatAt: draft.eatAt });
      // A page that was open meanwhile saves what it has, in the shape it knows.
      const saved = await app.call('PUT', `/api/batches/${id}`, { version: 1, draft: { ...draft, pieces: 7 } });
      expect(saved.status).toBe(400);
      expect(saved.body.path).toMatch(/^draft\.fillings\.A\.lines\.\d\.ingredientId$/);
      const own = { ...draft, pieces: 7, filling: { ...draft.filling, lines: [] } };
      expect((await app.call('PUT', `/api/batches/${id}`, { version: 1, draft: own })).body.draft).toEqual(
        batchOf(own),
      );
      const again = (await app.call('GET', '/api/batches')).body.find((one: { id: string }) => one.id === id);
      expect(again.pieces).toBe(7);
      expect((await light(id)).status).toBe(201);
      expect((await app.call('POST', `/api/batches/${id}/stove/finish`, {})).status).toBe(200);
    }
  });

  it('stand in the ledger with the figures they had', async () => {
    for (const { batch_id: id, draft: oldDraft, kitchen } of rows.stove) {
      const draft = withTodaysNames(oldDraft) as typeof oldDraft;
      await insert(id, draft.name, 'done', oldDraft);
      await app.gate.change(
        `INSERT INTO stove_session (batch_id, seed, speed, draft, kitchen, started_at, ended_at, probe, trial)
         VALUES (?, 1, 1, ?, ?, UTC_TIMESTAMP(3) - INTERVAL 1 DAY, UTC_TIMESTAMP(3), NULL, 0)`,
        [id, JSON.stringify(oldDraft), JSON.stringify(kitchen)],
      );
      await nameAsToday();
      const { rows: ledger } = (await app.call('GET', '/api/ledger')).body;
      expect(ledger.find((one: { id: string }) => one.id === id)).toMatchObject({ pieces: draft.pieces });
      const { body: record } = await app.call('GET', `/api/ledger/${id}`);
      expect(record.draft).toEqual(batchOf(draft));
      expect(record.trays).toEqual([expect.objectContaining({ mark: 'A', first: 1 })]);
      expect(record.figures.notFried).toBe(draft.pieces);
    }
  });
});

describe('a batch of several trays', () => {
  const two = () => {
    const both = withCopyOfTray(newBatch('Washed and not', 'squash-sage', 6, EAT), 'A')!;
    return withTray(both, { ...trayOf(both, 'B'), coating: { wet: 'egg', dry: 'none', double: false } });
  };

  it('is stored, listed with all its pieces, and lit; each piece belongs to its tray in the ledger', async () => {
    const { body: batch } = await post(two());
    expect(batch.draft).toEqual(two());
    const listed = (await app.call('GET', '/api/batches')).body.find((one: { id: string }) => one.id === batch.id);
    expect(listed.pieces).toBe(12);
    expect((await light(batch.id)).status).toBe(201);
    const act = (of: object) =>
      app.call('POST', `/api/batches/${batch.id}/stove/acts`, { id: randomUUID(), atS: 0, ...of });
    const numbers = (from: number) => Array.from({ length: 6 }, (_, i) => from + i);
    for (const from of [1, 7]) {
      app.clock.ms += 60_000;
      await act({ kind: 'drop', pieces: numbers(from), atS: from * 100 });
      await act({ kind: 'take-out', pieces: numbers(from).slice(1), atS: from * 100 + 500 });
      await act({ kind: 'burst', pieces: [from], atS: from * 100 + 510 });
    }
    await app.call('POST', `/api/batches/${batch.id}/stove/finish`, {});
    const { body: record } = await app.call('GET', `/api/ledger/${batch.id}`);
    expect(record.figures).toMatchObject({ fried: 10, burst: 2, notFried: 0 });
    for (const [i, mark] of ['A', 'B'].entries()) {
      expect(record.trays[i]).toMatchObject({ mark, first: 6 * i + 1, figures: { fried: 5, burst: 1, notFried: 0 } });
      expect(record.trays[i].planned.inOilS).toBeGreaterThan(60);
    }
    // A washed piece browns sooner: the two were not planned alike.
    expect(record.trays[1].planned.inOilS).toBeLessThanOrEqual(record.trays[0].planned.inOilS);
  });

  it('of which nothing is fried is not lit, and says so', async () => {
    const one = newBatch('Stored', 'squash-sage', 6, EAT);
    const { body } = await post(withTray(one, { ...trayOf(one, 'A'), way: 'freeze' }));
    expect((await light(body.id)).body).toMatchObject({ code: 'NOTHING_FRIED' });
  });

  it('that is wrong is refused at the field that is', async () => {
    const good = two();
    const tray = good.trays.A!;
    const wrong: readonly (readonly [string, unknown])[] = [
      ['draft.trays', { ...good, trays: {} }],
      ['draft.trays', { ...good, trays: [] }],
      ['draft.trays.Z', { ...good, trays: { ...good.trays, Z: tray } }],
      ['draft.trays.B.pieces', withTray(good, { ...trayOf(good, 'B'), pieces: 0 })],
      ['draft.trays.B.way', withTray(good, { ...trayOf(good, 'B'), way: 'boil' as never })],
      [
        'draft.trays.A.bake.ovenC',
        { ...good, trays: { A: { ...tray, bake: { ovenC: 20, minutesS: null, perSheet: 9 } } } },
      ],
      ['draft.trays.A.fromStored', { ...good, trays: { A: { ...tray, fromStored: 'x' } } }],
      ['draft.trays.A.keepUntil', { ...good, trays: { A: { ...tray, keepUntil: 'soon' } } }],
      ['draft.format', { ...good, format: 3 }],
    ];
    for (const [path, draft] of wrong) {
      const answer = await post(draft);
      expect([path, answer.status, answer.body.path]).toEqual([path, 400, path]);
    }
    expect(marksOf(good)).toEqual(['A', 'B']);
    expect((await post(newTray('As it was once', 'squash-sage', 6, EAT))).status).toBe(201);
  });
});

describe('what is stored', () => {
  const storedItems = async () => (await app.call('GET', '/api/store/stored')).body as StoredItem[];
  const told = (id: string, kind: 'done' | 'back', step = 'stored') =>
    app.call('POST', `/api/batches/${id}/cook/acts`, { id: randomUUID(), atMs: app.clock.ms, kind, step });
  const frozen = async (name: string, pieces = 30) => {
    const one = newBatch(name, 'lentil-dill', pieces, EAT);
    const { body } = await post(withTray(one, { ...trayOf(one, 'A'), way: 'freeze' }));
    return body.id as string;
  };
  const of = async (batchId: string) => (await storedItems()).find((item) => item.batchId === batchId);
  const taking = (item: StoredItem, pieces: number) => batchFromStored(item, pieces, `${pieces} of ${item.name}`, EAT)!;

  it('stands in the Store when the run-sheet says so, once, and is gone when that is taken back', async () => {
    const id = await frozen('A hundred, folded ahead', 100);
    const act = { id: randomUUID(), atMs: app.clock.ms, kind: 'done', step: 'stored' };
    for (let i = 0; i < 2; i++) await app.call('POST', `/api/batches/${id}/cook/acts`, act);
    await told(id, 'done');
    const item = (await of(id))!;
    expect(item).toMatchObject({ kind: 'pieces', place: 'freezer', pieces: 100, left: 100, takenBy: [] });
    expect(item.goodMs - item.madeMs).toBe(75 * 86_400_000);
    expect((await storedItems()).filter((one) => one.batchId === id)).toHaveLength(1);
    await told(id, 'back');
    expect(await of(id)).toBeUndefined();
    await told(id, 'done');
    expect((await of(id))!.left).toBe(100);
  });

  it('is taken by a later batch, which buys nothing but oil and begins there; never below nothing, whoever asks first', async () => {
    const id = await frozen('Two days of them', 24);
    await told(id, 'done');
    const item = (await of(id))!;
    const shopping = async () => {
      const { rows } = (await app.call('GET', '/api/store/shopping')).body;
      return rows.filter(({ ingredientId }: { ingredientId: string }) => ingredientId !== 'sunflower-oil');
    };
    await app.call('DELETE', `/api/batches/${id}`);
    const before = await shopping();
    const wanted = [20, 20, 20, 20].map((pieces) => ({ id: randomUUID(), draft: taking(item, pieces) }));
    const answers = await Promise.all(wanted.map((ask) => app.call('POST', '/api/batches', ask)));
    expect(answers.map(({ status }) => status).sort()).toEqual([201, 409, 409, 409]);
    for (const { status, body } of answers) {
      if (status === 409) expect(body).toMatchObject({ code: 'TOO_FEW_STORED', path: 'draft.trays.A.pieces' });
    }
    const made = answers.find(({ status }) => status === 201)!.body;
    expect(await shopping()).toEqual(before);
    const { left, takenBy, batchId } = (await storedItems()).find((one) => one.id === item.id)!;
    expect([left, takenBy.length, batchId]).toEqual([4, 1, null]);
    // More than there is is refused at its field, and the plan stays as it was.
    const more = withTray(made.draft, { ...trayOf(made.draft, 'A'), pieces: 25 });
    const refused = await app.call('PUT', `/api/batches/${made.id}`, { version: 1, draft: more });
    expect([refused.status, refused.body.path]).toEqual([409, 'draft.trays.A.pieces']);
    expect(refused.body.message).toMatch(/^Only 24 of these pieces are left/);
    const fewer = withTray(made.draft, { ...trayOf(made.draft, 'A'), pieces: 10 });
    expect((await app.call('PUT', `/api/batches/${made.id}`, { version: 1, draft: fewer })).status).toBe(200);
    expect((await storedItems()).find((one) => one.id === item.id)!.left).toBe(14);
    // It is lit, fried to the end, and eaten: deleting the record lays nothing back.
    expect((await light(made.id)).status).toBe(201);
    await app.call('POST', `/api/batches/${made.id}/stove/finish`, {});
    await app.call('DELETE', `/api/batches/${made.id}`);
    expect((await storedItems()).find((one) => one.id === item.id)).toMatchObject({ pieces: 14, left: 14 });
  });

  it('a planned batch that is deleted lays its pieces back; thrown away is what nobody has taken, whoever is first', async () => {
    const id = await frozen('Some to throw', 12);
    await told(id, 'done');
    const item = (await of(id))!;
    const { body: made } = await post(taking(item, 8));
    const take = (amount: unknown) => app.call('POST', `/api/store/stored/${item.id}/take`, { amount });
    expect((await take(5)).body).toMatchObject({ code: 'TOO_FEW_STORED', path: 'amount' });
    for (const bad of [0, -1, 'all', null, 1.5, 1e9]) expect((await take(bad)).status).toBeGreaterThanOrEqual(400);
    const both = await Promise.all([take(3), take(3)]);
    expect(both.map(({ status }) => status).sort()).toEqual([200, 409]);
    await app.call('DELETE', `/api/batches/${made.id}`);
    expect((await of(id))!.left).toBe(9);
    expect((await take(9)).status).toBe(200);
    expect(await of(id)).toBeUndefined();
    expect((await post(taking(item, 1))).body).toMatchObject({ code: 'NOT_STORED', path: 'draft.trays.A.fromStored' });
  });

  it('pieces that were never fried go where the cook says, and come back with the batch', async () => {
    const two = withCopyOfTray(newBatch('Half of them', 'squash-sage', 6, EAT), 'A')!;
    for (const left of ['freezer', 'fridge', 'bin'] as const) {
      const { body } = await post(two);
      await light(body.id);
      const act = { id: randomUUID(), atS: 0, kind: 'drop', pieces: [1, 2, 3, 4] };
      await app.call('POST', `/api/batches/${body.id}/stove/acts`, act);
      await app.call('POST', `/api/batches/${body.id}/stove/acts`, { ...act, id: randomUUID(), kind: 'take-out' });
      expect((await app.call('POST', `/api/batches/${body.id}/stove/finish`, { left: 'oven' })).status).toBe(400);
      await app.call('POST', `/api/batches/${body.id}/stove/finish`, { left });
      const kept = (await storedItems()).filter((item) => item.batchId === body.id);
      expect(kept.map((item) => [item.place, item.left]).sort()).toEqual(
        left === 'bin'
          ? []
          : [
              [left, 2],
              [left, 6],
            ],
      );
      expect((await app.call('POST', `/api/batches/${body.id}/stove/reopen`, {})).status).toBe(200);
      expect((await storedItems()).filter((item) => item.batchId === body.id)).toEqual([]);
      await app.call('POST', `/api/batches/${body.id}/stove/finish`, {});
    }
  });

  it('dough and filling that were left are written down by hand, and used up', async () => {
    const ask = { id: randomUUID(), kind: 'filling', name: 'Squash, cooked', place: 'fridge', massKg: 0.4 };
    expect((await app.call('POST', '/api/store/stored', ask)).status).toBe(201);
    expect((await app.call('POST', '/api/store/stored', ask)).status).toBe(200);
    const item = (await storedItems()).find((one) => one.id === ask.id)!;
    expect(item).toMatchObject({ massKg: 0.4, pieces: null, left: null, tray: null });
    expect(item.goodMs - item.madeMs).toBe(2 * 86_400_000);
    const take = (amount: number) => app.call('POST', `/api/store/stored/${ask.id}/take`, { amount });
    expect((await take(0.5)).body.path).toBe('amount');
    expect((await take(0.4)).status).toBe(200);
    expect((await storedItems()).some((one) => one.id === ask.id)).toBe(false);
    for (const bad of [{ massKg: 0 }, { kind: 'pieces' }, { place: 'cellar' }, { name: ' ' }]) {
      expect((await app.call('POST', '/api/store/stored', { ...ask, id: randomUUID(), ...bad })).status).toBe(400);
    }
  });

  it('a batch of which nothing is fried is finished beside the board, and stands in the ledger as it was made', async () => {
    const one = newBatch('Baked', 'squash-sage', 18, EAT);
    const { body } = await post(withTray(one, { ...trayOf(one, 'A'), way: 'bake' }));
    await app.call('POST', `/api/batches/${body.id}/cook/acts`, {
      id: randomUUID(),
      atMs: app.clock.ms,
      kind: 'measure',
      step: 'fold',
      value: 17,
    });
    for (let i = 0; i < 2; i++) {
      expect((await app.call('POST', `/api/batches/${body.id}/cook/finish`, {})).status).toBe(200);
    }
    const { body: record } = await app.call('GET', `/api/ledger/${body.id}`);
    expect(record.figures).toMatchObject({ baked: 17, fried: 0, loads: 0 });
    expect(record.trays).toEqual([]);
    const { body: fried } = await post(newBatch('Fried', 'squash-sage', 6, EAT));
    expect((await app.call('POST', `/api/batches/${fried.id}/cook/finish`, {})).body.code).toBe('STOVE_FINISHES');
  });
});
