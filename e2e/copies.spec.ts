import { spawnSync } from 'node:child_process';
import { appendFileSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { restarts } from '../scripts/lib/restarts.mjs';
import { AWAY, axeFindsNothing, expect, lightStove, product, read, test } from './kitchen';
import { putDemo, startProduct } from '../scripts/lib/product.mjs';

test.use({ calm: [AWAY], fresh: true });

const ROOT = join(import.meta.dirname, '..');
const names = async () => (await read<{ name: string }[]>('/batches')).map(({ name }) => name);
const folder = (name: string) => mkdtempSync(join(tmpdir(), `ember-${name}-`));
const run = (...args: string[]) =>
  spawnSync(process.execPath, [join(ROOT, 'scripts/copies.mjs'), ...args], { cwd: ROOT, encoding: 'utf8' });

test('a copy is made, a batch is lost, the copy is looked at and restored; the page comes back by itself', async ({
  page,
}) => {
  await page.goto('/store/copies');
  await expect(page.getByRole('heading', { name: 'No copy has been made yet' })).toBeVisible();
  await page.getByRole('button', { name: 'Make a copy now' }).click();
  await expect(page.getByText(/19 batches, 14 sessions at the stove, 17 formulas/)).toBeVisible();
  const before = await names();
  const [lost] = await read<{ id: string; name: string }[]>('/batches');
  await fetch(`${product().address}/api/batches/${lost!.id}`, { method: 'DELETE' });
  expect(await names()).not.toContain(lost!.name);

  await page.getByRole('button', { name: /^Restore… / }).click();
  const sheet = page.getByRole('alertdialog');
  await expect(sheet.getByRole('row', { name: 'batches 19 18' })).toBeVisible();
  await axeFindsNothing(page, 'restore a copy');
  await sheet.getByRole('button', { name: 'Leave everything as it is' }).click();
  expect(await names()).not.toContain(lost!.name);
  await page.getByRole('button', { name: /^Restore… / }).click();
  await sheet.getByRole('button', { name: 'Restore it' }).click();
  await page.waitForURL('**/table');
  await expect(page.getByText(lost!.name).first()).toBeVisible();
  expect(await names()).toEqual(before);
  // The way back is the first in the list; half a file from elsewhere is refused and is no copy.
  await page.goto('/store/copies');
  await expect(page.getByText(/the kitchen as it was before a copy was restored/)).toBeVisible();
  const file = join(folder('half'), 'half.copy.gz');
  writeFileSync(file, 'half');
  const choosing = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Add a copy from a file' }).click();
  await (await choosing).setFiles(file);
  await expect(page.getByRole('alert')).toHaveText(/This (copy is damaged|file is not a copy)/);
  await expect(page.getByRole('list', { name: 'Kept copies' }).getByRole('listitem')).toHaveCount(2);
});

test('by command: through the kitchen that runs, and alone when none does', async () => {
  const data = folder('command');
  const file = join(data, 'elsewhere', 'kitchen.copy.gz');
  putDemo(data);
  const first = await startProduct('command', '--data', data);
  const all = async (address: string) => await (await fetch(`${address}/api/batches`)).json();
  const before = await all(first.address);
  expect(run('backup', file, '--data', data)).toMatchObject({ status: 0, stdout: `Copied to ${file}.\n` });
  for (const { id } of before) await fetch(`${first.address}/api/batches/${id}`, { method: 'DELETE' });
  const done = run('restore', file, '--data', data);
  expect(done).toMatchObject({ status: 0, stdout: expect.stringMatching(/^Restored\. The kitchen as it was before/) });
  await expect.poll(() => all(first.address).catch(() => null), { timeout: 15_000 }).toEqual(before);
  await first.stop();

  expect(run('backup', '--data', data)).toMatchObject({ status: 0 });
  const bare = folder('bare');
  expect(run('restore', file, '--data', bare)).toMatchObject({ status: 0 });
  expect(run('restore', join(ROOT, 'package.json'), '--data', bare)).toMatchObject({
    status: 1,
    stdout: '',
    stderr: 'This copy is damaged or not whole; take another one.\n',
  });
  expect(run('restore', '--data', bare).stderr).toMatch(/^Which file\?/);
  const second = await startProduct('command', '--no-demo', '--data', bare);
  expect(await all(second.address)).toEqual(before);
  await second.stop();
  expect(readdirSync(join(data, 'copies')).length).toBe(4);
  for (const path of [data, bare]) rmSync(path, { recursive: true, force: true });
});

test('the disk fills up while frying: said early, refused plainly, nothing acknowledged is lost, and it goes on by itself', async ({
  page,
}) => {
  const small = folder('small');
  const mounted = spawnSync('mount', ['-t', 'tmpfs', '-o', 'size=480m', 'tmpfs', small]).status === 0;
  test.skip(!mounted, 'This machine does not let a small disk be made.');
  try {
    const own = await startProduct('small', '--data', join(small, 'data'));
    const [batch] = (await (await fetch(`${own.address}/api/batches`)).json()) as { id: string }[];
    const stove = async () => await (await fetch(`${own.address}/api/batches/${batch!.id}/stove`)).json();
    await page.goto(`${own.address}/stove/${batch!.id}`);
    await lightStove(page);
    await expect(page.getByText(/The disk is nearly full: \d+ MB left/)).toBeVisible();
    await page.getByRole('button', { name: 'Burner up' }).click();
    await expect.poll(async () => (await stove()).acts.length).toBe(1);
    // To the last byte: also the database finds no room.
    const filler = join(small, 'filler');
    const chunk = Buffer.alloc(4 * 2 ** 20);
    expect(() => {
      for (;;) appendFileSync(filler, chunk);
    }).toThrow(/ENOSPC/);
    await expect(page.getByRole('alert').filter({ hasText: 'The disk is full' })).toBeVisible({ timeout: 15_000 });
    await page.getByRole('button', { name: 'Burner up' }).click();
    const json = { method: 'POST', headers: { 'content-type': 'application/json' }, body: '{}' };
    const refused = await fetch(`${own.address}/api/copies`, json);
    expect([refused.status, (await refused.json()).code]).toEqual([503, 'DISK_FULL']);
    expect((await stove()).acts.length).toBe(1);
    rmSync(filler);
    await expect.poll(async () => (await stove()).acts.length, { timeout: 20_000 }).toBe(2);
    await expect(page.getByText(/The disk is full/)).toHaveCount(0, { timeout: 15_000 });
    await own.stop();
  } finally {
    spawnSync('umount', ['-l', small]);
  }
});

test('what ends by itself is started again: at once at first, then later and later, never not at all', () => {
  const onEnd = restarts(0);
  let nowMs = 1000;
  const waits = Array.from({ length: 40 }, () => {
    const { waitMs } = onEnd(nowMs);
    // It falls over a second after each start.
    nowMs += waitMs + 1000;
    return waitMs;
  });
  expect(waits[0]).toBeLessThan(1000);
  expect(waits.every((wait, i) => i === 0 || wait >= waits[i - 1]!)).toBe(true);
  expect(waits.at(-1)).toBe(60_000);
  // Calm for five minutes: what was before is forgotten.
  expect(onEnd(nowMs + 300_000)).toEqual({ waitMs: waits[0], times: 1 });
});
