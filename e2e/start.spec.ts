import { expect, test } from '@playwright/test';
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startDatabase } from '../scripts/lib/database.mjs';
import { type Product, putDemo, startProduct } from '../scripts/lib/product.mjs';

const ROOT = join(import.meta.dirname, '..');
const START = join(ROOT, 'scripts/start.mjs');

interface Ended {
  readonly code: number | null;
  readonly said: string;
}

/** Runs the start command until it ends by itself. */
function runStart(args: readonly string[], env: Record<string, string> = {}): Promise<Ended> {
  return new Promise((resolve) => {
    const child = spawn(process.execPath, [START, ...args], { cwd: ROOT, env: { ...process.env, ...env } });
    let said = '';
    child.stdout.on('data', (chunk: Buffer) => (said += chunk.toString()));
    child.stderr.on('data', (chunk: Buffer) => (said += chunk.toString()));
    const timer = setTimeout(() => child.kill('SIGTERM'), 40_000);
    child.once('exit', (code) => {
      clearTimeout(timer);
      resolve({ code, said: said.trim() });
    });
  });
}

const folder = () => mkdtempSync(join(tmpdir(), 'ember-start-'));
/** Where the product was started before. */
function usedFolder(): string {
  const data = folder();
  putDemo(data);
  return data;
}
const isAlive = (pid: number) => spawnSync('kill', ['-0', String(pid)]).status === 0;
/** A list, or the first page of one. */
const rowsOf = (answer: unknown): readonly unknown[] =>
  Array.isArray(answer) ? answer : (answer as { rows: unknown[] }).rows;
const count = async (product: Product, path: string) =>
  rowsOf(await (await fetch(`${product.address}/api${path}`)).json()).length;

/** The day plan of the first supper, and how long it took to be told, ms. */
async function dayPlanTold({ address }: Product): Promise<{ told: unknown; tookMs: number }> {
  const [supper] = (await (await fetch(`${address}/api/suppers`)).json()) as { id: string }[];
  const began = performance.now();
  const { dayPlan, planned } = (await (await fetch(`${address}/api/suppers/${supper!.id}/plan`)).json()) as {
    dayPlan: unknown;
    planned: unknown;
  };
  return { told: { dayPlan, planned }, tookMs: performance.now() - began };
}

test('Ctrl-C stops server and database; the next start finds everything again', async () => {
  const data = usedFolder();
  rmSync(join(data, 'plans'));
  const first = await startProduct('ctrl-c', '--data', data);
  const held = JSON.parse(readFileSync(join(data, 'start.json'), 'utf8')) as ReturnType<Product['state']>;
  expect([await count(first, '/batches'), await count(first, '/ledger')]).toEqual([5, 14]);
  // A second start on the same folder would move the same stoves.
  const second = await runStart(['--port', '0', '--data', data]);
  expect(second).toEqual({ code: 1, said: `Ember Fold is already running from this folder at ${held.address}.` });
  const [kept] = (await (await fetch(`${first.address}/api/batches`)).json()) as { id: string }[];
  await fetch(`${first.address}/api/batches/${kept!.id}`, { method: 'DELETE' });
  const planned = await dayPlanTold(first);
  await first.stop();
  for (const pid of [held.serverPid, held.databasePid]) expect(isAlive(pid)).toBe(false);
  const began = Date.now();
  const again = await startProduct('ctrl-c', '--data', data);
  expect(Date.now() - began).toBeLessThan(20_000);
  // The demo is loaded into an empty database only: what was deleted stays deleted.
  expect([await count(again, '/batches'), await count(again, '/ledger')]).toEqual([4, 14]);
  // Nor is a day plan worked out again of which nothing has changed.
  const found = await dayPlanTold(again);
  expect(found.told).toEqual(planned.told);
  expect(found.tookMs).toBeLessThan(planned.tookMs / 2);
  await again.stop();
  rmSync(data, { recursive: true, force: true });
});

test('--no-demo starts empty, --fresh starts over', async ({ page }) => {
  const data = folder();
  const bare = await startProduct('bare', '--no-demo', '--data', data);
  await page.goto(bare.address);
  await expect(page.getByRole('heading', { name: 'No batch is planned yet' })).toBeVisible();
  await page.getByRole('link', { name: 'Stove' }).click();
  await expect(page.getByRole('heading', { name: 'Nothing to fry yet' })).toBeVisible();
  await page.getByRole('link', { name: 'Ledger' }).click();
  await expect(page.getByRole('heading', { name: 'Nothing has been fried yet' })).toBeVisible();
  await page.getByRole('link', { name: 'stove', exact: true }).click();
  await page.getByRole('link', { name: 'bench', exact: true }).click();
  await page.getByRole('button', { name: 'New batch' }).click();
  await page.getByText('A ready-made starter', { exact: true }).click();
  await page.getByRole('button', { name: 'Plan this batch' }).click();
  await expect(page.getByRole('navigation', { name: 'The line' })).toHaveAttribute('data-current', 'true');
  expect(await count(bare, '/batches')).toBe(1);
  await bare.stop();
  const fresh = await startProduct('fresh', '--fresh', '--data', data);
  expect([await count(fresh, '/batches'), await count(fresh, '/ledger')]).toEqual([5, 14]);
  await fresh.stop();
  rmSync(data, { recursive: true, force: true });
});

