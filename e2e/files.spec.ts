import type { DocumentItem, KitchenDocument } from '@ember-fold/core/files';
import type { LedgerRecord } from '@ember-fold/core/ledger';
import type { Page } from '@playwright/test';
import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { axeFindsNothing, expect, fitsAcross, go, read, test } from './kitchen';

// Half a file is refused by the server, and the console says so too.
test.use({ calm: ['status of 400'] });

/** What a button saves, as text. */
async function saved(page: Page, click: () => Promise<void>): Promise<{ name: string; text: string }> {
  const waiting = page.waitForEvent('download');
  await click();
  const file = await waiting;
  return { name: file.suggestedFilename(), text: readFileSync(await file.path(), 'utf8') };
}

/** Drops a file on the page as a hand does. */
async function drop(page: Page, name: string, text: string): Promise<void> {
  const data = await page.evaluateHandle(
    ([file, content]) => {
      const transfer = new DataTransfer();
      transfer.items.add(new File([content!], file!, { type: 'application/json' }));
      return transfer;
    },
    [name, text],
  );
  await page.dispatchEvent('main', 'drop', { dataTransfer: data });
}

test('a kitchen out as a file, dropped on another page, looked at, taken in by choice, undone', async ({ page }) => {
  await go(page, '/store/files');
  const whole = await saved(page, () => page.getByRole('button', { name: 'The whole kitchen, JSON' }).click());
  expect(whole.name).toBe('Sorrel Vane, Quillhaven.json');
  const document = JSON.parse(whole.text) as { -readonly [K in keyof KitchenDocument]: KitchenDocument[K] };
  const table = await saved(page, () => page.getByRole('button', { name: 'Ledger, CSV' }).click());
  expect(table.text.split('\r\n')).toHaveLength(16);

  const batch = document.items.find(({ kind }) => kind === 'batch') as Extract<DocumentItem, { kind: 'batch' }>;
  const brought = { ...batch, id: randomUUID(), cookActs: [], draft: { ...batch.draft, name: 'Brought along' } };
  const renamed = document.items.map((item) => (item.kind === 'formula' ? { ...item, name: `${item.name} II` } : item));
  const bad = { kind: 'stock', id: 'no-such-thing', haveKg: 1, strength: 1 } as const;
  document.items = [...renamed, brought, bad];
  const before = await read('/exchange/kitchen/all');

  await go(page, '/table');
  await expect(page.getByText('Lantern Walk supper').first()).toBeVisible();
  await expect(async () => {
    await drop(page, 'brought.json', JSON.stringify(document));
    await page.waitForURL('**/store/files', { timeout: 2000 });
  }).toPass();
  await expect(page.getByRole('heading', { name: 'New (1)' })).toBeVisible();
  await expect(page.getByText(/no ingredient "no-such-thing"/)).toBeVisible();
  await axeFindsNothing(page, 'import preview');
  await fitsAcross(page, 'import preview');
  expect({ ...((await read('/exchange/kitchen/all')) as object), madeAt: '' }).toEqual({
    ...(before as object),
    madeAt: '',
  });
  // What is new is chosen already; what would replace something is not.
  await page.getByRole('region', { name: 'Different here' }).getByText('All: different here').click();
  await page.getByRole('button', { name: 'Import 18 items' }).click();
  const undo = page.getByRole('button', { name: /^Undo .*1 new, 17 replaced/ });
  await expect(undo).toBeVisible();
  const names = async () => (await read<{ name: string }[]>('/formulas')).map(({ name }) => name);
  expect((await names()).every((name) => name.endsWith(' II'))).toBe(true);
  await undo.click();
  await expect(page.getByText('18 items are back as before.')).toBeVisible();
  expect((await names()).some((name) => name.endsWith(' II'))).toBe(false);

  // Half a file, and one that is none: a sentence, nothing else.
  for (const text of [whole.text.slice(0, 5000), '{"format":"other"}']) {
    await drop(page, 'half.json', text);
    await expect(page.getByRole('alert')).toHaveText(/incomplete|not a file from an Ember Fold kitchen/);
    await page.getByRole('button', { name: 'Cancel' }).click();
  }
});

