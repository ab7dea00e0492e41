import fc from 'fast-check';
import { batchOf } from '../../draft/batchDraft.js';
import { planBatch, planTrays } from './planBatch.js';
import { trayOf } from '../edit/trays.js';
import { newTray, STARTERS } from '../edit/starters.js';
import { asCooked, planChanges } from './asCooked.js';
import { type CookAct, cookState, type StepKey, stepState } from '../../cook/cookAct.js';
import { callsBy, ringing } from '../../cook/ringing.js';
import { cookNow, timerCalls } from '../supper/cookNow.js';
import { plannedOf, runSheet } from './runSheet.js';
import { stepsNow } from './stepsNow.js';
import { DEFAULT_KITCHEN } from '../../draft/kitchen.js';

const EAT = '2030-01-05T18:30:00Z';
const DRAFT = newTray('Test', 'squash-sage', 24, EAT);
const PLAN = planBatch(DRAFT, DEFAULT_KITCHEN, null);
const SHEET = runSheet([{ draft: DRAFT, plan: PLAN }]);
const START = PLAN.serve!.startMs;
const MIN = 60_000;
let n = 0;
type Told = CookAct extends infer A ? (A extends CookAct ? Omit<A, 'id'> : never) : never;
const act = (of: Told): CookAct => ({ id: `a${n++}`, ...of }) as CookAct;
const done = (step: StepKey, atMs: number) => act({ step, atMs, kind: 'done' });
const at = (acts: readonly CookAct[], nowMs: number, me = '') => stepsNow(SHEET, cookState(acts), nowMs, me);

test('every starter has a sheet in order of its start, from the first weighing to the table; a step waits only for steps that are there', () => {
  for (const { id } of STARTERS) {
    const draft = newTray('Test', id, 24, EAT);
    const plan = planBatch(draft, DEFAULT_KITCHEN, null);
    const sheet = runSheet([{ draft, plan }]);
    const ids = sheet.map((step) => step.id);
    expect(new Set(ids).size).toBe(ids.length);
    expect(sheet[0]!.startMs).toBe(plan.serve!.startMs);
    expect(ids.at(-1)).toBe('serve');
    for (const [i, step] of sheet.entries()) {
      expect(step.durationS).toBeGreaterThan(0);
      if (i > 0) expect(step.startMs).toBeGreaterThanOrEqual(sheet[i - 1]!.startMs);
      for (const before of step.after) expect(ids).toContain(before);
    }
    // Hands are never in two places.
    const hands = sheet.filter((step) => step.kind !== 'passive');
    for (let i = 1; i < hands.length; i++) {
      expect(hands[i]!.startMs).toBeGreaterThanOrEqual(hands[i - 1]!.startMs + 1000 * hands[i - 1]!.durationS - 1000);
    }
  }
});

test('a filling made the day before and pieces from the freezer change the sheet', () => {
  const draft = {
    ...DRAFT,
    filling: { ...DRAFT.filling, aheadDays: 1 },
    fry: { ...DRAFT.fry, start: 'frozen' as const },
  };
  const sheet = runSheet([{ draft, plan: planBatch(draft, DEFAULT_KITCHEN, null) }]);
  const ids = sheet.map((step) => step.id);
  expect(ids.slice(0, 3)).toEqual(['weigh-filling', 'cook-filling', 'cool']);
  expect(sheet[3]!.startMs - sheet[2]!.startMs).toBeGreaterThan(20 * 3_600_000);
  expect(ids.indexOf('hold')).toBe(ids.indexOf('fold') + 1);
});

