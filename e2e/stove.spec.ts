import { withRaw } from '@ember-fold/core/plan';
import type { StoveAct, OilReading } from '@ember-fold/core/stove';
import type { Page } from '@playwright/test';
import { startStove } from './stoveHand';
import { axeFindsNothing, expect, go, lightStove, NOT_STARTED, plannedBatch, product, read, test } from './kitchen';

test.use({ calm: [NOT_STARTED] });

interface Stove {
  readonly probe: string | null;
  readonly acts: readonly { readonly act: StoveAct }[];
  readonly readings: readonly OilReading[];
  readonly startedAt: string;
  readonly nowS: number;
}
const stove = (id: string) => read<Stove>(`/batches/${id}/stove`);
const kinds = async (id: string) => (await stove(id)).acts.map(({ act }) => act.kind);
/** Waits until what was dropped last has been in the oil for so long, s of its own clock. */
const fried = (id: string, forS: number) =>
  expect
    .poll(async () => {
      const { nowS, acts } = await stove(id);
      const drop = acts.findLast(({ act }) => act.kind === 'drop');
      return drop ? nowS - drop.act.atS : 0;
    })
    .toBeGreaterThan(forS);
const burner = async (page: Page, steps: number, which: 'up' | 'down' = 'up') => {
  for (let i = 0; i < steps; i++) await page.getByRole('button', { name: `Burner ${which}` }).click();
};

test('too hot takes the whole screen with the one right act, also for a reader, and goes when it is done', async ({
  page,
}) => {
  const id = await plannedBatch('Too hot', 6);
  await go(page, `/stove/${id}`);
  await startStove(page, '60 times');
  await burner(page, 9);
  const danger = page.getByRole('alertdialog');
  await expect(danger).toBeVisible({ timeout: 40_000 });
  await expect(danger.getByRole('heading')).toHaveText(/^(Too hot|Cut the heat now)$/);
  const box = (await danger.getByRole('button').boundingBox())!;
  expect(box.height).toBeGreaterThanOrEqual(64);
  await axeFindsNothing(page, 'stove');
  // Nothing behind it can be touched by keys either.
  await page.keyboard.press('d');
  await page.keyboard.press('Escape');
  await expect(danger).toBeVisible();
  await danger.getByRole('button').click();
  await expect.poll(async () => (await stove(id)).acts.at(-1)!.act).toMatchObject({ kind: 'burner', setting: 0 });
  expect(await kinds(id)).not.toContain('drop');
  await expect(page.getByRole('group', { name: 'Burner' })).toContainText('off');
});

