import { ledgerFigures } from '@ember-fold/core/ledger';
import { type BatchDraft, DEFAULT_KITCHEN } from '@ember-fold/core/plan';
import { type StoveAct, stoveState, START_CHECKS } from '@ember-fold/core/stove';
import { randomUUID } from 'node:crypto';
import { insertReadings } from './readingTable.js';
import { type Heard, listenTo } from '../test/listenTo.js';
import { changed, newBatch } from '../test/newBatch.js';
import { openApp, type TestApp, until } from '../test/openApp.js';

let app: TestApp;
beforeEach(async () => {
  app = await openApp();
});
afterEach(() => app.close());

const draft = () => newBatch('Lentil and dill', 'lentil-dill', 12, '2026-03-07T18:30:00.000Z');

async function planned(of: BatchDraft = draft()): Promise<string> {
  const id = randomUUID();
  expect((await app.call('POST', '/api/batches', { id, draft: of })).status).toBe(201);
  return id;
}

async function lit(speed = 60, of: BatchDraft = draft()): Promise<string> {
  const id = await planned(of);
  expect((await app.call('POST', `/api/batches/${id}/stove`, { speed, gate: START_CHECKS })).status).toBe(201);
  await app.burns(id);
  return id;
}

type Piece = 'drop' | 'turn' | 'take-out' | 'burst';
const onPieces = (kind: Piece, atS: number, pieces: number[]): StoveAct => ({ id: randomUUID(), atS, kind, pieces });
const setting = (atS: number, setting: number): StoveAct => ({ id: randomUUID(), atS, kind: 'burner', setting });

const post = (id: string, act: unknown) => app.call('POST', `/api/batches/${id}/stove/acts`, act);
const look = async (id: string) => (await app.call('GET', `/api/batches/${id}/stove`)).body;

/** Lets the stove run for so many of its own seconds and waits for its readings. */
async function run(id: string, stoveS: number, speed = 60): Promise<void> {
  app.clock.ms += (stoveS / speed) * 1000;
  const { nowS } = await look(id);
  await until(async () => {
    const { readings } = await look(id);
    const last = readings[readings.length - 1];
    return last !== undefined && last.atS >= nowS - speed / 5 - 1;
  });
}

/** Time goes on until the probe of a stove that was taken back is heard: it burns from when it learns of that. */
async function heardAgain(id: string): Promise<void> {
  const { nowS } = await look(id);
  await until(async () => {
    app.clock.ms += 500;
    return (await look(id)).readings.at(-1)?.atS > nowS;
  });
}

const listen = (path: string, enough: (heard: Heard[]) => boolean, lastEventId?: string) =>
  listenTo(app, path, enough, lastEventId);

describe('starting', () => {
  it('is once for a batch, keeps its plan, and marks the batch', async () => {
    const id = await lit(20);
    const again = await app.call('POST', `/api/batches/${id}/stove`, { speed: 1, gate: START_CHECKS });
    expect(again.body.speed).toBe(20);
    const more = changed(draft(), { pieces: 40 });
    expect((await app.call('PUT', `/api/batches/${id}`, { version: 1, draft: more })).status).toBe(200);
    expect((await look(id)).draft.trays.A.pieces).toBe(12);
    expect((await app.call('GET', `/api/batches/${id}`)).body.status).toBe('frying');
  });

  it('refuses what cannot be fried or is not safe', async () => {
    const never = await planned(changed(draft(), { fry: { ...draft().trays.A!.fry, oilC: 110 } }));
    const cold = await app.call('POST', `/api/batches/${never}/stove`, { speed: 1, gate: START_CHECKS });
    expect([cold.status, cold.body.code]).toEqual([409, 'NOT_COOKABLE']);
    const pot = { ...DEFAULT_KITCHEN.pot, oilM3: 0.0055 };
    await app.call('PUT', '/api/kitchen', { version: 0, kitchen: { ...DEFAULT_KITCHEN, pot } });
    const full = await app.call('POST', `/api/batches/${await planned()}/stove`, { speed: 1, gate: START_CHECKS });
    expect([full.status, full.body.code]).toEqual([409, 'UNSAFE_PLAN']);
  });

  it.each([0, -1, 2, 1000, '60', null])('refuses the pace %p by name', async (speed) => {
    const id = await planned();
    const answer = await app.call('POST', `/api/batches/${id}/stove`, { speed, gate: START_CHECKS });
    expect([answer.status, answer.body.path]).toEqual([400, 'speed']);
    expect((await app.call('GET', `/api/batches/${id}/stove`)).body.code).toBe('NO_STOVE');
  });
});

