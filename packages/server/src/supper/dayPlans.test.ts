import { START_CHECKS } from '@ember-fold/core/stove';
import { type DayPlan, type Supper, type SupperDay, type SupperWays, withDayWay } from '@ember-fold/core/supper';
import { deleteForGood } from '../stove/stoveTable.js';
import ICAL from 'ical.js';
import { randomUUID } from 'node:crypto';
import { newBatch } from '../test/newBatch.js';
import { openApp, T0, type TestApp } from '../test/openApp.js';

let app: TestApp;
beforeEach(async () => {
  app = await openApp();
});
afterEach(() => app.close());

const HOUR_MS = 3_600_000;
/** The night before, clocks are put forward in half of Europe: times are told in UTC. */
const EAT_AT = '2026-03-29T17:00:00.000Z';
const EAT_MS = Date.parse(EAT_AT);
const STARTERS = ['squash-sage', 'mackerel-leek'] as const;

async function madeSupper(change: Partial<Supper> = {}) {
  const id = randomUUID();
  const servings = [{ id: randomUUID(), at: EAT_AT }];
  const supper: Supper = { name: 'Lantern, Walk; supper', servings, each: 2, guests: [], ...change };
  expect((await app.call('POST', '/api/suppers', { id, supper })).status).toBe(201);
  const batches: string[] = [];
  for (const starter of STARTERS) {
    const batchId = randomUUID();
    const draft = { ...newBatch(starter, starter, 12, EAT_AT), supper: id };
    expect((await app.call('POST', '/api/batches', { id: batchId, draft })).status).toBe(201);
    batches.push(batchId);
  }
  return { id, supper, batches };
}
const dayOf = async (id: string): Promise<SupperDay> => (await app.call('GET', `/api/suppers/${id}/plan`)).body;
const told = async (batchId: string, step: string, atMs: number) =>
  expect(
    (await app.call('POST', `/api/batches/${batchId}/cook/acts`, { id: randomUUID(), atMs, step, kind: 'done' }))
      .status,
  ).toBe(201);

/** The events of a calendar, as another program reads them. */
function eventsIn(text: string) {
  return new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent').map((part) => {
    const event = new ICAL.Event(part);
    return {
      uid: event.uid,
      sequence: event.sequence,
      summary: event.summary,
      startMs: event.startDate.toJSDate().getTime(),
      endMs: event.endDate.toJSDate().getTime(),
      isUtc: event.startDate.zone === ICAL.Timezone.utcTimezone,
      alarms: part.getAllSubcomponents('valarm').map((alarm) => String(alarm.getFirstPropertyValue('trigger'))),
    };
  });
}

test('a stretch that is moved by hand takes no other with it by more than it was moved', async () => {
  app.clock.ms = EAT_MS - 30 * HOUR_MS;
  const { id, supper } = await madeSupper();
  for (const starter of ['lentil-dill', 'pear-ginger'] as const)
    await app.call('POST', '/api/batches', {
      id: randomUUID(),
      draft: { ...newBatch(starter, starter, 12, EAT_AT), supper: id },
    });
  const planned = (await dayOf(id)).dayPlan!;
  const hands = planned.entries.filter(({ cook }) => cook !== null).slice(0, 6);
  for (const [i, { id: task, startMs }] of hands.entries()) {
    const pins = { [task]: { at: new Date(startMs - 300_000).toISOString() } };
    const put = await app.call('PUT', `/api/suppers/${id}`, { version: i + 1, supper: { ...supper, pins } });
    expect(put.status).toBe(200);
    const now = (await dayOf(id)).dayPlan!;
    expect(now.entries.find((entry) => entry.id === task)!.startMs).toBe(startMs - 300_000);
    const by = planned.entries.map(
      (entry) => Math.abs(now.entries.find(({ id: one }) => one === entry.id)!.startMs - entry.startMs) / 60_000,
    );
    expect([task, by.filter((minutes) => minutes > 5)]).toEqual([task, []]);
  }
});

