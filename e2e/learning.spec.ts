import { type FlourBelief, flourBelief, observeFlour } from '@ember-fold/core';
import { expect, go, isSaved, read, settled, station, test, trayAt } from './kitchen';

const belief = async () =>
  (await read<{ beliefs: Record<string, FlourBelief> }>('/flours')).beliefs['plain-wheat-flour'];

test('what was poured and how it felt moves the next first pour; a dough can be changed or forgotten', async ({
  page,
}) => {
  const batches = await read<{ id: string; name: string }[]>('/batches');
  const { id } = batches.find((batch) => batch.name.startsWith('Squash'))!;
  const draft = await trayAt(id);
  await go(page, `/bench/${id}/dough`);
  await settled(page);
  const log = page.getByRole('region', { name: 'Water log' });
  await expect(log).toContainText('Nothing has been noted about this plain wheat flour yet');
  const stiffness = page.getByRole('img', { name: /^Stiffness/ });
  const before = await stiffness.getAttribute('aria-label');
  await log.getByRole('button', { name: /^Poured 325 g/ }).click();
  for (let i = 0; i < 6; i++) await log.getByRole('button', { name: 'Poured 15 g' }).click();
  await log.getByRole('button', { name: 'Poured 5 g' }).click();
  await log.getByRole('button', { name: 'Undo' }).click();
  await isSaved(page);
  // A half-poured dough survives a reload.
  await page.reload();
  await settled(page);
  await expect(log).toContainText('poured 415 g of');
  const saved = await trayAt(id);
  const pouredKg = saved.dough.poured!.reduce((sum, kg) => sum + kg, 0);
  await log.getByRole('group', { name: 'How it feels' }).getByRole('button', { name: 'right' }).click();
  await expect(log).toContainText(/absorbs [\d.]+ % more water than usual \(± [\d.]+ %\), based on one dough/);
  expect(await belief()).toEqual(
    flourBelief([observeFlour(draft.dough.lines, draft.dough.family, pouredKg, 'right')!]),
  );
  await expect(stiffness).not.toHaveAttribute('aria-label', before!);
  await expect(log.getByRole('button', { name: /^Poured 3[5-9]\d g/ })).toBeVisible();
  // Every other batch with this flour knows it too.
  const other = batches.find((batch) => batch.name.startsWith('Lentil'))!;
  await go(page, `/bench/${other.id}/dough`);
  await settled(page);
  await expect(log).toContainText('based on one dough');
  await log.getByRole('button', { name: 'What was learnt' }).click();
  const sheet = page.getByRole('dialog', { name: /What was learnt/ });
  await expect(sheet.getByRole('img', { name: /% more water than usual/ })).toBeVisible();
  await sheet.getByText('soft', { exact: true }).click();
  await expect.poll(async () => (await belief())?.mean ?? 0).toBeLessThan(0.03);
  await sheet.getByRole('button', { name: 'Forget this dough' }).click();
  await expect(page.getByText('Nothing has been noted about this plain wheat flour yet').first()).toBeVisible();
  expect(await belief()).toBeUndefined();
  await page.keyboard.press('Escape');
  await expect(station(page, 'Dough')).toContainText('g');
});
