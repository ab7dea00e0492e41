import fc from 'fast-check';
import { act, renderHook } from '@testing-library/react';
import { readKept, useKept } from './useKept';

afterEach(() => localStorage.clear());

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
