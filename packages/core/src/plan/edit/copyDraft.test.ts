import fc from 'fast-check';
import { anyDraft } from '../../../testing/anyWrites.js';
import { copyDraft } from './copyDraft.js';
import { newTray } from './starters.js';

test('a copy is the same plan under a name of its own, without what was measured', () => {
  fc.assert(
    fc.property(anyDraft(), fc.array(fc.nat(12), { maxLength: 12 }), (draft, numbers) => {
      const taken = [draft.name, ...numbers.map((n) => `${draft.name} ${n}`)];
      const copy = copyDraft(draft, taken);
      expect(taken).not.toContain(copy.name);
      expect(copy.name.length).toBeLessThanOrEqual(120);
      const { poured: _measured, ...dough } = draft.dough;
      expect({ ...copy, name: '' }).toEqual({ ...draft, name: '', dough });
      // A copy of a copy counts on.
      const next = copyDraft(copy, [...taken, copy.name]);
      expect(taken).not.toContain(next.name);
      expect(next.name).not.toBe(copy.name);
    }),
    { numRuns: 60 },
  );
});

test('names count on from the number they end with, and a long name keeps room for it', () => {
  const named = (name: string) => ({ ...newTray('x', 'squash-sage', 12, '2030-01-05T18:30:00Z'), name });
  expect(copyDraft(named('Half-moons'), []).name).toBe('Half-moons 2');
  expect(copyDraft(named('Half-moons 2'), ['Half-moons 3']).name).toBe('Half-moons 4');
  expect(copyDraft(named('Table for 12'), []).name).toBe('Table for 13');
  const long = copyDraft(named(`x${'🥟'.repeat(59)}y`), []).name;
  expect(long.length).toBeLessThanOrEqual(120);
  // No half of a sign is left at its end.
  expect(long).toMatch(/^x(🥟)+ 2$/u);
  expect(long.endsWith(' 2')).toBe(true);
});
