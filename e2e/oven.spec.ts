import type { LedgerFigures } from '@ember-fold/core/ledger';
import { withFold } from '@ember-fold/core/plan';
import type { StoveAct } from '@ember-fold/core/stove';
import { expect, go, isSaved, NOT_STARTED, openStation, plannedBatch, read, station, test, trayAt } from './kitchen';
import { followAdvice, startStove, watchForDanger } from './stoveHand';

test.use({ calm: [NOT_STARTED] });
test.setTimeout(180_000);

test('by colour, then the oven, with raw egg: chosen where no moment is right, in every room, called at the stove, done in the ledger', async ({
  page,
}) => {
  // Thick walls in hot oil: golden long before the middle is safe.
  const id = await plannedBatch(`By colour ${Date.now()}`, 6, 'squash-sage', (draft) => ({
    ...withFold(draft, { thicknessM: 0.007 }),
    filling: { ...draft.filling, raw: 'egg', coreTargetC: 71 },
    fry: { ...draft.fry, oilC: 180, minutesS: null, start: 'room' },
  }));
  await openStation(page, id, 'fry');
  await expect(station(page, 'Fry')).toContainText('no right moment');
  await page.getByRole('button', { name: 'Choose: Finish in the oven' }).click();
  await expect(station(page, 'Fry')).toContainText(/golden|brown/);
  await expect(station(page, 'Fry')).toContainText(/then \d+ min oven/);
  await expect(page.getByText(/then \d+ min in the oven at 175 °C/).first()).toBeVisible();
  await expect(page.getByText(/not done inside|not safe|raw ring|middle cold/)).toHaveCount(0);
  await isSaved(page);
  expect((await trayAt(id)).fry.thenOven).toEqual({ ovenC: 175, minutesS: null });
  // The day and the run-sheet have the step.
  await openStation(page, id, 'serve');
  await expect(page.getByText('Finish in the oven')).toBeVisible();
  await go(page, `/cook/${id}`);
  // The step is in a part of the list that is still closed: present, but not visible.
  await expect(page.getByText('Finish in the oven').first()).toBeAttached();

  await go(page, `/stove/${id}`);
  await startStove(page, '60 times');
  await watchForDanger(page);
  const tally = page.getByRole('region', { name: 'Tally' });
  await followAdvice(page, (done) => done.includes('to-oven'));
  await expect(tally).toContainText('done0');
  await expect(tally).toContainText(/In the oven: .*to finish, at 175 °C/);
  const done = await followAdvice(page, (acts) => acts.includes('finish'));
  expect(done).toContain('oven-out');
  await expect(tally).toContainText('done6');
  await page.getByRole('button', { name: 'Finish the batch', exact: true }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Finish anyway' }).click();
  await expect(page).toHaveURL(new RegExp(`/ledger/${id}$`));
  const { acts, figures } = await read<{ acts: StoveAct[]; figures: LedgerFigures }>(`/ledger/${id}`);
  expect([figures.fried, figures.aside, figures.burst]).toEqual([6, 0, 0]);
  // What was ordered is kept with what was done.
  const order = acts.find(({ kind }) => kind === 'to-oven');
  expect(order).toMatchObject({ ovenC: 175, afterS: expect.any(Number) });
});
