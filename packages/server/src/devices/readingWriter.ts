import type { Gate } from '../db/gate.js';
import { type Fence, holdLease } from '../servers/leaseTable.js';
import { type BatchReading, insertReadings } from '../stove/readingTable.js';

/** A reading that counts only while the fence stands. */
export type FencedReading = BatchReading & { readonly fence?: Fence; readonly forMs?: number };

interface Waiting {
  readonly readings: readonly FencedReading[];
  readonly resolve: (made: readonly FencedReading[]) => void;
  readonly reject: (cause: unknown) => void;
}

/**
 * Commits readings of many probes together: while one statement is on its way the next collects,
 * so that a commit costs the same for one probe as for twenty. Who asked is told once it is
 * committed, or why it is not.
 */
export class ReadingWriter {
  private waiting: Waiting[] = [];
  private writing = false;

  constructor(private readonly gate: Gate) {}

  /** @returns those of them that were new */
  write(readings: readonly FencedReading[]): Promise<readonly FencedReading[]> {
    if (readings.length === 0) return Promise.resolve([]);
    return new Promise((resolve, reject) => {
      this.waiting.push({ readings, resolve, reject });
      if (!this.writing) void this.drain();
    });
  }

  /** In one transaction with the fences, where there are any: what comes from behind a fallen one is left out. */
  private async insert(readings: readonly FencedReading[]): Promise<readonly BatchReading[]> {
    const fences = new Map(readings.flatMap(({ fence, forMs = 0 }) => (fence ? [[fence.name, { fence, forMs }]] : [])));
    if (fences.size === 0) return await insertReadings(this.gate, readings);
    return await this.gate.transaction(async (q) => {
      const fallen = new Set<string>();
      for (const [name, { fence, forMs }] of fences) if (!(await holdLease(q, fence, forMs))) fallen.add(name);
      return await insertReadings(
        q,
        readings.filter(({ fence }) => !fence || !fallen.has(fence.name)),
      );
    });
  }

  private async drain(): Promise<void> {
    this.writing = true;
    try {
      while (this.waiting.length > 0) {
        const now = this.waiting;
        this.waiting = [];
        try {
          const made = new Set<BatchReading>(await this.insert(now.flatMap((one) => one.readings)));
          now.forEach((one) => one.resolve(one.readings.filter((reading) => made.has(reading))));
        } catch (cause) {
          now.forEach((one) => one.reject(cause));
        }
      }
    } finally {
      this.writing = false;
    }
  }
}
