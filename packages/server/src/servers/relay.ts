import type { LiveEvent } from '@ember-fold/core/stove';
import type { Logger } from 'pino';
import {
  dropEvents,
  dropServer,
  eventsAfter,
  insertEvents,
  lastEventId,
  noteServer,
  type Shared,
  silentServers,
} from './eventTable.js';
import type { Gate } from '../db/gate.js';
import type { StoveHub } from '../devices/stoveHub.js';
import type { LiveHub } from '../live/liveHub.js';
import { SIMULATED_SCALE } from '../simulated/simulatedScale.js';

const LOOK_MS = 200;
const BEAT_MS = 2000;
/** A server that said nothing for so long is gone. */
const SILENT_MS = 8000;
/** An event may be seen so much later than one with a higher number. */
const LATE_MS = 5000;
const KEEP_MS = 120_000;
/** What cannot be sent for so long is reported as a gap. */
const MOST_WAITING = 5000;

/** What each server says for itself: its time, its disk, its own simulated scale. */
function isShared(event: LiveEvent): boolean {
  if (event.kind === 'scale') return event.device !== SIMULATED_SCALE;
  return event.kind !== 'timers' && event.kind !== 'time' && event.kind !== 'disk';
}

export interface RelayOptions {
  readonly gate: Gate;
  readonly live: LiveHub;
  readonly stoves: StoveHub;
  /** Of this server. */
  readonly server: string;
  readonly log: Logger;
  /** Another server has put a copy in the place of this kitchen. */
  readonly onRestored: () => void;
}

/**
 * What happens at one server reaches the others within a second: each writes its events into
 * one ordered table, and reads there what the others tell. No server speaks to another.
 */
export class Relay {
  private waiting: Shared[] = [];
  private seen = new Map<number, number>();
  private markId = 0;
  private readMs = 0;
  private isBusy = false;
  private isWriting = false;
  private isOver = false;
  private readonly timers: NodeJS.Timeout[] = [];

  constructor(private readonly given: RelayOptions) {}

  async start(): Promise<void> {
    const { gate, live, server } = this.given;
    this.markId = await lastEventId(gate);
    this.readMs = Date.now();
    await noteServer(gate, server);
    live.onTold = (event) => {
      if (isShared(event)) this.tell(event);
    };
    const every = (ms: number, work: () => Promise<void>) =>
      this.timers.push(setInterval(() => void work().catch((cause: unknown) => this.failed(cause)), ms));
    every(LOOK_MS, () => this.look());
    every(BEAT_MS, () => this.beat());
    every(KEEP_MS / 2, () => dropEvents(gate, KEEP_MS));
  }

  /** Tells the other servers. */
  tell(event: Shared): void {
    if (this.waiting.length >= MOST_WAITING) this.waiting = [{ kind: 'gap' }];
    this.waiting.push(event);
    void this.write().catch((cause: unknown) => this.failed(cause));
  }

  private failed(cause: unknown): void {
    this.given.log.warn({ cause }, 'The other servers cannot be told or heard just now.');
  }

  /** One statement at a time; what comes meanwhile goes with the next. */
  async write(): Promise<void> {
    if (this.isWriting) return;
    this.isWriting = true;
    try {
      while (this.waiting.length > 0) {
        const now = this.waiting;
        this.waiting = [];
        try {
          await insertEvents(this.given.gate, this.given.server, now);
        } catch (cause) {
          this.waiting = [...now, ...this.waiting];
          throw cause;
        }
      }
    } finally {
      this.isWriting = false;
    }
  }

  private async look(): Promise<void> {
    if (this.isBusy) return;
    this.isBusy = true;
    try {
      await this.write();
      const { events, sureId } = await eventsAfter(this.given.gate, this.markId, this.given.server, LATE_MS);
      // So long away that what was recorded meanwhile is dropped already.
      if (Date.now() - this.readMs > KEEP_MS / 2) this.given.live.gap();
      this.readMs = Date.now();
      for (const { id, told } of events) {
        if (this.seen.has(id)) continue;
        this.seen.set(id, Date.now());
        await this.hear(told);
      }
      this.markId = sureId;
      for (const id of this.seen.keys()) if (id <= sureId) this.seen.delete(id);
    } finally {
      this.isBusy = false;
    }
  }

  private async hear(told: Shared): Promise<void> {
    const { live, stoves, onRestored } = this.given;
    if (told.kind === 'restored') onRestored();
    else if (told.kind === 'gap') live.gap();
    else {
      await stoves.hear(told);
      live.passOn(told);
    }
  }

  /** A server that ended between storing and sending leaves a gap. */
  private async beat(): Promise<void> {
    const { gate, live, server } = this.given;
    await noteServer(gate, server);
    for (const silent of await silentServers(gate, SILENT_MS)) {
      if (silent === server || !(await dropServer(gate, silent))) continue;
      live.gap();
      this.tell({ kind: 'gap' });
    }
  }

  /** Hears and tells nothing more. */
  stop(): void {
    this.timers.forEach(clearInterval);
    this.given.live.onTold = null;
    this.isOver = true;
  }

  async close(): Promise<void> {
    if (this.isOver) return;
    this.stop();
    await this.write().catch(() => undefined);
    await dropServer(this.given.gate, this.given.server).catch(() => undefined);
  }
}
