import type { Batch, LedgerRecord } from '@ember-fold/core';
import { axeFindsNothing, expect, fitsAcross, read, settled, test } from './kitchen';

interface Row {
  readonly id: string;
  readonly name: string;
}
const rows = async () => (await read<{ rows: readonly Row[] }>('/ledger?most=50')).rows;
const named = async (name: string) => (await rows()).find((row) => row.name === name)!;

test('from a record to the next batch with its one change: judged, on two devices, why, what it should do', async ({
  page,
  context,
}) => {
  const { id } = await named('Squash and sage half-moons, first try');
  await page.goto(`/ledger/${id}`);
  // Somebody who was not there reads what went wrong, why, and what to change.
  const why = page.getByRole('region', { name: 'Why', exact: true });
  await expect(why.getByRole('heading', { name: /^Why: opened in the oil and too dark$/ })).toBeVisible();
  await expect(why.getByRole('listitem').filter({ hasText: 'Flour on the rim' })).toContainText(/\d+ %/);
  await expect(why).toContainText('bench flour left on the rim');
  await axeFindsNothing(page, 'a record');

  // Judged otherwise by one tap; the other device has it, and a reload loses nothing.
  const other = await context.newPage();
  await other.goto(`/ledger/${id}`);
  const how = page.getByRole('region', { name: 'How did they come out?' });
  await how.getByRole('button', { name: 'golden', exact: true }).click();
  await expect(why.getByRole('heading', { name: /^Why: opened in the oil$/ })).toBeVisible();
  const there = other.getByRole('region', { name: 'How did they come out?' });
  await expect(there.getByRole('button', { name: 'golden', exact: true })).toHaveAttribute('aria-pressed', 'true');
  await page.reload();
  await expect(how.getByRole('button', { name: 'golden', exact: true })).toHaveAttribute('aria-pressed', 'true');
  // The same tap takes it back.
  await how.getByRole('button', { name: 'golden', exact: true }).click();
  await expect(how.getByRole('button', { name: 'golden', exact: true })).toHaveAttribute('aria-pressed', 'false');

  await expect(why).toContainText(/Opened: 1 in \d+ → about 1 in \d+/);
  await page.getByRole('button', { name: 'Next batch with this change' }).click();
  await settled(page);
  const next = (await read<Batch>(`/batches/${page.url().split('/').at(-2)!}`)).draft;
  expect(next.trying).toMatchObject({ record: id, change: 'brush-rim', mark: 'A' });
  expect(next.trays.A!.seal).toMatchObject({ flouredRim: false });
  const { opened } = next.trying!;
  expect(opened!.after).toBeLessThan(opened!.before);
  expect(opened!.low).toBeLessThan(opened!.high);
});

test('side by side: what can be told from eight pieces each is told, and no more', async ({ page }) => {
  const { id } = await named('Pear and ginger rounds, washed and not');
  await page.goto(`/ledger/${id}`);
  const both = page.getByRole('region', { name: 'Side by side' });
  await expect(both.getByRole('row').filter({ hasText: 'Not washed' })).toContainText('pale');
  await expect(both).toContainText('None opened in either: they cannot be told apart by it.');
  await expect(both).toContainText('Liking cannot be told apart from one score each.');
  const record = await read<LedgerRecord>(`/ledger/${id}`);
  expect(record.looks.looks.eatenFirst).toBe('B');
  await page.setViewportSize({ width: 390, height: 844 });
  await expect(both).toBeVisible();
  await fitsAcross(page, 'a record on a phone');
  await axeFindsNothing(page, 'a record on a phone');
});

test('two records beside one another: traces from the drop, figures against the first, one taken out', async ({
  page,
}) => {
  const { id } = await named('Squash and sage half-moons, first try');
  await page.goto(`/ledger/${id}`);
  await page.getByRole('link', { name: 'Compare with another' }).click();
  await page.getByRole('button', { name: /Add a record/ }).click();
  await page.getByRole('option', { name: /^Squash and sage half-moons, summer/ }).click();
  const beside = page.getByRole('region', { name: 'Compare' });
  await expect(beside.getByRole('img', { name: /^Oil over time.*first try and .*summer$/ })).toBeVisible();
  await expect(beside.getByRole('row').filter({ hasText: 'Opened' })).toContainText(/10 %.*0 %/);
  await expect(beside.getByRole('row').filter({ hasText: 'In the oil' })).toContainText(/% (more|less)/);
  await axeFindsNothing(page, 'compare');
  await page.setViewportSize({ width: 390, height: 844 });
  await fitsAcross(page, 'compare on a phone');
  // The address holds them: a reload shows the same.
  await page.reload();
  await page.getByRole('button', { name: 'Take Squash and sage half-moons, first try out' }).click();
  await expect(beside.getByRole('columnheader')).toHaveCount(1);
});
