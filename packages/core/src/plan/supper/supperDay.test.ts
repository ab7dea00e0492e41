import { cookState, type CookAct, type StepKey } from '../../cook/cookAct.js';
import { batchOf, type BatchDraft } from '../../draft/batchDraft.js';
import { DEFAULT_KITCHEN } from '../../draft/kitchen.js';
import type { SupperCook } from '../../draft/supper.js';
import { COST } from '../../schedule/dayTask.js';
import { duringFry, type DayPart, dayPart } from './dayPart.js';
import { dayTasks, type DayAsk } from './dayTasks.js';
import { bestWays, dayWaysFor, withDayWay } from './dayWays.js';
import { dayRisk, workRange } from './dayRisk.js';
import { planTrays } from '../batch/planBatch.js';
import { newTray, STARTERS } from '../edit/starters.js';
import { supperPlaces } from './supperEats.js';
import { dayMoves } from './dayTurns.js';
import { type DayPlan, supperDay as searched } from './supperDay.js';

const EAT_MS = Date.parse('2030-01-05T18:30:00Z');
const MIN = 60_000;
const PIECES = [48, 24, 24, 18, 16];
const DRAFTS = Object.fromEntries(
  STARTERS.map(({ id }, i) => [
    id,
    { ...batchOf(newTray(id, id, PIECES[i] ?? 16, new Date(EAT_MS).toISOString())), supper: 'walk' },
  ]),
);
const partOf = (id: string, draft: BatchDraft = DRAFTS[id]!, kitchen = DEFAULT_KITCHEN) =>
  dayPart(id, draft, planTrays(draft, kitchen, null), kitchen);
const FIVE = Object.keys(DRAFTS).map((id) => partOf(id));
const cooks = (n: number, change: Partial<SupperCook> = {}): SupperCook[] =>
  Array.from({ length: n }, (_, i) => ({ id: `c${i}`, name: `C${i}`, ...(i > 0 && change) }));

const askFor = (parts: readonly DayPart[], more: Partial<DayAsk> = {}): DayAsk => ({
  parts,
  states: {},
  cooks: cooks(1),
  pins: {},
  nowMs: null,
  order: supperPlaces(parts, []).map(({ job, changeS }) => ({ id: job.id, changeS })),
  ...more,
});
const told = (steps: readonly StepKey[], atMs: number) =>
  cookState(steps.map((step, i): CookAct => ({ id: `${step} ${i}`, atMs, step, kind: 'done' })));

/** Soundness does not hang on how long is searched. */
const supperDay = (ask: DayAsk, options = {}) => searched(ask, { mostLooked: 60, rounds: 6, ...options });

/** What every day plan keeps. */
function keepsItsWord(ask: DayAsk, dayPlan: DayPlan): void {
  const { entries } = dayPlan;
  for (const [i, one] of entries.entries()) {
    expect(one.cook === null || one.cook < ask.cooks.length).toBe(true);
    for (const other of entries.slice(i + 1)) {
      const isOne = (one.cook !== null && one.cook === other.cook) || (one.pot !== null && one.pot === other.pot);
      if (isOne) expect(one.endMs <= other.startMs || one.endMs === one.startMs).toBe(true);
    }
  }
  const at = new Map(
    entries.flatMap(({ steps }) => steps.map((step) => [`${step.batchId} ${step.step?.id}`, step] as const)),
  );
  for (const { batchId, sheet } of ask.parts)
    for (const step of sheet) {
      const there = at.get(`${batchId} ${step.id}`);
      for (const id of step.after) {
        const before = at.get(`${batchId} ${id}`);
        // Each step after what it waits for, of the same run-sheet; one heat is for all at the pot.
        if (there && before && before.what !== 'heat') expect(before.endMs).toBeLessThanOrEqual(there.startMs);
      }
    }
  if (dayPlan.startMs !== null && dayPlan.lateS === 0) expect(dayPlan.startMs).toBeLessThanOrEqual(dayPlan.latestMs);
}

