import {
  createScale,
  loadScale,
  readScale,
  SCALE_EACH_S,
  type SimulatedScale,
  stepScale,
  tareScale,
} from '@ember-fold/core';
import { randomBytes } from 'node:crypto';
import type { Logger } from 'pino';
import type { DeviceHub } from './deviceHub.js';
import { scaleLine } from './readingLine.js';

export const SIMULATED_SCALE = 'simulated-scale';
/** With no page looking it goes to sleep, as a kitchen scale does. */
const SLEEPS_AFTER_MS = 120_000;
const SEED = 5;

/**
 * A kitchen scale that is not there. It sends its readings the way a real one would: as lines,
 * over HTTP, with a token; so what works with it works with a scale on the counter.
 */
export class SimulatedScaleRunner {
  readonly token = randomBytes(24).toString('hex');
  private scale: SimulatedScale = createScale(SEED);
  private timer: NodeJS.Timeout | null = null;
  private url: string | null = null;
  private seq = 0;
  private sending = false;
  private idleMs = 0;

  constructor(
    private readonly hub: DeviceHub,
    private readonly log: Logger,
  ) {}

  /** Where its readings go, once the server listens. */
  connect(url: string): void {
    this.url = `${url}/api/devices/readings`;
  }

  switchOn(): void {
    this.idleMs = 0;
    if (this.timer) return;
    this.scale = createScale(SEED);
    this.seq = 0;
    this.timer = setInterval(() => this.tick(), SCALE_EACH_S * 1000);
  }

  load(loadKg: number): void {
    this.switchOn();
    loadScale(this.scale, loadKg);
  }

  tare(): void {
    this.switchOn();
    tareScale(this.scale);
  }

  close(): void {
    if (this.timer) clearInterval(this.timer);
    this.timer = null;
  }

  private tick(): void {
    stepScale(this.scale);
    this.idleMs = this.hub.isFollowed(SIMULATED_SCALE) ? 0 : this.idleMs + SCALE_EACH_S * 1000;
    if (this.idleMs > SLEEPS_AFTER_MS) return this.close();
    // One on its way at a time; the next figure is newer than a queue would be.
    if (!this.url || this.sending) return;
    this.seq += 1;
    const { netKg, tareKg, isSteady } = readScale(this.scale);
    const at = new Date().toISOString();
    const line = scaleLine({
      device: SIMULATED_SCALE,
      seq: this.seq,
      at,
      value: netKg,
      tareKg,
      isSteady,
      isFirst: this.seq === 1,
    });
    void this.send(this.url, line);
  }

  private async send(url: string, line: string): Promise<void> {
    this.sending = true;
    try {
      const answer = await fetch(url, {
        method: 'POST',
        headers: { 'content-type': 'text/plain; charset=utf-8', authorization: `Bearer ${this.token}` },
        body: line,
        signal: AbortSignal.timeout(2000),
      });
      if (!answer.ok) this.log.warn({ status: answer.status }, 'the simulated scale was not heard');
      await answer.arrayBuffer();
    } catch (cause) {
      if (this.timer) this.log.warn({ cause }, 'the simulated scale was not heard');
    } finally {
      this.sending = false;
    }
  }
}
