import { seededUniform } from '../numeric/seededNoise.js';
import { type Policy, PLAIN_POLICY, playPolicy } from './players.js';
import { practiceOutcome, type PracticeOutcome } from './practiceOutcome.js';
import type { PracticeRun } from './practiceRun.js';
import type { PracticeAct, Situation } from './situation.js';

/** The best way that was found for one situation. */
export interface BestWay {
  readonly policy: Policy;
  readonly acts: readonly PracticeAct[];
  readonly outcome: PracticeOutcome;
  /** Sessions that were replayed to find it. */
  readonly tried: number;
}

type Figure = Exclude<keyof Policy, 'asides' | 'heeds'>;

/** What is tried of each figure first, coarsely. */
const GRID: Readonly<Record<Figure, readonly number[]>> = {
  targetK: [-8, -4, 0, 4],
  leadK: [3, 12, 22, 34],
  holdBy: [-1, 0, 1, 2],
  loadBy: [-1, 0, 1, 3],
  offK: [2, 5, 9],
  dropK: [1, 4, 9],
  loadShare: [0.4, 0.55, 0.75, 1, 1.6],
  takeOutColour: [0.72, 0.85, 1],
  leastShare: [0.7, 0.85, 1, 1.15],
  mostColour: [1.4, 1.6, 2],
  turnColour: [0.6, 0.75, 0.9],
  doorS: [60, 300, 600],
};
const FIGURES = Object.keys(GRID) as Figure[];
/** Then finely: steps to either side, halved so often. */
const STEP: Readonly<Record<Figure, number>> = {
  targetK: 2,
  leadK: 5,
  holdBy: 1,
  loadBy: 1,
  offK: 1.5,
  dropK: 2,
  loadShare: 0.12,
  takeOutColour: 0.06,
  leastShare: 0.06,
  mostColour: 0.15,
  turnColour: 0.08,
  doorS: 60,
};
const LEAST: Partial<Record<Figure, number>> = { loadShare: 0.1, leadK: 0, offK: 0.5, dropK: 0, leastShare: 0 };

/** Where the search sets out from. */
const STARTS: readonly Policy[] = [
  PLAIN_POLICY,
  { ...PLAIN_POLICY, targetK: -4, leadK: 25, loadShare: 0.6, asides: true },
];

/** How hard it is looked for. */
interface Effort {
  /** Where it sets out from, 1 or 2, and how often every figure is gone through from there. */
  readonly starts: number;
  readonly rounds: number;
  /** How often the fine steps are gone through, each time half as wide; and jumps after them. */
  readonly finer: number;
  readonly jumps: number;
}
const USUAL_EFFORT: Effort = { starts: 2, rounds: 2, finer: 2, jumps: 40 };

/**
 * The best way through a situation that rules over what the cook sees can find: each figure on a
 * coarse grid, one after the other until none helps; then finer steps, and jumps of several
 * figures at once. It never looks at what is true; but it is chosen by how this very session ends.
 * Source: docs/models/learn.md.
 *
 * @param told how far it is, 0–1
 * @example bestWay(situation('hollow', 1, 'Practice'), { starts: 1, rounds: 1, finer: 0, jumps: 0 }).tried > 30 // true
 */
export function bestWay(of: Situation, effort: Effort = USUAL_EFFORT, told?: (share: number) => void): BestWay {
  const next = seededUniform(of.seed + 17);
  const seen = new Map<string, number>();
  let tried = 0;
  let best: { policy: Policy; lost: number; run: PracticeRun; outcome: PracticeOutcome } | null = null;
  const lostBy = (policy: Policy): number => {
    const key = JSON.stringify(policy);
    const known = seen.get(key);
    if (known !== undefined) return known;
    const run = playPolicy(of, policy);
    const outcome = practiceOutcome(run);
    tried += 1;
    seen.set(key, outcome.lost);
    if (!best || outcome.lost < best.lost) best = { policy, lost: outcome.lost, run, outcome };
    return outcome.lost;
  };
  // What cannot matter here is not tried.
  const hasCaller = of.caller !== null;
  const turnsOnce = of.pots.some(({ session }) =>
    session.trays.some(({ draft: { fry } }) => fry.turn !== 'each-minute' && fry.turn !== 'held-under'),
  );
  const figures = FIGURES.filter((one) => (one !== 'doorS' || hasCaller) && (one !== 'turnColour' || turnsOnce));
  const inAll = (effort.starts * effort.rounds + effort.finer) * figures.length + effort.jumps;
  let done = 0;
  const oneMore = () => told?.(Math.min(1, ++done / inAll));
  const bestOf = (policies: readonly Policy[]): Policy =>
    policies.reduce((least, one) => (lostBy(one) < lostBy(least) ? one : least));
  for (const start of STARTS.slice(0, effort.starts)) {
    let now = start;
    lostBy(now);
    for (let round = 0; round < effort.rounds; round++) {
      const before = now;
      for (const figure of figures) {
        now = bestOf([now, ...GRID[figure].map((value) => ({ ...now, [figure]: value }))]);
        oneMore();
      }
      now = bestOf([now, { ...now, asides: !now.asides }]);
      if (now === before) break;
    }
  }
  const moved = (policy: Policy, figure: Figure, by: number): Policy => ({
    ...policy,
    [figure]: Math.max(LEAST[figure] ?? -Infinity, policy[figure] + by),
  });
  for (let share = 1, pass = 0; pass < effort.finer; pass++, share /= 2) {
    for (const figure of figures) {
      const { policy } = best!;
      bestOf([policy, moved(policy, figure, share * STEP[figure]), moved(policy, figure, -share * STEP[figure])]);
      oneMore();
    }
  }
  for (let i = 0; i < effort.jumps; i++) {
    let policy: Policy = best!.policy;
    for (const figure of figures) if (next() < 0.4) policy = moved(policy, figure, (4 * next() - 2) * STEP[figure]);
    lostBy(policy);
    oneMore();
  }
  const { policy, run, outcome } = best!;
  return { policy, acts: run.acts, outcome, tried };
}