test('five batches on one pot: one truth over all hands, near or at the best there is, by the order of the oil', () => {
  const spans = [1, 2, 3].map((n) => {
    const ask = askFor(FIVE, { cooks: cooks(n) });
    const dayPlan = searched(ask)!;
    keepsItsWord(ask, dayPlan);
    expect(dayPlan.lateS).toBe(0);
    const pot = dayPlan.entries.find((entry) => entry.pot !== null)!;
    expect(pot.steps.filter(({ what }) => what === 'fry').map(({ batchId }) => batchId)).toEqual(
      ask.order.map(({ id }) => id),
    );
    expect(pot.steps.filter(({ what, lengthS }) => what === 'heat' && lengthS > 0)).toHaveLength(1);
    // Every batch has everything of its sheet that hands do.
    for (const { batchId, sheet } of FIVE) {
      const own = dayPlan.entries.flatMap(({ steps }) =>
        steps.filter((step) => step.batchId === batchId).map(({ step }) => step?.id),
      );
      expect(own).toEqual(
        expect.arrayContaining(
          sheet.filter(({ kind, what }) => kind === 'hands' && what !== 'serve').map(({ id }) => id),
        ),
      );
    }
    // Oil is hot long after the last taking out, and that is said.
    expect(dayPlan.hotUntil[0]!.untilMs).toBeGreaterThan(dayPlan.allUpMs! + 30 * MIN);
    return { span: EAT_MS - dayPlan.startMs!, best: EAT_MS - dayPlan.latestMs };
  });
  // Alone and with three it is the best there is; with two the waits of what is folded come before a later start.
  expect(spans.map(({ span, best }) => span / best)).toEqual([1, expect.any(Number), 1]);
  expect(spans[1]!.span / spans[1]!.best).toBeLessThan(1.15);
  expect(spans[1]!.span).toBeLessThan(spans[0]!.span);
});

test('what a cook moves by hand moves nothing else that it need not', () => {
  const ask = askFor(FIVE);
  const before = supperDay(ask)!;
  const like = { planned: before.entries, cooks: ask.cooks.map(({ id }) => id) };
  const work = before.entries.filter(({ cook }) => cook === 0);
  const movedBy = (id: string, startMs: number) => {
    const pins = { [id]: { at: new Date(startMs).toISOString() } };
    const now = supperDay({ ...ask, pins, like })!;
    keepsItsWord({ ...ask, pins }, now);
    expect(now.brokenPins).toEqual([]);
    expect(now.entries.find((entry) => entry.id === id)!.startMs).toBe(startMs);
    return now.entries.filter((entry) => {
      const was = before.entries.find(({ id: one }) => one === entry.id)!;
      return Math.abs(was.startMs - entry.startMs) > 5 * MIN;
    });
  };
  for (const [i, { id, startMs }] of work.slice(0, 6).entries()) {
    // Five minutes sooner: what comes before it goes with it, and no further.
    expect(movedBy(id, startMs - 5 * MIN)).toEqual([]);
    // Before another one: the two change places.
    const other = work[i - 1];
    if (other) expect(movedBy(id, other.startMs - MIN).map((entry) => entry.id)).toEqual([id, other.id]);
  }
});

test('a late dough: what is done is no task, the rest goes on from now, and what moved is said', () => {
  const planned = searched(askFor(FIVE, { cooks: cooks(2) }))!;
  const [first] = planned.entries;
  const nowMs = first!.endMs + 40 * MIN;
  const states = {
    [first!.batchId!]: told(
      first!.steps.map(({ step }) => step!.id),
      first!.endMs + 20 * MIN,
    ),
  };
  const ask = askFor(FIVE, { cooks: cooks(2), states, nowMs });
  const now = supperDay(ask)!;
  keepsItsWord(ask, now);
  expect(now.entries.map(({ id }) => id)).not.toContain(first!.id);
  for (const entry of now.entries) expect(entry.startMs).toBeGreaterThanOrEqual(nowMs);
  expect(dayMoves(planned, now).length).toBeGreaterThan(0);
  expect(dayMoves(planned, planned)).toEqual([]);
  // Few changes: where nothing has happened but that time went by, nothing moves, however long is searched.
  const like = { planned: planned.entries, cooks: ask.cooks.map(({ id }) => id) };
  const inTime = { ...askFor(FIVE, { cooks: cooks(2), nowMs: planned.startMs! - 60 * MIN }), like };
  const kept = supperDay(inTime, { mostLooked: 200, rounds: 20 })!;
  const places = ({ entries }: DayPlan) => entries.map(({ id, cook }) => [id, cook]);
  expect(places(kept)).toEqual(places(planned));
  // Less than a minute is no move.
  expect(dayMoves(planned, kept)).toEqual([]);
  // An order that names cooks who are gone is no order.
  expect(supperDay({ ...inTime, like: { ...like, cooks: ['x', 'y'] } })!.lateS).toBe(0);
  // Hours late, the table is late, and by no more than the day is longer.
  const veryMs = EAT_MS - 60 * MIN;
  const late = supperDay(askFor(FIVE, { cooks: cooks(2), nowMs: veryMs }))!;
  expect(late.lateS).toBeGreaterThan(3600);
  expect(late.startMs).toBe(veryMs);
});

