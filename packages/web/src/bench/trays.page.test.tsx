import type { LedgerRecord, StoredItem } from '@ember-fold/core/ledger';
import {
  friedPieces,
  fryTrays,
  type BatchDraft,
  withFamily,
  withShape,
  withWorkedFormula,
} from '@ember-fold/core/plan';
import { START_CHECKS, type Stove } from '@ember-fold/core/stove';
import {
  all,
  choose,
  fill,
  find,
  go,
  isSaved,
  openStation,
  plannedBatch,
  press,
  read,
  sees,
  send,
  settled,
  stationSays,
  user,
  waitFor,
  within,
} from '../../testing/page';

const batchAt = async (id: string) => (await read<{ draft: BatchDraft }>(`/batches/${id}`)).draft;
const recordAt = (id: string) => read<LedgerRecord>(`/ledger/${id}`);
const trayRow = (dialog: HTMLElement, mark: string) => find('group', `Tray ${mark}`, dialog);

/** Opens the trays of a batch. */
async function openTrays(id: string): Promise<HTMLElement> {
  await openStation(id, 'fold');
  await press('Trays');
  return find('dialog', 'Trays');
}

async function closeTrays(dialog: HTMLElement): Promise<void> {
  await press('Done', dialog);
  await settled();
  await isSaved();
}

/** Follows a tray of the strip above the line. */
const openTray = async (name: RegExp) => user.click(await find('link', name, await find('navigation', 'Trays')));

/** Records what was measured at the step that is shown. */
async function measure(now: HTMLElement, name: string, value: string): Promise<void> {
  const row = await find('group', name, now);
  await fill(name, value, row);
  await user.tab();
  await press(/^Record /, row);
  await waitFor(() => expect(within(row).getByRole('status').textContent).toContain('Noted'));
}

const stepNow = () => document.querySelector<HTMLElement>('[data-step]');

/**
 * Marks every step as done, as they come, until the pot.
 * @param at what else is done at a step, by its key
 * @returns what each was called
 */
async function runSheet(
  id: string,
  at: Readonly<Record<string, (now: HTMLElement) => Promise<void>>> = {},
): Promise<string[]> {
  await go(`/cook/${id}`);
  const done: string[] = [];
  await waitFor(() => expect(stepNow()).not.toBeNull());
  for (let now = stepNow(); now; now = stepNow()) {
    const step = now.dataset['step']!;
    done.push(within(now).getByRole('heading', { level: 2 }).textContent!);
    if (step === 'heat' || step === 'fry') break;
    await at[step]?.(now);
    await press('Done', now);
    await waitFor(() => expect(document.querySelector(`[data-step="${step}"]`)).toBeNull());
  }
  return done;
}

/** Eight batches use an oil up, and this file fries more: what is worn is thrown away, and the pot holds fresh oil. */
async function throwWornAway(): Promise<void> {
  const oils = await read<{ oil: { id: string }; state: { advice: string; isGone: boolean } }[]>('/oils');
  for (const { oil, state } of oils)
    if (!state.isGone && (state.advice === 'discard' || state.advice === 'last-time'))
      await send(`/oils/${oil.id}/events`, { id: crypto.randomUUID(), kind: 'poured-away' });
}

/** Every piece into the oil and out again, by acts as a page sends them: how that is tapped is `stove.page.test`'s. */
async function fryAll(id: string): Promise<void> {
  await throwWornAway();
  expect((await send(`/batches/${id}/stove`, { speed: 60, gate: START_CHECKS })).status).toBe(201);
  const { draft } = await read<Stove>(`/batches/${id}/stove`);
  const pieces = Array.from({ length: friedPieces(fryTrays(draft)) }, (_, i) => i + 1);
  for (const [i, kind] of (['drop', 'take-out'] as const).entries())
    expect(
      (await send(`/batches/${id}/stove/acts`, { id: crypto.randomUUID(), atS: i + 1, kind, pieces })).status,
    ).toBe(201);
  expect((await send(`/batches/${id}/stove/finish`, {})).status).toBe(200);
  await go(`/ledger/${id}`);
}

