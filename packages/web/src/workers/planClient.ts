import type { BatchDraft, HotPlan, Kitchen, PiecePrediction } from '@ember-fold/core';
import { type Remote, wrap } from 'comlink';
import type { PlanWorker, PredictAsk } from './plan.worker';

let remote: Remote<PlanWorker> | null = null;

function plans(): Remote<PlanWorker> {
  remote ??= wrap<PlanWorker>(new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' }));
  return remote;
}

/**
 * Runs one ask at a time; a newer one replaces the one that waits, and only the newest
 * answer counts. `null`: a newer ask has taken over.
 */
function latestOnly<A extends unknown[], R>(run: (...args: A) => Promise<R>): (...args: A) => Promise<R | null> {
  let busy = false;
  let waiting: { args: A; resolve: (r: R | null) => void; reject: (cause: unknown) => void } | null = null;
  const next = async (): Promise<void> => {
    if (busy || !waiting) return;
    const { args, resolve, reject } = waiting;
    waiting = null;
    busy = true;
    try {
      const result = await run(...args);
      resolve(waiting ? null : result);
    } catch (cause) {
      reject(cause);
    } finally {
      busy = false;
      void next();
    }
  };
  return (...args) =>
    new Promise((resolve, reject) => {
      waiting?.resolve(null);
      waiting = { args, resolve, reject };
      void next();
    });
}

export const planHotLatest = latestOnly((draft: BatchDraft, kitchen: Kitchen, nowMs: number): Promise<HotPlan> =>
  plans().hot(draft, kitchen, nowMs),
);
export const predictLatest = latestOnly((ask: PredictAsk): Promise<PiecePrediction[]> => plans().predict(ask));
/** Fry and serve of a plan that does not change any more: the stove's. */
export function planHotOnce(draft: BatchDraft, kitchen: Kitchen): Promise<HotPlan> {
  return plans().hot(draft, kitchen, null);
}
