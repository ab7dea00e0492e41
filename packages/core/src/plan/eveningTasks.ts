import { type CookState, type StepKey, stepState } from '../cook/cookAct.js';
import type { EveningPin, SupperCook } from '../draft/supper.js';
import {
  ABSENT_COST,
  COST,
  type EveningCook,
  type EveningLag,
  type EveningProblem,
  type EveningTask,
} from '../schedule/eveningTask.js';
import type { EveningPart } from './eveningPart.js';
import type { RunStep } from './runSheet.js';
import { BEST_S } from './serveFindings.js';

/** One step of a batch inside a stretch of work. */
export interface EveningStep {
  /** `null`: it is for everything that is eaten then. */
  readonly batchId: string | null;
  /** `change`: the oil is brought from one heat to the next. */
  readonly what: RunStep['what'] | 'change';
  /** The step of the batch's run-sheet; `null`: there is none. */
  readonly step: RunStep | null;
  /** s after the stretch begins. */
  readonly fromS: number;
  readonly lengthS: number;
}

/** A stretch of work with its steps. */
export interface EveningWork extends EveningTask {
  readonly steps: readonly EveningStep[];
  /** The pot it stands at; `null`: none. */
  readonly pot: string | null;
  /** When it is eaten, ms. */
  readonly eatMs: number;
  /** It is done on an earlier day than the rest. */
  readonly isEarlier: boolean;
}

/** Something that goes on by itself between two stretches of work. */
export interface EveningWait {
  readonly batchId: string;
  readonly step: RunStep;
  /** It begins when these are over; none: it has begun already, at `sinceMs`. */
  readonly after: readonly { readonly task: string; readonly endS: number }[];
  readonly sinceMs: number | null;
}

/** An evening as it is planned, and what its tasks mean. */
export interface EveningTasks {
  readonly problem: EveningProblem;
  readonly works: readonly EveningWork[];
  readonly waits: readonly EveningWait[];
  /** The problem's zero moment, ms. */
  readonly zeroMs: number;
}

export interface EveningAsk {
  readonly parts: readonly EveningPart[];
  /** What the cooks told of each batch. */
  readonly states: Readonly<Record<string, CookState>>;
  /** In the order in which they go into the oil, with the time it takes to get there from the one before. */
  readonly order: readonly { readonly id: string; readonly changeS: number }[];
  readonly cooks: readonly SupperCook[];
  readonly pins: Readonly<Record<string, EveningPin>>;
  /** Nothing that is not done begins before this, ms; `null`: as if nothing had begun. */
  readonly nowMs: number | null;
}

/** What lies so long before the table is work of an earlier day, s: no day of cooking is as long. */
const EARLIER_S = 18 * 3600;
/** Steps that hands do one right after the other. */
const JOINED: Partial<Record<RunStep['what'], RunStep['what']>> = { 'cook-filling': 'weigh-filling', fold: 'roll' };
/** Risen pieces may wait for this share of their proof more. Our own. */
const OVER_PROOF = 0.25;

/** How a step's end is reached: from a stretch of work, or a moment that is past. */
type End = { readonly task: string; readonly endS: number } | { readonly atMs: number };

/**
 * An evening of a supper as tasks with what binds them: the run-sheets of its batches, one stretch
 * for each run of the hands; each pot one stretch from heating to the last lift, for hot oil is never
 * left alone; one serving for all that is eaten at one time. What is told done is no task any more.
 * Our own; see docs/models/evening.md.
 *
 * @example eveningTasks({ parts: [], states: {}, order: [], cooks: [], pins: {}, nowMs: null }).works.length // 0
 */
