import { INGREDIENTS } from '@ember-fold/core/plan';
import { thinReadings } from '@ember-fold/core/stove';
import { build } from 'esbuild';
import fc from 'fast-check';
import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { request } from 'node:http';
import { mkdtempSync, readdirSync, readFileSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gunzipSync, gzipSync } from 'node:zlib';
import type { Gate } from '../db/gate.js';
import { migrate } from '../db/migrate.js';
import { MIGRATIONS } from '../db/migrations/index.js';
import { openApp, openDatabase, T0, until } from '../test/openApp.js';
import { putDemo } from '../test/putDemo.js';
import { CopyError, readCopy, writeCopy } from './copyFile.js';
import { CopyKeeper } from './copyKeeper.js';
import { copyName, type CopyWhy, isNightDue, readCopyName, spentCopies, USUAL_RULE } from './keepCopies.js';
import { restoreCopy } from './restoreCopy.js';

const folder = mkdtempSync(join(tmpdir(), 'ember-copytest-'));
const DEMO = join(folder, 'demo.copy.gz');
const at = new Date(T0);
type Database = Awaited<ReturnType<typeof openDatabase>>;
let demo: Database;
let other: Database;

beforeAll(async () => {
  [demo, other] = await Promise.all([openDatabase(), openDatabase()]);
  await Promise.all([migrate(demo.gate), migrate(other.gate)]);
  await putDemo(demo.gate);
  const [{ id } = { id: '' }] = await demo.gate.rows<{ id: string }>('SELECT id FROM batch ORDER BY id LIMIT 1');
  // Bytes of every value, and text that means something to a database.
  const bytes = Buffer.from(Array.from({ length: 256 }, (_, i) => i));
  await demo.gate.change("INSERT INTO ledger_photo VALUES (?, 'A', ?, ?)", [id, bytes, at]);
  await demo.gate.change("INSERT INTO device VALUES ('a-scale', 'scale', ?, ?, ?)", [
    `O'Neil \\ "half" \u{1F95F}\n%`,
    Buffer.alloc(32, 0xff),
    at,
  ]);
  await writeCopy(demo.gate, DEMO, at);
  leftBefore = await trials(other.gate);
});
afterAll(async () => {
  await Promise.all([demo.drop(), other.drop()]);
  rmSync(folder, { recursive: true, force: true });
});

/** Every table with a checksum of all its rows. */
async function allOf(gate: Gate): Promise<string> {
  const tables = await gate.rows<{ t: string }>(
    `SELECT TABLE_NAME AS t FROM information_schema.TABLES WHERE TABLE_SCHEMA = DATABASE()
       AND TABLE_NAME NOT IN ('schema_version', 'lease', 'live_event', 'server') ORDER BY t`,
  );
  const sums = await gate.rows<{ Table: string; Checksum: number }>(
    `CHECKSUM TABLE ${tables.map(({ t }) => t).join(', ')}`,
  );
  return sums.map(({ Table, Checksum }) => `${Table.replace(/^.*\./, '')} ${Checksum}`).join('\n');
}

const trials = async (gate: Gate) =>
  (
    await gate.rows<{ name: string }>(
      "SELECT SCHEMA_NAME AS name FROM information_schema.SCHEMATA WHERE SCHEMA_NAME LIKE 'ember\\_restore\\_%'",
    )
  ).map(({ name }) => name);
/** What another run of these tests has left. */
let leftBefore: readonly string[] = [];
/** Nothing of a restore is left; another file's tests may be at one just now. */
const nothingLeft = (gate: Gate) => until(async () => (await trials(gate)).every((name) => leftBefore.includes(name)));

test('a whole kitchen out and in again is the same to the last byte, also over one that is full', async () => {
  const head = await readCopy(DEMO);
  expect(head.tables.find(({ name }) => name === 'stove_session')!.rows).toBe(14);
  await restoreCopy(other.gate, other.url, DEMO);
  expect(await allOf(other.gate)).toBe(await allOf(demo.gate));
  await other.gate.change("UPDATE batch SET name = 'changed'");
  await other.gate.change('DELETE FROM formula');
  await restoreCopy(other.gate, other.url, DEMO);
  expect(await allOf(other.gate)).toBe(await allOf(demo.gate));
  // Rules that hold between tables hold again.
  await expect(other.gate.change("INSERT INTO ledger_note VALUES ('nobody', '', 1)")).rejects.toThrow(/foreign key/i);
  await nothingLeft(other.gate);
});

