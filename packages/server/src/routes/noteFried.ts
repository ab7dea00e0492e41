import { friedInOil, type LedgerFigures, planBatch } from '@ember-fold/core';
import type { Queries } from '../db/gate.js';
import { insertOilEvent, readOil } from '../db/oilTable.js';
import type { StoveRow } from '../db/stoveTable.js';

/** A batch that is over goes into the history of the oil it was fried in, once. */
export async function noteFried(q: Queries, row: StoveRow, figures: LedgerFigures, nowMs: number): Promise<void> {
  const { draft, kitchen, batchId } = row;
  const oilId = kitchen.potOil?.id;
  if (oilId === undefined || !(await readOil(q, oilId))) return;
  const fried = friedInOil(draft, planBatch(draft, kitchen, null), figures);
  // The batch's own id: told twice, it is still one use.
  if (fried) await insertOilEvent(q, oilId, { id: batchId, at: nowMs, ...fried });
}
