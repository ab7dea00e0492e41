import { type StoveTray, friedPieces, trayOfPiece } from '../plan/batch/fryTrays.js';
import { turnIsDue } from '../heat/lying.js';
import {
  createStove,
  dropIntoStove,
  turnInStove,
  takeOutFromStove,
  readProbe,
  type SimulatedStove,
  stepStove,
} from './simulatedStove.js';
import type { StoveAct, OilReading } from '../stove/stoveAct.js';
import type { Kitchen } from '../draft/kitchen.js';

/** What goes wrong in a simulated session. */
export interface Mishaps {
  /** Pieces that open, and how many s after their drop. */
  readonly bursts: readonly { readonly piece: number; readonly afterS: number }[];
  /** Taken out this much before (−) or after the planned moment, s. */
  readonly takeOutLateS: number;
}

export interface SimulatedRun {
  readonly acts: readonly StoveAct[];
  readonly readings: readonly OilReading[];
  readonly endS: number;
}

const READ_EACH_S = 5;
const MOST_S = 4 * 3600;
/** A tray in cooler oil than the one before waits until the oil is no more than this over its target, K. */
const OVER_C = 6;

/**
 * Cooks planned trays on the simulated stove with a steady hand: full burner to the target, a load in
 * when the oil is there, turns by the plan's method, take out at the planned time; tray after tray.
 * It is long because it is one loop, a second a round.
 *
 * @param trays from `fryTrays`, with their plans
 * @param actId makes the id of act n
 * @returns `null` when there is nothing that can be fried to its end
 * @example simulateRun(session.trays, kitchen, 1, { bursts: [], takeOutLateS: 0 }, String).acts.length > 3 // true
 */
export function simulateRun(
  trays: readonly StoveTray[],
  kitchen: Kitchen,
  seed: number,
  mishaps: Mishaps,
  actId: (n: number) => string,
): SimulatedRun | null {
  if (trays.length === 0 || trays.some(({ fry }) => fry.takeOutS === null)) return null;
  const of = (number: number) => trayOfPiece(trays, number);
  const stove = createStove(kitchen.pot, kitchen.roomC, (number) => of(number).fry, seed);
  const acts: StoveAct[] = [];
  const readings: OilReading[] = [];
  const turns = new Map<number, number>();
  const droppedAt = new Map<number, number>();
  const all = friedPieces(trays);
  let next = 1;
  let lastOutS = -Infinity;
  const id = () => actId(acts.length);
  const ovens: { readonly atS: number; readonly pieces: readonly number[] }[] = [];
  const pieceAct = (kind: 'drop' | 'turn' | 'take-out' | 'burst' | 'oven-out', pieces: number[]) => {
    if (pieces.length > 0) acts.push({ id: id(), atS: stove.timeS, kind, pieces });
  };
  const burner = (setting: number) => {
    if (setting === stove.setting) return;
    stove.setting = setting;
    acts.push({ id: id(), atS: stove.timeS, kind: 'burner', setting });
  };
  const inFor = (number: number) => stove.timeS - droppedAt.get(number)!;
  while ((next <= all || stove.inPot.size > 0 || ovens.length > 0) && stove.timeS < MOST_S) {
    const tray = of([...stove.inPot.keys()][0] ?? Math.min(next, all));
    const { oilC } = tray.draft.fry;
    const { everyS, loadSize, holdSetting, loadSetting } = tray.fry.loads;
    // Nothing is left to fry: only the oven goes on.
    if (next > all && stove.inPot.size === 0) burner(0);
    else setBurner(stove, oilC, holdSetting, loadSetting, burner);
    const rested = stove.timeS - lastOutS >= kitchen.hands.betweenLoadsS;
    const flows = everyS !== null && droppedAt.has(next - 1) && stove.inPot.size > 0;
    const goesIn = flows ? inFor(next - 1) >= everyS && stove.inPot.size < loadSize : stove.inPot.size === 0 && rested;
    const left = tray.first + tray.draft.pieces - next;
    const c = stove.state.probeC;
    if (goesIn && left > 0 && c >= oilC - (flows ? 8 : 1) && c <= oilC + OVER_C) {
      const size = Math.min(everyS === null ? loadSize : 1, left);
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
      .filter((b) => stove.inPot.has(b.piece) && inFor(b.piece) >= b.afterS)
      .map((b) => b.piece);
    burst.forEach((n) => takeOutFromStove(stove, n));
    pieceAct('burst', burst);
    const due = [...stove.inPot]
      .filter(([n, p]) => turnIsDue(of(n).draft.fry.turn, p.body, turns.get(n)!, 1800))
      .map(([n]) => n);
    due.forEach((n) => {
      turnInStove(stove, n);
      turns.set(n, turns.get(n)! + 1);
    });
    pieceAct('turn', due);
    const out = [...stove.inPot.keys()].filter((n) => inFor(n) >= of(n).fry.takeOutS! + mishaps.takeOutLateS);
    out.forEach((n) => takeOutFromStove(stove, n));
    const { thenOven } = out.length > 0 ? of(out[0]!).fry : { thenOven: null };
    if (thenOven?.minutesS == null) pieceAct('take-out', out);
    else {
      const order = { ovenC: thenOven.ovenC, afterS: thenOven.minutesS };
      acts.push({ id: id(), atS: stove.timeS, kind: 'to-oven', pieces: out, ...order });
      ovens.push({ atS: stove.timeS + order.afterS, pieces: out });
    }
    for (const due of ovens.filter(({ atS }) => atS <= stove.timeS)) {
      pieceAct('oven-out', [...due.pieces]);
      ovens.splice(ovens.indexOf(due), 1);
    }
    if (out.length + burst.length > 0) lastOutS = stove.timeS;
  }
  burner(0);
  return { acts, readings, endS: stove.timeS };
}

function setBurner(
  stove: SimulatedStove,
  oilC: number,
  hold: number,
  withLoad: number,
  burner: (setting: number) => void,
): void {
  const c = stove.state.probeC;
  if (c > oilC + OVER_C) burner(0);
  else if (stove.inPot.size > 0) burner(c > oilC + 3 ? hold : withLoad);
  else burner(c < oilC - 4 ? stove.pot.settings : Math.max(hold, withLoad));
}
