import { batchOf, newTray } from '@ember-fold/core/plan';
import type { Page } from '@playwright/test';
import { randomUUID } from 'node:crypto';
import { axeFindsNothing, expect, go, product, read, test } from './kitchen';

// The server is stopped on purpose, and the console says so.
test.use({ calm: ['ERR_CONNECTION', 'ERR_INCOMPLETE', '503', 'ERR_INTERNET', 'net::ERR'] });

async function planned(name: string, eatInMs = 7 * 3_600_000): Promise<string> {
  const id = randomUUID();
  const draft = batchOf(newTray(name, 'squash-sage', 24, new Date(Date.now() + eatInMs).toISOString()));
  const answer = await fetch(`${product().address}/api/batches`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ id, draft }),
  });
  expect(answer.status).toBe(201);
  return id;
}

const now = (page: Page) => page.getByRole('region', { name: 'Now' });
const step = (page: Page, name: string) => now(page).getByRole('heading', { name });
/**
 * Done, or skipped; pressed again only while the same step is still there: a page that moves as a
 * timer comes or goes takes no press.
 */
async function done(page: Page, button: 'Done' | 'Skip' = 'Done'): Promise<void> {
  const heading = now(page).getByRole('heading', { level: 2 });
  const before = await heading.innerText();
  await expect(async () => {
    if ((await heading.innerText()) === before) await now(page).getByRole('button', { name: button }).click();
    await expect.poll(async () => await heading.innerText({ timeout: 1000 }), { timeout: 2000 }).not.toBe(before);
  }).toPass({ timeout: 15_000 });
}
interface Stored {
  readonly act: { readonly kind: string; readonly step: string; readonly value?: number; readonly atMs: number };
}
const acts = async (id: string) => (await read<{ acts: Stored[] }>(`/batches/${id}/cook`)).acts.map((one) => one.act);

test('a batch is run step by step: checked, measured, re-planned, taken back; a second device is in step within a second', async ({
  page,
  context,
}) => {
  const id = await planned('Run sheet');
  await go(page, `/cook/${id}`);
  await expect(step(page, 'Weigh the filling')).toBeVisible();
  const other = await context.newPage();
  await other.goto(`/cook/${id}`);
  await expect(step(other, 'Weigh the filling')).toBeVisible();
  // A page behind another one is drawn once a second.
  await page.bringToFront();
  await done(page);
  await expect(step(page, 'Cook the filling')).toBeVisible();
  await expect(step(other, 'Cook the filling')).toBeVisible({ timeout: 1000 });
  await now(page).getByRole('button', { name: 'It runs together' }).click();
  await expect(now(page).getByText(/^Strain it and boil the juice down/)).toBeVisible();
  const gross = Number(
    (await now(page).getByRole('textbox', { name: 'Pan and filling weigh' }).inputValue()).replace(/\D/g, ''),
  );
  await now(page)
    .getByRole('textbox', { name: 'Pan and filling weigh' })
    .fill(String(gross - 200));
  await now(page)
    .getByRole('button', { name: /^Record / })
    .click();
  const moved = page.getByRole('region', { name: 'What has changed' });
  await expect(moved.getByText(/^Filling: .* instead of/)).toBeVisible();
  await expect(moved.getByText(/^Enough filling for \d+ pieces/)).toBeVisible();
  await expect(other.getByText(/^Enough filling for \d+ pieces/)).toBeVisible();
  await now(page)
    .getByRole('button', { name: /^As planned/ })
    .click();
  await expect(moved).toHaveCount(0);
  await done(page);
  await expect(step(page, 'Make the dough')).toBeVisible();
  await expect(page.getByRole('list', { name: 'Running by itself' })).toContainText('Filling cools');
  await expect(page.getByRole('list', { name: 'Timers' })).toContainText(/Filling cools, Run sheet: \d/);
  await expect(other.getByRole('list', { name: 'Timers' })).toContainText('Filling cools, Run sheet');
  await axeFindsNothing(page, 'run-sheet');
  // Back, and the wait is taken back with it.
  await page.getByRole('button', { name: 'Go back to: Cook the filling' }).click();
  await expect(step(page, 'Cook the filling')).toBeVisible();
  await expect(page.getByText(/^Filling cools, Run sheet: /)).toHaveCount(0);
  await done(page, 'Skip');
  await expect(step(page, 'Make the dough')).toBeVisible();
  await page.reload();
  await expect(step(page, 'Make the dough')).toBeVisible();
  expect((await acts(id)).map((act) => act.kind)).toEqual([
    'done',
    'check',
    'measure',
    'measure',
    'done',
    'back',
    'skip',
  ]);
  await other.close();
});

