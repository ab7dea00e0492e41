import { planBatch, withFold, withShape } from '@ember-fold/core';
import {
  axeFindsNothing,
  expect,
  fitsAcross,
  go,
  isSaved,
  kitchenNow,
  lightStove,
  NOT_STARTED,
  openStation,
  plannedBatch,
  settled,
  station,
  test,
  trayAt,
  type,
} from './kitchen';

test.use({ calm: [NOT_STARTED] });

const draftOf = async (id: string) => await trayAt(id);

test('no right moment: said first, on the line too; each way out is a tap and comes out right', async ({ page }) => {
  const id = await plannedBatch('Too hot for them', 24, 'squash-sage', (draft) => {
    const ball = withShape(withFold(draft, { fillingEachKg: 0.08 }), 'ball');
    return { ...ball, fry: { ...ball.fry, oilC: 178, minutesS: null } };
  });
  await openStation(page, id, 'fry');
  await settled(page);
  await expect(station(page, 'Fry')).toContainText('no right moment');
  await expect(station(page, 'Serve')).toContainText('no time plan');
  await expect(
    page.getByText(/^There is no right moment at 178 °C: pieces are too dark after .*, but are done inside only after/),
  ).toBeVisible();
  const ways = page.getByRole('list', { name: 'Changes that help' });
  await expect(ways.getByRole('listitem').first()).toBeVisible({ timeout: 20_000 });
  await axeFindsNothing(page, 'Changes that help');
  const cooler = ways.getByRole('listitem').filter({ hasText: 'Cooler oil' });
  const told = /^At (\d+) °C: golden and cooked after/.exec((await cooler.locator('p').innerText()).trim())!;
  await cooler.getByRole('button', { name: 'Choose: Cooler oil' }).click();
  await settled(page);
  await expect(ways).toHaveCount(0);
  await expect(station(page, 'Serve')).toContainText('on time');
  await isSaved(page);
  const { fry } = await draftOf(id);
  expect(fry.oilC).toBe(Number(told[1]));
  const plan = planBatch(await draftOf(id), await kitchenNow(), null).fry!;
  expect(plan.takeOutS).not.toBeNull();
  expect(plan.takeOutS!).toBeLessThan(plan.solution.darkS ?? Infinity);
  await page.getByRole('button', { name: 'Undo' }).click();
  await settled(page);
  await expect(station(page, 'Fry')).toContainText('no right moment');
  await page.setViewportSize({ width: 390, height: 844 });
  // A chart is drawn anew a moment after its box has changed.
  await expect(() => fitsAcross(page, 'ways out on a phone')).toPass({ timeout: 5000 });
});

test('oil that is let rise: set, planned, refused where it is wrong, held again', async ({ page }) => {
  const id = await plannedBatch('Rising', 12);
  await openStation(page, id, 'fry');
  const before = await settled(page);
  await page.getByRole('button', { name: 'Let the oil rise' }).click();
  // From cooler, to where it was.
  await expect(page.getByRole('textbox', { name: 'Oil', exact: true })).toHaveValue('128');
  await expect(page.getByRole('textbox', { name: 'Rises to' })).toHaveValue('158');
  await type(page, 'Oil', '130');
  await type(page, 'Rises to', '162');
  await expect(
    page.getByText(/^The oil rises from 130 °C to 162 °C in 10 min with the pieces in\. Then it needs/),
  ).toBeVisible();
  await settled(page);
  await isSaved(page);
  expect((await draftOf(id)).fry.ramp).toEqual({ outC: 162, overS: 600 });
  const told = planBatch(await draftOf(id), await kitchenNow(), null).fry!;
  await expect(
    page.getByText(`${told.loads!.loadSize} at a time, ${told.loads!.loads} loads`, { exact: false }),
  ).toBeVisible();
  const box = page.getByRole('textbox', { name: 'Rises to' });
  await box.fill('900');
  await expect(box).toHaveAttribute('aria-invalid', 'true');
  expect((await draftOf(id)).fry.ramp).toEqual({ outC: 162, overS: 600 });
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Rises to' })).toHaveValue('162');
  await page.getByRole('button', { name: 'Keep one temperature' }).click();
  await expect(page.getByRole('textbox', { name: 'Oil', exact: true })).toHaveValue('162');
  await type(page, 'Oil', '158');
  expect(await settled(page)).toEqual(before);
});

test('the oven is told how one bake went, and its next figures follow', async ({ page }) => {
  const id = await plannedBatch('Baked', 12);
  await openStation(page, id, 'fry');
  await settled(page);
  await page.getByRole('button', { name: 'Bake instead' }).click();
  const sheet = page.getByRole('dialog');
  const about = sheet.getByText(/^About .*: cooked through after/);
  await expect(about).toBeVisible();
  const before = await about.innerText();
  await type(page, 'Golden after', '2:00');
  await sheet.getByRole('button', { name: 'Record it' }).click();
  await expect(sheet.getByText(/^No oven makes these pieces golden in that time/)).toBeVisible();
  expect((await kitchenNow()).ovenSeen).toBeUndefined();
  await type(page, 'Golden after', '26:00');
  await sheet.getByRole('button', { name: 'Record it' }).click();
  await expect(sheet.getByText(/^This oven heats .* times as much as usual .* based on one bake\.$/)).toBeVisible();
  await expect.poll(async () => (await kitchenNow()).ovenSeen?.length).toBe(1);
  expect(await about.innerText()).not.toBe(before);
});

