import type { LitStove } from '@ember-fold/core/stove';
import { Router } from 'express';
import { listOpenStoves } from './stoveTable.js';
import type { Context } from '../http/context.js';

/** All pots that are lit. */
export function stovesRoutes({ gate }: Context): Router {
  const router = Router();

  router.get('/', async (_req, res) => {
    const lit = (await listOpenStoves(gate)).map(({ batchId, draft, kitchen, startedAt }): LitStove => ({
      batchId,
      name: draft.name,
      potName: kitchen.potName ?? null,
      potM: kitchen.pot.diameterM,
      startedAt: startedAt.toISOString(),
    }));
    res.json(lit);
  });

  return router;
}
