import { type Batch, type Learnt, type LedgerRecord, START_GATE } from '@ember-fold/core';
import { randomUUID } from 'node:crypto';
import { axeFindsNothing, expect, fitsAcross, go, plannedBatch, product, read, settled, test } from './kitchen';

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
  await go(page, `/ledger/${id}`);
  // Somebody who was not there reads what went wrong, why, and what to change.
  const why = page.getByRole('region', { name: 'Why', exact: true });
  await expect(why.getByRole('heading', { name: /^Why: burst in the oil and too dark$/ })).toBeVisible();
  await expect(why.getByRole('listitem').filter({ hasText: 'Flour on the rim' })).toContainText(/\d+ %/);
  await expect(why).toContainText('flour left on the rim');
  await axeFindsNothing(page, 'a record');

  // Judged otherwise by one tap; the other device has it, and a reload loses nothing.
  const other = await context.newPage();
  await other.goto(`/ledger/${id}`);
  const how = page.getByRole('region', { name: 'How did they come out?' });
  await how.getByRole('button', { name: 'golden', exact: true }).click();
  await expect(why.getByRole('heading', { name: /^Why: burst in the oil$/ })).toBeVisible();
  const there = other.getByRole('region', { name: 'How did they come out?' });
  await expect(there.getByRole('button', { name: 'golden', exact: true })).toHaveAttribute('aria-pressed', 'true');
  await page.reload();
  await expect(how.getByRole('button', { name: 'golden', exact: true })).toHaveAttribute('aria-pressed', 'true');
  // The same tap takes it back.
  await how.getByRole('button', { name: 'golden', exact: true }).click();
  await expect(how.getByRole('button', { name: 'golden', exact: true })).toHaveAttribute('aria-pressed', 'false');

  await expect(why).toContainText(/Burst: 1 in \d+ → about 1 in \d+/);
  await page.getByRole('button', { name: 'Next batch with this change' }).click();
  await settled(page);
  const next = (await read<Batch>(`/batches/${page.url().split('/').at(-2)!}`)).draft;
  expect(next.trying).toMatchObject({ record: id, change: 'brush-rim', mark: 'A' });
  expect(next.trays.A!.seal).toMatchObject({ flouredRim: false });
  const { burst } = next.trying!;
  expect(burst!.after).toBeLessThan(burst!.before);
  expect(burst!.low).toBeLessThan(burst!.high);
});

test('side by side: what can be told from eight pieces each is told, and no more', async ({ page }) => {
  const { id } = await named('Pear and ginger rounds, washed and not');
  await go(page, `/ledger/${id}`);
  const both = page.getByRole('region', { name: 'Side by side' });
  await expect(both.getByRole('row').filter({ hasText: 'Not washed' })).toContainText('pale');
  await expect(both).toContainText('None burst on either plate, so this says nothing about the seam.');
  await expect(both).toContainText('One score each is too few to say which people prefer.');
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
  await go(page, `/ledger/${id}`);
  await page.getByRole('link', { name: 'Compare with another' }).click();
  await page.getByRole('button', { name: /Add a record/ }).click();
  await page.getByRole('option', { name: /^Squash and sage half-moons, summer/ }).click();
  const beside = page.getByRole('region', { name: 'Compare' });
  await expect(beside.getByRole('img', { name: /^Oil over time.*first try and .*summer$/ })).toBeVisible();
  await expect(beside.getByRole('row').filter({ hasText: 'Burst' })).toContainText(/10 %.*0 %/);
  await expect(beside.getByRole('row').filter({ hasText: 'In the oil' })).toContainText(/% (more|less)/);
  await axeFindsNothing(page, 'compare');
  await page.setViewportSize({ width: 390, height: 844 });
  await fitsAcross(page, 'compare on a phone');
  // The address holds them: a reload shows the same.
  await page.reload();
  await page.getByRole('button', { name: 'Remove Squash and sage half-moons, first try' }).click();
  await expect(beside.getByRole('columnheader')).toHaveCount(1);
});

const send = async (method: string, path: string, body: unknown) => {
  const headers = { 'content-type': 'application/json' };
  const answer = await fetch(`${product().address}/api${path}`, { method, headers, body: JSON.stringify(body) });
  expect([path, answer.ok]).toEqual([path, true]);
};

