import {
  asCooked,
  batchAmounts,
  type BatchDraft,
  type BatchPlan,
  type CookNow,
  cookNow,
  type CookState,
  cookState,
  type Kitchen,
  type PlanChange,
  planCold,
  type RunStep,
  type StepAmount,
  timerCalls,
} from '@ember-fold/core';
import { useEffect, useMemo, useState } from 'react';
import { api } from '../data/api';
import type { CookTold } from '../data/live';
import { serverNowMs } from '../data/serverClock';
import { selectKitchenFor } from '../data/selectKitchen';
import { useAppSelector } from '../data/store';
import { storeApi } from '../data/storeApi';
import { useCookActs } from '../data/useCookActs';
import { startTimer, stopTimer, useTimers } from '../data/useTimers';
import { RUN_NAME } from '../text/cookText';
import { planHotOnce } from '../workers/planClient';

const TICK_MS = 1000;

/** The whole plan of a draft: the quick half here, fry and serve in the worker. */
function useWholePlan(draft: BatchDraft | null, kitchen: Kitchen | null) {
  const [known, setKnown] = useState<{ draft: BatchDraft; kitchen: Kitchen; plan: BatchPlan } | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  useEffect(() => {
    if (!draft || !kitchen) return;
    let gone = false;
    planHotOnce(draft, kitchen).then(
      (hot) => !gone && setKnown({ draft, kitchen, plan: { ...planCold(draft, kitchen), ...hot } }),
      (cause: unknown) => !gone && setProblem(cause instanceof Error ? cause.message : String(cause)),
    );
    return () => {
      gone = true;
    };
  }, [draft, kitchen]);
  return { plan: known?.plan ?? null, problem };
}

/** Everything the run-sheet shows. */
export interface Cook {
  /** As it was really cooked so far. */
  readonly draft: BatchDraft;
  readonly plan: BatchPlan;
  readonly sheet: readonly RunStep[];
  /** Everything the batch takes, in the order of weighing. */
  readonly amounts: readonly StepAmount[];
  readonly state: CookState;
  readonly now: CookNow;
  readonly nowMs: number;
  /** What measured figures have moved against the plan. */
  readonly changes: readonly PlanChange[];
  readonly tell: (act: CookTold) => void;
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
  const measured = state && [...state].map(([step, one]) => `${step} ${one.value}`).join();
  const draft = useMemo(
    () => (planned && kitchen && state ? asCooked(planned, state, kitchen) : null),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- only what was measured changes the draft
    [planned, kitchen, measured],
  );
  const before = useWholePlan(planned, kitchen);
  const after = useWholePlan(draft, kitchen);
  const session = useMemo(
    () =>
      planned && draft && before.plan && after.plan && kitchen
        ? { planned, draft, before: before.plan, after: after.plan, kitchen }
        : null,
    [planned, draft, before.plan, after.plan, kitchen],
  );
  const { data: stock } = storeApi.useStockQuery();
  const amounts = useMemo(
    () => (planned && kitchen ? batchAmounts(planned, stock ?? [], kitchen) : []),
    [planned, stock, kitchen],
  );
  const problem = before.problem ?? after.problem;
  if (!session || !state) return { cook: null, problem, batch, query };

  const now = cookNow(session, state, nowMs, me);

  const follow = (act: CookTold) => {
    const running = timers.filter((timer) => timer.batchId === batchId);
    const { start, stop } = timerCalls(now.sheet, state, act, running);
    tell(act);
    for (const step of start) {
      const name = `${RUN_NAME[step.id]}, ${session.draft.name}`;
      startTimer({ name, seconds: step.durationS, batchId, step: step.id });
    }
    running.filter((timer) => stop.includes(timer.id)).forEach(stopTimer);
  };
  const { sheet, changes } = now;
  const cook: Cook = {
    ...{ draft: session.draft, plan: session.after, sheet, amounts, state, nowMs, changes, waiting, refusal },
    ...{ now, tell: follow },
  };
  return { cook, problem, batch, query };
}
