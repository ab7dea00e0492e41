import {
  batchOf,
  marksOf,
  newTray,
  START_GATE,
  type TrayDraft,
  trayOf,
  withCopyOfTray,
  withTray,
} from '@ember-fold/core';
import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { newBatch } from '../test/newBatch.js';
import { openApp, type TestApp } from '../test/openApp.js';

let app: TestApp;
beforeAll(async () => {
  app = await openApp();
});
afterAll(() => app.close());

const EAT = '2026-03-07T18:30:00.000Z';
const post = (draft: unknown) => app.call('POST', '/api/batches', { id: randomUUID(), draft });
const light = (id: string) =>
  app.call('POST', `/api/batches/${id}/stove`, { gate: START_GATE, probe: null, speed: 1, trial: false });

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

  it('are listed with their pieces, read as a batch of one tray, saved, used and lit', async () => {
    for (const { id, draft } of rows.batch) {
      await insert(id, draft.name, 'planned', draft);
      const { body } = await app.call('GET', `/api/batches/${id}`);
      expect(body.draft).toEqual(batchOf(draft));
      const listed = (await app.call('GET', '/api/batches')).body.find((one: { id: string }) => one.id === id);
      expect(listed).toMatchObject({ pieces: draft.pieces, eatAt: draft.eatAt });
      // A page that was open meanwhile saves what it has, in the shape it knows.
      const saved = await app.call('PUT', `/api/batches/${id}`, { version: 1, draft: { ...draft, pieces: 7 } });
      expect(saved.status).toBe(400);
      expect(saved.body.path).toMatch(/^draft\.trays\.A\.filling\.lines\.\d\.ingredientId$/);
      const own = { ...draft, pieces: 7, filling: { ...draft.filling, lines: [] } };
      expect((await app.call('PUT', `/api/batches/${id}`, { version: 1, draft: own })).body.draft).toEqual(
        batchOf(own),
      );
      const again = (await app.call('GET', '/api/batches')).body.find((one: { id: string }) => one.id === id);
      expect(again.pieces).toBe(7);
      expect((await light(id)).status).toBe(201);
    }
  });

  it('stand in the ledger with the figures they had', async () => {
    for (const { batch_id: id, draft, kitchen } of rows.stove) {
      await insert(id, draft.name, 'done', draft);
      await app.gate.change(
        `INSERT INTO stove_session (batch_id, seed, speed, draft, kitchen, started_at, ended_at, probe, trial)
         VALUES (?, 1, 1, ?, ?, UTC_TIMESTAMP(3) - INTERVAL 1 DAY, UTC_TIMESTAMP(3), NULL, 0)`,
        [id, JSON.stringify(draft), JSON.stringify(kitchen)],
      );
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
    return withTray(both, { ...trayOf(both, 'B'), coat: { wet: 'egg', dry: 'none', double: false } });
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
      await act({ kind: 'lift', pieces: numbers(from).slice(1), atS: from * 100 + 500 });
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
    const one = newBatch('Put by', 'squash-sage', 6, EAT);
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
      ['draft.trays.A.fromStock', { ...good, trays: { A: { ...tray, fromStock: 'x' } } }],
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