test('two cooks split the work: what one takes is not shown to the other', async ({ page, browser }) => {
  const id = await planned('Two cooks');
  await go(page, `/cook/${id}`);
  await page.getByRole('textbox', { name: 'Cook at this device' }).fill('Sorrel');
  const context = await browser.newContext({ locale: 'en-GB', timezoneId: 'Europe/London' });
  const other = await context.newPage();
  await other.goto(`/cook/${id}`);
  await other.getByRole('textbox', { name: 'Cook at this device' }).fill('Tamsin');
  await other.getByRole('button', { name: 'Take: Make the dough' }).click();
  await expect(page.getByRole('list', { name: 'Next' })).toContainText('Tamsin');
  await done(page);
  await done(page);
  // The dough is Tamsin's: Sorrel waits for the filling.
  await expect(step(page, 'Filling cools')).toBeVisible();
  await expect(now(page)).toContainText('Nothing to do by hand');
  await expect(step(other, 'Make the dough')).toBeVisible();
  await done(other);
  // Now the dough's rest is what ends first, for both.
  await expect(step(page, 'Dough rests')).toBeVisible();
  await context.close();
});

test('away for a while: acts and timers are kept here, shown at once, and go over once each, in order', async ({
  page,
}) => {
  const id = await planned('Offline');
  await go(page, `/cook/${id}`);
  await expect(step(page, 'Weigh the filling')).toBeVisible();
  await page.route('**/api/**', (route) => route.abort('internetdisconnected'));
  const wentMs = Date.now();
  await done(page);
  await expect(step(page, 'Cook the filling')).toBeVisible();
  await now(page).getByRole('button', { name: 'It stays open' }).click();
  await now(page)
    .getByRole('button', { name: /^Timer, / })
    .click();
  await expect(page.getByRole('list', { name: 'Timers' })).toContainText('Cook the filling, Offline');
  await expect(page.getByText('2 saved on this device until the server is back')).toBeVisible();
  expect(await acts(id)).toEqual([]);
  // The clock goes on meanwhile: what was done is sent later than it was done.
  await expect.poll(() => Date.now()).toBeGreaterThan(wentMs + 2500);
  await page.unroute('**/api/**');
  await expect.poll(async () => (await acts(id)).map((act) => act.kind)).toEqual(['done', 'check']);
  const [first] = await acts(id);
  // When it was done, not when it came over.
  expect(Math.abs(first!.atMs - wentMs)).toBeLessThan(2000);
  const own = async () =>
    (await read<{ timers: { name: string }[] }>('/timers')).timers.filter((one) => one.name.endsWith('Offline')).length;
  await expect.poll(own).toBe(1);
  await expect(page.getByText(/saved on this device until/)).toHaveCount(0);
  await page.getByRole('button', { name: /^Stop: Cook the filling/ }).click();
  await expect.poll(own).toBe(0);
});