test('cooks by name: hours are kept, who keeps from the oil is not put there, and a settled stretch stays', () => {
  const [one, two] = FIVE;
  const few = [one!, two!];
  const from = new Date(EAT_MS - 120 * MIN).toISOString();
  const helped = supperDay(askFor(few, { cooks: cooks(2, { from, noOil: true }) }))!;
  const second = helped.entries.filter(({ cook }) => cook === 1);
  expect(second.every(({ startMs, pot }) => startMs >= Date.parse(from) && pot === null)).toBe(true);
  expect(helped.outOfHours).toEqual([]);
  // Nobody else can be at the oil: it is done all the same, and said.
  const gone = supperDay(
    askFor(few, { cooks: [{ id: 'a', name: '', to: new Date(EAT_MS - 60 * MIN).toISOString() }] }),
  )!;
  expect(gone.outOfHours.length).toBeGreaterThan(0);

  const plain = supperDay(askFor(few))!;
  const dough = plain.entries.find(({ steps }) => steps[0]!.what === 'mix-dough')!;
  const at = new Date(dough.startMs - 25 * MIN).toISOString();
  const settled = supperDay(askFor(few, { pins: { [dough.id]: { at } } }))!;
  expect(settled.entries.find(({ id }) => id === dough.id)!.startMs).toBe(Date.parse(at));
  expect(settled.brokenPins).toEqual([]);
  // What cannot be is planned as near as can be, and said: folding before its dough, and both at one moment.
  const fold = plain.entries.find(
    ({ batchId, steps }) => batchId === dough.batchId && steps.some(({ what }) => what === 'fold'),
  )!;
  const crossed = supperDay(
    askFor(few, { pins: { [fold.id]: { at }, [dough.id]: { at: new Date(fold.startMs).toISOString() } } }),
  )!;
  expect(crossed.brokenPins.length).toBeGreaterThan(0);
  // The day before: the day itself begins later by it.
  const filling = plain.entries.find(({ steps }) => steps.some(({ what }) => what === 'cook-filling'))!;
  const dayBefore = { [filling.id]: { at: new Date(filling.startMs - 86_400_000).toISOString() } };
  const split = supperDay(askFor(few, { pins: dayBefore }))!;
  expect(split.startMs).toBeGreaterThan(plain.startMs!);
  expect(split.entries[0]!.id).toBe(filling.id);
});

