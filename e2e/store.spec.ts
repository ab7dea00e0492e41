import {
  type FormulaBody,
  type Ingredient,
  type Kitchen,
  batchOf,
  newTray,
  type Shopping,
  type StockRow,
  withRounding,
} from '@ember-fold/core';
import type { Page } from '@playwright/test';
import { randomUUID } from 'node:crypto';
import {
  axeFindsNothing,
  expect,
  go,
  isSaved,
  product,
  read,
  search,
  settled,
  station,
  test,
  trayAt,
  type,
} from './kitchen';

// Deleting what is in use is refused, and the console says so.
test.use({ calm: ['status of 409'] });

const send = (path: string, body: unknown) =>
  fetch(`${product().address}/api${path}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });

async function planned(name: string): Promise<string> {
  const id = randomUUID();
  const draft = batchOf(newTray(name, 'squash-sage', 24, new Date(Date.now() + 3 * 86_400_000).toISOString()));
  expect((await send('/batches', { id, draft })).status).toBe(201);
  return id;
}

async function bench(page: Page, id: string, name: string): Promise<void> {
  await go(page, `/bench/${id}/${name}`);
  await settled(page);
}

const draftOf = async (id: string) => await trayAt(id);
interface Kept {
  readonly id: string;
  readonly name: string;
  readonly version: number;
  readonly archived: boolean;
  readonly body: FormulaBody;
}
const formulaNamed = async (name: string) => (await read<Kept[]>('/formulas')).find((one) => one.name === name);
const waterOf = (body: FormulaBody) => body.lines.find((l) => l.ingredientId === 'water')!.massKg;

test('a formula is found, changed, kept as a version, compared, copied and put away', async ({ page }) => {
  await go(page, '/store');
  const list = page.getByRole('list', { name: 'Formulas' });
  await expect(list.getByRole('link')).toHaveCount(17);
  await page.getByRole('searchbox', { name: 'Find a formula' }).fill('brwon shrt');
  await expect(list.getByRole('link')).toHaveText([/Brown short dough/]);
  await list.getByRole('link').click();
  await expect(page.getByText('One version so far', { exact: false })).toBeVisible();
  await type(page, 'Water', '460');
  // What is typed survives a reload before it is kept.
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Water' })).toHaveValue('460');
  await page.getByRole('button', { name: 'Save as version 2' }).click();
  const compared = page.getByRole('table', { name: 'Versions compared' });
  await expect(compared.getByRole('row', { name: /^Water 44 % 46 % \+2$/ })).toBeVisible();
  await expect(compared.getByRole('row', { name: /^Vegetable shortening 19 % 19 % same$/ })).toBeVisible();
  await expect.poll(async () => waterOf((await formulaNamed('Brown short dough'))!.body)).toBeCloseTo(0.46, 9);
  await type(page, 'Water', '470');
  await page.getByRole('button', { name: 'Back to version 2' }).click();
  await expect(page.getByRole('textbox', { name: 'Water' })).toHaveValue('460');
  await page.getByRole('button', { name: 'Duplicate' }).click();
  await expect(page.getByRole('textbox', { name: /version 1$/ })).toHaveValue('Brown short dough, copy');
  await page.getByRole('button', { name: 'Archive', exact: true }).click();
  await expect(page.getByText('Archived.', { exact: false })).toBeVisible();
  await expect(list.getByRole('link', { name: /Brown short dough, copy/ })).toHaveCount(0);
  await page.getByText('archived', { exact: true }).click();
  await expect(list.getByRole('link', { name: /Brown short dough, copy/ })).toBeVisible();
  await page.getByRole('button', { name: 'Restore from the archive' }).click();
  await expect.poll(async () => (await formulaNamed('Brown short dough, copy'))!.archived).toBe(false);
});

test('a new base is used in a filling like an ingredient, and says where', async ({ page }) => {
  const id = await planned('With paste');
  await go(page, '/store/formulas');
  await page.getByRole('button', { name: 'New formula' }).click();
  await page.getByText('Base', { exact: true }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Leek and butter paste');
  await page.getByRole('button', { name: 'Start it' }).click();
  for (const [name, grams] of [
    ['Leek', '800'],
    ['Butter', '80'],
  ] as const) {
    await search(page, 'Add to the base', name);
    await page.getByRole('option', { name, exact: true }).click();
    await type(page, name, grams);
  }
  await page.getByRole('button', { name: 'Save as version 2' }).click();
  await expect(page.getByText('Contains milk', { exact: false })).toBeVisible();
  await bench(page, id, 'filling');
  await search(page, 'Add to the filling', 'leek and');
  await page.getByRole('option', { name: 'Leek and butter paste' }).click();
  await type(page, 'Leek and butter paste', '120');
  await settled(page);
  await isSaved(page);
  await go(page, `/store/formulas/${(await formulaNamed('Leek and butter paste'))!.id}`);
  await page.getByRole('list', { name: 'Where it is used' }).getByRole('link', { name: 'With paste, batch' }).click();
  await expect(page).toHaveURL(new RegExp(id));
});

test('a dough is taken from the Store, changed at the bench and kept there as its next version', async ({ page }) => {
  const id = await planned('From the Store');
  await bench(page, id, 'dough');
  const before = await settled(page);
  await page.getByRole('button', { name: 'Use or save' }).click();
  await page.getByRole('searchbox', { name: 'Find a formula' }).fill('yogurt');
  await page.getByRole('button', { name: 'Use Quick yoghurt dough' }).click();
  await expect(page.getByText('Quick yoghurt dough, version 1', { exact: true })).toBeVisible();
  const taken = await settled(page);
  expect(taken[0]).not.toBe(before[0]);
  await type(page, 'Sugar', '20');
  await expect(page.getByText('Quick yoghurt dough, version 1, changed here')).toBeVisible();
  await page.getByRole('button', { name: 'Use or save' }).click();
  await page.getByRole('button', { name: 'Save as version 2 of Quick yoghurt dough' }).click();
  await expect(page.getByText('Quick yoghurt dough, version 2', { exact: true })).toBeVisible();
  await isSaved(page);
  const kept = (await formulaNamed('Quick yoghurt dough'))!;
  const draft = await draftOf(id);
  expect(draft.dough.from).toEqual({ id: kept.id, version: 2 });
  expect(kept.body.lines).toEqual(draft.dough.lines);
  // Undone, the batch has what it had; the Store keeps its versions.
  for (let i = 0; i < 3; i++) await page.getByRole('button', { name: 'Undo' }).click();
  expect(await settled(page)).toEqual(before);
  await isSaved(page);
  expect((await draftOf(id)).dough.from).toBeUndefined();
});

test('scaled by a pan, rounded to the scale, typed in percent, weighed out', async ({ page }) => {
  const id = await planned('Tools');
  await bench(page, id, 'filling');
  await page.getByRole('button', { name: 'Scale', exact: true }).click();
  await page.getByText('a pan', { exact: true }).click();
  await page.getByRole('textbox', { name: 'The pan holds, to the brim' }).fill('3');
  await page.getByRole('button', { name: /^Scale to \d+ pieces$/ }).click();
  await expect(page.getByRole('textbox', { name: 'Pieces' })).not.toHaveValue('24');
  await isSaved(page);
  const scaled = await draftOf(id);
  await page.getByRole('button', { name: 'Round', exact: true }).click();
  await page.getByText('5 g', { exact: true }).click();
  await page.getByRole('button', { name: 'Round it' }).click();
  await isSaved(page);
  const tools = { units: 'grams', scaleStepKg: 0.005, measures: { cupMl: 250, teaspoonMl: 5 } } as const;
  await expect
    .poll(async () => (await draftOf(id)).filling.lines.map((l) => l.massKg.toFixed(9)))
    .toEqual(withRounding(scaled, 'filling', tools).filling.lines.map((l) => l.massKg.toFixed(9)));
  await page.getByRole('button', { name: 'Percentages' }).click();
  await type(page, 'Onion', '20');
  await settled(page);
  await isSaved(page);
  const { lines } = (await draftOf(id)).filling;
  const whole = lines.reduce((sum, l) => sum + l.massKg, 0);
  expect(lines.find((l) => l.ingredientId === 'onion')!.massKg / whole).toBeCloseTo(0.2, 6);
  await page.getByRole('button', { name: 'Weigh out' }).click();
  await page.getByRole('checkbox', { name: /^Onion/ }).click({ force: true });
  await expect(page.getByRole('checkbox', { name: /^Onion/ })).toBeChecked();
  await page.getByRole('button', { name: 'Done' }).click();
  await page.reload();
  await page.getByRole('button', { name: 'Weigh out' }).click();
  await expect(page.getByRole('checkbox', { name: /^Onion/ })).toBeChecked();
  await expect(page.getByRole('checkbox', { name: /^Plain wheat flour/ })).not.toBeChecked();
});

test('the filling: raw parts, another method, thickened, made ahead, cooled otherwise', async ({ page }) => {
  const id = await planned('Filling, in depth');
  await bench(page, id, 'filling');
  const isCooked = page.getByRole('button', { name: /already cooked/ });
  await search(page, 'Add to the filling', 'minced beef');
  await page.getByRole('option', { name: 'Minced beef', exact: true }).click();
  await expect(page.getByText(/^Something new in it may be raw\..* 71 °C/)).toBeVisible();
  await expect(isCooked).toContainText('not said yet');
  await isCooked.click();
  await page.getByRole('option', { name: 'no, raw minced meat' }).click();
  await expect(page.getByText(/^Something new in it may be raw/)).toHaveCount(0);
  await expect(page.getByText(/Probe every piece: the middle must reach 71 °C/)).toBeVisible();
  await page.getByText('1 day', { exact: true }).click();
  await expect(page.getByText(/mix raw ingredients on the day/)).toBeVisible();
  await expect(station(page, 'Filling')).toContainText('kept too long');
  await isCooked.click();
  await page.getByRole('option', { name: 'yes, all of it' }).click();
  await expect(page.getByText(/It keeps for 2 days\./)).toBeVisible();
  await page.getByRole('button', { name: 'Compare ways' }).click();
  await page.getByRole('button', { name: 'Cool in iced water, two dishes' }).click();
  await expect(page.getByText(/Have .* g of ice ready for the cold-water bath/)).toBeVisible();
  await page.getByRole('button', { name: /How its water is removed/ }).click();
  await page.getByRole('option', { name: 'thickened, nothing boiled off' }).click();
  await search(page, 'Add to the filling', 'vegetable stock');
  await page.getByRole('option', { name: 'Vegetable stock', exact: true }).click();
  await type(page, 'Vegetable stock', '400');
  await expect(page.getByText(/The filling is runny: /)).toBeVisible();
  await page
    .getByRole('group', { name: 'Thicken it' })
    .getByRole('button', { name: /corn starch/ })
    .click();
  await expect(page.getByText(/^The filling is thick: /)).toBeVisible();
  await isSaved(page);
  const { filling } = await draftOf(id);
  expect([filling.method, filling.place, filling.dishes, filling.aheadDays]).toEqual(['thicken', 'ice-bath', 2, 1]);
  expect(filling.raw).toBeUndefined();
});

test('an ingredient of one’s own is planned with and cannot vanish; a price changed counts at once', async ({
  page,
}) => {
  const id = await planned('Own root');
  await go(page, '/store/ingredients');
  await page.getByRole('button', { name: 'Add an ingredient' }).click();
  // The first of the list is open until the new one is.
  await expect(page).toHaveURL(/\/own-/);
  await expect(page.getByRole('textbox', { name: 'Name' })).toHaveValue('New ingredient');
  await page.getByRole('textbox', { name: 'Name' }).fill('Parsley root');
  await type(page, 'Water', '120');
  await expect(page.getByText('The maximum is 100 %.', { exact: false })).toBeVisible();
  await type(page, 'Water', '84');
  await type(page, 'Costs a kilogram, as used', '3,5');
  await page.getByRole('button', { name: 'Save this ingredient' }).click();
  await expect(page.getByRole('heading', { name: 'Parsley root' })).toBeVisible();
  const own = page.url();
  await bench(page, id, 'filling');
  await search(page, 'Add to the filling', 'parsly root');
  await page.getByRole('option', { name: 'Parsley root' }).click();
  await isSaved(page);
  // By what it is called at home; and what nobody knows, by its name and weight alone.
  await search(page, 'Add to the filling', 'zucchini');
  await page.getByRole('option', { name: 'Courgette (zucchini)' }).click();
  await search(page, 'Add to the filling', 'fiddlehead');
  await page.getByRole('option', { name: 'Add “fiddlehead” as new' }).click();
  await type(page, 'Fiddlehead', '120');
  await isSaved(page);
  const fresh = async () => (await rows()).find(({ ingredient }) => ingredient.name === 'Fiddlehead')!.ingredient;
  const rows = async () => (await read<{ rows: { ingredient: Ingredient }[] }>('/ingredients')).rows;
  expect(await fresh()).toMatchObject({ diet: 'unknown', source: expect.stringMatching(/^guessed, like /) });
  expect((await trayAt(id)).filling.lines.at(-1)).toEqual({ ingredientId: (await fresh()).id, massKg: 0.12 });
  await go(page, own);
  await page.getByRole('button', { name: 'Delete' }).click();
  await page.getByRole('button', { name: 'Delete it (nothing uses it)' }).click();
  await expect(page.getByText('It is used in "Own root"; remove it there first.')).toBeVisible();
  expect((await rows()).some((row) => row.ingredient.name === 'Parsley root')).toBe(true);
  const cost = async () => {
    await bench(page, id, 'filling');
    return Number(/cost ([\d.]+)/.exec(await page.getByText(/ingredients cost/).innerText())![1]);
  };
  const before = await cost();
  await go(page, '/store/ingredients/onion');
  await type(page, 'Costs a kilogram, as used', '40');
  await page.getByRole('button', { name: 'Save the change' }).click();
  await page.getByRole('button', { name: 'Reset to the catalogue' }).waitFor();
  expect(await cost()).toBeGreaterThan(before + 3);
  await go(page, '/store/ingredients/onion');
  await page.getByRole('button', { name: 'Reset to the catalogue' }).click();
  await expect(page.getByText('From the catalogue.', { exact: false })).toBeVisible();
  expect(await cost()).toBeCloseTo(before, 2);
});

test('shopping: what is on the shelf is not bought, a strong pack is bought less', async ({ page }) => {
  await go(page, '/store/shopping');
  const row = (name: string) => page.getByRole('row').filter({ has: page.getByLabel(`${name} on the shelf`) });
  const rowOf = async (id: string) =>
    (await read<Shopping>('/store/shopping')).rows.find((r) => r.ingredientId === id)!;
  const name = 'Roast butternut squash';
  const squash = await rowOf('roast-squash');
  expect(squash.units).toBeGreaterThan(1);
  await expect(row(name)).toContainText(`${squash.units} pieces of 1 100 g`);
  await type(page, `${name} on the shelf`, '1100');
  await expect(row(name)).toContainText(`${squash.units! - 1} piece`);
  await type(page, `${name} on the shelf`, '20 lb');
  await expect(row(name)).toContainText('enough here');
  const sage = await rowOf('sage');
  await type(page, 'Strength of Sage leaves', '2,6');
  // Leaving at once loses nothing.
  await page.getByRole('link', { name: 'Formulas' }).click();
  await expect
    .poll(async () => (await read<StockRow[]>('/store/stock')).find((s) => s.ingredientId === 'sage')!.strength)
    .toBe(2.6);
  expect((await rowOf('sage')).neededKg).toBeCloseTo(sage.neededKg / 2, 9);
  await go(page, '/store/shopping');
  await expect(page.getByText(/Slow onion base: make/)).toBeVisible();
  await expect(page.getByText(/g for Squash and sage half-moons; .* g for Lentil/)).toBeVisible();
  // For one batch alone, for a supper with the oil to fry in, for some days.
  const table = page.getByRole('table', { name: 'Shopping list' });
  const buyFor = async (what: string) => {
    await page
      .getByRole('button', { name: /^For/ })
      .or(page.getByRole('button', { name: /For$/ }))
      .click();
    await page.getByRole('option', { name: what, exact: true }).click();
  };
  await buyFor('Pear and ginger rounds');
  await expect(row('Whole egg')).toBeVisible();
  await expect(row(name)).toHaveCount(0);
  await buyFor('Lantern Walk supper');
  await expect(row(name)).toBeVisible();
  await expect(row('Sunflower oil')).toContainText('for 5 batches');
  await page.reload();
  await expect(row('Sunflower oil')).toBeVisible();
  await buyFor('some days');
  await expect(table).toBeVisible();
  await expect(page.getByRole('group', { name: 'Eaten until' })).toBeVisible();
});

test('the kitchen: a colder fridge and another reheating rule are saved and count', async ({ page }) => {
  await go(page, '/store/kitchen');
  await type(page, 'Fridge', '2');
  await page.getByText('75 °C', { exact: true }).click();
  const kitchen = async () => (await read<{ kitchen: Kitchen }>('/kitchen')).kitchen;
  await expect.poll(async () => [(await kitchen()).fridgeC, (await kitchen()).reheatC]).toEqual([2, 75]);
  const ask = { id: randomUUID(), name: 'Hotter', shape: 'half-moon', starterId: 'lentil-dill', pieces: 6 };
  await send('/batches/from-starter', { ...ask, eatAt: '2030-01-05T18:30:00.000Z' });
  expect((await draftOf(ask.id)).filling.coreTargetC).toBe(75);
  await bench(page, ask.id, 'filling');
  await expect(page.getByText(/the middle must reach 75 °C/)).toBeVisible();
});

test('the sheets of a dough: axe finds nothing', async ({ page }) => {
  await bench(page, await planned('Sheets'), 'dough');
  for (const button of ['Use or save', 'Scale', 'Round', 'Weigh out']) {
    await page.getByRole('button', { name: button, exact: true }).click();
    await expect(page.getByRole('dialog')).toBeVisible();
    await page.waitForTimeout(200);
    await axeFindsNothing(page, button);
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toBeHidden();
  }
});
