import fc from 'fast-check';
import { batchOf } from '../../draft/batchDraft.js';
import { DEFAULT_KITCHEN, type Guests } from '../../draft/kitchen.js';
import { movedWith, servingsOf, withSupper } from '../../draft/supper.js';
import { newTray } from '../edit/starters.js';
import { trayOf, withCopyOfTray, withTray } from '../edit/trays.js';
import { planTrays } from '../batch/planBatch.js';
import { type Dish, supperEats, supperPart, type SupperPart } from './supperEats.js';

const AT = '2030-01-05T18:30:00.000Z';
const KITCHEN = { pot: DEFAULT_KITCHEN.pot, roomC: 21 };
const group = (id: string, change: Partial<Guests> = {}): Guests => ({
  id,
  name: id,
  count: 1,
  eats: 'anything',
  allergies: [],
  ...change,
});
const baked = (batchId: string, pieces: number, change: Partial<Dish> = {}): SupperPart => ({
  batchId,
  job: null,
  kitchen: KITCHEN,
  dishes: [{ batchId, mark: 'A', name: batchId, pieces, isFried: false, diet: 'vegan', allergens: [], ...change }],
});

test('two batches for a table with a vegetarian, one who eats no fish and one allergic: who may have what', () => {
  const parts = ['lentil-dill', 'mackerel-leek'].map((starter) => {
    const batch = batchOf(newTray(starter, starter, 12, AT));
    return supperPart(starter, batch, planTrays(batch, DEFAULT_KITCHEN, null), DEFAULT_KITCHEN);
  });
  const gluten = group('ill', { allergies: ['gluten'] });
  const guests = [group('all', { count: 2 }), group('green', { eats: 'vegetarian', count: 3 }), gluten];
  const eats = supperEats(parts, guests, 4);
  const off = (id: string) => eats.groups.find(({ guestId }) => guestId === id)!.keepOff;
  expect(eats).toMatchObject({ heads: 6, pieces: 24, fed: 5, full: 5, unsure: [] });
  expect(off('all')).toEqual([]);
  expect(off('green')).toEqual([{ batchId: 'mackerel-leek', mark: 'A', why: 'diet' }]);
  expect(off('ill').map(({ why }) => why)).toEqual(['contains', 'contains']);
  // Fish went into the oil before: nothing fried in it is for who eats none.
  const used = { ...DEFAULT_KITCHEN, potOil: { ...oil, allergens: ['fish' as const], diet: 'fish' as const } };
  const again = parts.map((part) => ({ ...part, kitchen: used }));
  expect(supperEats(again, [group('green', { eats: 'vegetarian' })], 4)).toMatchObject({ fed: 0 });
  // Frozen pieces are not eaten that day; what cannot be fried is counted on by nobody.
  const frozen = batchOf({ ...newTray('Frozen', 'lentil-dill', 12, AT), way: 'freeze' });
  const kept = supperPart('f', frozen, planTrays(frozen, DEFAULT_KITCHEN, null), DEFAULT_KITCHEN);
  expect(supperEats([kept, { ...parts[0]!, job: null }], guests, 4)).toMatchObject({
    pieces: 0,
    fed: 0,
    unsure: ['lentil-dill'],
  });
});
test('trays of one batch share its oil: who is allergic to one of them keeps off all that are fried', () => {
  const one = batchOf(newTray('Two trays', 'squash-sage', 12, AT));
  const two = withCopyOfTray(one, 'A')!;
  const withEgg = { ...trayOf(two, 'B'), coating: { wet: 'egg', dry: 'none', double: false } as const };
  const batch = withTray(two, withEgg);
  const part = supperPart('b', batch, planTrays(batch, DEFAULT_KITCHEN, null), DEFAULT_KITCHEN);
  const eggs = (some: SupperPart) => supperEats([some], [group('g', { allergies: ['eggs'] })], 1).groups[0]!.keepOff;
  expect(eggs(part).map(({ mark, why }) => [mark, why])).toEqual([
    ['A', 'oil-allergen'],
    ['B', 'contains'],
  ]);
  // Baked, a tray takes nothing from the oil of the other.
  const baked = {
    ...part,
    dishes: part.dishes.map((dish) => (dish.mark === 'A' ? { ...dish, isFried: false } : dish)),
  };
  expect(eggs(baked).map(({ mark }) => mark)).toEqual(['B']);
});
const oil = { id: 'o', name: 'Oil', smokeC: 225, advice: 'good' as const, reasons: [], uses: 1 };

