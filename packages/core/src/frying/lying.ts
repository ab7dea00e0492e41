import { type TurnSchool } from '../draft/choices.js';
import { LIFT_COLOUR } from './colour.js';
import type { FryBody, FryBodySpec } from './fryBody.js';

/** Of the skin that would stay dry, ladled oil leaves this share dry. Our own. */
const BASTED_DRY = 0.25;
/** In half-depth oil the whole upper face is dry. */
const HALF = 0.5;

/** Faces and dry skin of a piece whose form floats with `exposedShare` of its skin over the oil. */
export function lyingOf(
  turn: TurnSchool,
  exposedShare: number,
): Pick<FryBodySpec, 'faces' | 'exposedShare' | 'upperDry'> {
  switch (turn) {
    case 'held-under':
      return { faces: 'one', exposedShare, upperDry: 0 };
    case 'once':
    case 'each-minute':
      return { faces: 'two', exposedShare, upperDry: 1 };
    case 'basted':
      // Ladled oil reaches all of it in turn: its own share stays dry, no more.
      return { faces: 'two', exposedShare: BASTED_DRY * exposedShare, upperDry: 2 * BASTED_DRY * exposedShare };
    case 'half-depth':
      return { faces: 'two', exposedShare: HALF, upperDry: 1 };
    default: {
      const never: never = turn;
      return never;
    }
  }
}

/**
 * Whether the cook turns the piece now. Once: when the first face has its colour to lift at, or
 * at half the horizon in oil too cool ever to colour it. Each minute: by the clock.
 */
export function turnIsDue(turn: TurnSchool, body: FryBody, turns: number, horizonS: number): boolean {
  switch (turn) {
    case 'held-under':
      return false;
    case 'once':
    case 'basted':
    case 'half-depth':
      return turns === 0 && (body.faces[body.down]!.colour >= LIFT_COLOUR || body.timeS >= horizonS / 2);
    case 'each-minute':
      return body.timeS >= 60 * (turns + 1) - 1e-6;
    default: {
      const never: never = turn;
      return never;
    }
  }
}
