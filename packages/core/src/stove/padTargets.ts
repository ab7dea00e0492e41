import type { NextStep } from './doNext.js';
import type { StoveState } from './stoveAct.js';

/** Which pieces each key of the stove would record. */
export interface PadTargets {
  readonly turn: readonly number[];
  readonly 'take-out': readonly number[];
  readonly drop: readonly number[];
  readonly burst: readonly number[];
}

/** Due this soon, a piece is meant without being chosen, stove s. */
const SOON_S = 25;

function dueOf(steps: readonly NextStep[], ...acts: readonly NextStep['act'][]): readonly number[] {
  const step = steps.find(({ act }) => acts.includes(act));
  return step && step.inS !== null && step.inS <= SOON_S ? step.pieces : [];
}

/**
 * What each key records: the chosen pieces, else those that are due, else all in the pot; for a
 * drop what the list says, or what there is room for, and more only when asked for.
 *
 * @param room how many more the pot takes
 * @param selected numbers the cook has tapped
 * @param fewer added to the size of the drop, may be negative
 */
export function padTargets(
  state: StoveState,
  steps: readonly NextStep[],
  room: number,
  selected: ReadonlySet<number>,
  fewer: number,
): PadTargets {
  const inPot = state.inPot.map((piece) => piece.number);
  const chosen = inPot.filter((number) => selected.has(number));
  const first = state.pieces.reduce((most, piece) => Math.max(most, piece.number), 0) + 1;
  const planned = steps.find((step) => step.act === 'drop')?.pieces.length ?? room;
  const size = Math.min(state.toFry, Math.max(planned > 0 ? 1 : 0, planned + fewer));
  const pick = (due: readonly number[]) => (chosen.length > 0 ? chosen : due.length > 0 ? due : inPot);
  return {
    turn: pick(dueOf(steps, 'turn')),
    'take-out': pick(dueOf(steps, 'take-out', 'to-oven')),
    drop: Array.from({ length: size }, (_, i) => first + i),
    burst: chosen.length > 0 ? chosen : inPot.length === 1 ? inPot : [],
  };
}