test('a taking out is judged and a core noted: what follows is predicted slower; skimmed, topped up, and the list says so', async ({
  page,
}) => {
  // Something raw in it: its core is a line.
  const id = await plannedBatch('Judged', 8, 'squash-sage', (draft) => withRaw(draft, 'minced-meat', 74));
  await go(page, `/stove/${id}`);
  await startStove(page, '20 times');
  await burner(page, 9);
  await page.getByRole('button', { name: /^Dropped/ }).click();
  await fried(id, 40);
  await page.keyboard.press('l');
  const judge = page.getByRole('region', { name: 'How they look' });
  await judge.getByRole('button', { name: 'Middle' }).click();
  await judge.getByRole('textbox').fill('31');
  await judge.getByRole('button', { name: 'Record it' }).click();
  // Raw inside: they go to the oven, all that were taken out together, and a timer runs in every room.
  await page.getByRole('button', { name: /^now Put .* in the oven/ }).click();
  await expect(page.getByText(/^In the oven: 1 to 4, raw inside, at 160 °C/)).toBeVisible();
  await expect(page.getByRole('list', { name: 'Timers' })).toContainText(/Probe pieces 1 to 4 in the oven, Judged/);
  await expect(page.getByRole('region', { name: 'Tally' })).toContainText('set aside4');
  await page.keyboard.press('u');
  await expect(page.getByText(/^In the oven/)).toHaveCount(0);
  await judge.getByRole('button', { name: 'Paler' }).click();
  await expect(page.getByText(/^Pieces are browning \d+ % slower than planned, within \d+ %/)).toBeVisible();
  await page.getByRole('button', { name: /^now Skim the crumbs/ }).click();
  await expect(page.getByRole('button', { name: /Skim the crumbs/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await page.getByRole('button', { name: 'Oil is in' }).click();
  await expect
    .poll(() => kinds(id))
    .toEqual([
      ...Array<string>(9).fill('burner'),
      'drop',
      'take-out',
      'core',
      'aside',
      'take-back',
      'seen',
      'skim',
      'top-up',
    ]);
  const { act } = (await stove(id)).acts.find((one) => one.act.kind === 'core')!;
  expect(act).toMatchObject({ tempC: 31, piece: 1 });
});

test('a probe of one’s own: its lines are on the page within a second, on two devices, each once', async ({
  page,
  context,
}) => {
  const added = await fetch(`${product().address}/api/devices`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ id: 'pot-probe', kind: 'probe', name: 'Probe in the pot' }),
  });
  const { token } = (await added.json()) as { token: string };
  const id = await plannedBatch('Real probe', 6);
  await go(page, `/stove/${id}`);
  await page.getByRole('button', { name: /How the oil is measured/ }).click();
  await page.getByRole('option', { name: 'Probe in the pot' }).click();
  // Another device stands at the start while this one lights it.
  const other = await context.newPage();
  await other.goto(`/stove/${id}`);
  await expect(other.getByRole('button', { name: 'Start the stove' })).toBeVisible();
  await lightStove(page);
  await expect(page.getByRole('region', { name: 'Oil now' })).toContainText('pot probe');
  await expect(other.getByTestId('oil-now')).toHaveText('–');
  const line = (n: number, c: number) => `pot-probe ${n} ${new Date().toISOString()} temperature ${c} C`;
  const send = (body: string) =>
    fetch(`${product().address}/api/devices/readings`, {
      method: 'POST',
      headers: { 'content-type': 'text/plain', authorization: `Bearer ${token}` },
      body,
    });
  const first = line(1, 141);
  await send(first);
  for (const one of [page, other]) await expect(one.getByTestId('oil-now')).toHaveText('141', { timeout: 1000 });
  await send(`${first}\n${line(2, 143)}`);
  for (const one of [page, other]) await expect(one.getByTestId('oil-now')).toHaveText('143', { timeout: 1000 });
  // The screen goes dark and stands still; unlocked, it is right within a second.
  const device = await context.newCDPSession(other);
  await device.send('Page.setWebLifecycleState', { state: 'frozen' });
  await send(line(3, 151));
  await expect.poll(async () => (await stove(id)).readings.length).toBe(3);
  await device.send('Page.setWebLifecycleState', { state: 'active' });
  await expect(other.getByTestId('oil-now')).toHaveText('151', { timeout: 1000 });
  expect((await stove(id)).readings.map((reading) => reading.probeC)).toEqual([141, 143, 151]);
  // An act on one is on the other within a second.
  await page.getByRole('button', { name: 'Burner up' }).click();
  await expect(other.getByRole('group', { name: 'Burner' })).toContainText('1 of 9', { timeout: 1000 });
  await other.close();
});

test('two pots: the other one is in sight in every room, and its danger takes the whole screen there', async ({
  page,
}) => {
  const large = await plannedBatch('Large pot', 6);
  const small = await plannedBatch('Small one', 6, 'lentil-dill', (draft) => ({
    ...draft,
    fry: { ...draft.fry, pot: 'Small pot on the small burner' },
  }));
  await go(page, `/stove/${small}`);
  await expect(page.getByText(/^In: Small pot on the small burner, fresh oil/)).toBeVisible();
  await startStove(page, '60 times');
  await go(page, `/stove/${large}`);
  await startStove(page, 'real time');
  const others = page.getByRole('list', { name: 'Other pots' });
  await expect(others).toContainText('Small pot on the small burner, Small one: warming up');
  await axeFindsNothing(page, 'stove');
  // By key to the other, by key back.
  await page.keyboard.press('p');
  await expect(page).toHaveURL(new RegExp(small));
  await expect(others).toContainText(/24 cm pot, Large pot/);
  await burner(page, 9);
  await page.keyboard.press('p');
  await expect(page).toHaveURL(new RegExp(large));
  // One stream for both: what the other does is here within a second of being committed.
  await expect(others).toContainText(/Small one: (too cool|just right|too hot for these pieces)/, { timeout: 30_000 });
  await go(page, '/ledger');
  const danger = page.getByRole('alertdialog');
  await expect(danger).toContainText('Small pot on the small burner, Small one', { timeout: 40_000 });
  await danger.getByRole('button').click();
  await expect.poll(async () => (await stove(small)).acts.at(-1)!.act).toMatchObject({ kind: 'burner', setting: 0 });
  expect(await kinds(large)).toEqual([]);
  await page.getByRole('button', { name: /^Leave Small pot on the small burner/ }).click();
  await expect(others).not.toContainText('Small one');
  await expect(page.getByRole('link', { name: /^At the stove: / })).toHaveCount(1);
});

