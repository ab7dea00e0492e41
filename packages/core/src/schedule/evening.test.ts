import fc from 'fast-check';
import { batchOf } from '../draft/batchDraft.js';
import { DEFAULT_KITCHEN } from '../draft/kitchen.js';
import { planTrays } from '../plan/planBatch.js';
import { newTray, STARTERS } from '../plan/starters.js';
import { supperPart, supperPlaces } from '../plan/supperEats.js';
import type { ChainStep } from './backwardChain.js';
import { type EveningAsk, type EveningBatch, eveningOf } from './evening.js';

const EAT_MS = Date.parse('2030-01-05T18:30:00Z');
const MIN = 60_000;

/** The five shipped batches on one pot, as their own plans have them. */
const FIVE = STARTERS.map(({ id }) => {
  const batch = batchOf(newTray(id, id, 16, new Date(EAT_MS).toISOString()));
  const planned = planTrays(batch, DEFAULT_KITCHEN, null);
  const part = supperPart(id, batch, planned, DEFAULT_KITCHEN);
  const steps = planned[0]!.plan.serve!.steps;
  return { part, batch: { id, name: id, steps, eatMs: EAT_MS, pot: part.job ? 'pot' : null } satisfies EveningBatch };
});
const askFor = (some: typeof FIVE, cooks: number): EveningAsk => ({
  batches: some.map(({ batch }) => batch),
  cooks,
  order: supperPlaces(
    some.map(({ part }) => part),
    [],
  ).map(({ job, changeS }) => ({ id: job.id, changeS })),
});

/** What every evening keeps, whatever is asked. */
function keepsItsWord(ask: EveningAsk): void {
  const { tasks, startMs, boundMs } = eveningOf(ask);
  const meets = (key: 'cook' | 'pot') => {
    for (const [i, one] of tasks.entries())
      for (const other of tasks.slice(i + 1)) {
        if (one[key] === null || one[key] !== other[key]) continue;
        expect(one.endMs <= other.startMs || other.endMs <= one.startMs || one.endMs === one.startMs).toBe(true);
      }
  };
  meets('cook');
  meets('pot');
  for (const { cook } of tasks) expect(cook === null || cook < ask.cooks).toBe(true);
  for (const { id, steps, eatMs } of ask.batches) {
    const own = tasks.filter(({ batchId }) => batchId === id);
    // Each stretch of its plan is there, as long as it was, and none after it is eaten.
    const made = steps.filter((step) => step.id !== 'serve' && step.id !== 'heat');
    expect(own.filter(({ of, step }) => of !== null && step !== 'heat').map(({ of }) => of)).toEqual(
      expect.arrayContaining(made),
    );
    for (const task of own) {
      expect(task.endMs).toBeLessThanOrEqual(eatMs);
      if (task.of) expect(task.endMs - task.startMs).toBe(task.of.endMs - task.of.startMs);
    }
    // In the order of its plan.
    for (const one of own)
      for (const next of own)
        if (
          one.of &&
          next.of &&
          one.step !== 'heat' &&
          next.step !== 'heat' &&
          one.of.endMs <= next.of.startMs &&
          one.of.startMs < next.of.startMs
        )
          expect(one.endMs).toBeLessThanOrEqual(next.startMs);
  }
  if (tasks.length > 0) expect(startMs).toBeLessThanOrEqual(boundMs);
}

test('the shipped batches on one pot: one row of frying, by the order of the oil, all up when they are eaten', () => {
  for (const cooks of [1, 2, 3]) keepsItsWord(askFor(FIVE, cooks));
  const ask = askFor(FIVE, 1);
  const evening = eveningOf(ask);
  const fried = evening.tasks.filter(({ step }) => step === 'fry').map(({ batchId }) => batchId);
  expect(fried).toEqual(ask.order.map(({ id }) => id));
  expect(evening.tasks.filter(({ step }) => step === 'heat')).toHaveLength(1);
  expect(evening.tasks.at(-1)).toMatchObject({ step: 'serve', endMs: EAT_MS });
  // From the first heat to the last lift the pot is never left.
  const atPot = evening.tasks.filter(({ pot }) => pot !== null);
  atPot.slice(1).forEach((task, i) => expect(task.startMs).toBe(atPot[i]!.endMs));
  // What is fried first waits through all the others.
  const [first] = ask.order;
  expect(evening.lifted[first!.id]).toBe(Math.max(...Object.values(evening.lifted)));
  expect(evening.lifted[first!.id]).toBeGreaterThan(3600);
  // A second pair of hands begins later; what is fried first was ready long before its own plan said.
  expect(eveningOf(askFor(FIVE, 2)).startMs).toBeGreaterThan(evening.startMs);
  expect(Math.max(...Object.values(evening.waits))).toBeGreaterThan(0);
  // One batch by itself is its own plan.
  const [alone] = FIVE;
  const single = eveningOf(askFor([alone!], 1));
  expect(single.startMs).toBeGreaterThanOrEqual(Math.min(...alone!.batch.steps.map(({ startMs }) => startMs)));
});

test('any evening: no cook and no pot is in two places, every order is kept, none begins later than the bound allows', () => {
  const kind = fc.constantFrom('hands' as const, 'passive' as const);
  const stretch = fc.record({ kind, length: fc.integer({ min: 0, max: 90 }), overlaps: fc.boolean() });
  const batch = fc.record({
    work: fc.array(stretch, { maxLength: 5 }),
    fryMin: fc.integer({ min: 5, max: 90 }),
    isFried: fc.boolean(),
    pot: fc.constantFrom('big', 'small'),
    later: fc.integer({ min: 0, max: 1 }),
  });
  const evening = fc.record({ some: fc.array(batch, { maxLength: 6 }), cooks: fc.integer({ min: 1, max: 3 }) });
  fc.assert(
    fc.property(evening, ({ some, cooks }) => {
      const batches = some.map(({ work, fryMin, isFried, pot, later }, n): EveningBatch => {
        const eatMs = EAT_MS + later * 90 * MIN;
        let at = eatMs - 8 * 60 * MIN;
        const steps: ChainStep[] = work.map(({ kind: of, length, overlaps }, i) => {
          const startMs = overlaps ? Math.max(at - 10 * MIN, eatMs - 8 * 60 * MIN) : at;
          at = Math.max(at, startMs + length * MIN);
          return { id: i % 2 === 0 ? 'dough' : 'fold', kind: of, startMs, endMs: startMs + length * MIN, lot: i };
        });
        const cooked: ChainStep[] = isFried
          ? [
              { id: 'heat', kind: 'hands', startMs: at, endMs: at + 12 * MIN },
              { id: 'fry', kind: 'hands', startMs: at + 12 * MIN, endMs: at + (12 + fryMin) * MIN },
            ]
          : [];
        const end = at + (isFried ? 12 + fryMin : 0) * MIN;
        const serve: ChainStep = { id: 'serve', kind: 'hands', startMs: end, endMs: end + 6 * MIN };
        return { id: `b${n}`, name: `b${n}`, steps: [...steps, ...cooked, serve], eatMs, pot: isFried ? pot : null };
      });
      const order = batches.map(({ id }, i) => ({ id, changeS: i % 3 === 0 ? 0 : 240 }));
      keepsItsWord({ batches, cooks, order });
    }),
    { numRuns: 200 },
  );
  expect(eveningOf({ batches: [], cooks: 0, order: [] })).toMatchObject({ tasks: [], startMs: 0 });
});
