import type { BatchDraft, FireAct, OilReading } from '@ember-fold/core';
import { AWAY, expect, isSaved, line, NOT_STARTED, settled, station, test, type, lightStove } from './kitchen';
import { type Product, startProduct } from './product';

/** A product of its own, for it is killed. */
let product: Product;
test.beforeAll(async () => {
  product = await startProduct('recovery');
});
test.afterAll(() => product.stop());
test.use({ calm: [NOT_STARTED, AWAY] });

interface Stove {
  readonly nowS: number;
  readonly startedAt: string;
  readonly speed: number;
  readonly acts: { readonly seq: number; readonly act: FireAct }[];
  readonly readings: (OilReading & { readonly seq: number })[];
}

const read = async <T>(path: string): Promise<T> => (await (await fetch(`${product.address}/api${path}`)).json()) as T;

/** SIGKILL: no goodbye, as when the power goes. */
async function killServer(): Promise<void> {
  const { serverPid } = product.state();
  process.kill(serverPid, 'SIGKILL');
  await expect.poll(() => product.state().serverPid, { timeout: 20_000 }).not.toBe(serverPid);
}

const batchOf = async (name: RegExp): Promise<string> =>
  (await read<{ id: string; name: string }[]>('/batches')).find((batch) => name.test(batch.name))!.id;

test('the server is killed while frying: the page comes back by itself, nothing acknowledged is lost', async ({
  page,
}) => {
  const id = await batchOf(/Squash/);
  await page.goto(`${product.address}/fire/${id}`);
  await page.getByText('20 times', { exact: true }).click();
  await lightStove(page);
  for (let i = 0; i < 5; i++) await page.getByRole('button', { name: 'Burner up' }).click();
  await page.getByRole('button', { name: /^Dropped/ }).click();
  await expect(page.getByRole('button', { name: /^Piece \d, / })).toHaveCount(6);
  await expect.poll(async () => (await read<Stove>(`/batches/${id}/stove`)).acts.length).toBe(6);
  await page.waitForTimeout(1500);
  const before = await read<Stove>(`/batches/${id}/stove`);
  expect(before.readings.length).toBeGreaterThan(5);

  const killed = killServer();
  // While nobody answers, the hand goes on: what it does is kept and goes over.
  await page.getByRole('button', { name: /^Piece 2, / }).click();
  await page.getByRole('button', { name: 'One burst' }).click();
  await expect(page.getByRole('button', { name: /^Piece \d, / })).toHaveCount(5);
  await killed;
  await expect.poll(async () => (await read<Stove>(`/batches/${id}/stove`)).acts.length, { timeout: 20_000 }).toBe(7);
  const after = await read<Stove>(`/batches/${id}/stove`);
  expect(after.acts.slice(0, 6)).toEqual(before.acts);
  expect(after.acts[6]!.act).toMatchObject({ kind: 'burst', pieces: [2] });
  expect(after.readings.slice(0, before.readings.length)).toEqual(before.readings);
  // The clock is the wall's since the start, whoever was away.
  const wallS = ((Date.now() - Date.parse(after.startedAt)) / 1000) * after.speed;
  expect(Math.abs(after.nowS - wallS)).toBeLessThan(20);
  // The page streams again without being asked, and its piece clocks agree with the server's.
  await expect
    .poll(async () => (await read<Stove>(`/batches/${id}/stove`)).readings.length)
    .toBeGreaterThan(after.readings.length);
  const dropS = after.acts.find(({ act }) => act.kind === 'drop')!.act.atS;
  const shown = await page.getByRole('button', { name: /^Piece 1, / }).getAttribute('aria-label');
  const { nowS } = await read<Stove>(`/batches/${id}/stove`);
  const [, minutes, seconds] = /(\d+):(\d\d) in the oil/.exec(shown!)!;
  expect(Math.abs(Number(minutes) * 60 + Number(seconds) - (nowS - dropS))).toBeLessThan(40);
  await page.reload();
  await expect(page.getByRole('button', { name: /^Piece \d, / })).toHaveCount(5);
});

test('a plan edited while the server is away is kept, through a reload, and saved when it is back', async ({
  page,
  context,
}) => {
  const id = await batchOf(/Lentil/);
  await page.goto(`${product.address}/bench/${id}/fold`);
  await settled(page);
  await context.setOffline(true);
  await type(page, 'Pieces', '36');
  const planned = await settled(page);
  expect(planned[2]).toContain('36 ×');
  await expect(page.locator('[data-save]')).toHaveText('kept here, the server is away');
  await expect(page.getByText('The server does not answer.', { exact: false }).first()).toBeVisible();
  expect((await read<{ draft: BatchDraft }>(`/batches/${id}`)).draft.pieces).toBe(24);
  // Closed and opened again before anything could be saved.
  await context.setOffline(false);
  await page.reload();
  expect((await settled(page))[2]).toContain('36 ×');
  await isSaved(page);
  expect((await read<{ draft: BatchDraft }>(`/batches/${id}`)).draft.pieces).toBe(36);
  await killServer();
  await type(page, 'Pieces', '40');
  await isSaved(page);
  expect((await read<{ draft: BatchDraft }>(`/batches/${id}`)).draft.pieces).toBe(40);
});

test('the database stands still for a while: the plan waits and is saved after', async ({ page }) => {
  const id = await batchOf(/Lentil/);
  await page.goto(`${product.address}/bench/${id}/fold`);
  await settled(page);
  process.kill(product.state().databasePid, 'SIGSTOP');
  await type(page, 'Half-disc, across', '121');
  await expect(station(page, 'Fold and seal')).toContainText('121 mm');
  await page.waitForTimeout(1000);
  await expect(page.locator('[data-save]')).not.toHaveAttribute('data-save', 'saved');
  process.kill(product.state().databasePid, 'SIGCONT');
  await isSaved(page);
  expect((await read<{ draft: BatchDraft }>(`/batches/${id}`)).draft.fold.discM).toBeCloseTo(0.121, 9);
  await expect(line(page)).toBeVisible();
});

test('a page opened while the records are out of reach says so, and opens by itself when they are back', async ({
  page,
}) => {
  const id = await batchOf(/Lentil/);
  let away = true;
  await page.route('**/api/**', (route) => (away ? route.abort('connectionrefused') : route.continue()));
  await page.goto(`${product.address}/bench/${id}/fold`);
  await expect(page.getByRole('alert')).toContainText('The server does not answer just now');
  away = false;
  await settled(page);
  await expect(station(page, 'Dough')).toContainText(' g');
});
