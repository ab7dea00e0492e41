import { type FireAct, friedInOil, ledgerFigures, planBatch } from '@ember-fold/core';
import type { Queries } from '../db/gate.js';
import { insertOilEvent, readOil } from '../db/oilTable.js';
import { traceReadings } from '../db/readingTable.js';
import type { StoveRow } from '../db/stoveTable.js';

/** A batch that is over goes into the history of the oil it was fried in, once. */
export async function noteFried(q: Queries, row: StoveRow, acts: readonly FireAct[], nowMs: number): Promise<void> {
  const { draft, kitchen, batchId } = row;
  const oilId = kitchen.potOil?.id;
  if (oilId === undefined || !(await readOil(q, oilId))) return;
  const figures = ledgerFigures(acts, await traceReadings(q, batchId), draft.pieces, draft.fry.oilC);
  const fried = friedInOil(draft, planBatch(draft, kitchen, null), figures);
  // The batch's own id: told twice, it is still one use.
  if (fried) await insertOilEvent(q, oilId, { id: batchId, at: nowMs, ...fried });
}
