import { shortestDayS } from '../../schedule/dayBound.js';
import type { SolvedDay } from '../../schedule/dayTask.js';
import { type SolveDayOptions, solveDay } from '../../schedule/solveDay.js';
import { roomStays } from '../../schedule/roomStays.js';
import type { DayPart } from './dayPart.js';
import { type DayAsk, type DayStep, type DayTasks, dayTasks } from './dayTasks.js';
import { batchIn, type DayOfBatch } from './dayOfBatch.js';
import { type DayRisk, dayRisk } from './dayRisk.js';
import { type Room, ROOMS } from '../batch/partStays.js';
import type { RunStep } from '../batch/runSteps.js';

/** A task with its start and cook. Times in ms since the epoch. */
export interface DayEntry {
  readonly id: string;
  /** `null`: it is for all that are eaten then, or at the pot for several. */
  readonly batchId: string | null;
  readonly steps: readonly (DayStep & { readonly startMs: number; readonly endMs: number })[];
  readonly startMs: number;
  readonly endMs: number;
  /** Number of its cook; `null`: it goes on by itself. */
  readonly cook: number | null;
  /** The pot it stands at; `null`: none. */
  readonly pot: string | null;
  readonly isOven: boolean;
  /** A minute more of it is a minute more of the day. */
  readonly decides: boolean;
  /** Done on an earlier day than the rest. */
  readonly isEarlier: boolean;
}

/** What goes on by itself: its own time, and how long it waits after that. */
export interface DayRest {
  readonly batchId: string;
  readonly step: RunStep;
  readonly startMs: number;
  readonly endMs: number;
  /** When it is used; never before `endMs`. */
  readonly untilMs: number;
}

export interface CookHours {
  readonly handsS: number;
  readonly startMs: number | null;
  readonly endMs: number | null;
}

/** A day plan with all its batches, every hand and everything there is once. */
export interface DayPlan {
  /** By the clock. */
  readonly entries: readonly DayEntry[];
  readonly rests: readonly DayRest[];
  readonly batches: readonly DayOfBatch[];
  readonly cooks: readonly CookHours[];
  /** The first task of the day itself; `null`: all is done. */
  readonly startMs: number | null;
  /** The last piece is out of oil and oven; `null`: none goes in any more. */
  readonly allUpMs: number | null;
  /** s by which the table is late; 0: it is not. */
  readonly lateS: number;
  /** What decides when it begins, or how late it is. */
  readonly decides: 'oil' | 'hands' | 'oven' | 'waits';
  /** No order begins later than this, ms. */
  readonly latestMs: number;
  readonly isProved: boolean;
  /** How it comes out where work takes longer than planned. */
  readonly risk: DayRisk;
  /** Most trays or dishes that lie in a room at one time, and what it holds; `null`: nobody said. */
  readonly rooms: readonly { readonly room: Room; readonly most: number; readonly holds: number | null }[];
  /** Until when oil hurts that nobody needs any more, by pot. */
  readonly hotUntil: readonly { readonly pot: string; readonly untilMs: number }[];
  /** Tasks that do not begin when the cook asked for it. */
  readonly brokenPins: readonly string[];
  /** Tasks outside the hours of the cook who does them. */
  readonly outOfHours: readonly string[];
}

const isTable = (id: string): boolean => id.startsWith('table ');

/** So much off is no matter. */
const SAME_MS = 60_000;

/**
 * The one timeline of a supper: every task of every batch with its cook, its pot and its
 * moment, worked back from the table, or on from now where something is done already.
 *
 * @returns `null` without a batch that can be planned, or without anybody to cook
 * @throws CoreError OUT_OF_RANGE when its meals, or now and the first of them, are more than fourteen days apart
 * @example supperDay({ parts: [], states: {}, order: [], cooks: [], pins: {}, nowMs: null }) // null
 */
export function supperDay(ask: DayAsk, options: SolveDayOptions = {}): DayPlan | null {
  const steps = supperDaySteps(ask, options);
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
  }
}

