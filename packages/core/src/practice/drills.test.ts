import fc from 'fast-check';
import { CRUST_LIMITS, crustName } from '../heat/colour.js';
import { crumbRange, wantedCrumb } from '../oil/crumbTest.js';
import { drill, DRILL_KINDS, type DrillAnswer, drillSkills, MOST_LEVEL, nextDrill } from './drills.js';

const anyDrill = fc
  .tuple(fc.constantFrom(...DRILL_KINDS), fc.integer({ min: 0, max: 2 ** 31 }), fc.integer({ min: 0, max: MOST_LEVEL }))
  .map(([kind, seed, level]) => drill(kind, seed, level));

test('of four different answers one is right, the same for the same seed', () => {
  fc.assert(
    fc.property(anyDrill, (one) => {
      expect(drill(one.kind, one.seed, one.level)).toEqual(one);
      expect(new Set<unknown>(one.options).size).toBe(4);
      switch (one.kind) {
        case 'crust':
          expect(one.options.map(crustName).map((name) => name === 'golden')).toEqual(
            [0, 1, 2, 3].map((i) => i === one.right),
          );
          return;
        case 'crumb':
          expect(one.options[one.right]).toBe(one.crumb);
          return;
        case 'wanted': {
          expect(wantedCrumb(one.oilC)).toBe(one.options[one.right]);
          // No second answer is as near: what is asked is never a matter of taste.
          const away = one.options.map((answer) => {
            const { leastC, mostC } = crumbRange(answer);
            return Math.max(leastC - one.oilC, one.oilC - mostC, 0);
          });
          expect(away.filter((c) => c <= away[one.right]!)).toHaveLength(1);
          return;
        }
        case 'full':
          // A third at most, and the pieces swim.
          expect(one.options.map((share) => share <= 1 / 3 && share > 0.2)).toEqual(
            [0, 1, 2, 3].map((i) => i === one.right),
          );
          return;
        case 'poke':
          expect(one.options.map((dent) => dent >= 0.4 && dent <= 0.6)).toEqual(
            [0, 1, 2, 3].map((i) => i === one.right),
          );
          return;
        case 'fist':
          expect(one.options[one.right]).toBe('holds');
          return;
        case 'size': {
          const kg = (Math.PI / 6) * one.ballM ** 3 * 1175;
          expect(one.options[one.right]).toBeCloseTo(kg, 6);
          expect(
            Math.min(...one.options.filter((_, i) => i !== one.right).map((other) => Math.abs(Math.log(other / kg)))),
          ).toBeGreaterThan(0.19);
        }
      }
    }),
    // A dent that once was sprung back whole, twice.
    { numRuns: 400, examples: [[drill('poke', 2008094222, 0)]] },
  );
});

test('no place is right more often than the others, and a higher level is harder', () => {
  for (const kind of DRILL_KINDS) {
    const places = [0, 0, 0, 0];
    for (let seed = 0; seed < 800; seed++) places[drill(kind, seed * 7919 + 3, 1).right]! += 1;
    // No dough is fried in oil in which a crumb browns at once: that answer is never the target.
    if (kind === 'wanted') expect(places.pop()).toBe(0);
    expect([kind, Math.min(...places) > 140]).toEqual([kind, true]);
  }
  const nearest = (level: number) => {
    let sum = 0;
    for (let seed = 1; seed < 200; seed++) {
      const one = drill('crust', seed, level);
      if (one.kind !== 'crust') continue;
      const wrong = one.options.filter((_, i) => i !== one.right);
      sum += Math.min(...wrong.map((b) => Math.max(CRUST_LIMITS.pale - b, b - CRUST_LIMITS.golden)));
    }
    return sum;
  };
  expect([0, 1, 2].every((level) => nearest(level + 1) < nearest(level))).toBe(true);
  for (const level of [-1, 4, 1.5, NaN]) expect(() => drill('crust', 1, level)).toThrow('level');
});

const answer = (kind: DrillAnswer['kind'], isRight: boolean, atMs: number): DrillAnswer => ({
  kind,
  level: 0,
  isRight,
  atMs,
});
const DAY = 86_400_000;

test('what was wrong comes back at once, what is known after days; skill rises with right answers and its range narrows', () => {
  fc.assert(
    fc.property(fc.constantFrom(...DRILL_KINDS), fc.array(fc.boolean(), { maxLength: 40 }), (kind, ups) => {
      const told = ups.map((isRight, i) => answer(kind, isRight, i * 1000));
      const of = (more: readonly DrillAnswer[]) => drillSkills([...told, ...more]).find((one) => one.kind === kind)!;
      const now = of([]);
      expect(now.low).toBeLessThanOrEqual(now.value);
      expect(now.value).toBeLessThanOrEqual(now.high);
      const atMs = ups.length * 1000;
      const [right, wrong] = [of([answer(kind, true, atMs)]), of([answer(kind, false, atMs)])];
      expect(right.value).toBeGreaterThan(wrong.value);
      expect(right.level).toBeGreaterThanOrEqual(wrong.level);
      expect(wrong.dueMs).toBe(atMs);
      expect(right.dueMs).toBeGreaterThanOrEqual(atMs);
      const eight = Array.from({ length: 8 }, (_, i) => answer(kind, true, atMs + i));
      const sure = of(eight);
      expect(sure.dueMs - (atMs + 7)).toBe(21 * DAY);
      expect(sure.high - sure.low).toBeLessThan(drillSkills([])[0]!.high);
      expect(sure.level).toBeGreaterThan(0);
    }),
  );
});

test('next is the weakest that is due, another than the last where there is one, else what is due soonest', () => {
  const known = DRILL_KINDS.flatMap((kind, k) => Array.from({ length: 8 }, (_, i) => answer(kind, true, k * 1000 + i)));
  expect(nextDrill(known, DAY).dueMs).toBeGreaterThan(DAY);
  expect(nextDrill(known, DAY).kind).toBe('crust');
  const slipped = [...known, answer('size', false, DAY)];
  expect(nextDrill(slipped, DAY + 1).kind).toBe('size');
  expect(nextDrill([answer('crust', false, 0)], 1).kind).not.toBe('crust');
  // Each is asked once before any comes again.
  const told: DrillAnswer[] = [];
  for (let n = 0; n < 4; n++) told.push(answer(nextDrill(told, n).kind, n % 2 === 0, n));
  expect(new Set(told.map(({ kind }) => kind)).size).toBe(4);
});
