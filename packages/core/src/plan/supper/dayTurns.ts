import { type CookState, stepState } from '../../cook/cookAct.js';
import type { RunStep } from '../batch/runSteps.js';
import type { DayPlan, DayEntry } from './supperDay.js';

/** A task that is no longer where it was planned. */
export interface DayMove {
  readonly entry: DayEntry;
  /** s; negative: sooner. */
  readonly byS: number;
}

/** Stretches that moved by less are where they were, s. */
const MOVED_S = 300;

/**
 * What of a day plan lies elsewhere than it was planned, by the clock; what is over already is no part of it.
 * @example dayMoves({ entries: [] }, { entries: [] }).length // 0
 */
export function dayMoves(planned: Pick<DayPlan, 'entries'>, now: Pick<DayPlan, 'entries'>): readonly DayMove[] {
  const was = new Map(planned.entries.map((entry) => [entry.id, entry]));
  return now.entries.flatMap((entry) => {
    const before = was.get(entry.id);
    // A pot of which something is over begins elsewhere for that: its end is what moved.
    const byS = before ? (entry.endMs - before.endMs) / 1000 : 0;
    return Math.abs(byS) >= MOVED_S ? [{ entry, byS }] : [];
  });
}

/** One step of one cook's day plan. */
export interface DayTurn {
  readonly entry: DayEntry;
  readonly batchId: string;
  readonly step: RunStep;
  readonly startMs: number;
  readonly endMs: number;
}

/**
 * What is still to be done by one cook, in order: the run-sheets of all batches, merged.
 * @param cook number of the cook; `null`: all of them
 * @example dayTurns(dayPlan, 0)[0].step.what // 'weigh-filling'
 */
export function dayTurns({ entries }: Pick<DayPlan, 'entries'>, cook: number | null): readonly DayTurn[] {
  return entries
    .filter((entry) => (cook === null ? entry.cook !== null : entry.cook === cook))
    .flatMap((entry) =>
      entry.steps.flatMap(({ step, batchId, startMs, endMs }) => {
        if (!step || batchId === null) return [];
        // One heat is for all at the pot.
        return step.what === 'heat' && endMs === startMs ? [] : [{ entry, batchId, step, startMs, endMs }];
      }),
    )
    .sort((a, b) => a.startMs - b.startMs);
}

/** A step that was over later than it was planned. */
export interface DayDelay {
  readonly batchId: string;
  readonly step: RunStep;
  readonly byS: number;
}

/**
 * Why a day plan has moved: of what is done, what was over latest against the plan. `null`: nothing was
 * late by more than a few minutes.
 * @example dayDelay(dayPlan, {}) // null
 */
export function dayDelay(
  { entries }: Pick<DayPlan, 'entries'>,
  states: Readonly<Record<string, CookState>>,
): DayDelay | null {
  let most: DayDelay | null = null;
  for (const { batchId, step, endMs } of entries.flatMap(({ steps }) => steps)) {
    const atMs = step && batchId !== null ? stepState(states[batchId] ?? new Map(), step.id).atMs : null;
    if (!step || batchId === null || atMs === null) continue;
    const byS = (atMs - endMs) / 1000;
    if (byS >= MOVED_S && byS > (most?.byS ?? 0)) most = { batchId, step, byS };
  }
  return most;
}
