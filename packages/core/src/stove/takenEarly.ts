import { interfacePeakC } from '../heat/fryTemperatures.js';
import type { FryBodySpec } from '../heat/fryBody.js';
import { coreOf, restInAir } from '../heat/restInAir.js';
import { doughSetC } from '../heat/solveFry.js';
import { type Around, runPhase } from '../heat/runPhase.js';
import { replayFry } from './predictPiece.js';
import type { OilReading, OvenOrder } from './stoveAct.js';

/** Pieces that went through the same heat, and how they are judged. Plain, so that it crosses to a worker. */
export interface TakenOutAsk {
  readonly pieces: readonly number[];
  readonly body: FryBodySpec;
  readonly trace: readonly OilReading[];
  readonly droppedS: number;
  readonly turnsS: readonly number[];
  readonly outS: number;
  /** The oven they were in after the oil, for so long; absent: none. */
  readonly oven?: OvenOrder & { readonly h: number };
  /** Oil where nothing was read, °C. */
  readonly fallbackC: number;
  /** What the middle must have reached, °C; −∞: nothing is asked of it. */
  readonly coreTargetC: number;
  readonly roomC: number;
}

/** The model is not sure of less than this: a piece that is short by it counts as done, K. Never of a middle that must be safe. */
const UNSURE_C = 3;

/** Whether pieces came out of their heat before they were done inside, resting counted. */
export function isEarly(ask: TakenOutAsk): boolean {
  const { body: spec, trace, outS, oven, fallbackC, coreTargetC, roomC } = ask;
  let body = replayFry(spec, trace, ask, outS, fallbackC);
  if (oven) {
    const around: Around = { fridgeC: roomC, freezerC: roomC, ovenH: () => oven.h };
    const end = { by: 'minutes', minutesS: oven.afterS } as const;
    body = runPhase(body, { kind: 'oven', ovenC: oven.ovenC, lies: 'rack', end }, around, coreTargetC).body;
  }
  const rest = restInAir(body, roomC);
  const setC = doughSetC(spec);
  const targetC = Math.min(coreTargetC, spec.boilingC - 4);
  const isRaw = Math.max(interfacePeakC(body), rest.wallC) < setC - UNSURE_C;
  return isRaw || (spec.fillingCells > 0 && Math.max(coreOf(body), rest.coreC) < targetC);
}

/** Numbers of the pieces that came out too early. @example piecesEarly([]) // [] */
export function piecesEarly(asks: readonly TakenOutAsk[]): number[] {
  return asks.flatMap((ask) => (isEarly(ask) ? ask.pieces : []));
}
