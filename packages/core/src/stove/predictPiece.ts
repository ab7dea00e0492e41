import { advanceFry, turnFry } from '../frying/advanceFry.js';
import { coldestC, interfaceC, interfacePeakC } from '../frying/fryTemperatures.js';
import { CRUST_LIMITS, TAKE_OUT_COLOUR } from '../frying/colour.js';
import { createFryBody, type FryBody, type FryBodySpec } from '../frying/fryBody.js';
import { turnIsDue } from '../frying/lying.js';
import { doughSetC } from '../frying/solveFry.js';
import { SPARE_S } from '../frying/takeOutMoment.js';
import type { StovePiece, OilReading } from './stoveAct.js';
import { oilWanted } from '../oil/ramp.js';
import type { OilRamp, TurnMethod } from '../draft/choices.js';
import { FRY_HORIZON_S } from '../draft/ranges.js';

/** What the model reads of one piece in the pot. Stove seconds. */
export interface PiecePrediction {
  readonly number: number;
  /** Turns recorded when it was predicted; absent: not asked. A later turn makes its moments out of date. */
  readonly turns?: number;
  /** Colour of [the face in the oil, the face up]; alike when held under. */
  readonly colours: readonly [number, number];
  readonly coreC: number;
  readonly interfaceC: number;
  /** Next turn by the plan's method; `null` when none is due before taking out. */
  readonly turnAtS: number | null;
  /** When it is taken out; `null` when not within half an hour. */
  readonly takeOutAtS: number | null;
  /** Whether it is cooked inside by now, with what resting adds. */
  readonly isDone: boolean;
}

/** What a piece gains after it is taken out, K: the coldest filling, and the innermost dough. */
export interface RestGain {
  readonly coreC: number;
  readonly wallC: number;
}
const NO_GAIN: RestGain = { coreC: 0, wallC: 0 };

const FUTURE_S = 1800;
/** A piece forgotten four times as long as the longest fry has nothing left to tell: it is as it was then. */
const LONGEST_S = 4 * FRY_HORIZON_S;
const OIL_LEAST = 20;
const OIL_MOST = 255;

/**
 * Fries a body through recorded oil from its drop to `toS`, with the turns that were made.
 * Between readings the oil is taken as the last one; before the first, as the first.
 * A piece is followed for two hours, however late it is and however few the readings.
 * @param watch sees the body after each inner step
 * @example replayFry(body, readings, state.pieces[0], 1300, 158).timeS // 600
 */
export function replayFry(
  spec: FryBodySpec,
  trace: readonly OilReading[],
  piece: Pick<StovePiece, 'droppedS' | 'turnsS'>,
  toS: number,
  fallbackC: number,
  watch?: (body: FryBody) => void,
): FryBody {
  const body = createFryBody(spec);
  const onStep = watch && ((seen: FryBody) => (watch(seen), false));
  const { droppedS } = piece;
  const untilS = Math.min(toS, droppedS + LONGEST_S);
  let now = droppedS;
  let i = trace.findIndex((reading) => reading.atS > droppedS);
  if (i < 0) i = trace.length;
  let oilC = trace[Math.max(0, i - 1)]?.probeC ?? fallbackC;
  let turn = 0;
  while (now < untilS - 1e-6) {
    const reading = trace[i];
    const turnS = piece.turnsS[turn];
    const next = Math.min(untilS, reading?.atS ?? Infinity, turnS ?? Infinity);
    if (next > now) advanceFry(body, next - now, Math.min(OIL_MOST, Math.max(OIL_LEAST, oilC)), onStep);
    now = Math.max(now, next);
    if (reading && reading.atS <= now) {
      oilC = reading.probeC;
      i += 1;
    }
    if (turnS !== undefined && turnS <= now) {
      turnFry(body);
      turn += 1;
    }
  }
  return body;
}

/**
 * Colour and core now, and when to turn and take out if the oil goes on at `futureC`.
 * @param trace readings in order of time
 * @param coreTargetC the core must be there before it is taken out, °C; −∞: it asks for nothing
 * @param ramp how the oil is let rise from `futureC` on, from the drop
 * @param minutesS the cook's own time in the oil, s; `null`: as it becomes right
 * @param byColour its colour alone decides: the oven finishes it
 * @param gain what resting adds after it is taken out, where the plan counts on it
 */
