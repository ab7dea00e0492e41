import { expect, go, openStation, pageHeight, plannedBatch, settled, test } from './kitchen';

test('1280 × 800: a station shows controls, drawing and findings without scrolling', async ({ page }) => {
  const id = await plannedBatch('No scrolling', 24);
  for (const name of ['dough', 'filling', 'fold', 'fry', 'serve']) {
    await openStation(page, id, name);
    // The height that stays: while the page is being drawn, a part of it may still be missing.
    let height = 0;
    await expect
      .poll(
        async () => {
          const before = height;
          height = await pageHeight(page);
          await settled(page);
          return before === height;
        },
        { intervals: [500] },
      )
      .toBe(true);
    expect({ name, fits: height <= 800 }).toEqual({ name, fits: true });
  }
});

test('from list to changed plan by keyboard alone', async ({ page }) => {
  const id = await plannedBatch('By keyboard', 24);
  await go(page, '/bench');
  await page.getByRole('link', { name: /By keyboard/ }).focus();
  await page.keyboard.press('Enter');
  await settled(page);
  const focused = () => page.evaluate(() => document.activeElement?.getAttribute('data-station'));
  for (let i = 0; i < 40 && (await focused()) !== 'fry'; i++) await page.keyboard.press('Tab');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/fry$/);
  const radio = page.getByRole('radio', { name: 'room' });
  for (let i = 0; i < 20 && !(await radio.evaluate((el) => el === document.activeElement)); i++)
    await page.keyboard.press('Tab');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('radio', { name: 'fridge' })).toBeChecked();
  await page.keyboard.press('Control+z');
  await expect(radio).toBeChecked();
  await go(page, page.url().replace('fry', 'fold'));
  await settled(page);
  const box = page.getByRole('textbox', { name: 'Pieces' });
  for (let i = 0; i < 40 && !(await box.evaluate((el) => el === document.activeElement)); i++)
    await page.keyboard.press('Tab');
  await page.keyboard.press('Control+a');
  await page.keyboard.type('32');
  const texts = await settled(page);
  expect(texts[2]).toContain('32 ×');
  expect(page.url()).toContain(id);
});

test('reduced motion: nothing is animated', async ({ page }) => {
  const id = await plannedBatch('Still', 24);
  await openStation(page, id, 'fold');
  const moving = () => page.evaluate(() => document.getAnimations().length);
  await page.emulateMedia({ reducedMotion: 'no-preference' });
  await page.getByRole('textbox', { name: 'Pieces' }).fill('28');
  await expect.poll(moving, { intervals: [20] }).toBeGreaterThan(0);
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await page.getByRole('textbox', { name: 'Pieces' }).fill('30');
  await settled(page);
  expect(await moving()).toBe(0);
});

test.describe('a page opened for the first time', () => {
  test.use({ fresh: true });
  test('the bench opens with little script, and charts only where they are shown', async ({ page }) => {
    // Noted in the page, so that a slow machine counts the same scripts as a quick one.
    await page.addInitScript(() => {
      new MutationObserver((_, watch) => {
        if (!document.querySelector('main input')) return;
        watch.disconnect();
        performance.mark('bench shown');
      }).observe(document, { childList: true, subtree: true });
    });
    const scripts = () =>
      page.evaluate(() => {
        const shown = performance.getEntriesByName('bench shown')[0]!.startTime;
        return (performance.getEntriesByType('resource') as PerformanceResourceTiming[])
          .filter((entry) => /\.js$/.test(entry.name) && !entry.name.includes('worker'))
          .map((entry) => ({ url: entry.name, bytes: entry.encodedBodySize, first: entry.startTime <= shown }));
      });
    const id = await plannedBatch('Light', 24);
    await openStation(page, id, 'fold');
    const first = (await scripts()).filter((script) => script.first);
    expect(first.length).toBeGreaterThan(0);
    const bytes = first.reduce((sum, script) => sum + script.bytes, 0);
    expect(bytes).toBeGreaterThan(100_000);
    expect(bytes).toBeLessThan(250_000);
    expect(first.some(({ url }) => /Chart/.test(url))).toBe(false);
    await openStation(page, id, 'fry');
    await expect(page.getByRole('img', { name: /^Oil (during|while frying)/ })).toBeVisible();
    expect((await scripts()).some(({ url }) => /Chart/.test(url))).toBe(true);
  });
});
