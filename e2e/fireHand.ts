import type { Page } from '@playwright/test';
import { expect, lightStove } from './kitchen';

const doNext = (page: Page) => page.getByRole('region', { name: 'Do next' });

export async function startStove(page: Page, pace: string): Promise<void> {
  await expect(page.getByText(/Never leave hot oil alone/)).toBeVisible();
  await expect(page.getByText(/Local food and fire rules/)).toBeVisible();
  await page.getByText(pace, { exact: true }).click();
  await lightStove(page);
  await expect(page.getByTestId('oil-now')).toHaveText(/^\d+$/);
}

/** Does what the list says until `enough`; a hand that follows advice, one thing at a time. */
export async function followAdvice(
  page: Page,
  enough: (done: readonly string[]) => boolean,
  mostMs = 90_000,
): Promise<string[]> {
  const done: string[] = [];
  const end = Date.now() + mostMs;
  while (!enough(done)) {
    if (Date.now() > end) throw new Error(`The advice led nowhere: ${done.join(', ')}`);
    // A danger comes before anything: its one button is pressed.
    const danger = page.getByRole('alertdialog').getByRole('button');
    if (await danger.isVisible()) await danger.click({ timeout: 3000 }).catch(() => undefined);
    // The element itself: the list may change between the look and the touch.
    const now = await doNext(page)
      .locator('[data-now]')
      .first()
      .elementHandle({ timeout: 200 })
      .catch(() => null);
    const act = (await now?.getAttribute('data-act')) ?? null;
    if (now && act) {
      if (act === 'finish') break;
      const touched = await now.click({ timeout: 3000 }).then(
        () => true,
        () => false,
      );
      if (touched) done.push(act);
    }
    await page.waitForTimeout(120);
  }
  return done;
}

/** On a slow machine oil at sixty times may pass its caution at any moment: its screen is seen to whenever it stands in the way. */
export async function watchForDanger(page: Page): Promise<void> {
  await page.addLocatorHandler(page.getByRole('alertdialog'), async (danger) => {
    await danger.getByRole('button').click();
  });
}
