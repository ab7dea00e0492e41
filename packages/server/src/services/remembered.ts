import { createHash } from 'node:crypto';

/** Maps are told apart by what is in them. */
const withMaps = (_key: string, value: unknown) => (value instanceof Map ? [...value] : value);

interface Known<Found> {
  readonly answer: Promise<Found>;
  /** Once it is worked out. */
  done?: { readonly found: Found };
}

/**
 * Answers that depend on nothing but what was asked, each worked out once. Who asks while one is on
 * its way waits for the same; what failed is asked again the next time.
 */
export class Remembered<Found> {
  private readonly known = new Map<string, Known<Found>>();

  /** @param most as many are kept: those asked for last */
  constructor(private readonly most: number) {}

  get(ask: unknown, make: () => Promise<Found>): Promise<Found> {
    const key = createHash('sha256').update(JSON.stringify(ask, withMaps)).digest('base64');
    const one = this.known.get(key);
    if (one) {
      this.known.delete(key);
      this.known.set(key, one);
      return one.answer;
    }
    const answer = make();
    const mine: Known<Found> = { answer };
    this.add(key, mine);
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
    for (const [key, found] of all) this.add(key, { answer: Promise.resolve(found), done: { found } });
  }

  private add(key: string, one: Known<Found>): void {
    if (this.known.size >= this.most) this.known.delete(this.known.keys().next().value!);
    this.known.set(key, one);
  }
}
