import { setImmediate } from 'node:timers/promises';

/** Long work goes on no longer than this before others have their turn, ms. */
const WORK_MS = 8;

/**
 * For long work of many small parts: called between two parts, it lets whatever else waits go first
 * once this has worked for a while.
 */
export function takeTurns(): () => Promise<void> {
  let sinceMs = performance.now();
  return async () => {
    if (performance.now() - sinceMs < WORK_MS) return;
    await setImmediate();
    sinceMs = performance.now();
  };
}
