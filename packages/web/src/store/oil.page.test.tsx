import { batchOf, newTray } from '@ember-fold/core/plan';
import type { Supper } from '@ember-fold/core/supper';
import {
  all,
  fill,
  find,
  go,
  hasValue,
  openStation,
  press,
  read,
  sees,
  seesNot,
  send,
  tap,
  user,
  waitFor,
  within,
} from '../../testing/page';

interface Stored {
  readonly oil: { readonly id: string; readonly name: string };
  readonly state: { readonly isGone: boolean };
}

it('oil through its life: looked at, refused by the plan, thrown away, and fresh oil taken', async () => {
  const id = crypto.randomUUID();
  const draft = batchOf(newTray('Oil', 'lentil-dill', 24, new Date(Date.now() + 40 * 86_400_000).toISOString()));
  await send('/batches', { id, draft });
  await go('/store/oil');
  const card = (name: string) =>
    waitFor(() => {
      const found = document.querySelector<HTMLElement>(`[data-oil="${name}"]`);
      expect(found).not.toBeNull();
      return found!;
    });
  const tin = await card('Sunflower oil, 5 l tin');
  await sees('in the pot', tin);
  expect(tin.textContent).toMatch(/Good to fry in\.[\s\S]*3 batches[\s\S]*Carries gluten/);
  await sees(/Squash and sage half-moons, first try, .* crumbs left/, tin);
  await press('Check it', tin);
  await user.click(await find('checkbox', 'Foam that does not go away'));
  await press('Record it');
  await sees('Throw it away, never down the sink: it foams.', tin);
  await openStation(id, 'fry');
  await sees(/^The oil in the pot has fried 3 batches and should not be used again/);
  await go('/store/oil');
  await press('Throw away', await card('Sunflower oil, 5 l tin'));
  await press('I have thrown it away');
  await sees('Thrown away.', await card('Sunflower oil, 5 l tin'));
  await fill('Name of the oil', 'Corn oil, new');
  await fill('Into the pot', '2.2 l');
  await press('Add it and fry in it');
  const fresh = await card('Corn oil, new');
  await waitFor(() => expect(fresh.textContent).toMatch(/in the pot[\s\S]*2200 ml, 0 batches/));
  const oils = () => read<Stored[]>('/oils');
  await waitFor(async () => expect((await oils()).map((one) => one.state.isGone)).toEqual([false, true]));
  await waitFor(async () =>
    expect((await read<{ kitchen: { potOilId?: string } }>('/kitchen')).kitchen.potOilId).toBe(
      (await oils())[0]!.oil.id,
    ),
  );
  await openStation(id, 'fry');
  await seesNot(/^The oil in the pot has fried/);
});

it('the order at the pot follows the guests: egg goes last once somebody is allergic to it', async () => {
  const batches = await read<{ id: string; name: string }[]>('/batches');
  const { id } = batches.find(({ name }) => name.startsWith('Lentil and dill cones'))!;
  const last = async () => {
    await openStation(id, 'fry');
    await press('Loads and order');
    await tap('Order at the pot');
    const list = await find('list', 'Order at the pot');
    await waitFor(() => expect(within(list).getAllByRole('listitem')).toHaveLength(5));
    const text = within(list).getAllByRole('listitem').at(-1)!.textContent!;
    await user.keyboard('{Escape}');
    return text;
  };
  expect(await last()).toMatch(/Smoked mackerel and leek ropes.*Not for Vegetarians \(4\)/);
  const [{ id: supperId }] = (await read<{ id: string }[]>('/suppers')) as [{ id: string }];
  await go(`/table/${supperId}`);
  const eats = await find('region', 'Everyone eats');
  await sees('26 of 26', eats);
  const rows = all('textbox', 'Who').length;
  await press('Add guests');
  // The new row is the last one.
  await waitFor(() => expect(all('textbox', 'Who')).toHaveLength(rows + 1));
  await user.clear(all('textbox', 'Who').at(-1)!);
  await user.type(all('textbox', 'Who').at(-1)!, 'Odalys');
  const allergies = all('group', 'Allergic to').at(-1)!;
  await press('Add an allergy', allergies);
  await user.click(await find('menuitem', 'eggs'));
  await find('button', 'Remove: eggs', allergies);
  await waitFor(async () =>
    expect((await read<{ supper: Supper }[]>('/suppers'))[0]!.supper.guests.at(-1)).toMatchObject({
      name: 'Odalys',
      allergies: ['eggs'],
    }),
  );
  await sees('27 of 27', eats);
  await sees('Must not have: Pear and ginger rounds (contains an allergen of theirs).');
  // The order is asked for anew once the guests have been saved.
  let order = '';
  for (let i = 0; i < 5 && !order.includes('Odalys'); i++) order = await last();
  expect(order).toMatch(/Pear and ginger rounds.*Odalys: contains eggs/);
});

it('pots: another is taken in its place, none is lost, and the plan follows', async () => {
  await go('/store/oil');
  await press('Fry in: Small pot on the small burner');
  await hasValue('Width', '180');
  const others = await find('list', 'Other pots');
  await waitFor(() => expect(others.textContent).toMatch(/The pot before.*240 mm/));
  await fill('Full power of the burner', '1500');
  await fill('Name of this pot', 'Small pot, other ring');
  await press('Save this pot as another');
  await waitFor(() => expect(within(others).getAllByRole('listitem')).toHaveLength(2));
  await waitFor(async () =>
    expect((await read<{ kitchen: { pot: object } }>('/kitchen')).kitchen.pot).toMatchObject({
      diameterM: 0.18,
      burnerW: 1500,
    }),
  );
});
