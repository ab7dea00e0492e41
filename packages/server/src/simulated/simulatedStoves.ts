import { type Told, type Running, type SimulatedStovesOptions, piecesOf } from './runningStove.js';
import { stoveTrays, trayOfPiece } from '@ember-fold/core/plan';
import {
  createStove,
  type StoveAct,
  stoveState,
  readProbe,
  replayFry,
  restoreIntoStove,
  stepStove,
  type SimulatedPiece,
  stovePieceSpec,
  topUpStove,
  potAtRest,
  burnerFlowW,
} from '@ember-fold/core/stove';
import { probeLine } from '../devices/readingLine.js';
import { followStream } from './followStream.js';

export const SIMULATED_STOVE = 'simulated-stove';

const TICK_MS = 250;
const RETRY_MS = 500;
/** A stove that was left for longer is only run on for this long, stove s. */
const MOST_CATCH_UP_S = 4 * 3600;
/** Lines a request; more wait for the next. */
const MOST_LINES = 500;
/** The top of this probe's scale, °C. */
const MOST_PROBE_C = 350;

/**
 * Stoves that are not there: pots, burners and probes that behave. They follow what the hands do
 * by the stream that every page follows, and send their probes' readings as any probe would:
 * as lines, over HTTP, with a token, again until they are acknowledged.
 */
export class SimulatedStoves {
  private readonly running = new Map<string, Running>();
  /** Where there are other servers: the stoves that burn here. `null`: all. */
  private owned: ReadonlySet<string> | null;
  private readonly timer: NodeJS.Timeout;
  private readonly stopped = new AbortController();
  private lines: string[] = [];
  private seq = 0;
  private sending = false;
  private offsetMs = 0;

  constructor(private readonly options: SimulatedStovesOptions) {
    this.owned = options.isOneOfSeveral ? new Set() : null;
    this.timer = setInterval(() => this.tick(), TICK_MS);
    void this.followAll();
  }

  close(): void {
    clearInterval(this.timer);
    this.stopped.abort();
    this.running.forEach((running) => running.stop.abort());
    this.running.clear();
  }

  /** The stoves that burn here from now on; the others burn at another server. */
  own(batchIds: readonly string[]): void {
    this.owned = new Set(batchIds);
    for (const [id, running] of this.running) {
      if (this.owned.has(id)) continue;
      running.stop.abort();
      this.running.delete(id);
    }
    for (const id of batchIds) void this.open(id);
  }

  /** Whether this stove burns here. */
  follows(batchId: string): boolean {
    return this.running.has(batchId);
  }

  private nowMs(): number {
    return this.options.clockMs?.() ?? performance.now() + this.offsetMs;
  }

  private async wait(): Promise<void> {
    await new Promise((resolve) => setTimeout(resolve, RETRY_MS));
  }

  /** Learns which stoves are lit, now and later. */
  private async followAll(): Promise<void> {
    const { url } = this.options;
    while (!this.stopped.signal.aborted) {
      try {
        await followStream(`${url}/api/live`, this.stopped.signal, ({ event, data }) => {
          const { nowMs, batchId, lit } = data as { nowMs: number; batchId?: string; lit?: boolean };
          this.offsetMs = nowMs - performance.now();
          // The first word of each connection: look what burns.
          if (event === 'timers') void this.takeUp();
          if (event === 'stove' && batchId && lit) void this.open(batchId);
        });
      } catch {
        // The server is not there yet, or not any more.
      }
      await this.wait();
    }
  }

  private async takeUp(): Promise<void> {
    try {
      const answer = await fetch(`${this.options.url}/api/batches`, { signal: this.stopped.signal });
      const batches = (await answer.json()) as { id: string; status: string }[];
      if (!Array.isArray(batches)) return;
      for (const { id, status } of batches) if (status === 'frying') await this.open(id);
    } catch (cause) {
      if (!this.stopped.signal.aborted) this.options.log(String(cause));
    }
  }

  /** Starts or resumes one stove from what is recorded of it, and follows it to its end. */
  private async open(batchId: string): Promise<void> {
    const isOurs = () => this.owned === null || this.owned.has(batchId);
    if (this.running.has(batchId) || !isOurs()) return;
    try {
      const answer = await fetch(`${this.options.url}/api/batches/${batchId}/stove`, { signal: this.stopped.signal });
      if (!answer.ok) return;
      const told = (await answer.json()) as Told;
      const trays = stoveTrays(told.draft, told.kitchen);
      if (told.probe !== SIMULATED_STOVE || told.endedAt !== null || !trays || this.running.has(batchId) || !isOurs())
        return;
      const pieceOf = (number: number): SimulatedPiece => trayOfPiece(trays, number).fry;
      const stove = createStove(told.kitchen.pot, told.kitchen.roomC, pieceOf, told.seed);
      const running: Running = {
        told,
        stove,
        turns: new Map(),
        toppedM3: 0,
        stop: new AbortController(),
        acts: new Map(told.acts.map(({ act }) => [act.id, act])),
        readings: [...told.readings],
      };
      const last = told.readings[told.readings.length - 1];
      if (last) {
        stove.timeS = last.atS;
        stove.state = potAtRest(last.probeC);
      } else if (told.startC !== null) stove.state = potAtRest(told.startC);
      this.settle(running);
      const acts = told.acts.map(({ act }) => act);
      stove.state = {
        ...stove.state,
        burnerFlowW: burnerFlowW(acts, stoveState(acts, piecesOf(told)).takenBack, stove.pot, stove.timeS),
      };
      // The oil did not wait while nobody was there; nobody read the probe meanwhile.
      const missedS = Math.min(MOST_CATCH_UP_S, this.stoveNowS(running) - stove.timeS);
      if (missedS > 0) stepStove(stove, missedS);
      stove.timeS = Math.max(stove.timeS, this.stoveNowS(running));
      this.running.set(batchId, running);
      void this.followOne(running);
    } catch (cause) {
      if (!this.stopped.signal.aborted) this.options.log(String(cause));
    }
  }

