import type { Finding } from '../draft/finding.js';
import type { RunStep } from './runSheet.js';
import type { ServePlan } from './batchPlan.js';
import { BEST_S } from './serveFindings.js';
import type { Evening } from './supperEvening.js';

/** What a batch by itself says of its time: in a supper its evening says it. */
const OF_ITSELF: readonly Finding['code'][] = [
  ...(['serve.on-time', 'serve.late', 'serve.room-limit', 'serve.hold-long', 'serve.dough-waits'] as const),
];
/** Less late than this is in time, s. */
const LATE_S = 60;

/**
 * What a batch of a supper says of its time: when it begins, when it is up, whether it holds, and by
 * what, all as in the one evening of that supper.
 *
 * @returns the batch's own where the evening knows nothing of it
 * @example serveInEvening(plan.serve, evening, 'nobody').startMs === plan.serve.startMs // true
 */
export function serveInEvening(serve: ServePlan, evening: Evening, batchId: string): ServePlan {
  const own = evening.batches.find((batch) => batch.batchId === batchId);
  if (!own || !Number.isFinite(own.startMs)) return serve;
  const { startMs, upMs, heldS, folded } = own;
  const { lateS, decides } = evening;
  const kept = serve.findings.filter(({ code }) => !OF_ITSELF.includes(code));
  const cold = folded.filter(({ inFridge }) => inFridge);
  const found: Finding[] = [];
  if (lateS > LATE_S) found.push({ code: 'serve.evening-late', tone: 'stop', values: { lateS, decides } });
  else if (!kept.some(({ code }) => code === 'serve.no-lift'))
    found.push({ code: 'serve.in-evening', tone: 'good', values: { startMs, decides } });
  if (folded.some(({ isTooLong }) => isTooLong)) found.push({ code: 'serve.fridge-limit', tone: 'stop', values: {} });
  if (cold.length > 0) {
    const limitMs = Math.min(...cold.map((wait) => wait.limitMs));
    found.push({ code: 'serve.to-fridge', tone: 'look-out', values: { limitMs } });
  }
  if (heldS > BEST_S)
    found.push({ code: 'serve.hold-long', tone: 'look-out', values: { holdS: heldS, bestS: BEST_S } });
  return { ...serve, startMs, lastLotUpMs: upMs ?? serve.lastLotUpMs, findings: [...found, ...kept] };
}

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
