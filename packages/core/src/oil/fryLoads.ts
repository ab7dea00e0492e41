import { RANGES } from '../draft/ranges.js';
import { requireIn, requireWithin } from '../errors.js';
import {
  burnerW,
  coastC,
  potAtRest,
  potHeatCapacity,
  potHeatJ,
  type PotState,
  burnerHeatJ,
  burnerLagS,
  settingToHold,
  stepPot,
} from './pot.js';
import { oilWanted } from './ramp.js';
import type { OilRamp, TurnMethod } from '../draft/choices.js';
import { type Pot } from '../draft/kitchen.js';

/** Allowed oil around the temperature to use, °C. */
export interface OilRange {
  readonly least: number;
  readonly most: number;
}

/** How far the oil may swing: pieces drink oil below, brown too fast above. */
export function oilRange(oilC: number): OilRange {
  return { least: oilC - 8, most: oilC + 6 };
}

/** Between two pieces of a load going in, s: as quick as one cook lowers them safely. Our own. */
export const DROP_SPACING_S = 5;

export interface LoadSpec {
  readonly pot: Pot;
  readonly roomC: number;
  readonly oilC: number;
  /** Absent: the oil is held. */
  readonly ramp?: OilRamp;
  /** W drawn by one piece, one entry a second, from the drop. */
  readonly pieceW: readonly number[];
  /** s in the oil. */
  readonly takeOutS: number;
  readonly pieces: number;
  /** s from taking out a load to being ready for the next: drain, skim. */
  readonly betweenS: number;
  /** Between two pieces of a load going in, s. */
  readonly spacingS: number;
}

/** One whole frying of a batch against the pot. */
export interface LoadRun {
  /** In the oil together. */
  readonly loadSize: number;
  readonly loads: number;
  /** Of a pipeline: s from one piece going in to the next; `null`: they go in as loads. */
  readonly everyS: number | null;
  readonly totalS: number;
  /** Lowest oil of the whole run, °C, and how long it stayed under its range in the first load, s. */
  readonly lowestC: number;
  readonly underRangeS: number;
  /** Whole burner settings: waiting, and with a load in. */
  readonly holdSetting: number;
  readonly loadSetting: number;
  /** Heat from the burner over the run, J. */
  readonly heatJ: number;
  /** (heat in − losses − pieces − what oil and pot gained) / heat in. */
  readonly energyResidual: number;
  /** Start of each load, s. */
  readonly loadStartsS: readonly number[];
  /** Oil each 10 s, or about 2000 times in a very long run. */
  readonly trace: readonly { readonly timeS: number; readonly oilC: number }[];
}

const COLD_CRUST_C = 100;
const MOST_WAIT_S = 600;
/** Rising oil is let down for so long at most, and the next load goes in this much over its target, s and K. */
const MOST_COOL_S = 2400;
const RAMP_OVER_C = 3;
/** Oil that differs by less is the same, °C. */
const ALIKE_C = 0.01;
/** Oil is sampled each so many s, or so many times in all. */
const TRACE_S = 10;
export const MOST_TRACE = 2000;
/** The pot is slow: two seconds a step changes no figure by a tenth of a degree. */
const STEP_S = 2;

/** W drawn by a load of `size` pieces that go in one after the other, one entry a second. */
function loadDrawW(spec: LoadSpec, size: number): Float64Array {
  const spacing = Math.round(spec.spacingS);
  const inOilS = Math.round(spec.takeOutS);
  const sum = new Float64Array(inOilS + spacing * (size - 1) + 1);
  for (let p = 0; p < size; p++) {
    for (let age = 0; age < spec.takeOutS && age < spec.pieceW.length; age++) {
      const s = age + p * spacing;
      if (s < sum.length) sum[s]! += spec.pieceW[age]!;
    }
  }
  return sum;
}

/** One load from waiting for the oil to its last taking out. */
interface LoadPass {
  /** First piece in, s. */
  readonly dropS: number;
  readonly totalS: number;
  readonly end: PotState;
  readonly lowestC: number;
  readonly underRangeS: number;
  readonly heatJ: number;
  readonly spentJ: number;
  readonly trace: readonly { readonly timeS: number; readonly oilC: number }[];
}

interface LoadAsk {
  readonly size: number;
  readonly start: PotState;
  /** Whether it first waits for hands and oil. */
  readonly waits: boolean;
  readonly holdSetting: number;
  readonly loadSetting: number;
}

