import { FRY_STEPPING } from '../heat/advanceFry.js';
import type { FryBodySpec } from '../heat/fryBody.js';
import { CRUST_LIMITS } from '../heat/colour.js';
import { darkerFace, type FrySolution, momentWhen, palerFace, sampleAt, solveFry } from '../heat/solveFry.js';
import type { OilRamp, TurnMethod } from '../draft/choices.js';
import { FRY_HORIZON_S } from '../draft/ranges.js';
import { rampFrom } from '../oil/ramp.js';
import { byHand, HAND_AXES, HAND_SAMPLES, type HandAxis, type HandsSpread, type PieceInOil } from './hands.js';

/** What changes from piece to piece: when its dough has set and its middle is safe, and how its faces colour. */
const FIGURES = ['set', 'safe', 'paler', 'darker'] as const;
type Figure = (typeof FIGURES)[number];

/** Along each axis of `HAND_AXES`: how far out, standard deviations, and the logarithm of the factor there. In rising order. */
type Along = readonly (readonly (readonly [z: number, log: number])[])[];

/**
 * How a piece comes out when portion, wall, oil, start and turn differ as they do by hand: factors on the piece
 * as planned. Plain figures, so that it crosses to a worker and the stove has the plan's.
 */
export interface OutcomeSurface {
  /** On the moments at which the dough has set and the middle is safe. */
  readonly set: Along;
  readonly safe: Along;
  /**
   * Paler and darker face. Of a piece that is turned when its face has its colour, on the moments at which they
   * come; of one that is turned by the clock or held under, on the colours they have at a moment.
   */
  readonly paler: Along;
  readonly darker: Along;
  readonly coloursAt: 'their-moment' | 'a-moment';
}

/** A piece whose surface is asked for. */
export interface SurfaceSpec {
  readonly body: FryBodySpec;
  readonly oilC: number;
  readonly ramp?: OilRamp;
  readonly turn: TurnMethod;
  readonly coreTargetC: number;
  readonly coreIsLine: boolean;
  readonly hands: HandsSpread;
}

/** The grid and the steps of a coarse solve: only ratios between two of them are used, so that its error drops out. */
const CELLS = { wall: 7, filling: 4, solid: 12 } as const;
export const STEPPING = { ...FRY_STEPPING, firstS: 0.2, growth: 1.4, mostS: 8 };
/**
 * Where each axis is looked at, standard deviations from the piece as planned. A heavier, thicker or colder piece is
 * later by a straight line; oil bends it, for colour follows it steeply. A turn is only ever late.
 */
const PLACES: Readonly<Record<HandAxis, readonly number[]>> = {
  portion: [1.5],
  wall: [1.5],
  oil: [-1.5, 1.5],
  start: [1.5],
  turn: [1.5],
};
/** A moment that is not reached within the time looked at counts as so many times that. */
const BEYOND = 1.5;

function coarsest(body: FryBodySpec): FryBodySpec {
  const isSolid = body.fillingCells === 0;
  return { ...body, wallCells: isSolid ? CELLS.solid : CELLS.wall, fillingCells: isSolid ? 0 : CELLS.filling };
}

const endOf = ({ samples }: FrySolution): number => samples[samples.length - 1]!.timeS;

/** One piece as it is fried. Rising oil is as much hotter or cooler all the way. */
export function pieceByHand(
  { body, oilC, ramp, turn, hands }: Omit<SurfaceSpec, 'coreTargetC' | 'coreIsLine'>,
  z: readonly number[],
): PieceInOil & { readonly turn: TurnMethod; readonly ramp?: OilRamp } {
  const piece = byHand(coarsest(body), oilC, hands, z);
  const moved = rampFrom(ramp, oilC, piece.oilC);
  return { ...piece, turn, ...(moved && { ramp: moved }) };
}

const coloursAt = (turn: TurnMethod): OutcomeSurface['coloursAt'] =>
  turn === 'each-minute' || turn === 'held-under' ? 'a-moment' : 'their-moment';

/** Solves a piece that lies so many standard deviations from the planned one on each axis. */
function solveByHand(spec: SurfaceSpec, z: readonly number[]): FrySolution {
  return solveFry({
    ...pieceByHand(spec, z),
    coreTargetC: spec.coreIsLine ? spec.coreTargetC : 0,
    horizonS: FRY_HORIZON_S,
    stepping: STEPPING,
    // Colours at one moment tell how fast both faces colour: darker ones need not be waited for.
    ...(coloursAt(spec.turn) === 'a-moment' && { enough: { afterS: 0, leastS: 0 } }),
  });
}

const FACES = { paler: [palerFace, CRUST_LIMITS.pale], darker: [darkerFace, CRUST_LIMITS.brown] } as const;

