import { potTonight, trayNow, oilSeen } from './oilSeen.js';
import { safeCoreC } from '../../filling/fillingSafety.js';
import { type Kitchen } from '../../draft/kitchen.js';
import { RANGES } from '../../draft/ranges.js';
import { type Danger, dangerOf } from '../../stove/danger.js';
import { doNext, type NextStep, roomInPot } from '../../stove/doNext.js';
import {
  isThrough,
  type OvenOrder,
  type StoveAct,
  type StovePiece,
  stoveState,
  type StoveState,
  type OilReading,
} from '../../stove/stoveAct.js';
import { type StoveBelief, stoveBelief } from '../../stove/stoveLearning.js';
import { handsSeen, type HandsSeen } from '../../stove/handsSeen.js';
import { oilNow, type OilNow } from '../../stove/oilNow.js';
import { padTargets, type PadTargets } from '../../stove/padTargets.js';
import { burnerFlowW } from '../../stove/burnerFlow.js';
import { potPlaces } from '../../stove/potPlaces.js';
import type { PiecePrediction } from '../../stove/predictPiece.js';
import type { StoveFit } from '../../oil/fitStove.js';
import { targetNow } from '../../stove/setting.js';
import { oilRange, type OilRange } from '../../oil/fryLoads.js';
import type { FryPlace } from '../../oil/fryOrder.js';
import { type StoveTray, friedPieces, trayOfPiece } from './fryTrays.js';

/** What stays the same while one pot burns: the plan it was lit with. */
export interface StoveSession {
  /** At least one, from `fryTrays`. */
  readonly trays: readonly StoveTray[];
  readonly kitchen: Kitchen;
  /** Stove seconds in a second by the wall. */
  readonly speed: number;
  /** Whether a probe measures the oil; without one the pot model carries on from what was recorded. */
  readonly hasProbe: boolean;
  /** The first load is one piece, to be cut and judged. */
  readonly trial: boolean;
}

/** What is computed beside the stove, or asked of the server, and may be a moment old. */
export interface StoveKnown {
  /** Of the pieces in the pot, from `predictPieces`. */
  readonly predictions: readonly PiecePrediction[];
  /** What was last predicted of each core, °C: still there when the piece is out and probed. */
  readonly cores: ReadonlyMap<number, number>;
  /** What today has taught of the stove; `null`: nothing yet. */
  readonly fit: StoveFit | null;
  /** What of the supper is fried next in this oil, in safe order. */
  readonly queue: readonly FryPlace[];
  /** Pieces that came out before they were done inside, from `piecesEarly`. */
  readonly early: readonly number[];
}

export const NOTHING_KNOWN: StoveKnown = { predictions: [], cores: new Map(), fit: null, queue: [], early: [] };

/** What taken out pieces are to be judged by, together. */
export interface Judge {
  readonly pieces: readonly StovePiece[];
  /** The one whose core is asked for, and what was read of it, °C; `null`: none, or nothing read. */
  readonly coreOf: number | null;
  readonly predictedC: number | null;
}

/** Everything the stove page shows. */
export interface StoveNow {
  readonly nowS: number;
  readonly state: StoveState;
  /** The tray whose pieces are in the oil, or go in next. */
  readonly tray: StoveTray;
  readonly oil: OilNow;
  /** Where the oil should be now: rising oil has a range that rises. */
  readonly range: OilRange;
  /** ± of the oil where it is not measured, °C; `null`: it is, or nothing is known. */
  readonly spreadC: number | null;
  readonly predictions: readonly PiecePrediction[];
  /** A place in the drawn pot for each piece of the session. */
  readonly places: ReadonlyMap<number, number>;
  /** Most urgent first. */
  readonly steps: readonly NextStep[];
  /** What must be seen to before anything else; `null`: nothing. */
  readonly danger: Danger | null;
  /** How many more the pot takes beside what is in it; none while something is dangerous. */
  readonly room: number;
  readonly belief: StoveBelief;
  readonly judge: Judge;
  readonly fit: StoveFit | null;
  /** How quick today's hands are at turning and taking out. */
  readonly hands: HandsSeen;
  readonly queue: readonly FryPlace[];
  /** Pieces on the rack that are raw inside, as a probe or the model says: they do not count as done. */
  readonly raw: readonly number[];
  /** Oven that finishes the pieces after frying; `null`: they are done when they leave the oil. */
  readonly thenOven: OvenOrder | null;
  readonly tally: {
    readonly load: number;
    readonly loads: number;
    /** Nothing is in the oil: the batch may be finished. */
    readonly canFinish: boolean;
    /** What the oil is kept hot for when this batch is over; `null`: nothing. */
    readonly then: FryPlace | null;
  };
}