test('a day plan: planned as one, on from now when something is told or late, and by the cooks there are', async () => {
  app.clock.ms = EAT_MS - 30 * HOUR_MS;
  const { id, supper, batches } = await madeSupper();
  const first = await dayOf(id);
  expect(first).toMatchObject({ isBegun: false, cooks: [{ name: '' }] });
  expect(first.batches.map((batch) => batch.id).sort()).toEqual([...batches].sort());
  const planned = first.dayPlan!;
  expect(planned.lateS).toBe(0);
  expect(first.planned).toEqual(planned);
  const hands = planned.entries.filter(({ cook }) => cook !== null);
  hands.slice(1).forEach((entry, i) => expect(entry.startMs).toBeGreaterThanOrEqual(hands[i]!.endMs));

  // Told done: no task any more, and nothing begins before now.
  const [begins] = planned.entries;
  app.clock.ms = begins!.endMs + HOUR_MS;
  for (const { step } of begins!.steps) await told(begins!.batchId!, step!.id, app.clock.ms - 10 * 60_000);
  const late = await dayOf(id);
  expect(late.isBegun).toBe(true);
  expect(late.dayPlan!.entries.map((entry) => entry.id)).not.toContain(begins!.id);
  expect(Math.min(...late.dayPlan!.entries.map(({ startMs }) => startMs))).toBeGreaterThanOrEqual(late.atMs);
  expect(late.planned).toEqual(planned);

  // Nobody: said, not guessed. Two: it is no later.
  const none = { ...supper, cooks: [] };
  expect((await app.call('PUT', `/api/suppers/${id}`, { version: 1, supper: none })).status).toBe(200);
  expect(await dayOf(id)).toMatchObject({ dayPlan: null, cooks: [] });
  const two = { ...supper, cooks: ['a', 'b'].map((name) => ({ id: name, name })) };
  expect((await app.call('PUT', `/api/suppers/${id}`, { version: 2, supper: two })).status).toBe(200);
  const helped = await dayOf(id);
  expect(helped.dayPlan!.lateS).toBeLessThanOrEqual(late.dayPlan!.lateS);
  expect(new Set(helped.dayPlan!.entries.map(({ cook }) => cook)).has(1)).toBe(true);
  // Long after its table everything is late by that, and nothing hangs.
  app.clock.ms = EAT_MS + 2 * HOUR_MS;
  expect((await dayOf(id)).dayPlan!.lateS).toBeGreaterThan(7200);
  expect((await app.call('GET', `/api/suppers/${randomUUID()}/plan`)).body.code).toBe('NO_SUPPER');
});

test('a batch that cannot be planned is named, and the others go on without it', async () => {
  app.clock.ms = EAT_MS - 30 * HOUR_MS;
  const { id, batches } = await madeSupper();
  const odd = (await app.call('GET', `/api/batches/${batches[0]}`)).body;
  // A pocket that holds nothing: no piece comes of it.
  const [mark] = Object.keys(odd.draft.trays);
  const tray = odd.draft.trays[mark!];
  const draft = { ...odd.draft, trays: { [mark!]: { ...tray, fold: { ...tray.fold, discM: 0.04, sealM: 0.03 } } } };
  const put = await app.call('PUT', `/api/batches/${batches[0]}`, { version: odd.version, draft });
  expect(put.status).toBe(200);
  const told = await dayOf(id);
  expect(told.unplanned).toEqual([draft.name]);
  expect(told.dayPlan!.batches.map(({ batchId }) => batchId)).toEqual([batches[1]]);
  expect((await app.call('GET', `/api/suppers/${id}/ways`)).status).toBe(200);
});

test('ways out: each as it comes out once it is taken', async () => {
  app.clock.ms = EAT_MS - 3 * HOUR_MS;
  const { id, supper, batches } = await madeSupper();
  const before = (await dayOf(id)).dayPlan!;
  expect(before.lateS).toBeGreaterThan(0);
  const { ways } = (await app.call('GET', `/api/suppers/${id}/ways`)).body as SupperWays;
  expect(ways.length).toBeGreaterThan(3);
  expect(ways.map(({ lateS }) => lateS)).toEqual(ways.map(({ lateS }) => lateS).sort((a, b) => a - b));
  for (const kind of ['helper', 'later', 'drop'] as const) {
    const out = ways.find(({ way }) => way.kind === kind)!;
    const drafts = Object.fromEntries(
      await Promise.all(
        batches.map(async (one) => [one, (await app.call('GET', `/api/batches/${one}`)).body.draft] as const),
      ),
    );
    const row = (await app.call('GET', `/api/suppers/${id}`)).body;
    const next = withDayWay(out.way, { supper, drafts }, 1);
    expect((await app.call('PUT', `/api/suppers/${id}`, { version: row.version, supper: next.supper })).status).toBe(
      200,
    );
    const batch = out.way.kind === 'drop' ? out.way.batchId : null;
    const put = async (draft: unknown) =>
      app.call('PUT', `/api/batches/${batch}`, {
        version: (await app.call('GET', `/api/batches/${batch}`)).body.version,
        draft,
      });
    if (batch) expect((await put(next.drafts[batch])).status).toBe(200);
    const after = (await dayOf(id)).dayPlan!;
    // Weighed in a moment; worked out whole it is as good or better.
    expect(after.lateS).toBeLessThanOrEqual(out.lateS + 60);
    expect(after.lateS).toBeLessThanOrEqual(before.lateS);
    if (batch) expect((await put(drafts[batch])).status).toBe(200);
    const now = (await app.call('GET', `/api/suppers/${id}`)).body;
    expect((await app.call('PUT', `/api/suppers/${id}`, { version: now.version, supper })).status).toBe(200);
  }
});