  private stoveNowS({ told }: Running): number {
    return Math.max(0, ((this.nowMs() - Date.parse(told.startedAt)) / 1000) * told.speed);
  }

  /** What the hands do at this stove. */
  private async followOne(running: Running): Promise<void> {
    const { told, stop } = running;
    // Every act each time, for a late one may have a lower number; its own readings need not come back.
    const path = `${this.options.url}/api/batches/${told.batchId}/stove/stream?act=0&reading=4294967295`;
    while (!stop.signal.aborted) {
      try {
        await followStream(path, stop.signal, ({ event, data }) => {
          if (event === 'end') {
            this.running.delete(told.batchId);
            stop.abort();
            // It may have been taken back meanwhile, which is heard on another stream and so perhaps before this.
            void this.open(told.batchId);
          }
          if (event !== 'act') return;
          const { act } = data as { act: StoveAct };
          if (running.acts.has(act.id)) return;
          running.acts.set(act.id, act);
          this.settle(running);
        });
      } catch {
        // Asked again below.
      }
      if (!stop.signal.aborted) await this.wait();
    }
  }

  /** Makes the simulated pot hold exactly what the acts say, piece by piece. */
  private settle(running: Running): void {
    const { stove, turns, told } = running;
    const state = stoveState([...running.acts.values()], piecesOf(told));
    stove.setting = Math.min(state.burner, stove.pot.settings);
    topUpStove(stove, state.toppedM3 - running.toppedM3);
    running.toppedM3 = state.toppedM3;
    const inPot = new Map(state.inPot.map((piece) => [piece.number, piece]));
    for (const number of Array.from(stove.inPot.keys())) {
      if (!inPot.has(number)) {
        stove.inPot.delete(number);
        turns.delete(number);
      }
    }
    for (const [number, piece] of inPot) {
      if (stove.inPot.has(number) && turns.get(number) === piece.turnsS.length) continue;
      const spec = stovePieceSpec(stove, number);
      const body = replayFry(spec, running.readings, piece, stove.timeS, stove.state.oilC);
      restoreIntoStove(stove, number, body);
      turns.set(number, piece.turnsS.length);
    }
  }

  private tick(): void {
    for (const [batchId, running] of this.running) {
      try {
        this.advance(running);
      } catch (cause) {
        this.options.log(`The simulated stove of ${batchId} failed: ${String(cause)}`);
        running.stop.abort();
        this.running.delete(batchId);
      }
    }
    if (this.lines.length > 0 && !this.sending) void this.send();
  }

  private advance(running: Running): void {
    const { told, stove } = running;
    const eachS = Math.max(1, told.speed / 10);
    const nowS = this.stoveNowS(running);
    while (stove.timeS + eachS <= nowS) {
      stepStove(stove, eachS);
      const probeC = Math.min(MOST_PROBE_C, Math.round(100 * readProbe(stove)) / 100);
      running.readings.push({ atS: stove.timeS, probeC });
      const at = new Date(Date.parse(told.startedAt) + (1000 * stove.timeS) / told.speed).toISOString();
      this.seq += 1;
      this.lines.push(
        probeLine({
          device: SIMULATED_STOVE,
          seq: this.seq,
          at,
          value: probeC,
          batchId: told.batchId,
          isFirst: this.seq === 1,
        }),
      );
    }
  }

  /** One request at a time; what is not acknowledged goes again. */
  private async send(): Promise<void> {
    this.sending = true;
    const now = this.lines.slice(0, MOST_LINES);
    try {
      const answer = await fetch(`${this.options.url}/api/devices/readings`, {
        method: 'POST',
        headers: { 'content-type': 'text/plain; charset=utf-8', authorization: `Bearer ${this.options.token}` },
        body: now.join('\n'),
        signal: AbortSignal.timeout(5000),
      });
      await answer.arrayBuffer();
      // Refused for good, or taken: either way these are done.
      if (answer.ok || (answer.status >= 400 && answer.status < 500)) this.lines = this.lines.slice(now.length);
      if (!answer.ok) this.options.log(`The simulated stove was answered ${answer.status}.`);
    } catch (cause) {
      if (!this.stopped.signal.aborted) this.options.log(`The simulated stove was not heard: ${String(cause)}`);
    } finally {
      this.sending = false;
    }
  }
}
