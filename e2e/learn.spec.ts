import { axeFindsNothing, expect, fitsAcross, go, openStation, plannedBatch, read, settled, test } from './kitchen';

test('the handbook: asked as a cook asks, read, printed for this kitchen; at both sizes', async ({ page }) => {
  await go(page, '/table');
  await page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: 'Learn' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Handbook' })).toBeVisible();
  await axeFindsNothing(page, 'the handbook');
  const ask = page.getByRole('searchbox', { name: 'Search the handbook' });
  await ask.fill('pale and grasy');
  const chapters = page.getByRole('navigation', { name: 'Chapters' });
  await expect(chapters.getByRole('link').first()).toHaveText('pale and greasy');
  await chapters.getByRole('link').first().click();
  await expect(page.getByRole('heading', { level: 2, name: 'What went wrong' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'You see' })).toContainText('wait for the oil to recover');
  await ask.fill('zzzz');
  await expect(chapters.getByRole('status')).toContainText('Nothing was found');
  await ask.fill('');
  await page.setViewportSize({ width: 390, height: 844 });
  for (const [id, figure] of [
    ['families', 'Coiled, two doughs'],
    ['cooling', '50 mm'],
    ['shapes', 'half-moon'],
    ['no-thermometer', '140'],
    ['measuring', 'Plain wheat flour'],
    ['fire', 'Never water, never flour'],
  ] as const) {
    await go(page, `/learn/${id}`);
    await expect(page.getByRole('article')).toContainText(figure);
    await axeFindsNothing(page, id);
    await fitsAcross(page, id);
  }
  await go(page, '/learn/no-such-page');
  await expect(page.getByText('There is no such page in the handbook.')).toBeVisible();
});

test('eye and hand: a question is answered wrong, then right; what is known is kept, and nothing is learnt from it', async ({
  page,
}) => {
  await go(page, '/learn');
  await page.getByRole('link', { name: 'Eye and hand' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Eye and hand' })).toBeVisible();
  const answers = page.getByRole('list', { name: 'Answers' }).getByRole('button');
  await expect(answers).toHaveCount(4);
  await axeFindsNothing(page, 'eye and hand');
  const skills = page.getByRole('listitem').filter({ has: page.getByRole('img', { name: /percent$/ }) });
  await expect(skills).toHaveCount(7);
  const learnt = await read('/learnt/told');
  const seen = new Set<string>();
  for (let n = 0; n < 9; n++) {
    seen.add(await page.getByText(/\?$/).first().innerText());
    await answers.nth(n % 4).click();
    await expect(page.getByText(/^(Right|Not quite)\.$/)).toBeVisible();
    await page.getByRole('button', { name: 'Next question' }).click();
    await expect(page.getByText(/^(Right|Not quite)\.$/)).toHaveCount(0);
  }
  // Not the same question again and again.
  expect(seen.size).toBeGreaterThan(1);
  await expect(page.getByText('not asked yet')).toHaveCount(0);
  await page.reload();
  await expect(page.getByText(/in 100 right, based on \d+ answers?/)).toHaveCount(7);
  expect(await read('/learnt/told')).toEqual(learnt);
  await page.setViewportSize({ width: 390, height: 844 });
  await fitsAcross(page, 'eye and hand');
  await axeFindsNothing(page, 'eye and hand on a phone');
});

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

test('beside the work: opens where the work is, every term explains itself, and the work stays as it was', async ({
  page,
}) => {
  const id = await plannedBatch('Read beside', 24);
  await openStation(page, id, 'filling');
  const before = await settled(page);
  await page.getByRole('button', { name: 'Handbook' }).click();
  const panel = page.getByRole('dialog', { name: 'Handbook' });
  await expect(panel.getByRole('heading', { name: 'A filling that stays in' })).toBeVisible();
  await axeFindsNothing(page, 'the handbook beside the work');
  await panel.getByRole('button', { name: 'Done in the middle' }).click();
  await panel.getByRole('button', { name: 'core', exact: true }).click();
  const word = page.getByRole('dialog', { name: 'core' });
  await expect(word).toContainText('The innermost part of a piece');
  await word.getByRole('button', { name: 'More: Done in the middle' }).click();
  await panel.getByRole('searchbox', { name: 'Search the handbook' }).fill('smoke point');
  await panel.getByRole('button', { name: 'smoke point', exact: true }).click();
  // What was pressed is gone: the keys go on from the title of what came.
  await expect(panel.getByRole('heading', { name: 'How long oil lasts' })).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(panel).toHaveCount(0);
  expect(await settled(page)).toEqual(before);
  expect(page.url()).toContain('/filling');
  // Each finding has its rule, and the page that says more; the methods are worked out for this very batch.
  const findings = page.getByRole('list', { name: 'Findings' }).getByRole('listitem');
  await expect(findings.first()).toBeVisible();
  expect(await findings.getByRole('button', { name: /: why\?$/ }).count()).toBe(await findings.count());
  await findings
    .first()
    .getByRole('button', { name: /: why\?$/ })
    .click();
  await axeFindsNothing(page, 'the rule behind a finding');
  await page.getByRole('button', { name: 'More in the handbook' }).click();
  await expect(panel.getByRole('article')).toBeVisible();
  await panel.getByRole('searchbox', { name: 'Search the handbook' }).fill('two methods');
  await panel.getByRole('button', { name: 'Two methods of frying' }).first().click();
  const here = panel.getByRole('region', { name: 'Computed for Read beside' });
  await expect(here.getByRole('row')).toHaveCount(4);
  await expect(here).toContainText(/hot and quick.*\d+ min/);
  await page.keyboard.press('Escape');
  // A word of the station says what it means, beside its drawing.
  await openStation(page, id, 'dough');
  await page.getByRole('button', { name: 'Effective water' }).click();
  await expect(panel).toContainText('effective water: All the water in a dough');
  await page.keyboard.press('Escape');
  // At the stove one tap is enough for what to do about fire.
  await go(page, '/stove');
  await page.getByRole('button', { name: 'Handbook' }).click();
  await expect(panel).toContainText('Never water. Never flour. Never carry the pot.');
  await expect(panel).toContainText('call the fire service');
  await panel.getByRole('button', { name: 'Burns' }).click();
  await expect(panel).toContainText('cool running water for 20 minutes');
});
