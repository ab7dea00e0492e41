import type { LiveEvent, StoredAct, StoredReading } from '@ember-fold/core/stove';
import type { Gate } from '../db/gate.js';
import type { LiveHub } from '../live/liveHub.js';
import { listOpenStoves, readStove, type StoveRow } from '../stove/stoveTable.js';
import type { Fence } from '../servers/leaseTable.js';
import { SIMULATED_STOVE } from '../simulated/simulatedStoves.js';
import type { BatchReading } from '../stove/readingTable.js';
import { type FencedReading, ReadingWriter } from './readingWriter.js';

/** What a page that looks at the stove is told. Only committed readings and acts are sent. */
export type StoveEvent =
  | { readonly kind: 'readings'; readonly readings: readonly StoredReading[]; readonly nowS: number }
  | { readonly kind: 'act'; readonly stored: StoredAct }
  | { readonly kind: 'end' };

export interface Fencing {
  fenceOf(batchId: string): Fence | null;
  readonly forMs: number;
}

type Listener = (event: StoveEvent) => void;

/** Stove seconds since the session began. */
export function stoveNowS(row: Pick<StoveRow, 'startedAt' | 'speed'>, nowMs: number): number {
  return Math.max(0, ((nowMs - row.startedAt.getTime()) / 1000) * row.speed);
}

/** Readings of one stove are distinguished by their moment, in thousandths of a stove second. */
const PER_S = 1000;

/** A reading of a probe at a wall moment. */
export interface ProbeReading {
  readonly atMs: number;
  readonly probeC: number;
}

/** The stoves that are lit: takes their readings, and tells the pages what is committed. */
export class StoveHub {
  private readonly open = new Map<string, StoveRow>();
  private readonly listeners = new Map<string, Set<Listener>>();
  private readonly writer: ReadingWriter;

  /** Where there are other servers: what a simulated probe says counts only from the server that has its stove. */
  fencing: Fencing | null = null;

  constructor(
    private readonly gate: Gate,
    private readonly clockMs: () => number,
    private readonly live: LiveHub,
  ) {
    this.writer = new ReadingWriter(gate);
  }

  /** Takes up every session that was open when the server stopped. */
  async resumeAll(gate: Gate): Promise<void> {
    for (const row of await listOpenStoves(gate)) this.lit(row);
  }

  /** Takes in what another server told, for those who listen to one stove here. */
  async hear(event: LiveEvent): Promise<void> {
    if (event.kind === 'stove' && event.lit) {
      const row = await readStove(this.gate, event.batchId);
      if (row && row.endedAt === null) this.lit(row);
    } else if (event.kind === 'stove') this.end(event.batchId);
    else if (event.kind === 'act' || event.kind === 'readings')
      this.listeners.get(event.batchId)?.forEach((listener) => listener(event));
  }

  /** Batches that fry with this probe. */
  withProbe(probe: string): string[] {
    return [...this.open.values()].filter((row) => row.probe === probe).map(({ batchId }) => batchId);
  }

  lit(row: StoveRow): void {
    this.open.set(row.batchId, row);
  }

  out(batchId: string): void {
    this.end(batchId);
  }

  private end(batchId: string): void {
    this.open.delete(batchId);
    this.tell(batchId, { kind: 'end' });
  }

  /** The stove a probe stands in: the one it names, else the newest that was lit with it. */
  stoveOf(probe: string, batchId: string | null): StoveRow | null {
    if (batchId !== null) {
      const row = this.open.get(batchId);
      return row && row.probe === probe ? row : null;
    }
    return [...this.open.values()].filter((row) => row.probe === probe).pop() ?? null;
  }

  /**
   * Commits readings, then tells those that are new, late ones too. One that is here already
   * keeps its place and counts once.
   * @returns how many were new
   */
  async take(of: readonly { readonly row: StoveRow; readonly reading: ProbeReading }[]): Promise<number> {
    const readings = of.map(({ row, reading }): BatchReading => {
      const atS = stoveNowS(row, reading.atMs);
      return { batchId: row.batchId, seq: Math.max(1, Math.round(atS * PER_S)), atS, probeC: reading.probeC };
    });
    const made = await this.writer.write(this.fenced(of, readings));
    const rows = new Map(of.map(({ row }) => [row.batchId, row]));
    for (const [batchId, row] of rows) {
      const own = made.filter((one) => one.batchId === batchId).sort((a, b) => a.seq - b.seq);
      if (own.length === 0) continue;
      this.tell(batchId, {
        kind: 'readings',
        readings: own.map(({ seq, atS, probeC }) => ({ seq, atS, probeC })),
        nowS: stoveNowS(row, this.clockMs()),
      });
    }
    return made.length;
  }

  private fenced(
    of: readonly { readonly row: StoveRow }[],
    readings: readonly BatchReading[],
  ): readonly FencedReading[] {
    return readings.flatMap((reading, i): FencedReading[] => {
      if (!this.fencing || of[i]!.row.probe !== SIMULATED_STOVE) return [reading];
      const fence = this.fencing.fenceOf(reading.batchId);
      return fence ? [{ ...reading, fence, forMs: this.fencing.forMs }] : [];
    });
  }

  /** An act that has been committed. */
  apply(batchId: string, stored: StoredAct): void {
    this.tell(batchId, { kind: 'act', stored });
  }

  subscribe(batchId: string, listener: Listener): () => void {
    const set = this.listeners.get(batchId) ?? new Set();
    set.add(listener);
    this.listeners.set(batchId, set);
    return () => {
      set.delete(listener);
      if (set.size === 0) this.listeners.delete(batchId);
    };
  }

  private tell(batchId: string, event: StoveEvent): void {
    if (event.kind !== 'end') this.live.tell({ ...event, batchId });
    this.listeners.get(batchId)?.forEach((listener) => listener(event));
  }
}
