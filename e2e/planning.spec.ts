import type { Page } from '@playwright/test';
import { planBatch, printDuration } from '@ember-fold/core';
import {
  axeFindsNothing,
  expect,
  fitsAcross,
  go,
  isSaved,
  kitchenNow,
  line,
  makeBatch,
  openStation,
  plannedBatch,
  read,
  search,
  settled,
  station,
  test,
  trayAt,
  type,
} from './kitchen';

test('a new batch asks four things and gives a whole plan, saved', async ({ page }) => {
  await go(page, '/bench');
  await expect(page.getByRole('heading', { name: 'Bench' })).toBeVisible();
  const texts = await makeBatch(page, 'Barley for the walk', 36, 'Mushroom and barley');
  expect(texts).toHaveLength(5);
  expect(texts[2]).toContain('36 ×');
  const id = /bench\/([0-9a-f-]{36})/.exec(page.url())![1]!;
  const draft = await trayAt(id);
  const kitchen = await kitchenNow();
  const plan = planBatch(draft, kitchen, null);
  expect(texts[3]).toContain(printDuration(plan.fry!.takeOutS!));
  await page.getByRole('link', { name: 'Bench', exact: true }).click();
  await expect(page.getByRole('link', { name: /Barley for the walk/ })).toBeVisible();
});

test('any change moves all five stations; undo brings all back; reload loses nothing', async ({ page }) => {
  const id = await plannedBatch('Follows', 24);
  await openStation(page, id, 'fold');
  const before = await settled(page);
  await type(page, 'Pieces', '48');
  const doubled = await settled(page);
  doubled.forEach((text, i) => expect(text).not.toBe(before[i]));
  const grams = (text: string) => Number(/([\d ]+) g/.exec(text)![1]!.replaceAll(' ', ''));
  expect(grams(doubled[0]!)).toBeCloseTo(2 * grams(before[0]!), -1);
  await type(page, 'Rolled thickness', '3.2');
  const thick = await settled(page);
  expect(thick[3]).not.toBe(doubled[3]);
  await station(page, 'Fry').click();
  await type(page, 'Oil', '165');
  const hotter = await settled(page);
  expect(hotter[3]).toContain('165 °C');
  expect(hotter[4]).not.toBe(thick[4]);
  await station(page, 'Serve').click();
  await page.getByRole('spinbutton', { name: /hour/ }).press('ArrowUp');
  const later = await settled(page);
  expect(later[4]).not.toBe(hotter[4]);
  await isSaved(page);
  await page.reload();
  expect(await settled(page)).toEqual(later);
  const draft = await trayAt(id);
  expect([draft.pieces, draft.fry.oilC]).toEqual([48, 165]);
  expect(draft.fold.thicknessM).toBeCloseTo(0.0032, 9);
});

test('undo and redo walk through every step, by button and by key', async ({ page }) => {
  const id = await plannedBatch('Undone', 24);
  await openStation(page, id, 'fold');
  const steps = [await settled(page)];
  for (const [field, text] of [
    ['Pieces', '30'],
    ['Disc', '125'],
    ['Filling each', '38'],
    ['Seal margin', '9'],
  ] as const) {
    // In one go: on a slow machine two keys of one figure may be two steps.
    await page.getByRole('textbox', { name: field, exact: true }).fill(text);
    await page.waitForTimeout(950);
    steps.push(await settled(page));
  }
  for (let i = steps.length - 2; i >= 0; i--) {
    if (i % 2) await page.getByRole('button', { name: 'Undo' }).click();
    else await page.keyboard.press('Control+z');
    expect(await settled(page)).toEqual(steps[i]);
  }
  await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();
  for (let i = 1; i < steps.length; i++) {
    await page.keyboard.press('Control+y');
    expect(await settled(page)).toEqual(steps[i]);
  }
  await isSaved(page);
});