export function eveningTasks(ask: EveningAsk): EveningTasks {
  const { parts, cooks, pins, nowMs } = ask;
  const zeroMs = Math.min(Infinity, ...parts.map(({ eatMs }) => eatMs));
  if (parts.length === 0) return { problem: emptyProblem(), works: [], waits: [], zeroMs: 0 };
  const s = (ms: number) => Math.round((ms - zeroMs) / 1000);
  const works: EveningWork[] = [];
  const lags: EveningLag[] = [];
  const waits: EveningWait[] = [];
  const lengthS = new Map<string, number>();
  const add = (work: EveningWork) => {
    works.push(work);
    lengthS.set(work.id, work.lengthS);
  };
  const dueS = s(Math.max(...parts.map(({ eatMs }) => eatMs)));

  for (const part of parts) handsOf(part, ask).forEach(add);
  const pots = potsOf(ask);
  pots.forEach(add);
  servesOf(ask).forEach(add);

  // A pot that is needed for two tables serves the first one first.
  for (const [i, work] of pots.entries()) {
    const before = pots.slice(0, i).findLast(({ pot }) => pot === work.pot);
    if (before) lags.push({ from: before.id, to: work.id, leastS: before.lengthS, weight: Infinity });
  }
  const at = new Map(
    works.flatMap((work) =>
      work.steps.flatMap((one) => (one.step && one.batchId ? [[`${one.batchId} ${one.step.id}`, { work, one }]] : [])),
    ) as [string, { work: EveningWork; one: EveningStep }][],
  );
  for (const part of parts) {
    const { batchId, sheet } = part;
    const state = ask.states[batchId] ?? new Map();
    const find = (id: StepKey) => sheet.find((step) => step.id === id);
    /** What has to be over for a step to be over, and how long after. */
    const endsOf = (id: StepKey): { end: End; restS: number }[] => {
      const step = find(id);
      if (!step) return [];
      const { state: is, atMs } = stepState(state, id);
      if (is !== 'open') return [{ end: { atMs: atMs! }, restS: 0 }];
      const there = at.get(`${batchId} ${id}`);
      if (there) return [{ end: { task: there.work.id, endS: there.one.fromS + there.one.lengthS }, restS: 0 }];
      const before = step.after.flatMap(endsOf);
      return before.map(({ end, restS }) => ({ end, restS: restS + step.durationS }));
    };
    for (const { work, one } of at.values()) {
      if (one.batchId !== batchId || !one.step) continue;
      // One heat is for all at the pot: what the others wait for before it, they wait for before their own turn.
      const after = one.step.after.flatMap((id) => {
        const before = find(id);
        return before?.what === 'heat' && one.what === 'fry' ? [id, ...before.after] : [id];
      });
      for (const { end, restS } of after.flatMap(endsOf)) {
        if ('atMs' in end) {
          if (restS > 0)
            lags.push({
              from: null,
              to: work.id,
              leastS: s(end.atMs) + Math.round(restS) - one.fromS,
              weight: Infinity,
            });
        } else if (end.task !== work.id) {
          lags.push({
            from: end.task,
            to: work.id,
            leastS: Math.round(end.endS + restS) - one.fromS,
            weight: Infinity,
          });
        }
      }
    }
    lags.push(...mostOf(part, { at, lengthS, state, s }));
    for (const step of sheet) {
      if (step.kind !== 'passive' || at.has(`${batchId} ${step.id}`) || stepState(state, step.id).state !== 'open')
        continue;
      const ends = step.after.flatMap(endsOf);
      const past = ends.flatMap(({ end, restS }) => ('atMs' in end ? end.atMs + 1000 * restS : []));
      const after = ends.flatMap(({ end, restS }) => ('task' in end ? { ...end, endS: end.endS + restS } : []));
      waits.push({ batchId, step, after, sinceMs: past.length > 0 ? Math.max(...past) : null });
    }
  }
  for (const work of works) {
    const whole = works.filter(({ eatMs }) => eatMs === work.eatMs);
    if (work.steps.some(({ what }) => what === 'serve')) {
      lags.push({ from: work.id, to: null, leastS: work.lengthS - s(work.eatMs), weight: COST.late });
      // Nothing is served before its time.
      lags.push({ from: null, to: work.id, leastS: s(work.eatMs) - work.lengthS, weight: Infinity });
      // Everything of that table is over when it is served.
      for (const other of whole)
        if (other !== work && other.lengthS >= 0 && !other.isEarlier)
          lags.push({ from: other.id, to: work.id, leastS: other.lengthS, weight: Infinity });
    }
    // On an earlier day it keeps its hour.
    if (work.isEarlier) {
      const [first] = work.steps;
      const endS = s(first!.step!.startMs) + work.lengthS;
      lags.push({ from: work.id, to: null, leastS: work.lengthS - endS, weight: COST.stale });
      if (nowMs !== null) lags.push({ from: null, to: work.id, leastS: s(nowMs), weight: Infinity });
    }
    const pin = pins[work.id];
    const pinMs = pin?.at === undefined ? NaN : Date.parse(pin.at);
    if (Number.isFinite(pinMs)) {
      lags.push({ from: null, to: work.id, leastS: s(pinMs), weight: ABSENT_COST });
      lags.push({ from: work.id, to: null, leastS: -s(pinMs), weight: ABSENT_COST });
    }
  }
  const pinned = (work: EveningWork): EveningWork => {
    const cook = pins[work.id]?.cook;
    return cook !== undefined && cooks.some(({ id }) => id === cook) && work.hands !== null ? { ...work, cook } : work;
  };
  const done = works.map(pinned);
  const day = done.filter(({ id, isEarlier }) => !isEarlier && !isPinnedEarlier(pins[id], zeroMs)).map(({ id }) => id);
  const problem: EveningProblem = {
    ...{ tasks: done, lags, dueS, day },
    cooks: cooks.map((cook) => eveningCook(cook, s)),
    nowS: nowMs === null ? null : s(nowMs),
  };
  return { problem, works: done, waits, zeroMs };
}