test('nothing to plan, nobody to cook, forty batches, a batch at the stove, another table', () => {
  expect(supperDay(askFor([]))).toBeNull();
  expect(supperDay(askFor(FIVE, { cooks: [] }))).toBeNull();
  const many = Array.from({ length: 40 }, (_, i) => ({
    ...FIVE[i % 5]!,
    batchId: `b${i}`,
    job: { ...FIVE[i % 5]!.job!, id: `b${i}` },
  }));
  let asked = 0;
  const ask = { ...askFor(many), order: many.map(({ batchId }) => ({ id: batchId, changeS: 0 })) };
  const huge = supperDay(ask, { isOver: () => ++asked > 5 })!;
  keepsItsWord(ask, huge);
  expect(huge.isProved || huge.latestMs >= huge.startMs!).toBe(true);

  const [one] = FIVE;
  const startedMs = EAT_MS - 90 * MIN;
  const state = told(
    one!.sheet.filter(({ kind, what }) => kind !== 'stove' && what !== 'serve').map(({ id }) => id),
    startedMs,
  );
  const fry = one!.sheet.find(({ what }) => what === 'fry')!;
  const there = duringFry(one!, state, startedMs, startedMs + 30 * MIN);
  const heat = one!.sheet.find(({ what }) => what === 'heat')!;
  const left = there.part.sheet.find(({ what }) => what === 'fry')!.durationS;
  expect(left).toBeCloseTo(fry.durationS - (30 * 60 - heat.durationS), 6);
  const going = supperDay(
    askFor([there.part], { states: { [one!.batchId]: there.state }, nowMs: startedMs + 30 * MIN }),
  )!;
  expect(going.entries.map(({ steps }) => steps.filter(({ lengthS }) => lengthS > 0).map(({ what }) => what))).toEqual([
    ['fry'],
    ['serve'],
  ]);

  // Two tables from one pot: heated for each, the first goes first.
  const later = { ...FIVE[1]!, eatMs: EAT_MS + 90 * MIN };
  const twice = askFor([one!, later]);
  const dayPlan = supperDay(twice)!;
  keepsItsWord(twice, dayPlan);
  expect(dayPlan.lateS).toBe(0);
  expect(
    dayPlan.entries
      .filter(({ pot }) => pot !== null)
      .map(({ steps }) => steps.findLast(({ what }) => what === 'fry')!.batchId),
  ).toEqual([one!.batchId, later.batchId]);
});

test('on other days: sooner is safer, the same plan has the same risk, and the first load waits longest', () => {
  const ask = askFor(FIVE, { cooks: cooks(2) });
  const { risk, batches } = supperDay(ask)!;
  expect(supperDay(ask)!.risk).toEqual(risk);
  expect(risk.lateShare >= 0 && risk.lateShare <= 1).toBe(true);
  expect(risk.soonerS > 0).toBe(risk.lateShare > 0.1);
  // Everything as planned but the table an hour later: late on fewer days.
  const made = dayTasks(ask);
  const plan = { starts: made.works.map(() => 0), cooks: made.works.map(() => -1) };
  const later = made.works.map((work) => ({ ...work, eatMs: work.eatMs + 86_400_000 }));
  expect(dayRisk({ ...made, works: later }, plan).lateShare).toBeLessThanOrEqual(dayRisk(made, plan).lateShare);
  expect(dayRisk({ ...made, works: later }, plan)).toEqual({ lateShare: 0, soonerS: 0 });
  const { leastS, mostS } = workRange({ lengthS: 1200, pot: null, hands: 'board' });
  expect(leastS < 1200 && mostS > 1200).toBe(true);
  for (const { batchId, heldS, upMs, eatMs } of batches) {
    const { firstUpS } = FIVE.find((part) => part.batchId === batchId)!;
    expect(firstUpS).not.toBeNull();
    expect(heldS).toBeGreaterThan((eatMs - upMs!) / 1000);
  }
});

test('ways out: each changes what it says and nothing else; what is in time comes first', () => {
  const supper = { name: 'walk', servings: [{ id: 's', at: new Date(EAT_MS).toISOString() }], each: 3, guests: [] };
  const whole = { supper, drafts: DRAFTS };
  const dayPlan = supperDay(askFor(FIVE, { nowMs: EAT_MS - 300 * MIN }))!;
  const ways = dayWaysFor(dayPlan, whole, [null, 'small'], 1, 'helper', EAT_MS - 300 * MIN);
  expect([...new Set(ways.map(({ kind }) => kind))].sort()).toEqual([
    'bake',
    'crisp',
    'drop',
    'fewer',
    'freeze',
    'helper',
    'later',
    'pot',
  ]);
  for (const way of ways) {
    const { supper: next, drafts } = withDayWay(way, whole, 1);
    const changed = Object.keys(drafts).filter((id) => drafts[id] !== DRAFTS[id]);
    expect(changed).toEqual(way.kind === 'later' ? Object.keys(DRAFTS) : 'batchId' in way ? [way.batchId] : []);
    expect(next === supper).toBe(way.kind !== 'later' && way.kind !== 'helper');
  }
  const later = ways.find(({ kind }) => kind === 'later')!;
  expect(later.kind === 'later' && later.byS >= dayPlan.lateS).toBe(true);
  const out = (way: (typeof ways)[number], lateS: number) => ({
    way,
    lateS,
    startMs: 0,
    allUpMs: 0,
    handsS: 0,
    unsafe: 0,
    eats: { heads: 1, fed: 1, full: 1, pieces: 1 },
  });
  expect(bestWays([out(ways[0]!, 900), out(later, 0)]).map(({ way }) => way.kind)).toEqual(['later', 'helper']);
  // The tasks of a day plan with nothing in it are none.
  expect(dayTasks(askFor([])).works).toEqual([]);
});

