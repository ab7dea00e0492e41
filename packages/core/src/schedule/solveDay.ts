// Over 300 lines: one search over a day plan, its steps read side by side.
import { CoreError } from '../errors.js';
import { seededUniform } from '../numeric/seededNoise.js';
import { ABSENT_COST, COST, type SolvedDay, type DayProblem, type DayTask } from './dayTask.js';
import { dayBound } from './dayBound.js';
import { firstPlan } from './firstPlan.js';
import { fitHands, type HandsFit, isAble } from './fitHands.js';
import { roomStays, type RoomStays } from './roomStays.js';
import { type Timing, type TimingArc, timing } from './timing.js';

export interface SolveDayOptions {
  /** Plans looked at in one go for a proof, 1 or more; absent: 400. */
  readonly mostLooked?: number;
  /** Times a part of a large day plan is taken apart and put together again; absent: 60. */
  readonly rounds?: number;
  /** Plans looked at in one round; absent: 40. */
  readonly roundLooked?: number;
  readonly seed?: number;
  /** An order that is known already: it is kept where another is hardly better. By task; NaN and -1: it is new. */
  readonly like?: { readonly starts: readonly number[]; readonly cooks: readonly number[] };
  /** Asked between two plans; true: the best so far is the answer. */
  readonly isOver?: () => boolean;
}

/** How far it is. */
export interface SolveProgress {
  readonly plan: SolvedDay;
  /** 0–1. */
  readonly share: number;
}

/** Where tasks overlap that must not: resolutions, each an order or a cook. */
type Branch = {
  readonly arcs: readonly TimingArc[];
  readonly who?: readonly [task: number, cook: number];
  /** Name of the resolution of a full room that it takes. */
  readonly room?: string;
};

interface Search {
  readonly problem: DayProblem;
  readonly line: Timing;
  /** Cook of each task, where that is settled; -1: open, or none. */
  readonly who: number[];
  readonly stays: RoomStays;
  /** Ways out of full rooms that are taken. */
  readonly taken: Set<string>;
  readonly boundCost: number;
  readonly isOver: () => boolean;
  best: { starts: readonly number[]; cooks: readonly number[]; cost: number; deciding: readonly number[] } | null;
  /** Time ran out before every full room was resolved: costs may be too low, so nothing is proved. */
  isCut: boolean;
  looked: number;
  /** No more than so many. */
  limit: number;
}

/**
 * The day plan that costs least: every task in its place and with its cook. Small day plans are solved
 * exactly, by taking two tasks that meet apart in either order, with the cheapest moments under the
 * orders so far as a bound. Large ones begin with a plan worked back from the table, of which parts
 * are taken apart and put together again; how far that may be from the best is returned. The same
 * day plan has the same plan each time, unless `isOver` ended it. Our own; see docs/models/supper-plan.md.
 *
 * @yields the best so far, after each step of the work
 * @returns the last of them
 * @throws CoreError OUT_OF_RANGE when its work does not fit into four weeks
 * @example [...solveDay({ tasks: [], lags: [], cooks: [], day: [], dueS: 0, nowS: null })].length // 1
 */
