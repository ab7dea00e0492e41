/** @jest-environment ./testing/browser.mjs */
import 'fake-indexeddb/auto';
import type { CookAct, StepKey, StoredCookAct } from '@ember-fold/core/stove';
import { act, renderHook } from '@testing-library/react';
import fc from 'fast-check';
import { openFakePage, pass, wrapper } from '../../../testing/fakePage';
import { FakeSource } from '../../../testing/fakeStream';
import { api } from '../api/api';
import { type NewCookAct, startLive } from './live';
import { store } from '../draft/store';
import { useCookActs } from './useCookActs';

/** Keeps the acts of one run-sheet as the server does: each once, in the order in which they came. */
class CookServer {
  acts: StoredCookAct[] = [];
  isAway = false;
  losesAnswer = false;
  refuses = false;
  slowMs = 0;
  readonly refused = new Set<string>();
  constructor(readonly batchId: string) {}

  private tell(stored: StoredCookAct): void {
    if (!this.isAway) FakeSource.open.forEach((source) => source.tell('cook', { batchId: this.batchId, stored }));
  }
  take(taken: CookAct): StoredCookAct {
    const before = this.acts.find((one) => one.act.id === taken.id);
    if (before) return before;
    const stored = { seq: this.acts.length + 1, act: taken };
    this.acts.push(stored);
    this.tell(stored);
    return stored;
  }
  /** An act once more, as after a doubled packet. */
  stammer(): void {
    if (this.acts[0]) this.tell(this.acts[0]);
  }
  readonly fetch = async (input: string | URL | Request): Promise<Response> => {
    const request = input as Request;
    if (this.isAway) throw new TypeError('Failed to fetch');
    if (request.method === 'POST') {
      const taken = (await request.json()) as CookAct;
      if (this.refuses && !this.acts.some((one) => one.act.id === taken.id)) {
        this.refuses = false;
        this.refused.add(taken.id);
        return Response.json({ code: 'BATCH_OVER', message: 'This batch is finished.' }, { status: 409 });
      }
      const stored = this.take(taken);
      if (!this.losesAnswer) return Response.json(stored);
      this.losesAnswer = false;
      throw new TypeError('Failed to fetch');
    }
    // What is answered is what was known when it was asked.
    const body = JSON.stringify(request.url.endsWith('/cook') ? { acts: this.acts, nowMs: 1000 } : []);
    if (this.slowMs > 0) await new Promise((resolve) => setTimeout(resolve, this.slowMs));
    return new Response(body, { headers: { 'content-type': 'application/json' } });
  };
}

const MOVES = ['done', 'done elsewhere', 'stammer', 'lost', 'refused', 'slow', 'away', 'back', 'wait'] as const;

beforeAll(() => {
  openFakePage();
  startLive();
});
afterAll(() => jest.useRealTimers());

/** The connection is there again, and is heard of. */
async function comeBack(server: CookServer): Promise<void> {
  server.isAway = false;
  await pass(1400);
  await act(async () => FakeSource.open.forEach((source) => source.onopen?.()));
}

let nth = 0;

it('what is done is shown at once; in the end the sheet shows what the server has, each act once, in its order', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(fc.constantFrom(...MOVES), { minLength: 3, maxLength: 20 }), async (moves) => {
      const server = new CookServer(`batch-${(nth += 1)}`);
      globalThis.fetch = server.fetch as typeof fetch;
      await act(async () => FakeSource.open.forEach((source) => source.onopen?.()));
      const hook = renderHook(() => useCookActs(server.batchId), { wrapper });
      await pass(400);
      let told = 0;
      const step = (at: number): StepKey => `own:step${at}`;
      for (const move of moves) {
        if (move === 'done') {
          const before = hook.result.current.acts?.length;
          const mine: NewCookAct = { kind: 'done', step: step((told += 1)) };
          act(() => hook.result.current.tell(mine));
          await pass(0);
          // At once under the thumb, once the sheet can be seen at all.
          if (before !== undefined && server.isAway) {
            expect(hook.result.current.acts!.at(-1)).toMatchObject(mine);
            expect(hook.result.current.waiting).toBeGreaterThan(0);
          }
        } else if (move === 'done elsewhere' && !server.isAway)
          act(() => void server.take({ id: `else-${nth}-${(told += 1)}`, atMs: told, kind: 'skip', step: step(told) }));
        else if (move === 'stammer') act(() => server.stammer());
        else if (move === 'lost') server.losesAnswer = true;
        else if (move === 'refused') server.refuses = true;
        else if (move === 'slow') server.slowMs = 500;
        else if (move === 'away' && !server.isAway) {
          server.isAway = true;
          act(() => FakeSource.open.forEach((source) => source.onerror?.()));
        } else if (move === 'back' && server.isAway) await comeBack(server);
        else if (move === 'wait') await pass(600);
        const ids = hook.result.current.acts?.map(({ id }) => id) ?? [];
        expect(new Set(ids).size).toBe(ids.length);
      }
      if (server.isAway) await comeBack(server);
      await pass(6000);
      const { acts, waiting, refusal } = hook.result.current;
      expect(acts).toEqual(server.acts.map((one) => one.act));
      expect(waiting).toBe(0);
      // What was refused is no part of the sheet, and is said until something is taken again.
      expect(acts!.filter(({ id }) => server.refused.has(id))).toEqual([]);
      if (refusal !== null) expect(server.refused.size).toBeGreaterThan(0);
      hook.unmount();
      act(() => void store.dispatch(api.util.resetApiState()));
    }),
    { numRuns: 20 },
  );
});

it('a refusal is said, and the next act that is taken ends it', async () => {
  const server = new CookServer('refusing');
  globalThis.fetch = server.fetch as typeof fetch;
  const hook = renderHook(() => useCookActs('refusing'), { wrapper });
  await pass(400);
  server.refuses = true;
  act(() => hook.result.current.tell({ kind: 'done', step: 'mix-dough' }));
  await pass(600);
  expect(hook.result.current.refusal).toBe('This batch is finished.');
  expect([hook.result.current.acts, hook.result.current.waiting]).toEqual([[], 0]);
  act(() => hook.result.current.tell({ kind: 'skip', step: 'mix-dough' }));
  await pass(600);
  expect(hook.result.current.refusal).toBeNull();
  expect(hook.result.current.acts).toMatchObject([{ kind: 'skip', step: 'mix-dough' }]);
});
