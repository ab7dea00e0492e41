import { printDuration, planBatch } from '@ember-fold/core/plan';
import {
  add,
  all,
  choices,
  choose,
  field,
  fill,
  find,
  go,
  hasValue,
  isSaved,
  kitchenNow,
  openStation,
  plannedBatch,
  press,
  read,
  screen,
  sees,
  seesNot,
  settled,
  station,
  stationSays,
  trayAt,
  type,
  user,
  waitFor,
} from '../../testing/page';

const undo = () => press('Undo');

it('a new batch asks four things and gives a whole plan, saved', async () => {
  await go('/bench');
  await press('New batch');
  await user.click(await screen.findByText('A ready-made starter'));
  const sheet = await find('region', 'A ready-made starter');
  await choose(/Filling/, 'Mushroom and barley', sheet);
  await type('How many', '36', sheet);
  await type('Name of the batch', 'Barley for the walk', sheet);
  await press('Plan this batch', sheet);
  await find('heading', 'Barley for the walk');
  const texts = await settled();
  expect(texts).toHaveLength(5);
  expect(texts[2]).toContain('36 ×');
  const plan = planBatch(await trayAt(location.pathname.split('/')[2]!), await kitchenNow(), null);
  expect(texts[3]).toContain(printDuration(plan.fry!.takeOutS!));
});

it('undo and redo walk through every step, by button and by key', async () => {
  await openStation(await plannedBatch('Undone', 24), 'fold');
  const steps = [await settled()];
  for (const [name, text] of [
    ['Pieces', '30'],
    ['Disc', '125'],
    ['Filling each', '38'],
    ['Seal margin', '9'],
  ] as const) {
    await fill(name, text);
    // Changes of one figure within a moment are one step.
    await isSaved();
    steps.push(await settled());
  }
  for (let i = steps.length - 2; i >= 0; i--) {
    if (i % 2) await undo();
    else await user.keyboard('{Control>}z{/Control}');
    expect(await settled()).toEqual(steps[i]);
  }
  expect((await find('button', 'Undo')).hasAttribute('disabled')).toBe(true);
  for (let i = 1; i < steps.length; i++) {
    await user.keyboard('{Control>}y{/Control}');
    expect(await settled()).toEqual(steps[i]);
  }
});

it('the dough: formula in grams or cups, scaled by one ingredient, another family', async () => {
  await openStation(await plannedBatch('Dough', 24), 'dough');
  await type('Water', '260');
  await sees(/The dough is too soft, .* of 10/);
  await stationSays('Dough', 'too slack');
  await undo();
  await stationSays('Dough', 'firm');
  await press('Scale');
  await fill('I have', '1 lb');
  await press('Scale to 21 pieces');
  await hasValue('Plain wheat flour', '454');
  await hasValue('Pieces', '21');
  await add('Add to the dough', 'butt', 'Butter');
  await type('Butter', '2 tbsp');
  await sees(/of butter contains .* of water/);
  await press('Remove Butter');
  await waitFor(() => expect(all('textbox', 'Butter')).toHaveLength(0));
  await choose(/Family/, 'Hot-water');
  await stationSays('Dough', 'too stiff');
  await stationSays('Fry', '168 °C');
  await sees(/another family better: shortcrust/);
  await press('Worked formula');
  await stationSays('Dough', 'pliable');
  await seesNot('Dough and filling run out together.');
});

it('a fat is swapped: water and fat stay, and what follows is said', async () => {
  const before = await openStation(await plannedBatch('Swapped', 24), 'dough');
  await press('Vegetable shortening, swap it');
  await sees(/less water\. It needs ice water and a cold rest\. .*replace part of it, not all\. Contains milk\./);
  await press('Swap for Butter');
  await field('Butter');
  await waitFor(async () => expect((await settled())[0]).toContain('38 % water · 20 % fat'));
  await user.keyboard('{Control>}z{/Control}');
  await waitFor(async () => expect(await settled()).toEqual(before));
});

