import fc from 'fast-check';
import type { Allergen } from '../ingredient/ingredient.js';
import { type FryJob, fryOrder } from './fryOrder.js';
import { potAtRest, oilAfterRest, oilChangeS, stepPot } from './pot.js';
import { supperAfter } from '../plan/supper/supper.js';
import { type Guests, DEFAULT_KITCHEN } from '../draft/kitchen.js';
import type { OilCarries } from '../draft/kitchen.js';

const FRESH: OilCarries = { allergens: [], diet: 'vegan' };
const change = (fromC: number | null, toC: number) => oilChangeS(DEFAULT_KITCHEN.pot, 21, fromC, toC);
const job = (name: string, oilC: number, diet: FryJob['diet'], allergens: Allergen[] = []): FryJob => ({
  id: name,
  name,
  oilC,
  diet,
  allergens,
  totalS: 1800,
  takenM3: 0,
});
const SUPPER = [
  job('squash', 158, 'vegetarian', ['gluten', 'milk']),
  job('lentil', 160, 'vegan', ['gluten']),
  job('mushroom', 165, 'vegetarian', ['gluten', 'milk']),
  job('mackerel', 172, 'fish', ['fish', 'gluten']),
  job('pear', 170, 'vegetarian', ['eggs', 'gluten', 'milk']),
];
const guests = (...more: Partial<Guests>[]): Guests[] =>
  more.map((one, i) => ({ id: `g${i}`, name: `g${i}`, count: 1, eats: 'anything', allergies: [], ...one }));
const names = (order: ReturnType<typeof fryOrder>) => order.places.map((place) => place.job.name);

test('the supper: fish last, the others by rising oil, so that nobody waits for oil to cool', () => {
  const order = fryOrder(SUPPER, guests({ eats: 'vegetarian', count: 4 }, { eats: 'no-fish' }), FRESH, change);
  expect(names(order)).toEqual(['squash', 'lentil', 'mushroom', 'pear', 'mackerel']);
  expect(order.places[4]!.notFor).toEqual([
    { guestId: 'g0', why: 'diet', allergens: [] },
    { guestId: 'g1', why: 'diet', allergens: [] },
  ]);
  expect(order.ownOilFor).toEqual([]);
  const waits = order.places.reduce((sum, place) => sum + place.changeS, 0);
  expect(order.totalS).toBeCloseTo(waits + 5 * 1800, 6);
});

test('a guest allergic to egg: the batch with egg goes after the fish, and no other batch is lost to them', () => {
  const order = fryOrder(SUPPER, guests({ allergies: ['eggs'] }), FRESH, change);
  expect(names(order).at(-1)).toBe('pear');
  expect(order.places.flatMap((place) => place.notFor)).toEqual([
    { guestId: 'g0', why: 'contains', allergens: ['eggs'] },
  ]);
});

test('oil that has carried it already: every batch is not for them, and they want oil of their own', () => {
  const oil: OilCarries = { allergens: ['eggs'], diet: 'vegetarian' };
  const order = fryOrder(SUPPER, guests({ allergies: ['eggs'] }), oil, change);
  expect(order.places.every((place) => place.notFor.length === 1)).toBe(true);
  expect(order.ownOilFor).toEqual([{ guestId: 'g0', jobIds: expect.arrayContaining(['lentil', 'mackerel']) }]);
  expect(order.ownOilFor[0]!.jobIds).not.toContain('pear');
});

const ALLERGENS: Allergen[] = ['eggs', 'milk', 'sesame', 'fish', 'nuts'];
const anyJob = fc.record({
  oilC: fc.integer({ min: 140, max: 185 }),
  diet: fc.constantFrom('vegan' as const, 'vegetarian' as const, 'fish' as const, 'meat' as const),
  allergens: fc.subarray(ALLERGENS),
});
const anyGuests = fc.array(
  fc.record({
    count: fc.integer({ min: 1, max: 30 }),
    eats: fc.constantFrom('anything' as const, 'no-fish' as const, 'vegetarian' as const, 'vegan' as const),
    allergies: fc.subarray(ALLERGENS, { maxLength: 2 }),
  }),
  { maxLength: 4 },
);

