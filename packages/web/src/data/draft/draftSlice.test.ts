/** @jest-environment ./testing/browser.mjs */
import {
  type BatchDraft,
  batchOf,
  newTray,
  trayOf,
  type TrayDraft,
  withFold,
  withPieces,
  withRaw,
  withTray,
} from '@ember-fold/core/plan';
import fc from 'fast-check';
import { keepHistory, keptHistory } from './draftHistory';
import { draftChanged, draftLoaded, draftReducer, type DraftState, draftTaken, redone, undone } from './draftSlice';
import { watchPress } from './press';

const TRAY = newTray('Squash', 'squash-sage', 24, '2026-03-07T18:30:00Z');
const DRAFT = batchOf(TRAY);
/** An edit of the only tray, as a station makes it. */
const with_ = (batch: BatchDraft, make: Edit): BatchDraft => withTray(batch, make(trayOf(batch, null)));
const loaded = (): DraftState => draftReducer(undefined, draftLoaded({ batchId: 'b', draft: DRAFT }));

/** One edit as the stations make them, each in a field of its own so that none join. */
type Edit = (draft: TrayDraft) => TrayDraft;
const edit = fc.oneof(
  fc.integer({ min: 1, max: 200 }).map(
    (n): Edit =>
      (d) =>
        withPieces(d, n),
  ),
  fc.double({ min: 0.06, max: 0.2, noNaN: true }).map(
    (discM): Edit =>
      (d) =>
        withFold(d, { discM }),
  ),
  fc.integer({ min: 120, max: 190 }).map((oilC): Edit => (d) => ({ ...d, fry: { ...d.fry, oilC } })),
  fc.constant<Edit>((d) => ({
    ...d,
    dough: { ...d.dough, lines: [...d.dough.lines, { ingredientId: 'butter', massKg: 0.02 }] },
  })),
  fc.constant<Edit>((d) => ({ ...d, filling: { ...d.filling, lines: d.filling.lines.slice(1) } })),
  // A key that comes and goes again.
  fc.constantFrom<Edit>(
    (d) => withRaw(d, 'poultry', 74),
    (d) => withRaw(d, null, 74),
  ),
);

function changed(state: DraftState, make: Edit, field: string, atMs = Date.now()): DraftState {
  const action = draftChanged(with_(state.draft!, make), field);
  return draftReducer(state, { ...action, payload: { ...action.payload, atMs } });
}

it('undo walks back to the very beginning, redo to the very end, whatever was edited', () => {
  fc.assert(
    fc.property(fc.array(edit, { minLength: 1, maxLength: 12 }), (edits) => {
      const states = [loaded()];
      edits.forEach((make, i) => {
        const next = changed(states[states.length - 1]!, make, `field ${i}`);
        if (next !== states[states.length - 1]) states.push(next);
      });
      let now = states[states.length - 1]!;
      for (let i = states.length - 2; i >= 0; i--) {
        now = draftReducer(now, undone());
        expect(now.draft).toEqual(states[i]!.draft);
      }
      expect(now.past).toEqual([]);
      expect(draftReducer(now, undone())).toBe(now);
      for (let i = 1; i < states.length; i++) {
        now = draftReducer(now, redone());
        expect(now.draft).toEqual(states[i]!.draft);
      }
      expect(draftReducer(now, redone())).toBe(now);
    }),
    { numRuns: 60 },
  );
});

it('keystrokes in one field within a moment are one step; a pause or another field begins the next', () => {
  const type =
    (n: number): Edit =>
    (d) =>
      withPieces(d, n);
  let state = changed(loaded(), type(4), 'pieces', 1000);
  state = changed(state, type(48), 'pieces', 1300);
  state = changed(state, type(480), 'pieces', 1700);
  expect(state.past).toHaveLength(1);
  expect(draftReducer(state, undone()).draft).toEqual(DRAFT);
  state = changed(state, type(4), 'pieces', 5000);
  expect(state.past).toHaveLength(2);
  state = changed(state, (d) => withFold(d, { sealM: 0.009 }), 'fold.sealM', 5100);
  expect(state.past).toHaveLength(3);
});