const emptyProblem = (): EveningProblem => ({ tasks: [], lags: [], cooks: [], day: [], dueS: 0, nowS: null });

const isPinnedEarlier = (pin: EveningPin | undefined, zeroMs: number): boolean =>
  pin?.at !== undefined && zeroMs - Date.parse(pin.at) > 1000 * EARLIER_S;

function eveningCook({ id, name, from, to, noOil }: SupperCook, s: (ms: number) => number): EveningCook {
  const moment = (at: string | undefined) => (at === undefined ? null : s(Date.parse(at)));
  return { id, name, fromS: moment(from), toS: moment(to), skips: noOil ? ['oil'] : [] };
}

/** Every run of the hands away from the pot, and every bake, of what is still open. */
function handsOf({ batchId, sheet, eatMs }: EveningPart, { states }: EveningAsk): EveningWork[] {
  const state = states[batchId] ?? new Map();
  const open = sheet.filter(
    ({ id, kind, what }) =>
      stepState(state, id).state === 'open' && what !== 'serve' && (kind === 'hands' || what === 'bake'),
  );
  const isJoined = (step: RunStep, before: RunStep | undefined) =>
    before !== undefined &&
    JOINED[step.what] === before.what &&
    before.mark === step.mark &&
    (before.lot ?? 1) === (step.lot ?? 1);
  const works: EveningWork[] = [];
  for (const step of open) {
    const before = open.find((one) => isJoined(step, one));
    const there = before && works.findIndex(({ steps }) => steps.some((one) => one.step === before));
    const lengthS = Math.round(step.durationS);
    const one = (fromS: number): EveningStep => ({ batchId, what: step.what, step, fromS, lengthS });
    if (there !== undefined && there >= 0) {
      const work = works[there]!;
      works[there] = { ...work, lengthS: work.lengthS + lengthS, steps: [...work.steps, one(work.lengthS)] };
      continue;
    }
    const isBake = step.what === 'bake';
    works.push({
      ...{ id: `${batchId} ${step.id}`, lengthS, group: batchId, pot: null, eatMs, steps: [one(0)] },
      ...{ hands: isBake ? null : 'board', things: isBake ? ['oven'] : [] },
      isEarlier: eatMs - (step.startMs + 1000 * step.durationS) > 1000 * EARLIER_S,
    });
  }
  return works;
}

