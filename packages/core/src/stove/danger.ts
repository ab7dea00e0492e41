import { LIMITS } from '../limits/limits.js';
import { potLevels } from '../oil/pot.js';
import type { StoveState } from './stoveAct.js';
import type { OilNow } from './oilNow.js';
import { type Pot } from '../draft/kitchen.js';

/** States that take the whole screen, worst first. */
export type DangerId = 'cut-heat' | 'too-hot' | 'level' | 'probe-out' | 'left-alone';

/** What is wrong, and the one right act. */
export interface Danger {
  readonly id: DangerId;
  /** Heat off; or somebody says that they are there and have seen to it. */
  readonly act: 'burner-off' | 'here';
}

/** Oil left with no act for so long, s by the wall. Source: docs/models/practice.md. */
const ALONE_S = 240;
/** A danger that was seen to asks again after so long, s by the wall. */
const SEEN_TO_S = 30;
export interface DangerAsk {
  readonly state: StoveState;
  readonly oil: OilNow;
  readonly pot: Pot;
  /** Over this the oil is too hot, °C. */
  readonly warnC: number;
  /** Of the pieces in the pot together, m³. */
  readonly loadM3: number;
  readonly nowS: number;
  /** Stove seconds in a second by the wall. */
  readonly speed: number;
}

/** The worst of what is dangerous now; `null` when nothing is. */
export function dangerOf({ state, oil, pot, warnC, loadM3, nowS, speed }: DangerAsk): Danger | null {
  const heats = state.burner > 0;
  const quietS = (nowS - (state.seenHereS ?? 0)) / speed;
  // Heat off and somebody there: pieces must come out; it asks again in half a minute.
  if (oil.verdict === 'cut-heat' && (heats || quietS > SEEN_TO_S))
    return { id: 'cut-heat', act: heats ? 'burner-off' : 'here' };
  // Too hot when it was last seen, and now unseen with the heat on: nobody knows how hot.
  if (oil.probeC === null && heats && (oil.lastC ?? 0) >= warnC) return { id: 'cut-heat', act: 'burner-off' };
  if (oil.verdict === 'warn' && heats) return { id: 'too-hot', act: 'burner-off' };
  const full = { ...pot, oilM3: pot.oilM3 + state.toppedM3 };
  const level = potLevels(full, oil.probeC ?? LIMITS.oil.leaveBelowC, loadM3);
  if (level.withLoad > LIMITS.pot.withLoadShare && heats) return { id: 'level', act: 'burner-off' };
  // A probe that was looked at is believed for as long as the oil may be left.
  if (oil.verdict === 'check-probe' && quietS > 20) return { id: 'probe-out', act: 'here' };
  const isHot = (oil.probeC ?? 0) > LIMITS.oil.leaveBelowC || (oil.probeC === null && heats);
  if (isHot && (heats || state.inPot.length > 0) && quietS > ALONE_S) return { id: 'left-alone', act: 'here' };
  return null;
}
