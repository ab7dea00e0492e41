import type { StoveAct, OilReading } from '@ember-fold/core/stove';
import type { Page } from '@playwright/test';
import {
  AWAY,
  expect,
  isSaved,
  lightStove,
  line,
  NOT_STARTED,
  product,
  read,
  trayAt,
  settled,
  station,
  test,
  type,
} from './kitchen';

// What is cut off, killed and opened again is not for the next test.
test.use({ calm: [NOT_STARTED, AWAY], fresh: true });

interface Stove {
  readonly nowS: number;
  readonly startedAt: string;
  readonly speed: number;
  readonly acts: { readonly seq: number; readonly act: StoveAct }[];
  readonly readings: (OilReading & { readonly seq: number })[];
}

/** SIGKILL: no goodbye, as when the power goes. */
async function killServer(): Promise<void> {
  const { serverPid } = product().state();
  process.kill(serverPid, 'SIGKILL');
  await expect.poll(() => product().state().serverPid, { timeout: 20_000 }).not.toBe(serverPid);
}

const batchOf = async (name: RegExp): Promise<string> =>
  (await read<{ id: string; name: string }[]>('/batches')).find((batch) => name.test(batch.name))!.id;

test('the server is killed while frying: the page comes back by itself, nothing acknowledged is lost', async ({
  page,
}) => {
  const id = await batchOf(/Squash/);
  await page.goto(`/stove/${id}`);
  await page.getByText('20 times', { exact: true }).click();
  await lightStove(page);
  for (let i = 0; i < 5; i++) await page.getByRole('button', { name: 'Burner up' }).click();
  await page.getByRole('button', { name: /^Dropped/ }).click();
  await expect(page.getByRole('button', { name: /^Piece \d, / })).toHaveCount(6);
  await expect.poll(async () => (await read<Stove>(`/batches/${id}/stove`)).acts.length).toBe(6);
  await expect.poll(async () => (await read<Stove>(`/batches/${id}/stove`)).readings.length).toBeGreaterThan(5);
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
  const [, minutes = 0, seconds = 0] = /(?:(\d+) min)? ?(?:(\d+) s)? in the oil/.exec(shown!)!;
  expect(Math.abs(Number(minutes) * 60 + Number(seconds) - (nowS - dropS))).toBeLessThan(40);
  await page.reload();
  await expect(page.getByRole('button', { name: /^Piece \d, / })).toHaveCount(5);
});

test('the database is killed while frying: readings and acts wait, and each is there once when it is back', async ({
  page,
}) => {
  const id = await batchOf(/Pear/);
  await page.goto(`/stove/${id}`);
  await page.getByText('20 times', { exact: true }).click();
  await lightStove(page);
  await page.getByRole('button', { name: 'Burner up' }).click();
  await page.getByRole('button', { name: /^Dropped/ }).click();
  await expect.poll(async () => (await read<Stove>(`/batches/${id}/stove`)).acts.length).toBe(2);
  await expect.poll(async () => (await read<Stove>(`/batches/${id}/stove`)).readings.length).toBeGreaterThan(2);
  const before = await read<Stove>(`/batches/${id}/stove`);
  const { databasePid } = product().state();
  process.kill(databasePid, 'SIGKILL');
  await page.keyboard.press('f');
  await page.getByRole('button', { name: 'Burner up' }).click();
  await expect.poll(() => product().state().databasePid, { timeout: 20_000 }).not.toBe(databasePid);
  // While it starts again the server says that the records cannot be reached.
  const later = async () => {
    const told = await read<Partial<Stove>>(`/batches/${id}/stove`).catch((): Partial<Stove> => ({}));
    return told.acts ? (told as Stove) : before;
  };
  await expect.poll(async () => (await later()).acts.length, { timeout: 30_000 }).toBe(4);
  await expect.poll(async () => (await later()).readings.length).toBeGreaterThan(before.readings.length + 10);
  const after = await later();
  expect(after.acts.slice(0, 2)).toEqual(before.acts);
  expect(after.acts.map(({ act }) => act.kind)).toEqual(['burner', 'drop', 'turn', 'burner']);
  expect(after.readings.slice(0, before.readings.length)).toEqual(before.readings);
  // The probe read on meanwhile: what it could not hand over came after, with no gap of more than a few beats.
  const gaps = after.readings.slice(1).map((reading, i) => reading.atS - after.readings[i]!.atS);
  expect(Math.max(...gaps)).toBeLessThan(15);
});

