import type { FormulaBody, Shopping, StockRow } from '@ember-fold/core/ledger';
import { type Ingredient, type Kitchen, withRounding } from '@ember-fold/core/plan';
import {
  add,
  all,
  choose,
  field,
  fill,
  find,
  go,
  hasValue,
  isSaved,
  openStation,
  plannedBatch,
  press,
  read,
  sees,
  seesNot,
  send,
  settled,
  stationSays,
  tap,
  trayAt,
  type,
  user,
  waitFor,
  within,
} from '../../testing/page';

interface Stored {
  readonly id: string;
  readonly name: string;
  readonly archived: boolean;
  readonly body: FormulaBody;
}
const formulaNamed = async (name: string) => (await read<Stored[]>('/formulas')).find((one) => one.name === name);

it('a formula is found, changed, saved as a version, compared, copied and archived', async () => {
  await go('/store');
  const list = await find('list', 'Formulas');
  await waitFor(() => expect(all('link', undefined, list)).toHaveLength(17));
  await user.type(await find('searchbox', 'Find a formula'), 'brwon shrt');
  await waitFor(() =>
    expect(all('link', undefined, list).map((a) => a.textContent)).toEqual([
      expect.stringMatching(/Brown short dough/),
    ]),
  );
  await user.click(within(list).getByRole('link'));
  await sees('One version so far');
  await type('Water', '460');
  await press('Save as version 2');
  const compared = await find('table', 'Versions compared');
  await find('row', /^Water 44 % 46 % \+2$/, compared);
  await find('row', /^Vegetable shortening 19 % 19 % same$/, compared);
  const water = (body: FormulaBody) => body.lines.find((l) => l.ingredientId === 'water')!.massKg;
  await waitFor(async () => expect(water((await formulaNamed('Brown short dough'))!.body)).toBeCloseTo(0.46, 9));
  await type('Water', '470');
  await press('Back to version 2');
  await hasValue('Water', '460');
  await press('Duplicate');
  await hasValue(/version 1$/, 'Brown short dough, copy');
  await press('Archive');
  await sees('Archived.');
  await waitFor(() => expect(all('link', /Brown short dough, copy/, list)).toHaveLength(0));
  await tap('archived');
  await find('link', /Brown short dough, copy/);
  await press('Restore from the archive');
  await waitFor(async () => expect((await formulaNamed('Brown short dough, copy'))!.archived).toBe(false));
});

it('a new base is used in a filling like an ingredient, and says where', async () => {
  const id = await plannedBatch('With paste');
  await go('/store/formulas');
  await press('New formula');
  await user.click(await find('radio', 'Base'));
  await type('Name', 'Leek and butter paste');
  await press('Start it');
  for (const [name, grams] of [
    ['Leek', '800'],
    ['Butter', '80'],
  ] as const) {
    await add('Add to the base', name, name);
    await type(name, grams);
  }
  await press('Save as version 2');
  await sees('Contains milk');
  await openStation(id, 'filling');
  await add('Add to the filling', 'leek and', 'Leek and butter paste');
  await type('Leek and butter paste', '120');
  await settled();
  await isSaved();
  await go(`/store/formulas/${(await formulaNamed('Leek and butter paste'))!.id}`);
  await user.click(await find('link', 'With paste, batch', await find('list', 'Where it is used')));
  await waitFor(() => expect(location.pathname).toContain(id));
});

it('a dough is taken from the Store, changed at the bench and saved there as its next version', async () => {
  const id = await plannedBatch('From the Store');
  const before = await openStation(id, 'dough');
  await press('Use or save');
  await user.type(await find('searchbox', 'Find a formula'), 'yogurt');
  await press('Use Quick yoghurt dough');
  await sees(/^Quick yoghurt dough, version 1$/);
  await waitFor(async () => expect((await settled())[0]).not.toBe(before[0]));
  await type('Sugar', '20');
  await sees('Quick yoghurt dough, version 1, changed here');
  await press('Use or save');
  await press('Save as version 2 of Quick yoghurt dough');
  await sees(/^Quick yoghurt dough, version 2$/);
  await isSaved();
  const stored = (await formulaNamed('Quick yoghurt dough'))!;
  const draft = await trayAt(id);
  expect(draft.dough.from).toEqual({ id: stored.id, version: 2 });
  expect(stored.body.lines).toEqual(draft.dough.lines);
  // Undone, the batch has what it had; the Store keeps its versions.
  for (let i = 0; i < 3; i++) await press('Undo');
  await waitFor(async () => expect(await settled()).toEqual(before));
  await isSaved();
  expect((await trayAt(id)).dough.from).toBeUndefined();
});

