import { axeFindsNothing, expect, fitsAcross, go, read, test } from './kitchen';

test('the practice stove: one session cooked badly, then well; scores in that order, with reasons, and what if', async ({
  page,
}) => {
  const before = [await read('/learnt/told'), await read('/ledger'), await read('/stoves')];
  await go(page, '/learn');
  await page.getByRole('link', { name: 'Practice stove' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'not tried yet' })).toHaveCount(16);
  await axeFindsNothing(page, 'the practice stove');
  await go(page, '/learn/practice/wholemeal?session=3');
  await page.getByText('20 times').click();
  await page.getByText('off').click();
  await axeFindsNothing(page, 'a practice session');
  await page.getByRole('button', { name: 'Start' }).click();
  // Silent: no advice. Everything into the oil at once, and nobody comes back.
  await expect(page.getByRole('button', { name: /^Dropped/ })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Do next' })).toHaveCount(0);
  await page.getByRole('button', { name: /^Dropped/ }).click();
  await page.getByRole('button', { name: 'Pause', exact: true }).click();
  await axeFindsNothing(page, 'a paused session');
  // A reload loses nothing of it, and it waits to go on.
  const clock = page.getByText(/ of .* at most$/);
  const stood = await clock.innerText();
  await page.reload();
  await expect(page.getByRole('button', { name: 'Continue', exact: true })).toBeVisible();
  expect(await clock.innerText()).toBe(stood);
  await expect(page.getByRole('group', { name: 'Pieces in the pot' }).getByText('5', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'End it now' }).click();
  const judged = page.getByRole('region', { name: 'How it went' });
  const score = async () => {
    await expect(judged.getByText(/^You lost/)).toBeVisible({ timeout: 60_000 });
    return Number(/(\d+) of 100/.exec(await judged.innerText())?.[1]);
  };
  const badly = await score();
  await expect(judged).toContainText('too dark');
  expect(badly).toBeLessThan(20);
  // The same session again, as it is whispered.
  await page.getByRole('button', { name: 'The same session again' }).click();
  await page.getByText('on', { exact: true }).click();
  await page.getByRole('button', { name: 'Start' }).click();
  const now = page.locator('button[data-now]').first();
  for (let tapped = 0; tapped < 40 && (await judged.count()) === 0; tapped++) {
    await now.or(judged).first().waitFor();
    await now.click({ timeout: 1000 }).catch(() => undefined);
  }
  const well = await score();
  expect(well).toBeGreaterThan(badly + 40);
  await expect(judged).toContainText(/in all, which counts as/);
  // Each act is weighed; the taking out is dragged far to the front, and everything comes out pale.
  const acts = page.getByRole('region', { name: 'What you did, and its effect' });
  const takeOut = acts.getByRole('button', { name: /Took out/ }).first();
  await expect(takeOut).toContainText(/saved/, { timeout: 60_000 });
  await takeOut.click();
  const slider = page.getByRole('slider', { name: /Took out/ });
  await slider.focus();
  await page.keyboard.press('Home');
  await expect(page.getByText(/^The score would have been \d+ of 100/)).toBeVisible();
  expect(Number(/been (\d+) of/.exec(await page.getByText(/^The score would have been/).innerText())![1])).toBeLessThan(
    well,
  );
  await axeFindsNothing(page, 'how a session went');
  await page.setViewportSize({ width: 390, height: 844 });
  await fitsAcross(page, 'how a session went');
  await page.getByRole('link', { name: 'All situations' }).click();
  await expect(page.getByText(/of 100, likely \d+ to \d+, based on 2 sessions/)).toBeVisible();
  await fitsAcross(page, 'the practice stove');
  // Nothing of it has reached the kitchen.
  expect([await read('/learnt/told'), await read('/ledger'), await read('/stoves')]).toEqual(before);
  await go(page, '/learn/practice/no-such');
  await expect(page.getByText('There is no situation “no-such”.')).toBeVisible();
});
