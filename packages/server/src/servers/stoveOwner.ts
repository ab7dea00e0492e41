import type { Logger } from 'pino';
import { dropLeases, type Fence, takeLease } from './leaseTable.js';
import type { Gate } from '../db/gate.js';
import type { StoveHub } from '../devices/stoveHub.js';
import { SIMULATED_STOVE } from '../simulated/simulatedStoves.js';

/** A stove whose server is gone goes on elsewhere after this. */
const LEASE_MS = 3000;
const LOOK_MS = 700;

const stoveLease = (batchId: string): string => `stove:${batchId}`;

export interface StoveOwnerOptions {
  readonly gate: Gate;
  readonly stoves: StoveHub;
  readonly server: string;
  readonly log: Logger;
  /** The simulated stoves that burn here, each time they are others. */
  readonly own: (batchIds: readonly string[]) => void;
}

/** Which of several servers makes which simulated stove burn: each stove is one server's at a time. */
export class StoveOwner {
  private fences = new Map<string, Fence>();
  private readonly timer: NodeJS.Timeout;
  private isBusy = false;
  private isOver = false;

  constructor(private readonly given: StoveOwnerOptions) {
    this.timer = setInterval(() => void this.look(), LOOK_MS);
    given.stoves.fencing = { fenceOf: (batchId) => this.fences.get(batchId) ?? null, forMs: LEASE_MS };
  }

  async look(): Promise<void> {
    if (this.isBusy) return;
    this.isBusy = true;
    const { gate, stoves, server, log, own } = this.given;
    try {
      const held = new Map<string, Fence>();
      for (const batchId of stoves.withProbe(SIMULATED_STOVE)) {
        const fence = await takeLease(gate, stoveLease(batchId), server, LEASE_MS);
        if (fence) held.set(batchId, fence);
      }
      // One that was lost and won again meanwhile begins anew from what is recorded.
      const kept = [...held].filter(([id, { token }]) => (this.fences.get(id)?.token ?? token) === token);
      const isSame =
        held.size === this.fences.size && kept.every(([id]) => this.fences.has(id)) && kept.length === held.size;
      this.fences = held;
      if (isSame) return;
      own(kept.map(([id]) => id));
      if (kept.length < held.size) own([...held.keys()]);
    } catch (cause) {
      log.warn({ cause }, 'Which stoves burn here cannot be told just now.');
    } finally {
      this.isBusy = false;
    }
  }

  /** Takes and holds on to nothing more. */
  stop(): void {
    clearInterval(this.timer);
    this.isOver = true;
  }

  async close(): Promise<void> {
    if (this.isOver) return;
    this.stop();
    await dropLeases(this.given.gate, this.given.server).catch(() => undefined);
  }
}
