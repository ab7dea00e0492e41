import { planBatch, withFold, withShape } from '@ember-fold/core/plan';
import {
  all,
  choose,
  fill,
  find,
  go,
  hasValue,
  field,
  isSaved,
  kitchenNow,
  openStation,
  plannedBatch,
  press,
  sees,
  seesNot,
  settled,
  stationSays,
  trayAt,
  type,
  user,
  waitFor,
  within,
} from '../../testing/page';
import { lightStove } from '../../testing/stove';

it('no right moment: said first, on the line too; a way out is a tap and comes out right', async () => {
  const id = await plannedBatch('Too hot for them', 24, 'squash-sage', (draft) => {
    const ball = withShape(withFold(draft, { fillingEachKg: 0.08 }), 'ball');
    return { ...ball, fry: { ...ball.fry, oilC: 178, minutesS: null } };
  });
  await openStation(id, 'fry');
  await stationSays('Fry', 'no right moment');
  await stationSays('Serve', 'no time plan');
  await sees(/^There is no right moment at 178 °C: pieces are too dark after .*, but are done inside only after/);
  const cooler = (await within(await find('list', 'Changes that help')).findAllByRole('listitem')).find(
    ({ textContent }) => textContent!.includes('Cooler oil'),
  )!;
  const told = /At (\d+) °C: golden and cooked after/.exec(cooler.textContent!)!;
  await press('Choose: Cooler oil');
  await waitFor(() => expect(all('list', 'Changes that help')).toHaveLength(0));
  await stationSays('Serve', 'on time');
  await isSaved();
  const { fry } = await trayAt(id);
  expect(fry.oilC).toBe(Number(told[1]));
  const plan = planBatch(await trayAt(id), await kitchenNow(), null).fry!;
  expect(plan.takeOutS).toBeLessThan(plan.solution.darkS ?? Infinity);
  await press('Undo');
  await stationSays('Fry', 'no right moment');
});

it('oil that is let rise: set, planned, refused where it is wrong, held again', async () => {
  const id = await plannedBatch('Rising', 12);
  const before = await openStation(id, 'fry');
  await press('Let the oil rise');
  // From cooler, to where it was.
  await hasValue('Oil', '128');
  await hasValue('Rises to', '158');
  await type('Oil', '130');
  await type('Rises to', '162');
  await sees(/^The oil rises from 130 °C to 162 °C in 10 min with the pieces in\. Then it needs/);
  await settled();
  await isSaved();
  expect((await trayAt(id)).fry.ramp).toEqual({ outC: 162, overS: 600 });
  const told = planBatch(await trayAt(id), await kitchenNow(), null).fry!;
  await sees(`${told.loads!.loadSize} at a time, ${told.loads!.loads} loads`);
  await fill('Rises to', '900');
  await waitFor(async () => expect((await field('Rises to')).getAttribute('aria-invalid')).toBe('true'));
  expect((await trayAt(id)).fry.ramp).toEqual({ outC: 162, overS: 600 });
  await press('Keep one temperature');
  await hasValue('Oil', '162');
  await type('Oil', '158');
  await waitFor(async () => expect(await settled()).toEqual(before));
});

it('the oven is told how one bake went, and its next figures follow', async () => {
  await openStation(await plannedBatch('Baked', 12), 'fry');
  await press('Bake instead');
  const sheet = await find('dialog', /^Bake instead/);
  const before = await sees(/^About .*: cooked through after/, sheet);
  await fill('Golden after', '2:00', sheet);
  await press('Record it', sheet);
  await sees(/^No oven makes these pieces golden in that time/, sheet);
  expect((await kitchenNow()).ovenSeen).toBeUndefined();
  await fill('Golden after', '26:00', sheet);
  await press('Record it', sheet);
  await sees(/^This oven heats .* times as much as usual .* based on one bake\.$/, sheet);
  await waitFor(async () => expect((await kitchenNow()).ovenSeen?.length).toBe(1));
  await waitFor(async () => expect(await sees(/^About .*: cooked through after/, sheet)).not.toBe(before));
});

it('a burner that stores heat is turned back sooner, and the kitchen says which it is', async () => {
  const id = await plannedBatch('Ring', 12);
  const turnAt = async () => {
    await openStation(id, 'fry');
    return Number(/At (\d+) °C turn down/.exec(await sees(/^Full heat for/))![1]);
  };
  const gas = await turnAt();
  await go('/store/oil');
  await choose(/Kind of burner/, 'solid plate');
  await waitFor(async () => expect((await kitchenNow()).pot.burner).toBe('plate'));
  await waitFor(async () => expect(await turnAt()).toBeLessThan(gas - 10));
});

it('a trial piece is a stop; one that comes out raw goes into the oven, and another is tried', async () => {
  const id = await plannedBatch('Trial', 6);
  await go(`/stove/${id}`);
  await user.click(await find('checkbox', /piece first/i));
  await lightStove();
  await press(/^Dropped 1/);
  await find('button', /^Piece 1, /);
  // Named with the piece: without one the key is there too, and does nothing.
  await press(/^Taken out ?1/);
  await press(/Put 1 in the oven/);
  await find('button', /^Dropped 1\b/);
  expect(all('button', /Judge piece 1/)).toHaveLength(0);
});

it('a pipeline: planned with one tap, said on the line, and at the stove one goes in after the other', async () => {
  const id = await plannedBatch('One by one', 12, 'squash-sage', (draft) => ({
    ...draft,
    fry: { ...draft.fry, oilC: 165 },
  }));
  await openStation(id, 'fry');
  await press('One by one');
  await stationSays('Fry', /one every \d+ min/);
  await sees(/^A piece goes in every .*, with \d+ in the oil at a time\./);
  await isSaved();
  expect((await trayAt(id)).fry.pipeline).toBe(true);
  await go(`/stove/${id}`);
  // A real pot, whose oil is measured by a crumb: nothing has to be waited for.
  await choose(/How the oil is measured/, /^Without a probe/);
  await lightStove();
  await press('Rises in 2 to 3 seconds, steady fizz');
  await press(/^now Drop 1/);
  // The next waits for its time, one at a time, though there is room for more.
  await sees('Put one in each time you take one out.');
  await find('button', /^Dropped 1\b/);
  await openStation(id, 'fry');
  await press('In loads');
  await stationSays('Fry', /\d+ loads/);
});

it('a puffed bread: rolled out, basted without being asked, and told when it will stay flat', async () => {
  const id = await plannedBatch('Breads', 12, 'squash-sage', (draft) => {
    const bread = withShape(draft, 'puffed-bread');
    return withFold(
      { ...bread, dough: { ...bread.dough, family: 'soft-quick' }, fry: { ...bread.fry, oilC: 176 } },
      { fillingEachKg: 0, discM: 0.13, thicknessM: 0.005 },
    );
  });
  await openStation(id, 'fold');
  await sees(/^Steam puffs it up to about \d+ mm/);
  await sees('Plain pieces, without a filling.');
  await openStation(id, 'fry');
  const turned = await find('radiogroup', 'Turned');
  expect(((await find('radio', 'basted', turned)) as HTMLInputElement).checked).toBe(true);
  await seesNot(/^Baste the top with hot oil/);
  await user.click(await find('radio', 'once', turned));
  await sees(/^Baste the top with hot oil, or hold the bread under/);
  await stationSays('Fry', 'baste it');
});