test('half a file, a changed byte, another file, a newer one, a hostile name: refused with a sentence, nothing changed', async () => {
  const whole = readFileSync(DEMO);
  const lines = gunzipSync(whole).toString().split('\n');
  const changed = (line: number, to: string) =>
    gzipSync([...lines.slice(0, line), to, ...lines.slice(line + 1)].join('\n'));
  const head = JSON.parse(lines[0]!);
  const headAs = (change: object) => changed(0, JSON.stringify({ ...head, ...change }));
  const [first, ...tables] = head.tables as { name: string; columns: string[] }[];
  const middle = Math.floor(lines.length / 2);
  const bad: [Buffer, RegExp][] = [
    ...[0.1, 0.5, 0.999].map((share): [Buffer, RegExp] => [
      whole.subarray(0, Math.floor(whole.length * share)),
      /damaged|not whole/,
    ]),
    [
      changed(
        middle,
        lines[middle]!.replace(/\d/, (digit) => String((Number(digit) + 1) % 10)),
      ),
      // By its seal, or by the database where the value is one that no table takes.
      /damaged|no kitchen can have/,
    ],
    [gzipSync([...lines.slice(0, middle), ...lines.slice(middle + 1)].join('\n')), /damaged/],
    [gzipSync(`${lines.slice(0, -2).join('\n')}\n`), /damaged/],
    [Buffer.from('a shopping list'), /damaged|not a copy/],
    [gzipSync('{"format":"something-else"}\n'), /not a copy/],
    [gzipSync(''), /not a copy/],
    [headAs({ version: 2 }), /newer/],
    [headAs({ schema: 9999 }), /newer/],
    [headAs({ tables: [{ ...first, name: 'batch` (id) VALUES (1); DROP TABLE batch; -- ' }, ...tables] }), /ever had/],
    [headAs({ tables: [{ ...first, columns: first!.columns.map(() => 'version`') }, ...tables] }), /ever had/],
    [headAs({ tables: 'all' }), /damaged/],
  ];
  const before = await allOf(other.gate);
  for (const [content, why] of bad) {
    const path = join(folder, 'bad.copy.gz');
    writeFileSync(path, content);
    await expect(restoreCopy(other.gate, other.url, path)).rejects.toThrow(why);
    expect(await allOf(other.gate)).toBe(before);
  }
  await nothingLeft(other.gate);
});

test('a whole, sealed copy with a value that no kitchen can have is refused as a copy, and nothing is changed', async () => {
  const lines = gunzipSync(readFileSync(DEMO)).toString().split('\n').slice(0, -2);
  const { tables } = JSON.parse(lines[0]!) as { tables: { name: string; columns: string[] }[] };
  /** The copy with one column of a table's first row changed, and sealed again. */
  const withValue = (table: string, column: string, value: string | null) => {
    const at = tables.findIndex(({ name }) => name === table);
    const place = tables[at]!.columns.indexOf(column);
    const line = lines.findIndex((one) => one.startsWith(`[${at},`));
    const row = JSON.parse(lines[line]!) as unknown[];
    row[place + 1] = value;
    const changed = [...lines.slice(0, line), JSON.stringify(row), ...lines.slice(line + 1)];
    const sha256 = createHash('sha256')
      .update(`${changed.join('\n')}\n`)
      .digest('hex');
    return gzipSync(`${changed.join('\n')}\n${JSON.stringify({ sha256 })}\n`);
  };
  const path = join(folder, 'odd.copy.gz');
  // The seal is as a kitchen makes it.
  writeFileSync(path, withValue('batch', 'name', 'Changed by hand'));
  await restoreCopy(other.gate, other.url, path);
  await restoreCopy(other.gate, other.url, DEMO);
  const before = await allOf(other.gate);
  for (const [table, column, value] of [
    ['batch', 'status', 'burning'],
    ['batch', 'name', 'x'.repeat(500)],
    ['batch', 'version', '-1'],
    ['batch', 'draft', '{"half":'],
    ['batch', 'created_at', 'yesterday'],
    ['batch', 'id', null],
    ['kitchen', 'id', '2'],
    ['kitchen', 'body', '{}'],
    ['kitchen', 'body', '[]'],
    ['kitchen', 'body', '{"hands":null}'],
  ] as const) {
    writeFileSync(path, withValue(table, column, value));
    const refused = await restoreCopy(other.gate, other.url, path).catch((cause: unknown) => cause);
    expect([table, column, value, refused]).toEqual([table, column, value, expect.any(CopyError)]);
    expect(refused).toMatchObject({ code: 'BAD_COPY' });
    expect(await allOf(other.gate)).toBe(before);
  }
  await nothingLeft(other.gate);
}, 120_000);

