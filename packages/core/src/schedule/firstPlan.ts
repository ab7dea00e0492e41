import type { DayProblem } from './dayTask.js';
import { isAble } from './fitHands.js';

/**
 * A first plan, good and quick: each task as late as what follows it allows, the latest first, with a
 * cook and its things free. It may leave waits longer than they should be.
 *
 * @param who cooks that are settled, by task; -1: open
 */
export function firstPlan(
  problem: DayProblem,
  who: readonly number[],
): { readonly starts: readonly number[]; readonly cooks: readonly number[] } {
  const { tasks, lags, cooks } = problem;
  const at = new Map(tasks.map(({ id }, i) => [id, i]));
  /** "It begins so long before": of each task, what must have its place before it. */
  const next: { to: number; leastS: number }[][] = tasks.map(() => []);
  const lastS = tasks.map(() => Infinity);
  for (const { from, to, leastS, weight } of lags) {
    if (from === null) continue;
    const task = at.get(from)!;
    if (to === null) lastS[task] = Math.min(lastS[task]!, -leastS);
    else if (weight === Infinity) next[task]!.push({ to: at.get(to)!, leastS });
  }
  const starts: (number | null)[] = tasks.map(() => null);
  const given = tasks.map(() => -1);
  const left = new Set(tasks.keys());
  const latest = (task: number): number | null => {
    let startS = Math.min(lastS[task]!, problem.dueS);
    for (const { to, leastS } of next[task]!) {
      const there = starts[to];
      if (there === null || there === undefined) return null;
      startS = Math.min(startS, there - leastS);
    }
    return startS;
  };
  while (left.size > 0) {
    let best: { task: number; startS: number; endS: number } | null = null;
    for (const task of left) {
      const startS = latest(task);
      if (startS === null) continue;
      const endS = startS + tasks[task]!.lengthS;
      // What takes a thing that exists once goes before all else: the others fit around it.
      const isSooner =
        !best ||
        (tasks[task]!.things.length > 0 !== tasks[best.task]!.things.length > 0
          ? tasks[task]!.things.length > 0
          : endS > best.endS);
      if (isSooner) best = { task, startS, endS };
    }
    if (!best) throw new Error('The tasks of a day wait for one another.');
    left.delete(best.task);
    fit(best.task, best.startS);
  }
  return { starts: starts.map((startS) => startS!), cooks: given };

  /** The latest place of a task that begins by then, with everything free that it takes; outside a cook's hours only where there is no other. */
  function fit(task: number, lastStartS: number): void {
    const mine =
      who[task]! >= 0 ? [who[task]!] : cooks.flatMap((_, cook) => (isAble(problem, tasks[task]!, cook) ? [cook] : []));
    const found = latestFree(task, lastStartS, mine, true) ?? latestFree(task, lastStartS, mine, false)!;
    starts[task] = found.startS;
    given[task] = found.cook;
  }

  function latestFree(task: number, lastStartS: number, mine: readonly number[], inHours: boolean) {
    const { lengthS, things, hands } = tasks[task]!;
    const firstS = Math.min(...mine.map((cook) => cooks[cook]!.fromS ?? -Infinity));
    const isThere = (cook: number, startS: number) => {
      const { fromS, toS } = cooks[cook]!;
      return !inHours || ((fromS === null || startS >= fromS) && (toS === null || startS + lengthS <= toS));
    };
    for (let startS = lastStartS; hands === null || !inHours || startS >= firstS;) {
      const endS = startS + lengthS;
      const meets = [...tasks.keys()].filter((other) => {
        const there = starts[other] ?? Infinity;
        return lengthS > 0 && tasks[other]!.lengthS > 0 && there < endS && there + tasks[other]!.lengthS > startS;
      });
      const atThing = meets.filter((other) => tasks[other]!.things.some((thing) => things.includes(thing)));
      const cook = mine.find((one) => !meets.some((other) => given[other] === one) && isThere(one, startS));
      if (atThing.length === 0 && (hands === null || cook !== undefined))
        return { startS, cook: hands === null ? -1 : cook! };
      // Earlier than what is in the way, nothing shorter can make room; or within the hours of a cook.
      const inWay = atThing.length > 0 ? atThing : meets.filter((other) => mine.includes(given[other]!));
      const ends = [...inWay.map((other) => starts[other]!), ...mine.flatMap((one) => cooks[one]!.toS ?? [])];
      const earlier = ends.filter((one) => one < endS);
      if (earlier.length === 0) return null;
      startS = Math.max(...earlier) - lengthS;
    }
    return null;
  }
}
