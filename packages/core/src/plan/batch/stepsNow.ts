import { type CookState, type StepKey, stepState } from '../../cook/cookAct.js';
import type { RunStep } from './runSteps.js';

/** A step that goes on by itself. */
interface Background {
  readonly step: RunStep;
  /** When its time is over, ms. */
  readonly readyMs: number;
}

/** What the cook sees now. */
export interface StepsNow {
  /** The one large step; `null` when all is done. */
  readonly current: RunStep | null;
  /** Nothing hands-on: the current step only waits. */
  readonly waits: boolean;
  readonly background: readonly Background[];
  readonly next: readonly RunStep[];
  /** Steps that another cook has taken. */
  readonly taken: readonly RunStep[];
  /** When it would be on the table if all goes on from now as planned, ms. */
  readonly tableMs: number;
}

const isOver = (state: CookState, id: StepKey): boolean => stepState(state, id).state !== 'open';

/** When a step that has begun by itself is over, ms; `null`: it has not begun. */
function readyMs(step: RunStep, steps: readonly RunStep[], state: CookState): number | null {
  let from = -Infinity;
  for (const id of step.after) {
    if (!steps.some((one) => one.id === id)) continue;
    const { atMs } = stepState(state, id);
    if (atMs === null) return null;
    from = Math.max(from, atMs);
  }
  return Number.isFinite(from) ? from + 1000 * step.durationS : null;
}

/** Not before: the step's own wait for what goes before it. */
function isReady(step: RunStep, steps: readonly RunStep[], state: CookState, nowMs: number): boolean {
  return step.after.every((id) => {
    const before = steps.find((one) => one.id === id);
    if (!before || isOver(state, id)) return true;
    if (before.kind !== 'passive') return false;
    const ready = readyMs(before, steps, state);
    return ready !== null && ready <= nowMs;
  });
}

/**
 * What is done now, what goes on by itself, what comes next, and when it will be on the table.
 * @param me of several cooks; steps another took are not this one's
 */
export function stepsNow(steps: readonly RunStep[], state: CookState, nowMs: number, me = ''): StepsNow {
  const open = steps.filter((step) => !isOver(state, step.id));
  const isMine = (step: RunStep) => {
    const { who } = stepState(state, step.id);
    return who === '' || who === me;
  };
  const background = open.flatMap((step): Background[] => {
    const ready = step.kind === 'passive' ? readyMs(step, steps, state) : null;
    return ready === null ? [] : [{ step, readyMs: ready }];
  });
  const hands = open.filter((step) => step.kind !== 'passive' && isMine(step));
  const ready = hands.find((step) => isReady(step, steps, state, nowMs));
  // With nothing to do, the wait that ends first is what is looked at.
  const wait = [...background].sort((a, b) => a.readyMs - b.readyMs)[0]?.step ?? null;
  const current = ready ?? wait;
  return {
    current,
    waits: ready === undefined && current !== null,
    background: background.filter((one) => one.step.id !== current?.id),
    next: open.filter((step) => step.id !== current?.id && !background.some((one) => one.step.id === step.id)),
    taken: open.filter((step) => !isMine(step)),
    tableMs: tableAt(steps, state, nowMs),
  };
}

/** From now on: one pair of hands goes through what is open, each step after what it waits for. */
function tableAt(steps: readonly RunStep[], state: CookState, nowMs: number): number {
  const endMs = new Map<StepKey, number>();
  let handsMs = nowMs;
  let last = nowMs;
  for (const step of steps) {
    const { state: is, atMs } = stepState(state, step.id);
    if (is !== 'open') {
      endMs.set(step.id, atMs ?? nowMs);
      continue;
    }
    const from = step.after.reduce((most, id) => Math.max(most, endMs.get(id) ?? -Infinity), -Infinity);
    if (step.kind === 'passive') {
      endMs.set(step.id, (Number.isFinite(from) ? from : nowMs) + 1000 * step.durationS);
    } else {
      handsMs = Math.max(handsMs, Number.isFinite(from) ? from : handsMs) + 1000 * step.durationS;
      endMs.set(step.id, handsMs);
    }
    last = Math.max(last, endMs.get(step.id)!);
  }
  return last;
}