test('the whole of a record: what mattered, a photo read by its paper, a tag, deleted and put back; what it taught', async ({
  page,
}) => {
  const { id } = await named('Squash and sage half-moons, first try');
  const before = await read<Learnt>('/learnt');
  await go(page, `/ledger/${id}`);
  const mattered = page.getByRole('region', { name: 'What differed, and what it did' });
  await expect(mattered.getByRole('listitem').first()).toContainText(/Time in the oil: .* instead of .*darker/);
  const whole = page.getByRole('region', { name: 'From flour to table' });
  await expect(whole.getByRole('row').filter({ hasText: 'Energy used by the burner' })).toContainText(/kWh/);
  await expect(whole.getByRole('row').filter({ hasText: 'Liquid poured' })).toContainText(/\d+ g.*\d+ g/);

  // A plate with three brown pieces beside a sheet of paper, under a warm lamp.
  const png = await page.evaluate(() => {
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [640, 480];
    const draw = canvas.getContext('2d')!;
    const lamp = (r: number, g: number, b: number) => `rgb(${0.95 * r} ${0.86 * g} ${0.72 * b})`;
    draw.fillStyle = lamp(90, 100, 115);
    draw.fillRect(0, 0, 640, 480);
    draw.fillStyle = lamp(243, 243, 243);
    draw.fillRect(40, 20, 420, 130);
    draw.fillStyle = lamp(0x98, 0x53, 0x1f);
    for (const x of [120, 300, 480]) {
      draw.beginPath();
      draw.ellipse(x, 320, 70, 50, 0, 0, 7);
      draw.fill();
    }
    return canvas.toDataURL('image/png').split(',')[1]!;
  });
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Read it from a photo' }).click();
  await (await chooser).setFiles({ name: 'plate.png', mimeType: 'image/png', buffer: Buffer.from(png, 'base64') });
  await expect(page.getByText(/^3 pieces: (brown|deep golden), /)).toBeVisible();
  await page.getByRole('button', { name: 'Use this colour' }).click();
  await expect(page.getByRole('img', { name: 'Photo of the fried pieces' })).toBeVisible();
  await expect.poll(async () => (await read<LedgerRecord>(`/ledger/${id}`)).looks.looks.trays.A!.photo?.pieces).toBe(3);
  await axeFindsNothing(page, 'a record with a photo');

  await page.getByRole('textbox', { name: 'Add a tag' }).fill('Market');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('list', { name: 'Tags' }).getByText('market')).toBeVisible();
  await page.getByRole('button', { name: 'Delete this record' }).click();
  await expect(page.getByText('“Squash and sage half-moons, first try” is deleted.')).toBeVisible();
  expect(await named('Squash and sage half-moons, first try')).toBeUndefined();
  expect((await read<Learnt>('/learnt')).bursts!['half-moon']!.count).toBe(before.bursts!['half-moon']!.count - 1);
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: /^market 1$/ }).click();
  await expect(page.getByRole('list', { name: 'Finished batches' }).getByRole('listitem')).toHaveCount(1);
  await axeFindsNothing(page, 'the ledger');

  // What it taught stands in the Store, and can be put back to what is usual.
  await go(page, '/store/learnt');
  await page.getByRole('button', { name: /^Use the usual figure: How often pieces burst/ }).click();
  await expect(page.getByRole('button', { name: /^Use the learnt figure: How often pieces burst/ })).toBeVisible();
  expect((await read<Learnt>('/learnt')).bursts).toBeUndefined();
  await page.getByRole('button', { name: /^Use the learnt figure: How often pieces burst/ }).click();
  await axeFindsNothing(page, 'what was learnt');
  await page.setViewportSize({ width: 390, height: 844 });
  await fitsAcross(page, 'what was learnt');
});

test('a test is planned: two trays that differ by one thing, judged blind, named when both are judged', async ({
  page,
}) => {
  const id = await plannedBatch('Tested', 12);
  await go(page, `/bench/${id}/fold`);
  await settled(page);
  // Where the figures come from is one tap away.
  await page.getByRole('button', { name: 'Where figures come from' }).click();
  await expect(page.getByRole('list', { name: 'Where figures come from' })).toContainText(/Speed of browning.*learnt/);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Trays', exact: true }).click();
  await page.getByRole('button', { name: 'Plan a test' }).click();
  const sheet = page.getByRole('dialog', { name: 'Side by side: one thing changed' });
  await expect(sheet.getByRole('status')).toContainText('No home batch is big enough to show that difference');
  await sheet.getByRole('button', { name: 'Make the two trays' }).click();
  await expect.poll(async () => (await read<Batch>(`/batches/${id}`)).draft.test?.blind).toBe(true);
  const { draft } = await read<Batch>(`/batches/${id}`);
  expect(draft.trays.B!.pieces).toBe(draft.trays.A!.pieces);

  // Fried in one go; then nobody is told which plate is which.
  await send('POST', `/batches/${id}/stove`, { speed: 60, gate: START_GATE });
  const all = Array.from({ length: 12 }, (_, i) => i + 1);
  await send('POST', `/batches/${id}/stove/acts`, { id: randomUUID(), atS: 1, kind: 'drop', pieces: all });
  await send('POST', `/batches/${id}/stove/acts`, { id: randomUUID(), atS: 2, kind: 'take-out', pieces: all });
  await send('POST', `/batches/${id}/stove/finish`, {});
  await go(page, `/ledger/${id}`);
  const hidden = page.getByText('Judge both plates first.');
  await expect(hidden).toBeVisible();
  await expect(page.getByText('Press the air out')).toHaveCount(0);
  for (const n of [1, 2]) {
    const plate = page.getByRole('region', { name: `How did plate ${n} come out?` });
    await plate.getByRole('button', { name: 'Add a score of 4' }).click();
    if (n === 1) await expect(hidden).toBeVisible();
  }
  await expect(hidden).toBeHidden();
  const both = page.getByRole('region', { name: 'Side by side' });
  await expect(both).toContainText('Press the air out from the fold');
  await expect(both).toContainText('These scores cannot tell');
});
