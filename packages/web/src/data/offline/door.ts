import { SharedValue, useShared } from '../sharedValue';
import { dropAnswers } from './keptAnswers';

/** Whether the server knows this device; known from every answer. */
const isOut = new SharedValue(false);

export function setShutOut(out: boolean): void {
  if (isOut.get() === out) return;
  // A device that was forgotten shows nothing of the kitchen; what waits to be sent stays.
  if (out) void dropAnswers();
  isOut.set(out);
}

/** Asks whether this device is still let in: a stream that was closed does not say why. */
export async function knock(): Promise<void> {
  const answer = await Promise.resolve()
    .then(() => fetch('/api/health'))
    .catch(() => null);
  if (answer?.status === 401) setShutOut(true);
}

export function useIsOut(): boolean {
  return useShared(isOut);
}