test('three minutes of frying without a connection: all that was done goes over after, in order, once, at its moment', async ({
  page,
  context,
}) => {
  const id = await batchOf(/Mushroom/);
  await page.goto(`/stove/${id}`);
  await page.getByText('20 times', { exact: true }).click();
  await lightStove(page);
  await page.getByRole('button', { name: /^Dropped/ }).click();
  await expect.poll(async () => (await read<Stove>(`/batches/${id}/stove`)).acts.length).toBe(1);
  const pieces = page.getByRole('button', { name: /^Piece \d+, / });
  const count = await pieces.count();
  await context.setOffline(true);
  const wentMs: number[] = [];
  const press = async (key: string) => {
    wentMs.push(Date.now());
    await page.keyboard.press(key);
    // The moments of two acts lie apart, as those of a hand do: a minute at this pace.
    await expect.poll(() => Date.now()).toBeGreaterThan(wentMs.at(-1)! + 3000);
  };
  await press('f');
  await press('k');
  await press('l');
  await expect(pieces).toHaveCount(0);
  await expect(page.getByText('3 saved on this device until the server is back')).toBeVisible();
  expect((await read<Stove>(`/batches/${id}/stove`)).acts).toHaveLength(1);
  await context.setOffline(false);
  await expect.poll(async () => (await read<Stove>(`/batches/${id}/stove`)).acts.length, { timeout: 20_000 }).toBe(4);
  const { acts, startedAt, speed } = await read<Stove>(`/batches/${id}/stove`);
  expect(acts.map(({ act }) => act.kind)).toEqual(['drop', 'turn', 'skim', 'take-out']);
  expect(acts.at(-1)!.act).toMatchObject({ pieces: Array.from({ length: count }, (_, i) => i + 1) });
  for (const [i, ms] of wentMs.entries()) {
    const toldMs = Date.parse(startedAt) + (1000 * acts[i + 1]!.act.atS) / speed;
    expect(Math.abs(toldMs - ms)).toBeLessThan(1000);
  }
  // Back in sight: the figure on the page is the oil's again at once.
  const last = (await read<Stove>(`/batches/${id}/stove`)).readings.at(-1)!.probeC;
  await expect
    .poll(async () => Math.abs(Number(await page.getByTestId('oil-now').innerText()) - last), { timeout: 3000 })
    .toBeLessThan(15);
});

/** Waits until the browser has stored an answer of the server with so many acts, for when the server is away. */
const isStored = (page: Page, path: string, acts: number) =>
  expect
    .poll(() =>
      page.evaluate(
        (key) =>
          new Promise<number>((resolve, reject) => {
            const opening = indexedDB.open('ember-answers');
            opening.onerror = () => reject(opening.error);
            opening.onsuccess = () => {
              const asked = opening.result.transaction('answers').objectStore('answers').get(key);
              asked.onsuccess = () => {
                opening.result.close();
                resolve((asked.result as { answer: { acts: unknown[] } } | undefined)?.answer.acts.length ?? 0);
              };
            };
          }),
        path,
      ),
    )
    .toBe(acts);