/** A probe silent for so long has no reading, stove s, and s by the wall where the stove runs faster. */
const STALE_S = 60;
const STALE_WALL_S = 6;
/** Taken out within so long of the last taking out, pieces are judged together, s. */
const TAKEN_OUT_TOGETHER_S = 30;

const sumOf = <T>(all: readonly T[], figure: (one: T) => number): number =>
  all.reduce((sum, one) => sum + figure(one), 0);

/** Out of the oil already, and raw inside. */
const isRawOnRack = ({ act, reason }: NextStep): boolean =>
  act === 'aside' && (reason === 'raw-inside' || reason === 'taken-early');

/** What goes into the oven as it comes out of the oil: where, and for how long. */
function ovenOf({ fry: { thenOven } }: StoveTray): { readonly thenOven?: OvenOrder } {
  return thenOven?.minutesS == null ? {} : { thenOven: { ovenC: thenOven.ovenC, afterS: thenOven.minutesS } };
}

/** Pieces of this tray that have not been in the oil. */
function leftOf({ draft, first }: StoveTray, { pieces }: StoveState): number {
  const last = pieces.reduce((most, piece) => Math.max(most, piece.number), 0);
  return Math.max(0, Math.min(draft.pieces, first + draft.pieces - 1 - last));
}

/**
 * Predictions as they are shown: cores shifted by what probed ones have taught.
 * @example shownPredictions([{ number: 1, colours: [1, 1], coreC: 70, interfaceC: 90, turnAtS: null, takeOutAtS: null }], { coreShiftC: 2 })[0].coreC // 72
 */
export function shownPredictions(
  found: readonly PiecePrediction[],
  { coreShiftC }: Pick<StoveBelief, 'coreShiftC'>,
): readonly PiecePrediction[] {
  return found.map((one) => ({ ...one, coreC: one.coreC + coreShiftC }));
}

/** A piece just turned, until it is predicted again: the other face is down, and no moment is known. */
const undated = (one: PiecePrediction): PiecePrediction => ({
  ...one,
  colours: [one.colours[1], one.colours[0]],
  turnAtS: null,
  takeOutAtS: null,
});

/** Taken out whole with the last taking out, and not judged yet. */
function toJudge(state: StoveState, cores: ReadonlyMap<number, number>): Judge {
  const judged = new Set(state.judged.flatMap((act) => (act.kind === 'seen' ? act.pieces : [])));
  const outAt = ({ outS, oven }: StovePiece) => oven?.outS ?? outS!;
  const out = state.pieces.filter(isThrough);
  const lastS = out.reduce((most, piece) => Math.max(most, outAt(piece)), -1);
  const pieces = out.filter((piece) => outAt(piece) >= lastS - TAKEN_OUT_TOGETHER_S && !judged.has(piece.number));
  const coreOf = pieces[0]?.number ?? null;
  const read = coreOf === null ? undefined : cores.get(coreOf);
  // Burnt far past anything that was meant, what was read of it says nothing.
  return { pieces, coreOf, predictedC: read !== undefined && read < RANGES.stove.coreC.most ? read : null };
}

/**
 * Everything the stove page shows, from what was planned, done and read: one pure function, so
 * that every device and every room says the same. Danger comes before all else, and nothing that
 * is advised contradicts it.
 *
 * @param acts in any order
 * @param readings of the probe in order of time; only looked at where there is one
 * @param nowS stove s since it was lit
 * @example stoveNow(session, acts, readings, nothing, 1400).state.done // 6
 */
