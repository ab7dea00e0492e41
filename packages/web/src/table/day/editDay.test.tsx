/** @jest-environment ./testing/browser.mjs */
import 'fake-indexeddb/auto';
import type { SupperRow } from '@ember-fold/core/plan';
import { type Supper, supperCooks } from '@ember-fold/core/supper';
import { act, renderHook } from '@testing-library/react';
import fc from 'fast-check';
import { openFakePage, pass, wrapper } from '../../../testing/fakePage';
import { api } from '../../data/api/api';
import { store } from '../../data/draft/store';
import { dayBefore, useDayEdits, withCook } from './editDay';

const SUPPER: Supper = {
  name: 'Lantern Walk',
  servings: [
    { id: 'first', at: '2030-01-05T18:30:00.000Z' },
    { id: 'second', at: '2030-01-05T20:00:00.000Z' },
  ],
  each: 3,
  guests: [{ id: 'neighbours', name: 'Neighbours', count: 20, eats: 'anything', allergies: [] }],
};

/** Keeps one supper by its version, as the server does. */
class SupperServer {
  row: SupperRow = { id: 'one', supper: SUPPER, version: 1 };
  readonly fetch = async (input: string | URL | Request): Promise<Response> => {
    const request = input as Request;
    if (request.method !== 'PUT') return Response.json([this.row]);
    const { supper, version } = (await request.json()) as Omit<SupperRow, 'id'>;
    if (version !== this.row.version)
      return Response.json({ code: 'STALE_VERSION', message: 'Changed meanwhile.' }, { status: 409 });
    this.row = { id: 'one', supper, version: version + 1 };
    return Response.json(this.row);
  };
}

function useDayPlan() {
  const row = api.useSuppersQuery().data?.find(({ id }) => id === 'one');
  return { supper: row?.supper, edits: useDayEdits('one', row?.supper ?? SUPPER, 2) };
}

const minute = fc.integer({ min: 0, max: 600 }).map((min) => new Date(Date.UTC(2030, 0, 5, 8, min)).toISOString());
const task = fc.constantFrom('a:knead', 'a:roll', 'b:fry');
const edit = fc.oneof(
  fc.record({ what: fc.constant('pin' as const), task, at: minute }),
  fc.record({ what: fc.constant('give' as const), task, cook: fc.constantFrom('cook-1', 'cook-2') }),
  fc.record({ what: fc.constant('free' as const), task }),
  fc.record({
    what: fc.constant('name' as const),
    id: fc.constantFrom('cook-1', 'cook-2'),
    name: fc.string({ maxLength: 8 }),
  }),
  fc.record({ what: fc.constant('later' as const), byS: fc.integer({ min: 60, max: 3600 }) }),
);

beforeAll(() => openFakePage());
afterAll(() => jest.useRealTimers());

it('whatever is changed of a day plan: each undo takes one thing back, and the server ends with what is shown', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(edit, { minLength: 1, maxLength: 8 }), fc.nat(8), async (changes, backs) => {
      const server = new SupperServer();
      globalThis.fetch = server.fetch as typeof fetch;
      const hook = renderHook(useDayPlan, { wrapper });
      await pass(400);
      const now = () => hook.result.current;
      expect(now().edits.undo).toBeNull();
      const shown: Supper[] = [now().supper!];
      for (const change of changes) {
        const before = now().supper!;
        await act(async () => {
          const { edits } = now();
          if (change.what === 'pin') edits.pin(change.task, { at: change.at });
          else if (change.what === 'give') edits.pin(change.task, { cook: change.cook });
          else if (change.what === 'free') edits.free(change.task);
          else if (change.what === 'later') await edits.take({ kind: 'later', byS: change.byS }, []);
          else edits.setCooks(withCook(before, 2, change.id, { name: change.name }));
        });
        const after = now().supper!;
        if (change.what === 'pin') expect(after.pins![change.task]!.at).toBe(change.at);
        // A cook is settled beside the moment, not in its place.
        if (change.what === 'give')
          expect(after.pins![change.task]).toEqual({ ...before.pins?.[change.task], cook: change.cook });
        if (change.what === 'free') expect(after.pins?.[change.task]).toBeUndefined();
        if (change.what === 'later')
          after.servings.forEach(({ at }, i) =>
            expect(Date.parse(at) - Date.parse(before.servings[i]!.at)).toBe(1000 * change.byS),
          );
        shown.push(after);
      }
      for (let back = 0; back < Math.min(backs, changes.length); back++) {
        act(() => now().edits.undo!());
        shown.pop();
        expect(now().supper).toEqual(shown.at(-1));
      }
      await pass(3000);
      expect(server.row.supper).toEqual(now().supper);
      hook.unmount();
      act(() => void store.dispatch(api.util.resetApiState()));
    }),
    { numRuns: 20 },
  );
});

it('one cook is changed, the others stay; without names there are as many as the kitchen has hands', () => {
  const named = withCook(SUPPER, 3, 'cook-2', { name: 'Ida' });
  expect(named).toHaveLength(3);
  expect(named.filter(({ name }) => name === 'Ida')).toHaveLength(1);
  const again = withCook({ ...SUPPER, cooks: named }, 1, 'nobody', { name: 'Ghost' });
  expect(again).toEqual(supperCooks({ ...SUPPER, cooks: named }, 1));
  expect(dayBefore(Date.UTC(2030, 2, 1, 18))).toBe('2030-02-28T18:00:00.000Z');
});
