/**
 * The server's time, carried on by the page's monotonic clock: setting the device's clock moves
 * nothing. Told anew by every event of the live stream, so a page that slept is right again.
 */
let offsetMs = Date.now() - performance.now();
/**
 * A moment told with less delay is the better one. One that lies this far back was held up on its
 * way, or the server's clock was set back: only a second one like it says which.
 */
const JUMP_MS = 500;
let told = false;
let farBack: number | null = null;

export function noteServerTime(nowMs: number): void {
  const offset = nowMs - performance.now();
  const before = farBack;
  farBack = null;
  if (!told || offset > offsetMs) offsetMs = offset;
  else if (offsetMs - offset > JUMP_MS) {
    if (before === null) farBack = offset;
    else offsetMs = Math.max(before, offset);
  }
  told = true;
}

/** ms since the epoch, as the server counts. */
export function serverNowMs(): number {
  return performance.now() + offsetMs;
}
