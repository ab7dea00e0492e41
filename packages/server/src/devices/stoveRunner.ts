import {
  createStove,
  fireState,
  type FireAct,
  planBatch,
  readProbe,
  replayFry,
  restoreIntoStove,
  type SimulatedStove,
  stepStove,
  stovePieceSpec,
} from '@ember-fold/core';
import type { Logger } from 'pino';
import type { StoredAct } from '../db/actTable.js';
import { listActs } from '../db/actTable.js';
import type { Gate } from '../db/gate.js';
import { insertReadings, listReadings, type StoredReading } from '../db/readingTable.js';
import { listOpenStoves, type StoveRow } from '../db/stoveTable.js';

/** What a page that looks at the stove is told. Only committed readings and acts are sent. */
export type StoveEvent =
  | { readonly kind: 'readings'; readonly readings: readonly StoredReading[]; readonly nowS: number }
  | { readonly kind: 'act'; readonly stored: StoredAct }
  | { readonly kind: 'end' };

type Listener = (event: StoveEvent) => void;

interface Running {
  readonly row: StoveRow;
  readonly stove: SimulatedStove;
  readonly acts: FireAct[];
  readonly readings: StoredReading[];
  /** Taken but not yet committed; kept until the database has them. */
  pending: StoredReading[];
  /** Turns each piece in the simulated pot has had. */
  readonly turns: Map<number, number>;
  saving: boolean;
}

const TICK_MS = 250;
/** A stove that was left for longer is only run on for this long, stove s. */
const MOST_CATCH_UP_S = 4 * 3600;

/** Stove seconds since the session began. */
export function stoveNowS(row: StoveRow, nowMs: number): number {
  return Math.max(0, ((nowMs - row.startedAt.getTime()) / 1000) * row.speed);
}

/**
 * Runs the simulated stoves of all batches at the stove: moves them on in (sped-up) time,
 * reads their probes, commits the readings and tells the pages.
 */
export class StoveRunner {
  private readonly running = new Map<string, Running>();
  private readonly listeners = new Map<string, Set<Listener>>();
  private readonly timer: NodeJS.Timeout;

  constructor(
    private readonly gate: Gate,
    private readonly log: Logger,
    private readonly clockMs: () => number = Date.now,
  ) {
    this.timer = setInterval(() => this.tick(), TICK_MS);
  }

  /** Takes up every session that was open when the server stopped. */
  async resumeAll(): Promise<void> {
    for (const row of await listOpenStoves(this.gate)) await this.start(row);
  }

  /** Starts or resumes one stove from what is recorded of it. */
  async start(row: StoveRow): Promise<void> {
    if (this.running.has(row.batchId)) return;
    const plan = planBatch(row.draft, row.kitchen, null);
    if (!plan.fry) return;
    const stove = createStove(row.kitchen.pot, row.kitchen.roomC, plan.fry.body, plan.fry.bulk, row.seed);
    const readings = await listReadings(this.gate, row.batchId);
    const acts = (await listActs(this.gate, row.batchId)).map((stored) => stored.act);
    const running: Running = { row, stove, acts, readings, pending: [], turns: new Map(), saving: false };
    const last = readings[readings.length - 1];
    if (last) {
      stove.timeS = last.atS;
      stove.state = { oilC: last.probeC, probeC: last.probeC };
    }
    this.settle(running);
    // The oil did not wait while the server was away; nobody read the probe meanwhile.
    const missedS = Math.min(MOST_CATCH_UP_S, stoveNowS(row, this.clockMs()) - stove.timeS);
    if (missedS > 0) stepStove(stove, missedS);
    stove.timeS = Math.max(stove.timeS, stoveNowS(row, this.clockMs()));
    this.running.set(row.batchId, running);
  }

  /** An act that has been committed: the stove follows, the pages are told. */
  apply(batchId: string, stored: StoredAct): void {
    const running = this.running.get(batchId);
    if (running) {
      running.acts.push(stored.act);
      this.settle(running);
    }
    this.tell(batchId, { kind: 'act', stored });
  }

  /** Stops a stove; what it has not yet committed is written first. */
  async stop(batchId: string): Promise<void> {
    const running = this.running.get(batchId);
    this.running.delete(batchId);
    if (running && running.pending.length > 0) await insertReadings(this.gate, batchId, running.pending);
    this.tell(batchId, { kind: 'end' });
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

  close(): void {
    clearInterval(this.timer);
    this.running.clear();
  }

  private tell(batchId: string, event: StoveEvent): void {
    this.listeners.get(batchId)?.forEach((listener) => listener(event));
  }

  /** Makes the simulated pot hold exactly what the acts say, piece by piece. */
  private settle(running: Running): void {
    const { stove, turns } = running;
    const state = fireState(running.acts, running.row.draft.pieces);
    stove.setting = Math.min(state.burner, stove.pot.settings);
    const inPot = new Map(state.inPot.map((piece) => [piece.number, piece]));
    for (const number of [...stove.inPot.keys()]) {
      if (!inPot.has(number)) {
        stove.inPot.delete(number);
        turns.delete(number);
      }
    }
    for (const [number, piece] of inPot) {
      if (stove.inPot.has(number) && turns.get(number) === piece.turnsS.length) continue;
      const spec = stovePieceSpec(stove, number);
      const body = replayFry(spec, [...running.readings, ...running.pending], piece, stove.timeS, stove.state.oilC);
      restoreIntoStove(stove, number, body);
      turns.set(number, piece.turnsS.length);
    }
  }

  private tick(): void {
    for (const [batchId, running] of this.running) {
      try {
        this.advance(running);
      } catch (cause) {
        this.log.error({ cause, batchId }, 'simulated stove failed');
        this.running.delete(batchId);
        continue;
      }
      if (running.pending.length > 0 && !running.saving) void this.save(batchId, running);
    }
  }

  private advance(running: Running): void {
    const { row, stove } = running;
    const eachS = Math.max(1, row.speed / 10);
    const nowS = stoveNowS(row, this.clockMs());
    while (stove.timeS + eachS <= nowS) {
      stepStove(stove, eachS);
      const seq = running.readings.length + running.pending.length + 1;
      running.pending.push({ seq, atS: stove.timeS, probeC: readProbe(stove) });
    }
  }

  private async save(batchId: string, running: Running): Promise<void> {
    running.saving = true;
    const batch = [...running.pending];
    try {
      await insertReadings(this.gate, batchId, batch);
      running.readings.push(...batch);
      running.pending = running.pending.slice(batch.length);
      this.tell(batchId, { kind: 'readings', readings: batch, nowS: stoveNowS(running.row, this.clockMs()) });
    } catch (cause) {
      // Kept in `pending`; the next tick tries again, so an absent database loses nothing.
      this.log.warn({ cause, batchId }, 'readings wait for the database');
    } finally {
      running.saving = false;
    }
  }
}
