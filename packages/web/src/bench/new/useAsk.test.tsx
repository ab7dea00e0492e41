import type { ShapeId } from '@ember-fold/core/plan';
import { act, renderHook } from '@testing-library/react';
import fc from 'fast-check';
import { type ForWhom, useAsk } from './useAsk';

const nameOf = (shape: ShapeId) => `A ${shape}`;
const FOR: ForWhom = { heads: 0, each: 3, eatAt: '2030-01-05T18:30:00Z', servings: [] };
const open = (forWhom: ForWhom = FOR) =>
  renderHook((of: ForWhom) => useAsk(of, { pieces: 24, shape: 'half-moon', nameOf }), { initialProps: forWhom });

it('asks with the usual answers; for whom it is says how many eat', () => {
  const { result, rerender } = open();
  expect(result.current.count).toMatchObject({ way: 'pieces', pieces: 24, guests: 6, each: 3 });
  expect(result.current.details).toEqual({ shape: 'half-moon', eatAt: FOR.eatAt, name: 'A half-moon' });
  rerender({ ...FOR, heads: 11, each: 4, eatAt: '2030-01-06T12:00:00Z' });
  expect(result.current.count).toMatchObject({ guests: 11, each: 4 });
  expect(result.current.details.eatAt).toBe('2030-01-06T12:00:00Z');
});

const answer = fc.oneof(
  fc.record({ pieces: fc.integer({ min: 1, max: 2000 }) }),
  fc.record({ guests: fc.integer({ min: 1, max: 200 }), way: fc.constant('guests' as const) }),
  fc.record({ each: fc.integer({ min: 1, max: 20 }) }),
  fc.record({ discM: fc.double({ min: 0.05, max: 0.3, noNaN: true }) }),
);

it('what the cook said stays, whatever is asked or changed afterwards', () => {
  fc.assert(
    fc.property(fc.array(answer, { minLength: 1, maxLength: 8 }), fc.integer({ min: 1, max: 60 }), (answers, heads) => {
      const { result, rerender, unmount } = open();
      for (const one of answers) act(() => result.current.onCount(one));
      rerender({ ...FOR, heads, each: 7 });
      const said = Object.assign({}, ...answers) as Record<string, unknown>;
      expect(result.current.count).toMatchObject(said);
      if (said['guests'] === undefined) expect(result.current.count.guests).toBe(heads);
      if (said['each'] === undefined) expect(result.current.count.each).toBe(7);
      unmount();
    }),
    { numRuns: 40 },
  );
});

it('a batch is called after its shape until the cook names it', () => {
  const { result } = open();
  act(() => result.current.onDetails({ shape: 'cone' }));
  expect(result.current.details.name).toBe('A cone');
  act(() => result.current.onDetails({ name: 'For the harbour' }));
  act(() => result.current.onDetails({ shape: 'roll' }));
  expect(result.current.details).toMatchObject({ shape: 'roll', name: 'For the harbour' });
});
