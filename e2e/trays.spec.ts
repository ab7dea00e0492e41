import {
  type BatchDraft,
  type LedgerRecord,
  type StoredItem,
  withFamily,
  withShape,
  withWorkedFormula,
} from '@ember-fold/core';
import type { Locator, Page } from '@playwright/test';
import { randomUUID } from 'node:crypto';
import {
  axeFindsNothing,
  expect,
  fitsAcross,
  go,
  isSaved,
  lightStove,
  NOT_STARTED,
  plannedBatch,
  product,
  read,
  settled,
  station,
  test,
} from './kitchen';

test.use({ calm: [NOT_STARTED] });
test.setTimeout(90_000);
test.beforeEach(({ page }) => page.setDefaultTimeout(8000));

const batchAt = async (id: string) => (await read<{ draft: BatchDraft }>(`/batches/${id}`)).draft;
const recordAt = (id: string) => read<LedgerRecord>(`/ledger/${id}`);
const trayRow = (dialog: Locator, mark: string) => dialog.getByRole('group', { name: `Tray ${mark}`, exact: true });

/** Opens a batch on a station, and its trays. */
async function openTrays(page: Page, id: string): Promise<Locator> {
  await go(page, `/bench/${id}/fold`);
  await settled(page);
  await page.getByRole('button', { name: 'Trays', exact: true }).click();
  return page.getByRole('dialog', { name: 'Trays' });
}

async function choose(page: Page, from: Locator, label: RegExp, option: string): Promise<void> {
  await from.getByRole('button', { name: label }).click();
  await page.getByRole('option', { name: option, exact: true }).click();
}

async function setCount(row: Locator, pieces: number): Promise<void> {
  const field = row.getByRole('textbox', { name: 'Pieces' });
  await field.fill(String(pieces));
  await field.press('Tab');
}

const addTray = (dialog: Locator) => dialog.getByRole('button', { name: /^Add a tray/ }).click();

async function closeTrays(page: Page, dialog: Locator): Promise<void> {
  await dialog.getByRole('button', { name: 'Done' }).click();
  await settled(page);
  await isSaved(page);
}

/** Notes what was measured at the step that is shown. */
async function measure(now: Locator, name: string, value: string): Promise<void> {
  const row = now.getByRole('group', { name, exact: true });
  await row.getByRole('textbox', { name }).fill(value);
  await row.getByRole('textbox', { name }).press('Tab');
  await row.getByRole('button', { name: /^Record / }).click();
  await expect(row.getByRole('status')).toContainText('Noted');
}

/**
 * Tells every step done, as they come.
 * @param at what else is done at a step, by its key
 * @returns what each was called
 */
async function runSheet(
  page: Page,
  id: string,
  at: Readonly<Record<string, (now: Locator) => Promise<void>>> = {},
): Promise<string[]> {
  await go(page, `/cook/${id}`);
  const done: string[] = [];
  const now = page.locator('[data-step]');
  await expect(now).toBeVisible();
  while (await now.isVisible()) {
    const step = (await now.getAttribute('data-step'))!;
    done.push(await now.getByRole('heading', { level: 2 }).innerText());
    if (step === 'heat' || step === 'fry') break;
    await at[step]?.(now);
    await now.getByRole('button', { name: 'Done', exact: true }).click();
    await expect(page.locator(`[data-step="${step}"]`)).toHaveCount(0);
  }
  return done;
}

/** Eight batches use an oil up, and this file fries more: what is worn is poured away, and the pot holds fresh oil. */
async function pourWornAway(): Promise<void> {
  const kept = await read<{ oil: { id: string }; state: { advice: string; isGone: boolean } }[]>('/oils');
  for (const { oil, state } of kept) {
    if (state.isGone || (state.advice !== 'discard' && state.advice !== 'last-time')) continue;
    const answer = await fetch(`${product().address}/api/oils/${oil.id}/events`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ id: randomUUID(), kind: 'poured-away' }),
    });
    expect(answer.status).toBe(201);
  }
}

/** Every piece into the oil and out again, as fast as a hand can tap; then the batch is over. */
async function fryAll(page: Page, id: string): Promise<void> {
  await pourWornAway();
  await go(page, `/stove/${id}`);
  await page.getByText('60 times', { exact: true }).click();
  await lightStove(page);
  const piece = page.getByRole('button', { name: /^Piece \d+/ });
  const toFry = page.getByRole('region', { name: 'Tally' }).getByText('to fry');
  await expect(toFry).toBeVisible();
  for (let load = 0; load < 40; load++) {
    const drop = page.getByRole('button', { name: /^Dropped/ });
    if (!(await drop.isEnabled())) break;
    await drop.click();
    await expect(piece.first()).toBeVisible();
    await page.getByRole('button', { name: /^Taken out/ }).click();
    await expect(piece).toHaveCount(0);
  }
  await page.getByRole('region', { name: 'Tally' }).getByRole('button', { name: 'Finish the batch' }).click();
  const all = page.getByRole('dialog').getByRole('button', { name: 'Finish anyway' });
  if (await all.isVisible().catch(() => false)) await all.click();
  await expect(page).toHaveURL(new RegExp(`/ledger/${id}$`));
}

