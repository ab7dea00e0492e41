/** A lag below this may be the network's; above it, it is the device's clock, ms. Our own. */
const BEHIND_MS = 60_000;
/**
 * The least lag is kept over the current and the previous stretch of this length, ms. It must be longer than a usual
 * network outage, or readings stored during one would look like a slow clock; and short enough that a clock which
 * is put right is believed again within the hour.
 */
const HALF_MS = 30 * 60_000;

interface Seen {
  sinceMs: number;
  /** The least lag in this stretch, and in the one before, ms. */
  least: number;
  before: number;
}

/**
 * Estimates how far each device's clock is behind the server's. Each arrival gives a lag: the time of arrival less
 * the time on the newest reading, which is the clock's error plus the network's delay. A delay is never negative,
 * so the smallest lag seen is the best estimate of the error.
 */
export class DeviceLag {
  private readonly seen = new Map<string, Seen>();

  /**
   * Notes what has just arrived.
   * @param newestMs when the newest reading is dated, by the device's clock
   * @returns what to add to its readings' times, ms; 0: its clock is right
   */
  note(device: string, newestMs: number, nowMs: number): number {
    const lag = nowMs - newestMs;
    const one = this.seen.get(device) ?? { sinceMs: nowMs, least: Infinity, before: Infinity };
    if (nowMs - one.sinceMs > HALF_MS) {
      one.before = nowMs - one.sinceMs > 2 * HALF_MS ? Infinity : one.least;
      one.least = Infinity;
      one.sinceMs = nowMs;
    }
    one.least = Math.min(one.least, lag);
    this.seen.set(device, one);
    return this.behindMs(device);
  }

  /** How far a device's clock is known to be behind, ms; 0: it is not, or nothing came from it yet. */
  behindMs(device: string): number {
    const one = this.seen.get(device);
    const least = one ? Math.min(one.least, one.before) : 0;
    return least > BEHIND_MS && Number.isFinite(least) ? least : 0;
  }

  forget(device: string): void {
    this.seen.delete(device);
  }
}
