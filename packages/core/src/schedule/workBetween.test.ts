import fc from 'fast-check';
import { DEFAULT_KITCHEN } from '../draft/kitchen.js';
import { planBatch } from '../plan/batch/planBatch.js';
import { newTray, STARTERS } from '../plan/edit/starters.js';
import { workBetween } from './workBetween.js';

const DAY_MS = 86_400_000;
const batches = STARTERS.map(({ id }, i) => {
  const tray = newTray('Day', id, 12, new Date(Date.UTC(2030, 0, 5 + (i % 2), 18, 30)).toISOString());
  const ahead = { ...tray, dough: { ...tray.dough, ahead: { days: 1, upTo: 'dough' as const } } };
  return { id, steps: planBatch(i % 2 === 0 ? ahead : tray, DEFAULT_KITCHEN, null).serve!.steps };
});

test('the days of a week hold every step of every batch once, in order; what is made ahead is on its own day', () => {
  const from = Date.UTC(2030, 0, 1);
  const days = Array.from({ length: 7 }, (_, i) => workBetween(batches, from + i * DAY_MS, from + (i + 1) * DAY_MS));
  expect(days.flat().length).toBe(batches.reduce((sum, { steps }) => sum + steps.length, 0));
  for (const day of days) {
    const starts = day.map(({ step }) => step.startMs);
    expect(starts).toEqual([...starts].sort((a, b) => a - b));
  }
  expect(days[3]!.every(({ step }) => step.id === 'dough' || step.id === 'rest')).toBe(true);
  expect(days[3]!.length).toBeGreaterThan(0);
});

test('wherever a stretch is cut in two, nothing is lost and nothing is twice', () => {
  const [from, to] = [Date.UTC(2030, 0, 4), Date.UTC(2030, 0, 8)];
  fc.assert(
    fc.property(fc.integer({ min: from, max: to }), (cut) => {
      const both = [...workBetween(batches, from, cut), ...workBetween(batches, cut, to)];
      expect(both).toEqual(workBetween(batches, from, to));
    }),
  );
});