/** What is fried, pot by pot and table by table: heated once, then one batch after the other. */
function potsOf({ parts, order, states }: EveningAsk): EveningWork[] {
  const place = ({ batchId }: EveningPart) => order.findIndex(({ id }) => id === batchId);
  const potName = ({ kitchen }: EveningPart) => kitchen.potName ?? '';
  const isOpen = ({ batchId }: EveningPart, step: RunStep) =>
    stepState(states[batchId] ?? new Map(), step.id).state === 'open';
  const fried = parts.filter((part) => part.sheet.some((step) => step.what === 'fry' && isOpen(part, step)));
  const pots = [...new Set(fried.map(potName))].sort();
  return pots.flatMap((pot) => {
    const here = fried.filter((part) => potName(part) === pot);
    return [...new Set(here.map(({ eatMs }) => eatMs))]
      .sort((a, b) => a - b)
      .map((eatMs, table): EveningWork => {
        const row = here.filter((part) => part.eatMs === eatMs).sort((a, b) => place(a) - place(b));
        const steps: EveningStep[] = [];
        const lay = (one: Omit<EveningStep, 'fromS'>) => {
          const fromS = steps.reduce((sum, { lengthS }) => sum + lengthS, 0);
          if (one.lengthS > 0 || one.step) steps.push({ ...one, fromS });
        };
        // Of all at one pot the first has its oil heated; where one of them was at it already, it is hot.
        const isHot = here.some((part) => part.sheet.some((step) => step.what === 'heat' && !isOpen(part, step)));
        row.forEach((part, i) => {
          const { batchId, sheet } = part;
          for (const step of sheet) {
            const isHeat = step.what === 'heat';
            if ((!isHeat && step.what !== 'fry') || !isOpen(part, step)) continue;
            const changeS = i === 0 ? 0 : Math.round(order[place(part)]?.changeS ?? 0);
            if (isHeat && i > 0) {
              lay({ batchId, what: 'change', step: null, lengthS: changeS });
              continue;
            }
            const durationS = isHeat && isHot ? 0 : Math.round(step.durationS);
            lay({ batchId, what: step.what, step, lengthS: durationS });
          }
        });
        const lengthS = steps.reduce((sum, one) => sum + one.lengthS, 0);
        const id = `pot ${pot} ${table}`;
        return { id, lengthS, hands: 'oil', things: [`pot ${pot}`], group: id, pot, eatMs, isEarlier: false, steps };
      });
  });
}

/** Everything that is eaten at one time is drained and served in one go. */
function servesOf({ parts, states }: EveningAsk): EveningWork[] {
  const tables = [...new Set(parts.map(({ eatMs }) => eatMs))].sort((a, b) => a - b);
  return tables.flatMap((eatMs, table): EveningWork[] => {
    const open = parts.flatMap((part) => {
      const serve = part.eatMs === eatMs ? part.sheet.find(({ what }) => what === 'serve') : undefined;
      const state = states[part.batchId] ?? new Map();
      return serve && stepState(state, serve.id).state === 'open' ? [{ batchId: part.batchId, step: serve }] : [];
    });
    if (open.length === 0) return [];
    const lengthS = Math.round(Math.max(...open.map(({ step }) => step.durationS)));
    // One serving is for all: it is told of the first, the others come with it.
    const steps = open.map(({ batchId, step }, i): EveningStep => {
      return { batchId, what: 'serve', step, fromS: 0, lengthS: i === 0 ? lengthS : 0 };
    });
    const common = { hands: 'board', things: [], group: 'table', pot: null, eatMs, isEarlier: false };
    return [{ ...common, id: `table ${table}`, lengthS, steps }];
  });
}