it('dough and filling that do not end together: each way out is one tap, with its number', async () => {
  await openStation(await plannedBatch('Uneven', 24), 'dough');
  await type('Plain wheat flour', '640');
  await user.click(station('Fold and seal'));
  await find('list', 'Ways to use up dough and filling together');
  await press(/^Make \d+ g less dough$/);
  await sees('Dough and filling run out together.');
  await hasValue('Pieces', '24');
  await undo();
  await press(/^Make \d+ pieces, as many as the dough gives$/);
  await sees('Dough and filling run out together.');
  expect(Number((await field('Pieces')).value)).toBeGreaterThan(24);
});

it('a two-dough family has two lists, and a misspelt name finds its ingredient', async () => {
  const id = await plannedBatch('Coiled', 24);
  await openStation(id, 'dough');
  await choose(/Family/, 'Coiled, two doughs');
  await stationSays('Dough', 'too stiff');
  await sees('No fat dough yet.');
  await press('Worked formula');
  await stationSays('Dough', 'smooth');
  await find('rowheader', 'Fat dough');
  await add('Add to the fat dough', 'corn strach', 'Corn starch');
  await type('Corn starch', '2 tbsp');
  await isSaved();
  const starch = (await trayAt(id)).dough.lines.find((l) => l.ingredientId === 'corn-starch')!;
  expect([starch.part, Math.round(starch.massKg * 1000)]).toEqual([1, 16]);
  await user.type(await find('combobox', 'Add to the water dough'), 'no such thing');
  await waitFor(() => expect(choices().map((o) => o.textContent)).toEqual(['Add “no such thing” as new']));
});

it('the filling: cooked dry by the scale, cooled in its dish', async () => {
  const id = await plannedBatch('Filling', 24);
  await openStation(id, 'filling');
  await sees(/Stop cooking when the scale shows/);
  await type('Pan weighs', '500');
  const draft = await trayAt(id);
  const target = Math.round(draft.pieces * draft.fold.fillingEachKg * 1000) + 500;
  await sees(`down to ${String(target).replace(/(\d)(\d{3})$/, '$1 $2')} g with the pan`);
  await user.click(await find('radio', 'room'));
  await user.click(await find('radio', 'covered'));
  await stationSays('Filling', 'cools slowly');
  await user.click(await find('radio', 'iced water'));
  await stationSays('Filling', 'cools in time');
  await type('Fine salt', '60');
  await sees(/Use .* less for 1.6 %/);
});

it('another shape is sized for the same filling, drawn, fried and undone; each says how it is rolled', async () => {
  const id = await plannedBatch('Formed', 24);
  const before = await openStation(id, 'fold');
  const pick = async (name: string) => {
    await press(/^Shape: /);
    await user.click(await find('radio', new RegExp(`^${name}`), await find('dialog', 'Shape')));
    await user.keyboard('{Escape}');
    await waitFor(() => expect(all('dialog')).toHaveLength(0));
    return settled();
  };
  const cone = await pick('cone');
  await field('Half-disc, across');
  await find('img', /^Half of a rolled disc, \d+ mm across/);
  expect(cone[2]).toContain('half-disc');
  expect(cone[3]).not.toBe(before[3]);
  await pick('strip triangle');
  await type('Its length', '150');
  await find('img', /^Rolled strip, .* by 150 mm/);
  await pick('teardrop');
  await sees(/at the rim: the wall is then .* all round\. If you roll it evenly, it is/);
  await type('Filling each', '60');
  await stationSays('Fold and seal', /tight|bursts/);
  await press('Resize it to be 75 % full');
  await sees('75 %');
  await isSaved();
  const draft = await trayAt(id);
  const { piece } = planBatch(draft, await kitchenNow(), null).fold;
  expect([draft.shape, piece!.shape]).toEqual(['teardrop', 'teardrop']);
  expect(piece!.fill).toBeCloseTo(0.75, 3);
  await find('img', new RegExp(`^Folded piece .* ${(piece!.thicknessM * 1000).toFixed(0)} mm thick`));
  const button = await find('button', 'Undo');
  for (let i = 0; i < 9 && !button.hasAttribute('disabled'); i++) await user.click(button);
  expect(await settled()).toEqual(before);
});