test('the calendar: another program reads it; the same work keeps its id, a change has a higher number', async () => {
  app.clock.ms = EAT_MS - 30 * HOUR_MS;
  const { id, supper } = await madeSupper();
  const { dayPlan } = await dayOf(id);
  const text = async (path: string) => (await app.call('GET', path)).body as string;
  const first = eventsIn(await text(`/api/suppers/${id}/plan.ics`));
  const times = ({ entries }: DayPlan) => entries.map(({ startMs, endMs }) => [startMs, endMs]);
  expect(first.map(({ startMs, endMs }) => [startMs, endMs])).toEqual(times(dayPlan!));
  expect(new Set(first.map(({ uid }) => uid)).size).toBe(first.length);
  expect(first.every(({ isUtc, sequence }) => isUtc && sequence === 0)).toBe(true);
  expect(first.every(({ alarms }) => alarms.join() === '-PT10M')).toBe(true);
  expect(first.at(-1)!.summary).toBe('Lantern, Walk; supper: on the table');
  // Asked again, nothing has changed; the feed of the whole kitchen says the same.
  expect(eventsIn(await text(`/api/suppers/${id}/plan.ics`))).toEqual(first);
  expect(eventsIn(await text('/api/suppers/calendar.ics'))).toEqual(first);
  // Across midnight and three days on: the same work, later, each told again.
  const at = new Date(EAT_MS + 72 * HOUR_MS + 6 * HOUR_MS).toISOString();
  const moved = { ...supper, servings: [{ ...supper.servings[0]!, at }] };
  expect((await app.call('PUT', `/api/suppers/${id}`, { version: 1, supper: moved })).status).toBe(200);
  const later = eventsIn(await text(`/api/suppers/${id}/plan.ics`));
  expect(later.map(({ uid }) => uid).sort()).toEqual(first.map(({ uid }) => uid).sort());
  expect(later.every(({ sequence }) => sequence === 1)).toBe(true);
  expect(later.at(-1)!.endMs - first.at(-1)!.endMs).toBe(78 * HOUR_MS);
  expect(T0).toBeLessThan(EAT_MS);
});

test('what a day plan must not be told is refused at its field', async () => {
  const { id, supper } = await madeSupper();
  const cook = { id: 'a', name: 'Sorrel' };
  const refused = [
    [{ cooks: Array.from({ length: 7 }, (_, i) => ({ ...cook, id: `c${i}` })) }, 'supper.cooks'],
    [{ cooks: [cook, cook] }, 'supper.cooks.1'],
    [{ cooks: [{ ...cook, from: 'soon' }] }, 'supper.cooks.0.from'],
    [{ cooks: [{ ...cook, noOil: false }] }, 'supper.cooks.0.noOil'],
    [{ pins: { task: { at: 'now' } } }, 'supper.pins.task.at'],
    [{ pins: { task: { cook: '../../etc' } } }, 'supper.pins.task.cook'],
    [{ pins: Object.fromEntries(Array.from({ length: 201 }, (_, i) => [`t${i}`, {}])) }, 'supper.pins'],
  ] as const;
  for (const [change, path] of refused) {
    const answer = await app.call('PUT', `/api/suppers/${id}`, { version: 1, supper: { ...supper, ...change } });
    expect([path, answer.status, answer.body.path]).toEqual([path, 400, path]);
  }
  // Pins of tasks that are gone, or in the past, are no harm.
  const pins = {
    'nothing like it': { at: '1999-01-01T00:00:00.000Z', cook: 'a' },
    'table 0': { at: '1999-01-01T00:00:00.000Z' },
  };
  expect((await app.call('PUT', `/api/suppers/${id}`, { version: 1, supper: { ...supper, pins } })).status).toBe(200);
  const { dayPlan } = await dayOf(id);
  expect(dayPlan!.brokenPins).toEqual(['table 0']);
});

