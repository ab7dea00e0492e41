import { advanceFry, turnFry } from '../heat/advanceFry.js';
import { coldestC, interfaceC, interfacePeakC } from '../heat/fryTemperatures.js';
import { CRUST_LIMITS, TAKE_OUT_COLOUR } from '../heat/colour.js';
import { createFryBody, type FryBody, type FryBodySpec } from '../heat/fryBody.js';
import { turnIsDue } from '../heat/lying.js';
import { doughSetC, type FrySample } from '../heat/solveFry.js';
import type { OutcomeSurface } from '../outcome/outcomeSurface.js';
import type { PlannedPiece } from '../outcome/plannedPiece.js';
import { takeOutMoment } from '../outcome/takeOutMoment.js';
import type { OilReading, StovePiece, TakeOutOrder } from './stoveAct.js';
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
  /** The same where that has passed. */
  readonly orderedS: number | null;
  /** Mean of the oil it has been in so far, °C. */
  readonly oilMeanC: number;
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

/** What is asked of the pieces in one pot; plain, so that it crosses to a worker. */
export interface PredictAsk {
  readonly body: FryBodySpec;
  readonly trace: readonly OilReading[];
  readonly pieces: readonly StovePiece[];
  readonly turn: TurnMethod;
  /** The core must be there, °C; −∞: it asks for nothing. */
  readonly coreTargetC: number;
  readonly nowS: number;
  /** The oil from now on, °C; of rising oil, at the drop. */
  readonly futureC: number;
  readonly ramp?: OilRamp;
  /** Its colour alone decides when it is taken out: the oven finishes it. Absent: it must be done inside too. */
  readonly byColour?: boolean;
  /** The cook's own time in the oil, s; absent: it is taken out when it is right. */
  readonly minutesS?: number;
  /** How pieces made by hand differ, as the plan has it. */
  readonly surface: OutcomeSurface;
  /** What resting adds after it is taken out, and whether the plan counts on it. */
  readonly gain: RestGain;
  readonly counts: boolean;
}

/** One moment of a piece in the pot, s after its drop. */
interface SeenMoment extends Pick<FrySample, 'timeS' | 'colours'> {
  readonly wallC: number;
  readonly coreC: number;
}

const seenOf = (body: FryBody): SeenMoment => ({
  timeS: body.timeS,
  colours: [body.faces[0]!.colour, (body.faces[1] ?? body.faces[0]!).colour],
  wallC: interfacePeakC(body),
  coreC: body.spec.fillingCells > 0 ? coldestC(body, 0) : Infinity,
});

/** First moment something is true, s after the drop; `Infinity`: never. */
const firstS = (seen: readonly SeenMoment[], isSo: (one: SeenMoment) => boolean): number =>
  seen.find(isSo)?.timeS ?? Infinity;

/**
 * When to take out, by what the piece went through and will: the cook's own minutes, until it is too dark, but not
 * before it is done inside; its colour, where the oven finishes it; else as in the plan, when most pieces made by hand
 * are right. s after the drop
 */
function takeOutOf(
  ask: Omit<PredictAsk, 'pieces'>,
  seen: readonly SeenMoment[],
  isDone: (one: SeenMoment) => boolean,
): number {
  const { body, coreTargetC, surface, gain, counts } = ask;
  const isDark = ({ colours }: SeenMoment) => Math.max(...colours) >= CRUST_LIMITS.brown;
  if (ask.minutesS !== undefined) {
    return Math.max(Math.min(ask.minutesS, firstS(seen, isDark)), ask.byColour ? 0 : firstS(seen, isDone));
  }
  const colour = body.takeOutColour ?? TAKE_OUT_COLOUR;
  const colourS = firstS(seen, ({ colours }) => Math.min(...colours) >= colour);
  if (ask.byColour) return colourS;
  const setC = doughSetC(body);
  const coreC = Math.min(coreTargetC, body.boilingC - 4);
  const isLine = coreC > -Infinity;
  const piece: PlannedPiece = {
    setS: firstS(seen, (one) => one.wallC >= setC),
    safeS: isLine ? firstS(seen, (one) => one.coreC >= coreC) : 0,
    setByRestS: firstS(seen, (one) => one.wallC + gain.wallC >= setC),
    safeByRestS: isLine ? firstS(seen, (one) => one.coreC + gain.coreC >= coreC) : 0,
    // It is in what is counted on of the rest.
    restSpareS: 0,
    samples: seen,
  };
  const takeOutS = takeOutMoment(surface, piece, Number.isFinite(colourS) ? colourS : null, counts);
  // The oil may have left no right moment: then the piece comes out as soon as it is golden and done inside.
  return (
    takeOutS ?? Math.max(colourS, counts ? piece.setByRestS : piece.setS, counts ? piece.safeByRestS : piece.safeS)
  );
}

