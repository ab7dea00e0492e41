import type { Learnt, LedgerRecord } from '@ember-fold/core/ledger';
import type { Batch } from '@ember-fold/core/plan';
import { axeFindsNothing, expect, fitsAcross, go, read, settled, test } from './kitchen';

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
