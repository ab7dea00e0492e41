import type { Kitchen } from '@ember-fold/core';
import { expect, isSaved, read, trayAt, settled, station, test, type } from './kitchen';

test('grams and cups, °C and °F, clock and money are one setting for the kitchen', async ({ page }) => {
  const [{ id }] = await read<[{ id: string }]>('/batches');
  await page.goto(`/bench/${id}/dough`);
  await settled(page);
  await page.getByRole('button', { name: /^Units/ }).click();
  await page.getByText('cups and spoons').click();
  await page.getByText('°F', { exact: true }).click();
  // The same water, measured with a smaller cup, is more of them.
  const cups = () => page.getByRole('textbox', { name: 'Water' }).inputValue();
  const metric = await cups();
  await page.getByText('237 and 4.9 ml').click();
  await expect.poll(cups).not.toBe(metric);
  await page.getByText('250 and 5 ml').click();
  await expect.poll(cups).toBe(metric);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('textbox', { name: 'Water' })).toHaveValue(/cup/);
  await expect(station(page, 'Fry')).toContainText('316 °F');
  await station(page, 'Fry').click();
  await type(page, 'Oil', '330');
  await expect(station(page, 'Fry')).toContainText('330 °F');
  await isSaved(page);
  expect((await trayAt(id)).fry.oilC).toBeCloseTo(165.56, 1);
  await expect
    .poll(async () => (await read<{ kitchen: Kitchen }>('/kitchen')).kitchen.units, { timeout: 5000 })
    .toBe('cups');
  await page.getByRole('button', { name: /^Units/ }).click();
  await page.getByText('grams', { exact: true }).click();
  await page.getByText('°C', { exact: true }).click();
  // The clock of twelve hours and a sign for money, wherever either is told.
  await page.getByText('12 hours', { exact: true }).click();
  await page.getByText('€', { exact: true }).click();
  await expect(station(page, 'Serve')).toContainText(/start \d{1,2}:\d\d [ap]m/);
  await page.keyboard.press('Escape');
  await station(page, 'Fold and seal').click();
  await expect(page.getByText(/^€\d\.\d\d$/).first()).toBeVisible();
  await expect
    .poll(async () => {
      const { kitchen } = await read<{ kitchen: Kitchen }>('/kitchen');
      return [kitchen.units, kitchen.temperature];
    })
    .toEqual(['grams', 'C']);
});
