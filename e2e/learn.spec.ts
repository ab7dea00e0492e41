import { axeFindsNothing, expect, fitsAcross, openStation, plannedBatch, read, settled, test } from './kitchen';

test('the handbook: asked as a cook asks, read, printed for this kitchen; at both sizes', async ({ page }) => {
  await page.goto('/table');
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
  await expect(chapters.getByRole('status')).toContainText('Nothing is found');
  await ask.fill('');
  await page.setViewportSize({ width: 390, height: 844 });
  for (const [id, figure] of [
    ['families', 'Coiled two-dough'],
    ['cooling', '50 mm'],
    ['forms', 'half-moon'],
    ['no-thermometer', '140'],
    ['measuring', 'Plain wheat flour'],
    ['fire', 'Never water, never flour'],
  ] as const) {
    await page.goto(`/learn/${id}`);
    await expect(page.getByRole('article')).toContainText(figure);
    await axeFindsNothing(page, id);
    await fitsAcross(page, id);
  }
  await page.goto('/learn/no-such-page');
  await expect(page.getByText('There is no such page in the handbook.')).toBeVisible();
});

test('eye and hand: a question is answered wrong, then right; what is known is kept, and nothing is learnt from it', async ({
  page,
}) => {
  await page.goto('/learn');
  await page.getByRole('link', { name: 'Eye and hand' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Eye and hand' })).toBeVisible();
  const answers = page.getByRole('list', { name: 'Answers' }).getByRole('button');
  await expect(answers).toHaveCount(4);
  await axeFindsNothing(page, 'eye and hand');
  const skills = page.getByRole('listitem').filter({ has: page.getByRole('img', { name: /percent$/ }) });
  await expect(skills).toHaveCount(4);
  const learnt = await read('/learnt/told');
  const seen = new Set<string>();
  for (let n = 0; n < 6; n++) {
    seen.add(await page.getByText(/\?$/).first().innerText());
    await answers.nth(n % 4).click();
    await expect(page.getByText(/^(Right|Not this one)\.$/)).toBeVisible();
    await page.getByRole('button', { name: 'Next question' }).click();
    await expect(page.getByText(/^(Right|Not this one)\.$/)).toHaveCount(0);
  }
  // Not the same question again and again.
  expect(seen.size).toBeGreaterThan(1);
  await expect(page.getByText('not asked yet')).toHaveCount(0);
  await page.reload();
  await expect(page.getByText(/of 100 right, from \d+ answers?/)).toHaveCount(4);
  expect(await read('/learnt/told')).toEqual(learnt);
  await page.setViewportSize({ width: 390, height: 844 });
  await fitsAcross(page, 'eye and hand');
  await axeFindsNothing(page, 'eye and hand on a phone');
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
  await expect(panel.getByRole('heading', { name: 'How long oil lasts' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(panel).toHaveCount(0);
  expect(await settled(page)).toEqual(before);
  expect(page.url()).toContain('/filling');
  // At the stove one tap is enough for what to do about fire.
  await page.goto('/fire');
  await page.getByRole('button', { name: 'Handbook' }).click();
  await expect(panel).toContainText('Never water. Never flour. Never carry the pot.');
  await expect(panel).toContainText('call the fire service');
  await panel.getByRole('button', { name: 'Burns' }).click();
  await expect(panel).toContainText('cool running water for 20 minutes');
});