test('three fillings from one rich yeast dough, baked: each tray its own, one dough, one oven; it ends in the ledger', async ({
  page,
}) => {
  const id = await plannedBatch('Three from one dough', 8, 'pear-ginger', (draft) =>
    withWorkedFormula(withFamily(draft, 'yeast')),
  );
  const dialog = await openTrays(page, id);
  await addTray(dialog);
  await addTray(dialog);
  for (const mark of ['A', 'B', 'C']) {
    await choose(page, trayRow(dialog, mark), /What happens to them/, 'Baked today');
    if (mark !== 'A') await choose(page, trayRow(dialog, mark), /Filling/, 'a filling of its own');
  }
  await trayRow(dialog, 'B')
    .getByRole('textbox', { name: /Name of this tray/ })
    .fill('With more ginger');
  await axeFindsNothing(page, 'trays of a batch');
  await closeTrays(page, dialog);
  const strip = page.getByRole('navigation', { name: 'Trays' });
  await expect(strip.getByRole('link')).toHaveCount(3);
  // Another filling for one tray leaves the others as they were.
  await strip.getByRole('link', { name: /With more ginger/ }).click();
  await page
    .getByRole('navigation', { name: 'The line' })
    .getByRole('link', { name: /^Filling/ })
    .click();
  await settled(page);
  const before = await batchAt(id);
  const ginger = page.getByRole('textbox', { name: /ginger/i }).first();
  await ginger.fill('20');
  await ginger.press('Tab');
  await settled(page);
  await isSaved(page);
  const after = await batchAt(id);
  expect(Object.keys(after.fillings)).toEqual(['A', 'B', 'C']);
  expect([after.fillings.A, after.fillings.C]).toEqual([before.fillings.A, before.fillings.C]);
  expect(after.fillings.B).not.toEqual(before.fillings.B);
  // The third goes in part-frozen: its portions are shaped first.
  await strip.getByRole('link', { name: /Tray C/ }).click();
  await page.getByRole('navigation', { name: 'The line' }).getByRole('link', { name: /^Fold/ }).click();
  await page.getByRole('button', { name: 'Seal and coating' }).click();
  await page.getByRole('radiogroup', { name: 'Filling goes in' }).getByText('part-frozen').click();
  await page.keyboard.press('Escape');
  await expect(page.getByText(/^Shape the filling into portions of/)).toBeVisible();
  await settled(page);
  await isSaved(page);
  // One dough for all three, and the oven on the line.
  await expect(station(page, 'Bake')).toContainText('190 °C');
  await page.getByRole('navigation', { name: 'The line' }).getByRole('link', { name: /^Bake/ }).click();
  await expect(page.getByText(/^Golden and cooked through after|^They are/).first()).toBeVisible();
  await axeFindsNothing(page, 'a tray that is baked');
  const ovens = async () =>
    (await read<{ kitchen: { ovenSeen?: number[] } }>('/kitchen')).kitchen.ovenSeen?.length ?? 0;
  const ovensBefore = await ovens();
  const done = await runSheet(page, id, {
    'mix-dough': async (now) => {
      await measure(now, 'Liquid as poured', '48');
      await expect(now.getByText(/^Liquid at 48 °C weakens the yeast/)).toBeVisible();
      await measure(now, 'Liquid as poured', '60');
      await expect(now.getByText(/^Liquid at 60 °C kills the yeast/)).toBeVisible();
      await now
        .getByRole('group', { name: 'Liquid as poured' })
        .getByRole('button', { name: /^As planned/ })
        .click();
      await expect(now.getByText(/the yeast/).last()).not.toContainText('kills');
      await measure(now, 'Dough after kneading', '29');
      await expect(now.getByText(/^The dough was at 29 °C after kneading/)).toBeVisible();
      await expect(page.getByText(/^The dough doubles in .* instead of/)).toBeVisible();
    },
    bake: (now) => measure(now, 'Golden after', '24:00'),
  });
  await expect.poll(ovens).toBe(ovensBefore + 1);
  expect(done.filter((name) => name.startsWith('Cook the filling'))).toHaveLength(3);
  expect(done).toEqual(expect.arrayContaining(['Shape the filling, Tray C', 'Filling firms in the freezer, Tray C']));
  expect(done).toEqual(expect.arrayContaining(['Dough rests', 'Filled pieces rise', 'Bake', 'Drain and serve']));
  expect(done.filter((name) => name === 'Make the dough')).toHaveLength(1);
  await page.getByRole('button', { name: 'Finish the batch' }).click();
  await expect(page).toHaveURL(new RegExp(`/ledger/${id}$`));
  expect((await recordAt(id)).figures).toMatchObject({ baked: 24, fried: 0 });
});