test('fried early and crisped: a heat of its own before the others, its pieces no longer wait, the oil keeps its order', () => {
  const plain = askFor(FIVE, { cooks: cooks(2) });
  const [first, second] = plain.order.map(({ id }) => id);
  const whole = { supper: { name: '', servings: [], each: 3, guests: [] }, drafts: DRAFTS };
  const crisped = (id: string) =>
    FIVE.map((part) =>
      part.batchId === id
        ? partOf(id, withDayWay({ kind: 'crisp', batchId: id, ovenC: 190 }, whole, 1).drafts[id])
        : part,
    );
  const ask = askFor(crisped(first!), { cooks: cooks(2) });
  const dayPlan = supperDay(ask)!;
  keepsItsWord(ask, dayPlan);
  const pots = dayPlan.entries.filter(({ pot }) => pot !== null);
  expect(pots.map(({ steps }) => steps.filter(({ what }) => what === 'fry').map(({ batchId }) => batchId))).toEqual([
    [first],
    ask.order.map(({ id }) => id).slice(1),
  ]);
  expect(pots.map(({ steps }) => steps.filter(({ what }) => what === 'heat').length)).toEqual([1, 1]);
  const oven = dayPlan.entries.find(({ steps }) => steps[0]!.what === 'crisp')!;
  expect(oven.isOven && oven.startMs >= pots[0]!.endMs).toBe(true);
  const heldOf = (one: DayPlan, id: string) => one.batches.find(({ batchId }) => batchId === id)!.heldS;
  expect(heldOf(dayPlan, first!)).toBeLessThan(0.5 * heldOf(supperDay(plain)!, first!));
  expect(dayPlan.lateS).toBe(0);
  // However full the fridge: what was reheated is eaten then.
  const full = supperDay({ ...ask, rooms: { fridge: 1 } })!;
  expect(heldOf(full, first!)).toBeLessThanOrEqual(1800);
  // What has to come after others in the oil comes after them all the same.
  const behind = supperDay(askFor(crisped(second!), { cooks: cooks(2) }))!;
  expect(behind.entries.filter(({ pot }) => pot !== null)).toHaveLength(1);
  // Fried too many days before, it is not safe.
  const early = { [pots[0]!.id]: { at: new Date(EAT_MS - 4 * 86_400_000).toISOString() } };
  const old = dayTasks({ ...ask, pins: early });
  const lag = old.problem.lags.find(({ from, to, leastS }) => from === oven.id && to === pots[0]!.id && leastS < 0)!;
  expect(lag.weight).toBe(COST.unsafe);
});

test('rooms that hold only so much: fewer dishes and a small fridge move the work, and what does not fit is said', () => {
  const mostOf = (dayPlan: DayPlan) => Object.fromEntries(dayPlan.rooms.map(({ room, most }) => [room, most]));
  const ask = askFor(FIVE, { cooks: cooks(2) });
  const free = supperDay(ask)!;
  expect(free.rooms.every(({ holds }) => holds === null)).toBe(true);
  expect(mostOf(free).dishes!).toBeGreaterThan(1);
  const holds = { dishes: mostOf(free).dishes! - 1 };
  const tight = supperDay({ ...ask, rooms: holds })!;
  keepsItsWord({ ...ask, rooms: holds }, tight);
  expect(mostOf(tight).dishes!).toBeLessThanOrEqual(holds.dishes);
  expect(tight.lateS).toBe(0);
  // Nobody is late for a full fridge, however little is searched; more hands make nobody late.
  for (const n of [1, 2, 3]) {
    const small = { ...askFor(FIVE, { cooks: cooks(n) }), rooms: { fridge: 2, dishes: 2 } };
    expect(searched(small, { mostLooked: 1, rounds: 0 })!.lateS).toBe(0);
  }
  // One that cools in two dishes does not fit into one, and nothing is impossible for it.
  const [one] = FIVE;
  const two = { ...one!, stays: one!.stays.map((stay) => ({ ...stay, places: 2 })) };
  const full = supperDay(askFor([two], { rooms: { dishes: 1, fridge: 0 } }))!;
  expect(full.rooms.find(({ room }) => room === 'dishes')).toEqual({ room: 'dishes', most: 2, holds: 1 });
  // What is done has gone; what waits already is counted from when it came.
  const cook = one!.sheet.filter(({ what }) => what === 'weigh-filling' || what === 'cook-filling').map(({ id }) => id);
  const atMs = free.startMs! - 10 * MIN;
  const begun = askFor([one!], { states: { [one!.batchId]: told(cook, atMs) }, nowMs: atMs });
  const [dish] = dayTasks(begun).problem.stays!;
  expect(dish).toMatchObject({ room: 'dishes', from: { task: null, atS: Math.round((atMs - EAT_MS) / 1000) } });
});

