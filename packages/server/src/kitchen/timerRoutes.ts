import { Router } from 'express';
import { listTimers, readTimer, writeTimer } from './timerTable.js';
import { ApiError } from '../errors.js';
import type { Context } from '../http/context.js';
import { SCHEMAS } from '../http/schemas.js';
import { validate } from '../http/validate.js';

const MOST_TIMERS = 100;

/** Timers of the kitchen, kept here so that no page can lose one. */
export function timerRoutes({ gate, live, clockMs }: Context): Router {
  const router = Router();

  router.get('/', async (_req, res) => {
    res.json({ timers: await listTimers(gate), nowMs: clockMs() });
  });

  router.put('/:id', async (req, res) => {
    const { id } = validate(SCHEMAS.id, req.params);
    const ask = validate(SCHEMAS.timer, req.body);
    if (ask.endsMs < ask.startedMs) {
      throw new ApiError('BAD_INPUT', 'A timer ends after it has begun.', 'endsMs');
    }
    const timer = await gate.transaction(async (q) => {
      if (!(await readTimer(q, id)) && (await listTimers(q)).length >= MOST_TIMERS) throw new ApiError('MANY_TIMERS');
      await writeTimer(q, { id, ...ask });
      return await readTimer(q, id, true);
    });
    if (!timer) throw new ApiError('INTERNAL');
    live.tell({ kind: 'timer', timer });
    res.json(timer);
  });

  return router;
}
