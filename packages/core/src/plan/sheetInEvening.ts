import type { RunStep } from './runSheet.js';
import type { Evening } from './supperEvening.js';

/**
 * The run-sheet of a batch with the moments of its supper's evening, in their order.
 * @example sheetInEvening(sheet, evening, 'nobody').length === sheet.length // true
 */
export function sheetInEvening(
  sheet: readonly RunStep[],
  { entries, rests }: Pick<Evening, 'entries' | 'rests'>,
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
