/**
 * The server's time, carried on by the page's monotonic clock: setting the device's clock moves
 * nothing. Told anew by every event of the live stream, so a page that slept is right again.
 */
let offsetMs = Date.now() - performance.now();
/** A moment told with less delay is the better one; more than this apart, something jumped. */
const JUMP_MS = 500;
let told = false;

export function noteServerTime(nowMs: number): void {
  const offset = nowMs - performance.now();
  if (!told || offset > offsetMs || offsetMs - offset > JUMP_MS) offsetMs = offset;
  told = true;
}

/** ms since the epoch, as the server counts. */
export function serverNowMs(): number {
  return performance.now() + offsetMs;
}
