import { type CookAct, type CookState, type StepKey, stepState } from '../../cook/cookAct.js';
import { type PlanChange, planChanges } from '../batch/asCooked.js';
import type { PlannedTray } from '../batch/planBatch.js';
import { runSheet } from '../batch/runSheet.js';
import { type RunStep } from '../batch/runSteps.js';
import { sheetInDay } from './sheetInDay.js';
import { type StepsNow, stepsNow } from '../batch/stepsNow.js';
import type { DayPlan } from './supperDay.js';

/** One batch beside the board: what was planned, and the same as it was really cooked so far. */
export interface CookSession {
  readonly before: readonly PlannedTray[];
  /** The plan of what `asCooked` says. */
  readonly after: readonly PlannedTray[];
  /** The day plan of its supper, which says when each step is done; absent: it is for none. */
  readonly dayPlan?: { readonly batchId: string; readonly of: DayPlan };
}

const OF_THE_DOUGH: readonly PlanChange['what'][] = ['stiffness', 'rise', 'dough-left'];

/** Everything the run-sheet shows. */
export interface CookNow extends StepsNow {
  readonly sheet: readonly RunStep[];
  /** What measured figures have moved against the plan. */
  readonly changes: readonly PlanChange[];
}

/**
 * Everything the run-sheet shows, from what was planned and recorded.
 * @param me of several cooks; an empty name is nobody in particular
 * @example cookNow({ before: trays, after: trays }, cook, 0, '').current.id // 'weigh-filling'
 */
export function cookNow(session: CookSession, state: CookState, nowMs: number, me: string): CookNow {
  const { before, after, dayPlan } = session;
  // What was expected of a measure stays what was planned.
  const wanted = new Map(runSheet(before).map((step) => [step.id, step.measures]));
  const alone = runSheet(after);
  const timed = dayPlan ? sheetInDay(alone, dayPlan.of, dayPlan.batchId) : alone;
  const sheet = timed.map((step) => ({ ...step, measures: wanted.get(step.id) ?? step.measures }));
  const changes = after.flatMap((tray, i) => {
    const was = before.find(({ draft }) => draft.mark === tray.draft.mark);
    const of = after.length > 1 && tray.draft.mark !== undefined ? { mark: tray.draft.mark } : {};
    return (was ? planChanges(was.plan, tray.plan) : []).flatMap((change) => {
      // The dough is one for all trays: a change in it is listed once.
      if (OF_THE_DOUGH.includes(change.what)) return i === 0 ? [change] : [];
      return [{ ...change, ...of }];
    });
  });
  const now = stepsNow(sheet, state, nowMs, me);
  const own = dayPlan?.of.batches.find(({ batchId }) => batchId === dayPlan.batchId);
  const tableMs = dayPlan && own ? own.eatMs + 1000 * dayPlan.of.lateS : now.tableMs;
  return { ...now, tableMs, sheet, changes };
}

/** Timers an act begins, by their steps, and ends, by their ids. */
export interface TimerCalls {
  readonly start: readonly RunStep[];
  readonly stop: readonly string[];
}

/**
 * Which waits begin with an act, because all that they wait for is over; and which end, because
 * they are over themselves, or what they wait for was opened again.
 *
 * @param state before the act
 * @param running timers of this batch that run or burner
 * @example timerCalls(sheet, cook, { kind: 'done', step: 'weigh-filling' }, []).stop // []
 */
export function timerCalls(
  sheet: readonly RunStep[],
  state: CookState,
  act: Pick<CookAct, 'kind' | 'step'>,
  running: readonly { readonly id: string; readonly step: StepKey | null }[],
): TimerCalls {
  if (act.kind !== 'done' && act.kind !== 'skip' && act.kind !== 'back') return { start: [], stop: [] };
  const over = act.kind !== 'back';
  const isOver = (id: StepKey) => (id === act.step ? over : stepState(state, id).state !== 'open');
  const passive = sheet.filter((step) => step.kind === 'passive');
  const timersOf = (step: RunStep) => running.filter((timer) => timer.step === step.id);
  const start = passive.filter(
    (step) =>
      over &&
      step.id !== act.step &&
      step.after.includes(act.step) &&
      step.after.every(isOver) &&
      !isOver(step.id) &&
      timersOf(step).length === 0,
  );
  const ended = passive.filter((step) => (step.id === act.step && over) || (step.after.includes(act.step) && !over));
  return { start, stop: ended.flatMap((step) => timersOf(step).map((timer) => timer.id)) };
}
