import { batchAmounts, stepAmounts } from '@ember-fold/core/ledger';
import { type BatchDraft, DEFAULT_KITCHEN } from '@ember-fold/core/plan';
import { find, go, plannedBatch, press, read, user, waitFor, within } from '../../testing/page';

it('amounts: each step lists what it takes, in the order of weighing; a tick is one tick in every room', async () => {
  const id = await plannedBatch('Amounts');
  const { draft } = await read<{ draft: BatchDraft }>(`/batches/${id}`);
  const wanted = stepAmounts('weigh-filling', batchAmounts(draft, [], DEFAULT_KITCHEN));
  await go(`/cook/${id}`);
  const setOut = () => find('group', 'Weigh and set out');
  const boxes = async () => within(await setOut()).getAllByRole('checkbox') as HTMLInputElement[];
  await waitFor(async () => expect(await boxes()).toHaveLength(wanted.length));
  const labels = [...(await setOut()).querySelectorAll('label')].map(({ textContent }) => textContent!);
  wanted.forEach(({ ingredient }, i) => {
    expect(labels[i]).toContain(ingredient.name);
    expect(labels[i]).toMatch(/\d/);
  });
  await user.click((await boxes())[0]!);
  await user.click((await boxes())[1]!);
  await waitFor(async () =>
    expect(within(await setOut()).getByRole('status').textContent).toBe(`${wanted.length - 2} still to set out.`),
  );
  // The same ticks at the bench, where one is taken back.
  await go(`/bench/${id}/dough`);
  await press('Weigh out');
  const sheet = await find('dialog', 'Weigh out');
  const first = () =>
    within(sheet).getAllByRole('checkbox', {
      name: new RegExp(`^${wanted[0]!.ingredient.name}`),
    })[0] as HTMLInputElement;
  await waitFor(() => expect(first().checked).toBe(true));
  await user.click(first());
  await find('heading', 'For rims and coatings, set out before the first disc', sheet);
  await user.keyboard('{Escape}');
  await go(`/cook/${id}`);
  await waitFor(async () => expect((await boxes()).slice(0, 2).map(({ checked }) => checked)).toEqual([false, true]));
  const { acts } = await read<{ acts: { act: { kind: string } }[] }>(`/batches/${id}/cook`);
  expect(acts.map(({ act }) => act.kind)).toEqual(['tick', 'tick', 'tick']);
});