/**
 * The same, with the best so far after each step of the work.
 * @yields how far it is, 0–1, and the day plan so far
 * @example [...supperDaySteps({ parts: [], states: {}, order: [], cooks: [], pins: {}, nowMs: null })].length // 0
 */
export function* supperDaySteps(
  ask: DayAsk,
  options: SolveDayOptions = {},
): Generator<{ readonly dayPlan: DayPlan; readonly share: number }, DayPlan | null> {
  if (ask.cooks.length === 0 || ask.parts.length === 0) return null;
  const made = dayTasks(ask);
  if (made.works.length === 0) return null;
  const solving = solveDay(made.problem, { ...options, ...(ask.like && { like: likeOf(ask, made, ask.like) }) });
  for (;;) {
    const { done, value } = solving.next();
    if (done) return dayFrom(ask, made, value);
    yield { dayPlan: dayFrom(ask, made, value.plan), share: value.share };
  }
}

/** The order that was meant, for what is left of it; what is settled stands where it was put. */
function likeOf(
  { cooks, pins }: DayAsk,
  { works, zeroMs }: DayTasks,
  { planned, cooks: then }: NonNullable<DayAsk['like']>,
) {
  const was = new Map(planned.map((entry) => [entry.id, entry]));
  const found = works.map(({ id }) => {
    const entry = was.get(id);
    if (!entry) return { start: NaN, cook: -1 };
    const { at, cook = entry.cook === null ? undefined : then[entry.cook] } = pins[id] ?? {};
    const startMs = at === undefined ? entry.startMs : Date.parse(at);
    return {
      start: (startMs - zeroMs) / 1000,
      cook: entry.cook === null ? -1 : cooks.findIndex(({ id: one }) => one === cook),
    };
  });
  return { starts: found.map(({ start }) => start), cooks: found.map(({ cook }) => cook) };
}

function dayFrom(ask: DayAsk, made: DayTasks, plan: SolvedDay): DayPlan {
  const { works, problem, zeroMs, waits } = made;
  const atMs = (s: number) => zeroMs + 1000 * s;
  const decides = new Set(plan.deciding);
  const entries = works
    .map((work, i): DayEntry => {
      const startMs = atMs(plan.starts[i]!);
      const { id, pot, isEarlier } = work;
      const batches = new Set(work.steps.map(({ batchId }) => batchId));
      return {
        id,
        pot,
        isEarlier,
        startMs,
        endMs: startMs + 1000 * work.lengthS,
        batchId: batches.size === 1 && !isTable(id) ? work.steps[0]!.batchId : null,
        steps: work.steps.map((one) => {
          const from = startMs + 1000 * one.fromS;
          return { ...one, startMs: from, endMs: from + 1000 * one.lengthS };
        }),
        cook: plan.cooks[i]! < 0 ? null : plan.cooks[i]!,
        isOven: work.things.includes('oven'),
        decides: decides.has(i),
      };
    })
    .sort((a, b) => a.startMs - b.startMs || a.endMs - b.endMs);
  const byId = new Map(entries.map((entry) => [entry.id, entry]));
  const day = new Set(problem.day);
  const ofDay = entries.filter(({ id }) => day.has(id));
  const ups = entries.flatMap(({ pot, isOven, endMs }) => (pot !== null || isOven ? [endMs] : []));
  const tables = entries.filter(({ id }) => isTable(id));
  const lateS = Math.max(
    0,
    ...tables.map(({ id, endMs }) => (endMs - works.find((work) => work.id === id)!.eatMs) / 1000),
  );
  const batches = ask.parts.map((part) => batchIn(part, entries, ask.states[part.batchId] ?? new Map()));
  return {
    entries,
    rests: waits.flatMap((wait) => restOf(wait, entries, byId)),
    batches,
    cooks: problem.cooks.map((_, cook) => hoursOf(entries, cook)),
    startMs: ofDay.length > 0 ? Math.min(...ofDay.map(({ startMs }) => startMs)) : null,
    allUpMs: ups.length > 0 ? Math.max(...ups) : null,
    lateS,
    decides: whatDecides(entries.filter((entry) => entry.decides && day.has(entry.id))),
    latestMs: atMs(problem.dueS - shortestDayS(problem)),
    isProved: plan.isProved,
    risk: dayRisk(made, plan),
    rooms: roomsIn(ask, made, plan),
    hotUntil: hotPots(ask.parts, entries),
    brokenPins: entries.flatMap(({ id, startMs }) => {
      const at = ask.pins[id]?.at;
      return at !== undefined && Math.abs(Date.parse(at) - startMs) > SAME_MS ? [id] : [];
    }),
    outOfHours: entries.flatMap(({ id, cook, startMs, endMs }) => {
      const one = cook === null ? undefined : ask.cooks[cook];
      const isOut =
        (one?.from !== undefined && startMs < Date.parse(one.from) - SAME_MS) ||
        (one?.to !== undefined && endMs > Date.parse(one.to) + SAME_MS);
      return isOut ? [id] : [];
    }),
  };
}