export function* solveDay(problem: DayProblem, options: SolveDayOptions = {}): Generator<SolveProgress, SolvedDay> {
  const { mostLooked = 400, rounds = 60, roundLooked = 40, seed = 1, isOver = () => false, like } = options;
  const line = lineOf(problem);
  const bound = Math.max(dayBound(problem), line.cost());
  const who = problem.tasks.map((task) => {
    const able = problem.cooks.flatMap((_, cook) => (isAble(problem, task, cook) ? [cook] : []));
    return task.hands !== null && able.length === 1 ? able[0]! : -1;
  });
  for (const [task, cook] of who.entries()) hoursOf(problem, task, cook).forEach((arc) => line.add(arc));
  const root = line.mark();
  const search: Search = {
    problem,
    line,
    who,
    stays: roomStays(problem),
    taken: new Set(),
    boundCost: bound,
    isOver,
    best: null,
    looked: 0,
    limit: Infinity,
    isCut: false,
  };

  const kept = like ? keepOrder(search, like) : null;
  line.backTo(root);
  start(search);
  line.backTo(root);
  const told = (isProved: boolean): SolvedDay => {
    // Few changes come before little gain.
    const isKept = kept !== null && kept.cost <= search.best!.cost + HARDLY_BETTER;
    const { starts, cooks, cost, deciding } = isKept ? kept : search.best!;
    return {
      starts: starts.slice(0, problem.tasks.length),
      cooks,
      cost,
      deciding,
      looked: search.looked,
      bound: isProved ? search.best!.cost : Math.min(bound, cost),
      isProved: isProved && cost <= search.best!.cost,
    };
  };
  const isBest = () => search.best!.cost <= bound && !search.isCut && !search.stays.hasGivenUp();
  yield { plan: told(isBest()), share: 0 };
  if (isBest() || isOver()) return told(isBest());

  search.limit = search.looked + mostLooked;
  const isWhole = descend(search) && !search.stays.hasGivenUp();
  line.backTo(root);
  if (isWhole || isBest() || isOver()) return told(isWhole || isBest());

  const uniform = seededUniform(seed);
  for (let round = 0; round < rounds && !isOver() && !isBest(); round++) {
    yield { plan: told(false), share: (round + 1) / (rounds + 1) };
    search.limit = search.looked + roundLooked;
    const settled = [...who];
    if (keepMost(search, uniform)) descend(search);
    search.who.splice(0, who.length, ...settled);
    line.backTo(root);
  }
  return told(isBest());
}

/** A plan that costs less by no more than this is no reason to change the order: a minute late, or a hundred of waiting past its best. */
const HARDLY_BETTER = 60 * COST.late;

/** The plan in an order that was known before; `null`: it cannot be in that order. */
function keepOrder(search: Search, like: NonNullable<SolveDayOptions['like']>): Search['best'] {
  const { problem, line, who } = search;
  const { tasks } = problem;
  const isKnown = (task: number) => Number.isFinite(like.starts[task]) && isAbleAt(search, task, like.cooks[task]!);
  const isAll = tasks.every((_, task) => isKnown(task));
  const rows = isAll ? rowsOf(tasks, like.starts, like.cooks) : [];
  const isKept =
    isAll &&
    who.every((cook, task) => cook === -1 || cook === like.cooks[task]) &&
    rows.every((row) => row.every((task, i) => i === 0 || line.add(after(tasks, row[i - 1]!, task)))) &&
    tasks.every(
      (_, task) => who[task] !== -1 || hoursOf(problem, task, like.cooks[task]!).every((arc) => line.add(arc)),
    );
  if (!isKept) return null;
  makeRoom(search);
  note(search, like.cooks);
  return search.best;
}

const isAbleAt = ({ problem }: Search, task: number, cook: number): boolean =>
  problem.tasks[task]!.hands === null ? cook === -1 : cook >= 0 && isAble(problem, problem.tasks[task]!, cook);

/** All that holds whatever the order. The last of its tasks is none: the day plan begins there. */
function lineOf({ tasks, lags, day, dueS, nowS }: DayProblem): Timing {
  const at = new Map(tasks.map(({ id }, i) => [id, i]));
  const first = tasks.length;
  const line = timing(tasks.length + 1);
  const place = (id: string | null) => (id === null ? null : at.get(id)!);
  const arcs: TimingArc[] = lags.map(({ from, to, leastS, weight }) => ({
    from: place(from),
    to: place(to),
    leastS,
    weight,
  }));
  // Unbreakable ones first: what can be broken is settled once for all of them.
  for (const arc of arcs.filter(({ weight }) => weight === Infinity)) line.add(arc);
  for (const id of day) line.add({ from: first, to: at.get(id)!, leastS: 0, weight: Infinity });
  if (nowS !== null) line.add({ from: null, to: first, leastS: nowS, weight: Infinity });
  for (const arc of arcs.filter(({ weight }) => weight !== Infinity)) line.add(arc);
  if (day.length > 0) line.add({ from: null, to: first, leastS: dueS, weight: COST.early });
  return line;
}

/** A cook's hours, for a task that is given to that cook. */
function hoursOf({ tasks, cooks }: DayProblem, task: number, cook: number): TimingArc[] {
  const one = cooks[cook];
  if (!one) return [];
  const { fromS, toS } = one;
  const weight = ABSENT_COST;
  return [
    ...(fromS === null ? [] : [{ from: null, to: task, leastS: fromS, weight }]),
    ...(toS === null ? [] : [{ from: task, to: null, leastS: tasks[task]!.lengthS - toS, weight }]),
  ];
}

