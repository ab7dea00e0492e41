import {
  asCooked,
  batchPieces,
  type BatchDraft,
  CoreError,
  type Kitchen,
  roomsOf,
  type SupperRow,
} from '@ember-fold/core/plan';
import { type CookState, cookState } from '@ember-fold/core/stove';
import {
  bestWays,
  duringFry,
  type DayPlan,
  type DayAsk,
  type DayPart,
  dayDelay,
  type DayWayOut,
  dayWaysFor,
  isSupperOver,
  type Supper,
  supperCooks,
  supperEats,
  type SupperDay,
  supperPlaces,
  withDayWay,
} from '@ember-fold/core/supper';
import { randomUUID } from 'node:crypto';
import { batchesOfSupper } from '../batches/batchTable.js';
import { listCookActs } from '../batches/cookTable.js';
import type { Gate } from '../db/gate.js';
import { readKitchen } from '../kitchen/kitchenTable.js';
import { readStove } from '../stove/stoveTable.js';
import type { BatchParts } from '../batches/batchParts.js';
import type { PlanSupperDay } from '../planning/planThread.js';
import { Remembered } from '../planning/remembered.js';

/**
 * A day plan is the best found so far after this; a change that is only compared, sooner. The whole search takes a
 * quarter of a second for five batches: a slow machine must come to its end too, or the same day plan gets another plan.
 */
const MOST_MS = { dayPlan: 3000, way: 40 };
const MINUTE_MS = 60_000;

interface Made {
  readonly id: string;
  readonly draft: BatchDraft;
  readonly state: CookState;
  /** When its stove was started, ms; `null`: it is not at the stove. */
  readonly fryingMs: number | null;
}

/** Everything that the suggested changes to a day plan depend on. */
interface WaysAsk {
  readonly row: SupperRow;
  readonly dayPlan: DayPlan;
  readonly nowMs: number;
  readonly kitchen: Kitchen;
  readonly made: readonly Made[];
  readonly parts: readonly DayPart[];
  readonly cooked: readonly DayPart[];
}

/** Ways out are kept for as many day plans. */
const MOST_WAYS = 10;

export interface DaysOptions {
  readonly gate: Gate;
  readonly jobs: BatchParts;
  readonly planSupperDay: PlanSupperDay;
  readonly known: Remembered<DayPlan | null>;
  readonly clockMs: () => number;
  readonly kitchenFor: (draft: BatchDraft) => Promise<Kitchen>;
}

/** The day plans of suppers: one truth for every room, planned once for as long as nothing of it changes. */
export class SupperDays {
  private readonly ways = new Remembered<readonly DayWayOut[]>(MOST_WAYS);

  constructor(private readonly given: DaysOptions) {}

  /**
   * A supper that cannot be planned says why in `problem`.
   * @param signal aborted when whoever asks has left
   */
  async dayOf(row: SupperRow, signal?: AbortSignal): Promise<SupperDay> {
    const nowMs = Math.floor(this.given.clockMs() / MINUTE_MS) * MINUTE_MS;
    const { kitchen } = await readKitchen(this.given.gate);
    const cooks = supperCooks(row.supper, kitchen.cooks ?? 1);
    const all = await this.batchesOf(row.id);
    const none = { dayPlan: null, planned: null, isBegun: false, delay: null, cooks, atMs: nowMs };
    const named = (some: readonly Made[]) =>
      some.map(({ id, draft }) => ({ id, name: draft.name, pieces: batchPieces(draft) }));
    if (
      isSupperOver(
        row.supper,
        all.map(({ draft }) => draft),
        nowMs,
      )
    )
      return { ...none, batches: named(all), unplanned: [], problem: 'over' };
    const { made, parts, unplanned } = await this.plannable(all, signal);
    const common = { batches: named(made), unplanned, problem: null };
    const unbegun = made.map((): CookState => new Map());
    try {
      const planned = await this.planOf(this.askOf(row.supper, cooks, parts, unbegun, null, kitchen), signal);
      const isTold = made.some(({ state, fryingMs }) => state.size > 0 || fryingMs !== null);
      const isLate = planned !== null && (planned.entries[0]?.startMs ?? Infinity) < nowMs;
      if (!isTold && !isLate) return { ...none, ...common, dayPlan: planned, planned };
      const { parts: now, states } = await this.goingOn(made, nowMs, signal);
      const like = planned && { planned: planned.entries, cooks: cooks.map(({ id }) => id) };
      const ask = { ...this.askOf(row.supper, cooks, now, states, nowMs, kitchen), ...(like && { like }) };
      const dayPlan = await this.planOf(ask, signal);
      const told = Object.fromEntries(made.map(({ id, state }) => [id, state]));
      return { ...none, ...common, dayPlan, planned, isBegun: true, delay: planned && dayDelay(planned, told) };
    } catch (cause) {
      // It is said at this supper; no other is disturbed by it.
      if (!(cause instanceof CoreError)) throw cause;
      return { ...none, ...common, problem: cause.path === 'servings' ? 'apart' : 'odd' };
    }
  }