test('one cutter of each size: two cooks never cut with it at one time, other sizes go on beside it', () => {
  const again = (id: string) => ({ ...partOf(FIVE[0]!.batchId), batchId: id, job: { ...FIVE[0]!.job!, id } });
  const two = [again('one'), again('two'), again('three')];
  const ask = { ...askFor(two, { cooks: cooks(3) }), order: two.map(({ batchId }) => ({ id: batchId, changeS: 0 })) };
  const dayPlan = (oneCutter: boolean) => supperDay({ ...ask, oneCutter })!;
  const cuts = dayPlan(true).entries.filter(({ steps }) => steps[0]!.what === 'roll');
  expect(cuts).toHaveLength(3);
  cuts.slice(1).forEach(({ startMs }, i) => expect(cuts[i]!.endMs).toBeLessThanOrEqual(startMs));
  // With a cutter for each nobody waits for one.
  expect(dayPlan(false).startMs!).toBeGreaterThanOrEqual(dayPlan(true).startMs!);
  const other = { ...again('other'), cutters: { '': 'cutter 80' } };
  const made = dayTasks({ ...ask, parts: [two[0]!, other], oneCutter: true });
  const things = made.works.filter(({ steps }) => steps[0]!.what === 'roll').map((work) => work.things[0]);
  expect(new Set(things).size).toBe(2);
});

test('moments that are far from any meal: pins, hours and acts a year off do no harm; meals or a now that are too far are refused', () => {
  const YEAR = 365 * 86_400_000;
  const far = [-2000 * YEAR, -YEAR, -29 * 86_400_000, 29 * 86_400_000, YEAR, 7000 * YEAR];
  const one = FIVE.slice(0, 2);
  const bare = supperDay(askFor(one))!;
  for (const offMs of far) {
    const at = new Date(EAT_MS + offMs).toISOString();
    const pinned = supperDay(askFor(one, { pins: { [bare.entries[0]!.id]: { at } } }))!;
    expect(pinned.brokenPins).toEqual(
      Math.abs(pinned.entries.find(({ id }) => id === bare.entries[0]!.id)!.startMs - Date.parse(at)) > MIN
        ? [bare.entries[0]!.id]
        : [],
    );
    for (const hours of [{ from: at }, { to: at }])
      keepsItsWord(askFor(one), supperDay(askFor(one, { cooks: [{ ...cooks(1)[0]!, ...hours }] }))!);
    const states = { [one[0]!.batchId]: told([one[0]!.sheet[0]!.id], EAT_MS + offMs) };
    expect(supperDay(askFor(one, { states }))).not.toBeNull();
  }
  for (const nowMs of [EAT_MS + 29 * 86_400_000, EAT_MS + YEAR, EAT_MS + 7000 * YEAR])
    expect(() => supperDay(askFor(one, { nowMs }))).toThrow(expect.objectContaining({ path: 'servings' }));
  const apart = one.map((part, i) => ({ ...part, eatMs: EAT_MS + i * 15 * 86_400_000 }));
  expect(() => supperDay(askFor(apart))).toThrow(expect.objectContaining({ path: 'servings' }));
  expect(supperDay(askFor(one, { nowMs: EAT_MS - 7000 * YEAR }))!.lateS).toBe(0);
});
