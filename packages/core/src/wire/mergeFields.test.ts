import fc from 'fast-check';
import { mergeFields, takeTheirs } from './mergeFields.js';

const leaf = fc.oneof(
  fc.integer({ min: 0, max: 3 }),
  fc.constantFrom('a', 'b', null),
  fc.array(fc.integer({ min: 0, max: 2 }), { maxLength: 2 }),
);
const value = fc.record(
  { a: leaf, b: leaf, deep: fc.record({ x: leaf, y: leaf }, { requiredKeys: [] }) },
  { requiredKeys: ['deep'] },
);
const text = (of: unknown): string =>
  JSON.stringify(of, (_key, v: unknown) =>
    v && typeof v === 'object' && !Array.isArray(v)
      ? Object.fromEntries(Object.entries(v).sort(([a], [b]) => (a < b ? -1 : 1)))
      : v,
  );

test('one side alone changes all it changed; the same change twice is one; order of the two matters only in clashes', () => {
  fc.assert(
    fc.property(value, value, value, (base, mine, theirs) => {
      expect(text(mergeFields(base, mine, base).value)).toBe(text(mine));
      expect(text(mergeFields(base, base, theirs).value)).toBe(text(theirs));
      expect(mergeFields(base, mine, mine).clashes).toEqual([]);
      const [one, other] = [mergeFields(base, mine, theirs), mergeFields(base, theirs, mine)];
      expect(one.clashes.map(({ path }) => path.join('.')).sort()).toEqual(
        other.clashes.map(({ path }) => path.join('.')).sort(),
      );
      if (one.clashes.length === 0) expect(text(one.value)).toBe(text(other.value));
      expect(text(takeTheirs(one.value, one.clashes))).toBe(text(other.value));
    }),
  );
});

test('two fields of one draft changed on two devices are both there; the same field asks', () => {
  const base = { pieces: 24, fry: { oilC: 158, turn: 'once' }, dough: { lines: [1, 2] } };
  const merged = mergeFields(base, { ...base, pieces: 30 }, { ...base, fry: { ...base.fry, oilC: 162 } });
  expect(merged).toEqual({ value: { ...base, pieces: 30, fry: { oilC: 162, turn: 'once' } }, clashes: [] });
  const clash = mergeFields(base, { ...base, pieces: 30 }, { ...base, pieces: 36 });
  expect(clash.clashes).toEqual([{ path: ['pieces'], mine: 30, theirs: 36 }]);
});