function restOf(
  { batchId, step, after, sinceMs }: DayTasks['waits'][number],
  entries: readonly DayEntry[],
  byId: ReadonlyMap<string, DayEntry>,
): DayRest[] {
  const ends = after.flatMap(({ task, endS }) => {
    const there = byId.get(task);
    return there ? [there.startMs + 1000 * endS] : [];
  });
  if (sinceMs !== null) ends.push(sinceMs);
  // What nothing comes before is begun in time for its use.
  const own = entries.flatMap(({ steps }) => steps.filter((one) => one.batchId === batchId));
  const uses = own.filter((one) => one.step?.after.includes(step.id)).map(({ startMs }) => startMs);
  const lengthMs = 1000 * step.durationS;
  const useMs = uses.length > 0 ? Math.min(...uses) : null;
  const startMs = step.what === 'warm' && useMs !== null ? useMs - lengthMs : Math.max(...ends);
  if (!Number.isFinite(startMs)) return [];
  const endMs = startMs + lengthMs;
  return [{ batchId, step, startMs, endMs, untilMs: Math.max(endMs, useMs ?? endMs) }];
}

/** How full its rooms are at most. */
function roomsIn({ rooms = {} }: DayAsk, { problem }: DayTasks, { starts }: SolvedDay): DayPlan['rooms'] {
  const most = roomStays(problem).mostAt(starts);
  return ROOMS.flatMap((room) => {
    const there = most[room] ?? 0;
    return there === 0 ? [] : [{ room, most: there, holds: rooms[room] ?? null }];
  });
}

function hoursOf(entries: readonly DayEntry[], cook: number): CookHours {
  const own = entries.filter((entry) => entry.cook === cook);
  return {
    handsS: own.reduce((sum, { startMs, endMs }) => sum + (endMs - startMs) / 1000, 0),
    startMs: own[0]?.startMs ?? null,
    endMs: own.length > 0 ? Math.max(...own.map(({ endMs }) => endMs)) : null,
  };
}

function whatDecides(entries: readonly DayEntry[]): DayPlan['decides'] {
  const lengthOf = (some: readonly DayEntry[]) => some.reduce((sum, { startMs, endMs }) => sum + endMs - startMs, 0);
  const oil = lengthOf(entries.filter(({ pot }) => pot !== null));
  const oven = lengthOf(entries.filter(({ isOven }) => isOven));
  const hands = lengthOf(entries) - oil - oven;
  if (oil + oven + hands === 0) return 'waits';
  return oil >= hands && oil >= oven ? 'oil' : oven > hands ? 'oven' : 'hands';
}

/** Oil is hot from its last taking out until it has cooled; it is the last batch's heat that it cools from. */
function hotPots(parts: readonly DayPart[], entries: readonly DayEntry[]): DayPlan['hotUntil'] {
  const last = new Map(entries.flatMap((entry) => (entry.pot === null ? [] : [[entry.pot, entry] as const])));
  return [...last].map(([pot, { endMs, steps }]) => {
    const id = steps.findLast(({ what }) => what === 'fry')?.batchId;
    return { pot, untilMs: endMs + 1000 * (parts.find(({ batchId }) => batchId === id)?.coolsS ?? 0) };
  });
}
