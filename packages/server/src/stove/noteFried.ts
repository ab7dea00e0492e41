import type { BatchFigures, PlannedTray } from '@ember-fold/core/plan';
import { friedInOil } from '@ember-fold/core/supper';
import type { Queries } from '../db/gate.js';
import { insertOilEvent, readOil } from '../store/oilTable.js';
import type { StoveRow } from './stoveTable.js';

/** A batch that is over goes into the history of the oil it was fried in, once. @param planned its trays as they were lit */
export async function noteFried(
  q: Queries,
  { draft, kitchen, batchId }: StoveRow,
  planned: readonly PlannedTray[],
  figures: BatchFigures,
  nowMs: number,
): Promise<void> {
  const oilId = kitchen.potOil?.id;
  if (oilId === undefined || !(await readOil(q, oilId))) return;
  const trays = planned.flatMap((tray) => {
    const own = figures.trays[tray.draft.mark ?? 'A'];
    return own ? [{ ...tray, figures: own }] : [];
  });
  const fried = friedInOil(draft.name, trays, figures.whole);
  // The batch's own id: sent twice, it is still one use.
  if (fried) await insertOilEvent(q, oilId, { id: batchId, at: nowMs, ...fried });
}
