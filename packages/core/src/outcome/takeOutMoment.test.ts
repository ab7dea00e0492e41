import type { RawPart } from '../draft/choices.js';
import { DEFAULT_KITCHEN } from '../draft/kitchen.js';
import { askOf, heatOf } from '../plan/tray/fryOutcome.js';
import { planBatch } from '../plan/batch/planBatch.js';
import { withFold, withShape } from '../plan/edit/editDraft.js';
import { newTray, STARTERS } from '../plan/edit/starters.js';
import { fullChances } from '../../testing/fullChances.js';

const EAT = '2030-01-05T18:30:00Z';
/** Pieces tried of each plan: enough to tell nine in ten from eight. */
const PIECES = 60;

test('left blank, the minutes are forgiving ones: of pieces made by hand at least 9 in 10 come out right', () => {
  let rested = 0;
  for (const starter of STARTERS) {
    for (const { raw, thick } of [
      { raw: undefined, thick: 1 },
      { raw: 'poultry', thick: 1 },
      { raw: 'egg', thick: 1.3 },
    ] as { raw: RawPart | undefined; thick: number }[]) {
      for (const byC of [-8, 8]) {
        const base = newTray('Forgiving', starter.id, 24, EAT);
        const oilC = base.fry.oilC + byC;
        const draft = {
          ...base,
          fold: { ...base.fold, thicknessM: base.fold.thicknessM * thick },
          filling: { ...base.filling, coreTargetC: 74, ...(raw && { raw }) },
          fry: { ...base.fry, oilC, minutesS: null },
        };
        const fry = planBatch(draft, DEFAULT_KITCHEN, null).fry!;
        const heat = heatOf(draft, DEFAULT_KITCHEN, fry.body);
        const ask = askOf(draft, DEFAULT_KITCHEN, fry.body);
        const chances = fullChances(heat, ask, [fry.takeOutS!], PIECES)[0]!;
        expect([starter.id, raw, byC, chances.right >= 0.9, chances.raw + chances.unsafe <= 0.02]).toEqual([
          starter.id,
          raw,
          byC,
          true,
          true,
        ]);
        // What is found of the plan does not contradict it.
        expect(fry.findings.some(({ code }) => code === 'fry.dark' || code === 'fry.pale')).toBe(false);
        if (fry.needsRest) rested += 1;
      }
    }
  }
  expect(rested).toBeGreaterThan(0);
});

test('a piece that is golden and never done, nor brown, within the time looked at has no moment', () => {
  let never = 0;
  for (const turn of ['once', 'half-depth', 'each-minute'] as const) {
    for (const oilC of [135, 145, 155]) {
      const base = withShape(withFold(newTray('Never', 'squash-sage', 4, EAT), { fillingEachKg: 0.09 }), 'ball');
      const draft = { ...base, fry: { ...base.fry, oilC, turn, start: 'frozen' as const, minutesS: null } };
      const fry = planBatch(draft, DEFAULT_KITCHEN, null).fry!;
      const { doneS, takeOutColourS, darkS } = fry.solution;
      expect(fry.takeOutS === null || Number.isFinite(fry.takeOutS)).toBe(true);
      if (doneS !== null || takeOutColourS === null || darkS !== null) continue;
      never += 1;
      expect(fry.takeOutS === null || fry.needsRest).toBe(true);
    }
  }
  expect(never).toBeGreaterThan(0);
});