/** Whether pieces go round, by the condition on every set of groups (Hall): what they may have is enough for them. */
function goesRound(guests: readonly Guests[], parts: readonly SupperPart[], each: number): boolean {
  return Array.from({ length: 2 ** guests.length }, (_, set) => guests.filter((_one, i) => (set >> i) % 2 === 1)).every(
    (some) => {
      const enough = parts
        .flatMap(({ dishes }) => dishes)
        .filter(({ allergens }) => some.some(({ allergies }) => !allergies.some((one) => allergens.includes(one))));
      const wanted = each * some.reduce((sum, { count }) => sum + count, 0);
      return enough.reduce((sum, { pieces }) => sum + pieces, 0) >= wanted;
    },
  );
}

test('pieces are shared out so that everyone has enough wherever that is possible at all, and never more than there are', () => {
  const allergens = fc.subarray(['eggs', 'milk', 'nuts', 'sesame'] as const);
  const table = fc.record({
    guests: fc.array(fc.record({ count: fc.integer({ min: 1, max: 5 }), allergies: allergens }), { maxLength: 5 }),
    dishes: fc.array(fc.record({ pieces: fc.integer({ min: 1, max: 20 }), allergens }), { maxLength: 5 }),
    each: fc.integer({ min: 1, max: 4 }),
  });
  fc.assert(
    fc.property(table, ({ guests: groups, dishes, each }) => {
      const guests = groups.map((one, i) => group(`g${i}`, one));
      const parts = dishes.map(({ pieces, allergens: holds }, i) => baked(`d${i}`, pieces, { allergens: holds }));
      const eats = supperEats(parts, guests, each);
      expect(eats.full === eats.heads).toBe(goesRound(guests, parts, each));
      expect(eats.fed === eats.heads).toBe(goesRound(guests, parts, 1));
      const eaten = eats.groups.reduce((sum, one) => sum + one.each * one.heads, 0);
      expect(eaten).toBeLessThanOrEqual(eats.pieces + 1e-9);
      for (const one of eats.groups) expect(one.each).toBeLessThanOrEqual(each);
      // One more piece of anything is never a loss to anybody who counts.
      const more = parts.map((part, i) => (i > 0 ? part : baked('d0', dishes[0]!.pieces + 1, dishes[0])));
      const then = supperEats(more, guests, each);
      expect([then.fed >= eats.fed, then.full >= eats.full - each]).toEqual([true, true]);
    }),
    { numRuns: 200 },
  );
});

test('batches go with their serving; one with its own time stays; a serving that is gone hands its batches on', () => {
  const [early, late] = [
    { id: 'e', at: '2030-01-05T17:00:00Z' },
    { id: 'l', at: '2030-01-05T20:00:00.000Z' },
  ];
  const supper = { servings: [late!, early!] };
  expect(servingsOf(supper).map(({ id }) => id)).toEqual(['e', 'l']);
  const batch = withSupper(batchOf(newTray('A', 'squash-sage', 12, AT)), 's', supper);
  expect([batch.supper, batch.eatAt]).toEqual(['s', early!.at]);
  const moved = { servings: [late!, { id: 'e', at: '2030-01-06T17:00:00Z' }] };
  expect(movedWith(batch, supper, moved).eatAt).toBe('2030-01-06T17:00:00Z');
  expect(movedWith(batch, supper, { servings: [late!] }).eatAt).toBe(late!.at);
  const own = { ...batch, eatAt: AT };
  expect(movedWith(own, supper, moved)).toBe(own);
  // Written otherwise, the same moment: nothing moves.
  expect(movedWith({ ...batch, eatAt: '2030-01-05T17:00:00.000Z' }, supper, supper).eatAt).toMatch(/17:00:00\.000Z$/);
  expect(withSupper(batch, null, null).supper).toBeUndefined();
});