/** A first whole plan: worked back from the table, then moved to where that order costs least. */
function start(search: Search): void {
  const { problem, line } = search;
  const { starts, cooks } = firstPlan(problem, search.who);
  const isKept = rowsOf(problem.tasks, starts, cooks).every((row) =>
    row.every((task, i) => i === 0 || line.add(after(problem.tasks, row[i - 1]!, task))),
  );
  if (!isKept) throw new CoreError('OUT_OF_RANGE', 'supper', 'This supper has more work than four weeks hold.');
  for (const [task, cook] of cooks.entries())
    if (search.who[task] === -1) hoursOf(problem, task, cook).forEach((arc) => line.add(arc));
  makeRoom(search);
  search.looked += 1;
  note(search, cooks);
}

/** Resolves rooms that are too full, cheapest resolution first, as long as there is time. */
function makeRoom(search: Search): void {
  const { line, stays, taken, isOver } = search;
  const found: string[] = [];
  for (;;) {
    search.isCut ||= isOver();
    if (search.isCut) break;
    const before = line.mark();
    const ways = stays
      .waysAt(line.starts(), (name) => taken.has(name))
      .flatMap((way) => {
        if (isOver()) return [];
        line.add(way.arc);
        const cost = line.cost();
        line.backTo(before);
        return [{ ...way, cost }];
      });
    const [best] = ways.sort((a, b) => a.cost - b.cost);
    if (!best) break;
    line.add(best.arc);
    taken.add(best.name);
    found.push(best.name);
  }
  for (const name of found) taken.delete(name);
}

function note(search: Search, cooks: readonly number[]): void {
  const { line, problem } = search;
  const cost = line.cost();
  if (search.best && cost >= search.best.cost) return;
  search.best = { starts: line.starts(), cooks, cost, deciding: decidingOf(line, problem) };
}

/** Tasks between two moments of which one could not be without the other. */
function decidingOf(line: Timing, { tasks }: DayProblem): number[] {
  const met = new Set(line.deciding().flatMap((arc) => line.ends(arc)));
  return tasks.flatMap((_, task) => (met.has(task) ? [task] : []));
}

/** Tasks of each cook, and of each thing, one after the other. */
function rowsOf(tasks: readonly DayTask[], starts: readonly number[], cooks: readonly number[]): number[][] {
  const rows = new Map<string, number[]>();
  tasks.forEach(({ things, lengthS }, task) => {
    if (lengthS === 0) return;
    for (const key of [...things, ...(cooks[task]! >= 0 ? [`cook ${cooks[task]!}`] : [])])
      rows.set(key, [...(rows.get(key) ?? []), task]);
  });
  return [...rows.values()].map((row) => row.sort((a, b) => starts[a]! - starts[b]!));
}

const after = (tasks: readonly DayTask[], from: number, to: number): TimingArc => ({
  from,
  to,
  leastS: tasks[from]!.lengthS,
  weight: Infinity,
});

/** Looks at every plan under the orders so far that may be better. @returns whether it looked at all of them */
function descend(search: Search): boolean {
  const { line, who } = search;
  search.looked += 1;
  if (search.best && Math.max(line.cost(), search.boundCost) >= search.best.cost) return true;
  if (search.looked > search.limit || search.isOver()) return false;
  const fit = meeting(search);
  if ('cooks' in fit) {
    note(search, fit.cooks);
    return true;
  }
  const before = line.mark();
  const ways = fit.branches.flatMap((branch) => {
    const way = !search.isOver() && take(search, branch) ? [{ branch, cost: line.cost(), mark: line.mark() }] : [];
    line.backTo(before);
    return way;
  });
  let isWhole = !search.isOver();
  for (const { branch, cost, mark } of ways.sort((a, b) => a.cost - b.cost)) {
    if (cost >= search.best!.cost) break;
    const was = branch.who ? who[branch.who[0]]! : -1;
    if (branch.who) who[branch.who[0]] = branch.who[1];
    if (branch.room !== undefined) search.taken.add(branch.room);
    line.redo(branch.arcs, mark);
    isWhole = descend(search) && isWhole;
    if (branch.room !== undefined) search.taken.delete(branch.room);
    if (branch.who) who[branch.who[0]] = was;
    line.backTo(before);
  }
  return isWhole;
}