describe('acts', () => {
  it('count once, whoever asks again, and never lie in the future', async () => {
    const id = await lit();
    await run(id, 120);
    const act = onPieces('drop', 1e4, [1, 2, 3]);
    const first = await post(id, act);
    const again = await post(id, act);
    expect([first.status, again.status]).toEqual([201, 200]);
    expect(again.body.seq).toBe(first.body.seq);
    expect(first.body.act.atS).toBeLessThanOrEqual((await look(id)).nowS);
    expect((await look(id)).acts).toHaveLength(1);
    const other = await lit();
    expect((await post(other, act)).body.code).toBe('ID_TAKEN');
  });

  it.each([
    ['kind', { kind: 'juggle' }],
    ['pieces', { kind: 'drop' }],
    ['pieces', { kind: 'drop', pieces: [] }],
    ['pieces.0', { kind: 'take-out', pieces: [0] }],
    ['pieces.1', { kind: 'turn', pieces: [3, 3] }],
    ['setting', { kind: 'burner', setting: -1 }],
    ['setting', { kind: 'burner', setting: 'high' }],
    ['actId', { kind: 'take-back', actId: 'the last one' }],
    ['atS', { kind: 'burner', setting: 3, atS: -4 }],
    ['id', { kind: 'burner', setting: 3, id: '7' }],
  ])('refuses a bad %s by name', async (path, part) => {
    const id = await lit();
    const answer = await post(id, { id: randomUUID(), atS: 1, ...part });
    expect([answer.status, answer.body.code]).toEqual([400, 'BAD_INPUT']);
    expect(String(answer.body.path)).toBe(path);
    expect((await look(id)).acts).toEqual([]);
  });

  it('heat the oil, and a load pulls it down', async () => {
    const id = await lit();
    await post(id, setting(0, 9));
    await run(id, 700);
    const before = await look(id);
    const hot = before.readings[before.readings.length - 1].probeC;
    expect(hot).toBeGreaterThan(120);
    expect(before.readings[0].probeC).toBeLessThan(40);
    await post(id, setting(before.nowS, 0));
    await post(id, onPieces('drop', before.nowS, [1, 2, 3, 4]));
    await run(id, 120);
    const after = await look(id);
    expect(after.readings[after.readings.length - 1].probeC).toBeLessThan(hot - 2);
  });
});

describe('the stream', () => {
  it('first tells what was missed, then what happens, each once and in order', async () => {
    const id = await lit();
    await run(id, 200);
    await post(id, setting(1, 9));
    const held = await look(id);
    const fifth = held.readings[4].seq;
    const last = held.readings[held.readings.length - 1].seq;
    const ears = listen(`/api/batches/${id}/stove/stream?act=0&reading=${fifth}`, (heard) => {
      const acts = heard.filter((h) => h.event === 'act').length;
      const seqs = heard.flatMap((h) => (h.event === 'readings' ? (h.data['readings'] as { seq: number }[]) : []));
      return acts >= 2 && seqs.filter((r) => r.seq > last).length > 10;
    });
    await new Promise((resolve) => setTimeout(resolve, 150));
    await post(id, onPieces('drop', 5, [1]));
    await run(id, 200);
    const heard = await ears;
    const seqs = heard.flatMap((h) =>
      h.event === 'readings' ? (h.data['readings'] as { seq: number }[]).map((r) => r.seq) : [],
    );
    const recorded = (await look(id)).readings.map((r: { seq: number }) => r.seq);
    expect(seqs).toEqual(recorded.filter((seq: number) => seq > fifth).slice(0, seqs.length));
    const acts = heard.filter((h) => h.event === 'act').map((h) => (h.data['act'] as StoveAct).kind);
    expect(acts).toEqual(['burner', 'drop']);
    // The mark of the last event brings exactly what came after it.
    const mark = heard[0]!.id;
    const rest = await listen(`/api/batches/${id}/stove/stream`, (got) => got.length >= 1, mark);
    const [act, reading] = mark.split('-').map(Number);
    for (const { event, data } of rest) {
      if (event === 'act') expect(data['seq']).toBeGreaterThan(act!);
      else expect((data['readings'] as { seq: number }[])[0]!.seq).toBe(recorded.find((seq: number) => seq > reading!));
    }
  });

  it('ends when the batch is finished', async () => {
    const id = await lit();
    const ears = listen(`/api/batches/${id}/stove/stream`, (heard) => heard.some((h) => h.event === 'end'));
    await new Promise((resolve) => setTimeout(resolve, 100));
    await app.call('POST', `/api/batches/${id}/stove/finish`, {});
    expect((await ears).map((h) => h.event)).toContain('end');
  });
});

