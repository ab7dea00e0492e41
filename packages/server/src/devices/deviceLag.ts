/** A device's clock runs behind when its newest readings are never younger than this as they arrive, ms. Our own. */
const BEHIND_MS = 60_000;
/**
 * What is remembered of a lag, ms, in two halves: long enough that what a device had stored while the network
 * was away is not taken for a slow clock, short enough that a clock which is set is believed again.
 */
const HALF_MS = 30 * 60_000;

interface Seen {
  sinceMs: number;
  /** The least lag of this half, and of the one before, ms. */
  least: number;
  before: number;
}

/**
 * How far each device's clock runs behind the server's: the least time between when its newest reading is
 * dated and when it arrives. A network can only delay, so the least of many is the clock's share.
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
