import fc from 'fast-check';
import { batchOf } from '../draft/batchDraft.js';
import { DEFAULT_KITCHEN } from '../draft/kitchen.js';
import { BURNT_COLOUR, CRUST_LIMITS } from '../heat/colour.js';
import { newTray } from '../plan/edit/starters.js';
import { stoveTrays } from '../plan/batch/planBatch.js';
import { predictAsks } from '../plan/batch/predictAsks.js';
import { NOTHING_KNOWN, stoveNow, type StoveSession } from '../plan/batch/stoveNow.js';
import { takenOutAsks } from '../plan/batch/takenOutAsks.js';
import { predictPot } from './predictPiece.js';
import type { OilReading, StoveAct } from './stoveAct.js';
import { piecesEarly } from './takenEarly.js';

const TRAYS = stoveTrays(batchOf(newTray('Early', 'squash-sage', 12, '2030-01-05T18:30:00Z')), DEFAULT_KITCHEN)!;
const PLAN = TRAYS[0]!.fry;
const SESSION: StoveSession = { trays: TRAYS, kitchen: DEFAULT_KITCHEN, speed: 1, hasProbe: true, trial: false };
const OIL_C = TRAYS[0]!.draft.fry.oilC;
const readings = (untilS: number, oilC = OIL_C): OilReading[] =>
  Array.from({ length: Math.ceil(untilS / 10) + 2 }, (_, i) => ({ atS: 10 * i, probeC: oilC }));
const drop: StoveAct = { id: 'd', atS: 0, kind: 'drop', pieces: [1, 2, 3] };
/** Turned as the plan has it, and taken out. */
const fried = (outS: number, more: readonly StoveAct[] = []): StoveAct[] => [
  drop,
  ...PLAN.solution.turnsS
    .filter((s) => s < outS)
    .map((atS, i): StoveAct => ({ id: `t${i}`, atS, kind: 'turn', pieces: [1, 2, 3] })),
  { id: 'o', atS: outS, kind: 'take-out', pieces: [1, 2, 3] },
  ...more,
];
const early = (acts: readonly StoveAct[], atS: number, oilC?: number) =>
  piecesEarly(takenOutAsks(SESSION, acts, readings(atS, oilC), null, new Set(), atS));
const nowAt = (acts: readonly StoveAct[], atS: number, oilC?: number) => {
  const seen = readings(atS, oilC);
  const predictions = predictPot(predictAsks(SESSION, acts, seen, null, atS));
  return stoveNow(SESSION, acts, seen, { ...NOTHING_KNOWN, predictions, early: early(acts, atS, oilC) }, atS);
};

test('pieces that came out after 73 s do not count as done: they are set aside as raw, with the oven to finish them', () => {
  const now = nowAt(fried(73), 80);
  expect([...now.raw]).toEqual([1, 2, 3]);
  expect(now.steps.find(({ act }) => act === 'aside')).toMatchObject({ reason: 'taken-early', pieces: [1, 2, 3] });
  // In the oven they are no longer on the rack; what a probe finds counts more than the model.
  const aside: StoveAct = { id: 'a', atS: 81, kind: 'aside', pieces: [1, 2, 3] };
  expect(nowAt(fried(73, [aside]), 90).raw).toEqual([]);
  const core: StoveAct = { id: 'c', atS: 81, kind: 'core', piece: 1, tempC: 85, predictedC: null };
  expect([...nowAt(fried(73, [core]), 90).raw]).toEqual([2, 3]);
});

test('whatever the moment: raw well before the plan’s, never after it, and never raw later than sooner', () => {
  fc.assert(
    fc.property(fc.integer({ min: 20, max: 900 }), fc.integer({ min: 0, max: 400 }), (outS, moreS) => {
      const is = (s: number) => early(fried(s), s + 5).length > 0;
      if (outS >= PLAN.takeOutS!) expect(is(outS)).toBe(false);
      if (outS < 0.35 * PLAN.takeOutS!) expect(is(outS)).toBe(true);
      if (!is(outS)) expect(is(outS + moreS)).toBe(false);
    }),
    { numRuns: 40 },
  );
});

test('past its time a piece is called what it is: too dark, burnt, or dark and raw; never golden', () => {
  fc.assert(
    fc.property(fc.integer({ min: 60, max: 4000 }), fc.constantFrom(OIL_C, OIL_C + 30, 230, 257), (atS, oilC) => {
      const now = nowAt([drop], atS, oilC);
      const due = now.steps.filter(({ act }) => act === 'take-out' || act === 'aside');
      for (const { colours, number, isDone } of now.predictions) {
        const darker = Math.max(...colours);
        const step = due.find(({ pieces }) => pieces.includes(number));
        if (darker >= BURNT_COLOUR) expect(step).toMatchObject({ act: 'take-out', reason: 'burnt', inS: 0 });
        else if (darker >= CRUST_LIMITS.brown)
          expect(step).toMatchObject({ reason: isDone ? 'too-dark' : 'dark-raw', inS: 0 });
        else expect(step?.reason ?? 'cooked-golden').toBe('cooked-golden');
      }
      expect(
        due.some(({ pieces }, i) => due.slice(i + 1).some((other) => other.pieces.some((n) => pieces.includes(n)))),
      ).toBe(false);
    }),
    { numRuns: 40 },
  );
  // Nineteen hours in oil at 257 °C.
  expect(nowAt([drop], 19 * 3600, 257).steps.find(({ act }) => act === 'take-out')?.reason).toBe('burnt');
});