describe('a server that dies', () => {
  it('comes back with every act and reading, the pieces in the pot and the right clock', async () => {
    const id = await lit();
    await post(id, setting(0, 9));
    await run(id, 720);
    await post(id, onPieces('drop', (await look(id)).nowS, [1, 2, 3]));
    await run(id, 150);
    const before = await look(id);
    await app.restart();
    await app.burns(id);
    // Half a minute of wall time went by while nobody was there: at 60 times, half an hour.
    app.clock.ms += 30_000;
    const after = await look(id);
    expect(after.acts).toEqual(before.acts);
    expect(after.readings.slice(0, before.readings.length)).toEqual(before.readings);
    expect(after.nowS).toBeCloseTo(before.nowS + 1800, 3);
    await run(id, 60);
    const later = await look(id);
    const seqs = later.readings.map((r: { seq: number }) => r.seq);
    expect(seqs).toEqual([...new Set(seqs)].sort((a, b) => (a as number) - (b as number)));
    expect(later.readings.length).toBeGreaterThan(before.readings.length);
    const times = later.readings.map((r: { atS: number }) => r.atS);
    expect([...times].sort((a, b) => a - b)).toEqual(times);
    expect(
      stoveState(
        later.acts.map((a: { act: StoveAct }) => a.act),
        12,
      ).inPot.map((p) => p.number),
    ).toEqual([1, 2, 3]);
    expect((await post(id, onPieces('take-out', later.nowS, [1, 2, 3]))).status).toBe(201);
  });
});

describe('the start', () => {
  it.each(START_CHECKS)('is refused while "%s" is not gone through', async (point) => {
    const id = await planned();
    const gate = START_CHECKS.filter((one) => one !== point);
    const answer = await app.call('POST', `/api/batches/${id}/stove`, { speed: 60, gate });
    expect([answer.status, answer.body.code, answer.body.path]).toEqual([409, 'GATE_OPEN', 'gate']);
    expect((await app.call('GET', `/api/batches/${id}`)).body.status).toBe('planned');
  });

  it('takes a probe of one’s own in real time: late and doubled readings keep their place and count once', async () => {
    const { token } = (await app.call('POST', '/api/devices', { id: 'pot-probe', kind: 'probe', name: 'Probe' })).body;
    const id = await planned();
    const start = (of: object) => app.call('POST', `/api/batches/${id}/stove`, { speed: 1, gate: START_CHECKS, ...of });
    expect((await start({ probe: 'nobody' })).body.path).toBe('probe');
    expect((await start({ probe: 'pot-probe', speed: 60 })).body.path).toBe('speed');
    const lit = await start({ probe: 'pot-probe' });
    expect(lit.body).toMatchObject({ probe: 'pot-probe', speed: 1 });
    const from = Date.parse(lit.body.startedAt);
    const line = (n: number, s: number, c: number) =>
      `pot-probe ${n} ${new Date(from + s * 1000).toISOString()} temperature ${c} C`;
    const send = (...lines: string[]) =>
      app.call('POST', '/api/devices/readings', lines.join('\n'), {
        'content-type': 'text/plain',
        authorization: `Bearer ${token}`,
      });
    app.clock.ms += 20_000;
    // Shuffled, doubled, and one from before the stove was lit.
    await send(line(3, 9, 24), line(1, 3, 21), line(3, 9, 24), line(0, -5, 20));
    expect((await send(line(2, 6, 22), line(1, 3, 21))).body).toMatchObject({ taken: 1, late: 1, notKept: 0 });
    const { readings } = await look(id);
    expect(readings.map((r: { atS: number; probeC: number }) => [r.atS, r.probeC])).toEqual([
      [3, 21],
      [6, 22],
      [9, 24],
    ]);
    await app.restart();
    await send(line(4, 12, 26));
    expect((await look(id)).readings).toHaveLength(4);
    await app.call('POST', `/api/batches/${id}/stove/finish`, {});
    await send(line(5, 15, 28));
    expect((await look(id)).readings).toHaveLength(4);
  });

  it('goes without any probe, by what is typed and by what takings out looked like', async () => {
    const id = await planned();
    await app.call('POST', `/api/batches/${id}/stove`, { speed: 1, gate: START_CHECKS, probe: null, trial: true });
    const base = () => ({ id: randomUUID(), atS: 0 });
    for (const act of [
      { ...base(), kind: 'oil', tempC: 168, spreadC: 8 },
      { ...base(), kind: 'seen', pieces: [1], looks: 'paler' },
      { ...base(), kind: 'core', piece: 1, tempC: 76, predictedC: 79 },
      { ...base(), kind: 'top-up', m3: 0.0002 },
      { ...base(), kind: 'skim' },
      { ...base(), kind: 'here' },
    ])
      expect((await post(id, act)).status).toBe(201);
    for (const [path, act] of [
      ['tempC', { ...base(), kind: 'oil', tempC: 900, spreadC: 8 }],
      ['looks', { ...base(), kind: 'seen', pieces: [1], looks: 'burnt' }],
      ['m3', { ...base(), kind: 'top-up', m3: 0 }],
      ['piece', { ...base(), kind: 'core', piece: 0, tempC: 76, predictedC: 79 }],
    ] as const)
      expect((await post(id, act)).body.path).toBe(path);
    const told = await look(id);
    expect(told).toMatchObject({ probe: null, trial: true, readings: [] });
    expect(told.acts).toHaveLength(6);
  });
});