const DAY_MS = 24 * HOUR_MS;

test('a supper that was over long ago with a batch never cooked says so, and disturbs no other room or supper', async () => {
  app.clock.ms = EAT_MS - 30 * HOUR_MS;
  const { id, supper, batches } = await madeSupper();
  for (const days of [2, 27, 30, 400, 9000]) {
    app.clock.ms = EAT_MS + days * DAY_MS;
    expect(await dayOf(id)).toMatchObject({ problem: 'over', dayPlan: null, batches: [{}, {}] });
    expect((await app.call('GET', `/api/suppers/${id}/ways`)).body).toEqual({ ways: [] });
    const coming = { ...supper, servings: [{ id: randomUUID(), at: new Date(app.clock.ms + DAY_MS).toISOString() }] };
    const next = randomUUID();
    await app.call('POST', '/api/suppers', { id: next, supper: coming });
    for (const path of ['suppers/calendar.ics', 'store/shopping', `batches/${batches[0]}`, `oils/order/${batches[0]}`])
      expect([path, (await app.call('GET', `/api/${path}`)).status]).toEqual([path, 200]);
    expect(await dayOf(next)).toMatchObject({ problem: null });
  }
  // Nobody shops for it, unless they ask for it by name.
  expect((await app.call('GET', '/api/store/shopping')).body.rows).toEqual([]);
  expect((await app.call('GET', `/api/store/shopping?supper=${id}`)).body.rows).not.toEqual([]);
});

test('pins, hours, meals and clocks at the ends of the calendar: planned without them, or said at this supper', async () => {
  app.clock.ms = EAT_MS - 30 * HOUR_MS;
  const { id, supper } = await madeSupper();
  const [{ id: task } = { id: '' }] = (await dayOf(id)).dayPlan!.entries;
  let version = 1;
  const put = async (change: Partial<Supper>) => {
    const { status, body } = await app.call('PUT', `/api/suppers/${id}`, { version, supper: { ...supper, ...change } });
    if (status === 200) version = body.version;
    return status === 200 ? await dayOf(id) : null;
  };
  for (const at of ['0000-01-01T00:00:00Z', '1970-01-01T00:00:00Z', '2027-03-29T17:00:00Z', '9999-12-31T23:59:00Z']) {
    expect((await put({ pins: { [task]: { at } } }))?.dayPlan?.brokenPins ?? [task]).toEqual([task]);
    for (const hours of [{ from: at }, { to: at }])
      expect(await put({ cooks: [{ id: 'a', name: 'A', ...hours }] })).not.toMatchObject({ dayPlan: null });
    const servings = [...supper.servings, { id: randomUUID(), at }];
    const batch = { ...newBatch('pear-ginger', 'pear-ginger', 12, at), supper: id };
    const batchId = randomUUID();
    const made = await app.call('POST', '/api/batches', { id: batchId, draft: batch });
    const told = await put({ servings });
    if (told && made.status === 201) expect(told).toMatchObject({ dayPlan: null, problem: 'apart' });
    await app.call('DELETE', `/api/batches/${batchId}`);
  }
  expect((await put({}))?.dayPlan).not.toBeNull();
});

test('work that takes no time is in the calendar like any other: it ended every feed', async () => {
  app.clock.ms = EAT_MS - 30 * HOUR_MS;
  const { id } = await madeSupper();
  const { kitchen, version } = (await app.call('GET', '/api/kitchen')).body;
  const hands = Object.fromEntries(Object.keys(kitchen.hands).map((work) => [work, 0]));
  const put = await app.call('PUT', '/api/kitchen', { version, kitchen: { ...kitchen, hands } });
  expect(put).toMatchObject({ status: 200 });
  for (const path of [`/api/suppers/${id}/plan.ics`, '/api/suppers/calendar.ics'])
    expect(eventsIn((await app.call('GET', path)).body).length).toBeGreaterThan(2);
});

