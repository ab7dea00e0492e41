import { cuttingOf, cutSheet, planBatch, type ShapeId, withShape } from '@ember-fold/core/plan';
import {
  all,
  fill,
  find,
  isSaved,
  kitchenNow,
  openStation,
  plannedBatch,
  press,
  sees,
  settled,
  station,
  trayAt,
  user,
  waitFor,
  within,
} from '../../testing/page';

/** One of each kind of blank; every shape is drawn by `drawing.test.tsx`. */
const SHOWN: readonly ShapeId[] = [
  'half-moon',
  'square-parcel',
  'flat-triangle',
  'roll',
  'teardrop',
  'cup',
  'own-cutter',
];
const GATHERED: readonly ShapeId[] = ['ball', 'pouch', 'oval', 'teardrop', 'whole-core'];

it.each(SHOWN)('%s: blank, piece, section and every act of the hands', async (shape) => {
  const id = await plannedBatch(`A batch in ${shape}`, 24, 'squash-sage', (draft) => withShape(draft, shape));
  await openStation(id, 'fold');
  const frames = await within(await find('list', 'How it is folded')).findAllByRole('img');
  expect([4, 5]).toContain(frames.length);
  for (const frame of frames) expect(frame.getAttribute('aria-label')).toMatch(/^Frame \d: .{8,}/);
  await find('img', /^Folded piece/);
  const wanted = GATHERED.includes(shape) ? 1 : 0;
  await waitFor(() =>
    expect(all('img', /^Thickness to roll: .* at the rim, for a wall of .* at the knot$/)).toHaveLength(wanted),
  );
});

it('seam and coating: a careless rim is said with its mend, a coating is set out and browns', async () => {
  const id = await plannedBatch('Sealed', 24);
  await openStation(id, 'fold');
  await sees(/^About 1 in \d+ will burst in the oil\.$/);
  await press('Seal and coating');
  const sheet = await find('dialog', 'Seal and coating');
  const slider = within(sheet).getByRole('slider');
  expect(slider.getAttribute('aria-valuetext')).toBe('75%');
  const oneIn = () => Number(/1 in (\d+) will burst/.exec(within(sheet).getByRole('status').textContent!)?.[1]);
  await waitFor(() => expect(oneIn()).toBeGreaterThan(1));
  const usual = oneIn();
  slider.focus();
  for (let i = 0; i < 6; i++) await user.keyboard('{ArrowRight}');
  expect(slider.getAttribute('aria-valuetext')).toBe('81%');
  await waitFor(() => expect(oneIn()).toBeLessThan(usual / 1.5));
  await user.click(all('radio', 'nothing', sheet)[0]!);
  await user.click(await find('checkbox', 'Rim free of flour', sheet));
  await sees('Flour on the rim', await find('list', 'What strains the seam, worst first', sheet));
  await user.click(await find('radio', 'rope', sheet));
  await user.click(await find('radio', 'sesame', sheet));
  await user.click(all('radio', 'egg', sheet).at(-1)!);
  await sees(/^Set out for 24: .*whole egg.*sesame seed/, sheet);
  await press('Done', sheet);
  await sees(/will burst in the oil\. Flour on the rim/);
  await sees(/^The coating adds .* browns 1\.4 times as fast/);
  await isSaved();
  const draft = await trayAt(id);
  expect(draft).toMatchObject({
    fold: { edge: 'rope' },
    seal: { sealWith: 'none', flouredRim: true },
    coating: { wet: 'egg', dry: 'sesame', double: false },
  });
  const { allergens } = planBatch(draft, await kitchenNow(), null).contains;
  expect(allergens).toEqual(expect.arrayContaining(['eggs', 'sesame']));
  await user.click(station('Serve'));
  await sees(/sesame/i);
});

it('cut from a sheet: what the screen says is what core cuts; another board, another count', async () => {
  const id = await plannedBatch('Cut out', 24);
  await openStation(id, 'fold');
  await press('Cut from sheet');
  const sheet = await find('dialog', 'Cut from a sheet');
  const said = () => within(sheet).getByRole('status').textContent!;
  const kitchen = await kitchenNow();
  const draft = await trayAt(id);
  const cut = cutSheet(cuttingOf(draft, kitchen, planBatch(draft, kitchen, null))!);
  await waitFor(() =>
    expect(said()).toMatch(new RegExp(`^${cut.pieces} pieces: ${cut.rolls[0]!.cuts} from the first cut`)),
  );
  await waitFor(() => expect(said()).toContain(`Divided by weight, the same dough makes ${cut.byWeight}.`));
  expect(all('img', undefined, await find('list', 'Rolls of dough', sheet))).toHaveLength(cut.rolls.length);
  const before = said();
  await fill('Board, length', '200', sheet);
  await fill('Board, width', '150', sheet);
  await waitFor(() => expect(said()).not.toBe(before));
  await sees(/^First cut: \d+ sheets/, sheet);
  await fill('Board, length', '600', sheet);
  await fill('Board, width', '450', sheet);
  await waitFor(() => expect(said()).toBe(before));
});

it('held cold: freezing takes its hours, the day makes room, and the fry starts from there', async () => {
  await openStation(await plannedBatch('Frozen', 24), 'fold');
  await press('Hold or freeze');
  const sheet = await find('dialog', 'Hold until frying');
  await sees(/^Freeze them apart on an open tray\. They are hard after [2-4] h( \d+ min)?\./, sheet);
  await press('Take: Frozen, straight into the oil', sheet);
  await settled();
  await user.click(station('Fry'));
  await sees(/Wipe frost off every frozen piece/);
  await user.click(station('Serve'));
  await sees('Pieces chill, freeze or dry');
});

it('a scale is read live: it settles, the weight is taken, and the run is judged', async () => {
  await openStation(await plannedBatch('On the scale', 24), 'fold');
  await press('Weigh several in a row');
  const sheet = await find('dialog', 'Weigh several in a row');
  await press('Read the scale', sheet);
  const face = await find('group', 'Scale', sheet);
  const shown = () => face.querySelector('[data-scale]')!.textContent;
  await sees('steady', face);
  for (let i = 1; i <= 3; i++) {
    await press('Put one on the scale', face);
    await waitFor(() => expect(shown()).toMatch(/^3\d g$/));
    await press(/^Weighed 3\d g$/, face);
    await sees(new RegExp(`^${i} weighed: 3\\d g on average`), sheet);
    await waitFor(() => expect(shown()).toMatch(/^[01] g$/));
  }
  await sees('Dough: 24 portions, nothing left over.', sheet);
  await user.keyboard('{Escape}');
});
