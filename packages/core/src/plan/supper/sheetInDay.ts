import type { RunStep } from '../batch/runSteps.js';
import type { DayPlan } from './supperDay.js';

/**
 * The run-sheet of a batch with the moments of its supper's day plan, in their order.
 * @example sheetInDay(sheet, dayPlan, 'nobody').length === sheet.length // true
 */
export function sheetInDay(
  sheet: readonly RunStep[],
  { entries, rests }: Pick<DayPlan, 'entries' | 'rests'>,
  batchId: string,
): readonly RunStep[] {
  const at = new Map<string, number>();
  for (const { steps } of entries)
    for (const { step, batchId: of, startMs } of steps) if (step && of === batchId) at.set(step.id, startMs);
  for (const { step, batchId: of, startMs } of rests) if (of === batchId) at.set(step.id, startMs);
  return sheet
    .map((step) => {
      const startMs = at.get(step.id);
      return startMs === undefined ? step : { ...step, startMs };
    })
    .sort((a, b) => a.startMs - b.startMs);
}