  /** What can be done about a day plan, each thing worked out; once for all who ask at the same time. */
  async waysOf(row: SupperRow, signal?: AbortSignal): Promise<readonly DayWayOut[]> {
    const { dayPlan } = await this.dayOf(row, signal);
    if (!dayPlan) return [];
    const nowMs = Math.floor(this.given.clockMs() / MINUTE_MS) * MINUTE_MS;
    const { kitchen } = await readKitchen(this.given.gate);
    const { made, parts } = await this.plannable(await this.batchesOf(row.id), signal);
    // What is finished already is eaten too.
    const done = (await batchesOfSupper(this.given.gate, row.id, false, ['done'])).map(({ id, draft }) => ({
      id,
      draft,
    }));
    const cooked = (await Promise.all(done.map((one) => this.partOf(one, signal)))).filter((part) => part !== null);
    const asked: WaysAsk = { row, dayPlan, nowMs, kitchen, made, parts, cooked };
    return await this.ways.get(asked, (stop) => this.waysFrom(asked, stop), signal);
  }

  private async waysFrom(
    { row, dayPlan, nowMs, kitchen, made, parts: before, cooked }: WaysAsk,
    signal: AbortSignal,
  ): Promise<readonly DayWayOut[]> {
    const hands = kitchen.cooks ?? 1;
    const wasRight = new Set(before.flatMap(({ batchId, hasMoment }) => (hasMoment ? [batchId] : [])));
    const whole = { supper: row.supper, drafts: Object.fromEntries(made.map(({ id, draft }) => [id, draft])) };
    const pots = [null, ...(kitchen.otherPots ?? []).map(({ name }) => name)];
    const found: DayWayOut[] = [];
    for (const way of dayWaysFor(dayPlan, whole, pots, hands, randomUUID(), nowMs)) {
      const { supper, drafts } = withDayWay(way, whole, hands);
      const left = made.flatMap((one) => {
        const draft = drafts[one.id]!;
        return draft.supper === undefined ? [] : [{ ...one, draft }];
      });
      const going = await this.goingOn(left, nowMs, signal).catch((cause: unknown) => {
        // With this change the supper cannot be planned, so it is not offered.
        if (cause instanceof CoreError) return null;
        throw cause;
      });
      if (!going) continue;
      const { parts, states } = going;
      // Nor what leaves a batch without a piece, or without a moment at which it is right.
      if (parts.some(({ batchId, sheet, hasMoment }) => sheet.length === 0 || (wasRight.has(batchId) && !hasMoment)))
        continue;
      const ask = this.askOf(supper, supperCooks(supper, hands), parts, states, nowMs, kitchen);
      const then = await this.given.planSupperDay(ask, MOST_MS.way, signal).catch((cause: unknown) => {
        if (cause instanceof CoreError) return null;
        throw cause;
      });
      if (!then) continue;
      const eats = supperEats([...cooked, ...parts], supper.guests, supper.each);
      found.push({
        way,
        startMs: then.startMs,
        allUpMs: then.allUpMs,
        lateS: then.lateS,
        handsS: then.cooks.reduce((sum, { handsS }) => sum + handsS, 0),
        unsafe: then.batches.filter(({ folded }) => folded.some(({ isTooLong }) => isTooLong)).length,
        eats: { heads: eats.heads, fed: eats.fed, full: eats.full, pieces: eats.pieces },
      });
    }
    return bestWays(found);
  }

