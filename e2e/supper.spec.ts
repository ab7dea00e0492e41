import {
  type BatchDraft,
  type FireAct,
  type FryOrder,
  type Kitchen,
  type LedgerFigures,
  ledgerFigures,
  type Oil,
  type OilReading,
  type OilState,
  trayOf,
  withTray,
} from '@ember-fold/core';
import type { Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { followAdvice, startStove, watchForDanger } from './fireHand';
import { expect, NOT_STARTED, product, read, test } from './kitchen';

test.use({ calm: [NOT_STARTED] });
test.setTimeout(480_000);

const PIECES = 4;

interface Record {
  readonly draft: BatchDraft;
  readonly acts: FireAct[];
  readonly readings: OilReading[];
  readonly figures: LedgerFigures;
}

/** One lot of it: what a whole batch does over and over. */
async function oneLot(name: string): Promise<string> {
  const batch = (await read<{ id: string; name: string }[]>('/batches')).find((one) => one.name.startsWith(name))!;
  const { draft, version } = await read<{ draft: BatchDraft; version: number }>(`/batches/${batch.id}`);
  const tray = trayOf(draft, null);
  const asked = withTray(draft, { ...tray, pieces: PIECES, fry: { ...tray.fry, lotSize: PIECES } });
  const saved = await fetch(`${product().address}/api/batches/${batch.id}`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ version, draft: asked }),
  });
  expect(saved.status).toBe(200);
  return batch.id;
}

const lifts = (n: number) => (done: readonly string[]) => done.filter((act) => act === 'lift').length >= n;
const drops = (n: number) => (done: readonly string[]) => done.filter((act) => act === 'drop').length >= n;
const inPot = (page: Page) => page.getByRole('button', { name: /^Piece \d+, / });

/** Processes whose parent is this one. */
const childrenOf = (pid: number): number[] =>
  readFileSync(`/proc/${pid}/task/${pid}/children`, 'utf8').trim().split(' ').filter(Boolean).map(Number);

/** What goes wrong with each, and what is left in the ledger. */
const SUPPER: readonly {
  readonly name: string;
  readonly mishap: (page: Page) => Promise<void>;
  readonly burst: number;
}[] = [
  {
    name: 'Squash and sage',
    mishap: async (page) => {
      await page.getByRole('button', { name: 'One burst' }).click();
      await page.getByRole('button', { name: 'Piece 2 burst' }).click();
      await expect(inPot(page)).toHaveCount(3);
      await expect(page.getByRole('list', { name: 'Timers' })).toContainText(/Burst piece 2 in the oven/);
    },
    burst: 1,
  },
  {
    name: 'Lentil and dill',
    mishap: async (page) => {
      await page.keyboard.press('l');
      await expect(inPot(page)).toHaveCount(0);
      await page.keyboard.press('u');
      await expect(inPot(page)).toHaveCount(4);
    },
    burst: 0,
  },
  {
    name: 'Mushroom and barley',
    mishap: async (page) => {
      const devices = childrenOf(product().state().serverPid);
      expect(devices.length).toBeGreaterThan(0);
      devices.forEach((pid) => process.kill(pid, 'SIGSTOP'));
      await expect(page.getByText('no reading')).toBeVisible({ timeout: 20_000 });
      devices.forEach((pid) => process.kill(pid, 'SIGCONT'));
      await expect(page.getByTestId('oil-now')).toHaveText(/^\d+$/);
    },
    burst: 0,
  },
  {
    name: 'Smoked mackerel',
    mishap: async (page) => {
      await followAdvice(page, lifts(1));
      await page.getByRole('button', { name: 'Paler' }).click();
      await expect(page.getByText(/^Pieces brown \d+ % slower than planned/)).toBeVisible();
    },
    burst: 0,
  },
  {
    name: 'Pear and ginger',
    mishap: async (page) => {
      // Dropped with the others by mistake: taken back, three go in, the fourth two minutes later.
      await page.keyboard.press('u');
      await expect(inPot(page)).toHaveCount(0);
      await page.getByRole('button', { name: 'One fewer' }).click();
      await page.keyboard.press('d');
      await expect(inPot(page)).toHaveCount(3);
      await page.waitForTimeout(2000);
      await page.keyboard.press('d');
      await expect(inPot(page)).toHaveCount(4);
    },
    burst: 0,
  },
];

