import type { ChainStep } from '../schedule/backwardChain.js';
import type { Finding } from '../draft/finding.js';
import { lastDropS } from '../oil/pipeline.js';
import { TEMPER_S } from '../frying/holdPiece.js';
import type { StartState } from '../draft/choices.js';
import type { FryPlan } from '../frying/fryPlan.js';

const HOUR_MS = 3_600_000;
/** Fried pieces are best within this. Source: docs/models/practice.md. */
const BEST_MS = 2 * HOUR_MS;

/** Whether the day can still hold the work, and what waits too long on the way. */
export function serveFindings(
  steps: readonly ChainStep[],
  fry: FryPlan,
  roomC: number,
  nowMs: number | null,
  start: StartState,
  pieces: number,
): Finding[] {
  const found: Finding[] = [];
  const startMs = steps[0]!.startMs;
  if (fry.liftS === null) {
    found.push({ code: 'serve.no-lift', tone: 'stop', values: {} });
  } else if (nowMs !== null && startMs < nowMs) {
    found.push({ code: 'serve.late', tone: 'look-out', values: { lateS: (nowMs - startMs) / 1000 } });
  } else {
    found.push({ code: 'serve.on-time', tone: 'good', values: { startMs } });
  }
  const fold = steps.find((step) => step.id === 'fold')!;
  const frying = steps.find((step) => step.id === 'fry')!;
  const lots = fry.lots;
  // Shaping, waiting and warming up the oil add up on the bench until the last lot goes in.
  const limitMs = (roomC > 32 ? 1 : 2) * HOUR_MS;
  const lastDropMs = frying.startMs + 1000 * (lots ? lastDropS(lots, pieces) : 0);
  // What goes into the fridge or the freezer waits on the bench only while it is folded, and on paper.
  const foldMs = fold.endMs - fold.startMs + (start === 'tempered' ? TEMPER_S * 1000 : 0);
  const waitMs = start === 'room' ? lastDropMs - fold.startMs : foldMs;
  if (waitMs > limitMs) {
    found.push({ code: 'serve.room-limit', tone: 'stop', values: { waitS: waitMs / 1000, limitS: limitMs / 1000 } });
  }
  const eat = steps.find((step) => step.id === 'serve')!.endMs;
  const holdMs = eat - (frying.startMs + 1000 * (fry.liftS ?? 0));
  if (holdMs > BEST_MS) {
    const values = { holdS: holdMs / 1000, bestS: BEST_MS / 1000 };
    found.push({ code: 'serve.hold-long', tone: 'look-out', values });
  }
  return found;
}