test('a batch that is finished at the stove is still eaten at its supper: its pieces count, once, and its work is over', async () => {
  app.clock.ms = EAT_MS - 6 * HOUR_MS;
  const guests = [{ id: randomUUID(), name: 'Neighbours', count: 12, eats: 'anything' as const, allergies: [] }];
  const { id, batches } = await madeSupper({ guests });
  const [first, second] = batches;
  /** By the way out that leaves nothing away. */
  const eatsOf = async () => {
    const { ways } = (await app.call('GET', `/api/suppers/${id}/ways`)).body as SupperWays;
    return Math.max(...ways.map(({ eats }) => eats.pieces));
  };
  const before = await eatsOf();
  expect(before).toBe(24);
  expect((await app.call('GET', '/api/suppers/cooked')).body).toEqual([]);
  const lit = await app.call('POST', `/api/batches/${first}/stove`, { gate: START_CHECKS, probe: null, speed: 1 });
  expect(lit.status).toBe(201);
  const act = (of: object) => app.call('POST', `/api/batches/${first}/stove/acts`, { id: randomUUID(), atS: 0, ...of });
  const pieces = Array.from({ length: 12 }, (_, i) => i + 1);
  await act({ kind: 'drop', pieces });
  app.clock.ms += 12 * 60_000;
  await act({ kind: 'take-out', pieces, atS: 700 });
  expect((await app.call('POST', `/api/batches/${first}/stove/finish`, {})).status).toBe(200);
  expect((await app.call('GET', '/api/suppers/cooked')).body).toMatchObject([
    { id: first, status: 'done', pieces: 12 },
  ]);
  expect((await dayOf(id)).batches.map((batch) => batch.id)).toEqual([second]);
  expect(await eatsOf()).toBe(before);
  // Its record is deleted: they were eaten all the same, and the plan is not lost with it.
  expect((await app.call('DELETE', `/api/ledger/${first}`)).status).toBe(204);
  expect(await eatsOf()).toBe(before);
  await deleteForGood(app.gate, new Date(app.clock.ms + 1));
  expect((await app.call('GET', `/api/batches/${first}`)).body).toMatchObject({ status: 'planned' });
  expect((await app.call('GET', `/api/ledger/${first}`)).status).toBe(404);
  expect(await eatsOf()).toBe(before);
  // A supper that is over asks for nothing any more.
  app.clock.ms = EAT_MS + 2 * DAY_MS;
  expect((await app.call('GET', '/api/suppers/cooked')).body).toEqual([]);
});

test('names that would be more of a calendar than a name stay names, in the calendar and in its file name', async () => {
  app.clock.ms = EAT_MS - 30 * HOUR_MS;
  const hostile = [
    'END:VEVENT BEGIN:VALARM ACTION:EMAIL',
    '=HYPERLINK("http://evil.example");X-A:1,2;3\\n',
    '<script>alert(1)</script> &amp; "half',
    '\\r\\nATTACH:file:///etc/passwd \u2028 \u202e',
    '%0d%0aSet-Cookie: x=1',
  ];
  for (const name of hostile) {
    const { id } = await madeSupper({ name, cooks: [{ id: 'a', name: name.slice(0, 30).trim() }] });
    for (const starter of STARTERS) {
      const draft = { ...newBatch(name, starter, 12, EAT_AT), supper: id };
      expect((await app.call('POST', '/api/batches', { id: randomUUID(), draft })).status).toBe(201);
    }
    const answer = await app.call('GET', `/api/suppers/${id}/plan.ics`);
    const whole = new ICAL.Component(ICAL.parse(answer.body));
    const events = whole.getAllSubcomponents('vevent');
    expect(events.length).toBeGreaterThan(4);
    expect(whole.getAllSubcomponents().length).toBe(events.length);
    for (const event of events) {
      expect(event.getAllSubcomponents().every((part) => part.name === 'valarm')).toBe(true);
      for (const part of event.getAllSubcomponents())
        expect(String(part.getFirstPropertyValue('action'))).toBe('DISPLAY');
      expect(event.getAllProperties('attach')).toEqual([]);
    }
    expect(events.some((event) => String(event.getFirstPropertyValue('summary')).includes(name))).toBe(true);
    expect(answer.headers['set-cookie']).toBeUndefined();
  }
});