/** Logarithm of the factor by which one piece differs from the planned one. */
function logFactor(figure: Figure, planned: FrySolution, other: FrySolution, at: OutcomeSurface['coloursAt']): number {
  const log = (timeS: number | null) => Math.log(Math.max(1, timeS ?? BEYOND * FRY_HORIZON_S));
  if (figure === 'set') return log(other.doughSetS) - log(planned.doughSetS);
  if (figure === 'safe') return log(other.coreS) - log(planned.coreS);
  const [face, limit] = FACES[figure];
  const plannedS = momentWhen(planned.samples, face, limit);
  if (at === 'their-moment') return log(momentWhen(other.samples, face, limit)) - log(plannedS);
  const timeS = Math.min(plannedS ?? Infinity, endOf(planned), endOf(other));
  // Of both faces together: which of them is the paler one changes with each turn.
  const colour = ({ samples }: FrySolution) => {
    const [one, two] = sampleAt(samples, timeS).colours;
    return Math.max(1e-6, one + two);
  };
  return Math.log(colour(other) / colour(planned));
}

/** What was worked out for the piece as planned, and at each place along each axis; none along an axis that changes nothing. */
export interface AtPlaces<Result> {
  readonly planned: Result;
  readonly along: readonly (readonly { readonly z: number; readonly result: Result }[])[];
}

/** Works something out for the piece as planned and for pieces that differ from it along one axis at a time. */
export function atPlaces<Result>(
  { turn, body }: Pick<SurfaceSpec, 'turn' | 'body'>,
  workOut: (z: readonly number[]) => Result,
): AtPlaces<Result> {
  const isFlat = (axis: HandAxis) =>
    (axis === 'turn' && turn === 'held-under') || (axis === 'wall' && body.fillingCells === 0);
  return {
    planned: workOut(HAND_AXES.map(() => 0)),
    along: HAND_AXES.map((axis, i) =>
      (isFlat(axis) ? [] : PLACES[axis]).map((z) => ({
        z,
        result: workOut(HAND_AXES.map((_, k) => (k === i ? z : 0))),
      })),
    ),
  };
}

/** How far a figure at each place lies from that of the piece as planned. */
export function differencesOf<Result>({ along }: AtPlaces<Result>, differenceOf: (result: Result) => number): Along {
  return along.map((places) =>
    [...places.map(({ z, result }) => [z, differenceOf(result)] as const), [0, 0] as const].sort(
      ([one], [other]) => one - other,
    ),
  );
}

/**
 * The surface of a piece, from seven solves. Source: docs/models/outcome.md.
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 * @example outcomeSurface(heat).set.length // 5
 */
export function outcomeSurface(spec: SurfaceSpec): OutcomeSurface {
  const at = coloursAt(spec.turn);
  const solved = atPlaces(spec, (z) => solveByHand(spec, z));
  const of = (figure: Figure): Along =>
    differencesOf(solved, (solution) => logFactor(figure, solved.planned, solution, at));
  return { set: of('set'), safe: of('safe'), paler: of('paler'), darker: of('darker'), coloursAt: at };
}

/** Surfaces of late, by all that was asked: most edits of a plan change nothing of its heat. */
const known = new Map<string, OutcomeSurface>();
const KEPT = 48;

/**
 * The same, remembered.
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 * @example surfaceOf(heat) === surfaceOf({ ...heat }) // true
 */
export function surfaceOf(spec: SurfaceSpec): OutcomeSurface {
  const key = JSON.stringify(spec);
  const surface = known.get(key) ?? outcomeSurface(spec);
  // The one that was asked for last goes to the end.
  known.delete(key);
  known.set(key, surface);
  if (known.size > KEPT) known.delete(known.keys().next().value!);
  return surface;
}

/** What one axis adds at `z`: on the line through its two nearest places, beyond the last too. */
function addedAt(places: Along[number], z: number): number {
  if (places.length < 2) return 0;
  let i = 1;
  while (i < places.length - 1 && z > places[i]![0]) i += 1;
  const [[fromZ, from], [toZ, to]] = [places[i - 1]!, places[i]!];
  return from + ((to - from) * (z - fromZ)) / (toZ - fromZ);
}

/** What all axes together add for a piece made by hand. A turn is only ever late. */
export function addedFor(along: Along, z: readonly number[]): number {
  return HAND_AXES.reduce((sum, axis, i) => sum + addedAt(along[i]!, axis === 'turn' ? Math.max(0, z[i]!) : z[i]!), 0);
}

/** A factor on each figure for each of the pieces made by hand, `HAND_SAMPLES` in turn. */
export type HandFactors = Readonly<Record<Figure, Float64Array>>;

export function handFactors(surface: OutcomeSurface): HandFactors {
  const of = (figure: Figure) => Float64Array.from(HAND_SAMPLES, (z) => Math.exp(addedFor(surface[figure], z)));
  return { set: of('set'), safe: of('safe'), paler: of('paler'), darker: of('darker') };
}
