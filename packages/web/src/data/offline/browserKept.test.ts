/** @jest-environment ./testing/browser.mjs */
import { batchOf, newTray } from '@ember-fold/core/plan';
import { act, renderHook, waitFor } from '@testing-library/react';
import fc from 'fast-check';
import { keepHistory, keptHistory } from '../draft/draftHistory';
import type { DraftState, HistoryStep } from '../draft/draftSlice';
import { readKept, useKept, writeKept } from './useKept';
import { unwatchPot, useWatched, watchPot } from '../live/watched';

const draft = batchOf(newTray('Kept', 'squash-sage', 24, '2030-01-05T18:30:00Z'));
const step = (field: string): HistoryStep => ({ field, redo: [], undo: [] }) as unknown as HistoryStep;
const state = (more: Partial<DraftState>): DraftState =>
  ({ batchId: 'one', draft, past: [step('a')], future: [step('b')], ...more }) as DraftState;
const NONE = { past: [], future: [] };

beforeEach(() => localStorage.clear());

test('undo survives a reload for just the draft it leads to, and no other', () => {
  keepHistory(state({}));
  expect(keptHistory('one', draft)).toEqual({ past: [step('a')], future: [step('b')] });
  expect(keptHistory('two', draft)).toEqual(NONE);
  // Changed elsewhere meanwhile: the steps would lead from something else.
  expect(keptHistory('one', { ...draft, name: 'Other' })).toEqual(NONE);
  keepHistory(state({ batchId: null }));
  expect(keptHistory('one', draft).past).toHaveLength(1);
});

test('a page that is left in the middle of a keystroke keeps what can be undone', async () => {
  const isKept = () => localStorage.getItem('ember.history') !== null;
  keepHistory(state({}));
  expect(isKept()).toBe(false);
  window.dispatchEvent(new Event('pagehide'));
  expect(isKept()).toBe(true);
  localStorage.clear();
  keepHistory(state({}));
  await waitFor(() => expect(isKept()).toBe(true));
});

test('a long history keeps its nearest steps; a broken or full store loses undo and nothing else', () => {
  const many = Array.from({ length: 500 }, (_, i) => step(`field ${i}`));
  keepHistory(state({ past: many, future: many }));
  const kept = keptHistory('one', draft);
  expect(kept.past[kept.past.length - 1]).toEqual(step('field 499'));
  expect(kept.future[0]).toEqual(step('field 0'));
  expect(kept.past.length).toBeLessThan(100);
  fc.assert(
    fc.property(fc.oneof(fc.string(), fc.json()), (text) => {
      localStorage.setItem('ember.history', text);
      expect(keptHistory('one', draft)).toEqual(NONE);
    }),
  );
  const full = jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new DOMException('full', 'QuotaExceededError');
  });
  keepHistory(state({}));
  expect(keptHistory('one', draft)).toEqual(NONE);
  expect(() => writeKept('x', 1)).not.toThrow();
  full.mockRestore();
});

test('what is kept comes back as it was, or not at all', () => {
  const isNumbers = (value: unknown): value is number[] =>
    Array.isArray(value) && value.every((one) => typeof one === 'number');
  fc.assert(
    fc.property(fc.jsonValue(), (value) => {
      writeKept('some', value);
      // JSON has no negative zero.
      const plain: unknown = JSON.parse(JSON.stringify(value));
      expect(readKept('some', isNumbers)).toEqual(isNumbers(plain) ? plain : null);
    }),
  );
  localStorage.setItem('ember.kept.some', '[1, 2');
  expect(readKept('some', isNumbers)).toBeNull();
  const hook = renderHook(() => useKept('some', isNumbers));
  act(() => hook.result.current[1]([4, 5]));
  expect([hook.result.current[0], readKept('some', isNumbers)]).toEqual([
    [4, 5],
    [4, 5],
  ]);
  act(() => hook.result.current[1](null));
  expect(localStorage.getItem('ember.kept.some')).toBeNull();
});

test('pots that this device watches: each once, the newest last, and not for ever', () => {
  const hook = renderHook(() => useWatched());
  fc.assert(
    fc.property(fc.array(fc.tuple(fc.boolean(), fc.integer({ min: 0, max: 30 })), { maxLength: 40 }), (moves) => {
      for (const id of Array.from(hook.result.current)) act(() => unwatchPot(id));
      const wanted: string[] = [];
      for (const [watch, n] of moves) {
        const id = `pot ${n}`;
        const before = wanted.indexOf(id);
        if (before >= 0) wanted.splice(before, 1);
        if (watch) wanted.push(id);
        if (wanted.length > 12) wanted.shift();
        act(() => (watch ? watchPot(id) : unwatchPot(id)));
      }
      expect(hook.result.current).toEqual(wanted);
      expect(JSON.parse(localStorage.getItem('ember.kept.watched') ?? '[]')).toEqual(wanted);
    }),
    { numRuns: 30 },
  );
});
