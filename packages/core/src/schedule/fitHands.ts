import type { DayProblem, DayTask } from './dayTask.js';

/** Who does what at given moments; or the task for which nobody is left. */
export type HandsFit = { readonly cooks: readonly number[] } | { readonly stuck: number };

/** Whether a cook may do it: asked for, or able; where nobody is able, everyone is. */
export function isAble({ cooks }: Pick<DayProblem, 'cooks'>, { hands, cook }: DayTask, who: number): boolean {
  if (hands === null) return false;
  const isAsked = ({ id }: { readonly id: string }) => id === cook;
  if (cook !== undefined && cooks.some(isAsked)) return isAsked(cooks[who]!);
  return !cooks[who]!.skips.includes(hands) || cooks.every(({ skips }) => skips.includes(hands));
}

/** As many times as a choice is taken back before the search is left to go on with orders. */
const MOST_BACK = 2000;

/**
 * Gives every hands-on task a cook who is free then, is there, and may do it. Of several the one
 * who did the group's last task, then the one who has been idle for the shortest time.
 *
 * @param who what is settled already, by task; -1: open
 */
export function fitHands(problem: DayProblem, starts: readonly number[], who: readonly number[]): HandsFit {
  const { tasks, cooks } = problem;
  const endOf = (task: number) => starts[task]! + tasks[task]!.lengthS;
  const order = tasks.flatMap(({ hands }, task) => (hands === null ? [] : [task]));
  order.sort((a, b) => starts[a]! - starts[b]! || endOf(a) - endOf(b));
  const given = tasks.map(() => -1);
  let back = 0;
  let farthest = 0;
  /** What takes no time meets nothing. */
  const meet = (a: number, b: number) =>
    tasks[a]!.lengthS > 0 && tasks[b]!.lengthS > 0 && starts[a]! < endOf(b) && endOf(a) > starts[b]!;
  // What is settled for later must not be met either.
  const isFree = (task: number, cook: number, at: number) =>
    !order.some((other, i) => i !== at && (i < at ? given[other] : who[other]) === cook && meet(task, other));
  const isThere = (task: number, cook: number) => {
    const { fromS, toS } = cooks[cook]!;
    return (fromS === null || starts[task]! >= fromS) && (toS === null || endOf(task) <= toS);
  };
  const place = (at: number): boolean => {
    farthest = Math.max(farthest, at);
    if (at === order.length) return true;
    const task = order[at]!;
    const last = (cook: number) => {
      for (let i = at - 1; i >= 0; i--) if (given[order[i]!] === cook) return order[i]!;
      return -1;
    };
    const isGroups = (cook: number) => {
      for (let i = at - 1; i >= 0; i--)
        if (tasks[order[i]!]!.group === tasks[task]!.group) return given[order[i]!] === cook;
      return false;
    };
    const able =
      who[task]! >= 0
        ? [who[task]!]
        : cooks.flatMap((_, cook) => (isAble(problem, tasks[task]!, cook) && isThere(task, cook) ? [cook] : []));
    const idle = (cook: number) => (last(cook) < 0 ? Infinity : starts[task]! - endOf(last(cook)));
    const found = able
      .filter((cook) => isFree(task, cook, at))
      .sort((a, b) => Number(isGroups(b)) - Number(isGroups(a)) || idle(a) - idle(b) || a - b);
    for (const cook of found) {
      given[task] = cook;
      if (place(at + 1)) return true;
      given[task] = -1;
      back += 1;
      if (back > MOST_BACK) return false;
    }
    return false;
  };
  if (place(0)) return { cooks: given };
  // The one that could not be placed, or else another that is still open.
  const stuck = order[Math.min(farthest, order.length - 1)]!;
  const open = order.filter((task) => who[task] === -1);
  const meets = open.find((task) => meet(task, stuck));
  return { stuck: who[stuck] === -1 ? stuck : (meets ?? open[0]!) };
}