test('a very long record is opened thinned: in order, from the first to the very last, without a gap', async () => {
  const id = await planned();
  await app.call('POST', `/api/batches/${id}/stove`, { speed: 1, gate: START_CHECKS, probe: null });
  const all = Array.from({ length: 30_000 }, (_, i) => ({
    batchId: id,
    seq: 20 * (i + 1),
    atS: 0.2 * (i + 1),
    probeC: i,
  }));
  await insertReadings(app.gate, all);
  const { readings } = await look(id);
  expect(readings.length).toBeLessThan(12_000);
  expect(readings.length).toBeGreaterThan(3000);
  const seqs = readings.map((r: { seq: number }) => r.seq);
  expect(seqs).toEqual([...new Set(seqs)].sort((a, b) => (a as number) - (b as number)));
  expect(seqs.at(-1)).toBe(600_000);
  const gaps = seqs.slice(1).map((seq: number, i: number) => seq - seqs[i]);
  expect(Math.max(...gaps)).toBeLessThan(800);
});

describe('finishing', () => {
  it('waits for what is in the oil, then goes to the ledger with the figures of core', async () => {
    const id = await lit();
    await post(id, setting(0, 9));
    await run(id, 700);
    const { nowS } = await look(id);
    await post(id, onPieces('drop', nowS, [1, 2, 3]));
    const early = await app.call('POST', `/api/batches/${id}/stove/finish`, {});
    expect([early.status, early.body.code]).toEqual([409, 'STILL_FRYING']);
    expect((await app.call('GET', `/api/ledger/${id}`)).status).toBe(404);
    await run(id, 600);
    const out = (await look(id)).nowS;
    const wrong = onPieces('take-out', out - 2, [1, 2, 3]);
    await post(id, wrong);
    await post(id, { id: randomUUID(), atS: out - 1, kind: 'take-back', actId: wrong.id });
    await post(id, onPieces('burst', out - 1, [2]));
    await post(id, onPieces('take-out', out, [1, 3]));
    for (let i = 0; i < 2; i++) {
      expect((await app.call('POST', `/api/batches/${id}/stove/finish`, {})).body).toEqual({ batchId: id });
    }
    const { body: record } = await app.call('GET', `/api/ledger/${id}`);
    expect(record.figures).toEqual(ledgerFigures(record.acts, record.readings, 12, record.draft.trays.A.fry.oilC));
    expect([record.figures.fried, record.figures.burst, record.figures.notFried]).toEqual([2, 1, 9]);
    expect((await app.call('GET', '/api/ledger')).body.rows.map((e: { id: string }) => e.id)).toEqual([id]);
    expect((await post(id, setting(1, 0))).body.code).toBe('BATCH_OVER');
    const again = await app.call('PUT', `/api/batches/${id}`, { version: 1, draft: draft() });
    expect(again.body.code).toBe('BATCH_OVER');
  });

  it('is taken back for two hours: the batch goes on with all it had, and comes to the ledger again with more', async () => {
    const id = await lit();
    await post(id, setting(0, 9));
    await run(id, 700);
    const from = (await look(id)).nowS;
    await post(id, onPieces('drop', from, [1, 2]));
    await run(id, 300);
    await post(id, onPieces('take-out', (await look(id)).nowS, [1, 2]));
    expect((await app.call('POST', `/api/batches/${id}/stove/reopen`, {})).status).toBe(200);
    await app.call('POST', `/api/batches/${id}/stove/finish`, {});
    const first = (await app.call('GET', `/api/ledger/${id}`)).body;
    const before = (await app.call('GET', `/api/batches/${id}/stove`)).body;
    const reopened = await Promise.all([1, 2].map(() => app.call('POST', `/api/batches/${id}/stove/reopen`, {})));
    expect(reopened.map(({ status }) => status)).toEqual([200, 200]);
    const back = reopened[0]!.body;
    expect([back.endedAt, back.acts.length, back.readings.length]).toEqual([
      null,
      before.acts.length,
      before.readings.length,
    ]);
    expect((await app.call('GET', `/api/ledger/${id}`)).status).toBe(404);
    expect((await app.call('GET', `/api/batches/${id}`)).body.status).toBe('frying');
    expect((await app.call('GET', '/api/ledger')).body.rows).toEqual([]);
    // Its probe is heard again, and more is fried.
    await heardAgain(id);
    const at = (await look(id)).nowS;
    expect((await post(id, onPieces('drop', at, [3]))).status).toBe(201);
    await run(id, 300);
    await post(id, onPieces('take-out', (await look(id)).nowS, [3]));
    await app.call('POST', `/api/batches/${id}/stove/finish`, {});
    const second = (await app.call('GET', `/api/ledger/${id}`)).body;
    expect([first.figures.fried, second.figures.fried]).toEqual([2, 3]);
    expect(second.readings.length).toBeGreaterThan(first.readings.length);
    app.clock.ms += 2 * 3_600_000 + 1000;
    expect((await app.call('POST', `/api/batches/${id}/stove/reopen`, {})).body.code).toBe('REOPEN_LATE');
    expect((await app.call('POST', `/api/batches/${randomUUID()}/stove/reopen`, {})).body.code).toBe('NO_BATCH');
  });

  it('has its probe heard again, however soon after its end it is taken back', async () => {
    const id = await lit();
    for (let times = 0; times < 6; times++) {
      await app.call('POST', `/api/batches/${id}/stove/finish`, {});
      expect((await app.call('POST', `/api/batches/${id}/stove/reopen`, {})).status).toBe(200);
      await heardAgain(id);
    }
  });

  it('is not taken back while another batch is in the same pot', async () => {
    const id = await lit();
    await app.call('POST', `/api/batches/${id}/stove/finish`, {});
    await lit();
    expect((await app.call('POST', `/api/batches/${id}/stove/reopen`, {})).body.code).toBe('POT_TAKEN');
    expect((await app.call('GET', `/api/ledger/${id}`)).status).toBe(200);
  });

  it('keeps notes by version and refuses too much of them', async () => {
    const id = await lit();
    await app.call('POST', `/api/batches/${id}/stove/finish`, {});
    const put = (version: number, notes: unknown) => app.call('PUT', `/api/ledger/${id}/notes`, { version, notes });
    expect((await put(0, 'Even and golden.\nNext time cooler.')).body).toEqual({
      notes: 'Even and golden.\nNext time cooler.',
      version: 1,
    });
    expect((await put(0, 'from another window')).body.code).toBe('STALE_VERSION');
    expect((await put(1, '')).body).toEqual({ notes: '', version: 2 });
    expect([(await put(2, 'x'.repeat(10_001))).body.path, (await put(2, 7)).body.path]).toEqual(['notes', 'notes']);
  });

  it('a batch that goes takes its stove and readings with it', async () => {
    const id = await lit();
    await run(id, 60);
    expect((await app.call('DELETE', `/api/batches/${id}`)).body.code).toBe('STOVE_OPEN');
    await app.call('POST', `/api/batches/${id}/stove/finish`, {});
    expect((await app.call('DELETE', `/api/batches/${id}`)).status).toBe(204);
    for (const table of ['stove_session', 'stove_act', 'oil_reading', 'ledger_note']) {
      expect(await app.gate.rows(`SELECT * FROM ${table} WHERE batch_id = ?`, [id])).toEqual([]);
    }
  });
});
