import { batchAmounts, type StepAmount } from '@ember-fold/core/ledger';
import {
  asCooked,
  type BatchDraft,
  type Kitchen,
  type PlanChange,
  type PlannedTray,
  type RunStep,
  USUAL_BAKE,
} from '@ember-fold/core/plan';
import {
  type CookNow,
  cookNow,
  type CookState,
  cookState,
  measuredOf,
  type StepKey,
  stepState,
  timerCalls,
} from '@ember-fold/core/stove';
import { skipToken } from '@reduxjs/toolkit/query/react';
import { useEffect, useMemo, useState } from 'react';
import { api } from '../data/api/api';
import type { NewCookAct } from '../data/live/live';
import { serverNowMs } from '../data/live/serverClock';
import { selectKitchenFor } from '../data/draft/selectKitchen';
import { useAppSelector } from '../data/draft/store';
import { storeApi } from '../data/api/storeApi';
import { useCookActs } from '../data/live/useCookActs';
import { startTimer, stopTimer, useTimers } from '../data/live/useTimers';
import { stepName } from '#text/cook/runNames';
import { noteBake } from '../data/draft/noteBake';
import { planOnce } from '../workers/planClient';

const TICK_MS = 1000;

/** Every tray of a batch with its plan, from the worker. */
function useWholePlan(batch: BatchDraft | null, kitchen: Kitchen | null) {
  const [trays, setTrays] = useState<readonly PlannedTray[] | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  useEffect(() => {
    if (!batch || !kitchen) return;
    let gone = false;
    planOnce(batch, kitchen, null).then(
      (found) => !gone && setTrays(found),
      (cause: unknown) => !gone && setProblem(cause instanceof Error ? cause.message : String(cause)),
    );
    return () => {
      gone = true;
    };
  }, [batch, kitchen]);
  return { trays, problem };
}

/** A bake that is over tells what this oven is like, where the cook noted when it was golden. */
function learnOven(step: StepKey, state: CookState, trays: readonly PlannedTray[], kitchen: Kitchen | null): void {
  const goldenS = measuredOf(state, step, 'golden-s');
  const baked = trays.find(({ plan }) => plan.bake !== null);
  if (goldenS === null || !baked || !kitchen || stepState(state, step).state !== 'open') return;
  void noteBake(baked.draft, kitchen, (baked.draft.bake ?? USUAL_BAKE).ovenC, goldenS);
}

/** Everything the run-sheet shows. */
export interface Cook {
  readonly name: string;
  readonly eatAt: string;
  /** As they were really cooked so far. */
  readonly trays: readonly PlannedTray[];
  readonly sheet: readonly RunStep[];
  /** Everything the batch takes, in the order of weighing. */
  readonly amounts: readonly StepAmount[];
  readonly state: CookState;
  readonly now: CookNow;
  readonly nowMs: number;
  /** What measured figures have moved against the plan. */
  readonly changes: readonly PlanChange[];
  readonly tell: (act: NewCookAct) => void;
  /** Acts the server has not acknowledged yet. */
  readonly waiting: number;
  readonly refusal: string | null;
}

/** One batch as it is being cooked. `cook` is `null` until batch, kitchen, acts and plan are there. */
export function useCook(batchId: string, me: string) {
  const batch = api.useBatchQuery(batchId, { refetchOnMountOrArgChange: true });
  const { query, acts, tell, waiting, refusal } = useCookActs(batchId);
  const timers = useTimers();
  const [nowMs, setNowMs] = useState(serverNowMs);
  useEffect(() => {
    const timer = setInterval(() => setNowMs(serverNowMs()), TICK_MS);
    return () => clearInterval(timer);
  }, []);
  const planned = batch.data?.draft ?? null;
  const kitchen = useAppSelector((root) => selectKitchenFor(root, planned));
  const state = useMemo(() => acts && cookState(acts), [acts]);
  const measured = state && [...state].map(([step, one]) => `${step} ${JSON.stringify(one.measured)}`).join();
  const draft = useMemo(
    () => (planned && kitchen && state ? asCooked(planned, state, kitchen) : null),
    // oxlint-disable-next-line react/exhaustive-deps -- only what was measured changes the draft
    [planned, kitchen, measured],
  );
  const before = useWholePlan(planned, kitchen);
  const after = useWholePlan(draft, kitchen);
  // In a supper each step has the moment that its day plan gives it.
  const dayPlan = api.useDayPlanQuery(planned?.supper ?? skipToken).data?.dayPlan ?? null;
  const session = useMemo(
    () =>
      before.trays && after.trays
        ? { before: before.trays, after: after.trays, ...(dayPlan && { dayPlan: { batchId, of: dayPlan } }) }
        : null,
    [before.trays, after.trays, dayPlan, batchId],
  );
  const { data: stock } = storeApi.useStockQuery();
  const amounts = useMemo(
    () => (planned && kitchen ? batchAmounts(planned, stock ?? [], kitchen) : []),
    [planned, stock, kitchen],
  );
  const problem = before.problem ?? after.problem;
  if (!session || !state || !planned) return { cook: null, problem, batch, query };

  const now = cookNow(session, state, nowMs, me);

  const follow = (act: NewCookAct) => {
    const running = timers.filter((timer) => timer.batchId === batchId);
    const { start, stop } = timerCalls(now.sheet, state, act, running);
    tell(act);
    for (const step of start) {
      const name = `${stepName(step, session.after)}, ${planned.name}`;
      startTimer({ name, seconds: step.durationS, batchId, step: step.id });
    }
    running.filter((timer) => stop.includes(timer.id)).forEach(stopTimer);
    if (act.kind === 'done') learnOven(act.step, state, session.before, kitchen);
  };
  const { sheet, changes } = now;
  const cook: Cook = {
    name: planned.name,
    eatAt: planned.eatAt,
    trays: session.after,
    sheet,
    amounts,
    state,
    nowMs,
    changes,
    waiting,
    refusal,
    now,
    tell: follow,
  };
  return { cook, problem, batch, query };
}
