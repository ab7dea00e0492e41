import { leftoverGoodMs } from '@ember-fold/core/ledger';
import { type Request, Router } from 'express';
import { deleteStored, insertStored, listStored, lockStored, takenByOthers, writeStoredAmount } from './storedTable.js';
import { ApiError } from '../errors.js';
import type { Context } from '../http/context.js';
import { SCHEMAS } from '../http/schemas.js';
import { validate } from '../http/validate.js';

const idOf = (req: Request): string => validate(SCHEMAS.id, req.params).id;

/** The freezer and the fridge: what is stored for another day. */
export function storedRoutes({ gate, live, clockMs }: Context): Router {
  const router = Router();

  router.get('/', async (_req, res) => {
    res.json(await listStored(gate));
  });

  router.post('/', async (req, res) => {
    const { id, kind, name, place, massKg } = validate(SCHEMAS.stored, req.body);
    const madeMs = clockMs();
    const goodMs = leftoverGoodMs(kind, place, madeMs);
    const record = { kind, name, place, pieces: null, massKg, madeMs, goodMs, tray: null };
    const isNew = await insertStored(gate, id, record, { batchId: null, mark: null, why: 'hand' });
    if (isNew) live.changed('stored', id);
    res.status(isNew ? 201 : 200).json({ id });
  });

  /** Eaten, used or thrown away: so much less is there. */
  router.post('/:id/take', async (req, res) => {
    const id = idOf(req);
    const { amount } = validate(SCHEMAS.takeStored, req.body);
    await gate.transaction(async (q) => {
      const there = await lockStored(q, id);
      if (!there) throw new ApiError('NOT_STORED');
      if (there.kind !== 'pieces') {
        const massKg = (there.massKg ?? 0) - amount;
        if (massKg < -1e-9) throw new ApiError('TOO_FEW_STORED', undefined, 'amount');
        return massKg > 1e-6 ? await writeStoredAmount(q, id, null, massKg) : await deleteStored(q, id);
      }
      const taken = await takenByOthers(q, id, null);
      const left = (there.pieces ?? 0) - taken;
      if (!Number.isInteger(amount) || amount > left) {
        throw new ApiError('TOO_FEW_STORED', `There are ${Math.max(0, left)} that no batch has taken.`, 'amount');
      }
      const pieces = (there.pieces ?? 0) - amount;
      return pieces === 0 && taken === 0 ? await deleteStored(q, id) : await writeStoredAmount(q, id, pieces, null);
    });
    live.changed('stored', id);
    res.json({ id });
  });

  return router;
}
