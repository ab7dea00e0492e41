/** @jest-environment ./testing/browser.mjs */
import 'fake-indexeddb/auto';
import { DEFAULT_KITCHEN } from '@ember-fold/core/plan';
import type { RecordKind } from '@ember-fold/core/stove';
import { act, renderHook } from '@testing-library/react';
import fc from 'fast-check';
import { IDBFactory } from 'fake-indexeddb';
import type { ReactNode } from 'react';
import { Provider } from 'react-redux';
import { FakeBrowser, FakeSource } from '../../../testing/fakeStream';
import { api } from '../api/api';
import { deviceApi } from '../api/deviceApi';
import { startLive } from './live';
import { oilApi } from '../api/oilApi';
import { store } from '../draft/store';
import { storeApi } from '../api/storeApi';

/** What each answer of the server is made of: with any of these it is another. */
const MADE_OF: Readonly<Record<string, readonly RecordKind[]>> = {
  '/kitchen': ['kitchen'],
  '/batches': ['batches'],
  '/flours': ['flours', 'ingredients'],
  '/learnt': ['learnt'],
  '/ingredients': ['ingredients', 'formulas'],
  '/formulas': ['formulas'],
  '/store/stock': ['stock'],
  '/store/shopping': ['batches', 'stock', 'ingredients', 'formulas', 'kitchen', 'oils'],
  '/oils': ['oils', 'ingredients'],
  '/oils/order/one': ['batches', 'kitchen', 'oils', 'ingredients', 'flours', 'learnt', 'suppers'],
  '/devices': ['devices'],
  '/suppers': ['suppers'],
};
const KINDS: readonly RecordKind[] = [
  ...([
    'kitchen',
    'batches',
    'flours',
    'learnt',
    'ingredients',
    'formulas',
    'stock',
    'oils',
    'devices',
    'suppers',
  ] as const),
];

/** A server whose answers tell how often each kind of record was changed. */
class CountingServer {
  readonly changes = new Map<RecordKind, number>(KINDS.map((kind) => [kind, 0]));
  isAway = false;
  slowMs = 0;
  orderMs = 0;
  asked = 0;
  change(kind: RecordKind): void {
    this.changes.set(kind, this.changes.get(kind)! + 1);
    if (!this.isAway) FakeSource.open.forEach((source) => source.tell('changed', { what: kind }));
  }
  markOf(path: string): string {
    return MADE_OF[path]!.map((kind) => `${kind} ${this.changes.get(kind)}`).join(', ');
  }
  readonly fetch = async (input: string | URL | Request): Promise<Response> => {
    if (this.isAway) throw new TypeError('Failed to fetch');
    this.asked += 1;
    const path = new URL((input as Request).url).pathname.replace('/api', '');
    if ((input as Request).method === 'DELETE') {
      this.changes.set('batches', this.changes.get('batches')! + 1);
      return new Response(null, { status: 204 });
    }
    const mark = this.markOf(path);
    // As a day plan, which no other answer may wait for.
    if (path === '/oils/order/one') await new Promise((resolve) => setTimeout(resolve, this.orderMs));
    if (this.slowMs > 0) await new Promise((resolve) => setTimeout(resolve, this.slowMs));
    if (path !== '/kitchen') return Response.json([mark]);
    return Response.json({ kitchen: { ...DEFAULT_KITCHEN, name: mark }, version: 1 });
  };
}

/** Every room's answers at once, as so many open pages show them. */
function useRooms(): Readonly<Record<string, unknown>> {
  const shown = {
    '/batches': api.useBatchesQuery().data,
    '/flours': api.useFloursQuery().data,
    '/learnt': api.useLearntQuery().data,
    '/ingredients': storeApi.useIngredientsQuery().data,
    '/formulas': storeApi.useFormulasQuery().data,
    '/store/stock': storeApi.useStockQuery().data,
    '/store/shopping': storeApi.useShoppingQuery('').data,
    '/oils': oilApi.useOilsQuery().data,
    '/oils/order/one': oilApi.useSupperOrderQuery('one').data,
    '/devices': deviceApi.useDevicesQuery().data,
    '/suppers': api.useSuppersQuery().data,
  } as Readonly<Record<string, unknown>>;
  const kitchen = api.useKitchenQuery().data;
  return { ...shown, '/kitchen': kitchen && [kitchen.kitchen.name] };
}

