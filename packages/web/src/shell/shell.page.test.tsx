import {
  all,
  fill,
  find,
  go,
  openStation,
  plannedBatch,
  press,
  read,
  sees,
  send,
  settled,
  stationSays,
  tap,
  trayAt,
  type,
  user,
  waitFor,
} from '../../testing/page';
import { ROOMS } from './rooms';

it('every room is one tap away, has a heading, a title and its mark among the rooms', async () => {
  await go('/');
  const rooms = await find('navigation', 'Rooms');
  expect(all('link', undefined, rooms).map(({ textContent }) => textContent)).toEqual(ROOMS.map(({ name }) => name));
  for (const { path, name } of ROOMS) {
    await user.click(await find('link', name, rooms));
    await waitFor(() => expect(location.pathname).toMatch(new RegExp(`^/${path}`)));
    await waitFor(() => expect(document.querySelectorAll('h1')).toHaveLength(1));
    await waitFor(() => expect(document.title).toMatch(/^.+ · Ember Fold$/));
    await waitFor(() => expect(all('link', name)[0]!.getAttribute('aria-current')).toBe('page'));
  }
  await go('/fire');
  await waitFor(() => expect(location.pathname).toBe('/stove'));
});

it('grams and cups, °C and °F, clock and money are one setting for the kitchen', async () => {
  const batches = await read<{ id: string; name: string }[]>('/batches');
  const { id } = batches.find(({ name }) => name.startsWith('Squash'))!;
  await openStation(id, 'dough');
  await press(/^Units/);
  await tap('cups and spoons');
  await tap('°F');
  const water = async () => ((await find('textbox', 'Water')) as HTMLInputElement).value;
  await waitFor(async () => expect(await water()).toMatch(/cup/));
  const metric = await water();
  // The same water, measured with a smaller cup, is more of them.
  await tap('237 and 4.9 ml');
  await waitFor(async () => expect(await water()).not.toBe(metric));
  await tap('250 and 5 ml');
  await waitFor(async () => expect(await water()).toBe(metric));
  await user.keyboard('{Escape}');
  await openStation(id, 'fry');
  await sees('316 °F');
  await type('Oil', '330');
  await waitFor(async () => expect((await settled())[3]).toContain('330 °F'));
  await press(/^Units/);
  await tap('grams');
  await tap('°C');
  // The clock of twelve hours and a sign for money, wherever either is told.
  await tap('12 hours');
  await tap('€');
  await waitFor(async () => expect((await settled())[4]).toMatch(/start \d{1,2}:\d\d [ap]m/));
  await user.keyboard('{Escape}');
  await openStation(id, 'fold');
  await sees(/^€\d\.\d\d$/);
  await waitFor(async () => {
    const { kitchen } = await read<{ kitchen: { units: string; temperature: string } }>('/kitchen');
    expect([kitchen.units, kitchen.temperature]).toEqual(['grams', 'C']);
  });
});

it('a US kitchen: inches and ounces are typed', async () => {
  const { kitchen, version } = await read<{ kitchen: object; version: number }>('/kitchen');
  const measures = { cupMl: 236.588, teaspoonMl: 4.929 };
  const us = { ...kitchen, units: 'cups', temperature: 'F', measures, hours: 12 };
  expect((await send('/kitchen', { version, kitchen: us }, 'PUT')).status).toBe(200);
  const id = await plannedBatch('By the cup', 12);
  await openStation(id, 'fold');
  await type('Disc', '4 1/2');
  await stationSays('Fold and seal', '4 1/2 in disc');
  await type('Rolled thickness', '1/8"');
  await stationSays('Fold and seal', '1/8 in');
  await type('Filling each', '1.25');
  await waitFor(async () => {
    const { discM, thicknessM, fillingEachKg } = (await trayAt(id)).fold;
    expect([discM, thicknessM, fillingEachKg].map((one) => Number(one.toFixed(5)))).toEqual([0.1143, 0.00317, 0.03544]);
  });
  await fill('Disc', 'wide');
  await sees(/inches such as 4 1\/2 or 3\/32/);
});
