import type { Page } from '@playwright/test';
import { expect, isSaved, openStation, plannedBatch, read, settled, station, test, trayAt, type } from './kitchen';

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
    /^You can be \d+ °C or .* out, either way, and still be right\. Allowing for handmade differences, (nearly all|about \d+)/,
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