it('the fry: emptied, minutes and load follow the solver again', async () => {
  const before = await openStation(await plannedBatch('Fry', 24), 'fry');
  await type('In the oil', '4:00');
  await sees(/^A ring of dough is raw when you take them out/);
  await stationSays('Fry', 'raw ring');
  await fill('In the oil', '');
  await waitFor(async () => expect(await settled()).toEqual(before));
  await type('Pieces in a load', '12');
  await stationSays('Fry', '12 at a time');
  await sees(/do not fit side by side/);
  await user.click(await find('radio', 'frozen'));
  await sees(/Wipe frost off every frozen piece/);
  await type('Oil', '200');
  await sees(/above the caution limit/);
  await stationSays('Fry', 'unsafe oil');
});

it('two methods side by side, no thermometer, the oven: each says its figures, and one is taken', async () => {
  const id = await plannedBatch('Methods', 24);
  await openStation(id, 'fry');
  await press('Two methods');
  const methods = await find('dialog', 'Two methods, one piece');
  await find('row', /^Oil 155 °C 178 °C$/, methods);
  await find('row', /^In the oil \d+ min( \d+ s)? \d+ min( \d+ s)?$/, methods);
  await press('Take: hot and quick', methods);
  await stationSays('Fry', '178 °C');
  await press('No thermometer');
  const crumb = await find('dialog', 'Without a thermometer');
  await sees(/Somewhere between 140 °C and 155 °C\. Golden between/, crumb);
  await press('Plan with: Rises slowly, lazy bubbles', crumb);
  await stationSays('Fry', /14[78] °C/);
  await press('Bake instead');
  const oven = await find('dialog', 'Bake instead, or finish in the oven');
  await sees(/^About [23]\d min( \d+ s)?: cooked through after/, oven);
  await sees(/^If a piece bursts in the oil/, oven);
  await sees(/^Divided: 12 in the oven on one tray, 12 in the pot|^Dividing this batch/, oven);
  await fill('Oven', '200', oven);
  await sees(/^About [12]\d min( \d+ s)?: cooked through after/, oven);
  await user.keyboard('{Escape}');
  await press('Loads and order');
  await press('Take: One fewer at a time');
  await settled();
  await isSaved();
  const { loadSize } = (await trayAt(id)).fry;
  expect(loadSize).toBeGreaterThan(2);
  await stationSays('Fry', `${loadSize} at a time`);
  await sees(/^Full heat for \d+ min( \d+ s)?\. At .* turn down to \d; .* before/);
});

it('every bad figure is refused at its field and changes nothing', async () => {
  const id = await plannedBatch('Refused', 24);
  const fields: readonly (readonly [string, readonly string[], readonly string[]])[] = [
    ['dough', ['Pieces', 'Plain wheat flour', 'Fine salt'], ['-5', 'many', '9999999']],
    [
      'filling',
      ['Pieces', 'Down to', 'Pan weighs', 'Temperature when it goes into the dish', 'Onion'],
      ['NaN', '', '99999999'],
    ],
    [
      'fold',
      ['Pieces', 'Disc', 'Rolled thickness', 'Dough each', 'Filling each', 'Seal margin'],
      ['x', '1/0', '12345678'],
    ],
    ['fry', ['Oil', 'In the oil', 'Pieces in a load', 'Pot width', 'Oil in the pot'], ['-9', '٣', '1e9']],
  ];
  for (const [name, labels, texts] of fields) {
    const before = await openStation(id, name);
    for (const label of labels)
      for (const text of texts) {
        await fill(label, text);
        const box = await field(label);
        await waitFor(() =>
          expect({ label, text, bad: box.getAttribute('aria-invalid') }).toMatchObject({ bad: 'true' }),
        );
        const said = (box.getAttribute('aria-describedby') ?? '')
          .split(' ')
          .map((at) => document.getElementById(at)?.textContent ?? '')
          .join(' ');
        expect(said).toMatch(/(understood|minimum|maximum|empty).*Type /);
        expect(await settled()).toEqual(before);
      }
  }
  expect((await read<{ version: number }>(`/batches/${id}`)).version).toBe(1);
});