it('scaled by a pan, rounded to the scale, typed in percent, weighed out', async () => {
  const id = await plannedBatch('Tools');
  await openStation(id, 'filling');
  await press('Scale');
  await user.click(await find('radio', 'a pan'));
  await fill('The pan holds, to the brim', '3');
  await press(/^Scale to \d+ pieces$/);
  await waitFor(async () => expect((await field('Pieces')).value).not.toBe('24'));
  await isSaved();
  const scaled = await trayAt(id);
  await press('Round');
  await user.click(await find('radio', '5 g'));
  await press('Round it');
  const tools = { units: 'grams', scaleStepKg: 0.005, measures: { cupMl: 250, teaspoonMl: 5 } } as const;
  const grams = (lines: readonly { readonly massKg: number }[]) => lines.map((l) => l.massKg.toFixed(9));
  await waitFor(async () =>
    expect(grams((await trayAt(id)).filling.lines)).toEqual(
      grams(withRounding(scaled, 'filling', tools).filling.lines),
    ),
  );
  await press('Percentages');
  await type('Onion', '20');
  await settled();
  await isSaved();
  const { lines } = (await trayAt(id)).filling;
  const whole = lines.reduce((sum, l) => sum + l.massKg, 0);
  expect(lines.find((l) => l.ingredientId === 'onion')!.massKg / whole).toBeCloseTo(0.2, 6);
  await press('Weigh out');
  const onion = (await find('checkbox', /^Onion/)) as HTMLInputElement;
  await user.click(onion);
  await waitFor(() => expect(onion.checked).toBe(true));
  await press('Done');
  await press('Weigh out');
  expect(((await find('checkbox', /^Onion/)) as HTMLInputElement).checked).toBe(true);
  expect(((await find('checkbox', /^Plain wheat flour/)) as HTMLInputElement).checked).toBe(false);
  await press('Done');
});

it('the filling: raw parts, another method, thickened, made ahead, cooled otherwise', async () => {
  const id = await plannedBatch('Filling, in depth');
  await openStation(id, 'filling');
  await add('Add to the filling', 'minced beef', 'Minced beef');
  await sees(/^Something new in it may be raw\..* 71 °C/);
  await sees('not said yet', await find('button', /already cooked/));
  await choose(/already cooked/, 'no, raw minced meat');
  await seesNot(/^Something new in it may be raw/);
  await sees(/Probe every piece: the middle must reach 71 °C/);
  await user.click(await find('radio', '1 day'));
  await sees(/mix raw ingredients on the day/);
  await stationSays('Filling', 'kept too long');
  await choose(/already cooked/, 'yes, all of it');
  await sees(/It keeps for 2 days\./);
  await press('Compare ways');
  await press('Cool in iced water, two dishes');
  await sees(/Have .* g of ice ready for the cold-water bath/);
  await choose(/How its water is removed/, 'thickened, nothing boiled off');
  await add('Add to the filling', 'vegetable stock', 'Vegetable stock');
  await type('Vegetable stock', '400');
  await sees(/The filling is runny: /);
  await press(/corn starch/, await find('group', 'Thicken it'));
  await sees(/^The filling is thick: /);
  await isSaved();
  const { filling } = await trayAt(id);
  expect([filling.method, filling.place, filling.dishes, filling.aheadDays]).toEqual(['thicken', 'ice-bath', 2, 1]);
  expect(filling.raw).toBeUndefined();
});

