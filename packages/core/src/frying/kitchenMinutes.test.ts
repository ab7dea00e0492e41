import { BAKED, FRIED, kitchenDraft, OUTSIDE, type KitchenPiece } from '../../testing/kitchenMinutes.js';
import { DEFAULT_KITCHEN } from '../draft/kitchen.js';
import { bakePlan } from '../plan/batch/bakePlan.js';
import { fryChances } from './fryChances.js';
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
      const { body, takeOutS, findings } = planBatch(draft, DEFAULT_KITCHEN, null).fry!;
      const isHard = findings.some(({ code }) => /^fry\.(no-moment|never-done|no-window)$/.test(code));
      if (takeOutS === null || isHard) {
        expect(findings.some(({ tone }) => tone !== 'good' && tone !== 'know')).toBe(true);
        continue;
      }
      const { turn, oilC } = draft.fry;
      const map = { body, turn, coreTargetC: 74, coreIsLine: false, roomC: DEFAULT_KITCHEN.roomC };
      const shown = { oilC: { least: 130, most: 200 }, rows: 3, columns: 3, horizonS: 1800 };
      expect(fryChances({ ...map, ...shown }, oilC, takeOutS, 3, 40).right).toBeGreaterThanOrEqual(0.9);
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