export function loadPass(spec: LoadSpec, { size, start, waits, holdSetting, loadSetting }: LoadAsk): LoadPass {
  const { pot, roomC, oilC } = spec;
  const range = oilRange(oilC);
  const trace: { timeS: number; oilC: number }[] = [];
  let state = start;
  let timeS = 0;
  let lowestC = oilC;
  let underRangeS = 0;
  let heatJ = 0;
  let spentJ = 0;
  const step = (setting: number, loadW: number): void => {
    if (timeS % TRACE_S === 0) trace.push({ timeS, oilC: state.oilC });
    const { oilC: beforeC, burnerFlowW: beforeW } = state;
    state = stepPot(pot, state, setting, roomC, loadW, STEP_S);
    spentJ += (loadW + pot.lossWPerK * ((beforeC + state.oilC) / 2 - roomC)) * STEP_S;
    heatJ += burnerW(pot, setting) * STEP_S;
    spentJ += burnerHeatJ(pot, state.burnerFlowW) - burnerHeatJ(pot, beforeW);
    timeS += STEP_S;
    lowestC = Math.min(lowestC, state.oilC);
    if (state.oilC < range.least) underRangeS += STEP_S;
  };
  if (waits) {
    const mostS = spec.ramp ? MOST_COOL_S : MOST_WAIT_S;
    // Oil that was let rise has to come down again before the next load.
    const isOff = () => state.oilC < oilC - 1 || (spec.ramp !== undefined && state.oilC > oilC + RAMP_OVER_C);
    for (let waited = 0; waited < spec.betweenS || (isOff() && waited < mostS); waited += STEP_S) {
      const tooHot = spec.ramp !== undefined && coastC(pot, state, roomC, 0) > oilC + RAMP_OVER_C;
      step(tooHot ? 0 : coastC(pot, state, roomC, 0) < oilC ? pot.settings : holdSetting, 0);
    }
  }
  const dropS = timeS;
  const drawW = loadDrawW(spec, size);
  const inOilS = Math.round(spec.takeOutS) + Math.round(spec.spacingS) * (size - 1);
  for (let s = 0; s < inOilS; s += STEP_S) {
    const wantedC = oilWanted(oilC, spec.ramp, s);
    const draw = Math.max(0, (state.oilC - COLD_CRUST_C) / (wantedC - COLD_CRUST_C));
    // A burner that stores heat is turned back before its load is out.
    const aheadW = (drawW[Math.min(inOilS, Math.round(s + burnerLagS(pot)))] ?? 0) * draw;
    const isWarm = coastC(pot, state, roomC, aheadW) > wantedC + 1;
    const up = spec.ramp ? pot.settings : loadSetting;
    const setting = isWarm ? Math.min(holdSetting, loadSetting) : up;
    // Boiling water takes no oil under its own boiling point, however many pieces there are.
    const mostW = (potHeatCapacity(pot, state.oilC) * Math.max(0, state.oilC - COLD_CRUST_C)) / STEP_S;
    // A falling ramp can plan pieces hotter than their oil. They heat the oil up to the ramp and no further.
    const leastW = (potHeatCapacity(pot, state.oilC) * Math.min(0, state.oilC - wantedC)) / STEP_S;
    const plannedW = drawW[s] ?? 0;
    step(setting, plannedW < 0 ? Math.max(plannedW, leastW) : Math.min(plannedW * draw, mostW));
  }
  return { dropS, totalS: timeS, end: state, lowestC, underRangeS, heatJ, spentJ, trace };
}

/**
 * Fries all loads of one size: oil starts at its temperature, pieces go in `spacingS` apart,
 * the burner setting goes up when a load is in and back when the oil has recovered, and the next load
 * waits until the oil is back. A piece's draw follows (T − 100)/(T₀ − 100), as the crust's does.
 *
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 * @example runLoads({ pot, roomC: 21, oilC: 158, pieceW: fry.drawW, takeOutS: 600, pieces: 24, betweenS: 45, spacingS: 5 }, 6).loads // 4
 */