test('one batch for people and for programs; a thermometer’s file put into a record, with a way back', async ({
  page,
}) => {
  const [batch] = await read<{ id: string; name: string }[]>('/batches');
  await go(page, `/bench/${batch!.id}/serve`);
  const as = async (choice: string) => {
    await page.getByRole('button', { name: 'Save as a file' }).click();
    return await saved(page, () => page.getByRole('menuitem', { name: choice }).click());
  };
  const markdown = await as('To read, Markdown');
  expect(markdown.name).toBe(`${batch!.name}.md`);
  expect(markdown.text).toMatch(/^# .*\n\nMakes \d+ pieces\.\n\n## Dough\n\n- \d+ g /);
  const data = JSON.parse((await as('For other programs, recipe data')).text) as { recipeIngredient: string[] };
  expect(data).toMatchObject({ '@context': 'https://schema.org', '@type': 'Recipe', name: batch!.name });
  expect(data.recipeIngredient.length).toBeGreaterThan(6);

  const { rows } = await read<{ rows: { id: string }[] }>('/ledger');
  const record = async () => await read<LedgerRecord>(`/ledger/${rows[0]!.id}`);
  const was = await record();
  await go(page, `/ledger/${rows[0]!.id}`);
  const readings = await (async () => {
    await page.getByRole('button', { name: 'Save as a file' }).click();
    return await saved(page, () => page.getByRole('menuitem', { name: 'Readings of the oil, CSV' }).click());
  })();
  expect(readings.text.split('\r\n').length).toBe(was.readings.length + 2);
  await page.getByRole('button', { name: 'Readings from a file' }).click();
  const lines = Array.from({ length: 50 }, (_, i) => `18:${10 + i}:00;${140 + (i % 20)},5`);
  const choosing = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Choose a file' }).click();
  await (
    await choosing
  ).setFiles({
    name: 'probe.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(['Zeit;Öl °C', ...lines, 'kaputt;--'].join('\n')),
  });
  const sheet = page.getByRole('dialog');
  await expect(sheet.getByText(/^50 readings over 49 min, .* One line contains no reading: 51\.$/)).toBeVisible();
  await axeFindsNothing(page, 'readings from a file');
  await sheet.getByRole('button', { name: 'Use them in this record' }).click();
  await expect(sheet).toHaveCount(0);
  expect((await record()).readings).toHaveLength(50);
  await go(page, '/store/files');
  await page.getByRole('button', { name: /^Undo .*0 new, 1 replaced/ }).click();
  await expect.poll(async () => (await record()).readings).toEqual(was.readings);

  // The day plan as a drawing: well formed, also with a name that means something in it.
  const [supper] = await read<{ id: string; version: number; supper: { name: string } }[]>('/suppers');
  const odd = `Lantern <b>&"' Walk`;
  await page.request.put(`/api/suppers/${supper!.id}`, {
    data: { version: supper!.version, supper: { ...supper!.supper, name: odd } },
  });
  await go(page, `/table/${supper!.id}`);
  await expect(page.getByRole('heading', { name: odd })).toBeVisible();
  await page.getByRole('button', { name: 'Save as a file' }).click();
  const drawing = page.getByRole('menuitem', { name: 'The plan as a drawing, SVG' });
  await expect(drawing).toBeVisible({ timeout: 20_000 });
  const { text } = await saved(page, () => drawing.click());
  const told = await page.evaluate((source) => {
    const made = new DOMParser().parseFromString(source, 'image/svg+xml');
    return {
      title: made.querySelector('title')?.textContent,
      bars: made.querySelectorAll('g > rect').length,
      wrong: made.querySelectorAll('parsererror').length,
    };
  }, text);
  expect(told).toMatchObject({ wrong: 0, title: expect.stringContaining(odd) });
  expect(told.bars).toBeGreaterThan(20);
});
