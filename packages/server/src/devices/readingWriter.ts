import type { Gate } from '../db/gate.js';
import { insertReadings, type StoredReading } from '../db/readingTable.js';

/** One reading and whose it is. */
export interface BatchReading extends StoredReading {
  readonly batchId: string;
}

interface Waiting {
  readonly readings: readonly BatchReading[];
  readonly resolve: () => void;
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

  write(readings: readonly BatchReading[]): Promise<void> {
    if (readings.length === 0) return Promise.resolve();
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
          await insertReadings(
            this.gate,
            now.flatMap((one) => one.readings),
          );
          now.forEach((one) => one.resolve());
        } catch (cause) {
          now.forEach((one) => one.reject(cause));
        }
      }
    } finally {
      this.writing = false;
    }
  }
}
