import { safeCoreC } from '../../filling/fillingSafety.js';
import type { StoveFit } from '../../oil/fitStove.js';
import { isThrough, type OilReading, type StoveAct, type StovePiece, stoveState } from '../../stove/stoveAct.js';
import { stoveBelief } from '../../stove/stoveLearning.js';
import type { TakenOutAsk } from '../../stove/takenEarly.js';
import { ovenH } from '../tray/trayBake.js';
import { friedPieces, trayOfPiece } from './fryTrays.js';
import { oilSeen } from './oilSeen.js';
import type { StoveSession } from './stoveNow.js';

/** s in the oven as planned; 0: none. */
const inOvenS = ({ oven }: StovePiece): number => (oven?.outS == null ? 0 : oven.outS - oven.inS);

/**
 * What is to be judged of the pieces on the rack: those that went through the same heat together.
 * @param known numbers that were judged before
 * @example takenOutAsks(session, [], readings, null, new Set(), 900) // []
 */
export function takenOutAsks(
  session: StoveSession,
  acts: readonly StoveAct[],
  readings: readonly OilReading[],
  fit: StoveFit | null,
  known: ReadonlySet<number>,
  nowS: number,
): readonly TakenOutAsk[] {
  const state = stoveState(acts, friedPieces(session.trays));
  const out = state.pieces.filter((piece) => isThrough(piece) && !known.has(piece.number));
  if (out.length === 0) return [];
  const belief = stoveBelief(state);
  const trace = oilSeen(session, acts, readings, fit, nowS).readings;
  const alike = new Map<string, StovePiece[]>();
  for (const piece of out) {
    const key = [piece.droppedS, piece.turnsS.join(' '), piece.outS, inOvenS(piece)].join('|');
    alike.set(key, [...(alike.get(key) ?? []), piece]);
  }
  return [...alike.values()].map((pieces): TakenOutAsk => {
    const [piece] = pieces as [StovePiece, ...StovePiece[]];
    const { draft, fry } = trayOfPiece(session.trays, piece.number);
    const { droppedS, turnsS, oven } = piece;
    const afterS = inOvenS(piece);
    const from = trace.findIndex(({ atS }) => atS > droppedS);
    const until = trace.findIndex(({ atS }) => atS > piece.outS!);
    return {
      pieces: pieces.map(({ number }) => number),
      body: { ...fry.body, browning: fry.body.browning * belief.browning },
      trace: trace.slice(Math.max(0, (from < 0 ? trace.length : from) - 1), until < 0 ? trace.length : until),
      droppedS,
      turnsS,
      outS: piece.outS!,
      ...(oven && afterS > 0 && { oven: { ovenC: oven.ovenC, afterS, h: ovenH(draft, session.kitchen, oven.ovenC) } }),
      fallbackC: draft.fry.oilC,
      coreTargetC: safeCoreC(draft),
      roomC: session.kitchen.roomC,
    };
  });
}