  /** A batch that cannot be planned says why on its own page; the others go on without it. */
  private async plannable(all: readonly Made[], signal?: AbortSignal) {
    const known = await Promise.all(all.map((one) => this.partOf(one, signal)));
    return {
      made: all.filter((_, i) => known[i] !== null),
      parts: known.filter((part) => part !== null),
      unplanned: all.filter((_, i) => known[i] === null).map(({ draft }) => draft.name),
    };
  }

  /** What of a supper is not over, with what was recorded of it. */
  private async batchesOf(supperId: string): Promise<Made[]> {
    const { gate } = this.given;
    const rows = (await batchesOfSupper(gate, supperId)).filter(({ status }) => status !== 'done');
    return await Promise.all(
      rows.map(async ({ id, draft, status }) => {
        const acts = (await listCookActs(gate, id)).map(({ act }) => act);
        const stove = status === 'frying' ? await readStove(gate, id) : null;
        return { id, draft, state: cookState(acts), fryingMs: stove ? stove.startedAt.getTime() : null };
      }),
    );
  }

  /** `null` when its draft cannot be planned, or has no piece to cook. */
  private async partOf({ id, draft }: Pick<Made, 'id' | 'draft'>, signal?: AbortSignal): Promise<DayPart | null> {
    try {
      const part = await this.given.jobs.partOf(id, draft, await this.given.kitchenFor(draft), signal);
      return part.sheet.length > 0 ? part : null;
    } catch (cause) {
      if (cause instanceof CoreError) return null;
      throw cause;
    }
  }

  /** As they were really made so far. */
  private async goingOn(made: readonly Made[], nowMs: number, signal?: AbortSignal) {
    const all = await Promise.all(
      made.map(async ({ id, draft, state, fryingMs }) => {
        const kitchen = await this.given.kitchenFor(draft);
        const part = await this.given.jobs
          .partOf(id, asCooked(draft, state, kitchen), kitchen, signal)
          // What was measured may be beyond any plan: then it goes on as it was meant.
          .catch((cause: unknown) => {
            if (cause instanceof CoreError) return this.given.jobs.partOf(id, draft, kitchen, signal);
            throw cause;
          });
        return fryingMs === null ? { part, state } : duringFry(part, state, fryingMs, nowMs);
      }),
    );
    return { parts: all.map(({ part }) => part), states: all.map(({ state }) => state) };
  }

  private askOf(
    { guests, pins = {} }: Supper,
    cooks: DayAsk['cooks'],
    parts: readonly DayPart[],
    states: readonly CookState[],
    nowMs: number | null,
    kitchen: Kitchen,
  ): DayAsk {
    const order = supperPlaces(parts, guests).map(({ job, changeS }) => ({ id: job.id, changeS }));
    const told = Object.fromEntries(parts.map(({ batchId }, i) => [batchId, states[i]!]));
    return {
      parts,
      states: told,
      order,
      cooks,
      pins,
      nowMs,
      rooms: roomsOf(kitchen),
      oneCutter: kitchen.oneCutter === true,
    };
  }

  /** What a cook settled is put into the day plan as it was before, so that nothing else moves that need not. */
  private async planOf(ask: DayAsk, signal?: AbortSignal): Promise<DayPlan | null> {
    const isSettled = Object.keys(ask.pins).length > 0 && !ask.like;
    const bare = isSettled ? await this.planOf({ ...ask, pins: {} }, signal) : null;
    const like = bare && { planned: bare.entries, cooks: ask.cooks.map(({ id }) => id) };
    const whole = like ? { ...ask, like } : ask;
    return await this.given.known.get(whole, (stop) => this.given.planSupperDay(whole, MOST_MS.dayPlan, stop), signal);
  }
}