interface Reach {
  readonly at: ReadonlyMap<string, { readonly work: EveningWork; readonly one: EveningStep }>;
  readonly lengthS: ReadonlyMap<string, number>;
  readonly state: CookState;
  readonly s: (ms: number) => number;
}

/** What of a batch must not wait longer than it keeps. */
function mostOf(part: EveningPart, reach: Reach): EveningLag[] {
  const { batchId, sheet, eatMs } = part;
  const found: EveningLag[] = [];
  const workOf = (step: RunStep | undefined) => (step ? reach.at.get(`${batchId} ${step.id}`) : undefined);
  const fold = (mark: RunStep['mark']) =>
    sheet.filter((step) => step.what === 'fold' && (step.mark === undefined || step.mark === mark));
  /** From a moment of one stretch to a moment of another: no longer than this. */
  const within = (
    from: { work: EveningWork; atS: number } | { atMs: number },
    to: { work: EveningWork; atS: number },
    mostS: number,
    weight: number,
  ) => {
    if ('atMs' in from)
      found.push({ from: to.work.id, to: null, leastS: to.atS - reach.s(from.atMs) - Math.round(mostS), weight });
    else if (from.work !== to.work)
      found.push({ from: to.work.id, to: from.work.id, leastS: to.atS - from.atS - Math.round(mostS), weight });
  };
  const endOf = (step: RunStep): { work: EveningWork; atS: number } | { atMs: number } | null => {
    const { state, atMs } = stepState(reach.state, step.id);
    if (state !== 'open') return { atMs: atMs! };
    const there = workOf(step);
    return there ? { work: there.work, atS: there.one.fromS + there.one.lengthS } : null;
  };
  // A lot of dough that is ready waits for its last piece.
  for (const mix of sheet.filter(({ what }) => what === 'mix-dough')) {
    const rest = sheet.find((step) => step.what === 'rest' && (step.lot ?? 1) === (mix.lot ?? 1));
    const from = endOf(mix);
    if (part.doughWaitS === null || from === null) continue;
    for (const step of sheet.filter((one) => one.what === 'fold' && (one.lot ?? 1) === (mix.lot ?? 1))) {
      const there = workOf(step);
      if (!there) continue;
      const to = { work: there.work, atS: there.one.fromS + there.one.lengthS };
      const restS = rest?.durationS ?? 0;
      within(from, to, restS + part.doughWaitS, COST.stale);
      within(from, to, restS + 2 * part.doughWaitS, COST.late);
    }
  }
  const fry = workOf(sheet.find(({ what }) => what === 'fry'));
  const bake = workOf(sheet.find(({ what }) => what === 'bake'));
  for (const { mark, lastDropS, fridgeKeepS, isWarm } of part.fried) {
    if (!fry) break;
    const to = { work: fry.work, atS: Math.round(fry.one.fromS + lastDropS) };
    for (const step of fold(mark)) {
      const end = endOf(step);
      if (!end) continue;
      // Warm from the first piece folded until the last goes in; over that they go into the fridge.
      const from =
        'atMs' in end
          ? { atMs: end.atMs - 1000 * step.durationS }
          : { work: end.work, atS: end.atS - Math.round(step.durationS) };
      if (isWarm) within(from, to, part.roomLimitS, COST.stale);
      within(from, to, fridgeKeepS, COST.unsafe);
    }
  }
  const proof = sheet.find(({ what }) => what === 'proof');
  if (proof)
    for (const step of sheet.filter(({ what }) => what === 'fold')) {
      const end = endOf(step);
      const next = fry ?? bake;
      if (end && next)
        within(end, { work: next.work, atS: next.one.fromS }, proof.durationS * (1 + OVER_PROOF), COST.late);
    }
  // Fried and baked pieces to the table while they are at their best.
  for (const there of [fry, bake]) {
    if (!there) continue;
    const upS = there.one.fromS + there.one.lengthS;
    found.push({ from: null, to: there.work.id, leastS: reach.s(eatMs) - BEST_S - upS, weight: COST.stale });
  }
  return found;
}
