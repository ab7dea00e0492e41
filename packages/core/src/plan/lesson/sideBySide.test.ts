import fc from 'fast-check';
import { batchOf, marksOf } from '../../draft/batchDraft.js';
import { DEFAULT_KITCHEN } from '../../draft/kitchen.js';
import { piecesToTell } from '../../learning/compareArms.js';
import { platesOf, TEST_CHANGES, testExpected, withTest } from './sideBySide.js';
import { newTray, STARTERS } from '../edit/starters.js';
import { trayOf } from '../edit/trays.js';

const EAT = '2030-01-05T18:30:00Z';

test('a test is two trays of so many pieces that differ in one thing, and share everything else', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...STARTERS.map(({ id }) => id)),
      fc.constantFrom(...TEST_CHANGES),
      fc.integer({ min: 1, max: 60 }),
      fc.boolean(),
      fc.boolean(),
      (starter, change, pieces, blind, swapped) => {
        const batch = batchOf(newTray('T', starter, 24, EAT));
        const made = withTest(batch, 'A', { change, pieces, blind, swapped });
        if (!made) return;
        const { test } = made;
        expect(marksOf(made)).toEqual([test!.of, test!.against]);
        expect(platesOf(test!).includes(test!.of) && platesOf(test!).includes(test!.against)).toBe(true);
        expect(test!.blind === true).toBe(blind);
        const [usual, changed] = [trayOf(made, test!.of), trayOf(made, test!.against)];
        expect([usual.pieces, changed.pieces]).toEqual([pieces, pieces]);
        expect(usual.dough).toEqual(changed.dough);
        expect(usual.fillingOf ?? usual.mark).toBe(changed.fillingOf ?? changed.mark);
        const { mark: _a, others: _b, ...one } = usual;
        const { mark: _c, others: _d, ...other } = changed;
        expect(one).not.toEqual(other);
      },
    ),
    { numRuns: 100 },
  );
  const flat = batchOf(newTray('T', 'squash-sage', 24, EAT));
  // A change that is there already is none.
  const cool = { ...flat, trays: { A: { ...flat.trays.A!, fry: { ...flat.trays.A!.fry, oilC: 110 } } } };
  expect(withTest(cool, 'A', { change: 'oil-cooler', pieces: 8, blind: false, swapped: false })).toBeNull();
  expect(() => withTest(flat, 'A', { change: 'thinner', pieces: 0, blind: false, swapped: false })).toThrow(
    expect.objectContaining({ path: 'pieces' }),
  );
});

test('so many pieces tell a difference: the smaller it is the more, none for none', () => {
  expect(piecesToTell(0.2, 0.2)).toBeNull();
  expect(piecesToTell(0.02, 0.015)).toBeNull();
  expect(piecesToTell(0.4, 0.05)!).toBeLessThan(piecesToTell(0.2, 0.05)!);
  const draft = newTray('T', 'squash-sage', 24, EAT);
  const { bursts } = testExpected(draft, DEFAULT_KITCHEN, 'less-filling');
  expect(bursts!.after).toBeLessThan(bursts!.before);
});
