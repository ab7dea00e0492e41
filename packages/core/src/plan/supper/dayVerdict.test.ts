import fc from 'fast-check';
import { DEFAULT_KITCHEN } from '../../draft/kitchen.js';
import { planBatch } from '../batch/planBatch.js';
import { newTray } from '../edit/starters.js';
import { DAY_TONE, dayVerdict } from './dayVerdict.js';
import { serveInDay } from './serveInDay.js';
import type { DayPlan } from './supperDay.js';

const SERVE = planBatch(newTray('Day', 'squash-sage', 24, '2030-01-05T18:30:00Z'), DEFAULT_KITCHEN, null).serve!;

test('a plan is green only where it is in time, safe, holds on 8 days in 10, and its pieces come out right; a batch of it never says better', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 4000 }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      fc.boolean(),
      fc.constantFrom(null, 'unsafe', 'raw', 'pale', 'dark'),
      (lateS, lateShare, isTooLong, fault) => {
        const folded = [{ mark: 'A', startMs: 0, endMs: 1, limitMs: 1, inFridge: false, isTooLong }];
        const own = { batchId: 'a', name: 'Day', eatMs: 0, folded, startMs: 0, upMs: 1, heldS: 0, fault };
        const dayPlan = {
          lateS,
          risk: { lateShare, soonerS: 0 },
          batches: [own],
          decides: 'hands',
        } as unknown as DayPlan;
        const verdict = dayVerdict(dayPlan);
        expect(verdict === 'holds').toBe(lateS <= 60 && lateShare <= 0.2 && !isTooLong && fault === null);
        if (fault === 'unsafe') expect(DAY_TONE[verdict]).toBe('stop');
        expect(verdict === 'late').toBe(lateS > 60);
        const { findings } = serveInDay(SERVE, dayPlan, 'a');
        const good = findings.filter(({ code, tone }) => code === 'serve.in-day-plan' && tone === 'good');
        expect(good.length > 0).toBe(DAY_TONE[verdict] === 'good');
        // What a batch says of its own time is the day plan's.
        expect(findings.some(({ code }) => code === 'serve.on-time')).toBe(false);
      },
    ),
  );
});
