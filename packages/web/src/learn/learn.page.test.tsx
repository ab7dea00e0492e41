import { flourBelief, observeFlour } from '@ember-fold/core/ledger';
import type { FlourBelief } from '@ember-fold/core/plan';
import {
  all,
  find,
  go,
  isSaved,
  openStation,
  plannedBatch,
  press,
  read,
  screen,
  sees,
  seesNot,
  settled,
  stationSays,
  tap,
  trayAt,
  user,
  waitFor,
  within,
  withText,
} from '../../testing/page';

it('the handbook: asked as a cook asks, and read', async () => {
  await go('/learn');
  await find('heading', 'Handbook');
  const ask = await find('searchbox', 'Search the handbook');
  await user.type(ask, 'pale and grasy');
  const chapters = await find('navigation', 'Chapters');
  await waitFor(() => expect(all('link', undefined, chapters)[0]!.textContent).toBe('pale and greasy'));
  await user.click(all('link', undefined, chapters)[0]!);
  await find('heading', 'What went wrong');
  await sees('wait for the oil to recover', await find('region', 'You see'));
  await user.clear(await find('searchbox', 'Search the handbook'));
  await user.type(await find('searchbox', 'Search the handbook'), 'zzzz');
  await sees('Nothing was found', chapters);
  await user.clear(await find('searchbox', 'Search the handbook'));
  for (const [id, figure] of [
    ['families', 'Coiled, two doughs'],
    ['cooling', '50 mm'],
    ['shapes', 'half-moon'],
    ['no-thermometer', '140'],
    ['measuring', 'Plain wheat flour'],
    ['fire', 'Never water, never flour'],
  ] as const) {
    await go(`/learn/${id}`);
    await waitFor(() => expect(screen.getByRole('article').textContent).toContain(figure));
  }
  await go('/learn/no-such-page');
  await sees('There is no such page in the handbook.');
});

it('eye and hand: questions are answered; what is known is stored, and nothing is learnt from it', async () => {
  await go('/learn');
  await user.click(await find('link', 'Eye and hand'));
  await find('heading', 'Eye and hand');
  const answers = async () => within(await find('list', 'Answers')).getAllByRole('button');
  expect(await answers()).toHaveLength(4);
  const learnt = await read('/learnt/told');
  const seen = new Set<string>();
  for (let n = 0; n < 9; n++) {
    seen.add(await sees(/\?$/));
    await user.click((await answers())[n % 4]!);
    await sees(/^(Right|Not quite)\.$/);
    await press('Next question');
    await seesNot(/^(Right|Not quite)\.$/);
  }
  // Not the same question again and again.
  expect(seen.size).toBeGreaterThan(1);
  await seesNot('not asked yet');
  // Left and entered again, it knows what was answered.
  await go('/learn/eye-and-hand');
  await waitFor(() => expect(withText(/in 100 right, based on \d+ answers?/)).toHaveLength(7));
  expect(await read('/learnt/told')).toEqual(learnt);
});

it('beside the work: opens where the work is, every term explains itself, and the work stays as it was', async () => {
  const id = await plannedBatch('Read beside', 24);
  const before = await openStation(id, 'filling');
  await press('Handbook');
  const panel = () => find('dialog', 'Handbook');
  await find('heading', 'A filling that stays in', await panel());
  await press('Done in the middle', await panel());
  await press('core', await panel());
  const word = await find('dialog', 'core');
  await sees('The innermost part of a piece', word);
  await press('More: Done in the middle', word);
  const ask = async (text: string) => {
    const box = await find('searchbox', 'Search the handbook', await panel());
    await user.clear(box);
    await user.type(box, text);
  };
  await ask('smoke point');
  await press('smoke point', await panel());
  // What was pressed is gone: the keys go on from the title of what came.
  await waitFor(() => expect(document.activeElement?.textContent).toBe('How long oil lasts'));
  await user.keyboard('{Escape}');
  await waitFor(() => expect(all('dialog')).toHaveLength(0));
  expect(await settled()).toEqual(before);
  // Each finding has its rule, and the page that says more; the methods are worked out for this very batch.
  const findings = within(await find('list', 'Findings')).getAllByRole('listitem');
  expect(findings.map((one) => all('button', /: why\?$/, one).length)).toEqual(findings.map(() => 1));
  await user.click(all('button', /: why\?$/, findings[0])[0]!);
  await press('More in the handbook');
  await within(await panel()).findByRole('article');
  await ask('two methods');
  await user.click((await within(await panel()).findAllByRole('button', { name: 'Two methods of frying' }))[0]!);
  const here = await find('region', 'Computed for Read beside', await panel());
  await waitFor(() => expect(all('row', undefined, here)).toHaveLength(4));
  expect(here.textContent).toMatch(/hot and quick.*\d+ min/);
  await user.keyboard('{Escape}');
  // A word of the station says what it means, beside its drawing.
  await openStation(id, 'dough');
  await press('Effective water');
  await sees('effective water: All the water in a dough');
  await user.keyboard('{Escape}');
  // At the stove one tap is enough for what to do about fire.
  await go('/stove');
  await press('Handbook');
  await sees('Never water. Never flour. Never carry the pot.', await panel());
  await sees('call the fire service', await panel());
  await press('Burns', await panel());
  await sees('cool running water for 20 minutes', await panel());
  await user.keyboard('{Escape}');
});

it('what was poured and how it felt moves the next first pour; a dough can be changed or forgotten', async () => {
  const belief = async () =>
    (await read<{ beliefs: Record<string, FlourBelief> }>('/flours')).beliefs['plain-wheat-flour'];
  const batches = await read<{ id: string; name: string }[]>('/batches');
  const { id } = batches.find(({ name }) => name.startsWith('Squash'))!;
  const draft = await trayAt(id);
  await openStation(id, 'dough');
  const log = () => find('region', 'Water log');
  await sees('Nothing has been noted about this plain wheat flour yet', await log());
  const stiffness = async () => (await find('img', /^Stiffness/)).getAttribute('aria-label');
  const before = await stiffness();
  await press(/^Poured 325 g/, await log());
  for (let i = 0; i < 6; i++) await press('Poured 15 g', await log());
  await press('Poured 5 g', await log());
  await press('Undo', await log());
  await isSaved();
  await sees('poured 415 g of', await log());
  const pouredKg = (await trayAt(id)).dough.poured!.reduce((sum, kg) => sum + kg, 0);
  await press('right', await find('group', 'How it feels', await log()));
  await sees(/absorbs [\d.]+ % more water than usual \(± [\d.]+ %\), based on one dough/, await log());
  expect(await belief()).toEqual(
    flourBelief([observeFlour(draft.dough.lines, draft.dough.family, pouredKg, 'right')!]),
  );
  expect(await stiffness()).not.toBe(before);
  await find('button', /^Poured 3[5-9]\d g/, await log());
  // Every other batch with this flour knows it too.
  await openStation(batches.find(({ name }) => name.startsWith('Lentil'))!.id, 'dough');
  await sees('based on one dough', await log());
  await press('What was learnt', await log());
  const sheet = await find('dialog', /What was learnt/);
  await find('img', /% more water than usual/, sheet);
  await tap('soft', sheet);
  await waitFor(async () => expect((await belief())?.mean ?? 0).toBeLessThan(0.03));
  await press('Forget this dough', sheet);
  await waitFor(() => expect(withText('Nothing has been noted about this plain wheat flour yet')).not.toHaveLength(0));
  expect(await belief()).toBeUndefined();
  await user.keyboard('{Escape}');
  await stationSays('Dough', 'g');
});
