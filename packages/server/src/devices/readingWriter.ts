import type { Gate } from '../db/gate.js';
import { type BatchReading, insertReadings } from '../db/readingTable.js';

interface Waiting {
  readonly readings: readonly BatchReading[];
  readonly resolve: (made: readonly BatchReading[]) => void;
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
  write(readings: readonly BatchReading[]): Promise<readonly BatchReading[]> {
    if (readings.length === 0) return Promise.resolve([]);
    return new Promise((resolve, reject) => {
      this.waiting.push({ readings, resolve, reject });
      if (!this.writing) void this.drain();
    });
  }

  private async drain(): Promise<void> {
    this.writing = true;
    try {
      while (this.waiting.length > 0) {
        const now = this.waiting;
        this.waiting = [];
        try {
          const made = new Set(
            await insertReadings(
              this.gate,
              now.flatMap((one) => one.readings),
            ),
          );
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