const take = ({ line }: Search, { arcs }: Branch): boolean => arcs.every((arc) => line.add(arc));

/** Where two tasks meet that cannot, or no cook is left: the last of the day plan, for all else is worked back from it. */
function meeting(search: Search): { branches: Branch[] } | Extract<HandsFit, { cooks: unknown }> {
  const { problem, line, who } = search;
  const { tasks, cooks } = problem;
  const starts = line.starts();
  const endOf = (task: number) => starts[task]! + tasks[task]!.lengthS;
  const meet = (a: number, b: number) => starts[a]! < endOf(b) && starts[b]! < endOf(a);
  const isOne = (a: number, b: number) =>
    (who[a]! >= 0 && who[a] === who[b]) || tasks[a]!.things.some((thing) => tasks[b]!.things.includes(thing));
  const orders = (some: readonly number[]): Branch[] =>
    some.flatMap((a) => some.filter((b) => a !== b).map((b) => ({ arcs: [after(tasks, a, b)] })));
  const long = tasks.flatMap(({ lengthS }, task) => (lengthS > 0 ? [task] : []));
  const byEnd = long.sort((a, b) => endOf(b) - endOf(a));
  for (const [i, a] of byEnd.entries()) {
    const other = byEnd.slice(i + 1).find((b) => isOne(a, b) && meet(a, b));
    if (other !== undefined) return { branches: orders([a, other]) };
    // At the moment it begins, more hands are at work than there are.
    if (tasks[a]!.hands === null) continue;
    const then = byEnd.filter((b) => tasks[b]!.hands !== null && starts[b]! <= starts[a]! && endOf(b) > starts[a]!);
    if (then.length > cooks.length) return { branches: orders(then.slice(0, cooks.length + 1)) };
  }
  const full = search.stays.waysAt(starts, (name) => search.taken.has(name));
  if (full.length > 0) return { branches: full.map(({ name, arc }) => ({ arcs: [arc], room: name })) };
  const fit = fitHands(problem, starts, who);
  if ('cooks' in fit) return fit;
  const { stuck } = fit;
  const busy = new Set(who);
  const isSame = (a: number, b: number) =>
    cooks[a]!.fromS === cooks[b]!.fromS &&
    cooks[a]!.toS === cooks[b]!.toS &&
    [...cooks[a]!.skips].sort().join() === [...cooks[b]!.skips].sort().join();
  const branches = cooks.flatMap((_, cook): Branch[] => {
    if (!isAble(problem, tasks[stuck]!, cook)) return [];
    // Of cooks that are alike and have nothing yet the first stands for all.
    if (!busy.has(cook) && cooks.some((_one, other) => other < cook && !busy.has(other) && isSame(other, cook)))
      return [];
    return [{ arcs: hoursOf(problem, stuck, cook), who: [stuck, cook] }];
  });
  return { branches };
}

/** Keeps the best plan except for one span of time, or one batch. @returns false when that cannot be */
function keepMost(search: Search, uniform: () => number): boolean {
  const { problem, line, who, best } = search;
  const { tasks } = problem;
  const { starts, cooks } = best!;
  const pick = Math.floor(uniform() * tasks.length);
  const aroundS = 3600 * (0.5 + 2 * uniform());
  const isByBatch = uniform() < 0.3;
  const isFree = tasks.map(
    ({ group }, task) =>
      (isByBatch && group === tasks[pick]!.group) || Math.abs(starts[task]! - starts[pick]!) <= aroundS,
  );
  for (const [task, { hands }] of tasks.entries()) {
    if (hands === null || isFree[task] || who[task] !== -1) continue;
    who[task] = cooks[task]!;
    if (!hoursOf(problem, task, cooks[task]!).every((arc) => line.add(arc))) return false;
  }
  return rowsOf(tasks, starts, cooks).every((row) => {
    const kept = row.filter((task) => !isFree[task]);
    return kept.every((task, i) => i === 0 || line.add(after(tasks, kept[i - 1]!, task)));
  });
}