export function runLoads(spec: LoadSpec, loadSize: number): LoadRun {
  requireIn(loadSize, RANGES.draft.loadSize, 'fry.loadSize');
  requireIn(spec.pieces, RANGES.draft.pieces, 'pieces');
  requireWithin(spec.takeOutS, 10, 7200, 'takeOutS');
  const { pot, roomC, oilC } = spec;
  const meanW = spec.pieceW.reduce((sum, w) => sum + w, 0) / Math.max(1, spec.pieceW.length);
  const holdSetting = settingToHold(pot, oilC, roomC, 0);
  const loadSetting = settingToHold(pot, oilC, roomC, 1.15 * loadSize * meanW);
  const loads = Math.ceil(spec.pieces / loadSize);
  const wholeS = loads * (spec.takeOutS + spec.spacingS * loadSize + spec.betweenS);
  const traceEachS = TRACE_S * Math.max(1, Math.ceil(wholeS / (TRACE_S * MOST_TRACE)));
  const trace: { timeS: number; oilC: number }[] = [];
  const loadStartsS: number[] = [];
  let timeS = 0;
  let start = potAtRest(oilC, burnerW(pot, holdSetting));
  let lowestC = oilC;
  let heatJ = 0;
  let spentJ = 0;
  let underRangeS = 0;
  // Loads that begin alike go alike: each distinct beginning is stepped through once.
  const known = new Map<string, LoadPass>();
  for (let load = 0; load < loads; load++) {
    const size = Math.min(loadSize, spec.pieces - load * loadSize);
    const key = `${load > 0} ${size} ${start.oilC} ${start.burnerFlowW}`;
    const pass = known.get(key) ?? loadPass(spec, { size, start, waits: load > 0, holdSetting, loadSetting });
    known.set(key, pass);
    loadStartsS.push(timeS + pass.dropS);
    for (const point of pass.trace) {
      if ((timeS + point.timeS) % traceEachS === 0) trace.push({ timeS: timeS + point.timeS, oilC: point.oilC });
    }
    timeS += pass.totalS;
    lowestC = Math.min(lowestC, pass.lowestC);
    heatJ += pass.heatJ;
    const endC = Math.round(pass.end.oilC / ALIKE_C) * ALIKE_C;
    const endW = Math.round(pass.end.burnerFlowW);
    // What rounding gives or takes is counted, so that the energy still closes.
    spentJ += pass.spentJ + potHeatJ(pot, pass.end.oilC) - potHeatJ(pot, endC);
    spentJ += burnerHeatJ(pot, pass.end.burnerFlowW) - burnerHeatJ(pot, endW);
    if (load === 0) underRangeS = pass.underRangeS;
    start = potAtRest(endC, endW);
  }
  const state = start;
  trace.push({ timeS, oilC: state.oilC });
  const gainedJ = potHeatJ(pot, state.oilC) - potHeatJ(pot, oilC);
  const energyResidual = heatJ > 0 ? (heatJ - spentJ - gainedJ) / heatJ : 0;
  return {
    loadSize,
    loads,
    everyS: null,
    totalS: timeS,
    lowestC,
    underRangeS,
    holdSetting,
    loadSetting,
    heatJ,
    energyResidual,
    loadStartsS,
    trace,
  };
}

/** Pieces that lie side by side in the pot without crowding: 70 % of the oil's face. */
export function potRoom(pot: Pot, footprintM2: number): number {
  const area = (Math.PI * pot.diameterM * pot.diameterM) / 4;
  return Math.max(1, Math.floor((0.7 * area) / footprintM2));
}

/** Of each minute hands turn pieces in, so much is left for the burner, the skimmer and a look. Our own. */
const TURNING_SHARE = 0.6;

/**
 * Pieces that one pair of hands keeps turned: each minute in its method; turned once, every one of
 * them before the next would be due.
 * @param turnEachS s to turn one piece
 * @example handsServe('each-minute', 2) // 18
 */
export function handsServe(turn: TurnMethod, turnEachS: number): number {
  requireIn(turnEachS, RANGES.kitchen.turnEachS, 'turnEachS');
  if (turn === 'held-under') return RANGES.draft.loadSize.most;
  const windowS = turn === 'each-minute' || turn === 'basted' ? 60 : USUAL_TURN_S;
  return Math.max(1, Math.floor((TURNING_SHARE * windowS) / turnEachS));
}

/** Where nothing is turned, a dip is judged against this, s. */
const USUAL_TURN_S = 90;

/**
 * Whether the oil holds under a load: its dip stays in the range, or is over by the middle of the
 * time to the first turn. The one rule for choosing a load and for judging one.
 *
 * @param firstTurnS s; `null`: never turned
 */
export function loadHolds(
  run: Pick<LoadRun, 'lowestC' | 'underRangeS'>,
  oilC: number,
  firstTurnS: number | null,
): boolean {
  return run.lowestC >= oilRange(oilC).least || run.underRangeS <= (firstTurnS ?? USUAL_TURN_S) / 2;
}

/**
 * As few loads as the largest size makes, as even as they can be.
 * @example evenLoad(16, 5) // 4
 */
export const evenLoad = (pieces: number, most: number): number => Math.ceil(pieces / Math.ceil(pieces / most));

/**
 * The largest load whose dip stays in the range, or that is back in it before the first turn;
 * never more than lie side by side; then no larger than as many loads need. At least one piece.
 *
 * @param mostPieces side by side, from `potRoom`
 * @param firstTurnS first turn, s; `null`: never turned
 */
export function loadSizeFor(spec: LoadSpec, mostPieces: number, firstTurnS: number | null): LoadRun {
  const most = Math.min(mostPieces, spec.pieces, RANGES.draft.loadSize.most);
  const oneLoad = (size: number) => runLoads({ ...spec, pieces: size }, size);
  let best = 1;
  for (let size = 2; size <= most; size++) {
    const dip = oneLoad(size);
    if (!loadHolds(dip, spec.oilC, firstTurnS)) break;
    best = size;
  }
  // As few loads as that makes, each about as large as the next.
  return runLoads(spec, evenLoad(spec.pieces, best));
}
