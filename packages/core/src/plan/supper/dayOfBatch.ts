import type { Fault } from '../../outcome/failing.js';
import { type CookState, stepState } from '../../cook/cookAct.js';
import type { DayPart } from './dayPart.js';
import { isInOven } from './dayWorks.js';
import type { RunStep } from '../batch/runSteps.js';
import { LIMITS } from '../../limits/limits.js';
import type { DayEntry } from './supperDay.js';

/** So much off is no matter. */
const SAME_MS = 60_000;

/** Folded pieces of one tray on their way to the oil. */
export interface FoldedWait {
  readonly mark: string;
  readonly startMs: number;
  /** When the last goes in. */
  readonly endMs: number;
  /** Until then they may be at room temperature. */
  readonly limitMs: number;
  /** They have to wait in the fridge. */
  readonly inFridge: boolean;
  /** Too long even for the fridge. */
  readonly isTooLong: boolean;
}

/** One batch in the day plan. */
export interface DayOfBatch {
  readonly batchId: string;
  readonly name: string;
  readonly eatMs: number;
  readonly startMs: number;
  /** When its last piece is out of oil or oven; `null`: it is neither fried nor baked, or was already. */
  readonly upMs: number | null;
  /** s that its first pieces wait for the table. */
  readonly heldS: number;
  /** What is wrong with too many of its pieces as they are fried; `null`: nothing. */
  readonly fault: Fault | null;
  readonly folded: readonly FoldedWait[];
}

/** One batch in the day plan, with what of it waits. */
export function batchIn(part: DayPart, entries: readonly DayEntry[], state: CookState): DayOfBatch {
  const { batchId, name, eatMs, sheet, fried, roomLimitS, firstUpS, fault } = part;
  const own = entries.flatMap(({ steps }) => steps.filter((one) => one.batchId === batchId));
  const cooked = own.filter(({ what }) => what === 'fry' || isInOven(what));
  const fry = own.find(({ what }) => what === 'fry');
  const foldedAt = (step: RunStep): number | null => {
    const there = own.find((one) => one.step?.id === step.id);
    if (there) return there.startMs;
    const { atMs } = stepState(state, step.id);
    return atMs === null ? null : atMs - 1000 * step.durationS;
  };
  const folded = fried.flatMap(({ mark, lastDropS, fridgeKeepS, isWarm }): FoldedWait[] => {
    const steps = sheet.filter((step) => step.what === 'fold' && (step.mark === undefined || step.mark === mark));
    const starts = steps.flatMap((step) => foldedAt(step) ?? []);
    if (!fry || starts.length === 0) return [];
    const startMs = Math.min(...starts);
    const endMs = fry.startMs + 1000 * lastDropS;
    const limitMs = startMs + 1000 * roomLimitS;
    return [
      {
        mark,
        startMs,
        endMs,
        limitMs,
        inFridge: isWarm && endMs > limitMs + SAME_MS,
        isTooLong: endMs > startMs + 1000 * fridgeKeepS + SAME_MS,
      },
    ];
  });
  // The first pieces wait longest: those of the first load, or of what is baked the whole of it.
  // What is crisped in the oven last has not waited since the oil.
  const isCrisped = own.some(({ what }) => what === 'crisp');
  const last = cooked.filter(({ what }) => !isCrisped || isInOven(what));
  const ups = last.map(({ what, startMs, endMs }) =>
    what === 'fry' && firstUpS !== null ? startMs + 1000 * firstUpS : endMs,
  );
  return {
    batchId,
    name,
    eatMs,
    fault,
    folded,
    startMs: Math.min(...own.map(({ startMs }) => startMs)),
    upMs: cooked.length > 0 ? Math.max(...cooked.map(({ endMs }) => endMs)) : null,
    heldS: ups.length > 0 ? Math.max(0, (eatMs - Math.min(...ups)) / 1000) : 0,
  };
}

/** Whether pieces that were fried first wait longer for the table than they are good. @example isHeldLong({ heldS: 9000 }) // true */
export function isHeldLong({ heldS }: Pick<DayOfBatch, 'heldS'>): boolean {
  return heldS > LIMITS.fried.bestS;
}
