import {
  type Allergen,
  asCooked,
  type BatchDraft,
  batchOf,
  DEFAULT_KITCHEN,
  DOUGH_FAMILIES,
  type Guests,
  newTray,
  planTrays,
  runSheet,
  STARTERS,
  TRAY_MARKS,
  TRAY_WAYS,
  type TrayDraft,
  trayOf,
  withCopyOfTray,
  withFamily,
  withShape,
  withTray,
  withWorkedFormula,
} from '@ember-fold/core/plan';
import {
  cookNow,
  cookState,
  stoveBelief,
  type StoveAct,
  stoveState,
  oilState,
  type StepKey,
  RUN_STEPS,
} from '@ember-fold/core/stove';
import { supperOrder, fryJobOf } from '@ember-fold/core/supper';
import fc from 'fast-check';
import { CHECK } from '#text/cook/checkText';
import { changeText, measureText, runLines, tableText, timerSpeech, timerText } from '#text/cook/cookText';
import { stepName } from '#text/cook/runNames';
import { beliefText, fitText } from '#text/stove/stoveWords';
import { notForText, oilAdviceText, oilCarriesText, oilEventText, oilStateText, ownOilText } from '#text/store/oilText';
import { makePrinter } from './printer';

const WRONG = /NaN|undefined|null|Infinity|\[object|\d\.\d{4,}/;
const EAT = '2030-01-05T18:30:00Z';
const printers = [
  makePrinter(DEFAULT_KITCHEN),
  makePrinter({ ...DEFAULT_KITCHEN, units: 'cups', temperature: 'F' }),
] as const;

function reads(text: string): void {
  expect(text).not.toMatch(WRONG);
  expect(text.trim()).toBe(text);
  expect(text).toMatch(/^[“"A-Z0-9]/);
}

/** The same tray in every way that a tray can go. */
const everyWay = (tray: TrayDraft): BatchDraft =>
  TRAY_WAYS.slice(1).reduce((batch, way, i) => {
    const more = withCopyOfTray(batch, 'A')!;
    return withTray(more, { ...trayOf(more, TRAY_MARKS[i + 1]!), way });
  }, batchOf(tray));

test('every step of every filling reads as sentences, with its check, its remedies and what is measured', () => {
  const frozen = newTray('Read', 'pear-ginger', 24, EAT);
  const wrapped = withShape(withWorkedFormula(withFamily(frozen, 'yeast')), 'whole-core');
  const batches = [
    ...STARTERS.map(({ id }) => newTray('Read', id, 24, EAT)),
    { ...frozen, fry: { ...frozen.fry, crispC: 190 } },
    { ...frozen, fry: { ...frozen.fry, thenOven: { ovenC: 175, minutesS: null } } },
    // Portions shaped and part-frozen, whole cores dried, dough and pieces of the day before.
    {
      ...frozen,
      fry: { ...frozen.fry, start: 'fridge' as const },
      fold: { ...frozen.fold, fillingState: 'part-frozen' as const },
    },
    { ...wrapped, dough: { ...wrapped.dough, ahead: { days: 1, upTo: 'dough' as const } } },
    ...(['fridge', 'frozen'] as const).map((start) => ({
      ...wrapped,
      fry: { ...wrapped.fry, start },
      dough: { ...wrapped.dough, ahead: { days: 2, upTo: 'pieces' as const } },
    })),
  ];
  const said = new Set<string>();
  for (const batch of batches) {
    const trays = planTrays(everyWay(batch), DEFAULT_KITCHEN, null);
    for (const step of runSheet(trays)) {
      said.add(step.what);
      reads(stepName(step, trays));
      for (const printer of printers) {
        const lines = runLines(step, trays, printer);
        expect(lines.length).toBeGreaterThan(0);
        lines.forEach(reads);
        step.measures.forEach(({ what, planned }) => reads(measureText(what, planned, printer)));
      }
      if (step.check) Object.values(CHECK[step.check].remedy).forEach(reads);
    }
  }
  // The steps of one's own are read below.
  expect(RUN_STEPS.filter((what) => !said.has(what))).toEqual(['own']);
});

test('every family is divided in its own way, every shape of it, and steps of one’s own and loads say what they are', () => {
  for (const { id: family } of DOUGH_FAMILIES) {
    for (const shape of ['half-moon', 'cone', 'ball', 'roll'] as const) {
      const tray = withShape(withFamily(newTray('Read', 'squash-sage', 13, EAT), family), shape);
      const own = { id: 'dry', name: 'Dry the eggs', kind: 'passive', lengthS: 1500, before: 'fold' } as const;
      const loads = family === 'hot-water' ? 2 : 1;
      const batch = { ...batchOf({ ...tray, dough: { ...tray.dough, portions: loads } }), ownSteps: [own] };
      const trays = planTrays(batch, DEFAULT_KITCHEN, null);
      const sheet = runSheet(trays);
      const said = sheet.flatMap((step) => runLines(step, trays, printers[0]));
      said.forEach(reads);
      if (shape === 'cone' && loads === 1) expect(said).toContain('One disc makes two: 13 pieces are 7 discs.');
      if (shape !== 'cone' && family === 'thin-sheet') expect(said.join(' ')).toMatch(/13 rounds of .*dry pan/);
      const names = sheet.map((step) => stepName(step, trays));
      names.forEach(reads);
      expect(names).toContain('Dry the eggs');
      expect(names.includes('Make the dough, portion 2')).toBe(loads === 2);
      expect(new Set(names).size).toBe(names.length);
    }
  }
});

test('whatever was measured, what it moved reads as sentences', () => {
  const draft = batchOf(newTray('Read', 'squash-sage', 24, EAT));
  const before = planTrays(draft, DEFAULT_KITCHEN, null);
  const measures = fc.oneof(
    fc.record({ step: fc.constant<StepKey>('cook-filling'), value: fc.double({ min: 0.5, max: 6, noNaN: true }) }),
    fc.record({ step: fc.constant<StepKey>('mix-dough'), value: fc.double({ min: 0, max: 2, noNaN: true }) }),
    fc.record({ step: fc.constant<StepKey>('roll'), value: fc.double({ min: 0.0004, max: 0.012, noNaN: true }) }),
    fc.record({ step: fc.constant<StepKey>('fold'), value: fc.integer({ min: 1, max: 90 }) }),
  );
  fc.assert(
    fc.property(measures, ({ step, value }) => {
      const state = cookState([{ id: 'm', atMs: 1, kind: 'measure', step, value }]);
      const after = planTrays(asCooked(draft, state, DEFAULT_KITCHEN), DEFAULT_KITCHEN, null);
      const { changes } = cookNow({ before, after }, state, 0, '');
      for (const printer of printers) changes.forEach((change) => reads(changeText(change, printer)));
    }),
    { numRuns: 40 },
  );
});

test('timers and the table: early, on time, late', () => {
  const [p] = printers;
  const eat = Date.parse(EAT);
  expect(tableText(eat + 60_000, eat, eat - 1e7, p)).toMatch(/on time, if everything goes as planned\.$/);
  expect(tableText(eat + 12 * 60_000, eat, eat - 1e7, p)).toMatch(/12 min late, if/);
  expect(tableText(eat - 9e7, eat, eat - 1e7, p)).toMatch(/^Planned to start at \d\d:\d\d on \w+\.$/);
  expect(timerText('Rest', -61, p)).toBe('Rest: 1 min 1 s');
  expect(timerText('Rest', 2, p)).toBe('Rest: now');
  expect(timerSpeech('Rest', 130)).toBe('Rest: 2 minutes over.');
});

test('an oil of any history, and any supper in it, read as sentences', () => {
  const oil = { id: 'o', name: 'Tin', ingredientId: 'sunflower-oil', smokeC: 225 };
  const jobs = STARTERS.map(({ id }) => fryJobOf(id, batchOf(newTray(id, id, 12, EAT)), DEFAULT_KITCHEN)!);
  const allergies = fc.subarray<Allergen>(['eggs', 'milk', 'sesame', 'fish']);
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 120, max: 200, noNaN: true }), { maxLength: 9 }),
      allergies,
      (uses, allergic) => {
        const fried = uses.map((meanC, i) => ({
          id: `u${i}`,
          at: i,
          kind: 'fried' as const,
          batchName: 'Ropes',
          hotS: 1500,
          meanC,
          takenM3: 1e-4,
          crumbs: i % 2 === 0,
          allergens: ['fish' as const],
          diet: 'fish' as const,
        }));
        const events = [{ id: 'f', at: 0, kind: 'filled' as const, m3: 0.002 }, ...fried];
        const state = oilState(oil, events, 1e9);
        const guests: Guests[] = [{ id: 'g', name: 'Odalys', count: 2, eats: 'vegetarian', allergies: allergic }];
        const order = supperOrder(jobs, { ...DEFAULT_KITCHEN, guests, potOil: { ...oil, ...state } });
        for (const p of printers) {
          reads(oilStateText(state, p));
          events.forEach((event) => reads(oilEventText(event, p)));
        }
        [oilAdviceText(state), oilCarriesText(state)].forEach(reads);
        order.places
          .map((place) => notForText(place, guests))
          .filter(Boolean)
          .forEach(reads);
        order.ownOilFor.forEach(({ guestId, jobIds }) => reads(ownOilText(guestId, jobIds.length, guests)));
      },
    ),
    { numRuns: 30 },
  );
});

test('what a session taught, and what a stove is like', () => {
  const seen: StoveAct = { id: 's', atS: 1, kind: 'seen', pieces: [1], looks: 'darker' };
  const core: StoveAct = { id: 'c', atS: 2, kind: 'core', piece: 1, tempC: 70, predictedC: 78 };
  expect(beliefText(stoveBelief(stoveState([], 9)), printers[0])).toBe('');
  for (const p of printers) {
    reads(beliefText(stoveBelief(stoveState([seen, core], 9)), p));
    reads(beliefText(stoveBelief(stoveState([core], 9)), p));
  }
  const found = (value: number) => ({ value, sd: value / 40 });
  const fit = {
    efficiency: found(0.58),
    lossWPerK: found(2.31),
    probeLagS: found(8.4),
    burnerLagS: found(40),
    residualC: 0.26,
    converged: true,
  };
  for (const p of printers) fitText(fit, p).forEach((line) => reads(line));
});
