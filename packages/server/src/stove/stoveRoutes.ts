import { storedOf } from '@ember-fold/core/ledger';
import { batchFigures, type BatchFigures, friedPieces, fryTrays, marksOf } from '@ember-fold/core/plan';
import { stoveState, REOPEN_MS, type Stove } from '@ember-fold/core/stove';
import { type Request, Router } from 'express';
import { randomUUID } from 'node:crypto';
import { insertAct, listActs } from './actTable.js';
import { deleteStoredOf, insertStored } from '../store/storedTable.js';
import { readBatch, setBatchStatus } from '../batches/batchTable.js';
import type { Queries } from '../db/gate.js';
import { deleteFried } from '../store/oilTable.js';
import { traceReadings } from './readingTable.js';
import { endStove, listOpenStoves, readStove, reopenStove, type StoveRow, writeFigures } from './stoveTable.js';
import { stoveNowS } from '../devices/stoveHub.js';
import { InTurn } from '../live/inTurn.js';
import { ApiError } from '../errors.js';
import type { Context } from '../http/context.js';
import { noteFried } from './noteFried.js';
import { startStove } from './startStove.js';
import { seenIn, streamStove } from './streamStove.js';
import { SCHEMAS } from '../http/schemas.js';
import { validate } from '../http/validate.js';

const idOf = (req: Request): string => validate(SCHEMAS.id, { id: req.params['id'] }).id;

/** @param locks inside a transaction: what is decided from it stays true until that is over */
async function requireStove(q: Queries, req: Request, locks = false): Promise<StoveRow> {
  const id = idOf(req);
  const stove = await readStove(q, id, locks);
  if (stove) return stove;
  throw new ApiError((await readBatch(q, id)) ? 'NO_STOVE' : 'NO_BATCH');
}

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

/** The stove of one batch: start it, read it, follow it, act on it, finish. Long for it is a list of handlers; none knows another. */
export function stoveRoutes(context: Context): Router {
  const { gate, stoves, live, lessons, planTrays, clockMs } = context;
  const router = Router({ mergeParams: true });
  // The database answers each in the order of its place, but on connections of their own: heard in any order.
  const turns = new InTurn();

  const answer = async (row: StoveRow): Promise<Stove> => ({
    batchId: row.batchId,
    seed: row.seed,
    speed: row.speed,
    probe: row.probe,
    trial: row.trial,
    startC: row.startC,
    startedAt: row.startedAt.toISOString(),
    endedAt: row.endedAt?.toISOString() ?? null,
    nowS: stoveNowS(row, clockMs()),
    draft: row.draft,
    kitchen: row.kitchen,
    acts: await listActs(gate, row.batchId),
    readings: await traceReadings(gate, row.batchId),
  });

  router.get('/', async (req, res) => {
    res.json(await answer(await requireStove(gate, req)));
  });

  router.post('/', async (req, res) => {
    const { id } = validate(SCHEMAS.id, { id: (req.params as { id?: string }).id });
    const asked = validate(SCHEMAS.startStove, req.body);
    const row = await startStove(context, id, asked);
    if (!row.endedAt) {
      stoves.lit(row);
      live.tell({ kind: 'stove', batchId: row.batchId, lit: true });
      live.changed('batches', row.batchId);
    }
    res.status(201).json(await answer(row));
  });

  router.post('/acts', async (req, res) => {
    const act = validate(SCHEMAS.act, req.body);
    const { isNew, ...told } = await turns.run(idOf(req), async () => {
      const { row, stored } = await gate.transaction(async (q) => {
        // One act after the other: places are given in the order in which acts are committed, and
        // none comes after the end.
        const held = await requireStove(q, req, true);
        const done = await insertAct(q, held.batchId, act, stoveNowS(held, clockMs()));
        if (!done) throw new ApiError('ID_TAKEN', undefined, 'id');
        if (done.isNew && held.endedAt) throw new ApiError('BATCH_OVER');
        return { row: held, stored: done };
      });
      if (stored.isNew) stoves.apply(row.batchId, { seq: stored.seq, act: stored.act });
      return stored;
    });
    res.status(isNew ? 201 : 200).json(told);
  });

  router.post('/finish', async (req, res) => {
    const { left = 'bin' } = validate(SCHEMAS.finishStove, req.body);
    // What a stove was lit with does not change: it is planned before the transaction, which must not wait for a thread.
    const lit = await requireStove(gate, req);
    const isNoted = !lit.endedAt && lit.kitchen.potOil !== undefined;
    const planned = isNoted ? await planTrays(lit.draft, lit.kitchen) : [];
    const { row, isOver } = await gate.transaction(async (q) => {
      const held = await requireStove(q, req, true);
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
    res.json({ batchId: row.batchId });
  });

  router.post('/reopen', async (req, res) => {
    const { row, isBack } = await gate.transaction(async (q) => {
      const held = await requireStove(q, req, true);
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
    res.json(await answer(row));
  });

  router.get('/stream', async (req, res) => {
    await streamStove(context, await requireStove(gate, req), seenIn(req), req, res);
  });

  return router;
}
