/** What lists, ledger, record, shopping and day plans cost with nineteen to twelve thousand batches and five million readings. */
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createConnection } from 'mysql2/promise';
import { buildStale } from '../../scripts/build.mjs';
import { startDatabase } from '../../scripts/lib/database.mjs';

const ROOT = join(import.meta.dirname, '../..');
const SIZES = [100, 1000, 12_000];
const TIMES = 9;

await buildStale();
const folder = mkdtempSync(join(tmpdir(), 'ember-growth-'));
const database = await startDatabase(folder);
const child = spawn(process.execPath, [join(ROOT, 'packages/server/dist/main.js')], {
  stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
  env: {
    ...process.env,
    DATABASE_URL: database.url,
    PORT: '0',
    EMBER_DEMO: '1',
    EMBER_LOG: 'error',
    EMBER_COPIES: join(folder, 'copies'),
  },
});
const { port } = (await new Promise((resolve) => child.once('message', resolve))) as { port: number };
const get = async <T>(path: string): Promise<T> => {
  const answer = await fetch(`http://127.0.0.1:${port}/api${path}`);
  if (!answer.ok) throw new Error(`${path}: ${answer.status} ${await answer.text()}`);
  return (await answer.json()) as T;
};
const q = await createConnection(database.url);
const one = async (sql: string): Promise<number> => Number(Object.values(((await q.query(sql))[0] as object[])[0]!)[0]);

/** Tables of a record, those that others refer to first. */
const TABLES = [
  'batch',
  'stove_session',
  'oil_reading',
  'fire_act',
  'cook_act',
  'taught',
  'observation',
  'ledger_looks',
  'ledger_note',
  'ledger_tag',
];
const originals = await one("SELECT COUNT(*) FROM batch WHERE status = 'done'");
await q.query("CREATE TABLE grown AS SELECT id FROM batch WHERE status = 'done'");

/** Writes the finished batches again and again, each a day earlier, until there are so many. */
async function grow(from: number, to: number): Promise<void> {
  const [first, last] = [Math.ceil(from / originals), Math.ceil(to / originals) - 1];
  if (last < first) return;
  for (const table of TABLES) {
    const [rows] = await q.query(
      `SELECT COLUMN_NAME AS name, DATA_TYPE AS type, EXTRA AS extra FROM information_schema.COLUMNS
       WHERE TABLE_SCHEMA = DATABASE() AND TABLE_NAME = ?`,
      [table],
    );
    const columns = (rows as { name: string; type: string; extra: string }[]).filter(({ extra }) => extra === '');
    const values = columns.map(({ name, type }) => {
      if (name === 'id' || name === 'batch_id') return `CONCAT(LEFT(o.${name}, 24), LPAD(HEX(n.seq), 12, '0'))`;
      return type === 'datetime' ? `o.${name} - INTERVAL n.seq DAY` : `o.${name}`;
    });
    const owner = table === 'batch' ? 'id' : 'batch_id';

    await q.query(
      `INSERT INTO ${table} (${columns.map(({ name }) => `\`${name}\``).join(', ')})
       SELECT ${values.join(', ')} FROM ${table} o JOIN seq_${first}_to_${last} n WHERE o.${owner} IN (SELECT id FROM grown)`,
    );
  }
  await q.query(`ANALYZE TABLE ${TABLES.join(', ')}`);
}

const [supper] = await get<{ id: string }[]>('/suppers');
const [batch] = await get<{ id: string; status: string }[]>('/batches');
const { rows } = await get<{ rows: { id: string }[] }>('/ledger');
const ASKED: readonly (readonly [string, string])[] = [
  ['what stands on the bench', '/batches'],
  ['the same, searched', '/batches?search=squash'],
  ['one batch', `/batches/${batch!.id}`],
  ['ledger, first page', '/ledger'],
  ['ledger, searched', '/ledger?search=squash'],
  ['one record with its trace', `/ledger/${rows[0]!.id}`],
  ['tags', '/ledger/tags'],
  ['what is learnt', '/learnt'],
  ['shopping', '/store/shopping'],
  ['the plan of a supper', `/suppers/${supper!.id}/plan`],
];
const found = new Map<string, string[]>(ASKED.map(([name]) => [name, []]));
const heads: string[] = [];
let size = originals;
for (const to of [originals, ...SIZES]) {
  await grow(size, to);
  size = to;
  heads.push(
    `${await one('SELECT COUNT(*) FROM batch')} / ${((await one('SELECT COUNT(*) FROM oil_reading')) / 1e6).toFixed(2)} M`,
  );
  for (const [name, path] of ASKED) {
    const times: number[] = [];
    for (let i = 0; i <= TIMES; i += 1) {
      const began = performance.now();
      await get(path);
      if (i > 0) times.push(performance.now() - began);
    }
    times.sort((x, y) => x - y);
    found.get(name)!.push(times[times.length >> 1]!.toFixed(1));
  }
}
process.stdout.write(`\nGrowth: batches / readings; ms of an answer, the middle of ${TIMES}\n`);
process.stdout.write(`${''.padEnd(28)}${heads.map((head) => head.padStart(18)).join('')}\n`);
for (const [name, times] of found)
  process.stdout.write(`${name.padEnd(28)}${times.map((ms) => ms.padStart(18)).join('')}\n`);
await q.end();
child.kill('SIGTERM');
await new Promise((resolve) => child.once('exit', resolve));
await database.stop();
rmSync(folder, { recursive: true, force: true });
