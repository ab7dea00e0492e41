import { SharedValue, useShared } from '../sharedValue';

/** Whether the server answered last; known from every request and stream, and by the browser. */
const reachable = new SharedValue(true);

export function serverAnswered(answered: boolean): void {
  reachable.set(answered);
}

export function useOnline(): boolean {
  return useShared(reachable);
}
