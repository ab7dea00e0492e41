import { newBatch } from '@ember-fold/core';
import fc from 'fast-check';
import { act, renderHook } from '@testing-library/react';
import { dropMirror, keepMirror, readMirror } from './draftMirror';
import { readKept, useKept } from './useKept';

const DRAFT = newBatch('Squash', 'squash-sage', 24, '2026-03-07T18:30:00Z');

afterEach(() => localStorage.clear());

it('what was kept in the browser comes back as it was, each batch its own', () => {
  keepMirror('a', DRAFT, 3);
  keepMirror('b', { ...DRAFT, pieces: 9 }, 4);
  expect(readMirror('a')).toEqual({ draft: DRAFT, baseVersion: 3 });
  expect(readMirror('b')!.draft.pieces).toBe(9);
  dropMirror('a');
  expect(readMirror('a')).toBeNull();
  expect(readMirror('b')).not.toBeNull();
});

it('half a record, or anything else in its place, is none', () => {
  fc.assert(
    fc.property(fc.oneof(fc.string(), fc.json()), (text) => {
      localStorage.setItem('ember.draft.a', text);
      const mirror = readMirror('a');
      expect(mirror === null || typeof mirror.baseVersion === 'number').toBe(true);
    }),
  );
});

it('a full storage is told, not thrown', () => {
  const full = jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new DOMException('full', 'QuotaExceededError');
  });
  expect(keepMirror('a', DRAFT, 1)).toBe(false);
  full.mockRestore();
});

describe('state that survives a reload', () => {
  const isNames = (value: unknown): value is readonly string[] =>
    Array.isArray(value) && value.every((item) => typeof item === 'string');
  const open = (key: string) => renderHook(() => useKept(key, isNames));

  it('is there again for whoever opens the same key, and gone when dropped', () => {
    fc.assert(
      fc.property(fc.array(fc.string(), { minLength: 1, maxLength: 8 }), (names) => {
        const first = open('ticks');
        act(() => first.result.current[1](names));
        expect(first.result.current[0]).toEqual(names);
        expect(open('ticks').result.current[0]).toEqual(names);
        expect(open('other').result.current[0]).toBeNull();
        act(() => first.result.current[1](null));
        expect(open('ticks').result.current[0]).toBeNull();
      }),
      { numRuns: 30 },
    );
  });

  it('takes nothing that is not what it should be, and lives on in a full storage', () => {
    fc.assert(
      fc.property(fc.oneof(fc.string(), fc.json()), (text) => {
        localStorage.setItem('ember.kept.ticks', text);
        const kept = readKept('ticks', isNames);
        expect(kept === null || isNames(kept)).toBe(true);
      }),
    );
    const full = jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    const hook = open('ticks');
    act(() => hook.result.current[1](['flour']));
    expect(hook.result.current[0]).toEqual(['flour']);
    full.mockRestore();
  });
});
