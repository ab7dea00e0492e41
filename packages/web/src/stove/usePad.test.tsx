/** @jest-environment ./testing/browser.mjs */
import 'fake-indexeddb/auto';
import { DEFAULT_KITCHEN, newTray, planBatch } from '@ember-fold/core/plan';
import {
  type StoveAct,
  stoveNow,
  stoveState,
  type StoveSession,
  NOTHING_KNOWN,
  type OilReading,
} from '@ember-fold/core/stove';
import { act, cleanup, fireEvent, renderHook } from '@testing-library/react';
import fc from 'fast-check';
import type { StoveFigures } from './useStoveFigures';
import { usePad } from './usePad';
import type { LiveStove } from './useLiveStove';

const draft = newTray('Pad', 'squash-sage', 12, '2030-01-05T18:30:00Z');
const plan = planBatch(draft, DEFAULT_KITCHEN, null).fry!;
const session: StoveSession = {
  kitchen: DEFAULT_KITCHEN,
  speed: 1,
  hasProbe: true,
  trial: false,
  trays: [{ draft, first: 1, fry: { ...plan, loads: plan.loads! } }],
};
const HOT: readonly OilReading[] = Array.from({ length: 400 }, (_, i) => ({ atS: 2 * i, probeC: 158 }));
const NOW_S = 700;

/** A stove whose page has told these acts, and the pad over it. */
function padOver(acts: StoveAct[], hasKeys = true) {
  cleanup();
  const told: StoveAct[] = [];
  const live = {
    acts,
    readings: HOT,
    waiting: 0,
    ended: false,
    clock: { nowS: NOW_S, atMs: performance.now() },
    stove: { batchId: 'one', speed: 1, draft, kitchen: DEFAULT_KITCHEN },
  } as unknown as LiveStove;
  const figures: StoveFigures = { ...stoveNow(session, acts, HOT, NOTHING_KNOWN, NOW_S), trays: session.trays };
  const hook = renderHook(() => usePad(live, figures, (one) => told.push(one), { hasKeys }));
  return { told, pad: () => hook.result.current, hook };
}
const lit: StoveAct = { id: 'lit', atS: 0, kind: 'burner', setting: 9 };
const dropped: StoveAct = { id: 'in', atS: 600, kind: 'drop', pieces: [1, 2, 3] };

const press = (key: string, more: object = {}, at: Element = document.body) =>
  act(() => void fireEvent.keyDown(at, { key, ...more }));

test('every act has an id of its own and the moment it was done', () => {
  const { told, pad } = padOver([lit, dropped]);
  act(() => pad().burner(4));
  act(() => pad().skim());
  act(() => pad().oil(152, 6));
  act(() => pad().act('take-out'));
  expect(told.map(({ kind }) => kind)).toEqual(['burner', 'skim', 'oil', 'take-out']);
  expect(new Set(told.map(({ id }) => id)).size).toBe(4);
  for (const { atS } of told) expect(atS).toBeGreaterThanOrEqual(0);
  expect(told[3]).toMatchObject({ pieces: [1, 2, 3] });
});

test('a clock that went back puts nothing before what was done already', () => {
  const later: StoveAct = { id: 'in', atS: NOW_S + 9, kind: 'drop', pieces: [1, 2, 3] };
  const { told, pad } = padOver([lit, later]);
  act(() => pad().pieces('take-out', [1, 2, 3]));
  expect(told[0]!.atS).toBe(later.atS);
  const { inPot, pieces } = stoveState([lit, later, ...told], 12);
  expect([inPot.length, pieces.filter(({ outS }) => outS !== null).length]).toEqual([0, 3]);
});

test('chosen pieces are meant, and only until something is done with them', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 1, max: 3 }), { maxLength: 8 }), (taps) => {
      const { told, pad, hook } = padOver([lit, dropped]);
      for (const number of taps) act(() => pad().select(number));
      // Tapped twice is not chosen.
      const chosen = [1, 2, 3].filter((number) => taps.filter((one) => one === number).length % 2 === 1);
      expect([...pad().selected].sort()).toEqual(chosen);
      act(() => pad().act('turn'));
      expect(told[0]).toMatchObject({ kind: 'turn', pieces: chosen.length > 0 ? chosen : [1, 2, 3] });
      expect(pad().selected.size).toBe(0);
      hook.unmount();
    }),
    { numRuns: 20 },
  );
});

test('keys do what their buttons do; not while something is typed, a sheet is open or a key is held', () => {
  const { told, hook } = padOver([lit, dropped]);
  for (const key of ['f', 'L', 'k']) press(key);
  expect(told.map(({ kind }) => kind)).toEqual(['turn', 'take-out', 'skim']);
  press('f', { ctrlKey: true });
  press('f', { repeat: true });
  press('z');
  const input = document.body.appendChild(document.createElement('input'));
  press('f', {}, input);
  input.remove();
  const sheet = document.body.appendChild(document.createElement('div'));
  sheet.setAttribute('role', 'dialog');
  press('f');
  sheet.remove();
  expect(told).toHaveLength(3);
  // A burst is told by a key only when it is clear which.
  press('b');
  expect(told).toHaveLength(3);
  press('u');
  expect(told[3]).toMatchObject({ kind: 'take-back', actId: 'in' });
  hook.unmount();
  press('f');
  expect(told).toHaveLength(4);
  // A pot in the background hears no keys.
  const other = padOver([lit, dropped], false);
  press('f');
  expect(other.told).toHaveLength(0);
});

test('what is said is done, in the words that cooks use', () => {
  const { told, pad } = padOver([lit, dropped]);
  for (const words of ['turn them', 'take them out please', 'skim', 'undo that turn', 'what a day'])
    act(() => pad().spoken(words));
  expect(told.map(({ kind }) => kind)).toEqual(['turn', 'take-out', 'skim', 'take-back']);
});

test('nothing is dropped, turned or taken out where there is nothing to', () => {
  const empty = padOver([]);
  act(() => empty.pad().act('turn'));
  act(() => empty.pad().act('take-out'));
  act(() => empty.pad().takeBack());
  act(() => empty.pad().aside());
  expect(empty.told).toEqual([]);
  // One fewer than planned, but never none, and never more than there are.
  const ready = padOver([lit, { id: 'here', atS: 690, kind: 'here' }]);
  const planned = ready.pad().targets.drop.length;
  expect(planned).toBeGreaterThan(1);
  act(() => ready.pad().dropFewer(-1));
  expect(ready.pad().targets.drop).toHaveLength(planned - 1);
  act(() => ready.pad().dropFewer(-50));
  expect(ready.pad().targets.drop).toHaveLength(1);
  act(() => ready.pad().dropFewer(200));
  expect(ready.pad().targets.drop).toHaveLength(12);
  act(() => ready.pad().act('drop'));
  expect(ready.told[0]).toMatchObject({ kind: 'drop', pieces: Array.from({ length: 12 }, (_, i) => i + 1) });
});
