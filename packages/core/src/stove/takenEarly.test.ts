import fc from 'fast-check';
import { batchOf } from '../draft/batchDraft.js';
import { DEFAULT_KITCHEN } from '../draft/kitchen.js';
import { BURNT_COLOUR, CRUST_LIMITS } from '../heat/colour.js';
import { newTray } from '../plan/edit/starters.js';
import { planBatch, stoveTrays } from '../plan/batch/planBatch.js';
import { predictAsks } from '../plan/batch/predictAsks.js';
import { NOTHING_KNOWN, stoveNow, type StoveSession } from '../plan/batch/stoveNow.js';
import { takenOutAsks } from '../plan/batch/takenOutAsks.js';
import { trayEvidence } from '../plan/lesson/trayEvidence.js';
import { ledgerFigures } from './ledgerFigures.js';
import { predictPot, takeOutOrder } from './predictPiece.js';
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

test('sooner or later than planned, the reason stands with it, and what was ordered with the act', () => {
  const atC = (oilC: number) => {
    // Not turned yet, so that only its colour and its middle count from here on.
    const now = nowAt(
      fried(1e6).filter(({ kind, atS }) => kind !== 'take-out' && atS < 300),
      300,
      oilC,
    );
    return { step: now.steps.find(({ act }) => act === 'take-out')!, now };
  };
  expect(atC(OIL_C).step.unplanned).toBeUndefined();
  for (const byC of [-6, -4, 4, 6]) {
    const { step, now } = atC(OIL_C + byC);
    expect(step.unplanned!.byS * byC).toBeLessThan(0);
    expect(step.unplanned!.oilK).toBeCloseTo(byC, 0);
    const order = takeOutOrder(now.predictions, [1, 2, 3]);
    expect(Math.abs(order.orderedS! - (PLAN.takeOutS! + step.unplanned!.byS))).toBeLessThan(2);
  }
  // Without a prediction nothing was ordered.
  expect(takeOutOrder([], [1])).toEqual({});
});

test('the ledger holds a moment against the order that was given, and against the plan only where none was', () => {
  const planned = { draft: TRAYS[0]!.draft, plan: planBatch(TRAYS[0]!.draft, DEFAULT_KITCHEN, null) };
  const blamed = (inOilS: number, orderedS: number | null) => {
    const acts = fried(inOilS).map((act) =>
      act.kind === 'take-out' && orderedS !== null ? { ...act, orderedS } : act,
    );
    const found = trayEvidence(planned, ledgerFigures(acts, readings(inOilS), 12, OIL_C), DEFAULT_KITCHEN);
    return found.flatMap(({ cause, ratio, what }) => (/^taken-out/.test(cause) && ratio > 1 ? [[cause, what]] : []));
  };
  fc.assert(
    fc.property(fc.integer({ min: 120, max: 1200 }), fc.double({ min: 0.4, max: 2.5, noNaN: true }), (s, share) => {
      expect(blamed(s, s)).toEqual([]);
      const [byOrder] = blamed(s, Math.round(share * s));
      if (share > 1.2) expect(byOrder).toEqual(['taken-out-early', 'ordered-s']);
      if (share < 0.8) expect(byOrder).toEqual(['taken-out-late', 'ordered-s']);
      const [byPlan] = blamed(s, null);
      if (s < 0.8 * PLAN.takeOutS!) expect(byPlan).toEqual(['taken-out-early', 'in-oil-s']);
    }),
    { numRuns: 60 },
  );
});
