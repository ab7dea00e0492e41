import { CoreError } from '../../errors.js';
import { type CookState, type StepKey, stepState } from '../../cook/cookAct.js';
import type { DayPin, SupperCook } from '../../draft/supper.js';
import {
  ABSENT_COST,
  COST,
  type DayCook,
  type DayLag,
  type DayStay,
  type DayProblem,
  type DayTask,
} from '../../schedule/dayTask.js';
import { mostOf } from './dayLimits.js';
import type { DayPart } from './dayPart.js';
import { EARLIER_S, handsOf, potsOf, servesOf } from './dayWorks.js';
import type { Room } from '../batch/partStays.js';
import type { RunStep } from '../batch/runSteps.js';

/** One step of a batch inside a task. */
export interface DayStep {
  /** `null`: it is for everything that is eaten then. */
  readonly batchId: string | null;
  /** `change`: the oil is brought from one heat to the next. */
  readonly what: RunStep['what'] | 'change';
  /** The step of the batch's run-sheet; `null`: there is none. */
  readonly step: RunStep | null;
  /** s after the task begins. */
  readonly fromS: number;
  readonly lengthS: number;
}

/** A task with its steps. */
export interface DayWork extends DayTask {
  readonly steps: readonly DayStep[];
  /** The pot it stands at; `null`: none. */
  readonly pot: string | null;
  /** When it is eaten, ms. */
  readonly eatMs: number;
  /** It is done on an earlier day than the rest. */
  readonly isEarlier: boolean;
}

/** Something that needs no hands between two tasks. */
export interface DayWait {
  readonly batchId: string;
  readonly step: RunStep;
  /** It begins when these are over; none: it has begun already, at `sinceMs`. */
  readonly after: readonly { readonly task: string; readonly endS: number }[];
  readonly sinceMs: number | null;
}

/** A day plan as it is planned, and what its tasks mean. */
export interface DayTasks {
  readonly problem: DayProblem;
  readonly works: readonly DayWork[];
  readonly waits: readonly DayWait[];
  /** The problem's zero moment, ms. */
  readonly zeroMs: number;
}

export interface DayAsk {
  readonly parts: readonly DayPart[];
  /** What the cooks recorded of each batch. */
  readonly states: Readonly<Record<string, CookState>>;
  /** In the order in which they go into the oil, with the time it takes to get there from the one before. */
  readonly order: readonly { readonly id: string; readonly changeS: number }[];
  readonly cooks: readonly SupperCook[];
  readonly pins: Readonly<Record<string, DayPin>>;
  /** Trays and dishes that its rooms hold; one that is not named holds everything. */
  readonly rooms?: Partial<Readonly<Record<Room, number>>>;
  /** There is one cutter of each size. */
  readonly oneCutter?: boolean;
  /** Nothing that is not done begins before this, ms; `null`: as if nothing had begun. */
  readonly nowMs: number | null;
  /** The day plan as it was meant, with the ids of its cooks: its order is kept where another is hardly better. */
  readonly like?: {
    readonly planned: readonly { readonly id: string; readonly startMs: number; readonly cook: number | null }[];
    readonly cooks: readonly string[];
  };
}

/** How a step's end is reached: from a task, or a moment that is past. */
type End = { readonly task: string; readonly endS: number } | { readonly atMs: number };

/** Everything that is asked for while a day plan is made into tasks. */
interface Making {
  readonly ask: DayAsk;
  readonly works: readonly DayWork[];
  /** Each step of a batch in its task, by batch and step. */
  readonly at: ReadonlyMap<string, { readonly work: DayWork; readonly one: DayStep }>;
  /** ms to s from the zero moment. */
  readonly s: (ms: number) => number;
}

/**
 * A plan of a supper as tasks with what binds them: the run-sheets of its batches, one task
 * for each run of hands-on steps; each pot one task from heating to the last taking out, for hot oil is never
 * left alone; one serving for all that is eaten at one time. What is recorded as done is no task any more.
 * Our own; see docs/models/supper-plan.md.
 *
 * @throws CoreError OUT_OF_RANGE when its meals, or now and the first of them, are more than fourteen days apart
 * @example dayTasks({ parts: [], states: {}, order: [], cooks: [], pins: {}, nowMs: null }).works.length // 0
 */
