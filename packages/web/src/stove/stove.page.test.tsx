import { type StoveAct, stoveState } from '@ember-fold/core/stove';
import {
  all,
  choose,
  find,
  go,
  plannedBatch,
  press,
  read,
  screen,
  sees,
  stationSays,
  user,
  waitFor,
  within,
} from '../../testing/page';
import { lightStove } from '../../testing/stove';

interface Stove {
  readonly probe: string | null;
  readonly acts: readonly { readonly act: StoveAct }[];
}
const stove = (id: string) => read<Stove>(`/batches/${id}/stove`);

it('no oil is heated before every point of the start is gone through', async () => {
  const id = await plannedBatch('Gate', 6);
  await go(`/stove/${id}`);
  const start = await find('button', 'Start the stove');
  const points = within(await find('group', 'Before the oil is heated')).getAllByRole('checkbox');
  expect(points).toHaveLength(10);
  for (const [i, point] of points.entries()) {
    await sees(`${10 - i} ${i === 9 ? 'point' : 'points'} to check first`);
    expect(start.hasAttribute('disabled')).toBe(true);
    await user.click(point);
  }
  await waitFor(() => expect(start.hasAttribute('disabled')).toBe(false));
});

it('a plan that is not safe is not started', async () => {
  const id = await plannedBatch('Too cool', 12, 'squash-sage', (draft) => ({
    ...draft,
    fry: { ...draft.fry, oilC: 110 },
  }));
  await go(`/stove/${id}`);
  await lightStove();
  await sees('no moment at which the pieces are done');
  await user.click(await find('link', 'Back to its plan'));
  await stationSays('Fry', 'never done');
});

it('pieces are chosen by touch; the buttons say what they will record', async () => {
  const id = await plannedBatch('Chosen', 6);
  await go(`/stove/${id}`);
  await user.click(await find('radio', '20 times'));
  await lightStove();
  await press('One fewer');
  await press(/^Dropped/);
  await waitFor(() => expect(all('button', /^Dropped/)[0]!.textContent).toContain('Dropped 1'));
  await press(/^Piece 2, /);
  await press(/^Piece 5, /);
  await sees('2 and 5', await find('button', /^Turned/));
  await press(/^Turned/);
  await press(/^Piece 3, /);
  await press(/^One burst/);
  await press('Burner up');
  await sees('1 of 9', await find('group', 'Burner'));
  await waitFor(async () => {
    const { acts } = await stove(id);
    expect(
      acts.map(({ act }) => [act.kind, 'pieces' in act ? act.pieces : 'setting' in act ? act.setting : null]),
    ).toEqual([
      ['drop', [1, 2, 3, 4, 5]],
      ['turn', [2, 5]],
      ['burst', [3]],
      ['burner', 1],
    ]);
  });
  expect((await find('button', 'Finish the batch')).hasAttribute('disabled')).toBe(true);
  const { inPot } = stoveState(
    (await stove(id)).acts.map(({ act }) => act),
    6,
  );
  expect(inPot.map(({ number }) => number)).toEqual([1, 2, 4, 5]);
  expect(all('button', /^Piece \d, /)).toHaveLength(4);
});

it('no probe at all: a crumb of dough gives the oil with its range, the model carries it on', async () => {
  const id = await plannedBatch('No probe', 6);
  await go(`/stove/${id}`);
  await choose(/How the oil is measured/, /^Without a probe/);
  await sees(/^This is a real pot/);
  await lightStove();
  await sees('test it with a crumb', await find('region', 'Oil now'));
  const oil = () => screen.getByTestId('oil-now').textContent;
  expect(oil()).toBe('–');
  // Nobody has judged it: nothing is lit, and what is asked is what hands can answer.
  expect(all('button', /^now Drop/)).toHaveLength(0);
  await sees(/Test the oil first: when it is right, a crumb of dough rises/);
  const crumb = await find('group', 'What does a crumb of dough do in the oil?');
  await press('Sits on the bottom', crumb);
  await waitFor(() => expect(oil()).toMatch(/^1[23]\d$/));
  await press('Rises in 2 to 3 seconds, steady fizz', crumb);
  await waitFor(() => expect(oil()).toMatch(/^1[56]\d$/));
  await sees(/estimated from your last reading, ± \d+ °C/, await find('region', 'Oil now'));
  expect((await stove(id)).probe).toBeNull();
});