test('the dough: formula in grams or cups, scaled by one ingredient, another family', async ({ page }) => {
  const id = await plannedBatch('Dough', 24);
  await openStation(page, id, 'dough');
  const table = page.getByRole('table', { name: 'Dough formula' });
  await type(page, 'Water', '260');
  await expect(page.getByText(/The dough is too soft, .* of 10/)).toBeVisible();
  await expect(station(page, 'Dough')).toContainText('too slack');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(station(page, 'Dough')).toContainText('firm');
  await page.getByRole('button', { name: 'Scale', exact: true }).click();
  await page.getByRole('textbox', { name: 'I have' }).fill('1 lb');
  await page.getByRole('button', { name: 'Scale to 21 pieces' }).click();
  await expect(table.getByRole('textbox', { name: 'Plain wheat flour' })).toHaveValue('454');
  await expect(page.getByRole('textbox', { name: 'Pieces' })).toHaveValue('21');
  await search(page, 'Add to the dough', 'butt');
  await page.getByRole('option', { name: 'Butter', exact: true }).click();
  await type(page, 'Butter', '2 tbsp');
  await expect(page.getByText(/of butter contains .* of water/)).toBeVisible();
  await page.getByRole('button', { name: 'Remove Butter' }).click();
  await expect(table.getByRole('row', { name: /Butter/ })).toHaveCount(0);
  await page.getByRole('button', { name: /Family/ }).click();
  await page.getByRole('option', { name: 'Hot-water' }).click();
  await expect(station(page, 'Dough')).toContainText('too stiff');
  await expect(station(page, 'Fry')).toContainText('168 °C');
  await expect(page.getByText(/another family better: shortcrust/)).toBeVisible();
  await page.getByRole('button', { name: 'Worked formula' }).click();
  await expect(station(page, 'Dough')).toContainText('pliable');
  await expect(page.getByText('Dough and filling run out together.')).toHaveCount(0);
});

test('a fat is swapped: water and fat stay, and what follows is said', async ({ page }) => {
  const id = await plannedBatch('Swapped', 24);
  await openStation(page, id, 'dough');
  const before = await settled(page);
  await page.getByRole('button', { name: 'Vegetable shortening, swap it' }).click();
  const sheet = page.getByRole('dialog', { name: 'Instead of vegetable shortening' });
  const butter = sheet.getByRole('listitem').filter({ hasText: /^Butter, \d+ g/ });
  await expect(butter).toContainText(
    /less water\. It needs ice water and a cold rest\. .*replace part of it, not all\. Contains milk\./,
  );
  await butter.getByRole('button', { name: 'Swap for Butter' }).click();
  await expect(page.getByRole('table', { name: 'Dough formula' })).toContainText('Butter');
  const after = await settled(page);
  expect(after[0]).toContain('38 % water · 20 % fat');
  await page.keyboard.press('Control+z');
  expect(await settled(page)).toEqual(before);
});

