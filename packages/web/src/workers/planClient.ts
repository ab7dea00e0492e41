import type { BatchDraft, HotPlan, Kitchen, PiecePrediction } from '@ember-fold/core';
import { type Remote, wrap } from 'comlink';
import { latestOnly } from './latestOnly';
import type { PlanWorker, PredictAsk } from './plan.worker';

let remote: Remote<PlanWorker> | null = null;

function plans(): Remote<PlanWorker> {
  remote ??= wrap<PlanWorker>(new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' }));
  return remote;
}

export const planHotLatest = latestOnly((draft: BatchDraft, kitchen: Kitchen, nowMs: number): Promise<HotPlan> =>
  plans().hot(draft, kitchen, nowMs),
);
export const predictLatest = latestOnly((ask: PredictAsk): Promise<PiecePrediction[]> => plans().predict(ask));
/** Fry and serve of a plan that does not change any more: the stove's. */
export function planHotOnce(draft: BatchDraft, kitchen: Kitchen): Promise<HotPlan> {
  return plans().hot(draft, kitchen, null);
}