test.describe('from the browser itself', () => {
  test.use({ serviceWorkers: 'allow' });
  test('opened anew while the server is away: the stove, its pieces and the timers are there, and go on', async ({
    page,
    context,
  }) => {
    const id = await batchOf(/mackerel/);
    await page.goto(`/stove/${id}`);
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await page.reload();
    await page.getByText('20 times', { exact: true }).click();
    await lightStove(page);
    await page.getByRole('button', { name: /^Dropped/ }).click();
    const pieces = page.getByRole('button', { name: /^Piece \d+, / });
    await pieces.first().click();
    await page.getByRole('button', { name: 'One burst' }).click();
    const strip = page.getByRole('list', { name: 'Timers' });
    await expect(strip).toContainText('Burst piece 1 in the oven');
    await expect.poll(async () => (await read<Stove>(`/batches/${id}/stove`)).acts.length).toBe(2);
    const many = await pieces.count();
    await isStored(page, `/batches/${id}/stove`, 2);
    await context.setOffline(true);
    await page.reload();
    await expect(pieces).toHaveCount(many);
    await expect(page.getByText('The server is not answering.', { exact: false }).first()).toBeVisible();
    await expect(strip).toContainText('Burst piece 1 in the oven');
    // What to do about fire is one tap away, also now.
    await page.getByRole('button', { name: 'Handbook' }).click();
    await expect(page.getByRole('dialog', { name: 'Handbook' })).toContainText('Never water. Never flour.');
    await page.keyboard.press('Escape');
    // Its clock is right though nobody could be asked.
    const { acts, startedAt, speed } = await read<Stove>(`/batches/${id}/stove`);
    const shown = await pieces.first().getAttribute('aria-label');
    const [, minutes = 0, seconds = 0] = /(?:(\d+) min)? ?(?:(\d+) s)? in the oil/.exec(shown!)!;
    const trulyS = ((Date.now() - Date.parse(startedAt)) / 1000) * speed - acts[0]!.act.atS;
    expect(Math.abs(60 * Number(minutes) + Number(seconds) - trulyS)).toBeLessThan(1.5 * speed);
    await page.keyboard.press('l');
    await expect(pieces).toHaveCount(0);
    await context.setOffline(false);
    await expect.poll(async () => (await read<Stove>(`/batches/${id}/stove`)).acts.length, { timeout: 20_000 }).toBe(3);
    await expect(page.getByText('The server is not answering.', { exact: false })).toHaveCount(0);
    await expect(page.getByTestId('oil-now')).toHaveText(/^\d+$/);
    await expect(pieces).toHaveCount(0);
  });

  test('the run-sheet opened anew while the server is away: its amounts and ticks are there, and more are kept', async ({
    page,
    context,
  }) => {
    const id = await batchOf(/Lentil/);
    await page.goto(`/cook/${id}`);
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await page.reload();
    const rows = page.getByRole('group', { name: 'Weigh and set out' }).getByRole('checkbox');
    await page.getByRole('group', { name: 'Weigh and set out' }).locator('label').first().click();
    await expect(rows.first()).toBeChecked();
    const told = async () => (await read<{ acts: readonly unknown[] }>(`/batches/${id}/cook`)).acts.length;
    await expect.poll(told).toBe(1);
    const many = await rows.count();
    await isStored(page, `/batches/${id}/cook`, 1);
    await context.setOffline(true);
    await page.reload();
    await expect(rows).toHaveCount(many);
    await expect(rows.first()).toBeChecked();
    await page.getByRole('group', { name: 'Weigh and set out' }).locator('label').nth(1).click();
    await expect(rows.nth(1)).toBeChecked();
    expect(await told()).toBe(1);
    await context.setOffline(false);
    await expect.poll(told, { timeout: 20_000 }).toBe(2);
    await expect(rows.nth(1)).toBeChecked();
  });
});

test('a plan edited while the server is away is kept, through a reload, and saved when it is back', async ({
  page,
  context,
}) => {
  const id = await batchOf(/Lentil/);
  await page.goto(`/bench/${id}/fold`);
  await settled(page);
  await context.setOffline(true);
  await type(page, 'Pieces', '36');
  const planned = await settled(page);
  expect(planned[2]).toContain('36 ×');
  await expect(page.locator('[data-save]')).toHaveText('saved on this device; the server is not answering');
  await expect(page.getByText('The server is not answering.', { exact: false }).first()).toBeVisible();
  expect((await trayAt(id)).pieces).toBe(24);
  // Closed and opened again before anything could be saved.
  await context.setOffline(false);
  await page.reload();
  expect((await settled(page))[2]).toContain('36 ×');
  await isSaved(page);
  expect((await trayAt(id)).pieces).toBe(36);
  await killServer();
  await type(page, 'Pieces', '40');
  await isSaved(page);
  expect((await trayAt(id)).pieces).toBe(40);
});

test('the database stands still for a while: the plan waits and is saved after', async ({ page }) => {
  const id = await batchOf(/Lentil/);
  await page.goto(`/bench/${id}/fold`);
  await settled(page);
  process.kill(product().state().databasePid, 'SIGSTOP');
  const sent = page.waitForRequest((request) => request.method() === 'PUT');
  await type(page, 'Half-disc, across', '121');
  await expect(station(page, 'Fold and seal')).toContainText('121 mm');
  await sent;
  await expect(page.locator('[data-save]')).not.toHaveAttribute('data-save', 'saved');
  process.kill(product().state().databasePid, 'SIGCONT');
  await isSaved(page);
  expect((await trayAt(id)).fold.discM).toBeCloseTo(0.121, 9);
  await expect(line(page)).toBeVisible();
});

test('a page opened while the records are out of reach says so, and opens by itself when they are back', async ({
  page,
}) => {
  const id = await batchOf(/Lentil/);
  let away = true;
  await page.route('**/api/**', (route) => (away ? route.abort('connectionrefused') : route.continue()));
  await page.goto(`/bench/${id}/fold`);
  await expect(page.getByRole('alert')).toContainText('The server is not answering');
  away = false;
  await settled(page);
  await expect(station(page, 'Dough')).toContainText(' g');
});
