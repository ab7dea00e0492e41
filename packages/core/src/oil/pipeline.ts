import type { TrayDraft } from '../draft/draft.js';
import { RANGES } from '../draft/ranges.js';
import { requireIn, requireWithin } from '../errors.js';
import { loadPass, type LoadRun, loadSizeFor, type LoadSpec, MOST_TRACE, oilRange, runLoads } from './fryLoads.js';
import { burnerW, potAtRest, potHeatJ, settingToHold } from './pot.js';

/** Told to the next five seconds. */
const EVEN_S = 5;
/** No quicker than hands let one slide in, turn to the others and take out one out, s. Our own. */
const LEAST_EVERY_S = 15;

/**
 * Fries a batch as a pipeline: a piece goes in each `takeOutS / inPot`, so that one comes out as
 * another goes in and the pot never waits. No load drops the oil at once: the burner carries a
 * steady load.
 *
 * @param inPot in the oil together, once it is full
 * @throws CoreError NOT_A_NUMBER, OUT_OF_RANGE
 * @example runPipeline({ pot, roomC: 21, oilC: 158, pieceW: fry.drawW, takeOutS: 600, pieces: 24, betweenS: 45, spacingS: 5 }, 6).everyS // 100
 */
export function runPipeline(spec: LoadSpec, inPot: number): LoadRun {
  requireIn(inPot, RANGES.draft.loadSize, 'fry.loadSize');
  requireIn(spec.pieces, RANGES.draft.pieces, 'pieces');
  requireWithin(spec.takeOutS, 10, 7200, 'takeOutS');
  const { pot, roomC, oilC, takeOutS, pieces } = spec;
  const everyS = EVEN_S * Math.ceil(Math.max(LEAST_EVERY_S, takeOutS / inPot) / EVEN_S);
  const meanW = spec.pieceW.reduce((sum, w) => sum + w, 0) / Math.max(1, spec.pieceW.length);
  const together = Math.min(pieces, Math.ceil(takeOutS / everyS));
  const holdSetting = settingToHold(pot, oilC, roomC, 0);
  const loadSetting = settingToHold(pot, oilC, roomC, 1.15 * together * meanW);
  const start = potAtRest(oilC, burnerW(pot, holdSetting));
  const pass = loadPass({ ...spec, spacingS: everyS }, { size: pieces, start, waits: false, holdSetting, loadSetting });
  const { totalS, lowestC, underRangeS, heatJ, end } = pass;
  const gainedJ = potHeatJ(pot, end.oilC) - potHeatJ(pot, oilC);
  const eachOf = Math.max(1, Math.ceil(pass.trace.length / MOST_TRACE));
  return {
    loadSize: together,
    loads: 1,
    everyS,
    totalS,
    lowestC,
    underRangeS,
    holdSetting,
    loadSetting,
    heatJ,
    energyResidual: heatJ > 0 ? (heatJ - pass.spentJ - gainedJ) / heatJ : 0,
    loadStartsS: [0],
    trace: [...pass.trace.filter((_, i) => i % eachOf === 0), { timeS: totalS, oilC: end.oilC }],
  };
}

/** A pipeline is seen whole when it has been full for twice its length. */
const SEEN_WHOLE = 3;

/**
 * The pipeline with the most in the oil together that stays in the range; at least one.
 * @param mostPieces side by side and kept turned
 */
export function pipelineFor(spec: LoadSpec, mostPieces: number): LoadRun {
  const most = Math.min(mostPieces, spec.pieces, RANGES.draft.loadSize.most);
  let best = 1;
  for (let inPot = 2; inPot <= most; inPot++) {
    const run = runPipeline({ ...spec, pieces: Math.min(spec.pieces, SEEN_WHOLE * inPot) }, inPot);
    if (run.lowestC < oilRange(spec.oilC).least) break;
    best = inPot;
  }
  return runPipeline(spec, best);
}

/**
 * When the last pieces go in, s from the first.
 * @example lastDropS(fry.loads, 24) > 0 // true
 */
export function lastDropS({ everyS, loadStartsS, loads }: LoadRun, pieces: number): number {
  return everyS === null ? (loadStartsS[loads - 1] ?? 0) : everyS * (pieces - 1);
}

/**
 * How a batch goes through the pot: as loads or as a pipeline, of the cook's own size or the most
 * that keeps the range.
 * @param most side by side and kept turned
 * @param firstTurnS s; `null`: never turned
 */
export function throughPot(
  spec: LoadSpec,
  { loadSize, pipeline = false, ramp }: Pick<TrayDraft['fry'], 'loadSize' | 'pipeline' | 'ramp'>,
  most: number,
  firstTurnS: number | null,
): LoadRun {
  // Oil that rises with its load cannot be at both ends at once.
  if (pipeline && !ramp) return loadSize === null ? pipelineFor(spec, most) : runPipeline(spec, loadSize);
  return loadSize === null ? loadSizeFor(spec, most, firstTurnS) : runLoads(spec, loadSize);
}
