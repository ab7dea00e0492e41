import type { Finding } from '../../draft/finding.js';
import type { ServePlan } from '../tray/batchPlan.js';
import { LIMITS } from '../../limits/limits.js';
import { dayVerdict } from './dayVerdict.js';
import type { DayPlan } from './supperDay.js';

/** What a batch by itself says of its time: in a supper its day plan says it. */
const OF_ITSELF: readonly Finding['code'][] = [
  ...(['serve.on-time', 'serve.late', 'serve.room-limit', 'serve.hold-long', 'serve.dough-waits'] as const),
];

/**
 * What a batch of a supper says of its time: when it begins, when it is up, whether it holds, and by
 * what, all as in the one day plan of that supper.
 *
 * @returns the batch's own where the day plan knows nothing of it
 * @example serveInDay(plan.serve, dayPlan, 'nobody').startMs === plan.serve.startMs // true
 */
export function serveInDay(serve: ServePlan, dayPlan: DayPlan, batchId: string): ServePlan {
  const own = dayPlan.batches.find((batch) => batch.batchId === batchId);
  if (!own || !Number.isFinite(own.startMs)) return serve;
  const { startMs, upMs, heldS, folded } = own;
  const { lateS, decides, risk } = dayPlan;
  const verdict = dayVerdict(dayPlan);
  const kept = serve.findings.filter(({ code }) => !OF_ITSELF.includes(code));
  const cold = folded.filter(({ inFridge }) => inFridge);
  const found: Finding[] = [];
  if (verdict === 'late') found.push({ code: 'serve.plan-late', tone: 'stop', values: { lateS, decides } });
  else if (verdict === 'risky')
    found.push({ code: 'serve.plan-risky', tone: 'look-out', values: { startMs, lateShare: risk.lateShare } });
  else if (verdict === 'uneven') found.push({ code: 'serve.in-day-plan', tone: 'know', values: { startMs, decides } });
  else if (verdict === 'holds' && !kept.some(({ code }) => code === 'serve.no-take-out'))
    found.push({ code: 'serve.in-day-plan', tone: 'good', values: { startMs, decides } });
  if (folded.some(({ isTooLong }) => isTooLong)) found.push({ code: 'serve.fridge-limit', tone: 'stop', values: {} });
  if (cold.length > 0) {
    const limitMs = Math.min(...cold.map((wait) => wait.limitMs));
    found.push({ code: 'serve.to-fridge', tone: 'look-out', values: { limitMs } });
  }
  if (heldS > LIMITS.fried.bestS)
    found.push({ code: 'serve.hold-long', tone: 'look-out', values: { holdS: heldS, bestS: LIMITS.fried.bestS } });
  return { ...serve, startMs, lastLoadUpMs: upMs ?? serve.lastLoadUpMs, findings: [...found, ...kept] };
}
