/** @jest-environment ./testing/browser.mjs */
import 'fake-indexeddb/auto';
import { DEFAULT_KITCHEN, batchOf, newTray } from '@ember-fold/core/plan';
import type { StoveAct, StoredAct, StoredReading, Stove } from '@ember-fold/core/stove';
import { act, renderHook } from '@testing-library/react';
import fc from 'fast-check';
import { openFakePage, pass, wrapper } from '../../testing/fakePage';
import { FakeSource } from '../../testing/fakeStream';
import { api } from '../data/api/api';
import { startLive } from '../data/live/live';
import { store } from '../data/draft/store';
import { useLiveStove } from './useLiveStove';

/** One pot's server: acts and readings in their places, told to every open stream; answers may be slow or lost. */
class StoveServer {
  acts: StoredAct[] = [];
  readings: StoredReading[] = [];
  isAway = false;
  losesAnswer = false;
  slowMs = 0;
  constructor(readonly batchId: string) {}

  private stove(): Stove {
    const draft = batchOf(newTray('Squash', 'squash-sage', 24, '2030-01-05T18:30:00Z'));
    return {
      batchId: this.batchId,
      seed: 1,
      speed: 1,
      probe: 'simulated',
      trial: false,
      startC: null,
      startedAt: '2030-01-05T17:00:00Z',
      endedAt: null,
      nowS: 100,
      draft,
      kitchen: DEFAULT_KITCHEN,
      acts: [...this.acts],
      readings: [...this.readings],
    };
  }
  private tell(kind: string, body: object): void {
    if (!this.isAway) FakeSource.open.forEach((source) => source.tell(kind, { batchId: this.batchId, ...body }));
  }
  take(taken: StoveAct): StoredAct {
    const before = this.acts.find((one) => one.act.id === taken.id);
    if (before) return before;
    const stored = { seq: this.acts.length + 1, act: taken };
    this.acts.push(stored);
    this.tell('act', { stored });
    return stored;
  }
  measure(readings: readonly StoredReading[]): void {
    this.readings = [...this.readings, ...readings].sort((a, b) => a.seq - b.seq);
    this.tell('readings', { readings, nowS: 100 });
  }
  /** The last word once more, as after a doubled packet. */
  stammer(): void {
    if (this.acts.length > 0) this.tell('act', { stored: this.acts[this.acts.length - 1] });
    if (this.readings.length > 0) this.tell('readings', { readings: this.readings.slice(-2), nowS: 100 });
  }
  readonly fetch = async (input: string | URL | Request): Promise<Response> => {
    const request = input as Request;
    if (this.isAway) throw new TypeError('Failed to fetch');
    if (request.method === 'POST') {
      const stored = this.take((await request.json()) as StoveAct);
      if (this.losesAnswer) {
        this.losesAnswer = false;
        throw new TypeError('Failed to fetch');
      }
      return Response.json(stored);
    }
    // What is answered is what was known when it was asked.
    const body = JSON.stringify(request.url.endsWith('/stove') ? this.stove() : []);
    if (this.slowMs > 0) await new Promise((resolve) => setTimeout(resolve, this.slowMs));
    return new Response(body, { headers: { 'content-type': 'application/json' } });
  };
}

const MOVES = [
  'act',
  'other acts',
  'measured',
  'measured late',
  'stammer',
  'away',
  'back',
  'lost',
  'slow',
  'wait',
] as const;

let nth = 0;
beforeAll(() => {
  openFakePage();
  startLive();
});
afterAll(() => jest.useRealTimers());

it('whatever is lost, late, doubled or done elsewhere: the page ends with what the server has, in its order', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.array(fc.constantFrom(...MOVES), { minLength: 3, maxLength: 24 }),
      fc.boolean(),
      async (moves, slow) => {
        const server = new StoveServer(`batch-${(nth += 1)}`);
        server.slowMs = slow ? 500 : 0;
        globalThis.fetch = server.fetch as typeof fetch;
        FakeSource.open.forEach((source) => source.onopen?.());
        const hook = renderHook(() => useLiveStove(server.batchId), { wrapper });
        await pass(200);
        const skipped: StoredReading[] = [];
        const done: string[] = [];
        for (const move of moves) {
          const id = `${server.batchId}-${done.length}`;
          const next: StoveAct = { id, atS: 100, kind: 'skim' };
          const seq = 1000 * (server.readings.length + skipped.length + 1);
          const reading: StoredReading = { seq, atS: seq / 1000, probeC: 150 };
          if (move === 'act') {
            done.push(id);
            act(() => hook.result.current.act(next));
            // At once under the thumb, once it can be seen at all.
            if (hook.result.current.live) expect(hook.result.current.live.acts.map((one) => one.id)).toContain(id);
          } else if (move === 'other acts' && !server.isAway) {
            done.push(id);
            act(() => void server.take(next));
          } else if (move === 'measured') act(() => server.measure([reading]));
          else if (move === 'measured late') {
            // It comes after the next one.
            skipped.push(reading);
          } else if (move === 'stammer') act(() => server.stammer());
          else if (move === 'away' && !server.isAway) {
            server.isAway = true;
            act(() => FakeSource.open.forEach((source) => source.onerror?.()));
          } else if (move === 'back' && server.isAway) {
            server.isAway = false;
            await pass(1400);
            await act(async () => FakeSource.open.forEach((source) => source.onopen?.()));
          } else if (move === 'lost') server.losesAnswer = true;
          else if (move === 'slow') server.slowMs = 500;
          else if (move === 'wait') await pass(600);
          // Never twice, at no moment.
          const shown = hook.result.current.live?.acts.map((one) => one.id) ?? [];
          expect(new Set(shown).size).toBe(shown.length);
        }
        if (skipped.length > 0 && !server.isAway) act(() => server.measure(skipped));
        if (server.isAway) {
          server.measure(skipped);
          server.isAway = false;
          await pass(1400);
          await act(async () => FakeSource.open.forEach((source) => source.onopen?.()));
        }
        await pass(6000);
        const { live } = hook.result.current;
        expect(server.acts.map(({ act: one }) => one.id).sort()).toEqual([...done].sort());
        expect(live!.acts).toEqual(server.acts.map((one) => one.act));
        expect(live!.readings).toEqual(server.readings);
        expect(live!.waiting).toBe(0);
        hook.unmount();
        store.dispatch(api.util.resetApiState());
      },
    ),
    { numRuns: 25 },
  );
});