/**
 * Colour and core now, and when to turn and take out if the oil goes on at `futureC`. The piece is followed until
 * everything that decides its moment has happened.
 * @example predictPiece(predictAsks(session, acts.slice(0, 3), readings, null, 800)[0], state.pieces[0]).turns // 1
 */
export function predictPiece(ask: Omit<PredictAsk, 'pieces'>, piece: StovePiece): PiecePrediction {
  const { body: spec, trace, turn, coreTargetC, nowS, futureC, ramp, counts } = ask;
  const gain = counts ? ask.gain : NO_GAIN;
  const setC = doughSetC(spec);
  const targetC = Math.min(coreTargetC, spec.boilingC - 4);
  const isDone = (one: SeenMoment) => one.wallC + gain.wallC >= setC && one.coreC + gain.coreC >= targetC;
  const seen: SeenMoment[] = [];
  const watch = (body: FryBody) => void seen.push(seenOf(body));
  const body = replayFry(spec, trace, piece, nowS, futureC, watch);
  if (seen.length === 0) watch(body);
  const up = body.faces[1 - body.down] ?? body.faces[0]!;
  const now = {
    number: piece.number,
    turns: piece.turnsS.length,
    colours: [body.faces[body.down]!.colour, up.colour] as const,
    coreC: spec.fillingCells > 0 ? coldestC(body, 0) : interfaceC(body),
    interfaceC: interfaceC(body),
    isDone: seen.some(isDone),
  };
  let turns = piece.turnsS.length;
  let turnAtS: number | null = null;
  const endS = body.timeS + FUTURE_S;
  const last = () => seen[seen.length - 1]!;
  const isOver = () => Math.max(...last().colours) >= CRUST_LIMITS.brown && isDone(last());
  while (!isOver() && body.timeS < endS - 1e-6) {
    if (turnIsDue(turn, body, turns, FUTURE_S)) {
      turnAtS ??= Math.max(nowS, piece.droppedS + body.timeS);
      turnFry(body);
      turns += 1;
    }
    const oilC = oilWanted(futureC, ramp, body.timeS);
    const durationS = Math.min(5, endS - body.timeS);
    advanceFry(body, durationS, Math.min(OIL_MOST, Math.max(OIL_LEAST, oilC)), (one) => (watch(one), false));
  }
  const takeOutS = takeOutOf(ask, seen, isDone);
  const orderedS = Number.isFinite(takeOutS) ? piece.droppedS + takeOutS : null;
  const takeOutAtS = orderedS === null ? null : Math.max(nowS, orderedS);
  return {
    ...now,
    turnAtS: turnAtS !== null && takeOutAtS !== null && turnAtS >= takeOutAtS ? null : turnAtS,
    takeOutAtS,
    orderedS,
    oilMeanC: meanOilC(trace, piece.droppedS, nowS, futureC),
  };
}

/**
 * When pieces that are taken out were to be taken out, as the stove said; nothing where it said nothing.
 * @example takeOutOrder([], [1, 2]) // {}
 */
export function takeOutOrder(predictions: readonly PiecePrediction[], pieces: readonly number[]): TakeOutOrder {
  const moments = predictions.flatMap(({ number, orderedS }) =>
    pieces.includes(number) && orderedS !== null ? [orderedS] : [],
  );
  if (moments.length === 0) return {};
  const meanS = moments.reduce((sum, one) => sum + one, 0) / moments.length;
  return { orderedS: Math.max(0, Math.round(meanS)) };
}

/** Mean of the oil between two moments, each reading until the next, °C. */
function meanOilC(trace: readonly OilReading[], fromS: number, toS: number, fallbackC: number): number {
  let [sum, lastS] = [0, fromS];
  let oilC = trace.findLast(({ atS }) => atS <= fromS)?.probeC ?? fallbackC;
  for (const { atS, probeC } of trace) {
    if (atS <= fromS || atS > toS) continue;
    sum += oilC * (atS - lastS);
    [oilC, lastS] = [probeC, atS];
  }
  return toS > fromS ? (sum + oilC * (toS - lastS)) / (toS - fromS) : oilC;
}

/**
 * The pieces in the pot; those with the same drop and turns are computed once.
 * @example predictPieces(predictAsks(session, acts.slice(0, 3), readings, null, 800)[0]).length // 6
 */
export function predictPieces(ask: PredictAsk): PiecePrediction[] {
  const known = new Map<string, PiecePrediction>();
  return ask.pieces.map((piece) => {
    const key = `${piece.droppedS}|${piece.turnsS.join()}`;
    const found = known.get(key) ?? predictPiece(ask, piece);
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
