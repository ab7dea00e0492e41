import { type TurnMethod } from '../draft/choices.js';
import { clamp } from '../numeric/clamp.js';
import { TAKE_OUT_COLOUR } from './colour.js';
import type { FryBody, FryBodySpec } from './fryBody.js';

/** Of the skin that would stay dry, ladled oil leaves this share dry. Our own. */
const BASTED_DRY = 0.25;
/** In half-depth oil the whole upper face is dry. */
const HALF = 0.5;

/** Turned each minute. */
const TURN_EACH_S = 60;
/** First turn, s: a tight seam bears it as soon as the piece has risen, a weak one when its crust has set. Source: docs/models/practice.md. */
const FIRST_TURN_S = { least: 30, most: 90 } as const;

/**
 * When a piece can first be turned without its seam giving way, s: a minute for a seam as most are,
 * sooner for a tighter one, later for a weaker. Our own: with the root of the burst index.
 * @param burstIndex 1 is as usual; `null`: there is no seam to give way
 * @example firstTurnFor(1) // 60
 */
export function firstTurnFor(burstIndex: number | null): number {
  if (burstIndex === null) return FIRST_TURN_S.least;
  return clamp(TURN_EACH_S * Math.sqrt(Math.max(0, burstIndex)), FIRST_TURN_S.least, FIRST_TURN_S.most);
}

/** When a piece that is turned each minute is turned after so many turns, s. */
export function eachMinuteS({ firstTurnS = TURN_EACH_S }: Pick<FryBodySpec, 'firstTurnS'>, turns: number): number {
  return firstTurnS + TURN_EACH_S * turns;
}

/** Faces and dry skin of a piece whose shape floats with `exposedShare` of its skin over the oil. */
export function lyingOf(
  turn: TurnMethod,
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
 * Whether the cook turns the piece now. Once: when the first face has its colour to take out at, or
 * at half the horizon in oil too cool ever to colour it. Each minute: by the clock, the first
 * when its seam bears it.
 */
export function turnIsDue(turn: TurnMethod, body: FryBody, turns: number, horizonS: number): boolean {
  switch (turn) {
    case 'held-under':
      return false;
    case 'once':
    case 'basted':
    case 'half-depth':
      return (
        turns === 0 &&
        (body.faces[body.down]!.colour >= (body.spec.takeOutColour ?? TAKE_OUT_COLOUR) || body.timeS >= horizonS / 2)
      );
    case 'each-minute':
      return body.timeS >= eachMinuteS(body.spec, turns) - 1e-6;
    default: {
      const never: never = turn;
      return never;
    }
  }
}
