import { Router } from 'express';
import { readKitchen, writeKitchen } from './kitchenTable.js';
import { requireOpenPots } from '../stove/openStoveTable.js';
import { ApiError } from '../errors.js';
import type { Context } from '../http/context.js';
import { SCHEMAS } from '../http/schemas.js';
import { validate } from '../http/validate.js';

/** The one kitchen: pot, burner, dish, temperatures, units. */
export function kitchenRoutes({ gate, live }: Context): Router {
  const router = Router();
  router.get('/', async (_req, res) => {
    res.json(await readKitchen(gate));
  });
  router.put('/', async (req, res) => {
    const { version, kitchen } = validate(SCHEMAS.kitchen, req.body);
    // Read where it is written: the answer is this change, never one that came after it.
    const row = await gate.transaction(async (q) => {
      if (!(await writeKitchen(q, kitchen, version))) throw new ApiError('STALE_VERSION');
      await requireOpenPots(q, kitchen);
      return await readKitchen(q);
    });
    live.changed('kitchen', undefined, row.version);
    res.json(row);
  });
  return router;
}
