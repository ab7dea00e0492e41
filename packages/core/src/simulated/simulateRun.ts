import type { BatchPlan } from '../plan/batchPlan.js';
import type { BatchDraft } from '../draft/draft.js';
import { turnIsDue } from '../frying/lying.js';
import {
  createStove,
  dropIntoStove,
  flipInStove,
  liftFromStove,
  readProbe,
  type SimulatedStove,
  stepStove,
} from './simulatedStove.js';
import type { FireAct, OilReading } from '../fire/fireAct.js';
import type { Kitchen } from '../draft/kitchen.js';

/** What goes wrong in a simulated evening. */
export interface Mishaps {
  /** Pieces that open, and how many s after their drop. */
  readonly bursts: readonly { readonly piece: number; readonly afterS: number }[];
  /** Lifted this much before (−) or after the planned moment, s. */
  readonly liftLateS: number;
}

export interface SimulatedRun {
  readonly acts: readonly FireAct[];
  readonly readings: readonly OilReading[];
  readonly endS: number;
}

const READ_EACH_S = 5;
const MOST_S = 4 * 3600;

/**
 * Cooks a planned batch on the simulated stove with a steady hand: full burner to the mark,
 * a lot in when the oil is there, turns by the plan's school, lift at the planned time.
 *
 * @param actId makes the id of act n
 * @returns `null` when the plan has nothing that can be fried to its end
 * @example simulateRun({ ...draft, pieces: 2 }, plan, kitchen, 1, { bursts: [], liftLateS: 0 }, String).acts.length > 3 // true
 */
export function simulateRun(
  draft: BatchDraft,
  plan: BatchPlan,
  kitchen: Kitchen,
  seed: number,
  mishaps: Mishaps,
  actId: (n: number) => string,
): SimulatedRun | null {
  const { fry } = plan;
  if (!fry || !fry.lots || fry.liftS === null) return null;
  const stove = createStove(kitchen.pot, kitchen.roomC, fry.body, fry.bulk, seed);
  const acts: FireAct[] = [];
  const readings: OilReading[] = [];
  const lifted = fry.liftS + mishaps.liftLateS;
  const turns = new Map<number, number>();
  const droppedAt = new Map<number, number>();
  let next = 1;
  let lastOutS = -Infinity;
  const id = () => actId(acts.length);
  const pieceAct = (kind: 'drop' | 'flip' | 'lift' | 'burst', pieces: number[]) => {
    if (pieces.length > 0) acts.push({ id: id(), atS: stove.timeS, kind, pieces });
  };
  const burner = (setting: number) => {
    if (setting === stove.setting) return;
    stove.setting = setting;
    acts.push({ id: id(), atS: stove.timeS, kind: 'burner', setting });
  };
  while ((next <= draft.pieces || stove.inPot.size > 0) && stove.timeS < MOST_S) {
    setBurner(stove, draft.fry.oilC, fry.lots.holdSetting, fry.lots.lotSetting, burner);
    const rested = stove.timeS - lastOutS >= kitchen.hands.betweenLotsS;
    const { everyS, lotSize } = fry.lots;
    const last = droppedAt.get(next - 1);
    const flows = everyS !== null && last !== undefined && stove.inPot.size > 0;
    const goesIn = flows
      ? stove.timeS - last >= everyS && stove.inPot.size < lotSize
      : stove.inPot.size === 0 && rested;
    if (goesIn && next <= draft.pieces && stove.state.probeC >= draft.fry.oilC - (flows ? 8 : 1)) {
      const size = Math.min(everyS === null ? lotSize : 1, draft.pieces - next + 1);
      const pieces = Array.from({ length: size }, (_, i) => next + i);
      pieces.forEach((n) => {
        dropIntoStove(stove, n);
        droppedAt.set(n, stove.timeS);
        turns.set(n, 0);
      });
      next += size;
      pieceAct('drop', pieces);
    }
    stepStove(stove, 1);
    if (stove.timeS % READ_EACH_S === 0) readings.push({ atS: stove.timeS, probeC: readProbe(stove) });
    const burst = mishaps.bursts
      .filter((b) => stove.inPot.has(b.piece) && stove.timeS - droppedAt.get(b.piece)! >= b.afterS)
      .map((b) => b.piece);
    burst.forEach((n) => liftFromStove(stove, n));
    pieceAct('burst', burst);
    const due = [...stove.inPot]
      .filter(([n, p]) => turnIsDue(draft.fry.turn, p.body, turns.get(n)!, 1800))
      .map(([n]) => n);
    due.forEach((n) => {
      flipInStove(stove, n);
      turns.set(n, turns.get(n)! + 1);
    });
    pieceAct('flip', due);
    const out = [...stove.inPot.keys()].filter((n) => stove.timeS - droppedAt.get(n)! >= lifted);
    out.forEach((n) => liftFromStove(stove, n));
    pieceAct('lift', out);
    if (out.length + burst.length > 0) lastOutS = stove.timeS;
  }
  burner(0);
  return { acts, readings, endS: stove.timeS };
}

function setBurner(
  stove: SimulatedStove,
  oilC: number,
  hold: number,
  withLot: number,
  burner: (setting: number) => void,
): void {
  const c = stove.state.probeC;
  if (stove.inPot.size > 0) burner(c > oilC + 3 ? hold : withLot);
  else burner(c < oilC - 4 ? stove.pot.settings : Math.max(hold, withLot));
}
