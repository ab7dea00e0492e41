import { idOf, requireStove } from './requireStove.js';
import { finishBatch, reopenBatch } from './endings.js';
import { type Stove } from '@ember-fold/core/stove';
import { Router } from 'express';
import { insertAct, listActs } from './actTable.js';
import { traceReadings } from './readingTable.js';
import { type StoveRow } from './stoveTable.js';
import { stoveNowS } from '../devices/stoveHub.js';
import { InTurn } from '../live/inTurn.js';
import { ApiError } from '../errors.js';
import type { Context } from '../http/context.js';
import { startStove } from './startStove.js';
import { seenIn, streamStove } from './streamStove.js';
import { SCHEMAS } from '../http/schemas.js';
import { validate } from '../http/validate.js';

/** The stove of one batch: start it, read it, follow it, act on it, finish. It is long because it is a list of handlers; none knows another. */
export function stoveRoutes(context: Context): Router {
  const { gate, stoves, live, clockMs } = context;
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
    res.json(await answer(await requireStove(gate, idOf(req))));
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
        const held = await requireStove(q, idOf(req), true);
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
    const row = await finishBatch(context, idOf(req), left);
    res.json({ batchId: row.batchId });
  });

  router.post('/reopen', async (req, res) => {
    const row = await reopenBatch(context, idOf(req));
    res.json(await answer(row));
  });

  router.get('/stream', async (req, res) => {
    await streamStove(context, await requireStove(gate, idOf(req)), seenIn(req), req, res);
  });

  return router;
}
