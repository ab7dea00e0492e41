import { practiceOutcome } from './practiceOutcome.js';
import { replayPractice } from './practiceRun.js';
import type { PracticeAct, Situation } from './situation.js';

/** What one act did to an session, in pieces: more than nothing was lost by it, less was saved. */
export interface ActCost {
  readonly id: string;
  /** Against the same session without it. */
  readonly cost: number;
  /** The moment at which it would have cost least, s before (−) or after, and what that saves; 0 and 0: where it was. */
  readonly betterByS: number;
  readonly saves: number;
}

/** Other moments that are tried for an act, s. */
const SHIFTS_S = [-120, -60, -30, 30, 60, 120];
/** Less than this nobody notices. */
const SEEN = 0.02;

/**
 * The session with one act at another moment, or without it. @param byS `null`: without it
 * @example withActMoved([{ id: 'a', atS: 10, pot: 0, act: { kind: 'skim' } }], 'a', 5)[0].atS // 15
 */
export function withActMoved(acts: readonly PracticeAct[], id: string, byS: number | null): readonly PracticeAct[] {
  if (byS === null) return acts.filter((act) => act.id !== id);
  return acts.map((act) => (act.id === id ? { ...act, atS: Math.max(0, act.atS + byS) } : act));
}

/** What all of it would have lost. */
const lostWith = (of: Situation, acts: readonly PracticeAct[]): number =>
  practiceOutcome(replayPractice(of, acts)).lost;

/**
 * What one act cost or saved: the session is cooked again without it, and with it sooner and later;
 * everything else is done as it was.
 * @example actCost(situation('hollow', 1, 'Practice'), [{ id: 'a', atS: 0, pot: 0, act: { kind: 'skim' } }], 'a').cost // 0
 */
export function actCost(of: Situation, acts: readonly PracticeAct[], id: string): ActCost {
  const lost = lostWith(of, acts);
  const cost = lost - lostWith(of, withActMoved(acts, id, null));
  let best = { betterByS: 0, saves: 0 };
  for (const byS of SHIFTS_S) {
    const saves = lost - lostWith(of, withActMoved(acts, id, byS));
    if (saves > best.saves + SEEN) best = { betterByS: byS, saves };
  }
  return { id, cost, ...best };
}
