import type { FryBodySpec } from '../heat/fryBody.js';
import { MELTING_C } from '../heat/fryMaterial.js';

/** What differs between the pieces of one batch. */
export const HAND_AXES = ['portion', 'wall', 'oil', 'start', 'turn'] as const;
export type HandAxis = (typeof HAND_AXES)[number];

/** By how much each differs, standard deviations; of a late turn, half of a normal distribution. */
export interface HandsSpread {
  /** Mass over its mean. */
  readonly portion: number;
  /** Rolled thickness over its mean. */
  readonly wall: number;
  /** Oil around a piece, by its place in the pot and by how it is held, K. */
  readonly oil: number;
  /** Temperature when it goes in, K. */
  readonly start: number;
  /** How long a turn that is due waits, s. */
  readonly turn: number;
}

/** Hands and oil of most kitchens. Our own, see docs/models/outcome.md. */
export const USUAL_HANDS: HandsSpread = { portion: 0.04, wall: 0.05, oil: 2.5, start: 2, turn: 8 };

/** So much warmer, still frozen or thawed as it was: to melt takes more than a few degrees. */
const shifted = (tempC: number, byK: number): number =>
  tempC < MELTING_C ? Math.min(tempC + byK, Math.max(tempC, MELTING_C - 0.1)) : Math.max(tempC + byK, MELTING_C);

/** The oil a solve can be given, °C. */
const OIL = { least: 100, most: 230 } as const;

/** One piece as it is fried: its body, its oil, and how late it is turned. */
export interface PieceInOil {
  readonly body: FryBodySpec;
  readonly oilC: number;
  readonly turnLateS: number;
}

/**
 * A piece that differs from the planned one by so many standard deviations on each axis.
 * @param z one figure an axis, in the order of `HAND_AXES`
 */
export function byHand(body: FryBodySpec, oilC: number, hands: HandsSpread, z: readonly number[]): PieceInOil {
  const [portion, wall, oil, start, turn] = z as [number, number, number, number, number];
  // A heavier piece is larger by the cube root; its wall is as thick as it was rolled.
  const radiusM = Math.min(0.1, body.radiusM * Math.cbrt(Math.max(0.2, 1 + hands.portion * portion)));
  const rolledM = body.wallM * Math.max(0.2, 1 + hands.wall * wall);
  const byK = hands.start * start;
  const { fillingStart } = body;
  return {
    body: {
      ...body,
      radiusM,
      wallM: body.fillingCells === 0 ? radiusM : Math.min(rolledM, 0.95 * radiusM),
      startC: shifted(body.startC, byK),
      // A filling with ice in it stays at its melting point.
      ...(fillingStart && fillingStart.iceShare === 0
        ? { fillingStart: { ...fillingStart, tempC: shifted(fillingStart.tempC, byK) } }
        : {}),
    },
    oilC: Math.max(OIL.least, Math.min(OIL.most, oilC + hands.oil * oil)),
    turnLateS: Math.max(0, hands.turn * turn),
  };
}

/** So many pieces are looked at: their shares lie within one in a hundred of those of many more. */
const SAMPLES = 512;
/** Nobody is further out than this, standard deviations. */
const FURTHEST = 2.5;

/** The van der Corput sequence in a base: evenly spread over 0 to 1, however many are taken. */
function spreadEvenly(index: number, base: number): number {
  let [share, value] = [1, 0];
  for (let left = index; left > 0; left = Math.floor(left / base)) {
    share /= base;
    value += share * (left % base);
  }
  return value;
}

/** `SAMPLES` pieces made by hand: standard deviations on each axis. Halton's points, by Box and Muller. */
export const HAND_SAMPLES: readonly (readonly number[])[] = Array.from({ length: SAMPLES }, (_, i) =>
  [
    [2, 3],
    [5, 7],
    [11, 13],
  ]
    .flatMap(([one, other]) => {
      // The first points of large bases lie on a line: they are left out.
      const length = Math.sqrt(-2 * Math.log(1 - spreadEvenly(i + 20, one!)));
      const angle = 2 * Math.PI * spreadEvenly(i + 20, other!);
      return [length * Math.cos(angle), length * Math.sin(angle)];
    })
    .slice(0, HAND_AXES.length)
    .map((z) => Math.max(-FURTHEST, Math.min(FURTHEST, z))),
);
