/** @jest-environment ./testing/browser.mjs */
import 'fake-indexeddb/auto';
import fc from 'fast-check';
import { IDBFactory } from 'fake-indexeddb';
import type * as TestingLibrary from '@testing-library/react/pure';
import type * as OutboxModule from './outbox';
import type { Outgoing, SetAside } from './outbox';

/** A page's outbox, and what the page shows of it. */
type Outbox = typeof OutboxModule & { waiting(): readonly Outgoing[]; aside(): readonly SetAside[] };

/** What befalls one request on its way. */
type Fate = 'taken' | 'answer lost' | 'never there' | 'database gone' | 'fault once' | 'refused';

/** A server that counts each act once by its id, behind a line that loses requests and answers. */
class Server {
  readonly kept: Outgoing[] = [];
  readonly refused = new Set<string>();
  readonly busy = new Map<string, number>();
  fates: Fate[] = [];

  readonly fetch = async (input: string | URL | Request): Promise<Response> => {
    const request = input as Request;
    const item = (await request.json()) as Outgoing;
    // One of a lane at a time: what depends on another is behind it.
    this.busy.set(item.lane, (this.busy.get(item.lane) ?? 0) + 1);
    await Promise.resolve();
    const fate = this.refused.has(item.id) ? 'refused' : (this.fates.shift() ?? 'taken');
    try {
      if (fate === 'never there') throw new TypeError('Failed to fetch');
      if (fate === 'database gone') return problem(503, 'NO_DATABASE');
      if (fate === 'fault once') return problem(500, 'INTERNAL');
      if (fate === 'refused') {
        this.refused.add(item.id);
        return problem(422, 'BAD_INPUT');
      }
      if (!this.kept.some(({ id }) => id === item.id)) this.kept.push(item);
      if (fate === 'answer lost') throw new TypeError('Failed to fetch');
      return Response.json({ seq: this.kept.length });
    } finally {
      this.busy.set(item.lane, this.busy.get(item.lane)! - 1);
    }
  };
}

const problem = (status: number, code: string) => Response.json({ code, message: `${code}.` }, { status });

/** Libraries that keep nothing of a page: read once, for they are most of what a page reads. */
const LIBRARIES = [
  'react',
  '@testing-library/react/pure',
  '@reduxjs/toolkit',
  '@reduxjs/toolkit/query/react',
  'react-redux',
  'idb',
  '@ember-fold/core/plan',
].map(
  // oxlint-disable-next-line typescript/no-require-imports
  (name) => [name, require(name)] as const,
);

/** A page opened on what the browser has kept: all modules of ours are read anew. */
function openPage(): Outbox {
  jest.resetModules();
  for (const [name, library] of LIBRARIES) jest.doMock(name, () => library as unknown);
  /* oxlint-disable typescript/no-require-imports */
  const outbox = require('./outbox') as typeof OutboxModule;
  const { renderHook } = require('@testing-library/react/pure') as typeof TestingLibrary;
  /* oxlint-enable typescript/no-require-imports */
  const now = <T>(hook: () => T): T => {
    const { result, unmount } = renderHook(hook);
    unmount();
    return result.current;
  };
  return { ...outbox, waiting: () => now(outbox.useOutgoing), aside: () => now(outbox.useAside) };
}

const item = (n: number, lane: string): Outgoing => {
  const one = { id: `act-${n}`, lane, method: 'POST' as const, path: `/${lane}` };
  // The body is the act: the server sees what was recorded and nothing else.
  return { ...one, body: one };
};

/** Lets time pass until nothing moves any more. */
async function settle(): Promise<void> {
  for (let i = 0; i < 30; i++) {
    await jest.advanceTimersByTimeAsync(650);
    await new Promise((resolve) => setImmediate(resolve));
  }
}

let server: Server;
beforeEach(() => {
  jest.useFakeTimers({ doNotFake: ['setImmediate', 'queueMicrotask', 'nextTick', 'performance'] });
  fresh();
});
afterEach(() => jest.useRealTimers());

function fresh(): void {
  jest.clearAllTimers();
  globalThis.indexedDB = new IDBFactory();
  localStorage.clear();
  server = new Server();
  globalThis.fetch = server.fetch as typeof fetch;
}

const fate = fc.constantFrom<Fate>('taken', 'answer lost', 'never there', 'database gone', 'fault once', 'refused');
type Move = { readonly do: 'act'; readonly lane: string } | { readonly do: 'wait' } | { readonly do: 'reload' };
const move = fc.oneof(
  { weight: 5, arbitrary: fc.constantFrom('dough', 'stove').map((lane): Move => ({ do: 'act', lane })) },
  { weight: 2, arbitrary: fc.constant<Move>({ do: 'wait' }) },
  { weight: 1, arbitrary: fc.constant<Move>({ do: 'reload' }) },
);

// Each reload reads every module anew.
jest.setTimeout(90_000);

