import { COST, type DayProblem } from './dayTask.js';
import { timing } from './timing.js';

/** Work that only some can take: the cooks who may do it, or one pot or oven. */
interface Crowd {
  readonly tasks: readonly number[];
  /** How many can work at it at once. */
  readonly at: number;
}

/**
 * What no plan of a day plan can cost less than. Two things are added that never overlap: the work
 * that must lie between the start and the serving time, for the cooks, pots and ovens there are; and
 * what waits whatever the order. Our own; see docs/models/supper-plan.md.
 *
 * @example dayBound({ tasks: [], lags: [], cooks: [], day: [], dueS: 0, nowS: null }) // 0
 */
export function dayBound(problem: DayProblem): number {
  const { dueS, nowS } = problem;
  const spanS = shortestDayS(problem);
  // A second late leaves a second more for the day: it counts as late, but for that second.
  const inTime = COST.early * spanS + waitsAtLeast(problem, true);
  const lateS = nowS === null ? 0 : Math.max(0, spanS - Math.max(0, dueS - nowS));
  const late = COST.early * (spanS - lateS) + COST.late * lateS + waitsAtLeast(problem, false);
  return Math.max(inTime, late);
}

/**
 * From the first task of the day to the last thing due, s, at least: some tasks with what must go
 * before the least of them and come after it.
 *
 * @example shortestDayS({ tasks: [], lags: [], cooks: [], day: [], dueS: 0, nowS: null }) // 0
 */
export function shortestDayS(problem: DayProblem): number {
  const { tasks, day } = problem;
  const { headS, tailS } = endsOf(problem);
  const isOfDay = tasks.map(({ id }) => day.includes(id));
  let spanS = 0;
  tasks.forEach(({ lengthS }, i) => {
    if (isOfDay[i]) spanS = Math.max(spanS, headS[i]! + lengthS + tailS[i]!);
  });
  for (const { tasks: all, at } of crowdsOf(problem)) {
    const some = all.filter((i) => isOfDay[i] && tasks[i]!.lengthS > 0);
    const tails = [...new Set(some.map((i) => tailS[i]!))];
    const byHead = [...some].sort((a, b) => headS[b]! - headS[a]!);
    for (const leastS of tails) {
      let sumS = 0;
      for (const i of byHead) {
        if (tailS[i]! < leastS) continue;
        sumS += tasks[i]!.lengthS;
        spanS = Math.max(spanS, headS[i]! + sumS / at + leastS);
      }
    }
  }
  return Math.ceil(spanS);
}

/** What must lie before a task begins and after it ends, s, by the unbreakable order and what is due. */
function endsOf({ tasks, lags, day, dueS }: DayProblem) {
  const at = new Map(tasks.map(({ id }, i) => [id, i]));
  const headS = tasks.map(() => 0);
  const tailS = tasks.map(({ lengthS }) => -lengthS);
  const isOfDay = new Set(day);
  const hard = lags.flatMap(({ from, to, leastS, weight }) =>
    from !== null && to !== null && weight === Infinity ? [{ from: at.get(from)!, to: at.get(to)!, leastS }] : [],
  );
  for (const { from, to, leastS } of lags)
    if (from !== null && to === null) {
      // "Over by then": the later it is due, the less has to come after it.
      const i = at.get(from)!;
      tailS[i] = Math.max(tailS[i]!, dueS + leastS - tasks[i]!.lengthS);
    }
  // As often as there are tasks is enough: the unbreakable order has no circle.
  for (let again = true, left = tasks.length + 1; again && left > 0; left--) {
    again = false;
    for (const { from, to, leastS } of hard) {
      const head = isOfDay.has(tasks[from]!.id) ? headS[from]! + leastS : 0;
      const tail = tailS[to]! + tasks[to]!.lengthS + leastS - tasks[from]!.lengthS;
      if (head > headS[to]!) [headS[to], again] = [head, true];
      if (tail > tailS[from]!) [tailS[from], again] = [tail, true];
    }
  }
  return { headS, tailS };
}

/** Every group of hands that some work is left to, and every thing. */
function crowdsOf({ tasks, cooks }: DayProblem): Crowd[] {
  const handsOf = (i: number) => {
    const { hands, cook } = tasks[i]!;
    if (hands === null) return null;
    const able = cooks.filter(({ id, skips }) => (cook === undefined ? !skips.includes(hands) : id === cook));
    return new Set((able.length > 0 ? able : cooks).map(({ id }) => id));
  };
  const able = tasks.map((_, i) => handsOf(i));
  const sets = new Map(able.flatMap((set) => (set ? [[[...set].sort().join(' '), set] as const] : [])));
  sets.set('', new Set(cooks.map(({ id }) => id)));
  const things = [...new Set(tasks.flatMap((task) => task.things))];
  const all = tasks.map((_, i) => i);
  return [
    ...[...sets.values()].map((set) => ({
      tasks: all.filter((i) => able[i] && [...able[i]].every((id) => set.has(id))),
      at: Math.max(1, set.size),
    })),
    ...things.map((thing) => ({ tasks: all.filter((i) => tasks[i]!.things.includes(thing)), at: 1 })),
  ];
}

/** What waiting costs though hands and things were without number; and what is late then, where that counts. */
function waitsAtLeast({ tasks, lags }: DayProblem, withDue: boolean): number {
  const at = new Map(tasks.map(({ id }, i) => [id, i]));
  const line = timing(tasks.length);
  const place = (id: string | null) => (id === null ? null : at.get(id)!);
  for (const { from, to, leastS, weight } of [...lags].sort((a, b) => b.weight - a.weight)) {
    const isDue = to === null && weight !== Infinity;
    if (isDue && !withDue) continue;
    line.add({ from: place(from), to: place(to), leastS, weight: isDue ? weight - COST.early : weight });
  }
  return line.cost();
}
