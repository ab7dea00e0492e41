import type { CookAct } from '@ember-fold/core';
import { type Request, Router } from 'express';
import { type BatchRow, readBatch } from '../db/batchTable.js';
import { insertCookAct, listCookActs } from '../db/cookTable.js';
import type { Queries } from '../db/gate.js';
import { ApiError } from '../errors.js';
import type { Context } from './context.js';
import { SCHEMAS, validate } from './validate.js';

async function requireBatch(q: Queries, req: Request): Promise<BatchRow> {
  const { id } = validate<{ id: string }>(SCHEMAS.id, { id: req.params['id'] });
  const batch = await readBatch(q, id);
  if (!batch) throw new ApiError('NO_BATCH');
  return batch;
}

/** The run-sheet of one batch: what was told of its steps so far, and more of it. */
export function cookRoutes({ gate, live, clockMs }: Context): Router {
  const router = Router({ mergeParams: true });

  router.get('/', async (req, res) => {
    const batch = await requireBatch(gate, req);
    const after = Number(req.query['after'] ?? 0);
    const acts = await listCookActs(gate, batch.id, Number.isSafeInteger(after) && after > 0 ? after : 0);
    res.json({ acts, nowMs: clockMs() });
  });

  router.post('/acts', async (req, res) => {
    const batch = await requireBatch(gate, req);
    const act = validate<CookAct>(SCHEMAS.cookAct, req.body);
    if (batch.status === 'done') throw new ApiError('BATCH_OVER');
    const stored = await insertCookAct(gate, batch.id, act, clockMs());
    if (!stored) throw new ApiError('ID_TAKEN', undefined, 'id');
    const { isNew, ...told } = stored;
    if (isNew) live.tell({ kind: 'cook', batchId: batch.id, stored: told });
    res.status(isNew ? 201 : 200).json(told);
  });

  return router;
}
