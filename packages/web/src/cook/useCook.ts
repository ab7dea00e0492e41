import {
  asCooked,
  type BatchDraft,
  type BatchPlan,
  type CookAct,
  type CookNow,
  cookNow,
  type CookState,
  cookState,
  type Kitchen,
  type PlanChange,
  planCold,
  type RunStep,
  timerCalls,
} from '@ember-fold/core';
import { useEffect, useMemo, useState } from 'react';
import { api } from '../data/api';
import { cookApi, withCookAct } from '../data/cookApi';
import type { CookTold } from '../data/live';
import { onAnswer, send, useOutgoing } from '../data/outbox';
import { serverNowMs } from '../data/serverClock';
import { selectKitchenFor } from '../data/selectKitchen';
import { store, useAppSelector } from '../data/store';
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

/** Acts of one run-sheet: acknowledged ones, then those on their way. */
function useActs(batchId: string) {
  const query = cookApi.useCookQuery(batchId);
  const outgoing = useOutgoing();
  const lane = `cook:${batchId}`;
  const [refusal, setRefusal] = useState<string | null>(null);
  useEffect(
    () =>
      onAnswer(lane, (_item, answer) => {
        if ('refusal' in answer) return setRefusal(answer.refusal);
        setRefusal(null);
        const stored = answer.data as { seq: number; act: CookAct };
        store.dispatch(cookApi.util.updateQueryData('cook', batchId, (now) => withCookAct(now, stored)));
      }),
    [lane, batchId],
  );
  const waiting = useMemo(() => outgoing.filter((item) => item.lane === lane), [outgoing, lane]);
  const acts = useMemo(() => {
    if (!query.data) return undefined;
    // The stream may tell an act before its own answer does: it is there once.
    const known = new Set(query.data.map((one) => one.act.id));
    const ours = waiting.map((item) => item.body as CookAct).filter((one) => !known.has(one.id));
    return [...query.data.map((one) => one.act), ...ours];
  }, [query.data, waiting]);
  const tell = (act: CookTold) => {
    const whole = { ...act, id: crypto.randomUUID(), atMs: Math.round(serverNowMs()) } as CookAct;
    void send({ id: whole.id, lane, method: 'POST', path: `/batches/${batchId}/cook/acts`, body: whole });
  };
  return { query, acts, tell, waiting: waiting.length, refusal };
}

/** One batch as it is being cooked. `cook` is `null` until batch, kitchen, acts and plan are there. */
export function useCook(batchId: string, me: string) {
  const batch = api.useBatchQuery(batchId, { refetchOnMountOrArgChange: true });
  const { query, acts, tell, waiting, refusal } = useActs(batchId);
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
    ...{ draft: session.draft, plan: session.after, sheet, state, nowMs, changes, waiting, refusal },
    ...{ now, tell: follow },
  };
  return { cook, problem, batch, query };
}