it('an ingredient of one’s own is planned with and cannot vanish; a price changed counts at once', async () => {
  const id = await plannedBatch('Own root');
  const rows = async () => (await read<{ rows: { ingredient: Ingredient }[] }>('/ingredients')).rows;
  const named = async (name: string) => (await rows()).find(({ ingredient }) => ingredient.name === name)?.ingredient;
  await go('/store/ingredients');
  await press('Add an ingredient');
  await waitFor(() => expect(location.pathname).toMatch(/\/own-/));
  await hasValue('Name', 'New ingredient');
  await type('Name', 'Parsley root');
  await type('Water', '120');
  await sees('The maximum is 100 %.');
  await type('Water', '84');
  await type('Costs a kilogram, as used', '3,5');
  await press('Save this ingredient');
  await find('heading', 'Parsley root');
  const own = location.pathname;
  await openStation(id, 'filling');
  await add('Add to the filling', 'parsly root', 'Parsley root');
  await isSaved();
  // By what it is called at home; and what nobody knows, by its name and weight alone.
  await add('Add to the filling', 'zucchini', 'Courgette (zucchini)');
  await add('Add to the filling', 'fiddlehead', 'Add “fiddlehead” as new');
  await type('Fiddlehead', '120');
  await isSaved();
  const fresh = (await named('Fiddlehead'))!;
  expect(fresh).toMatchObject({ diet: 'unknown', source: expect.stringMatching(/^guessed, like /) });
  expect((await trayAt(id)).filling.lines.at(-1)).toEqual({ ingredientId: fresh.id, massKg: 0.12 });
  await go(own);
  await press('Delete');
  await press('Delete it (nothing uses it)');
  await sees('It is used in "Own root"; remove it there first.');
  expect(await named('Parsley root')).toBeDefined();
  const cost = async () => {
    await openStation(id, 'filling');
    return Number(/cost ([\d.]+)/.exec(await sees(/ingredients cost/))![1]);
  };
  const before = await cost();
  await go('/store/ingredients/onion');
  await type('Costs a kilogram, as used', '40');
  await press('Save the change');
  await find('button', 'Reset to the catalogue');
  await waitFor(async () => expect(await cost()).toBeGreaterThan(before + 3));
  await go('/store/ingredients/onion');
  await press('Reset to the catalogue');
  await sees('From the catalogue.');
  await waitFor(async () => expect(await cost()).toBeCloseTo(before, 2));
});

it('shopping: what is on the shelf is not bought, a strong pack is bought less', async () => {
  await go('/store/shopping');
  const name = 'Roast butternut squash';
  const row = (what: string) => all('row').find((one) => within(one).queryByLabelText(`${what} on the shelf`))!;
  const rowSays = (what: string, wanted: string) => waitFor(() => expect(row(what)?.textContent).toContain(wanted));
  const rowOf = async (id: string) =>
    (await read<Shopping>('/store/shopping')).rows.find((r) => r.ingredientId === id)!;
  const squash = await rowOf('roast-squash');
  expect(squash.units).toBeGreaterThan(1);
  await rowSays(name, `${squash.units} pieces of 1 100 g`);
  await type(`${name} on the shelf`, '1100');
  await rowSays(name, `${squash.units! - 1} piece`);
  await type(`${name} on the shelf`, '20 lb');
  await rowSays(name, 'enough here');
  const sage = await rowOf('sage');
  await type('Strength of Sage leaves', '2,6');
  // Leaving at once loses nothing.
  await user.click(await find('link', 'Formulas'));
  const strength = async () =>
    (await read<StockRow[]>('/store/stock')).find((s) => s.ingredientId === 'sage')!.strength;
  await waitFor(async () => expect(await strength()).toBe(2.6));
  expect((await rowOf('sage')).neededKg).toBeCloseTo(sage.neededKg / 2, 9);
  await go('/store/shopping');
  await sees(/Slow onion base: make/);
  // For one batch alone, for a supper with the oil to fry in, for some days.
  await choose(/^For|For$/, 'Pear and ginger rounds');
  await waitFor(() => expect(row('Whole egg')).toBeDefined());
  expect(row(name)).toBeUndefined();
  await choose(/^For|For$/, 'Lantern Walk supper');
  await rowSays('Sunflower oil', 'for 5 batches');
  await choose(/^For|For$/, 'some days');
  await find('group', 'Eaten until');
});

it('the kitchen: a colder fridge and another reheating rule are saved and count', async () => {
  await go('/store/kitchen');
  await type('Fridge', '2');
  await tap('75 °C');
  const kitchen = async () => (await read<{ kitchen: Kitchen }>('/kitchen')).kitchen;
  await waitFor(async () => expect([(await kitchen()).fridgeC, (await kitchen()).reheatC]).toEqual([2, 75]));
  const ask = { id: crypto.randomUUID(), name: 'Hotter', shape: 'half-moon', starterId: 'lentil-dill', pieces: 6 };
  await send('/batches/from-starter', { ...ask, eatAt: '2030-01-05T18:30:00.000Z' });
  expect((await trayAt(ask.id)).filling.coreTargetC).toBe(75);
  await openStation(ask.id, 'filling');
  await sees(/the middle must reach 75 °C/);
});
