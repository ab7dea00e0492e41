import { createHash } from 'node:crypto';
import { setMaxListeners } from 'node:events';

/** For `JSON.stringify`: a map is written as its entries, so that keys made of different maps differ. */
const withMaps = (_key: string, value: unknown) => (value instanceof Map ? [...value] : value);

interface Known<Found> {
  readonly answer: Promise<Found>;
  /** Once it is worked out. */
  done?: { readonly found: Found };
  /** How many requests wait for it; Infinity once one of them has no signal, because it never says that it has left. */
  waiting: number;
  /** Aborted when the last request that waited has left. */
  readonly stop: AbortController;
}

/**
 * Answers that depend on nothing but what was asked, each worked out once. Who asks while one is on
 * its way waits for the same; what failed is asked again the next time; what nobody waits for any
 * more is given up.
 */
export class Remembered<Found> {
  private readonly known = new Map<string, Known<Found>>();

  /** @param most as many are kept: those asked for last */
  constructor(private readonly most: number) {}

  /** @param signal aborted when whoever asks has left */
  get(ask: unknown, make: (signal: AbortSignal) => Promise<Found>, signal?: AbortSignal): Promise<Found> {
    const key = createHash('sha256').update(JSON.stringify(ask, withMaps)).digest('base64');
    const one = this.known.get(key);
    if (one) {
      this.known.delete(key);
      this.known.set(key, one);
      this.wait(key, one, signal);
      return one.answer;
    }
    const stop = new AbortController();
    // One signal serves every batch of a supper; Node warns above ten listeners.
    setMaxListeners(0, stop.signal);
    const answer = make(stop.signal);
    const mine: Known<Found> = { answer, waiting: 0, stop };
    this.add(key, mine);
    this.wait(key, mine, signal);
    answer.then(
      (found) => (mine.done = { found }),
      () => this.known.get(key) === mine && this.known.delete(key),
    );
    return answer;
  }

  /** What is worked out, the oldest first. */
  all(): [key: string, found: Found][] {
    const all: [string, Found][] = [];
    for (const [key, { done }] of this.known) if (done) all.push([key, done.found]);
    return all;
  }

  /** Goes on from what another time was worked out. */
  fill(all: readonly (readonly [key: string, found: Found])[]): void {
    for (const [key, found] of all)
      this.add(key, { answer: Promise.resolve(found), done: { found }, waiting: 0, stop: new AbortController() });
  }

  private wait(key: string, one: Known<Found>, signal: AbortSignal | undefined): void {
    if (one.done) return;
    one.waiting += signal ? 1 : Infinity;
    if (!signal) return;
    const leave = () => {
      one.waiting -= 1;
      if (one.waiting > 0 || one.done) return;
      // The next request for the same answer must start over.
      if (this.known.get(key) === one) this.known.delete(key);
      one.stop.abort(signal.reason);
    };
    signal.addEventListener('abort', leave, { once: true });
    const stay = () => signal.removeEventListener('abort', leave);
    one.answer.then(stay, stay);
  }

  private add(key: string, one: Known<Found>): void {
    if (this.known.size >= this.most) this.known.delete(this.known.keys().next().value!);
    this.known.set(key, one);
  }
}