export function dayTasks(ask: DayAsk): DayTasks {
  const { parts, cooks, pins, nowMs } = ask;
  if (parts.length === 0) {
    const problem = { tasks: [], lags: [], cooks: [], day: [], dueS: 0, nowS: null };
    return { problem, works: [], waits: [], zeroMs: 0 };
  }
  const zeroMs = Math.min(...parts.map(({ eatMs }) => eatMs));
  requireOneDay(parts, zeroMs, nowMs);
  const s = (ms: number) => Math.round((ms - zeroMs) / 1000);
  const isHere = (id: string | undefined) => cooks.some((cook) => cook.id === id);
  const works = [...parts.flatMap((part) => handsOf(part, ask)), ...potsOf(ask), ...servesOf(ask)].map((work) => {
    const cook = pins[work.id]?.cook;
    return cook !== undefined && isHere(cook) && work.hands !== null ? { ...work, cook } : work;
  });
  const steps = works.flatMap((work) => work.steps.map((one) => ({ work, one })));
  const at = new Map(steps.flatMap(({ work, one }) => (one.step ? [[keyOf(one), { work, one }]] : [])));
  const making: Making = { ask, works, at, s };
  const lags = [
    ...parts.flatMap((part) => [...orderOf(part, making), ...mostOf(part, { ...making, state: stateOf(ask, part) })]),
    ...tablesOf(making),
    ...momentsOf(making),
  ];
  const isOfDay = ({ id, isEarlier }: DayWork) => !isEarlier && !isPinnedEarlier(pins[id], zeroMs);
  const problem: DayProblem = {
    tasks: works,
    lags,
    day: works.filter(isOfDay).map(({ id }) => id),
    dueS: s(Math.max(...parts.map(({ eatMs }) => eatMs))),
    cooks: cooks.map((cook) => dayCook(cook, s)),
    stays: parts.flatMap((part) => staysOf(part, making)),
    rooms: ask.rooms ?? {},
    nowS: nowMs === null ? null : s(nowMs),
  };
  return { problem, works, waits: parts.flatMap((part) => waitsOf(part, making)), zeroMs };
}

/** Meals of one supper lie within this, and it is planned until this long after the first of them, days. Our own. */
const MOST_DAYS = 14;
const MOST_MS = MOST_DAYS * 86_400_000;

function requireOneDay(parts: readonly DayPart[], zeroMs: number, nowMs: number | null): void {
  if (!(Math.max(...parts.map(({ eatMs }) => eatMs)) - zeroMs <= MOST_MS))
    throw new CoreError('OUT_OF_RANGE', 'servings', `Meals more than ${MOST_DAYS} days apart are not one supper.`);
  if (nowMs !== null && !(nowMs - zeroMs <= MOST_MS))
    throw new CoreError('OUT_OF_RANGE', 'servings', `This supper was over more than ${MOST_DAYS} days ago.`);
}

const keyOf = ({ batchId, step }: Pick<DayStep, 'batchId' | 'step'>): string => `${batchId} ${step?.id}`;
const stateOf = ({ states }: DayAsk, { batchId }: DayPart): CookState => states[batchId] ?? new Map();

const isPinnedEarlier = (pin: DayPin | undefined, zeroMs: number): boolean =>
  pin?.at !== undefined && zeroMs - Date.parse(pin.at) > 1000 * EARLIER_S;

function dayCook({ id, name, from, to, noOil }: SupperCook, s: (ms: number) => number): DayCook {
  const moment = (at: string | undefined) => (at === undefined ? null : s(Date.parse(at)));
  return { id, name, fromS: moment(from), toS: moment(to), skips: noOil ? ['oil'] : [] };
}

/** What has to be over for a step of a batch to be over, and how long after that. */
function endsOf(part: DayPart, id: StepKey, making: Making): { readonly end: End; readonly restS: number }[] {
  const step = part.sheet.find((one) => one.id === id);
  if (!step) return [];
  const { state, atMs } = stepState(stateOf(making.ask, part), id);
  if (state !== 'open') return [{ end: { atMs: atMs! }, restS: 0 }];
  const there = making.at.get(keyOf({ batchId: part.batchId, step }));
  if (there) return [{ end: { task: there.work.id, endS: there.one.fromS + there.one.lengthS }, restS: 0 }];
  // It goes on by itself, from when what it waits for is over.
  const before = step.after.flatMap((one) => endsOf(part, one, making));
  return before.map(({ end, restS }) => ({ end, restS: restS + step.durationS }));
}

