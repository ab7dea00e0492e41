import type { Batch, BatchSummary } from '@ember-fold/core/plan';
import type { Supper } from '@ember-fold/core/supper';
import { expect, go, goesAway, plannedBatch, read, settled, test, type } from './kitchen';

interface Row {
  readonly id: string;
  readonly supper: Supper;
}
const supperNamed = async (name: string) => (await read<Row[]>('/suppers')).find(({ supper }) => supper.name === name);
const batch = async (id: string) => await read<Batch>(`/batches/${id}`);

test('a supper of one’s own: guests, two times, batches that go with theirs; who has nothing is said; on two pages', async ({
  page,
  context,
}) => {
  const leeks = await plannedBatch('Ropes for the feast', 12, 'mackerel-leek');
  await go(page, '/table');
  await page.getByRole('button', { name: 'New supper' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Supper' })).toBeVisible();
  await page.getByRole('textbox', { name: 'Name of the supper' }).fill('Feast of lamps');
  await page.keyboard.press('Tab');
  // The page is drawn anew when the name is stored; a press that is under way then would be lost.
  await expect(page.getByRole('heading', { level: 1, name: 'Feast of lamps' })).toBeVisible();
  // Those who usually eat here are at the table already.
  await expect(page.getByRole('heading', { name: '26 at the table' })).toBeVisible();
  // What each group would eat stands under its row, and moves the rows when it comes.
  const eats = page.getByRole('region', { name: 'Everyone eats' });
  await expect(eats).toContainText('0 of 26');
  await page.getByRole('button', { name: /^No fish/ }).click();
  await page.getByRole('button', { name: 'Remove No fish' }).click();
  await page.getByRole('button', { name: /^Neighbours/ }).click();
  await type(page, 'How many', '2');
  await page.getByRole('textbox', { name: 'How many' }).press('Tab');
  await expect(page.getByRole('heading', { name: '7 at the table' })).toBeVisible();
  // Fish alone is nothing for the four vegetarians.
  await page.getByRole('button', { name: 'Add a planned batch' }).click();
  await page.getByRole('option', { name: 'Ropes for the feast' }).click();
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(eats).toContainText(/3 of 7[\s\S]*4 guests have nothing to eat/);
  await expect(page.getByText('Must not have: Ropes for the feast (not part of their diet).')).toBeVisible();
  const { supper: id } = (await batch(leeks)).draft;
  expect(id).toBe((await supperNamed('Feast of lamps'))!.id);

  // A batch planned for it: as many as its guests want, on its day.
  await page.getByRole('button', { name: 'New batch' }).click();
  await page.getByText('A ready-made starter', { exact: true }).click();
  await page.getByText('guests', { exact: true }).click();
  await expect(page.getByRole('textbox', { name: 'Guests' })).toHaveValue('7');
  await expect(page.getByRole('textbox', { name: 'Pieces each' })).toHaveValue('5');
  await page.getByRole('button', { name: 'Plan this batch' }).click();
  await settled(page);
  const made = page.url().split('/').at(-2)!;
  expect((await batch(made)).draft).toMatchObject({ supper: id, eatAt: (await batch(leeks)).draft.eatAt });

  // One day plan for both: one cook, one pot, the fish last into the oil; what waits for it is said.
  await go(page, `/table/${id}`);
  const dayPlan = page.getByRole('region', { name: 'The plan' });
  const atPot = dayPlan.getByRole('list', { name: 'Pot', exact: true }).getByRole('listitem');
  await expect(atPot.first()).toHaveText(/Heat the oil/);
  await expect(atPot.last()).toHaveText('Ropes for the feast');
  await page.setViewportSize({ width: 390, height: 844 });
  await expect(dayPlan.getByRole('listitem').filter({ hasText: 'Drain and serve' })).toBeVisible();
  await page.setViewportSize({ width: 1280, height: 800 });

  // A second time on the table; the ropes are for that one, and go along when it is another hour.
  const other = await context.newPage();
  await other.goto(`/table/${id}`);
  await go(page, `/table/${id}`);
  await expect(eats).toContainText('7 of 7');
  await page.getByRole('button', { name: 'Add another time' }).click();
  const ropes = page.getByRole('listitem').filter({ has: page.getByRole('link', { name: /^Ropes for the feast/ }) });
  await ropes.getByRole('button', { name: /On the table/ }).click();
  await page.getByRole('option').last().click();
  const second = async () => (await supperNamed('Feast of lamps'))!.supper.servings[1]!;
  await expect(async () => expect((await batch(leeks)).draft.eatAt).toBe((await second()).at)).toPass();
  const before = (await second()).at;
  await page.getByRole('spinbutton', { name: /hour.* On the table, 2/ }).press('ArrowUp');
  await expect.poll(async () => Date.parse((await batch(leeks)).draft.eatAt)).toBe(Date.parse(before) + 3_600_000);
  expect((await batch(made)).draft.eatAt).not.toBe((await second()).at);
  // The other page shows it within a second, and sees it go; the batches stay, each by itself.
  await expect(other.getByRole('textbox', { name: 'Name of the supper' })).toHaveValue('Feast of lamps');
  await expect(other.getByRole('button', { name: 'Remove time 2' })).toBeVisible();
  goesAway(id!);
  await page.getByRole('button', { name: 'Delete this supper' }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Delete this supper' }).click();
  await expect(page).toHaveURL(/\/table$/);
  await expect(other.getByRole('heading', { name: 'This supper does not exist' })).toBeVisible();
  const left = await read<BatchSummary[]>('/batches');
  expect(left.filter((one) => [leeks, made].includes(one.id)).map(({ supper }) => supper)).toEqual([
    undefined,
    undefined,
  ]);
});