test('an upload that stops or breaks off holds up nobody, leaves nothing, and nobody else can read a copy', async () => {
  const app = await openApp();
  try {
    const upload = () => {
      const going = request(`${app.url}/api/copies/given`, {
        method: 'POST',
        headers: { 'content-type': 'application/gzip', 'content-length': '1000000' },
      });
      going.write(readFileSync(DEMO).subarray(0, 5000));
      return new Promise<number | string>((resolve) => {
        going.on('response', (answer) => resolve(answer.resume().statusCode!)).on('error', () => resolve('gone'));
        if (!going.destroyed) broken.push(going);
      });
    };
    const broken: ReturnType<typeof request>[] = [];
    const silent = upload();
    const left = upload();
    await until(async () => readdirSync(app.folder).filter((name) => name.endsWith('.part')).length === 2);
    // Both are under way: copies are made and listed all the same.
    const made = await app.call('POST', '/api/copies', {});
    expect(made.status).toBe(201);
    expect((await app.call('GET', '/api/copies')).body).toHaveLength(1);
    broken[1]!.destroy();
    expect(await left).toBe('gone');
    expect([408, 'gone']).toContain(await silent);
    await until(async () => readdirSync(app.folder).every((name) => !name.endsWith('.part')));
    const mode = (path: string) => statSync(path).mode & 0o777;
    expect(mode(join(app.folder, made.body.name))).toBe(0o600);
    // What a machine that went has left is swept away at the next start; what is not ours stays.
    writeFileSync(join(app.folder, `${made.body.name}.part`), 'half');
    writeFileSync(join(app.folder, 'notes.part'), 'mine');
    const keeper = new CopyKeeper({
      gate: app.gate,
      databaseUrl: app.databaseUrl,
      folder: app.folder,
      rule: USUAL_RULE,
      clockMs: () => T0,
      log: { error: () => undefined, info: () => undefined },
      onRestored: () => undefined,
    });
    await keeper.sweep();
    expect(readdirSync(app.folder).filter((name) => name.endsWith('.part'))).toEqual(['notes.part']);
  } finally {
    await app.close();
  }
});