it('a slow server: saves never race one another, also when another batch is opened meanwhile', async () => {
  const [id, other] = [await plannedBatch('Slow', 24), await plannedBatch('Other', 24)];
  const quick = globalThis.fetch;
  const waits: (() => void)[] = [];
  globalThis.fetch = async (input, init) => {
    if (input instanceof Request && input.method === 'PUT') await new Promise<void>((go) => waits.push(go));
    return quick(input, init);
  };
  const letGo = async () => {
    await waitFor(() => expect(waits.length).toBeGreaterThan(0));
    // Never two on their way.
    expect(waits).toHaveLength(1);
    waits.shift()!();
  };
  try {
    await openStation(id, 'fold');
    for (const text of ['30', '31', '32']) {
      await type('Pieces', text);
      if (text === '30') await waitFor(() => expect(waits).toHaveLength(1));
    }
    await letGo();
    await letGo();
    await isSaved();
    expect((await trayAt(id)).pieces).toBe(32);
    await type('Pieces', '40');
    await type('Disc', '119');
    await go(`/bench/${other}/fold`);
    await find('heading', 'Other');
    await settled();
    await letGo();
    await waitFor(async () => {
      waits.shift()?.();
      const { pieces, fold } = await trayAt(id);
      expect([pieces, fold.discM]).toEqual([40, 0.119]);
    });
    expect((await read<{ version: number }>(`/batches/${other}`)).version).toBe(1);
  } finally {
    globalThis.fetch = quick;
    waits.forEach((letGoOn) => letGoOn());
  }
});

it('a batch is deleted only after it is asked', async () => {
  await plannedBatch('To be deleted', 12);
  await go('/bench');
  await find('link', /To be deleted/);
  await press('Delete To be deleted');
  await press('Keep it');
  await find('link', /To be deleted/);
  await press('Delete To be deleted');
  await press('Delete the batch');
  await waitFor(() => expect(all('link', /To be deleted/)).toHaveLength(0));
});

it('a batch that is not there, an address that is none: said, with a way on', async () => {
  await go('/bench/3f7bedf8-1df2-4f1c-a8f3-951f88733900/fold');
  await sees('This batch does not exist');
  expect(all('navigation', 'The line')).toHaveLength(0);
  await go('/nowhere');
  await sees('You asked for /nowhere.');
  await user.click(await find('link', 'To the bench'));
  await find('heading', 'Bench');
});

it('a batch is planned once more with one tap: the same plan, a name of its own', async () => {
  const id = await plannedBatch('Twice', 18);
  await go('/bench');
  await press('Plan Twice again');
  await find('heading', 'Twice 2');
  const copy = location.pathname.split('/')[2]!;
  expect(copy).not.toBe(id);
  expect({ ...(await trayAt(copy)), name: 'Twice' }).toEqual(await trayAt(id));
  await go('/bench');
  await find('button', 'Plan Twice 2 again');
  await press('Plan Twice again');
  await find('heading', 'Twice 3');
});

it('a run of portions weighed: mean, drift and a slip are said', async () => {
  await openStation(await plannedBatch('Weighed', 24), 'fold');
  await press('Weigh several in a row');
  const sheet = await find('dialog', 'Weigh several in a row');
  await fill(/^Weights/, '33 34 33 32,5', sheet);
  await sees(/^4 weighed: 33 g on average, .* They are even\.$/, sheet);
  await fill(/^Weights/, '30 31 33 35 37', sheet);
  await sees(/They get heavier by .* from first to last/, sheet);
  await fill(/^Weights/, '33 x', sheet);
  await sees('“x” is not a weight', sheet);
  await fill('Scale shows', '1040', sheet);
  await sees(/^35 g each, .* over the weight you want\.$/, sheet);
});