it('three fillings from one rich yeast dough, baked: each tray its own, one dough, one oven; it ends in the ledger', async () => {
  const id = await plannedBatch('Three from one dough', 8, 'pear-ginger', (draft) =>
    withWorkedFormula(withFamily(draft, 'yeast')),
  );
  const dialog = await openTrays(id);
  await press(/^Add a tray/, dialog);
  await press(/^Add a tray/, dialog);
  for (const mark of ['A', 'B', 'C']) {
    await choose(/What happens to them/, 'Baked today', await trayRow(dialog, mark));
    if (mark !== 'A') await choose(/Filling/, 'a filling of its own', await trayRow(dialog, mark));
  }
  await fill(/Name of this tray/, 'With more ginger', await trayRow(dialog, 'B'));
  await closeTrays(dialog);
  expect(all('link', undefined, await find('navigation', 'Trays'))).toHaveLength(3);
  // Another filling for one tray leaves the others as they were.
  await openTray(/With more ginger/);
  await user.click(await find('link', /^Filling/, await find('navigation', 'The line')));
  await settled();
  const before = await batchAt(id);
  const [ginger] = (await within(document.body).findAllByRole('textbox', { name: /ginger/i })) as [HTMLElement];
  await user.clear(ginger);
  await user.paste('20');
  await settled();
  await waitFor(async () => expect((await batchAt(id)).fillings.B).not.toEqual(before.fillings.B));
  const after = await batchAt(id);
  expect(Object.keys(after.fillings)).toEqual(['A', 'B', 'C']);
  expect([after.fillings.A, after.fillings.C]).toEqual([before.fillings.A, before.fillings.C]);
  // The third goes in part-frozen: its portions are shaped first.
  await openTray(/Tray C/);
  await user.click(await find('link', /^Fold/, await find('navigation', 'The line')));
  await press('Seal and coating');
  await user.click(await find('radio', 'part-frozen', await find('radiogroup', 'Filling goes in')));
  await user.keyboard('{Escape}');
  await sees(/^Shape the filling into portions of/);
  await settled();
  await isSaved();
  // One dough for all three, and the oven on the line.
  await stationSays('Bake', '190 °C');
  const ovens = async () =>
    (await read<{ kitchen: { ovenSeen?: number[] } }>('/kitchen')).kitchen.ovenSeen?.length ?? 0;
  const ovensBefore = await ovens();
  const done = await runSheet(id, {
    'mix-dough': async (now) => {
      await measure(now, 'Liquid as poured', '48');
      await sees(/^Liquid at 48 °C weakens the yeast/, now);
      await measure(now, 'Liquid as poured', '60');
      await sees(/^Liquid at 60 °C kills the yeast/, now);
      await press(/^As planned/, await find('group', 'Liquid as poured', now));
      await measure(now, 'Dough after kneading', '29');
      await sees(/^The dough was at 29 °C after kneading/, now);
      await sees(/^The dough doubles in .* instead of/);
    },
    bake: (now) => measure(now, 'Golden after', '24:00'),
  });
  await waitFor(async () => expect(await ovens()).toBe(ovensBefore + 1));
  expect(done.filter((name) => name.startsWith('Cook the filling'))).toHaveLength(3);
  expect(done).toEqual(expect.arrayContaining(['Shape the filling, Tray C', 'Filling firms in the freezer, Tray C']));
  expect(done).toEqual(expect.arrayContaining(['Dough rests', 'Filled pieces rise', 'Bake', 'Drain and serve']));
  expect(done.filter((name) => name === 'Make the dough')).toHaveLength(1);
  await press('Finish the batch');
  await waitFor(() => expect(location.pathname).toBe(`/ledger/${id}`));
  expect((await recordAt(id)).figures).toMatchObject({ baked: 24, fried: 0 });
});

it('two portions of hot-water dough, a hundred pieces frozen; 24 of them fried on another day', async () => {
  const id = await plannedBatch('A hundred ahead', 100, 'mushroom-barley');
  const dialog = await openTrays(id);
  await choose(/What happens to them/, 'Frozen raw', await trayRow(dialog, 'A'));
  await closeTrays(dialog);
  await openStation(id, 'dough');
  await fill('Dough portions', '9');
  const portions = await find('textbox', 'Dough portions');
  await waitFor(() => expect(portions.getAttribute('aria-invalid')).toBe('true'));
  await fill('Dough portions', '2');
  await settled();
  await isSaved();
  await stationSays('Freeze', '100 stored');
  const done = await runSheet(id, {
    'mix-dough': async (now) => {
      const planned = all('button', /^As planned/, now).at(-1)!.textContent!;
      const grams = Number(/([\d\s]+) g/.exec(planned)![1]!.replace(/\s/g, ''));
      await measure(now, 'Dough without its pot', String(grams - 90));
      await sees(/You will be .* of dough short|^Dough stiffer/);
    },
  });
  expect(done).toEqual(expect.arrayContaining(['Make the dough, portion 1', 'Make the dough, portion 2']));
  expect(done).toContain('Store for another day');
  await press('Finish the batch');
  await waitFor(() => expect(location.pathname).toBe(`/ledger/${id}`));
  await go('/store/freezer');
  const item = await waitFor(() => {
    const found = all('listitem').find(({ textContent }) => textContent!.includes('A hundred ahead'));
    expect(found?.textContent).toContain('100 of 100');
    return found!;
  });
  await fill('How many', '24', item);
  await user.tab();
  await press('Plan a batch with them', item);
  await waitFor(() => expect(location.pathname).toMatch(/\/bench\/[^/]+\/fry/));
  const later = location.pathname.split('/')[2]!;
  await settled();
  await stationSays('Dough', 'out of the Store');
  await sees(/^Wipe frost off every frozen piece/);
  const left = async () =>
    (await read<StoredItem[]>('/store/stored')).find(({ name }) => name === 'A hundred ahead')!.left;
  expect(await left()).toBe(76);
  expect(await runSheet(later)).toEqual(['Heat the oil']);
  await fryAll(later);
  expect((await recordAt(later)).figures).toMatchObject({ fried: 24, notFried: 0 });
  expect(await left()).toBe(76);
});