const wrapper = ({ children }: { readonly children: ReactNode }) => <Provider store={store}>{children}</Provider>;
const pass = (ms: number) =>
  act(async () => {
    for (let i = 0; i < Math.ceil(ms / 100); i++) {
      await jest.advanceTimersByTimeAsync(100);
      await new Promise((resolve) => setImmediate(resolve));
    }
  });
const reopen = () => act(async () => FakeSource.open.forEach((source) => source.onopen?.()));

beforeAll(() => {
  jest.useFakeTimers({ doNotFake: ['setImmediate', 'queueMicrotask', 'nextTick'] });
  globalThis.indexedDB = new IDBFactory();
  new FakeBrowser().openTab();
  startLive();
});
afterAll(() => jest.useRealTimers());

const expectAll = (shown: Readonly<Record<string, unknown>>, server: CountingServer) => {
  const wanted = Object.fromEntries(Object.keys(MADE_OF).map((path) => [path, [server.markOf(path)]]));
  expect(shown).toEqual(wanted);
};

/** All rooms, on a server of their own. */
async function openRooms() {
  const server = new CountingServer();
  globalThis.fetch = server.fetch as typeof fetch;
  await reopen();
  const hook = renderHook(useRooms, { wrapper });
  await pass(300);
  const close = () => {
    hook.unmount();
    act(() => void store.dispatch(api.util.resetApiState()));
  };
  return { server, hook, close };
}

it('what is changed anywhere is on every open page within a second; after a gap in the stream too', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.array(
        fc.oneof(
          { weight: 5, arbitrary: fc.constantFrom(...KINDS) },
          { weight: 1, arbitrary: fc.constantFrom('away' as const, 'back' as const, 'slow' as const) },
        ),
        { minLength: 1, maxLength: 14 },
      ),
      async (moves) => {
        const { server, hook, close } = await openRooms();
        expectAll(hook.result.current, server);
        for (const move of moves) {
          if (move === 'slow') server.slowMs = 400;
          else if (move === 'away') {
            server.isAway = true;
            act(() => FakeSource.open.forEach((source) => source.onerror?.()));
          } else if (move === 'back') {
            server.isAway = false;
            await pass(1400);
            await reopen();
          } else act(() => server.change(move));
          if (!server.isAway) {
            await pass(1000);
            expectAll(hook.result.current, server);
          }
        }
        if (server.isAway) {
          server.isAway = false;
          await pass(1400);
          await reopen();
          await pass(1000);
        }
        expectAll(hook.result.current, server);
        close();
      },
    ),
    { numRuns: 12, endOnFailure: true },
  );
});

it('no change waits for a slow answer, and an answer from before a change is asked for again', async () => {
  const { server, hook, close } = await openRooms();
  server.orderMs = 5000;
  for (const kind of ['kitchen', 'oils', 'batches'] as const) {
    act(() => server.change(kind));
    await pass(1000);
    const { '/oils/order/one': order, ...quick } = hook.result.current;
    expectAll({ ...quick, '/oils/order/one': [server.markOf('/oils/order/one')] }, server);
    expect(order).not.toEqual([server.markOf('/oils/order/one')]);
  }
  // Asked for at the first change and answered as it was then; asked again, once.
  await pass(10_000);
  expectAll(hook.result.current, server);
  close();
});

it('what this page changes itself is in an answer that was on its way, though the stream tells nothing', async () => {
  const { server, hook, close } = await openRooms();
  server.orderMs = 2000;
  act(() => server.change('oils'));
  await pass(300);
  act(() => void store.dispatch(api.endpoints.deleteBatch.initiate('one')));
  await pass(6000);
  expect(server.changes.get('batches')).toBe(1);
  expectAll(hook.result.current, server);
  close();
});

it('a change asks again only for what is made of it', async () => {
  const { server, hook, close } = await openRooms();
  for (const [kind, most] of [
    ['devices', 1],
    ['stock', 2],
    ['formulas', 3],
  ] as const) {
    const before = server.asked;
    act(() => server.change(kind));
    await pass(500);
    expect(server.asked - before).toBeLessThanOrEqual(most + 1);
    expectAll(hook.result.current, server);
  }
  close();
});
