import { seededNormal, seededUniform } from '../../numeric/seededNoise.js';
import type { SolvedDay } from '../../schedule/dayTask.js';
import type { DayTasks, DayWork } from './dayTasks.js';

/** How a day plan comes out where work takes longer or shorter than planned. */
export interface DayRisk {
  /** Share of days on which the table is later than `LATE_S`. */
  readonly lateShare: number;
  /** To begin so much sooner makes that one in ten, s; 0: it is no more already. */
  readonly soonerS: number;
}

/** How much the time of a task differs from day to day, log-normal. Our own. */
const SPREAD = { board: 0.2, oil: 0.08, oven: 0.1 } as const;
/** Guests mind from here on, s. */
export const TABLE_LATE_S = 600;
const DAY_PLANS = 300;
const SEED = 18;

const spreadOf = ({ pot, hands }: Pick<DayWork, 'pot' | 'hands'>): number =>
  pot !== null ? SPREAD.oil : hands === null ? SPREAD.oven : SPREAD.board;

/**
 * How long a task may take: one in ten is shorter, one in ten longer, s.
 * @example workRange({ lengthS: 1200, pot: null, hands: 'board' }).mostS > 1500 // true
 */
export function workRange(work: Pick<DayWork, 'lengthS' | 'pot' | 'hands'>): {
  readonly leastS: number;
  readonly mostS: number;
} {
  const by = Math.exp(1.2816 * spreadOf(work));
  return { leastS: work.lengthS / by, mostS: work.lengthS * by };
}

/**
 * Three hundred days by the same plan, each task as long as it happens to be: nobody begins a task
 * before its time, and what is late pushes what waits for it or for the same hands. Our own.
 *
 * @example dayRisk({ problem: { tasks: [] }, works: [], zeroMs: 0 }, { starts: [], cooks: [] }).lateShare // 0
 */
export function dayRisk(
  {
    problem,
    works,
    zeroMs,
  }: Pick<DayTasks, 'works' | 'zeroMs'> & {
    readonly problem: Pick<DayTasks['problem'], 'tasks'> & Partial<DayTasks['problem']>;
  },
  { starts, cooks }: Pick<SolvedDay, 'starts' | 'cooks'>,
): DayRisk {
  const at = new Map(works.map(({ id }, i) => [id, i]));
  const lags = (problem.lags ?? []).flatMap(({ from, to, leastS, weight }) =>
    from !== null && to !== null && weight === Infinity ? [{ from: at.get(from)!, to: at.get(to)!, leastS }] : [],
  );
  const isServe = (task: number) => works[task]!.steps.some(({ what }) => what === 'serve');
  /** What is folded while the pot is hot comes before it here: the pot waits for it. */
  const rank = (task: number) => (isServe(task) ? 2 : works[task]!.pot !== null ? 1 : 0);
  const order = works.map((_, task) => task).sort((a, b) => rank(a) - rank(b) || starts[a]! - starts[b]!);
  const before = order.map((task) => ({
    task,
    lags: lags.filter(({ to }) => to === task),
    rows: order.filter(
      (other) => other !== task && cooks[other]! >= 0 && cooks[other] === cooks[task] && starts[other]! < starts[task]!,
    ),
  }));
  const normal = seededUniform(SEED);
  const late: number[] = [];
  for (let dayPlan = 0; dayPlan < DAY_PLANS; dayPlan++) {
    const length = works.map((work) => {
      const sd = spreadOf(work);
      return work.lengthS * Math.exp(sd * seededNormal(normal) - (sd * sd) / 2);
    });
    const begun = [...starts];
    let lateS = 0;
    for (const { task, lags: bound, rows } of before) {
      let startS = starts[task]!;
      for (const { from, leastS } of bound)
        startS = Math.max(startS, begun[from]! + leastS + length[from]! - works[from]!.lengthS);
      for (const other of rows) startS = Math.max(startS, begun[other]! + length[other]!);
      begun[task] = startS;
      if (isServe(task)) lateS = Math.max(lateS, startS + length[task]! - (works[task]!.eatMs - zeroMs) / 1000);
    }
    late.push(lateS);
  }
  late.sort((a, b) => a - b);
  const tenth = late[Math.floor(0.9 * DAY_PLANS)] ?? 0;
  return {
    lateShare: works.length === 0 ? 0 : late.filter((s) => s > TABLE_LATE_S).length / DAY_PLANS,
    soonerS: Math.max(0, Math.ceil((tenth - TABLE_LATE_S) / 300) * 300),
  };
}