test.describe('with a clock of its own', () => {
  test.use({ fresh: true });
  test('a timer is right in every room, over a reload and with the device’s clock set an hour on; over time it shouts more', async ({
    page,
  }) => {
    await page.clock.install();
    await go(page, '/cook');
    await page.getByRole('textbox', { name: 'For what' }).fill('Bench rest');
    await page.getByRole('textbox', { name: 'How long' }).fill('2:00');
    await page.getByRole('button', { name: 'Start the timer' }).click();
    const strip = page.getByRole('list', { name: 'Timers' });
    await expect(strip).toContainText(/Bench rest: (1 min 5\d s|2 min)/);
    interface Told {
      readonly timers: readonly { readonly id: string; readonly name: string; readonly endsMs: number }[];
      readonly nowMs: number;
    }
    // Timers of other tests may go on; this one is shown before the server has it.
    const own = ({ timers }: Told) => timers.find(({ name }) => name === 'Bench rest');
    await expect.poll(async () => own(await read<Told>('/timers')) !== undefined).toBe(true);
    const told = await read<Told>('/timers');
    const { nowMs } = told;
    const mine = own(told)!;
    const trulyLeftS = () => (mine.endsMs - nowMs - (Date.now() - askedMs)) / 1000;
    const askedMs = Date.now();
    const shownS = async () => {
      const [, minutes = 0, seconds = 0] = /Bench rest: (?:(\d+) min)? ?(?:(\d+) s)?/.exec(await strip.innerText())!;
      return 60 * Number(minutes) + Number(seconds);
    };
    /** What is shown lies within a second of the truth, at some moment of the look. */
    const isRight = async () => {
      const before = trulyLeftS();
      const shown = await shownS();
      expect(shown).toBeLessThan(before + 1.3);
      expect(shown).toBeGreaterThan(trulyLeftS() - 1.3);
    };
    // The device's wall clock jumps; the monotonic one does not.
    await page.clock.setSystemTime(Date.now() + 3_600_000);
    await expect(isRight).toPass({ timeout: 5000 });
    for (const room of ['/bench', '/ledger', '/store/kitchen', '/stove']) {
      await go(page, `${room}`);
      await expect(strip).toContainText('Bench rest');
    }
    await page.reload();
    await expect(strip).toContainText('Bench rest');
    await expect(isRight).toPass({ timeout: 5000 });
    const one = strip.getByRole('listitem').filter({ hasText: 'Bench rest' });
    await expect(one).toHaveAttribute('data-timer', 'none');
    await fetch(`${product().address}/api/timers/${mine.id}`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({
        batchId: null,
        step: null,
        name: 'Bench rest',
        stoppedMs: null,
        startedMs: nowMs - 200_000,
        endsMs: Math.round(nowMs + Date.now() - askedMs) - 125_000,
      }),
    });
    await expect(one).toHaveAttribute('data-timer', 'very-late');
    await expect(page.getByRole('alert').filter({ hasText: 'Bench rest: time is up.' })).toHaveCount(1);
    await page.getByRole('button', { name: 'Alerts' }).click();
    await page.getByText('Spoken words').click();
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'One more minute: Bench rest' }).click();
    await expect(one).toHaveAttribute('data-timer', 'none');
    await page.getByRole('button', { name: 'Stop: Bench rest' }).click();
    await expect(page.getByText(/^Bench rest: /)).toHaveCount(0);
  });
});

test('a killed server loses no acknowledged step and no timer', async ({ page }) => {
  const id = await planned('Killed');
  await go(page, `/cook/${id}`);
  await done(page);
  await done(page);
  await expect(page.getByRole('list', { name: 'Timers' })).toContainText('Filling cools, Killed');
  await expect.poll(async () => (await acts(id)).length).toBe(2);
  const cooling = async () =>
    (await read<{ timers: { name: string; endsMs: number }[] }>('/timers')).timers.find((one) =>
      one.name.startsWith('Filling cools, Killed'),
    );
  await expect.poll(cooling).toBeDefined();
  const before = await cooling();
  process.kill(product().state().serverPid, 'SIGKILL');
  await done(page);
  await expect(step(page, 'Dough rests')).toBeVisible();
  await expect
    .poll(
      async () =>
        acts(id)
          .then((all) => all.length)
          .catch(() => 0),
      { timeout: 30_000 },
    )
    .toBe(3);
  expect((await cooling())!.endsMs).toBe(before!.endsMs);
  await expect(page.getByRole('list', { name: 'Timers' })).toContainText('Dough rests, Killed');
});