test('one large step at a time: what waits goes on behind it, and becomes the step when the hands have nothing else', () => {
  const acts: CookAct[] = [];
  expect(at(acts, START).current!.id).toBe('weigh-filling');
  acts.push(done('weigh-filling', START + 6 * MIN), done('cook-filling', START + 36 * MIN));
  const mixing = at(acts, START + 37 * MIN);
  expect(mixing.current!.id).toBe('mix-dough');
  expect(mixing.background.map((one) => one.step.id)).toEqual(['cool']);
  const cool = SHEET.find((step) => step.id === 'cool')!;
  expect(mixing.background[0]!.readyMs).toBe(START + 36 * MIN + 1000 * cool.durationS);
  acts.push(done('mix-dough', START + 60 * MIN));
  const waiting = at(acts, START + 61 * MIN);
  expect(waiting.waits).toBe(true);
  expect(['rest', 'cool']).toContain(waiting.current!.id);
  // Time alone ends a wait; nobody has to say so.
  expect(at(acts, START + 600 * MIN).current!.id).toBe('roll');
});

test('skip, back, and the same act told twice', () => {
  const skip = act({ step: 'weigh-filling', atMs: START, kind: 'skip' });
  expect(at([skip, skip], START).current!.id).toBe('cook-filling');
  expect(at([skip, act({ step: 'weigh-filling', atMs: START + 1, kind: 'back' })], START).current!.id).toBe(
    'weigh-filling',
  );
  const twice = cookState([done('fold', START + 5), done('fold', START + 9)]);
  expect(stepState(twice, 'fold').atMs).toBe(START + 5);
});

test('two cooks: what one has taken is not the other’s, and both see it', () => {
  const acts = [act({ step: 'weigh-filling', atMs: START, kind: 'take', who: 'Tamsin' })];
  expect(at(acts, START, 'Tamsin').current!.id).toBe('weigh-filling');
  const other = at(acts, START, 'Sorrel');
  expect(other.current!.id).toBe('mix-dough');
  expect(other.taken.map((step) => step.id)).toEqual(['weigh-filling']);
});

test('on the table: as planned when all goes as planned, later by what is late, never before now', () => {
  const first = at([], START);
  expect(Math.abs(first.tableMs - Date.parse(EAT))).toBeLessThan(2 * MIN);
  expect(at([], START + 20 * MIN).tableMs - first.tableMs).toBeCloseTo(20 * MIN, -4);
  fc.assert(
    fc.property(fc.subarray(SHEET.map((step) => step.id)), fc.integer({ min: 0, max: 600 }), (ids, minutes) => {
      const nowMs = START + minutes * MIN;
      const acts = ids.map((id, i) => done(id, Math.min(nowMs, START + i * MIN)));
      const now = at(acts, nowMs);
      expect(now.tableMs).toBeGreaterThanOrEqual(nowMs);
      const seen = [now.current, ...now.background.map((one) => one.step), ...now.next].flatMap(
        (step) => step?.id ?? [],
      );
      // Every open step is somewhere on the sheet, once.
      expect([...seen].sort()).toEqual(
        SHEET.map((step) => step.id)
          .filter((id) => !ids.includes(id))
          .sort(),
      );
    }),
  );
});

