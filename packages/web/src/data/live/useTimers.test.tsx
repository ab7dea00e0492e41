/** @jest-environment ./testing/browser.mjs */
import 'fake-indexeddb/auto';
import type { Timer } from '@ember-fold/core/stove';
import { act, renderHook } from '@testing-library/react';
import fc from 'fast-check';
import { openFakePage, pass, wrapper } from '../../../testing/fakePage';
import { FakeSource } from '../../../testing/fakeStream';
import { api } from '../api/api';
import { startLive, withTimer } from './live';
import { store } from '../draft/store';
import { moveTimer, startTimer, stopTimer, useTimers } from './useTimers';

/** Keeps timers as the server does: the last word of each counts, stopped ones stay stopped. */
class TimerServer {
  readonly kept = new Map<string, Timer>();
  isAway = false;
  losesAnswer = false;
  private tell(timer: Timer): void {
    if (!this.isAway) FakeSource.open.forEach((source) => source.tell('timer', { timer }));
  }
  put(timer: Timer): Timer {
    const known = this.kept.get(timer.id);
    if (known && known.stoppedMs !== null) return known;
    this.kept.set(timer.id, timer);
    this.tell(timer);
    return timer;
  }
  running(): Timer[] {
    return [...this.kept.values()].filter(({ stoppedMs }) => stoppedMs === null).sort((a, b) => a.endsMs - b.endsMs);
  }
  /** The first word of a connection. */
  greet(): void {
    FakeSource.open.forEach((source) => source.tell('timers', { timers: this.running() }));
  }
  readonly fetch = async (input: string | URL | Request): Promise<Response> => {
    const request = input as Request;
    if (this.isAway) throw new TypeError('Failed to fetch');
    if (request.method !== 'PUT') return Response.json({ timers: this.running(), nowMs: 1000 });
    const id = new URL(request.url).pathname.split('/').pop()!;
    const kept = this.put({ ...((await request.json()) as Omit<Timer, 'id'>), id });
    if (this.losesAnswer) {
      this.losesAnswer = false;
      throw new TypeError('Failed to fetch');
    }
    return Response.json(kept);
  };
}

beforeAll(() => {
  openFakePage();
  startLive();
});
afterAll(() => jest.useRealTimers());

const timer = (id: string, endsMs: number, stoppedMs: number | null = null): Timer => ({
  id,
  batchId: null,
  step: null,
  name: id,
  startedMs: 0,
  endsMs,
  stoppedMs,
});

const MOVES = [
  'start',
  'a minute more',
  'stop',
  'started elsewhere',
  'stopped elsewhere',
  'lost',
  'away',
  'back',
] as const;

it('whatever is lost or done elsewhere: what is set is here at once, and the page ends with what the server has', async () => {
  let nth = 0;
  await fc.assert(
    fc.asyncProperty(fc.array(fc.constantFrom(...MOVES), { minLength: 2, maxLength: 16 }), async (moves) => {
      const server = new TimerServer();
      globalThis.fetch = server.fetch as typeof fetch;
      await act(async () => FakeSource.open.forEach((source) => source.onopen?.()));
      act(() => server.greet());
      const hook = renderHook(() => useTimers(), { wrapper });
      await pass(400);
      for (const move of moves) {
        const shown = hook.result.current;
        const name = `timer ${(nth += 1)}`;
        if (move === 'start') {
          act(() => startTimer({ name, seconds: 60 + nth }));
          expect(hook.result.current.map((one) => one.name)).toContain(name);
        } else if (move === 'a minute more' && shown[0]) {
          const before = shown[0];
          act(() => moveTimer(before, 60));
          const after = hook.result.current.find(({ id }) => id === before.id)!;
          expect(after.endsMs).toBeGreaterThanOrEqual(before.endsMs + 60_000);
        } else if (move === 'stop' && shown[0]) {
          const { id } = shown[0];
          act(() => stopTimer(shown[0]!));
          expect(hook.result.current.map((one) => one.id)).not.toContain(id);
        } else if (move === 'started elsewhere') act(() => void server.put(timer(name, 90_000 + nth)));
        else if (move === 'stopped elsewhere' && server.running()[0])
          act(() => void server.put({ ...server.running()[0]!, stoppedMs: 5 }));
        else if (move === 'lost') server.losesAnswer = true;
        else if (move === 'away' && !server.isAway) {
          server.isAway = true;
          act(() => FakeSource.open.forEach((source) => source.onerror?.()));
        } else if (move === 'back' && server.isAway) {
          server.isAway = false;
          await pass(1400);
          await act(async () => FakeSource.open.forEach((source) => source.onopen?.()));
          act(() => server.greet());
        }
        // In order of their ends, each once.
        const ends = hook.result.current.map((one) => one.endsMs);
        expect(ends).toEqual([...ends].sort((a, b) => a - b));
        expect(new Set(hook.result.current.map((one) => one.id)).size).toBe(ends.length);
      }
      if (server.isAway) {
        server.isAway = false;
        await pass(1400);
        await act(async () => FakeSource.open.forEach((source) => source.onopen?.()));
        act(() => server.greet());
      }
      await pass(8000);
      // Two that end at the same moment may stand either way round.
      const byId = (timers: readonly Timer[]) => [...timers].sort((a, b) => a.id.localeCompare(b.id));
      expect(byId(hook.result.current)).toEqual(byId(server.running()));
      hook.unmount();
      act(() => void store.dispatch(api.util.resetApiState()));
    }),
    { numRuns: 20, endOnFailure: true },
  );
});

it('a list of timers takes each once, in order of their ends, and drops what is stopped', () => {
  const anyTimer = fc.record({
    id: fc.constantFrom('a', 'b', 'c', 'd'),
    endsMs: fc.integer({ min: 1, max: 50 }),
    isStopped: fc.boolean(),
  });
  fc.assert(
    fc.property(fc.array(anyTimer, { maxLength: 12 }), (told) => {
      const list = told.reduce<readonly Timer[]>(
        (now, { id, endsMs, isStopped }) => withTimer(now, timer(id, endsMs, isStopped ? 9 : null)),
        [],
      );
      const last = new Map(told.map((one) => [one.id, one]));
      const wanted = [...last.values()].filter((one) => !one.isStopped);
      expect([...list].map(({ id, endsMs }) => [id, endsMs]).sort()).toEqual(
        wanted.map(({ id, endsMs }) => [id, endsMs]).sort(),
      );
      expect(list.map(({ endsMs }) => endsMs)).toEqual(list.map(({ endsMs }) => endsMs).sort((a, b) => a - b));
    }),
  );
});
