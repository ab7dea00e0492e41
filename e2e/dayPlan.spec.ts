import { readFile } from 'node:fs/promises';
import ICAL from 'ical.js';
import type { Batch } from '@ember-fold/core/plan';
import type { SupperDay } from '@ember-fold/core/supper';
import { axeFindsNothing, expect, fitsAcross, go, product, read, settled, test } from './kitchen';

interface Row {
  readonly id: string;
  readonly supper: {
    readonly name: string;
    readonly pins?: object;
    readonly servings: readonly { readonly at: string }[];
  };
}
const walk = async () => (await read<Row[]>('/suppers')).find(({ supper }) => supper.name === 'Lantern Walk supper')!;
const dayOf = (id: string) => read<SupperDay>(`/suppers/${id}/plan`);

test('the Lantern Walk: planned as one, a stretch moved by key and back, a cook more, the calendar, two cooks at work', async ({
  page,
  context,
}) => {
  const { id } = await walk();
  await go(page, `/table/${id}`);
  const dayPlan = page.getByRole('region', { name: 'The plan' });
  const pot = dayPlan.getByRole('list', { name: 'Pot', exact: true }).getByRole('listitem');
  await expect(pot.first()).toHaveText('Heat the oil');
  await expect(dayPlan.getByText(/This is the latest start that works|No plan can start later than/)).toBeVisible();
  await expect(page.getByRole('region', { name: /^(On time|May be late)$/ })).toContainText(
    /Last piece out at \d\d:\d\d/,
  );
  await axeFindsNothing(page, 'the plan');

  // One truth: Serve, the first page and the run-sheet say what the day plan says.
  const told = await dayOf(id);
  const lentil = told.dayPlan!.batches.find(({ name }) => name === 'Lentil and dill cones')!;
  const own = told.dayPlan!.entries.flatMap(({ steps }) => steps.filter(({ batchId }) => batchId === lentil.batchId));
  const second = own.map(({ startMs }) => startMs).sort((a, b) => a - b)[1]!;
  const clock = (ms: number) => new Date(ms).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
  await go(page, `/bench/${lentil.batchId}/serve`);
  await settled(page);
  await expect(page.getByRole('list', { name: 'Steps' }).getByRole('time').first()).toHaveText(clock(lentil.startMs));
  await expect(page.getByText(`start ${clock(lentil.startMs)}`)).toBeVisible();
  await go(page, `/cook/${lentil.batchId}`);
  await expect(page.getByRole('list', { name: 'Next' })).toContainText(clock(second));

  // Later by two keys: it stays where it was put, and one tap takes it back.
  await go(page, `/table/${id}`);
  const first = dayPlan.getByRole('list', { name: 'Cook', exact: true }).getByRole('button').first();
  const before = await first.getAttribute('aria-label');
  const beganMs = told.dayPlan!.entries[0]!.startMs;
  await first.focus();
  await page.keyboard.press('ArrowLeft');
  // Another task may now come before it.
  const fixed = dayPlan.getByRole('list', { name: 'Cook', exact: true }).getByRole('button', { name: /Fixed by you$/ });
  await expect(fixed).toHaveAttribute('aria-label', new RegExp(`^${clock(beganMs - 300_000)} to `));
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(first).toHaveAttribute('aria-label', before!);
  // By mouse the same; what was dragged still opens by a tap.
  const box = (await first.boundingBox())!;
  await page.mouse.move(box.x + 8, box.y + 10);
  await page.mouse.down();
  await page.mouse.move(box.x - 22, box.y + 10, { steps: 5 });
  await page.mouse.up();
  await expect(fixed).toHaveCount(1);
  await fixed.click();
  await page.getByRole('dialog').getByRole('button', { name: 'Plan it automatically' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
  await expect(first).toHaveAttribute('aria-label', before!);
  // Opened by Enter: the day before. The day itself begins later.
  await first.focus();
  await page.keyboard.press('Enter');
  await page.getByRole('dialog').getByRole('button', { name: 'Do it the day before' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
  await expect(dayPlan.getByRole('button', { name: /^On Friday/ })).toBeVisible();
  expect((await dayOf(id)).dayPlan!.startMs!).toBeGreaterThan(beganMs);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(dayPlan.getByRole('button', { name: /^On Friday/ })).toHaveCount(0);

  // What would change it: each worked out; one more pair of hands begins hours later.
  await page.getByRole('button', { name: 'What would help?' }).click();
  await page.getByRole('button', { name: 'Choose this: One more cook' }).click();
  await expect(dayPlan.getByRole('list', { name: 'Cook 2' }).getByRole('button').first()).toBeVisible();
  await expect.poll(async () => (await dayOf(id)).dayPlan!.startMs! - beganMs).toBeGreaterThan(2 * 3_600_000);

  // The calendar, read by another program.
  const waits = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Calendar', exact: true }).click();
  const text = await readFile(await (await waits).path(), 'utf8');
  const events = new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));
  const now = (await dayOf(id)).dayPlan!;
  expect(events.map((event) => event.startDate.toJSDate().getTime())).toEqual(
    now.entries.map(({ startMs }) => startMs),
  );

  // Two devices, one cook each: what one hands over the other has.
  await page.getByRole('link', { name: 'Cook it' }).click();
  await page.getByRole('button', { name: /Cook at this device/ }).click();
  await page.getByRole('option', { name: 'Cook 1' }).click();
  const other = await context.newPage();
  await other.goto(`/cook/supper/${id}`);
  await expect(other.getByRole('list', { name: 'Next' }).getByRole('listitem').first()).toBeVisible();
  const step = page.getByRole('region', { name: 'Now' });
  const firstOf = async () => (await dayOf(id)).dayPlan!.entries.find(({ cook }) => cook === 0)!.steps[0]!.startMs;
  const begun = await firstOf();
  await expect(step.getByRole('heading').first()).toBeVisible();
  await step.getByRole('button', { name: 'Done', exact: true }).click();
  // It is over: the day plan goes on with what comes next.
  await expect.poll(async () => (await firstOf()) !== begun).toBe(true);
  const mine = (await dayOf(id)).dayPlan!.entries;
  const handed = page.getByRole('button', { name: /^Hand to Cook 2/ }).first();
  await handed.click();
  await expect
    .poll(
      async () => Object.values((await walk()).supper.pins ?? {}).map((pin) => (pin as { cook?: string }).cook).length,
    )
    .toBe(1);
  expect(mine.length).toBeGreaterThan(0);
});

test('twenty minutes late: what moved is said, ways out are there, one is taken, and it holds again', async ({
  page,
}) => {
  const row = await walk();
  const { id, supper } = row;
  const told = await dayOf(id);
  const needsMs = Date.parse(supper.servings[0]!.at) - told.dayPlan!.latestMs;
  // The table is so near that the day is twenty minutes short.
  const at = new Date(Date.now() + needsMs - 1_200_000).toISOString();
  const { version } = await read<{ version: number }>(`/suppers/${id}`);
  const moved = { ...supper, servings: [{ ...supper.servings[0]!, at }] };
  const put = {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ version, supper: moved }),
  };
  expect((await fetch(`${product().address}/api/suppers/${id}`, put)).status).toBe(200);
  await go(page, `/table/${id}`);
  const late = page.getByRole('region', { name: 'Late', exact: true });
  await expect(late).toContainText(/(1[5-9]|[234]\d) min late/);
  await expect(page.getByText(/Some of this should already be under way|ended .* later than planned/)).toBeVisible();
  const ways = page.getByRole('region', { name: 'Changes that help' });
  await expect(ways.getByRole('listitem').first()).toBeVisible();
  await expect(ways).toContainText('One more cook from now on');
  await expect(ways).toContainText(/Serve \d+ min later/);
  const pieces = async () => {
    const { batches } = await dayOf(id);
    return await Promise.all(batches.map(async (one) => (await read<Batch>(`/batches/${one.id}`)).draft));
  };
  const before = await pieces();
  await ways.getByRole('button', { name: /^Choose this: Leave out / }).click();
  await expect(page.getByRole('region', { name: /^(On time|May be late)$/ })).toBeVisible();
  expect((await pieces()).length).toBe(before.length - 1);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(late).toBeVisible();
  await expect.poll(async () => (await pieces()).length).toBe(before.length);
  // The first thing to do is called in every room.
  await page.getByRole('link', { name: 'Store', exact: true }).click();
  await expect(page.getByRole('status', { name: 'Due now' })).toContainText(/\d\d:\d\d: (Weigh|Cook) the filling/);
  // On a phone it is the list of one cook; nothing reaches past the side.
  await page.setViewportSize({ width: 390, height: 844 });
  await go(page, `/table/${id}`);
  await expect(
    page
      .getByRole('list', { name: /^Plan for/ })
      .getByRole('listitem')
      .first(),
  ).toBeVisible();
  await fitsAcross(page, 'the plan');
  await axeFindsNothing(page, 'the plan on a phone');
});