test.describe('a browser that listens', () => {
  test.use({ fresh: true });
  test('spoken commands act as the keys do, where the browser listens', async ({ page }) => {
    // A browser without a microphone: its ear is what the test says.
    await page.addInitScript(() => {
      class Ear {
        onresult: ((event: unknown) => void) | null = null;
        start() {
          (window as unknown as { hear: (text: string) => void }).hear = (transcript) =>
            this.onresult?.({ results: [[{ transcript }]] });
        }
        stop() {}
      }
      Object.assign(window, { SpeechRecognition: Ear, webkitSpeechRecognition: Ear });
    });
    const id = await plannedBatch('Spoken', 6);
    await go(page, `/stove/${id}`);
    await startStove(page, 'real time');
    await page.getByRole('button', { name: 'More', exact: true }).click();
    await page.getByRole('button', { name: 'Start listening' }).click();
    const say = (text: string) =>
      page.evaluate((t) => (window as unknown as { hear: (t: string) => void }).hear(t), text);
    // It goes on listening when the hand goes back to the pot.
    await page.keyboard.press('Escape');
    await expect(page.getByRole('region', { name: 'Tally' })).toContainText('Listening');
    const pieces = page.getByRole('button', { name: /^Piece \d, / });
    await say('Dropped them');
    await expect(pieces).toHaveCount(6);
    await say('nothing of that kind');
    await say('turned');
    await say(' Taken out ');
    await expect(pieces).toHaveCount(0);
    await say('take back');
    await expect(pieces).toHaveCount(6);
    await say('skimmed');
    await expect.poll(() => kinds(id)).toEqual(['drop', 'turn', 'take-out', 'take-back', 'skim']);
  });
});

test.describe('the end of a batch', () => {
  // A word of the finish may come after the batch is back at the stove: its record is then asked for, and is not there.
  test.use({ calm: [NOT_STARTED, '404'] });
  test('finishing asks when pieces are left and the oil is hot; a batch finished by mistake is taken back', async ({
    page,
  }) => {
    const id = await plannedBatch('Too soon', 6);
    await go(page, `/stove/${id}`);
    await startStove(page, '20 times');
    await burner(page, 4);
    await page.getByRole('button', { name: /^Dropped/ }).click();
    await fried(id, 20);
    await page.keyboard.press('l');
    await page.getByRole('button', { name: 'Finish the batch', exact: true }).click();
    const ask = page.getByRole('dialog', { name: 'Finish the batch now?' });
    await expect(ask).toContainText('The burner is on at 4. Turn it off.');
    await axeFindsNothing(page, 'finish');
    await ask.getByRole('button', { name: 'Stay at the stove' }).click();
    await expect(ask).toHaveCount(0);
    expect((await stove(id)).acts.at(-1)!.act.kind).toBe('take-out');
    await page.getByRole('button', { name: 'Finish the batch', exact: true }).click();
    await ask.getByRole('button', { name: 'Finish anyway' }).click();
    await expect(page).toHaveURL(new RegExp(`/ledger/${id}$`));
    await page.getByRole('button', { name: 'Reopen at the stove' }).click();
    await expect(page).toHaveURL(new RegExp(`/stove/${id}$`));
    await expect(page.getByRole('group', { name: 'Burner' })).toContainText('4');
    expect((await fetch(`${product().address}/api/ledger/${id}`)).status).toBe(404);
    // It goes on: what is told counts again.
    await burner(page, 1, 'down');
    await expect.poll(async () => (await stove(id)).acts.at(-1)!.act).toMatchObject({ kind: 'burner', setting: 3 });
  });
});
