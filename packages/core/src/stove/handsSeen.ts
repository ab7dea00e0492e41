import { RANGES } from '../draft/ranges.js';
import { TURN_EACH_S } from '../draft/kitchen.js';
import { clamp } from '../numeric/clamp.js';
import { logBelief } from '../numeric/logBelief.js';
import type { StoveAct } from './stoveAct.js';

/** What a session showed of how quick hands are at the oil. */
export interface HandsSeen {
  /** s to turn or take out one piece, and the range it very likely lies in. */
  readonly eachS: number;
  readonly lowS: number;
  readonly highS: number;
  /** How often it was seen; 0: nothing was. */
  readonly times: number;
}

/** Hands differ by so much, and one turn after another tells it so well: sd of the logarithm. Our own. */
const HANDS_SD = 0.5;
const SEEN_SD = 0.6;
/** A pause longer than this between two turns was a look at something else, s a piece. Our own. */
const PAUSE_S = 12;

/**
 * How long one piece takes to turn or take out: from each turn or take out that follows another at once,
 * the time since that, over its pieces. Log-normal around what most hands take; order of the
 * sessions does not matter. Our own.
 *
 * @param acts of one session, in any order
 * @example handsSeen([]).eachS // 2
 */
export function handsSeen(acts: readonly StoveAct[]): HandsSeen {
  const gone = new Set(acts.flatMap((act) => (act.kind === 'take-back' ? [act.actId] : [])));
  const moves = acts
    .flatMap((act) =>
      (act.kind === 'turn' || act.kind === 'take-out' || act.kind === 'to-oven') && !gone.has(act.id) ? [act] : [],
    )
    .sort((a, b) => a.atS - b.atS);
  const seen = moves.slice(1).flatMap((act, i) => {
    const eachS = (act.atS - moves[i]!.atS) / act.pieces.length;
    return eachS > 0 && eachS <= PAUSE_S ? [eachS] : [];
  });
  const { least, most } = RANGES.kitchen.turnEachS;
  const { value, low, high } = logBelief(TURN_EACH_S, HANDS_SD, seen, SEEN_SD);
  return {
    eachS: clamp(value, least, most),
    lowS: clamp(low, least, most),
    highS: clamp(high, least, most),
    times: seen.length,
  };
}