test('a copy made by the oldest schema restores, and every page of it is answered', async () => {
  const old = await openDatabase();
  const app = await openApp();
  try {
    await migrate(old.gate, MIGRATIONS.slice(0, 1));
    const text = readFileSync(join(__dirname, '../test/rowsOfSchema9.json'), 'utf8');
    // At the first schema no kitchen had ingredients or bases of its own.
    const rows = JSON.parse(
      text.replace(/"ingredientId": "(base-[0-9a-f-]{36}|[a-z-]+)"/g, (all, id: string) =>
        INGREDIENTS.some((one) => one.id === id) ? all : '"ingredientId": "carrot"',
      ),
    ) as Record<string, Record<string, unknown>[]>;
    const columns = await old.gate.rows<{ t: string; c: string }>(
      'SELECT TABLE_NAME AS t, COLUMN_NAME AS c FROM information_schema.COLUMNS WHERE TABLE_SCHEMA = DATABASE()',
    );
    for (const [table, all] of Object.entries(rows))
      for (const row of all) {
        const own = Object.entries(row).filter(([key]) => columns.some(({ t, c }) => t === table && c === key));
        if (own.length === 0) continue;
        const values = own.map(([, value]) =>
          value !== null && typeof value === 'object'
            ? JSON.stringify(value)
            : typeof value === 'string' && /^\d{4}-.*Z$/.test(value)
              ? new Date(value)
              : (value as string | number | null),
        );
        await old.gate.change(
          `INSERT INTO ${table} (${own.map(([key]) => key).join(', ')}) VALUES (${own.map(() => '?').join(', ')})`,
          values,
        );
      }
    const path = join(folder, 'old.copy.gz');
    expect((await writeCopy(old.gate, path, at)).schema).toBe(1);
    await restoreCopy(app.gate, app.databaseUrl, path);
    const batches = await app.gate.rows<{ id: string; status: string }>('SELECT id, status FROM batch');
    expect(batches.length).toBeGreaterThan(0);
    for (const { id } of batches) expect((await app.call('GET', `/api/batches/${id}`)).status).toBe(200);
    for (const path of ['/kitchen', '/batches', '/ledger', '/formulas', '/oils', '/store/shopping', '/learnt'])
      expect([path, (await app.call('GET', `/api${path}`)).status]).toEqual([path, 200]);
  } finally {
    await app.close();
    await old.drop();
  }
});

test('stopped in the middle of a restore, the kitchen is the old one or the new one, never half of each', async () => {
  const script = join(folder, 'copyMain.cjs');
  await build({
    entryPoints: [join(__dirname, '../copyMain.ts')],
    outfile: script,
    bundle: true,
    platform: 'node',
    format: 'cjs',
    logLevel: 'silent',
    alias: { '@ember-fold/core': join(__dirname, '../../../core/src/public') },
  });
  await other.gate.change('DELETE FROM batch');
  const before = await allOf(other.gate);
  const after = await allOf(demo.gate);
  const env = { ...process.env, DATABASE_URL: other.url, EMBER_COPIES: join(folder, 'copies') };
  const restore = (stopMs: number) =>
    new Promise<number | null>((resolve) => {
      const child = spawn(process.execPath, [script, 'restore', DEMO], { env, stdio: 'ignore' });
      setTimeout(() => child.kill('SIGKILL'), stopMs).unref();
      child.once('exit', (code) => resolve(code));
    });
  const started = Date.now();
  expect(await restore(60_000)).toBe(0);
  const wholeMs = Date.now() - started;
  expect(await allOf(other.gate)).toBe(after);
  let stopped = 0;
  for (let i = 1; i <= 10; i++) {
    await other.gate.change('DELETE FROM batch');
    if ((await restore((wholeMs * i) / 11)) === null) stopped += 1;
    // What a killed client had begun is rolled back once the server sees that it is gone.
    const now = await allOf(other.gate);
    expect([before, after]).toContain(now);
  }
  expect(stopped).toBeGreaterThan(4);
});

test('what a restore left long ago is dropped, never one that is under way, whatever the clock of a server says', async () => {
  const [{ ms }] = (await other.gate.rows<{ ms: number }>('SELECT ROUND(1000 * UNIX_TIMESTAMP()) AS ms')) as [
    { ms: number },
  ];
  const aged = (hours: number) => `ember_restore_${Number(ms) - hours * 3_600_000}_${hours}`;
  for (const hours of [5, 7]) await other.gate.change(`CREATE DATABASE ${aged(hours)}`);
  const app = await openApp();
  try {
    const { body } = await app.call('POST', '/api/copies', {});
    for (const aheadMs of [0, 900 * DAY, -1800 * DAY]) {
      app.clock.ms += aheadMs;
      expect((await app.call('POST', `/api/copies/${body.name}/restore`, {})).status).toBe(200);
      expect((await trials(app.gate)).filter((name) => /_[57]$/.test(name))).toEqual([aged(5)]);
    }
  } finally {
    await app.close();
    await other.gate.change(`DROP DATABASE ${aged(5)}`);
  }
});

