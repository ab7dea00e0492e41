import type { SupperRow } from '@ember-fold/core/plan';
import { type DayEntry, isSupperOver, type SupperDay } from '@ember-fold/core/supper';
import ical, { ICalAlarmType, type ICalCalendar } from 'ical-generator';
import { createHash } from 'node:crypto';
import { noteCalendar } from './calendarTable.js';
import type { Gate } from '../db/gate.js';
import { listSuppers } from './supperTable.js';
import type { Context } from '../http/context.js';
import { CALENDAR, CALENDAR_STEP } from '../text.js';

/** Work is called so long before it begins, s. */
const ALARM_S = 600;

interface Told {
  readonly uid: string;
  readonly startMs: number;
  readonly endMs: number;
  readonly summary: string;
  readonly description: string;
  readonly isCalled: boolean;
}

/** A calendar holds at most this many suppers, the latest ones. */
const MOST_SUPPERS = 20;

/** Every supper from a day ago on, to subscribe to. @param signal aborted when whoever asks has left */
export async function comingSuppers(
  { gate, dayPlans, clockMs }: Pick<Context, 'gate' | 'dayPlans' | 'clockMs'>,
  signal: AbortSignal,
): Promise<string> {
  const calendar = newCalendar(CALENDAR.kitchen);
  const coming = (await listSuppers(gate)).filter(({ supper }) => !isSupperOver(supper, [], clockMs()));
  for (const row of coming.slice(0, MOST_SUPPERS))
    await addDayPlan(calendar, gate, row, await dayPlans.dayOf(row, signal));
  return calendar.toString();
}

/** An empty calendar. Times in it are UTC: every device tells them in its own. */
export function newCalendar(name: string): ICalCalendar {
  return ical({ name, prodId: { company: 'Ember Fold', product: 'Suppers', language: 'EN' } });
}

/**
 * Puts a day plan into a calendar: an event for each task, under the same id for as long
 * as it is the same work, with a higher number each time it has changed.
 */
export async function addDayPlan(
  calendar: ICalCalendar,
  gate: Gate,
  { id, supper }: SupperRow,
  told: SupperDay,
): Promise<void> {
  const events = (told.dayPlan?.entries ?? []).map((entry) => eventOf(entry, id, supper.name, told));
  const kept = await noteCalendar(
    gate,
    id,
    events.map(({ uid, ...rest }) => ({ uid, body: createHash('sha256').update(JSON.stringify(rest)).digest('hex') })),
  );
  for (const { uid, startMs, endMs, summary, description, isCalled } of events) {
    const row = kept.get(uid);
    calendar.createEvent({
      id: uid,
      sequence: row?.sequence ?? 0,
      stamp: row?.changedAt ?? new Date(told.atMs),
      start: new Date(startMs),
      end: new Date(endMs),
      summary,
      description,
      ...(isCalled && {
        alarms: [
          { type: ICalAlarmType.display, triggerBefore: ALARM_S, description: CALENDAR.alarm(summary, ALARM_S / 60) },
        ],
      }),
    });
  }
}

function eventOf(entry: DayEntry, supperId: string, supper: string, { batches, cooks }: SupperDay): Told {
  const nameOf = (batchId: string | null) => batches.find((batch) => batch.id === batchId)?.name;
  const stepName = ({ what, step }: DayEntry['steps'][number]) =>
    [step?.own?.name ?? CALENDAR_STEP[what], step?.mark, step?.portion && CALENDAR.portion(step.portion)]
      .filter(Boolean)
      .join(', ');
  const long = entry.steps.filter(({ lengthS }) => lengthS > 0);
  // The kitchen's settings may say that all of it takes 0 s.
  const steps = long.length > 0 ? long : entry.steps;
  const batch = nameOf(entry.batchId);
  const [first] = steps;
  const isTable = first?.what === 'serve';
  const what =
    entry.pot !== null ? CALENDAR.atOil : isTable ? CALENDAR.table(supper) : stepName(steps.at(-1) ?? first!);
  const lines =
    entry.pot === null
      ? steps.map(stepName)
      : steps.map((step) => [stepName(step), nameOf(step.batchId)].filter(Boolean).join(', '));
  const who = entry.cook === null ? '' : (cooks[entry.cook]?.name ?? '');
  return {
    uid: `${supperId}-${createHash('sha256').update(entry.id).digest('hex').slice(0, 24)}@ember-fold`,
    startMs: entry.startMs,
    endMs: Math.max(entry.endMs, entry.startMs + 60_000),
    summary: batch && !isTable ? CALENDAR.of(what, batch) : what,
    description: [who, ...lines, entry.pot === null ? '' : CALENDAR.stays].filter(Boolean).join('\n'),
    isCalled: entry.cook !== null,
  };
}
