import { RANGES } from '../../draft/ranges.js';
import type { LedgerFigures } from '../../stove/ledgerFigures.js';
import type { BatchDraft, Tray } from '../../draft/batchDraft.js';
import type { TrayMark } from '../../draft/draft.js';
import { clamp } from '../../numeric/clamp.js';

/**
 * "Cook again with the actual values": the batch as it was cooked, with the oil and the time in
 * the oil that really happened to each tray. Values that were not seen stay as planned.
 *
 * @param actual by mark; trays that were not fried are left out
 * @param eatAt ISO 8601, UTC
 * @example cookAgain(batch, { A: ledger }, draft.eatAt).trays.A.pieces // 24
 */
export function cookAgain(
  batch: BatchDraft,
  actual: Readonly<Partial<Record<TrayMark, LedgerFigures>>>,
  eatAt: string,
): BatchDraft {
  const trays = Object.entries(batch.trays).map(([mark, tray]) => {
    const figures = actual[mark as TrayMark];
    return [mark, figures ? asFried(tray, figures) : tray] as const;
  });
  // The supper it was for is over, and so is what was tried.
  const { supper: _over, trying: _tried, test: _test, ...rest } = batch;
  return { ...rest, eatAt, trays: Object.fromEntries(trays) };
}

function asFried(tray: Tray, actual: LedgerFigures): Tray {
  const { least, most } = RANGES.draft.oilC;
  const oilC = actual.oilMeanC === null ? tray.fry.oilC : clamp(Math.round(actual.oilMeanC), least, most);
  const minutesS =
    actual.meanInOilS === null ? tray.fry.minutesS : clamp(Math.round(actual.meanInOilS / 5) * 5, 20, 1800);
  return { ...tray, fry: { ...tray.fry, oilC, minutesS, loadSize: actual.loads > 0 ? tray.fry.loadSize : null } };
}