test('two loads of hot-water dough, a hundred pieces frozen; 24 of them fried on another day', async ({ page }) => {
  const id = await plannedBatch('A hundred ahead', 100, 'mushroom-barley');
  const dialog = await openTrays(page, id);
  await choose(page, trayRow(dialog, 'A'), /What happens to them/, 'Frozen raw');
  await closeTrays(page, dialog);
  await go(page, `/bench/${id}/dough`);
  await settled(page);
  const loads = page.getByRole('textbox', { name: 'Dough portions' });
  await loads.fill('9');
  await loads.press('Tab');
  await expect(loads).toHaveAttribute('aria-invalid', 'true');
  await loads.fill('2');
  await loads.press('Tab');
  await settled(page);
  await isSaved(page);
  await expect(station(page, 'Freeze')).toContainText('100 stored');
  const done = await runSheet(page, id, {
    'mix-dough': async (now) => {
      const planned = await now
        .getByRole('button', { name: /^As planned/ })
        .last()
        .innerText();
      const grams = Number(/([\d\s]+) g/.exec(planned)![1]!.replace(/\s/g, ''));
      await measure(now, 'Dough without its pot', String(grams - 90));
      await expect(page.getByText(/You will be .* of dough short|^Dough stiffer/).first()).toBeVisible();
    },
  });
  expect(done).toEqual(expect.arrayContaining(['Make the dough, portion 1', 'Make the dough, portion 2']));
  expect(done).toContain('Store for another day');
  await page.getByRole('button', { name: 'Finish the batch' }).click();
  await expect(page).toHaveURL(new RegExp(`/ledger/${id}$`));

  await go(page, '/store/freezer');
  const item = page.getByRole('listitem').filter({ hasText: 'A hundred ahead' });
  await expect(item).toContainText('100 of 100');
  await axeFindsNothing(page, 'the freezer');
  await item.getByRole('textbox', { name: 'How many' }).fill('24');
  await item.getByRole('textbox', { name: 'How many' }).press('Tab');
  await item.getByRole('button', { name: 'Plan a batch with them' }).click();
  await expect(page).toHaveURL(/\/bench\/[^/]+\/fry/);
  const later = /\/bench\/([^/]+)\//.exec(page.url())![1]!;
  await settled(page);
  await expect(station(page, 'Dough')).toContainText('out of the Store');
  await expect(page.getByText(/^Wipe frost off every frozen piece/)).toBeVisible();
  const left = async () =>
    (await read<StoredItem[]>('/store/stored')).find(({ name }) => name === 'A hundred ahead')!.left;
  expect(await left()).toBe(76);
  expect(await runSheet(page, later)).toEqual(['Heat the oil']);
  await fryAll(page, later);
  expect((await recordAt(later)).figures).toMatchObject({ fried: 24, notFried: 0 });
  expect(await left()).toBe(76);
});

test('eight plain and six strong breads in one oil: the strong ones last, each piece with the mark of its tray', async ({
  page,
}) => {
  const id = await plannedBatch('Plain and strong breads', 8, 'squash-sage', (draft) =>
    withShape(draft, 'puffed-bread'),
  );
  const dialog = await openTrays(page, id);
  await addTray(dialog);
  await choose(page, trayRow(dialog, 'B'), /Filling/, 'no filling');
  await setCount(trayRow(dialog, 'B'), 8);
  await setCount(trayRow(dialog, 'A'), 6);
  await closeTrays(page, dialog);
  await go(page, `/bench/${id}/filling?tray=A`);
  await settled(page);
  await page.getByText('Strong smell or taste: fry it last').click();
  await settled(page);
  await isSaved(page);
  await go(page, `/bench/${id}/filling?tray=B`);
  await settled(page);
  await expect(station(page, 'Filling')).toContainText('pieces without a filling');
  await fryAll(page, id);
  const record = await recordAt(id);
  expect(record.trays.map(({ mark, first, figures }) => [mark, first, figures.fried])).toEqual([
    ['B', 1, 8],
    ['A', 9, 6],
  ]);
  await expect(page.getByRole('group', { name: 'The trays side by side' })).toContainText('8 whole');
  await page.setViewportSize({ width: 390, height: 844 });
  await expect(() => fitsAcross(page, 'a record of two trays on a phone')).toPass({ timeout: 5000 });
});

