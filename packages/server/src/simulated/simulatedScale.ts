import {
  createScale,
  loadScale,
  readScale,
  SCALE_EACH_S,
  type SimulatedScale as Scale,
  stepScale,
  tareScale,
} from '@ember-fold/core/stove';
import { scaleLine } from '../devices/readingLine.js';

export const SIMULATED_SCALE = 'simulated-scale';
/** Left alone it goes to sleep, as a kitchen scale does; a page that looks wakes it. */
const SLEEPS_AFTER_MS = 120_000;
const SEED = 5;

/**
 * A kitchen scale that is not there. It sends its readings the way a real one would: as lines,
 * over HTTP, with a token; so what works with it works with a scale on the counter.
 */
export class SimulatedScale {
  private scale: Scale = createScale(SEED);
  private timer: NodeJS.Timeout | null = null;
  private seq = 0;
  private sending = false;
  private idleMs = 0;

  constructor(
    private readonly options: { readonly url: string; readonly token: string; readonly log: (problem: string) => void },
  ) {}

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
    this.idleMs += SCALE_EACH_S * 1000;
    if (this.idleMs > SLEEPS_AFTER_MS) return this.close();
    // One on its way at a time; the next figure is newer than a queue would be.
    if (this.sending) return;
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
    void this.send(line);
  }

  private async send(line: string): Promise<void> {
    this.sending = true;
    try {
      const answer = await fetch(`${this.options.url}/api/devices/readings`, {
        method: 'POST',
        headers: { 'content-type': 'text/plain; charset=utf-8', authorization: `Bearer ${this.options.token}` },
        body: line,
        signal: AbortSignal.timeout(2000),
      });
      if (!answer.ok) this.options.log(`The simulated scale was answered ${answer.status}.`);
      await answer.arrayBuffer();
    } catch (cause) {
      if (this.timer) this.options.log(`The simulated scale was not heard: ${String(cause)}`);
    } finally {
      this.sending = false;
    }
  }
}