test('a burner that stores heat is turned back sooner, and the kitchen says which it is', async ({ page }) => {
  const id = await plannedBatch('Ring', 12);
  await openStation(page, id, 'fry');
  await settled(page);
  const turnAt = async () => {
    const text = await page.getByText(/^Full heat for/).innerText();
    return Number(/At (\d+) °C turn down/.exec(text)![1]);
  };
  const gas = await turnAt();
  await go(page, '/store/oil');
  await page.getByRole('button', { name: /Kind of burner/ }).click();
  await page.getByRole('option', { name: 'solid plate' }).click();
  await expect.poll(async () => (await kitchenNow()).pot.burner).toBe('plate');
  await openStation(page, id, 'fry');
  await settled(page);
  expect(await turnAt()).toBeLessThan(gas - 10);
});

test('a trial piece is a stop: the others wait until it is judged', async ({ page }) => {
  const id = await plannedBatch('Trial', 6);
  await go(page, `/stove/${id}`);
  await page
    .getByText(/piece first/i)
    .first()
    .click();
  await lightStove(page);
  await page.getByRole('button', { name: /^Dropped 1/ }).click();
  await page.getByRole('button', { name: /^Piece 1, / }).waitFor();
  await page.getByRole('button', { name: /^Taken out/ }).click();
  await expect(page.getByRole('button', { name: /Judge piece 1/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /Drop \d/ })).toHaveCount(0);
});

test('a pipeline: planned with one tap, said on the line, and at the stove one goes in after the other', async ({
  page,
}) => {
  const id = await plannedBatch('One by one', 12, 'squash-sage', (draft) => ({
    ...draft,
    fry: { ...draft.fry, oilC: 165 },
  }));
  await openStation(page, id, 'fry');
  await settled(page);
  await page.getByRole('button', { name: 'One by one' }).click();
  await settled(page);
  await expect(station(page, 'Fry')).toContainText(/one every \d+ min/);
  await expect(page.getByText(/^A piece goes in every .*, with \d+ in the oil at a time\./)).toBeVisible();
  await isSaved(page);
  expect((await draftOf(id)).fry.pipeline).toBe(true);
  await axeFindsNothing(page, 'pipeline');
  await go(page, `/stove/${id}`);
  // A real pot whose oil is told by a crumb: nothing has to be waited for.
  await page.getByRole('button', { name: /How the oil is measured/ }).click();
  await page.getByRole('option', { name: /^Without a probe/ }).click();
  await lightStove(page);
  await page.getByRole('button', { name: 'Rises in 2 to 3 seconds, steady fizz' }).click();
  await page.getByRole('button', { name: /^now Drop 1/ }).click();
  // The next waits for its time, one at a time, though there is room for more.
  await expect(page.getByText('Put one in each time you take one out.')).toBeVisible({ timeout: 20_000 });
  await expect(page.getByRole('button', { name: /^Dropped 1\b/ })).toBeVisible();
  await go(page, `/bench/${id}/fry`);
  await settled(page);
  await page.getByRole('button', { name: 'In loads' }).click();
  await settled(page);
  await expect(station(page, 'Fry')).toContainText(/\d+ loads/);
});

test('a puffed bread: rolled out, drawn as a hollow, basted without being asked, and told when it will stay flat', async ({
  page,
}) => {
  const id = await plannedBatch('Breads', 12, 'squash-sage', (draft) => {
    const bread = withShape(draft, 'puffed-bread');
    return withFold(
      { ...bread, dough: { ...bread.dough, family: 'soft-quick' }, fry: { ...bread.fry, oilC: 176 } },
      { fillingEachKg: 0, discM: 0.13, thicknessM: 0.005 },
    );
  });
  await openStation(page, id, 'fold');
  await settled(page);
  await expect(page.getByText(/^Steam puffs it up to about \d+ mm/)).toBeVisible();
  await expect(page.getByText('Plain pieces, without a filling.')).toBeVisible();
  await openStation(page, id, 'fry');
  await settled(page);
  await expect(page.getByRole('radio', { name: 'basted' })).toBeChecked();
  await expect(page.getByText(/^Baste the top with hot oil/)).toHaveCount(0);
  await page.getByRole('radiogroup', { name: 'Turned' }).getByText('once', { exact: true }).click();
  await settled(page);
  await expect(page.getByText(/^Baste the top with hot oil, or hold the bread under/)).toBeVisible();
  await expect(station(page, 'Fry')).toContainText('baste it');
  await page.setViewportSize({ width: 390, height: 844 });
  await expect(() => fitsAcross(page, 'bread on a phone')).toPass({ timeout: 5000 });
});