describe('what was measured', () => {
  const cooked = (step: StepKey, value: number) =>
    trayOf(
      asCooked(batchOf(DRAFT), cookState([act({ step, atMs: START, kind: 'measure', value })]), DEFAULT_KITCHEN),
      'A',
    );

  test('as planned changes nothing', () => {
    for (const { id, measures } of SHEET) {
      if (measures[0] === undefined) continue;
      const after = planBatch(cooked(id, measures[0].planned), DEFAULT_KITCHEN, null);
      expect(planChanges(PLAN, after)).toEqual([]);
    }
  });

  test('a pan 50 g too heavy: more filling, and it is told; more water: softer; fewer pieces: fewer loads', () => {
    const told = (step: StepKey, value: number) =>
      planChanges(PLAN, planBatch(cooked(step, value), DEFAULT_KITCHEN, null));
    const gross = plannedOf(
      SHEET.find((step) => step.id === 'cook-filling')!,
      'pan-kg',
    )!;
    const filling = told('cook-filling', gross + 0.05).find((one) => one.what === 'filling-kg')!;
    expect(filling.after - filling.before).toBeCloseTo(0.05, 6);
    const poured = plannedOf(
      SHEET.find((step) => step.id === 'mix-dough')!,
      'poured-kg',
    )!;
    const softer = told('mix-dough', poured * 1.15).find((one) => one.what === 'stiffness')!;
    expect(softer.after).toBeLessThan(softer.before);
    expect(told('fold', 12).map((one) => one.what)).toEqual(expect.arrayContaining(['loads', 'at-stove']));
    expect(told('roll', DRAFT.fold.thicknessM * 1.3).map((one) => one.what)).toEqual(
      expect.arrayContaining(['dough-left']),
    );
  });

  test('any measure within its range leaves a plan', () => {
    const ranges = { 'cook-filling': [0, 110], 'mix-dough': [0, 100], roll: [0.0004, 0.012], fold: [1, 2000] } as const;
    fc.assert(
      fc.property(
        fc.constantFrom(...(Object.keys(ranges) as (keyof typeof ranges)[])),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (step, u) => {
          const [least, most] = ranges[step];
          expect(() => planBatch(cooked(step, least + u * (most - least)), DEFAULT_KITCHEN, null)).not.toThrow();
        },
      ),
      { numRuns: 40 },
    );
  });
});

test('a timer is silent until it is over, then calls the more often the later it is, and never fewer times', () => {
  expect(ringing(START, START - 1)).toMatchObject({ eachS: null, urgency: 'none' });
  expect(callsBy(START, START - 1)).toBe(0);
  expect(callsBy(START, START)).toBe(1);
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 3600 }), fc.integer({ min: 1, max: 600 }), (lateS, moreS) => {
      const [a, b] = [START + 1000 * lateS, START + 1000 * (lateS + moreS)];
      expect(ringing(START, b).eachS!).toBeLessThanOrEqual(ringing(START, a).eachS!);
      const calls = callsBy(START, b) - callsBy(START, a);
      // As many as the slowest and the fastest pace allow.
      expect(calls).toBeGreaterThanOrEqual(Math.floor(moreS / 15) - 2);
      expect(calls).toBeLessThanOrEqual(Math.ceil(moreS / 4) + 2);
    }),
  );
});

test('the whole room: measured figures keep what was planned beside them, and waits begin and end with what is told', () => {
  const gross = plannedOf(
    SHEET.find((step) => step.id === 'cook-filling')!,
    'pan-kg',
  )!;
  const acts = [act({ step: 'cook-filling', atMs: START, kind: 'measure', value: gross + 0.05 })];
  const batch = asCooked(batchOf(DRAFT), cookState(acts), DEFAULT_KITCHEN);
  const before = [{ draft: DRAFT, plan: PLAN }];
  const now = cookNow({ before, after: planTrays(batch, DEFAULT_KITCHEN, null) }, cookState(acts), START, '');
  expect(
    plannedOf(
      now.sheet.find((step) => step.id === 'cook-filling')!,
      'pan-kg',
    ),
  ).toBe(gross);
  expect(now.changes.map((change) => change.what)).toContain('filling-kg');
  const calls = (list: readonly CookAct[], told: CookAct, running: readonly { id: string; step: StepKey }[] = []) =>
    timerCalls(now.sheet, cookState(list), told, running);
  const mixed = done('mix-dough', START + MIN);
  expect(calls([], mixed)).toEqual({ start: [expect.objectContaining({ id: 'rest' })], stop: [] });
  expect(calls([], mixed, [{ id: 't', step: 'rest' }])).toEqual({ start: [], stop: [] });
  // Opened again, or over: its wait is no longer waited for.
  const back = act({ step: 'mix-dough', atMs: START + 2 * MIN, kind: 'back' });
  expect(calls([mixed], back, [{ id: 't', step: 'rest' }])).toEqual({ start: [], stop: ['t'] });
  expect(calls([mixed], done('rest', START + 9 * MIN), [{ id: 't', step: 'rest' }])).toEqual({
    start: [],
    stop: ['t'],
  });
});
