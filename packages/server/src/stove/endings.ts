import { storedOf } from '@ember-fold/core/ledger';
import { batchFigures, type BatchFigures, friedPieces, fryTrays, marksOf } from '@ember-fold/core/plan';
import { REOPEN_MS, stoveState } from '@ember-fold/core/stove';
import { randomUUID } from 'node:crypto';
import { setBatchStatus } from '../batches/batchTable.js';
import type { Queries } from '../db/gate.js';
import { ApiError } from '../errors.js';
import type { Context } from '../http/context.js';
import { deleteFried } from '../store/oilTable.js';
import { deleteStoredOf, insertStored } from '../store/storedTable.js';
import { listActs } from './actTable.js';
import { noteFried } from './noteFried.js';
import { traceReadings } from './readingTable.js';
import { requireStove } from './requireStove.js';
import { endStove, listOpenStoves, reopenStove, type StoveRow, writeFigures } from './stoveTable.js';

/** Pieces that never went into the oil go where the cook says; those out of the Store are laid back. */
async function putLeftBy(
  q: Queries,
  { batchId, draft }: StoveRow,
  { trays }: BatchFigures,
  place: 'freezer' | 'fridge',
  nowMs: number,
): Promise<void> {
  for (const mark of marksOf(draft)) {
    const pieces = trays[mark]?.notFried ?? 0;
    if (pieces === 0) continue;
    const record = storedOf(draft, mark, pieces, place, nowMs);
    await insertStored(q, randomUUID(), record, { batchId, mark, why: 'left' });
  }
}

/**
 * Ends the frying of a batch, once: a second time changes nothing.
 * @param left where pieces go that were not fried
 * @throws ApiError NO_STOVE, NO_BATCH, STILL_FRYING
 */
export async function finishBatch(context: Context, id: string, left: 'bin' | 'freezer' | 'fridge'): Promise<StoveRow> {
  const { gate, stoves, live, lessons, planTrays, clockMs } = context;
  // What a stove was lit with does not change: it is planned before the transaction, which must not wait for a thread.
  const lit = await requireStove(gate, id);
  const isNoted = !lit.endedAt && lit.kitchen.potOil !== undefined;
  const planned = isNoted ? await planTrays(lit.draft, lit.kitchen) : [];
  const { row, isOver } = await gate.transaction(async (q) => {
    const held = await requireStove(q, id, true);
    if (held.endedAt) return { row: held, isOver: false };
    const { batchId, draft } = held;
    const acts = (await listActs(q, batchId)).map((stored) => stored.act);
    if (stoveState(acts, friedPieces(fryTrays(draft))).inPot.length > 0) throw new ApiError('STILL_FRYING');
    const figures = batchFigures(draft, acts, await traceReadings(q, batchId));
    await endStove(q, batchId, new Date(clockMs()));
    await writeFigures(q, batchId, figures.whole);
    await setBatchStatus(q, batchId, 'done');
    await noteFried(q, held, planned, figures, clockMs());
    if (left !== 'bin') await putLeftBy(q, held, figures, left, clockMs());
    return { row: held, isOver: true };
  });
  if (isOver) {
    stoves.out(row.batchId);
    live.tell({ kind: 'stove', batchId: row.batchId, lit: false });
    for (const what of ['batches', 'ledger', 'oils', 'stored'] as const) live.changed(what, row.batchId);
    // The answer does not wait for it: a page that was told over by the stream may be back at the stove by then.
    void lessons.teach(row.batchId);
  }
  return row;
}

/**
 * Lights the stove of a finished batch again, within the time that allows it.
 * @throws ApiError NO_STOVE, NO_BATCH, REOPEN_LATE, POT_TAKEN
 */
export async function reopenBatch({ gate, stoves, live, lessons, clockMs }: Context, id: string): Promise<StoveRow> {
  const { row, isBack } = await gate.transaction(async (q) => {
    const held = await requireStove(q, id, true);
    if (!held.endedAt) return { row: held, isBack: false };
    if (clockMs() - held.endedAt.getTime() > REOPEN_MS) throw new ApiError('REOPEN_LATE');
    const pot = held.kitchen.potName ?? null;
    if ((await listOpenStoves(q)).some(({ kitchen }) => (kitchen.potName ?? null) === pot)) {
      throw new ApiError('POT_TAKEN');
    }
    await reopenStove(q, held.batchId);
    await setBatchStatus(q, held.batchId, 'frying');
    await deleteFried(q, held.batchId);
    await deleteStoredOf(q, held.batchId, 'left', null);
    return { row: { ...held, endedAt: null }, isBack: true };
  });
  if (isBack) {
    stoves.lit(row);
    live.tell({ kind: 'stove', batchId: row.batchId, lit: true });
    // Lists of the ledger follow the stove; a record that is open somewhere stays as it was read.
    for (const what of ['batches', 'oils', 'stored'] as const) live.changed(what, row.batchId);
    // The answer does not wait for it: a page that was told over by the stream may be back at the stove by then.
    void lessons.teach(row.batchId);
  }
  return row;
}
