import fc from 'fast-check';
import { anyDraft, anyKitchen } from '../../../testing/anyWrites.js';
import { DEFAULT_KITCHEN, type Kitchen } from '../../draft/kitchen.js';
import type { TrayDraft } from '../../draft/draft.js';
import { holdTimes } from '../../heat/holdPiece.js';
import type { RunStepId } from '../../cook/cookAct.js';
import { runSheet } from './runSheet.js';
import { isUncooked } from '../../filling/fillingSafety.js';
import { coolingWays } from '../tray/planFilling.js';
import { planBatch } from './planBatch.js';
import { planCold } from '../tray/planCold.js';
import { foldedBodyOf } from '../tray/trayBody.js';
import { plannedFigures } from '../tray/plannedFigures.js';
import { newTray, STARTERS } from '../edit/starters.js';

/** What station, line, Serve, run-sheet and dialogs say of one thing, side by side. */
function sameEverywhere(draft: TrayDraft, kitchen: Kitchen): void {
  const plan = planBatch(draft, kitchen, null);
  const { filling, fold, fry, serve } = plan;
  // The page plans the cold stations, a worker all five.
  const cold = planCold(draft, kitchen);
  expect(cold).toEqual({ dough: plan.dough, filling, fold, contains: plan.contains });
  const ways = coolingWays(draft, kitchen, plan.dough.figures.fatPercent);
  const chosen = ways.find((way) => way.place === draft.filling.place && way.dishes === (draft.filling.dishes ?? 1));
  if (chosen) expect(chosen.cooling?.toFoldS).toBe(filling.cooling?.toFoldS);
  if (!fry || !serve) return;
  const sheet = runSheet([{ draft, plan }]);
  const sheetS = (...ids: RunStepId[]) =>
    sheet.filter((step) => ids.includes(step.what)).reduce((sum, step) => sum + step.durationS, 0);
  // Of a dough in loads, all of them.
  const serveS = (id: string) =>
    serve.steps.reduce((sum, step) => (step.id === id ? sum + (step.endMs - step.startMs) / 1000 : sum), 0);
  const alike = (seconds: number | null | undefined, id: Parameters<typeof serveS>[0], ...onSheet: RunStepId[]) => {
    expect(sheetS(...onSheet)).toBeCloseTo(serveS(id), 6);
    if (seconds !== null && seconds !== undefined) expect(Math.abs(serveS(id) - seconds)).toBeLessThanOrEqual(0.5);
  };
  // Nothing to fill with, or mixed raw: nothing was hot, and nothing waits to be cold.
  const isEmpty = draft.filling.lines.length === 0 && draft.fold.fillingEachKg === 0;
  if (isEmpty || isUncooked(draft.filling))
    expect([serveS('cool'), sheetS('cool'), filling.cooling, ways]).toEqual([0, 0, null, []]);
  else alike(filling.cooling?.toFoldS, 'cool', 'cool');
  alike(fry.burner?.warmS, 'heat', 'heat');
  alike(fry.loads?.totalS, 'fry', 'fry');
  alike(null, 'rest', 'rest');
  alike(null, 'fold', 'roll', 'fold');
  alike(null, 'hold', 'hold');
  const times = holdTimes(foldedBodyOf(draft, kitchen, cold, fold.piece!), kitchen);
  if (fry.hold) expect(fry.hold.coldS).toBe(fry.hold.place === 'fridge' ? times.toFridgeS : times.toHardS);
  const said = plannedFigures(plan, draft);
  expect(said).toMatchObject({
    inOilS: fry.takeOutS,
    loads: fry.loads?.loads ?? null,
    fryingS: fry.loads?.totalS ?? null,
  });
}

test('one thing has one figure in the demo kitchen', () => {
  for (const starter of STARTERS)
    for (const start of ['room', 'fridge', 'frozen', 'tempered'] as const) {
      const draft = newTray('One', starter.id, 24, '2030-01-05T18:30:00Z');
      sameEverywhere({ ...draft, fry: { ...draft.fry, start } }, DEFAULT_KITCHEN);
    }
});

test('and in whatever kitchen plans whatever draft', () => {
  fc.assert(fc.property(anyDraft(), anyKitchen(), sameEverywhere), { numRuns: 100 });
});