it('eight plain and six strong breads in one oil: the strong ones last, each piece with the mark of its tray', async () => {
  const id = await plannedBatch('Plain and strong breads', 8, 'squash-sage', (draft) =>
    withShape(draft, 'puffed-bread'),
  );
  const dialog = await openTrays(id);
  await press(/^Add a tray/, dialog);
  await choose(/Filling/, 'no filling', await trayRow(dialog, 'B'));
  await fill('Pieces', '8', await trayRow(dialog, 'B'));
  await fill('Pieces', '6', await trayRow(dialog, 'A'));
  await closeTrays(dialog);
  await go(`/bench/${id}/filling?tray=A`);
  await settled();
  await user.click(await find('checkbox', 'Strong smell or taste: fry it last'));
  await settled();
  await isSaved();
  await go(`/bench/${id}/filling?tray=B`);
  await stationSays('Filling', 'pieces without a filling');
  await fryAll(id);
  const record = await recordAt(id);
  expect(record.trays.map(({ mark, first, figures }) => [mark, first, figures.fried])).toEqual([
    ['B', 1, 8],
    ['A', 9, 6],
  ]);
  await sees('8 whole', await find('group', 'The trays side by side'));
});

it('cups with lids, three of them washed: side by side in the oil and in the ledger, from one pan of filling', async () => {
  const id = await plannedBatch('Washed and not', 9, 'pear-ginger', (draft) => withShape(draft, 'cup'));
  const dialog = await openTrays(id);
  await press(/^Add a tray/, dialog);
  await fill('Pieces', '3', await trayRow(dialog, 'B'));
  await fill(/Name of this tray/, 'Washed', await trayRow(dialog, 'B'));
  await closeTrays(dialog);
  await openTray(/Washed/);
  await press('Seal and coating');
  await user.click(await find('radio', 'egg', await find('radiogroup', 'Wet')));
  await user.keyboard('{Escape}');
  await settled();
  await isSaved();
  const draft = await batchAt(id);
  expect([draft.trays.A!.coating, draft.trays.B!.coating?.wet]).toEqual([undefined, 'egg']);
  expect(Object.keys(draft.fillings)).toEqual(['A']);
  const done = await runSheet(id);
  expect(done.filter((name) => name === 'Cook the filling')).toHaveLength(1);
  await fryAll(id);
  const table = await find('group', 'The trays side by side');
  expect(all('columnheader', undefined, table).map(({ textContent }) => textContent)).toEqual([
    'figure',
    'Tray A',
    'Washed',
  ]);
  expect((await recordAt(id)).trays.map(({ figures }) => figures.fried)).toEqual([9, 3]);
  await press('Cook again with the actual values');
  await waitFor(() => expect(location.pathname).toMatch(/^\/bench\//));
  await settled();
  await waitFor(async () => expect(all('link', undefined, await find('navigation', 'Trays'))).toHaveLength(2));
});

it.each([
  { name: 'Wrapped eggs', shape: 'whole-core', own: 'Boil, cool and dry the eggs', before: 'rolling and folding' },
  { name: 'Rolls from sheets', shape: 'roll', own: 'Stack, cook and peel the sheets', before: 'rolling and folding' },
  { name: 'Balls with syrup', shape: 'ball', own: 'Warm the syrup, not hot', before: 'serving' },
] as const)('$name: a step of one’s own stands in its place', async ({ name, shape, own, before }) => {
  const id = await plannedBatch(name, 4, 'squash-sage', (draft) =>
    withShape(shape === 'roll' ? withFamily(draft, 'thin-sheet') : draft, shape),
  );
  await openStation(id, 'serve');
  await press('Steps of your own');
  const dialog = await find('dialog', 'Steps of your own');
  await press('Add a step', dialog);
  await fill('What you do', own, dialog);
  await choose(/Before/, before, dialog);
  const takes = await find('textbox', 'Takes', dialog);
  for (const bad of ['0', '30 h']) {
    await fill('Takes', bad, dialog);
    await waitFor(() => expect(takes.getAttribute('aria-invalid')).toBe('true'));
  }
  await fill('Takes', '25 min', dialog);
  await press('Done', dialog);
  await settled();
  await isSaved();
  await sees(own, await find('list', 'Steps'));
  const done = await runSheet(id);
  // What is served with them comes after the pot: it stands among the next steps.
  if (before === 'serving') await sees(own, await find('list', 'Next'));
  else if (shape === 'whole-core') expect(done).toContain('Dry the filling pieces');
  if (before !== 'serving')
    expect(done.indexOf(own)).toBeLessThan(done.findIndex((step) => step.startsWith('Roll and cut')));
});
