/** @jest-environment ./testing/browser.mjs */
import 'fake-indexeddb/auto';
import { DEFAULT_KITCHEN, type Kitchen, type KitchenRow, type Pot } from '@ember-fold/core/plan';
import { act, renderHook } from '@testing-library/react';
import fc from 'fast-check';
import { openFakePage, pass, wrapper } from '../../../testing/fakePage';
import { api } from '../api/api';
import { editKitchen, editPot, resumeKitchen } from './editKitchen';
import { saver } from './saves';
import { store } from './store';

const POTS: Kitchen = {
  ...DEFAULT_KITCHEN,
  name: 'Sorrel Vane, Quillhaven',
  otherPots: [
    { name: 'The small one', pot: DEFAULT_KITCHEN.pot },
    { name: 'The iron one', pot: { ...DEFAULT_KITCHEN.pot, massKg: 5 } },
  ],
};

/** Keeps one kitchen by its version, as the server does. */
class KitchenServer {
  row: KitchenRow = { kitchen: POTS, version: 1 };
  isAway = false;
  puts = 0;
  readonly fetch = async (input: string | URL | Request): Promise<Response> => {
    const request = input as Request;
    if (this.isAway) throw new TypeError('Failed to fetch');
    if (request.method !== 'PUT') return Response.json(request.url.endsWith('/kitchen') ? this.row : []);
    this.puts += 1;
    const { kitchen, version } = (await request.json()) as KitchenRow;
    if (version !== this.row.version)
      return Response.json({ code: 'STALE_VERSION', message: 'Changed meanwhile.' }, { status: 409 });
    this.row = { kitchen, version: version + 1 };
    return Response.json(this.row);
  };
}

let server: KitchenServer;
beforeAll(() => openFakePage());
afterAll(() => jest.useRealTimers());

async function openPage() {
  globalThis.fetch = server.fetch as typeof fetch;
  const hook = renderHook(() => api.useKitchenQuery().data?.kitchen, { wrapper });
  await pass(400);
  return hook;
}
function closePage(hook: { unmount: () => void }): void {
  hook.unmount();
  act(() => void store.dispatch(api.util.resetApiState()));
}

const shown = (): Kitchen => api.endpoints.kitchen.select()(store.getState()).data!.kitchen;

const potName = fc.constantFrom(undefined, 'The small one', 'The iron one', 'A pot that is gone');
const change: fc.Arbitrary<Partial<Pot>> = fc.oneof(
  fc.record({ oilM3: fc.double({ min: 0.001, max: 0.004, noNaN: true }) }),
  fc.record({ settings: fc.integer({ min: 3, max: 14 }) }),
  fc.record({ lossWPerK: fc.double({ min: 1, max: 6, noNaN: true }) }),
);
const potOf = (kitchen: Kitchen, name: string | undefined): Pot | undefined =>
  name === undefined ? kitchen.pot : kitchen.otherPots!.find((one) => one.name === name)?.pot;

it('a change of one pot is shown at once, touches no other, and is one save when the hand rests', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(fc.tuple(potName, change), { minLength: 1, maxLength: 6 }), async (changes) => {
      server = new KitchenServer();
      const hook = await openPage();
      for (const [name, of] of changes) {
        const before = shown();
        act(() => editPot(name, of));
        const after = shown();
        for (const one of [undefined, 'The small one', 'The iron one'])
          expect(potOf(after, one)).toEqual(one === name ? { ...potOf(before, one), ...of } : potOf(before, one));
        expect(after.name).toBe(before.name);
      }
      expect(server.puts).toBe(0);
      await pass(3000);
      expect(hook.result.current).toEqual(shown());
      expect(server.row.kitchen).toEqual(JSON.parse(JSON.stringify(shown())));
      expect(server.puts).toBeLessThanOrEqual(1);
      closePage(hook);
    }),
    { numRuns: 25, endOnFailure: true },
  );
});

it('what was left behind when a page was closed is shown by the next one, and goes over', async () => {
  server = new KitchenServer();
  let hook = await openPage();
  server.isAway = true;
  act(() => editKitchen((now) => ({ ...now, roomC: 27 })));
  await pass(1000);
  expect(server.row.kitchen.roomC).toBe(DEFAULT_KITCHEN.roomC);
  const left = { ...localStorage };
  // The page is closed: nothing of it goes on but what the browser keeps.
  server.isAway = false;
  await pass(6000);
  closePage(hook);
  expect(saver.isDirty('kitchen')).toBe(false);
  server = new KitchenServer();
  Object.entries(left).forEach(([key, value]) => localStorage.setItem(key, value as string));
  hook = await openPage();
  act(() => resumeKitchen());
  expect(shown().roomC).toBe(27);
  await pass(3000);
  expect(server.row.kitchen.roomC).toBe(27);
  closePage(hook);
});

it('nothing is edited before the kitchen is there', async () => {
  server = new KitchenServer();
  globalThis.fetch = server.fetch as typeof fetch;
  act(() => editKitchen((now) => ({ ...now, roomC: 30 })));
  act(() => resumeKitchen());
  await pass(2000);
  expect([server.puts, server.row.version]).toEqual([0, 1]);
});
