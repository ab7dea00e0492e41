import { LIMITS, roomLimitS } from '../../limits/limits.js';
import type { ChainStep } from '../../schedule/backwardChain.js';
import { doughFamily } from '../../families/families.js';
import type { DoughFamilyId } from '../../draft/choices.js';
import type { Finding } from '../../draft/finding.js';

/** How long the pieces of a tray lie at room temperature before they are cooked or cold, s. */
export interface TrayWait {
  readonly waitS: number;
}

export interface DayAsk {
  readonly steps: readonly ChainStep[];
  /** ms; `null`: lateness is not judged. */
  readonly nowMs: number | null;
  readonly roomC: number;
  readonly waits: readonly TrayWait[];
  /** Of each fried tray: s after the first drop of the batch, and s in the oil. */
  readonly takeOuts: readonly { readonly startS: number; readonly takeOutS: number | null }[];
  /** Something of it is never right as planned. */
  readonly noMoment: boolean;
  /** Dough of one portion that waits longest until it is folded; `null`: none is made. */
  readonly dough: { readonly family: DoughFamilyId; readonly waitS: number; readonly portions: number } | null;
  /** Leftovers; `null`: nothing is cooked. */
  readonly keeps: { readonly keepS: number; readonly place: 'tin' | 'fridge' } | null;
}

/** Whether the day can still hold the work, and what waits too long on the way. */
export function serveFindings({ steps, nowMs, roomC, waits, takeOuts, noMoment, dough, keeps }: DayAsk): Finding[] {
  const found: Finding[] = [];
  const startMs = steps[0]!.startMs;
  if (noMoment) {
    found.push({ code: 'serve.no-take-out', tone: 'stop', values: {} });
  } else if (nowMs !== null && startMs < nowMs) {
    found.push({ code: 'serve.late', tone: 'look-out', values: { lateS: (nowMs - startMs) / 1000 } });
  } else {
    found.push({ code: 'serve.on-time', tone: 'good', values: { startMs } });
  }
  // Shaping, waiting and warming up the oil add up on the bench until the last portion goes in.
  const limitS = roomLimitS(roomC);
  const waitS = Math.max(0, ...waits.map((one) => one.waitS));
  if (waitS > limitS) found.push({ code: 'serve.room-limit', tone: 'stop', values: { waitS, limitS } });
  const mostS = dough && doughFamily(dough.family).waitsS;
  if (dough && mostS !== null && dough.waitS > mostS) {
    // Kept covered it may wait a while longer; twice as long is too long.
    const tone = dough.waitS > 2 * mostS ? 'look-out' : 'know';
    found.push({ code: 'serve.dough-waits', tone, values: { ...dough, mostS } });
  }
  const eatMs = steps.find(({ id }) => id === 'serve')!.endMs;
  const fryMs = steps.find(({ id }) => id === 'fry')?.startMs ?? eatMs;
  const firstS = takeOuts[0];
  const holdS = firstS ? (eatMs - fryMs) / 1000 - firstS.startS - (firstS.takeOutS ?? 0) : 0;
  if (holdS > LIMITS.fried.bestS)
    found.push({ code: 'serve.hold-long', tone: 'look-out', values: { holdS, bestS: LIMITS.fried.bestS } });
  if (keeps && !noMoment) found.push({ code: 'serve.keeps', tone: 'know', values: keeps });
  return found;
}
