import { FIT_LEAST, type StoveRecord } from '../oil/fitStove.js';
import { type StoveAct, stoveState, type OilReading } from './stoveAct.js';

/**
 * A session as a fit of the stove reads it; `null` while too little is recorded.
 *
 * @param planned pieces of the batch
 * @param pieceW drawn by a piece, by its number: W, one entry a second from its drop
 * @example stoveRecordOf(acts, readings, 24, () => fry.drawW).readings.length // 140
 */
export function stoveRecordOf(
  acts: readonly StoveAct[],
  readings: readonly OilReading[],
  planned: number,
  pieceW: (number: number) => readonly number[],
): StoveRecord | null {
  const [first, last] = [readings[0], readings[readings.length - 1]];
  if (!first || !last || readings.length < FIT_LEAST.readings || last.atS - first.atS < FIT_LEAST.spanS) return null;
  const { takenBack, pieces } = stoveState(acts, planned);
  const settings = acts
    .flatMap((act) => (act.kind === 'burner' && !takenBack.has(act.id) ? [{ atS: act.atS, setting: act.setting }] : []))
    .sort((a, b) => a.atS - b.atS);
  const loadW = (atS: number) => {
    let sum = 0;
    for (const { number, droppedS, outS } of pieces) {
      if (atS >= droppedS && (outS === null || atS < outS)) sum += pieceW(number)[Math.floor(atS - droppedS)] ?? 0;
    }
    return sum;
  };
  return { readings, settings, loadW };
}