describe('the outbox', () => {
  it('hands over each act once and in its lane’s order, whatever is lost, refused or reloaded on the way', async () => {
    await fc.assert(
      fc
        .asyncProperty(
          fc.array(move, { minLength: 1, maxLength: 14 }),
          fc.array(fate, { maxLength: 14 }),
          async (moves, fates) => {
            server.fates = [...fates];
            let page = openPage();
            const told: Outgoing[] = [];
            for (const { do: what, ...more } of moves) {
              if (what === 'act') {
                const next = item(told.length, (more as { lane: string }).lane);
                told.push(next);
                void page.send(next);
                // Shown at once: the hand waits for nobody.
                expect(page.waiting()).toContainEqual(next);
              } else if (what === 'wait') await jest.advanceTimersByTimeAsync(700);
              else page = openPage();
            }
            await settle();
            expect([...server.busy.values()].every((n) => n === 0)).toBe(true);
            const ids = server.kept.map(({ id }) => id);
            expect(new Set(ids).size).toBe(ids.length);
            for (const lane of ['dough', 'stove']) {
              const lived = told.filter((one) => one.lane === lane && ids.includes(one.id));
              expect(server.kept.filter((one) => one.lane === lane).map(({ id }) => id)).toEqual(
                lived.map(({ id }) => id),
              );
            }
            expect(page.waiting()).toEqual([]);
            // Taken, or set aside with the reason; nothing else becomes of an act.
            const left = page.aside().map((one) => one.item.id);
            for (const { id } of told) expect([id, ids.includes(id) || left.includes(id)]).toEqual([id, true]);
          },
        )
        .beforeEach(fresh),
      { numRuns: 12 },
    );
  });

  it('keeps what is refused through a reload, holds up nothing behind it, and tries or gives it up when told', async () => {
    server.refused.add('act-0').add('act-1');
    const page = openPage();
    const answers: string[] = [];
    page.onAnswer('stove', (one, answer) => answers.push('refusal' in answer ? `${one.id} ${answer.refusal}` : one.id));
    for (const n of [0, 1, 2]) await page.send(item(n, 'stove'));
    await settle();
    expect(answers).toEqual(['act-0 BAD_INPUT.', 'act-1 BAD_INPUT.', 'act-2']);
    const again = openPage();
    await settle();
    expect(again.aside().map((one) => [one.item.id, one.problem.code])).toEqual([
      ['act-0', 'BAD_INPUT'],
      ['act-1', 'BAD_INPUT'],
    ]);
    server.refused.clear();
    void again.retryAside('act-0');
    void again.dropAside('act-1');
    await settle();
    expect(again.aside()).toEqual([]);
    expect(server.kept.map(({ id }) => id)).toEqual(['act-2', 'act-0']);
    expect(openPage().aside()).toEqual([]);
    await settle();
    expect(server.kept).toHaveLength(2);
  });

  it('says when all of some lanes was answered, so that what ends a batch comes behind it', async () => {
    server.fates = ['never there', 'answer lost', 'taken', 'refused'];
    const page = openPage();
    for (const n of [0, 1]) void page.send(item(n, 'stove'));
    const kept = page.handedOver(['stove', 'dough'], 60_000).then((is) => [is, ...server.kept.map(({ id }) => id)]);
    expect(await page.handedOver(['dough'])).toBe(true);
    await settle();
    expect(await kept).toEqual([true, 'act-0']);
    expect(page.aside().map((one) => one.item.id)).toEqual(['act-1']);
    server.fates = Array.from({ length: 99 }, () => 'never there');
    void page.send(item(2, 'stove'));
    const late = page.handedOver(['stove'], 3000);
    await settle();
    expect(await late).toBe(false);
  });

  it('tries a fault of the server three times, then sets the act aside', async () => {
    server.fates = ['fault once', 'fault once', 'fault once', 'taken'];
    const page = openPage();
    await page.send(item(0, 'stove'));
    await settle();
    expect(server.kept).toEqual([]);
    expect(page.aside().map(({ problem: { code } }) => code)).toEqual(['INTERNAL']);
  });

  it('goes on for as long as the page lives where the browser keeps nothing', async () => {
    globalThis.indexedDB = {
      open: () => {
        throw new DOMException('forbidden', 'SecurityError');
      },
    } as unknown as IDBFactory;
    const full = jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    server.fates = ['never there'];
    const page = openPage();
    await page.send(item(0, 'stove'));
    await settle();
    expect(server.kept.map(({ id }) => id)).toEqual(['act-0']);
    full.mockRestore();
  });

  it('is not stopped by half a record left in the browser', async () => {
    localStorage.setItem('ember.journal.half', '{"item": {"id": "act-7", ');
    localStorage.setItem('ember.journal.act-3', JSON.stringify({ item: item(3, 'dough'), wallMs: 5 }));
    openPage();
    await settle();
    expect(server.kept.map(({ id }) => id)).toEqual(['act-3']);
    expect(localStorage.getItem('ember.journal.half')).toBeNull();
  });
});
