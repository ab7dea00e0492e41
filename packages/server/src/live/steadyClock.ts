import { performance } from 'node:perf_hooks';

/**
 * Wall time that does not jump: taken once, then carried on by the monotonic clock, so that
 * setting the machine's clock moves no timer and no stove. A restart takes the wall time anew.
 */
export function steadyClock(wallMs = Date.now(), steadyMs: () => number = () => performance.now()): () => number {
  const from = steadyMs();
  return () => Math.round(wallMs + steadyMs() - from);
}