export function stoveNow(
  session: StoveSession,
  acts: readonly StoveAct[],
  readings: readonly OilReading[],
  known: StoveKnown,
  nowS: number,
): StoveNow {
  const { trays, kitchen, speed, trial } = session;
  const state = stoveState(acts, friedPieces(trays));
  const tray = trayNow(session, state);
  const { draft, fry } = tray;
  const { loads } = fry;
  const left = leftOf(tray, state);
  const belief = stoveBelief(state);
  const pot = potTonight(kitchen, known.fit);
  const seen = oilSeen(session, acts, readings, known.fit, nowS);
  const lastS = seen.readings[seen.readings.length - 1]?.atS ?? 0;
  const targetC = targetNow(draft.fry, state, nowS);
  const oil = oilNow(
    seen.readings,
    Math.max(nowS, lastS),
    pot,
    kitchen.roomC,
    targetC,
    state.burner,
    sumOf(state.inPot, ({ number }) => trayOfPiece(trays, number).fry.pieceMeanW),
    Math.max(STALE_S, STALE_WALL_S * speed),
    burnerFlowW(acts, state.takenBack, pot, nowS),
  );
  const turned = new Map(state.inPot.map((piece) => [piece.number, piece.turnsS.length]));
  // What was predicted before a piece was turned would have it turned again.
  const predictions = known.predictions
    .filter(({ number }) => turned.has(number))
    .map((one) => ((one.turns ?? turned.get(one.number)) === turned.get(one.number) ? one : undated(one)));
  const loadM3 = sumOf(state.inPot, ({ number }) => trayOfPiece(trays, number).fry.bulk.volumeM3);
  const danger = dangerOf({ state, oil, pot, warnC: fry.cautions.warnC, loadM3, nowS, speed });
  const plan = {
    left,
    loadSize: loads.loadSize,
    ...(loads.everyS !== null && { everyS: loads.everyS }),
    oilC: draft.fry.oilC,
    takeOutS: fry.takeOutS ?? 0,
    ...(draft.fry.ramp && { ramp: draft.fry.ramp }),
    holdSetting: loads.holdSetting,
    loadSetting: loads.loadSetting,
    settings: pot.settings,
    pot,
    roomC: kitchen.roomC,
    drawW: fry.drawW,
    coreTargetC: safeCoreC(draft),
    trial,
    early: known.early,
    ...ovenOf(tray),
  };
  const steps = doNext(state, plan, oil, predictions, nowS, danger);
  return {
    nowS,
    state,
    tray,
    oil,
    range: oilRange(targetC),
    spreadC: seen.spreadC,
    predictions,
    places: potPlaces(state.pieces),
    steps,
    danger,
    room: danger ? 0 : roomInPot(state, trial && state.loads <= 1 ? 1 : loads.loadSize, left),
    belief,
    judge: toJudge(state, known.cores),
    fit: known.fit,
    hands: handsSeen(acts),
    queue: known.queue,
    raw: steps.flatMap((step) => (isRawOnRack(step) ? step.pieces : [])),
    thenOven: plan.thenOven ?? null,
    tally: {
      load: Math.max(1, state.loads),
      loads: Math.max(
        state.loads,
        sumOf(trays, (one) => one.fry.loads.loads),
      ),
      canFinish: state.inPot.length === 0,
      then: state.toFry === 0 && state.inPot.length === 0 ? (known.queue[0] ?? null) : null,
    },
  };
}

/**
 * What each key would record now. @param selected numbers tapped. @param fewer added to the drop
 * @example stoveTargets(stoveNow(session, acts, readings, nothing, 1400), new Set(), 0)['take-out'] // []
 */
export function stoveTargets(now: StoveNow, selected: ReadonlySet<number>, fewer: number): PadTargets {
  return padTargets(now.state, now.steps, now.room, selected, fewer);
}