test('a start that cannot write down where it runs goes on all the same; half a note of another is none', async () => {
  const data = usedFolder();
  // Nobody can write a file where a folder is.
  mkdirSync(join(data, 'start.json'));
  const odd = await startProduct('no-note', '--data', data);
  expect(await count(odd, '/ledger')).toBe(14);
  await odd.stop();
  rmSync(join(data, 'start.json'), { recursive: true });
  writeFileSync(join(data, 'start.json'), '{"pid": 1, "addr');
  const again = await startProduct('no-note', '--data', data);
  expect(again.state().address).toBe(`${again.address}/`);
  await again.stop();
  rmSync(data, { recursive: true, force: true });
});

test('a database that dies hard is taken up again', async () => {
  const data = usedFolder();
  const first = await startProduct('hard', '--data', data);
  const held = JSON.parse(readFileSync(join(data, 'start.json'), 'utf8')) as ReturnType<Product['state']>;
  // The parent goes without a word: the server must not hold the port, the database is left behind.
  process.kill(held.pid, 'SIGKILL');
  await expect.poll(() => isAlive(held.serverPid)).toBe(false);
  expect(isAlive(held.databasePid)).toBe(true);
  const again = await startProduct('hard', '--data', data);
  expect(isAlive(held.databasePid)).toBe(false);
  expect(await count(again, '/ledger')).toBe(14);
  await again.stop();
  expect(first.address).not.toBe('');
  rmSync(data, { recursive: true, force: true });
});

test('a database of one’s own, by DATABASE_URL; one that is newer is refused and left alone', async () => {
  const own = folder();
  const data = folder();
  const database = await startDatabase(own);
  const env = { DATABASE_URL: database.url };
  try {
    process.env['DATABASE_URL'] = database.url;
    const product = await startProduct('own', '--data', data);
    delete process.env['DATABASE_URL'];
    expect(await count(product, '/batches')).toBe(5);
    await product.stop();
    const refused = await runStart(['--port', '0', '--data', data, '--fresh'], env);
    expect([refused.code, refused.said]).toEqual([
      1,
      expect.stringMatching(/^--fresh empties only the database .*\.$/),
    ]);
    const { openGate } = await import('../packages/server/src/db/gate');
    const gate = openGate(database.url);
    await gate.change("INSERT INTO schema_version VALUES (999, 'of tomorrow', UTC_TIMESTAMP(3))");
    await gate.close();
    const newer = await runStart(['--port', '0', '--data', data], env);
    expect(newer.code).toBe(1);
    expect(newer.said).toMatch(/^The database is at schema 999 and this Ember Fold knows only \d+; .*\.$/);
    const wrong = database.url.replace(/:[0-9a-f]+@/, ':nope@');
    const denied = await runStart(['--port', '0', '--data', data], { DATABASE_URL: wrong });
    expect(denied).toEqual({ code: 1, said: 'The database refused the user or password in DATABASE_URL.' });
  } finally {
    delete process.env['DATABASE_URL'];
    await database.stop();
  }
  const gone = await runStart(['--port', '0', '--data', data], env);
  expect(gone).toEqual({ code: 1, said: 'The database does not answer; check DATABASE_URL or start again.' });
  for (const path of [own, data]) rmSync(path, { recursive: true, force: true });
});

test('one clear sentence for each thing that can be wrong', async () => {
  const data = folder();
  const holder = createServer();
  await new Promise<void>((resolve) => holder.listen(0, '127.0.0.1', resolve));
  const { port } = holder.address() as { port: number };
  const taken = await runStart(['--port', String(port), '--data', data]);
  expect(taken).toEqual({ code: 1, said: `Port ${port} is already taken; start with --port and another number.` });
  // It is said before anything is set up, and PORT is a port like --port.
  const untouched = join(data, 'untouched');
  expect(await runStart(['--data', untouched], { PORT: String(port) })).toEqual(taken);
  expect(existsSync(untouched)).toBe(false);
  holder.close();
  for (const bad of ['abc', '-1', '70000', '4.5']) {
    const answer = await runStart([`--port=${bad}`, '--data', data]);
    expect(answer).toEqual({ code: 1, said: '--port takes a whole number up to 65535.' });
  }
  const odd = await runStart(['--lan', '--lan-name', 'no name', '--data', data]);
  expect(odd).toEqual({ code: 1, said: '--lan-name takes a host name or an address, not no name.' });
  const unknown = await runStart(['--prot', '4600']);
  expect(unknown.code).toBe(1);
  expect(unknown.said).toContain('Usage: npm start -- ');
  const file = join(data, 'a-file');
  writeFileSync(file, '');
  const nowhere = await runStart(['--port', '0', '--data', join(file, 'below')]);
  expect([nowhere.code, nowhere.said]).toEqual([
    1,
    expect.stringMatching(/^The folder .* cannot be written \(ENOTDIR\)/),
  ]);
  rmSync(data, { recursive: true, force: true });
});
