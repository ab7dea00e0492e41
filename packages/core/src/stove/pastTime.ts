import { BURNT_COLOUR, CRUST_LIMITS } from '../heat/colour.js';
import type { NextStep, StovePlan } from './doNext.js';
import type { PiecePrediction } from './predictPiece.js';
import { OVEN_FINISH } from './stoveAct.js';

/** What has become of a piece that is in the oil past its time. */
export type PastState = 'frying' | 'too-dark' | 'dark-raw' | 'burnt';

/** What a piece has become by its darker side, and by whether it is done inside. */
export function stateOf({ colours, isDone }: PiecePrediction, { thenOven }: Pick<StovePlan, 'thenOven'>): PastState {
  const darker = Math.max(...colours);
  if (darker >= BURNT_COLOUR) return 'burnt';
  if (darker < CRUST_LIMITS.brown) return 'frying';
  return isDone || thenOven ? 'too-dark' : 'dark-raw';
}

/** What is past its time comes out now, and is called what it is. */
export function pastSteps(past: ReadonlyMap<number, PastState>, { thenOven }: Pick<StovePlan, 'thenOven'>): NextStep[] {
  return (['burnt', 'dark-raw', 'too-dark'] as const).flatMap((reason): NextStep[] => {
    const pieces = [...past].flatMap(([number, state]) => (state === reason ? [number] : []));
    if (pieces.length === 0) return [];
    if (reason === 'dark-raw') return [{ act: 'aside', inS: 0, pieces, reason, value: OVEN_FINISH.raw.ovenC }];
    if (reason === 'too-dark' && thenOven) return [{ act: 'to-oven', inS: 0, pieces, reason, value: thenOven.ovenC }];
    return [{ act: 'take-out', inS: 0, pieces, reason, value: 0 }];
  });
}