it('a drag is one step however slow; the next drag of the same handle is another', () => {
  watchPress();
  const size = (state: DraftState, discM: number, atMs: number) => {
    jest.spyOn(Date, 'now').mockReturnValue(atMs);
    return draftReducer(
      state,
      draftChanged(
        with_(state.draft!, (d) => withFold(d, { discM })),
        'fold.discM',
      ),
    );
  };
  const press = (kind: 'down' | 'up', atMs: number) => {
    jest.spyOn(Date, 'now').mockReturnValue(atMs);
    window.dispatchEvent(new Event(`pointer${kind}`));
  };
  jest.useFakeTimers();
  press('down', 1000);
  let state = size(size(size(loaded(), 0.1, 1000), 0.11, 9000), 0.105, 60_000);
  press('up', 60_000);
  expect(state.past).toHaveLength(1);
  jest.runAllTimers();
  press('down', 70_000);
  state = size(size(state, 0.12, 70_000), 0.125, 80_000);
  press('up', 80_000);
  jest.runAllTimers();
  // Typed later, with no pointer down.
  state = size(size(state, 0.13, 90_000), 0.14, 99_000);
  jest.useRealTimers();
  jest.restoreAllMocks();
  expect(state.past).toHaveLength(4);
  for (const discM of [0.13, 0.125, 0.105, TRAY.fold.discM]) {
    state = draftReducer(state, undone());
    expect(state.draft!.trays.A!.fold.discM).toBe(discM);
  }
});

it('a step keeps only what differs, and a change that changes nothing is none', () => {
  const before = loaded();
  const state = changed(before, (d) => ({ ...d, fry: { ...d.fry, oilC: 161 } }), 'fry.oilC');
  expect(state.past[0]!.forward).toEqual([{ op: 'replace', path: ['trays', 'A', 'fry', 'oilC'], value: 161 }]);
  expect(state.draft!.dough).toBe(before.draft!.dough);
  expect(changed(state, (d) => ({ ...d, fry: { ...d.fry } }), 'fry.oilC')).toBe(state);
});

it('a new edit after undo drops what could have been redone', () => {
  let state = changed(loaded(), (d) => withPieces(d, 30), 'pieces');
  state = draftReducer(state, undone());
  expect(state.future).toHaveLength(1);
  state = changed(state, (d) => withPieces(d, 12), 'pieces');
  expect(state.future).toEqual([]);
});

it('what another device changed is shown, is no step of undo, and undo still takes back what was done here', () => {
  const mine = changed(loaded(), (d) => withPieces(d, 30), 'pieces');
  const both = with_(mine.draft!, (d) => ({ ...d, fry: { ...d.fry, oilC: 171 } }));
  const taken = draftReducer(mine, draftTaken({ batchId: 'b', draft: both }));
  expect(taken.draft).toEqual(both);
  expect(taken.past).toEqual(mine.past);
  const back = draftReducer(taken, undone());
  expect([back.draft!.trays.A!.pieces, back.draft!.trays.A!.fry.oilC]).toEqual([24, 171]);
  expect(draftReducer(mine, draftTaken({ batchId: 'other', draft: both }))).toBe(mine);
});

it('undo survives a reload of the same draft, and only of that', () => {
  localStorage.clear();
  const mine = changed(loaded(), (d) => withPieces(d, 30), 'pieces');
  keepHistory(mine);
  const again = draftReducer(
    undefined,
    draftLoaded({ batchId: 'b', draft: mine.draft!, ...keptHistory('b', mine.draft!) }),
  );
  expect(draftReducer(again, undone()).draft).toEqual(DRAFT);
  expect(keptHistory('b', DRAFT).past).toEqual([]);
  expect(keptHistory('a', mine.draft!).past).toEqual([]);
  localStorage.setItem('ember.history', '{"batchId":"b"');
  expect(keptHistory('b', mine.draft!).past).toEqual([]);
});
