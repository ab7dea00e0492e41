import type { Page } from '@playwright/test';
import { expect, lightStove } from './kitchen';

export async function startStove(page: Page, pace: string): Promise<void> {
  await expect(page.getByText(/Never leave hot oil alone/)).toBeVisible();
  await expect(page.getByText(/Local food and fire rules/)).toBeVisible();
  await page.getByText(pace, { exact: true }).click();
  await lightStove(page);
  await expect(page.getByTestId('oil-now')).toHaveText(/^\d+$/);
}

/** How long the hand has been at it, from seeing what is to do to having done it, ms: on a slow machine it is slow. */
export const hand = { ms: 0 };

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
    // Looked for in the page itself: it works all the while.
    const seen = await page
      .waitForFunction(
        () =>
          document.querySelector('[role=alertdialog] button')
            ? 'danger'
            : document.querySelector('[data-act][data-now]')?.getAttribute('data-act'),
        null,
        { timeout: 5000, polling: 100 },
      )
      .then((handle) => handle.jsonValue())
      .catch(() => null);
    if (!seen) continue;
    if (seen === 'finish') break;
    // A danger comes before anything: its one button is pressed. An act is touched only while it is the first.
    const key =
      seen === 'danger'
        ? page.getByRole('alertdialog').getByRole('button')
        : page.locator(`[data-now][data-act="${seen}"]`).first();
    const began = Date.now();
    const touched = await key.click({ timeout: 3000 }).then(
      () => true,
      () => false,
    );
    if (touched && seen !== 'danger') done.push(seen);
    await page.waitForTimeout(60);
    // As much again for what was not looked at meanwhile.
    hand.ms += 2 * (Date.now() - began);
  }
  return done;
}

/** On a slow machine oil at sixty times may pass its caution at any moment: its screen is seen to whenever it stands in the way. */
export async function watchForDanger(page: Page): Promise<void> {
  await page.addLocatorHandler(page.getByRole('alertdialog'), async (danger) => {
    await danger.getByRole('button').click();
  });
}
