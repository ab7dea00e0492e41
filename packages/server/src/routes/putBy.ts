import { leftoverGoodMs, type PutByAsk } from '@ember-fold/core';
import { type Request, Router } from 'express';
import { deletePutBy, insertPutBy, listPutBy, lockPutBy, takenByOthers, writePutByAmount } from '../db/putByTable.js';
import { ApiError } from '../errors.js';
import type { Context } from './context.js';
import { SCHEMAS, validate } from './validate.js';

const idOf = (req: Request): string => validate<{ id: string }>(SCHEMAS.id, req.params).id;

/** The freezer and the fridge: what is put by for another day. */
export function putByRoutes({ gate, live, clockMs }: Context): Router {
  const router = Router();

  router.get('/', async (_req, res) => {
    res.json(await listPutBy(gate));
  });

  router.post('/', async (req, res) => {
    const { id, kind, name, place, massKg } = validate<PutByAsk>(SCHEMAS.putBy, req.body);
    const madeMs = clockMs();
    const goodMs = leftoverGoodMs(kind, place, madeMs);
    const record = { kind, name, place, pieces: null, massKg, madeMs, goodMs, tray: null };
    const isNew = await insertPutBy(gate, id, record, { batchId: null, mark: null, why: 'hand' });
    if (isNew) live.changed('put-by', id);
    res.status(isNew ? 201 : 200).json({ id });
  });

  /** Eaten, used or thrown away: so much less is there. */
  router.post('/:id/take', async (req, res) => {
    const id = idOf(req);
    const { amount } = validate<{ amount: number }>(SCHEMAS.takePutBy, req.body);
    await gate.transaction(async (q) => {
      const there = await lockPutBy(q, id);
      if (!there) throw new ApiError('NO_PUT_BY');
      if (there.kind !== 'pieces') {
        const massKg = (there.massKg ?? 0) - amount;
        if (massKg < -1e-9) throw new ApiError('PUT_BY_SHORT', undefined, 'amount');
        return massKg > 1e-6 ? await writePutByAmount(q, id, null, massKg) : await deletePutBy(q, id);
      }
      const taken = await takenByOthers(q, id, null);
      const left = (there.pieces ?? 0) - taken;
      if (!Number.isInteger(amount) || amount > left) {
        throw new ApiError('PUT_BY_SHORT', `There are ${Math.max(0, left)} that no batch has taken.`, 'amount');
      }
      const pieces = (there.pieces ?? 0) - amount;
      return pieces === 0 && taken === 0 ? await deletePutBy(q, id) : await writePutByAmount(q, id, pieces, null);
    });
    live.changed('put-by', id);
    res.json({ id });
  });

  return router;
}
