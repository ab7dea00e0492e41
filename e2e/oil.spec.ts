import { batchOf, newTray, type Supper } from '@ember-fold/core';
import { randomUUID } from 'node:crypto';
import { axeFindsNothing, expect, go, product, read, settled, test } from './kitchen';

interface Kept {
  readonly oil: { readonly id: string; readonly name: string };
  readonly state: { readonly advice: string; readonly uses: number; readonly isGone: boolean };
}
const oils = () => read<Kept[]>('/oils');

test('oil through its life: looked at, refused by the plan, poured away, and fresh oil taken; undisturbed by a reload', async ({
  page,
}) => {
  const id = randomUUID();
  const draft = batchOf(newTray('Oil', 'lentil-dill', 24, new Date(Date.now() + 40 * 86_400_000).toISOString()));
  await fetch(`${product().address}/api/batches`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ id, draft }),
  });
  await go(page, '/store/oil');
  const card = page.locator('[data-oil="Sunflower oil, 5 l tin"]');
  await expect(card).toContainText('in the pot');
  await expect(card).toContainText(/Good to fry in\.[\s\S]*3 batches[\s\S]*Carries gluten/);
  await card.getByText(/^History/).click();
  await expect(card.getByText(/Squash and sage half-moons, first try, .* crumbs left/)).toBeVisible();
  await card.getByRole('button', { name: 'Check it' }).click();
  await page.getByText('Foam that does not go away').click();
  await page.getByRole('button', { name: 'Record it' }).click();
  await expect(card).toContainText('Throw it away, never down the sink: it foams.');
  await axeFindsNothing(page, 'oil');

  await go(page, `/bench/${id}/fry`);
  await settled(page);
  await expect(page.getByText(/^The oil in the pot has fried 3 batches and should not be used again/)).toBeVisible();

  await go(page, '/store/oil');
  await card.getByRole('button', { name: 'Throw away' }).click();
  await page.getByRole('button', { name: 'I have thrown it away' }).click();
  await expect(card).toContainText('Thrown away.');
  await page.getByRole('textbox', { name: 'Name of the oil' }).fill('Corn oil, new');
  await page.getByRole('textbox', { name: 'Into the pot' }).fill('2.2 l');
  await page.getByRole('button', { name: 'Add it and fry in it' }).click();
  const fresh = page.locator('[data-oil="Corn oil, new"]');
  await expect(fresh).toContainText(/in the pot[\s\S]*2200 ml, 0 batches/);
  await expect.poll(async () => (await oils()).map((one) => one.state.isGone)).toEqual([false, true]);
  await expect
    .poll(async () => (await read<{ kitchen: { potOilId?: string } }>('/kitchen')).kitchen.potOilId)
    .toBe((await oils())[0]!.oil.id);
  await page.reload();
  await expect(fresh).toContainText('in the pot');

  await go(page, `/bench/${id}/fry`);
  await settled(page);
  await expect(page.getByText(/^The oil in the pot has fried/)).toHaveCount(0);
});

test('the order at the pot follows the guests: egg goes last once somebody is allergic to it', async ({ page }) => {
  await go(page, '/bench');
  await page
    .getByRole('link', { name: /^Lentil and dill cones/ })
    .first()
    .click();
  await expect(page).toHaveURL(/\/bench\/[^/]+\/fold$/);
  await go(page, page.url().replace(/fold$/, 'fry'));
  await settled(page);
  const order = async () => {
    await page.getByRole('button', { name: 'Loads and order' }).click();
    await page.getByText('Order at the pot').click();
    const list = page.getByRole('list', { name: 'Order at the pot' });
    await expect(list.getByRole('listitem')).toHaveCount(5);
    return list;
  };
  const list = await order();
  await expect(list.getByRole('listitem').last()).toContainText('Smoked mackerel and leek ropes');
  await expect(list.getByRole('listitem').last()).toContainText('Not for Vegetarians (4)');
  await axeFindsNothing(page, 'oil');
  const fry = page.url();
  await page.getByRole('link', { name: 'Lantern Walk supper' }).click();
  const eats = page.getByRole('region', { name: 'Everyone eats' });
  await expect(eats).toContainText('26 of 26');
  await page.getByRole('button', { name: 'Add guests' }).click();
  await page.getByRole('textbox', { name: 'Who' }).fill('Odalys');
  const allergies = page.getByRole('group', { name: 'Allergic to' });
  await allergies.getByRole('button', { name: 'Add an allergy' }).click();
  await page.getByRole('menuitem', { name: 'eggs' }).click();
  await expect(allergies.getByRole('button', { name: 'Remove: eggs' })).toBeVisible();
  await expect
    .poll(async () => (await read<{ supper: Supper }[]>('/suppers'))[0]!.supper.guests.at(-1))
    .toMatchObject({ name: 'Odalys', allergies: ['eggs'] });
  await expect(eats).toContainText('27 of 27');
  await expect(page.getByText('Must not have: Pear and ginger rounds (contains an allergen of theirs).')).toBeVisible();
  await go(page, fry);
  await settled(page);
  const now = await order();
  await expect(now.getByRole('listitem').last()).toContainText('Pear and ginger rounds');
  await expect(now.getByRole('listitem').last()).toContainText('Odalys: contains eggs');
});

test('pots: another is taken in its place, none is lost, and the plan follows', async ({ page }) => {
  await go(page, '/store/oil');
  await page.getByRole('button', { name: 'Fry in: Small pot on the small burner' }).click();
  await expect(page.getByRole('textbox', { name: 'Width' })).toHaveValue('180');
  const others = page.getByRole('list', { name: 'Other pots' });
  await expect(others.getByRole('listitem')).toHaveText(/The pot before.*240 mm/);
  await page.getByRole('textbox', { name: 'Full power of the burner' }).fill('1500');
  await page.getByRole('textbox', { name: 'Name of this pot' }).fill('Small pot, other ring');
  await page.getByRole('button', { name: 'Save this pot as another' }).click();
  await expect(others.getByRole('listitem')).toHaveCount(2);
  await expect
    .poll(async () => (await read<{ kitchen: { pot: object } }>('/kitchen')).kitchen.pot)
    .toMatchObject({ diameterM: 0.18, burnerW: 1500 });
});
