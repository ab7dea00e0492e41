import { oilRange, type OilRange } from '../oil/fryLoads.js';
import { type OilReading, type StoveAct, type StovePiece, stoveState } from './stoveAct.js';

/** What happened at the stove, from acts and readings alone. */
export interface LedgerFigures {
  readonly fried: number;
  readonly burst: number;
  /** Whole, but raw inside when taken out, and finished in the oven. */
  readonly aside: number;
  readonly stillIn: number;
  readonly notFried: number;
  readonly loads: number;
  /** Mean time in the oil of the pieces that came out whole, s; `null` when none did. */
  readonly meanInOilS: number | null;
  /** Of those that the stove had said a moment for: how many, the time in the oil it had said, and theirs, s. Missing where it had said none. */
  readonly ordered?: { readonly pieces: number; readonly orderedInOilS: number; readonly inOilS: number };
  /** Over the time from the first piece in to the last piece out, °C. */
  readonly oilMeanC: number | null;
  readonly oilLeastC: number | null;
  readonly oilMostC: number | null;
  /** Share of that time within the range, 0–1. */
  readonly inRangeShare: number | null;
  /** first piece in to the last piece out, s. */
  readonly fryingS: number;
  readonly range: OilRange;
  readonly turnsPerPiece: number | null;
  /** Cores that were probed: how many, and the coldest, °C. Missing in old records. */
  readonly cores?: { readonly probed: number; readonly leastC: number | null };
  /** Pieces of trays that were baked, and that were stored or left as they are. Missing where there were none. */
  readonly baked?: number;
  readonly stored?: number;
  /** Oil while there was frying, °C: means of equal spans of time; `null` where nothing was read. Missing in old records. */
  readonly oilTraceC?: readonly (number | null)[];
}

/** Stretches that a small trace has. */
const TRACE = 48;

function smallTrace(during: readonly OilReading[], from: number, to: number): (number | null)[] {
  const sums = Array.from({ length: TRACE }, () => ({ sum: 0, count: 0 }));
  for (const { atS, probeC } of during) {
    const at = sums[Math.min(TRACE - 1, Math.floor((TRACE * (atS - from)) / (to - from)))];
    if (at) Object.assign(at, { sum: at.sum + probeC, count: at.count + 1 });
  }
  return sums.map(({ sum, count }) => (count === 0 ? null : Math.round((10 * sum) / count) / 10));
}

function mean(values: readonly number[]): number | null {
  return values.length > 0 ? values.reduce((sum, v) => sum + v, 0) / values.length : null;
}

function orderedOf(whole: readonly StovePiece[]): Pick<LedgerFigures, 'ordered'> {
  const some = whole.filter(({ orderedS }) => orderedS !== undefined);
  const orderedInOilS = mean(some.map((p) => p.orderedS! - p.droppedS));
  const inOilS = mean(some.map((p) => p.outS! - p.droppedS));
  return orderedInOilS === null || inOilS === null ? {} : { ordered: { pieces: some.length, orderedInOilS, inOilS } };
}

/**
 * Adds a finished (or running) batch up for the ledger.
 * @param plannedPieces of the batch
 * @param oilC the temperature that was to be used
 * @example ledgerFigures(acts, readings, 24, 158).meanInOilS // 600
 */
export function ledgerFigures(
  acts: readonly StoveAct[],
  readings: readonly OilReading[],
  plannedPieces: number,
  oilC: number,
): LedgerFigures {
  const state = stoveState(acts, plannedPieces);
  const whole = state.pieces.filter((p) => p.outS !== null && (p.oven === null || p.oven.why === 'plan'));
  const from = state.pieces.reduce((least, p) => Math.min(least, p.droppedS), Infinity);
  const to = state.pieces.reduce((most, p) => Math.max(most, p.outS ?? p.droppedS), -Infinity);
  const readWhile = readings.filter((r) => r.atS >= from && r.atS <= to);
  const during = readWhile.map((r) => r.probeC);
  const range = oilRange(oilC);
  // A core probed again is judged by its last reading.
  const cores = [
    ...new Map(state.judged.flatMap((act) => (act.kind === 'core' ? [[act.piece, act.tempC] as const] : []))).values(),
  ];
  const inside = during.filter((c) => c >= range.least && c <= range.most).length;
  return {
    // Still in the oven as planned, they are finished there after the stove is closed.
    fried: state.done + state.inOven.filter(({ oven }) => oven!.why === 'plan').length,
    burst: state.burst,
    aside: state.aside,
    stillIn: state.inPot.length,
    notFried: state.toFry,
    loads: state.loads,
    meanInOilS: mean(whole.map((p) => p.outS! - p.droppedS)),
    ...orderedOf(whole),
    oilMeanC: mean(during),
    oilLeastC: during.length > 0 ? during.reduce((a, b) => Math.min(a, b)) : null,
    oilMostC: during.length > 0 ? during.reduce((a, b) => Math.max(a, b)) : null,
    inRangeShare: during.length > 0 ? inside / during.length : null,
    fryingS: to > from ? to - from : 0,
    range,
    turnsPerPiece: mean(whole.map((p) => p.turnsS.length)),
    cores: {
      probed: cores.length,
      leastC: cores.length > 0 ? Math.min(...cores) : null,
    },
    ...(to > from ? { oilTraceC: smallTrace(readWhile, from, to) } : {}),
  };
}