export function predictPiece(
  spec: FryBodySpec,
  trace: readonly OilReading[],
  piece: StovePiece,
  turn: TurnMethod,
  coreTargetC: number,
  nowS: number,
  futureC: number,
  gain: RestGain = NO_GAIN,
  ramp?: OilRamp,
  byColour = false,
  minutesS: number | null = null,
): PiecePrediction {
  // Where the plan counts on the rest, it keeps nothing to spare in the oil.
  const counts = gain.coreC > 0 || gain.wallC > 0;
  const setC = doughSetC(spec);
  const targetC = Math.min(coreTargetC, spec.boilingC - 4);
  /** When it was first done inside, s after the drop. */
  let doneS: number | null = null;
  const isDone = (b: FryBody) =>
    interfacePeakC(b) + gain.wallC >= setC && (spec.fillingCells === 0 || coldestC(b, 0) + gain.coreC >= targetC);
  const body = replayFry(spec, trace, piece, nowS, futureC, (b) => {
    if (doneS === null && isDone(b)) doneS = b.timeS;
  });
  const up = body.faces[1 - body.down] ?? body.faces[0]!;
  const now = {
    number: piece.number,
    turns: piece.turnsS.length,
    colours: [body.faces[body.down]!.colour, up.colour] as const,
    coreC: spec.fillingCells > 0 ? coldestC(body, 0) : interfaceC(body),
    interfaceC: interfaceC(body),
    isDone: doneS !== null,
  };
  const ready = (b: FryBody): boolean => {
    if (doneS === null && isDone(b)) doneS = b.timeS;
    const isBrown = b.faces.some(({ colour }) => colour >= CRUST_LIMITS.golden);
    if (!byColour && doneS === null) return false;
    // The cook's own minutes count until it is too dark.
    if (minutesS !== null) return b.timeS >= minutesS || b.faces.some(({ colour }) => colour >= CRUST_LIMITS.brown);
    // What browns past golden waits for nothing more; otherwise there is as much to spare as in the plan.
    if (isBrown) return true;
    const isSure = byColour || counts || b.timeS >= doneS! + SPARE_S;
    return isSure && b.faces.every((face) => face.colour >= (b.spec.takeOutColour ?? TAKE_OUT_COLOUR));
  };
  let turns = piece.turnsS.length;
  let turnAtS: number | null = null;
  const endS = body.timeS + FUTURE_S;
  let takenOut = ready(body);
  while (!takenOut && body.timeS < endS - 1e-6) {
    if (turnIsDue(turn, body, turns, FUTURE_S)) {
      turnAtS ??= Math.max(nowS, piece.droppedS + body.timeS);
      turnFry(body);
      turns += 1;
    }
    const oilC = oilWanted(futureC, ramp, body.timeS);
    advanceFry(body, Math.min(5, endS - body.timeS), Math.min(OIL_MOST, Math.max(OIL_LEAST, oilC)));
    takenOut = ready(body);
  }
  const takeOutAtS = takenOut ? Math.max(nowS, piece.droppedS + body.timeS) : null;
  return {
    ...now,
    turnAtS: turnAtS !== null && takeOutAtS !== null && turnAtS >= takeOutAtS ? null : turnAtS,
    takeOutAtS,
  };
}

/** What is asked of the pieces in one pot; plain, so that it crosses to a worker. */
export interface PredictAsk {
  readonly body: FryBodySpec;
  readonly trace: readonly OilReading[];
  readonly pieces: readonly StovePiece[];
  readonly turn: TurnMethod;
  readonly coreTargetC: number;
  readonly nowS: number;
  readonly futureC: number;
  readonly ramp?: OilRamp;
  /** Its colour alone decides when it is taken out; absent: it must be done inside too. */
  readonly byColour?: boolean;
  /** The cook's own time in the oil, s; absent: it is taken out when it is right. */
  readonly minutesS?: number;
  /** What resting adds after it is taken out; absent: nothing is counted on. */
  readonly gain?: RestGain;
}

/**
 * The pieces in the pot; those with the same drop and turns are computed once.
 * @example predictPieces(predictAsks(session, acts.slice(0, 3), readings, null, 800)[0]).length // 6
 */
export function predictPieces(ask: PredictAsk): PiecePrediction[] {
  const known = new Map<string, PiecePrediction>();
  return ask.pieces.map((piece) => {
    const key = `${piece.droppedS}|${piece.turnsS.join()}`;
    const found =
      known.get(key) ??
      predictPiece(
        ask.body,
        ask.trace,
        piece,
        ask.turn,
        ask.coreTargetC,
        ask.nowS,
        ask.futureC,
        ask.gain,
        ask.ramp,
        ask.byColour,
      );
    known.set(key, found);
    return { ...found, number: piece.number };
  });
}

/**
 * All pieces in one pot, by the order in which they were asked for: trays differ in what they are.
 * @example predictPot(predictAsks(session, acts.slice(0, 3), readings, null, 800)).length // 6
 */
export function predictPot(asks: readonly PredictAsk[]): PiecePrediction[] {
  return asks.flatMap(predictPieces);
}
