import { Router } from 'express';
import { writeUnlearnt } from './learntTable.js';
import { learntNow, learntSummary } from './lessons.js';
import type { Context } from '../http/context.js';
import { SCHEMAS } from '../http/schemas.js';
import { validate } from '../http/validate.js';

/** What batches have taught of this kitchen, and the way back to what is usual. */
export function learntRoutes({ gate, live, clockMs }: Context): Router {
  const router = Router();

  router.get('/', async (_req, res) => {
    res.json(await learntNow(gate, clockMs()));
  });

  router.get('/told', async (_req, res) => {
    res.json(await learntSummary(gate, clockMs()));
  });

  router.put('/usual', async (req, res) => {
    const { kind, key, isUsual } = validate(SCHEMAS.learntUsual, req.body);
    await writeUnlearnt(gate, kind, key, isUsual ? new Date(clockMs()) : null);
    live.changed('learnt');
    res.json(await learntSummary(gate, clockMs()));
  });

  return router;
}