test('dough and filling that do not end together: each way out is one tap, with its number', async ({ page }) => {
  const id = await plannedBatch('Uneven', 24);
  await openStation(page, id, 'dough');
  await type(page, 'Plain wheat flour', '640');
  await station(page, 'Fold and seal').click();
  const ways = page.getByRole('list', { name: 'Ways to use up dough and filling together' });
  await expect(ways.getByRole('button')).toHaveText([
    /^Make \d+ pieces, as many as the dough gives$/,
    /^Make \d+ g less dough$/,
  ]);
  await ways.getByRole('button', { name: /as many as the dough gives/ }).click();
  await expect(ways).toHaveCount(0);
  const pieces = Number(await page.getByRole('textbox', { name: 'Pieces' }).inputValue());
  expect(pieces).toBeGreaterThan(24);
  await expect(page.getByText('Dough and filling run out together.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await ways.getByRole('button', { name: /less dough/ }).click();
  await expect(page.getByText('Dough and filling run out together.')).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Pieces' })).toHaveValue('24');
});

test('a two-dough family has two lists, and a misspelt name finds its ingredient', async ({ page }) => {
  const id = await plannedBatch('Coiled', 24);
  await openStation(page, id, 'dough');
  await page.getByRole('button', { name: /Family/ }).click();
  await page.getByRole('option', { name: 'Coiled, two doughs' }).click();
  await expect(station(page, 'Dough')).toContainText('too stiff');
  await expect(page.getByText('No fat dough yet.', { exact: false })).toBeVisible();
  await page.getByRole('button', { name: 'Worked formula' }).click();
  await expect(station(page, 'Dough')).toContainText('smooth');
  const table = page.getByRole('table', { name: 'Dough formula' });
  await expect(table.getByRole('rowheader', { name: 'Fat dough' })).toBeVisible();
  await search(page, 'Add to the fat dough', 'corn strach');
  await page.getByRole('option', { name: 'Corn starch', exact: true }).click();
  await type(page, 'Corn starch', '2 tbsp');
  await isSaved(page);
  const draft = await trayAt(id);
  const starch = draft.dough.lines.find((l) => l.ingredientId === 'corn-starch')!;
  expect([starch.part, Math.round(starch.massKg * 1000)]).toEqual([1, 16]);
  await search(page, 'Add to the water dough', 'no such thing');
  await expect(page.getByRole('option')).toHaveText(['Add “no such thing” as new']);
});

test('the filling: cooked dry by the scale, cooled in its dish', async ({ page }) => {
  const id = await plannedBatch('Filling', 24);
  await openStation(page, id, 'filling');
  await expect(page.getByText(/Stop cooking when the scale shows/)).toBeVisible();
  await type(page, 'Pan weighs', '500');
  const draft = await trayAt(id);
  const target = Math.round(draft.pieces * draft.fold.fillingEachKg * 1000) + 500;
  await expect(
    page.getByText(
      new RegExp(`Cook until the pan and the filling weigh ${String(target).replace(/(\d)(\d{3})$/, '$1 $2')} g`),
    ),
  ).toBeVisible();
  await page.getByText('room', { exact: true }).click();
  await page.getByText('covered', { exact: true }).click();
  await expect(station(page, 'Filling')).toContainText('cools slowly');
  await page.getByText('iced water', { exact: true }).click();
  await expect(station(page, 'Filling')).toContainText('cools in time');
  await type(page, 'Fine salt', '60');
  await expect(page.getByText(/Use .* less for 1.6 %/)).toBeVisible();
});

test('another shape: the blank is sized for the same filling, drawn, fried and undone; each says how it is rolled', async ({
  page,
}) => {
  const id = await plannedBatch('Formed', 24);
  await openStation(page, id, 'fold');
  const before = await settled(page);
  const shape = page.getByRole('button', { name: /^Shape: / });
  const choose = async (name: string) => {
    await shape.click();
    const sheet = page.getByRole('dialog', { name: 'Shape' });
    const radio = sheet.getByRole('radio', { name: new RegExp(`^${name}`) });
    // The input itself is out of sight: its tile takes the click, once the sheet has come to rest.
    await expect(async () => {
      await radio.click({ force: true });
      await expect(radio).toBeChecked({ timeout: 1000 });
    }).toPass();
    await page.keyboard.press('Escape');
    await expect(sheet).toHaveCount(0);
    return await settled(page);
  };
  const cone = await choose('cone');
  await expect(page.getByRole('textbox', { name: 'Half-disc, across' })).toBeVisible();
  await expect(page.getByRole('img', { name: /^Half of a rolled disc, \d+ mm across/ })).toBeVisible();
  expect(cone[2]).toContain('half-disc');
  expect(cone[3]).not.toBe(before[3]);
  await choose('strip triangle');
  await type(page, 'Its length', '150');
  await expect(page.getByRole('img', { name: /^Rolled strip, .* by 150 mm/ })).toBeVisible();
  await choose('teardrop');
  await expect(
    page.getByText(/at the rim: the wall is then .* all round\. If you roll it evenly, it is/),
  ).toBeVisible();
  await type(page, 'Filling each', '60');
  await expect(station(page, 'Fold and seal')).toContainText(/tight|bursts/);
  await page.getByRole('button', { name: 'Resize it to be 75 % full' }).click();
  await expect(page.getByText('75 %', { exact: true })).toBeVisible();
  await isSaved(page);
  const draft = await trayAt(id);
  const kitchen = await kitchenNow();
  const { piece } = planBatch(draft, kitchen, null).fold;
  expect([draft.shape, piece!.shape]).toEqual(['teardrop', 'teardrop']);
  expect(piece!.fill).toBeCloseTo(0.75, 3);
  await expect(
    page.getByRole('img', { name: new RegExp(`^Folded piece .* ${(piece!.thicknessM * 1000).toFixed(0)} mm thick`) }),
  ).toBeVisible();
  // Choices made in one breath are one step.
  const undo = page.getByRole('button', { name: 'Undo' });
  for (let i = 0; i < 6 && (await undo.isEnabled()); i++) await undo.click();
  await expect(undo).toBeDisabled();
  expect(await settled(page)).toEqual(before);
});

test('a run of portions weighed: mean, drift and a slip are said, and what was typed stays', async ({ page }) => {
  const id = await plannedBatch('Weighed', 24);
  await openStation(page, id, 'fold');
  await page.getByRole('button', { name: 'Weigh several in a row' }).click();
  const sheet = page.getByRole('dialog', { name: 'Weigh several in a row' });
  const weights = sheet.getByRole('textbox', { name: /^Weights/ });
  await weights.fill('33 34 33 32,5');
  await expect(sheet.getByText(/^4 weighed: 33 g on average, .* They are even\.$/)).toBeVisible();
  await weights.fill('30 31 33 35 37');
  await expect(sheet.getByText(/They get heavier by .* from first to last/)).toBeVisible();
  await weights.fill('33 x');
  await expect(sheet.getByText('“x” is not a weight', { exact: false })).toBeVisible();
  await sheet.getByRole('textbox', { name: 'Scale shows' }).fill('1040');
  await expect(sheet.getByText(/^35 g each, .* over the weight you want\.$/)).toBeVisible();
  await page.reload();
  await page.getByRole('button', { name: 'Weigh several in a row' }).click();
  await expect(weights).toHaveValue('33 x');
});

test('the template is true to a third of a millimetre, on screen and printed', async ({ page }) => {
  const id = await plannedBatch('Template', 24);
  await openStation(page, id, 'fold');
  const draft = await trayAt(id);
  for (const media of ['screen', 'print'] as const) {
    await page.emulateMedia({ media: 'screen' });
    await page.getByRole('button', { name: 'Template 1:1' }).click();
    await page.emulateMedia({ media });
    const mm = await page.locator('[data-print] svg').evaluate((svg) => {
      const across = (selector: string) => svg.querySelector(selector)!.getBoundingClientRect().width / (96 / 25.4);
      return { disc: across('[data-outline]'), bar: across('[data-bar]') };
    });
    expect(Math.abs(mm.disc - draft.fold.discM * 1000)).toBeLessThan(0.3);
    expect(Math.abs(mm.bar - 100)).toBeLessThan(0.3);
    await page.emulateMedia({ media: 'screen' });
    await page.getByRole('button', { name: 'Close' }).click();
  }
  await page.getByRole('button', { name: 'Template 1:1' }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as SVG' }).click();
  expect((await download).suggestedFilename()).toBe('Template, template.svg');
});

test('the fry: emptied, minutes and load follow the solver again', async ({ page }) => {
  const id = await plannedBatch('Fry', 24);
  await openStation(page, id, 'fry');
  const before = await settled(page);
  await type(page, 'In the oil', '4:00');
  await expect(page.getByText(/^A ring of dough is raw when you take them out/)).toBeVisible();
  await expect(station(page, 'Fry')).toContainText('raw ring');
  await page.getByRole('textbox', { name: 'In the oil' }).fill('');
  expect(await settled(page)).toEqual(before);
  await type(page, 'Pieces in a load', '12');
  await expect(station(page, 'Fry')).toContainText('12 at a time');
  await expect(page.getByText(/do not fit side by side/)).toBeVisible();
  await page.getByText('frozen', { exact: true }).click();
  await expect(page.getByText(/Wipe frost off every frozen piece/)).toBeVisible();
  await type(page, 'Oil', '200');
  await expect(page.getByText(/above the caution limit/)).toBeVisible();
  await expect(station(page, 'Fry')).toContainText('unsafe oil');
});

test('the map: the point is dragged and the line follows; its story, what it forgives, and the way to the best', async ({
  page,
}) => {
  const id = await plannedBatch('Map', 24);
  await openStation(page, id, 'fry');
  const before = await settled(page);
  const map = page.locator('[data-map="whole"]');
  await expect(map).toBeVisible({ timeout: 20_000 });
  const point = page.getByRole('slider', { name: 'Oil and minutes on the map' });
  await expect(point).toHaveAttribute('aria-valuetext', /^158 °C for 1[01] min( \d+ s)?: golden, cooked through/);
  await expect(page.locator('[data-margins]')).toHaveText(
    /^You can be \d+ °C or .* out, either way, and still be right\. Allowing for handmade differences, about \d+/,
  );
  const box = (await map.boundingBox())!;
  const at = (await point.boundingBox())!;
  await page.mouse.move(at.x + 22, at.y + 22);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width * 0.15, box.y + box.height * 0.1, { steps: 12 });
  await page.mouse.up();
  await expect(point).toHaveAttribute('aria-valuetext', /raw dough inside/);
  await expect(station(page, 'Fry')).toContainText(/19\d °C/);
  await expect(page.locator('[data-margins]')).toHaveText(/^Pieces do not come out right at this temperature and time/);
  await page.getByRole('button', { name: /^Use the most forgiving/ }).click();
  await expect(point).toHaveAttribute('aria-valuetext', /golden, cooked through/);
  const best = await settled(page);
  await point.focus();
  await page.keyboard.press('ArrowUp');
  expect(await settled(page)).not.toEqual(best);
  for (let i = 0; i < 8 && (await page.getByRole('button', { name: 'Undo' }).isEnabled()); i++) {
    await page.getByRole('button', { name: 'Undo' }).click();
  }
  expect(await settled(page)).toEqual(before);
  await page.getByRole('button', { name: 'Look inside one piece' }).click();
  await expect(page.getByRole('img', { name: /^Temperatures in the piece/ })).toBeVisible();
});

test('two methods side by side, no thermometer, the oven: each says its figures, and one is taken', async ({
  page,
}) => {
  const id = await plannedBatch('Methods', 24);
  await openStation(page, id, 'fry');
  await page.getByRole('button', { name: 'Two methods' }).click();
  const methods = page.getByRole('dialog', { name: 'Two methods, one piece' });
  const table = methods.getByRole('table', { name: 'Two methods side by side' });
  await expect(table.getByRole('row', { name: /^Oil 155 °C 178 °C$/ })).toBeVisible();
  await expect(table.getByRole('row', { name: /^In the oil \d+ min( \d+ s)? \d+ min( \d+ s)?$/ })).toBeVisible();
  await methods.getByRole('button', { name: 'Take: hot and quick' }).click();
  await settled(page);
  await expect(station(page, 'Fry')).toContainText('178 °C');
  await page.getByRole('button', { name: 'No thermometer' }).click();
  const crumb = page.getByRole('dialog', { name: 'Without a thermometer' });
  await expect(crumb.getByText(/Somewhere between 140 °C and 155 °C\. Golden between/)).toBeVisible();
  await crumb.getByRole('button', { name: 'Plan with: Rises slowly, lazy bubbles' }).click();
  await settled(page);
  await expect(station(page, 'Fry')).toContainText(/14[78] °C/);
  await page.getByRole('button', { name: 'Bake instead' }).click();
  const oven = page.getByRole('dialog', { name: 'Bake instead, or finish in the oven' });
  await expect(oven.getByText(/^About [23]\d min( \d+ s)?: cooked through after/)).toBeVisible();
  await expect(oven.getByText(/^If a piece bursts in the oil/)).toBeVisible();
  await expect(
    oven.getByText(/^Divided: 12 in the oven on one tray, 12 in the pot|^Dividing this batch/),
  ).toBeVisible();
  await oven.getByRole('textbox', { name: 'Oven' }).fill('200');
  await expect(oven.getByText(/^About [12]\d min( \d+ s)?: cooked through after/)).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Loads and order' }).click();
  const loads = page.getByRole('dialog', { name: 'Other loads' });
  await loads.getByRole('button', { name: 'Take: One fewer at a time' }).click();
  await settled(page);
  await isSaved(page);
  const draft = await trayAt(id);
  expect(draft.fry.loadSize).toBeGreaterThan(2);
  await expect(station(page, 'Fry')).toContainText(`${draft.fry.loadSize} at a time`);
  await expect(page.getByText(/^Full heat for \d+ min( \d+ s)?\. At .* turn down to \d; .* before/)).toBeVisible();
});

test('the way back closes what is open first, then leaves the station', async ({ page }) => {
  const id = await plannedBatch('Way back', 24);
  await openStation(page, id, 'dough');
  await station(page, 'Fry').click();
  await expect(page).toHaveURL(/fry$/);
  for (const name of ['Two methods', 'Loads and order', 'Two methods']) {
    await page.getByRole('button', { name, exact: true }).click();
    await expect(page.getByRole('dialog')).toBeVisible();
    await page.goBack();
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await expect(page).toHaveURL(/fry$/);
  }
  await page.goBack();
  await expect(page).toHaveURL(/dough$/);
  // To another room and back: what was worked out stands.
  const before = await settled(page);
  await page.getByRole('link', { name: 'Ledger', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Ledger' })).toBeVisible();
  await page.goBack();
  expect(await settled(page)).toEqual(before);
  await page.getByRole('link', { name: 'Bench', exact: true }).click();
  await page.getByRole('link', { name: /^Way back/ }).click();
  expect(await settled(page)).toEqual(before);
});

test('every bad figure is refused at its field and changes nothing', async ({ page }) => {
  const id = await plannedBatch('Refused', 24);
  const fields: readonly (readonly [string, readonly string[], readonly string[]])[] = [
    ['dough', ['Pieces', 'Plain wheat flour', 'Fine salt'], ['-5', 'many', '9999999']],
    [
      'filling',
      ['Pieces', 'Down to', 'Pan weighs', 'Temperature when it goes into the dish', 'Onion'],
      ['NaN', '', '99999999'],
    ],
    [
      'fold',
      ['Pieces', 'Disc', 'Rolled thickness', 'Dough each', 'Filling each', 'Seal margin'],
      ['x', '1/0', '12345678'],
    ],
    ['fry', ['Oil', 'In the oil', 'Pieces in a load', 'Pot width', 'Oil in the pot'], ['-9', '٣', '1e9']],
  ];
  for (const [name, labels, texts] of fields) {
    await openStation(page, id, name);
    const before = await settled(page);
    for (const label of labels) {
      const box = page.getByRole('textbox', { name: label, exact: true });
      for (const text of texts) {
        await box.fill(text);
        await expect(box).toHaveAttribute('aria-invalid', 'true');
        await expect(box).toHaveAccessibleDescription(/(understood|minimum|maximum|empty).*Type /);
        expect(await settled(page)).toEqual(before);
      }
    }
    await page.reload();
    expect(await settled(page)).toEqual(before);
  }
  expect((await read<{ version: number }>(`/batches/${id}`)).version).toBe(1);
});

test('a slow server: saves never race one another, also when another batch is opened meanwhile', async ({ page }) => {
  const [id, other] = [await plannedBatch('Slow', 24), await plannedBatch('Other', 24)];
  await page.route('**/api/batches/*', async (route) => {
    if (route.request().method() === 'PUT') await new Promise((resolve) => setTimeout(resolve, 1200));
    await route.continue();
  });
  await openStation(page, id, 'fold');
  for (const text of ['30', '31', '32']) {
    await type(page, 'Pieces', text);
    await page.waitForTimeout(600);
  }
  await isSaved(page);
  expect((await trayAt(id)).pieces).toBe(32);
  await type(page, 'Pieces', '40');
  await page.waitForTimeout(600);
  await type(page, 'Disc', '119');
  await page.getByRole('link', { name: 'Bench', exact: true }).click();
  await page.getByRole('link', { name: /Other/ }).click();
  await expect(page.getByRole('heading', { name: 'Other' })).toBeVisible();
  await settled(page);
  await expect
    .poll(async () => {
      const draft = await trayAt(id);
      return [draft.pieces, draft.fold.discM];
    })
    .toEqual([40, 0.119]);
  expect((await read<{ version: number }>(`/batches/${other}`)).version).toBe(1);
  await openStation(page, id, 'fold');
  await expect(page.locator('[data-save]')).toHaveAttribute('data-save', 'saved');
});

test.describe('two devices', () => {
  test.use({ calm: ['status of 409'] });
  test('each sees what the other changes; different fields are both kept, the same one asks with both values', async ({
    page,
    context,
  }) => {
    const id = await plannedBatch('Two devices', 24);
    await openStation(page, id, 'fry');
    const other = await context.newPage();
    await openStation(other, id, 'fry');
    const oil = (on: Page) => on.getByRole('textbox', { name: 'Oil', exact: true });
    await type(other, 'Oil', '160');
    await isSaved(other);
    await expect(oil(page)).toHaveValue('160', { timeout: 2000 });
    // What is typed here waits on its way until the other one has been saved.
    let held = Promise.resolve();
    await page.route(`**/api/batches/${id}`, async (route) => {
      if (route.request().method() === 'PUT') await held;
      await route.continue();
    });
    const heldWhile = async (there: () => Promise<void>) => {
      let release: () => void = () => undefined;
      held = new Promise<void>((resolve) => (release = resolve));
      await type(page, 'Oil', '164');
      await there();
      await isSaved(other);
      release();
    };
    await heldWhile(() => type(other, 'Pieces in a load', '4'));
    await isSaved(page);
    const both = (await trayAt(id)).fry;
    expect([both.oilC, both.loadSize]).toEqual([164, 4]);
    await expect(oil(other)).toHaveValue('164', { timeout: 2000 });
    const clash = page.getByRole('alert').filter({ hasText: 'This batch was also changed on another device.' });
    for (const [side, kept] of [
      ['Keep mine', 164],
      ['Take theirs', 170],
    ] as const) {
      await type(page, 'Oil', '150');
      await isSaved(page);
      await heldWhile(() => type(other, 'Oil', '170'));
      await expect(clash).toContainText('Oil: 164 °C here, 170 °C there');
      await clash.getByRole('button', { name: side }).click();
      await expect(clash).toHaveCount(0);
      await isSaved(page);
      expect((await trayAt(id)).fry.oilC).toBe(kept);
      await expect(oil(other)).toHaveValue(String(kept), { timeout: 2000 });
    }
    await other.close();
  });

  test('a kitchen changed on one is on the other within a second, whatever room it is in', async ({
    page,
    context,
  }) => {
    const id = await plannedBatch('Kitchen follows', 24);
    await openStation(page, id, 'fold');
    const other = await context.newPage();
    await other.goto('/store/kitchen');
    const { kitchen } = await read<{ kitchen: { altitudeM: number } }>('/kitchen');
    await type(other, 'Height above sea level', String(kitchen.altitudeM + 7));
    await expect
      .poll(async () => (await read<{ kitchen: { altitudeM: number } }>('/kitchen')).kitchen.altitudeM)
      .toBe(kitchen.altitudeM + 7);
    await page.getByRole('link', { name: 'Store' }).click();
    await page.getByRole('link', { name: 'Kitchen', exact: true }).click();
    await expect(page.getByRole('textbox', { name: 'Height above sea level' })).toHaveValue(
      String(kitchen.altitudeM + 7),
      { timeout: 1500 },
    );
    await type(page, 'Height above sea level', String(kitchen.altitudeM));
    await expect(other.getByRole('textbox', { name: 'Height above sea level' })).toHaveValue(
      String(kitchen.altitudeM),
      {
        timeout: 2500,
      },
    );
    await other.close();
  });
});

test('a batch is deleted only after it is asked', async ({ page }) => {
  await plannedBatch('To be deleted', 12);
  await go(page, '/bench');
  const row = page.getByRole('link', { name: /To be deleted/ });
  await page.getByRole('button', { name: 'Delete To be deleted' }).click();
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(row).toBeVisible();
  await page.getByRole('button', { name: 'Delete To be deleted' }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Delete the batch' }).click();
  await expect(row).toHaveCount(0);
});

test.describe('a batch that is not there', () => {
  test.use({ calm: ['status of 404', 'status of 400'] });
  test('says so and leaves a way on', async ({ page }) => {
    await go(page, '/bench/3f7bedf8-1df2-4f1c-a8f3-951f88733900/fold');
    await expect(page.getByRole('main').getByRole('alert')).toContainText('This batch does not exist');
    await expect(line(page)).toHaveCount(0);
    await page.goto('/nowhere');
    await expect(page.getByText('You asked for /nowhere.', { exact: false })).toBeVisible();
    await page.getByRole('link', { name: 'To the bench', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'Bench' })).toBeVisible();
  });
});

test('a batch is planned once more with one tap: the same plan, a name of its own', async ({ page }) => {
  const id = await plannedBatch('Twice', 18);
  await go(page, '/bench');
  await page.getByRole('button', { name: 'Plan Twice again' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Twice 2' })).toBeVisible();
  const copy = page.url().split('/')[4]!;
  expect(copy).not.toBe(id);
  const of = async (batch: string) => await trayAt(batch);
  expect({ ...(await of(copy)), name: 'Twice' }).toEqual(await of(id));
  await go(page, '/bench');
  await expect(page.getByRole('button', { name: 'Plan Twice 2 again' })).toBeVisible();
  await page.getByRole('button', { name: 'Plan Twice again' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Twice 3' })).toBeVisible();
  await go(page, '/bench');
  await expect(page.getByRole('button', { name: 'Plan Twice 3 again' })).toBeVisible();
  await axeFindsNothing(page, 'bench');
  await page.setViewportSize({ width: 390, height: 844 });
  await fitsAcross(page, 'bench on a phone');
});
