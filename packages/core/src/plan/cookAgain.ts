import { RANGES } from '../draft/ranges.js';
import type { LedgerFigures } from '../fire/ledgerFigures.js';
import type { BatchDraft } from '../draft/draft.js';
import { clamp } from '../numeric/clamp.js';

/**
 * "Cook again with the actual values": the draft as it was cooked, with the oil and the time
 * in the oil that really happened. Values that were not seen stay as planned.
 *
 * @param eatAt ISO 8601, UTC
 * @example cookAgain(draft, ledgerFigures(acts, readings, 24, 158), draft.eatAt).pieces // 24
 */
export function cookAgain(draft: BatchDraft, actual: LedgerFigures, eatAt: string): BatchDraft {
  const oilC =
    actual.oilMeanC === null
      ? draft.fry.oilC
      : clamp(Math.round(actual.oilMeanC), RANGES.draft.oilC.least, RANGES.draft.oilC.most);
  const minutesS =
    actual.meanInOilS === null ? draft.fry.minutesS : clamp(Math.round(actual.meanInOilS / 5) * 5, 20, 1800);
  const lotSize = actual.lots > 0 ? draft.fry.lotSize : null;
  return { ...draft, eatAt, fry: { ...draft.fry, oilC, minutesS, lotSize } };
}
