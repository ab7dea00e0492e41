import { type Kitchen } from '@ember-fold/core';
import {
  axeFindsNothing,
  expect,
  go,
  isSaved,
  measureByCup,
  plannedBatch,
  read,
  settled,
  station,
  test,
  trayAt,
  type,
} from './kitchen';

test('grams and cups, °C and °F, clock and money are one setting for the kitchen', async ({ page }) => {
  const { id } = (await read<{ id: string; name: string }[]>('/batches')).find(({ name }) =>
    name.startsWith('Squash'),
  )!;
  await go(page, `/bench/${id}/dough`);
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

test('a US kitchen by phone: inches and ounces are typed', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const id = await plannedBatch('By the cup', 12);
  await measureByCup();
  await go(page, `/bench/${id}/fold`);
  await settled(page);
  await type(page, 'Disc', '4 1/2');
  await expect(station(page, 'Fold and seal')).toContainText('4 1/2 in disc');
  await type(page, 'Rolled thickness', '1/8"');
  await expect(station(page, 'Fold and seal')).toContainText('1/8 in');
  await type(page, 'Filling each', '1.25');
  await isSaved(page);
  const { fold } = await trayAt(id);
  expect([fold.discM, fold.thicknessM, fold.fillingEachKg].map((one) => Number(one.toFixed(5)))).toEqual([
    0.1143, 0.00317, 0.03544,
  ]);
  await type(page, 'Disc', 'wide');
  await expect(page.getByText('inches such as 4 1/2 or 3/32')).toBeVisible();
  await axeFindsNothing(page, 'fold in inches');
});