/** Each step of a batch after what its run-sheet says. */
function orderOf(part: DayPart, making: Making): DayLag[] {
  const found: DayLag[] = [];
  for (const { work, one } of making.at.values()) {
    if (one.batchId !== part.batchId || !one.step) continue;
    // One heat is for all at the pot: what the others wait for before it, they wait for before their own turn.
    const after = one.step.after.flatMap((id) => {
      const before = part.sheet.find((step) => step.id === id);
      return before?.what === 'heat' && one.what === 'fry' ? [id, ...before.after] : [id];
    });
    for (const { end, restS } of after.flatMap((id) => endsOf(part, id, making))) {
      const from = 'task' in end ? end.task : null;
      if (from === work.id || (from === null && restS === 0)) continue;
      const endS = 'task' in end ? end.endS : making.s(end.atMs);
      found.push({ from, to: work.id, leastS: Math.round(endS + restS) - one.fromS, weight: Infinity });
    }
  }
  return found;
}

/** What of a batch lies in a room from a step that is over to one that is still to come. */
function staysOf(part: DayPart, making: Making): DayStay[] {
  return part.stays.flatMap(({ room, places, after, until, untilS, freeS }): DayStay[] => {
    const [came] = endsOf(part, after, making);
    const goes = making.at.get(`${part.batchId} ${until}`);
    if (!came || !goes) return [];
    const atS = goes.one.fromS + (untilS ?? goes.one.lengthS);
    const from =
      'task' in came.end ? { task: came.end.task, atS: came.end.endS } : { task: null, atS: making.s(came.end.atMs) };
    return [{ room, places, from, to: { task: goes.work.id, atS }, freeS }];
  });
}

/** What of a batch goes on by itself. */
function waitsOf(part: DayPart, making: Making): DayWait[] {
  const { batchId, sheet } = part;
  const state = stateOf(making.ask, part);
  return sheet.flatMap((step): DayWait[] => {
    const isOpen = stepState(state, step.id).state === 'open';
    if (step.kind !== 'passive' || !isOpen || making.at.has(keyOf({ batchId, step }))) return [];
    const ends = step.after.flatMap((id) => endsOf(part, id, making));
    const past = ends.flatMap(({ end, restS }) => ('atMs' in end ? end.atMs + 1000 * restS : []));
    const after = ends.flatMap(({ end, restS }) => ('task' in end ? { ...end, endS: end.endS + restS } : []));
    return [{ batchId, step, after, sinceMs: past.length > 0 ? Math.max(...past) : null }];
  });
}

/** A table is served at its time, when everything for it is over; a pot for two tables serves the first one first. */
function tablesOf({ works, s }: Making): DayLag[] {
  const pots = works.filter(({ pot }) => pot !== null);
  const rows = pots.flatMap((work, i): DayLag[] => {
    const before = pots.slice(0, i).findLast(({ pot }) => pot === work.pot);
    return before ? [{ from: before.id, to: work.id, leastS: before.lengthS, weight: Infinity }] : [];
  });
  const tables = works.filter(({ steps }) => steps.some(({ what }) => what === 'serve'));
  const served = tables.flatMap(({ id, lengthS, eatMs }): DayLag[] => [
    { from: id, to: null, leastS: lengthS - s(eatMs), weight: COST.late },
    { from: null, to: id, leastS: s(eatMs) - lengthS, weight: Infinity },
    ...works
      .filter((other) => other.id !== id && other.eatMs === eatMs && !other.isEarlier)
      .map((other): DayLag => ({ from: other.id, to: id, leastS: other.lengthS, weight: Infinity })),
  ]);
  return [...rows, ...served];
}

/** Work of an earlier day keeps its hour; what the cook settled is where it was put. Nothing begins in the past. */
function momentsOf({ ask: { pins, nowMs }, works, s }: Making): DayLag[] {
  return works.flatMap((work): DayLag[] => {
    const { id, isEarlier, steps } = work;
    const startMs = steps[0]?.step?.startMs;
    const pinMs = pins[id]?.at === undefined ? NaN : Date.parse(pins[id].at);
    const isPinned = Number.isFinite(pinMs);
    const found: DayLag[] = nowMs === null ? [] : [{ from: null, to: id, leastS: s(nowMs), weight: Infinity }];
    if (isEarlier && startMs !== undefined) found.push({ from: id, to: null, leastS: -s(startMs), weight: COST.stale });
    if (isPinned)
      found.push(
        { from: null, to: id, leastS: s(pinMs), weight: ABSENT_COST },
        { from: id, to: null, leastS: -s(pinMs), weight: ABSENT_COST },
      );
    return found;
  });
}