/** What the stove was found to be like, against the pot it really is: within a tenth. */
async function stoveIsLearnt(page: Page, id: string): Promise<void> {
  const { kitchen } = await read<{ kitchen: Kitchen }>(`/batches/${id}/stove`);
  const { efficiency, lossWPerK } = kitchen.pot;
  await page.getByRole('button', { name: 'More', exact: true }).click();
  const sheet = page.getByRole('dialog', { name: 'More' });
  await expect(async () => {
    const found = async (text: RegExp) =>
      Number(text.exec(await sheet.getByText(text).innerText({ timeout: 1000 }))![1]);
    const share = await found(/^(\d+) .* of the ring’s power reaches the oil/);
    const loss = await found(/^The pot loses ([\d.]+) /);
    expect(Math.abs(share / 100 / efficiency - 1)).toBeLessThan(0.1);
    expect(Math.abs(loss / lossWPerK - 1)).toBeLessThan(0.1);
  }).toPass({ timeout: 30_000 });
  await page.keyboard.press('Escape');
  await expect(sheet).toHaveCount(0);
}

test('the supper in one oil, at sixty times, in the order that is safe: each ends in the ledger as core adds it up', async ({
  page,
}) => {
  const ids = new Map<string, string>();
  for (const { name } of SUPPER) ids.set(name, await oneLot(name));
  const { order } = await read<{ order: FryOrder }>(`/oils/order/${[...ids.values()][0]}`);
  const inTurn = order.places.map(({ job }) => SUPPER.find(({ name }) => ids.get(name) === job.id)!);
  expect(inTurn).toHaveLength(5);
  // Four eat no fish and one must not: it comes after all the others.
  expect(inTurn[4]!.name).toBe('Smoked mackerel');
  await watchForDanger(page);
  await page.goto(`/fire/${ids.get(inTurn[0]!.name)}`);
  for (const [turn, { name, mishap, burst }] of inTurn.entries()) {
    const id = ids.get(name)!;
    await expect(page).toHaveURL(new RegExp(`/fire/${id}$`));
    await startStove(page, '60 times');
    // Straight on in the same oil: it need not be heated anew.
    const { startC } = await read<{ startC: number | null }>(`/batches/${id}/stove`);
    if (turn === 0) expect(startC).toBeNull();
    else expect(startC!).toBeGreaterThan(60);
    // The list may change under the hand: what counts is that they are in.
    for (let tries = 0; tries < 5 && (await inPot(page).count()) === 0; tries++) await followAdvice(page, drops(1));
    await expect(inPot(page)).toHaveCount(PIECES);
    if (turn === 0) await stoveIsLearnt(page, id);
    await mishap(page);
    const tally = page.getByRole('region', { name: 'Tally' });
    const isOut = async () => {
      const text = (await tally.textContent()) ?? '';
      return text.includes('in the oil0') && text.includes('to fry0');
    };
    for (let tries = 0; tries < 5 && !(await isOut()); tries++)
      await followAdvice(page, (done) => done.includes('finish'), 60_000).catch(() => undefined);
    await expect(tally).toContainText('to fry0');
    await expect(tally).toContainText('in the oil0');
    const after = inTurn[turn + 1];
    const end = after ? { name: new RegExp(`^Finish, then ${after.name}`) } : { name: 'Finish the batch', exact: true };
    await page.getByRole('button', end).click();
    // For what comes next the oil is kept hot; after the last it is asked about.
    if (!after) await page.getByRole('button', { name: 'Finish all the same' }).click();
    await expect.poll(async () => (await fetch(`${product().address}/api/ledger/${id}`)).status).toBe(200);
    const record = await read<Record>(`/ledger/${id}`);
    const figures = ledgerFigures(record.acts, record.readings, PIECES, record.draft.trays.A!.fry.oilC);
    expect(record.figures).toEqual(figures);
    expect([figures.fried, figures.burst, figures.notFried]).toEqual([PIECES - burst, burst, 0]);
  }
  await expect(page).toHaveURL(/\/ledger\//);
  await expect(page.getByRole('row', { name: /^Pieces / })).toContainText(`${PIECES} whole`);
  const [kept] = await read<{ oil: Oil; state: OilState }[]>('/oils');
  expect(kept!.oil.name).toContain('Sunflower');
  expect(kept!.state.allergens).toContain('fish');
  expect(kept!.state.uses).toBeGreaterThanOrEqual(8);
});