test('over HTTP: made, listed, handed out, brought back in, looked at, restored with a way back; no other path is served', async () => {
  const app = await openApp();
  try {
    await putDemo(app.gate);
    const full = await allOf(app.gate);
    const made = await app.call('POST', '/api/copies', {});
    expect(made).toMatchObject({ status: 201, body: { why: 'hand', holds: { counts: { stove_session: 14 } } } });
    const { name } = made.body;
    const file = Buffer.from(await (await fetch(`${app.url}/api/copies/${name}/file`)).arrayBuffer());
    expect(file.equals(readFileSync(join(app.folder, name)))).toBe(true);

    await app.gate.change('DELETE FROM batch');
    const give = async (body: Buffer, type = 'application/gzip') => {
      const headers = { 'content-type': type };
      const answer = await fetch(`${app.url}/api/copies/given`, {
        method: 'POST',
        headers,
        body: new Uint8Array(body),
      });
      return { status: answer.status, body: await answer.json() };
    };
    expect(await give(file.subarray(0, 900))).toMatchObject({ status: 400, body: { code: 'BAD_COPY' } });
    expect(await give(file, 'text/plain')).toMatchObject({ status: 415 });
    const given = await give(file);
    expect(given).toMatchObject({ status: 201, body: { why: 'given' } });
    const sheet = await app.call('GET', `/api/copies/${given.body.name}`);
    expect(sheet.body).toMatchObject({ copy: { holds: { counts: { batch: 19 } } }, now: { batch: 0 } });

    const done = await app.call('POST', `/api/copies/${given.body.name}/restore`, {});
    expect([done.status, app.restored.times]).toEqual([200, 1]);
    expect(await allOf(app.gate)).toBe(full);
    expect((await app.call('POST', `/api/copies/${done.body.before}/restore`, {})).status).toBe(200);
    expect(await app.gate.rows('SELECT id FROM batch')).toEqual([]);
    // The oldest of its kind is not forgotten while it is restored, though a newer one comes.
    for (let i = 0; i < 9; i++)
      expect((await app.call('POST', `/api/copies/${done.body.before}/restore`, {})).status).toBe(200);
    expect((await app.call('GET', `/api/copies/${done.body.before}`)).status).toBe(200);

    for (const path of ['../../etc/passwd', '%2e%2e%2fpackage.json', name.replace('hand', 'nobody'), 'x'])
      expect((await app.call('GET', `/api/copies/${path}/file`)).status).toBe(404);
    expect(readdirSync(app.folder).filter((one) => one.endsWith('.part'))).toEqual([]);
    // One that is damaged on the disk is listed, says so when it is looked at, and is never restored.
    writeFileSync(join(app.folder, name), file.subarray(0, file.length - 40));
    expect((await app.call('GET', `/api/copies/${name}`)).body.code).toBe('BAD_COPY');
    expect((await app.call('POST', `/api/copies/${name}/restore`, {})).body.code).toBe('BAD_COPY');
    expect(statSync(join(app.folder, name)).size).toBe(file.length - 40);
  } finally {
    await app.close();
  }
});