test('cups with lids, three of them washed: side by side in the oil and in the ledger, from one pan of filling', async ({
  page,
}) => {
  const id = await plannedBatch('Washed and not', 9, 'pear-ginger', (draft) => withShape(draft, 'cup'));
  const dialog = await openTrays(page, id);
  await addTray(dialog);
  await setCount(trayRow(dialog, 'B'), 3);
  await trayRow(dialog, 'B')
    .getByRole('textbox', { name: /Name of this tray/ })
    .fill('Washed');
  await closeTrays(page, dialog);
  await page
    .getByRole('navigation', { name: 'Trays' })
    .getByRole('link', { name: /Washed/ })
    .click();
  await page.getByRole('button', { name: 'Seal and coating' }).click();
  await page.getByRole('radiogroup', { name: 'Wet' }).getByText('egg', { exact: true }).click();
  await page.keyboard.press('Escape');
  await settled(page);
  await isSaved(page);
  const draft = await batchAt(id);
  expect([draft.trays.A!.coating, draft.trays.B!.coating?.wet]).toEqual([undefined, 'egg']);
  expect(Object.keys(draft.fillings)).toEqual(['A']);
  const done = await runSheet(page, id);
  expect(done.filter((name) => name === 'Cook the filling')).toHaveLength(1);
  await fryAll(page, id);
  const table = page.getByRole('group', { name: 'The trays side by side' });
  await expect(table.getByRole('columnheader')).toHaveText(['figure', 'Tray A', 'Washed']);
  const { trays } = await recordAt(id);
  expect(trays.map(({ figures }) => figures.fried)).toEqual([9, 3]);
  await page.getByRole('button', { name: 'Cook again with the actual values' }).click();
  await expect(page).toHaveURL(/\/bench\//);
  await settled(page);
  await expect(page.getByRole('navigation', { name: 'Trays' }).getByRole('link')).toHaveCount(2);
});

test('wrapped eggs, rolls from a stack of sheets, balls with syrup: steps of one’s own stand in their place', async ({
  page,
}) => {
  const cases = [
    { name: 'Wrapped eggs', shape: 'whole-core', own: 'Boil, cool and dry the eggs', before: 'rolling and folding' },
    { name: 'Rolls from sheets', shape: 'roll', own: 'Stack, cook and peel the sheets', before: 'rolling and folding' },
    { name: 'Balls with syrup', shape: 'ball', own: 'Warm the syrup, not hot', before: 'serving' },
  ] as const;
  for (const { name, shape, own, before } of cases) {
    const id = await plannedBatch(name, 4, 'squash-sage', (draft) =>
      withShape(shape === 'roll' ? withFamily(draft, 'thin-sheet') : draft, shape),
    );
    await go(page, `/bench/${id}/serve`);
    await settled(page);
    await page.getByRole('button', { name: 'Steps of your own' }).click();
    const dialog = page.getByRole('dialog', { name: 'Steps of your own' });
    await dialog.getByRole('button', { name: 'Add a step' }).click();
    await dialog.getByRole('textbox', { name: 'What you do' }).fill(own);
    await choose(page, dialog, /Before/, before);
    const takes = dialog.getByRole('textbox', { name: 'Takes' });
    for (const bad of ['0', '30 h']) {
      await takes.fill(bad);
      await takes.press('Tab');
      await expect(takes).toHaveAttribute('aria-invalid', 'true');
    }
    await takes.fill('25 min');
    await takes.press('Tab');
    await dialog.getByRole('button', { name: 'Done' }).click();
    await settled(page);
    await isSaved(page);
    await expect(page.getByRole('list', { name: 'Steps' })).toContainText(own);
    const done = await runSheet(page, id);
    // What is served with them comes after the pot: it stands among the next steps.
    if (before === 'serving') await expect(page.getByRole('list', { name: 'Next' })).toContainText(own);
    else if (shape === 'whole-core') expect(done).toContain('Dry the filling pieces');
    if (before !== 'serving')
      expect(done.indexOf(own)).toBeLessThan(done.findIndex((step) => step.startsWith('Roll and cut')));
    await fryAll(page, id);
    expect((await recordAt(id)).figures).toMatchObject({ fried: 4, notFried: 0 });
  }
});
