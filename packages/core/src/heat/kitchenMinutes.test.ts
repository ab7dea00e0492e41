import { BAKED, FRIED, kitchenDraft, OUTSIDE, type KitchenPiece } from '../../testing/kitchenMinutes.js';
import { DEFAULT_KITCHEN } from '../draft/kitchen.js';
import { bakePlan } from '../plan/batch/bakePlan.js';
import { fullChances } from '../../testing/fullChances.js';
import { askOf, heatOf } from '../plan/tray/fryOutcome.js';
import { failingOf } from '../outcome/failing.js';
import { planBatch } from '../plan/batch/planBatch.js';

const fried = (piece: KitchenPiece) => planBatch(kitchenDraft(piece), DEFAULT_KITCHEN, null).fry!;

const least = (s: number) => s * 60;

/** What practised cooks take out at, by eye, minutes. Source: docs/models/practice.md; working ranges of our own. */
test.each([...FRIED])('%s: set and golden within the minutes that cooks know', (_name, piece, from, to, filling) => {
  const { takeOutS, rest, needsRest, solution } = fried(piece);
  expect(takeOutS! / 60).toBeGreaterThan(from);
  expect(takeOutS! / 60).toBeLessThan(to);
  // In the oil, or while it rests on the rack.
  expect(needsRest || solution.doughSetS! <= takeOutS!).toBe(true);
  expect(solution.goldenS!).toBeLessThanOrEqual(takeOutS!);
  expect(solution.darkS ?? Infinity).toBeGreaterThan(takeOutS! + least(0.4));
  if (filling === 'hot') expect(rest!.biteC).toBeGreaterThan(58);
  else expect(rest!.biteC).toBeLessThan(70);
});

test.each([...FRIED, ...OUTSIDE])(
  '%s, also a fifth smaller and larger: right for 9 in 10 pieces, or called hard',
  (_name, piece) => {
    for (const size of [0.8, 1, 1.2]) {
      const { discM } = piece;
      const scaled = { doughG: piece.doughG * size, fillingG: piece.fillingG * size };
      const draft = kitchenDraft({ ...piece, ...scaled, ...(discM && { discM: discM * Math.sqrt(size) }) });
      const { body, takeOutS, findings, chances } = planBatch(draft, DEFAULT_KITCHEN, null).fry!;
      if (takeOutS === null || failingOf(chances!) !== null) {
        expect(findings.some(({ tone }) => tone === 'stop' || tone === 'look-out')).toBe(true);
        continue;
      }
      const heat = heatOf(draft, DEFAULT_KITCHEN, body);
      const [found] = fullChances(heat, askOf(draft, DEFAULT_KITCHEN, body), [takeOutS], 60);
      // Sixty pieces tell nine in ten from eight and a half.
      expect(found!.right).toBeGreaterThanOrEqual(0.85);
    }
  },
);

/** The same of the oven, °C and minutes. */
test.each([...BAKED])('%s: baked and golden within the minutes that cooks know', (_name, piece, ovenC, from, to) => {
  const { outS, darkFirst, doneS, goldenS } = bakePlan(kitchenDraft(piece), DEFAULT_KITCHEN, ovenC)!;
  expect(outS! / 60).toBeGreaterThan(from);
  expect(outS! / 60).toBeLessThan(to);
  expect(Math.max(doneS!, goldenS!)).toBeLessThanOrEqual(outS!);
  expect(darkFirst).toBe(false);
});
