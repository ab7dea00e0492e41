import fc from 'fast-check';
import { planBatch } from '../plan/batch/planBatch.js';
import { newTray } from '../plan/edit/starters.js';
import { type Oil, type OilEvent, oilState } from './oilHistory.js';
import { DEFAULT_KITCHEN, type Kitchen } from '../draft/kitchen.js';

const OIL: Oil = { id: 'o', name: 'Sunflower, tin', ingredientId: 'sunflower-oil', smokeC: 225 };
const DAY = 86_400_000;
const filled = (m3 = 0.002): OilEvent => ({ id: 'f', at: 0, kind: 'filled', m3 });
const fried = (n: number, more: Partial<Extract<OilEvent, { kind: 'fried' }>> = {}): OilEvent => ({
  id: `u${n}`,
  at: n * DAY,
  kind: 'fried',
  batchName: `batch ${n}`,
  hotS: 1800,
  meanC: 165,
  takenM3: 0.00008,
  crumbs: false,
  allergens: ['gluten'],
  diet: 'vegan',
  ...more,
});
const at = (events: readonly OilEvent[], day = 10) => oilState(OIL, events, day * DAY);

test('fresh oil is good, and its smoke point is that of the bottle', () => {
  const state = at([filled()], 0);
  expect(state).toMatchObject({ uses: 0, smokeC: 225, wornH: 0, advice: 'good', reasons: [], isGone: false });
  expect(state.cost).toEqual({ filled: expect.closeTo(0.002 * 915 * 3, 6), perUse: null });
});

test('each use wears it, the hotter the faster; the smoke point only falls; fresh oil dilutes wear and forgets no allergen', () => {
  fc.assert(
    fc.property(
      fc.array(fc.record({ hotS: fc.integer({ min: 60, max: 5400 }), meanC: fc.integer({ min: 130, max: 195 }) }), {
        minLength: 1,
        maxLength: 12,
      }),
      fc.double({ min: 0.0001, max: 0.004, noNaN: true }),
      (uses, moreM3) => {
        const events = [
          filled(),
          ...uses.map((use, n) => fried(n + 1, { ...use, allergens: ['sesame'], diet: 'fish' })),
        ];
        let before = at([filled()]);
        for (let n = 2; n <= events.length; n++) {
          const now = at(events.slice(0, n));
          expect(now.wornH).toBeGreaterThan(before.wornH);
          expect(now.smokeC).toBeLessThanOrEqual(before.smokeC);
          before = now;
        }
        const hotter = events.map((event) => (event.kind === 'fried' ? { ...event, meanC: event.meanC + 12 } : event));
        expect(at(hotter).wornH / before.wornH).toBeCloseTo(2, 6);
        const topped = at([...events, { id: 't', at: 99 * DAY, kind: 'topped-up', m3: moreM3 }]);
        expect(topped.wornH).toBeLessThan(before.wornH);
        expect(topped.allergens).toEqual(['sesame']);
        expect(topped.diet).toBe('fish');
      },
    ),
  );
});

test('the same event told twice, or out of order, counts once and in its place', () => {
  const events = [filled(), fried(1), fried(2), { id: 's', at: 2.5 * DAY, kind: 'strained' as const }, fried(3)];
  expect(at([...events].reverse().concat(events))).toEqual(at(events));
  expect(at(events).sinceStrained).toBe(1);
});

test.each([
  ['crumbs left in', [filled(), fried(1, { crumbs: true })], 10, 'strain', 'crumbs'],
  ['two uses unstrained', [filled(), fried(1), fried(2)], 10, 'strain', 'unstrained'],
  ['eight uses', [filled(), ...Array.from({ length: 8 }, (_, n) => fried(n + 1))], 10, 'discard', 'uses'],
  ['seven uses', [filled(), ...Array.from({ length: 7 }, (_, n) => fried(n + 1))], 10, 'last-time', 'uses'],
  ['half a year', [filled(), fried(1)], 181, 'discard', 'age'],
  ['very hot for long', [filled(), fried(1, { hotS: 7200, meanC: 195 })], 3, 'discard', 'hours'],
  [
    'foam seen',
    [filled(), { id: 'j', at: DAY, kind: 'judged', dark: false, foams: true, smokesEarly: false, rank: false }],
    2,
    'discard',
    'foams',
  ],
] as const)('%s: %s', (_name, events, day, advice, reason) => {
  const state = at(events as unknown as OilEvent[], day);
  expect(state.advice).toBe(advice);
  expect(state.reasons).toContain(reason);
});

test.each([
  ['m3', [{ ...filled(), m3: -1 }]],
  ['m3', [{ ...filled(), m3: Number.NaN }]],
])('a bad %s is refused by that name', (path, events) => {
  expect(() => at(events as OilEvent[])).toThrow(expect.objectContaining({ path }));
});

test('used oil lowers the cautions of a plan; done oil, and oil that carries what a guest must not have, stop it', () => {
  const draft = newTray('Test', 'squash-sage', 24, '2030-01-05T18:30:00Z');
  const withOil = (events: readonly OilEvent[], guests: Kitchen['guests'] = []) => {
    const kitchen: Kitchen = { ...DEFAULT_KITCHEN, guests, potOil: { ...OIL, ...oilState(OIL, events, 10 * DAY) } };
    return planBatch(draft, kitchen, null).fry!;
  };
  const worn = Array.from({ length: 7 }, (_, n) => fried(n + 1, { hotS: 3400, meanC: 172 }));
  expect(withOil([filled(), ...worn]).cautions.cutC).toBeLessThanOrEqual(withOil([filled()]).cautions.cutC);
  const codes = (events: readonly OilEvent[], guests: Kitchen['guests'] = []) =>
    withOil(events, guests)
      .findings.filter((f) => f.tone === 'stop')
      .map((f) => f.code);
  expect(codes([filled()])).toEqual([]);
  expect(codes([filled(), ...worn, fried(9)])).toContain('fry.oil-discard');
  const allergic = [{ id: 'g', name: 'One', count: 1, eats: 'anything' as const, allergies: ['sesame' as const] }];
  expect(codes([filled(), fried(1, { allergens: ['sesame'] })], allergic)).toContain('fry.oil-allergen');
  expect(codes([filled(), fried(1)], allergic)).toEqual([]);
});
