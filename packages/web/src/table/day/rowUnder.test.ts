import fc from 'fast-check';
import { rowUnder } from './rowUnder';

test('what is dragged to the middle of a row is in that row, however high the rows are', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 44, max: 200 }), { minLength: 1, maxLength: 6 }), (heights) => {
      let top = 300;
      const rows = heights.map((height) => ({ top, bottom: (top += height) }));
      expect(rows.map((row) => rowUnder(rows, (row.top + row.bottom) / 2))).toEqual(rows.map((_, i) => i));
      expect([rowUnder(rows, -1000), rowUnder(rows, 1e6)]).toEqual([0, rows.length - 1]);
    }),
  );
  expect(rowUnder([], 0)).toBe(-1);
});