test('the hard rule, for any supper: nothing free of the declared allergens is fried after something with one', () => {
  fc.assert(
    fc.property(fc.array(anyJob, { minLength: 1, maxLength: 9 }), anyGuests, (some, table) => {
      const jobs = some.map((one, i) => ({ ...one, id: `j${i}`, name: `j${i}`, totalS: 600, takenM3: 0 }));
      const asked = guests(...table);
      const { places } = fryOrder(jobs, asked, FRESH, change);
      expect(places.map((place) => place.job.id).sort()).toEqual(jobs.map((one) => one.id).sort());
      const declared = asked.flatMap((one) => one.allergies);
      const has = places.map((place) => place.job.allergens.some((a) => declared.includes(a)));
      expect(has).toEqual([...has].sort());
      // And whoever is told nothing really gets nothing of it, from the batch or from the oil.
      for (const { job: made, oil, notFor } of places) {
        for (const one of asked) {
          const met = one.allergies.some((a) => made.allergens.includes(a) || oil.allergens.includes(a));
          const told = notFor.find((n) => n.guestId === one.id);
          expect(told?.why === 'contains' || told?.why === 'oil-allergen').toBe(met);
        }
      }
    }),
    { numRuns: 30 },
  );
});

test('bringing oil down with the heat off takes longer than bringing it up, and never longer than anybody waits', () => {
  expect(change(180, 150)).toBeGreaterThan(2 * change(150, 180));
  expect(change(null, 160)).toBeGreaterThan(change(100, 160));
  expect(change(180, 21)).toBe(3 * 3600);
});

test('once a batch is in the oil, the rest is ordered by what it leaves behind, from its heat', () => {
  const kitchen = { ...DEFAULT_KITCHEN, guests: guests({ allergies: ['fish'] }, { eats: 'vegetarian' }) };
  const [squash, lentil, , mackerel] = SUPPER;
  const before = supperAfter(squash!, [mackerel!, lentil!], kitchen);
  expect(before.map((place) => [place.job.name, place.notFor.map((one) => one.why)])).toEqual([
    ['lentil', []],
    ['mackerel', ['contains', 'diet']],
  ]);
  // From 158, not from cold.
  expect(before[0]!.changeS).toBeCloseTo(oilChangeS(DEFAULT_KITCHEN.pot, kitchen.roomC, 158, 160), 6);
  expect(before[0]!.changeS).toBeLessThan(60);
  const spoiled = supperAfter(mackerel!, [squash!], kitchen);
  expect(spoiled[0]!.notFor.map((one) => one.why)).toEqual(['oil-allergen', 'oil-diet']);
});

test('resting oil falls towards the room, never under it, and a rest in two parts is the same rest', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 25, max: 190, noNaN: true }),
      fc.double({ min: 0, max: 20_000, noNaN: true }),
      (c, s) => {
        const rested = oilAfterRest(DEFAULT_KITCHEN.pot, 21, c, s);
        expect(rested).toBeLessThanOrEqual(c + 1e-9);
        expect(rested).toBeGreaterThanOrEqual(21);
        // What the stepped pot does with the burner off.
        let state = potAtRest(c);
        for (let t = 0; t < s; t += 30) state = stepPot(DEFAULT_KITCHEN.pot, state, 0, 21, 0, Math.min(30, s - t));
        expect(Math.abs(rested - state.oilC)).toBeLessThan(0.5);
        // A rest in two parts is the same rest.
        const half = oilAfterRest(DEFAULT_KITCHEN.pot, 21, c, s / 2);
        expect(oilAfterRest(DEFAULT_KITCHEN.pot, 21, half, s / 2)).toBeCloseTo(rested, 6);
      },
    ),
    { numRuns: 40 },
  );
  expect(() => oilAfterRest(DEFAULT_KITCHEN.pot, 21, 160, -1)).toThrow(/restS/);
});