test('a night makes its copy once; records older than a year are thinned after it, and say so', async () => {
  const app = await openApp();
  try {
    await putDemo(app.gate);
    const { rows } = (await app.call('GET', '/api/ledger')).body as { rows: { id: string }[] };
    const record = async () => (await app.call('GET', `/api/ledger/${rows[0]!.id}`)).body;
    // As a quick probe has it, for two minutes.
    const quick = Array.from({ length: 240 }, (_, i) => [
      rows[0]!.id,
      2_000_250 + i * 500,
      2000.25 + i / 2,
      157 + (i % 7),
    ]);
    await app.gate.change(
      `INSERT INTO oil_reading (batch_id, seq, at_s, probe_c) VALUES ${quick.map(() => '(?, ?, ?, ?)').join(', ')}`,
      quick.flat(),
    );
    const was = await record();
    const keeper = new CopyKeeper({
      gate: app.gate,
      folder: app.folder,
      databaseUrl: app.databaseUrl,
      rule: USUAL_RULE,
      log: { error: () => undefined, info: () => undefined },
      clockMs: () => app.clock.ms,
      onRestored: () => undefined,
    });
    expect([await keeper.night(), await keeper.night()]).toEqual([true, false]);
    expect((await record()).readings).toEqual(was.readings);
    app.clock.ms += 400 * DAY;
    // Where no copy can be made, nothing is thinned, and that is told until one is made.
    const lost = `${app.folder}-elsewhere`;
    renameSync(app.folder, lost);
    writeFileSync(app.folder, '');
    await keeper.tryNight();
    expect([keeper.nightFailedMs, (await record()).isThinned]).toEqual([app.clock.ms, false]);
    rmSync(app.folder);
    renameSync(lost, app.folder);
    await keeper.tryNight();
    expect(keeper.nightFailedMs).toBeNull();
    const now = await record();
    expect([was.isThinned, now.isThinned]).toEqual([false, true]);
    expect(now.readings).toEqual(thinReadings(was.readings));
    expect(now.readings.length).toBeLessThan(was.readings.length);
    expect(now.figures).toMatchObject({ fried: was.figures.fried, loads: was.figures.loads });
    expect(Math.abs(now.figures.oilMeanC - was.figures.oilMeanC)).toBeLessThan(0.5);
    expect(now.figures.oilMostC).toBe(was.figures.oilMostC);
    // The copy of that night has them whole.
    const [night] = (await keeper.list()).filter(({ why }) => why === 'night');
    expect(night!.holds!.counts['oil_reading']).toBeGreaterThan(now.readings.length);
  } finally {
    await app.close();
  }
});

const DAY = 86_400_000;
const named = fc
  .array(
    fc.record({ ago: fc.double({ min: 0, max: 100, noNaN: true }), why: fc.constantFrom<CopyWhy>('night', 'hand') }),
  )
  .map((all) => all.map(({ ago, why }) => readCopyName(copyName(T0 - Math.floor(ago * DAY), why))!));

test('nights: the newest of each of seven days and four weeks stay, whatever came in between; the newest always', () => {
  fc.assert(
    fc.property(named, (copies) => {
      const spent = new Set(spentCopies(copies, { daily: 7, weekly: 4 }).map(({ name }) => name));
      const nights = copies.filter(({ why }) => why === 'night').sort((a, b) => b.madeMs - a.madeMs);
      const kept = nights.filter(({ name }) => !spent.has(name));
      expect(new Set(kept.map(({ name }) => name)).size).toBeLessThanOrEqual(11);
      if (nights[0]) expect(spent.has(nights[0].name)).toBe(false);
      const days = [...new Set(nights.map(({ madeMs }) => Math.floor(madeMs / DAY)))].slice(0, 7);
      const weeks = [...new Set(nights.map(({ madeMs }) => Math.floor(madeMs / (7 * DAY))))].slice(0, 4);
      for (const day of days) expect(kept.some(({ madeMs }) => Math.floor(madeMs / DAY) === day)).toBe(true);
      for (const week of weeks) expect(kept.some(({ madeMs }) => Math.floor(madeMs / (7 * DAY)) === week)).toBe(true);
      // What was kept is kept again, and is all there is to keep.
      expect(spentCopies(kept, { daily: 7, weekly: 4 })).toEqual([]);
    }),
  );
});

test('a night is due once, also on a machine that sleeps at night or whose clock was set', () => {
  const day = (hour: number, date = 10) => new Date(2026, 0, date, hour);
  expect(isNightDue(day(12), null)).toBe(true);
  expect(isNightDue(day(12), day(4).getTime())).toBe(false);
  expect(isNightDue(day(2), day(4, 9).getTime())).toBe(false);
  expect(isNightDue(day(20), day(20, 8).getTime())).toBe(true);
  expect(isNightDue(day(12), day(12, 20).getTime())).toBe(false);
});
