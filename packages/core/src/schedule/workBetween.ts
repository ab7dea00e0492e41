import type { ChainStep } from './backwardChain.js';

/** One task of one of several batches. */
export interface BatchWork {
  readonly batchId: string;
  readonly step: ChainStep;
}

/**
 * What of several batches begins within a span of time, in the order in which it begins: the work
 * of a day. What goes on by itself is in it too, for somebody must start it.
 *
 * @param batches with the steps of their days
 * @param fromMs with this moment
 * @param toMs without this one
 * @example workBetween([{ id: 'a', steps: plan.serve.steps }], 0, 1).length // 0
 */
export function workBetween(
  batches: readonly { readonly id: string; readonly steps: readonly ChainStep[] }[],
  fromMs: number,
  toMs: number,
): BatchWork[] {
  return batches
    .flatMap(({ id, steps }) => steps.map((step) => ({ batchId: id, step })))
    .filter(({ step }) => step.startMs >= fromMs && step.startMs < toMs)
    .sort((a, b) => a.step.startMs - b.step.startMs);
}
