import type { NextStep, StovePlan } from './doNext.js';
import { isThrough, OVEN_FINISH, type StovePiece, type StoveState } from './stoveAct.js';

/** Taken out together within so long, pieces are alike inside, s. */
const ALIKE_S = 30;

/** Taken out pieces that are raw inside by a probed core, their neighbours too unless probed better. */
function rawInside({ pieces, judged }: StoveState, targetC: number): number[] {
  const coreC = new Map(judged.flatMap((act) => (act.kind === 'core' ? [[act.piece, act.tempC] as const] : [])));
  const isRaw = ({ number }: StovePiece) => (coreC.get(number) ?? targetC) < targetC;
  const raw = pieces.filter((piece) => isThrough(piece) && isRaw(piece));
  return pieces
    .filter(isThrough)
    .filter((one) => !coreC.has(one.number) || isRaw(one))
    .filter((one) => raw.some((known) => Math.abs(known.outS! - one.outS!) <= ALIKE_S))
    .map(({ number }) => number);
}

/** What goes into the oven, and what in it is to be looked at. */
export function ovenSteps(state: StoveState, plan: StovePlan, nowS: number): NextStep[] {
  const steps: NextStep[] = [];
  const raw = rawInside(state, plan.coreTargetC);
  if (raw.length > 0)
    steps.push({ act: 'aside', inS: 0, pieces: raw, reason: 'raw-inside', value: OVEN_FINISH.raw.ovenC });
  const probed = new Set(state.judged.flatMap((act) => (act.kind === 'core' ? [act.piece] : [])));
  const onRack = new Set(state.pieces.flatMap((piece) => (isThrough(piece) ? [piece.number] : [])));
  // A probe knows better than the model.
  const early = (plan.early ?? []).filter((n) => onRack.has(n) && !probed.has(n) && !raw.includes(n));
  if (early.length > 0)
    steps.push({ act: 'aside', inS: 0, pieces: early, reason: 'taken-early', value: OVEN_FINISH.raw.ovenC });
  const lookS = new Map<number, number[]>();
  for (const { number, oven } of state.inOven) {
    const atS = oven!.inS + oven!.afterS;
    lookS.set(atS, [...(lookS.get(atS) ?? []), number]);
  }
  for (const [atS, pieces] of lookS)
    steps.push({ act: 'oven-out', inS: atS - nowS, pieces, reason: 'oven-done', value: 0 });
  return steps;
}
