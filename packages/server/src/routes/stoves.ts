import { Router } from 'express';
import { listOpenStoves, readStove } from '../db/stoveTable.js';
import { ApiError } from '../errors.js';
import type { Context } from './context.js';
import { type Followed, streamStoves } from './streamStoves.js';

/** Who is where: batch id, then the act and the reading already held. */
const FOLLOWED = /^([0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12})\.(\d{1,15})\.(\d{1,10})$/;
/** As many pots as one page follows. */
const MOST = 8;

/** All pots that are lit, and several of them on one stream: a browser opens few connections. */
export function stovesRoutes(context: Context): Router {
  const { gate } = context;
  const router = Router();

  router.get('/', async (_req, res) => {
    const rows = await listOpenStoves(gate);
    res.json(
      rows.map(({ batchId, draft, kitchen, startedAt }) => ({
        ...{ batchId, name: draft.name, potName: kitchen.potName ?? null, potM: kitchen.pot.diameterM },
        startedAt: startedAt.toISOString(),
      })),
    );
  });

  router.get('/stream', async (req, res) => {
    const asked = String(req.query['of'] ?? '').split(',');
    if (asked.length > MOST) throw new ApiError('BAD_INPUT', `At most ${MOST} pots at once.`, 'of');
    const followed: Followed[] = [];
    // One that was deleted meanwhile must not silence the others.
    const gone: string[] = [];
    for (const one of asked) {
      const [, id, act, reading] = FOLLOWED.exec(one) ?? [];
      if (!id) throw new ApiError('BAD_INPUT', 'Each is a batch, its last act and its last reading.', 'of');
      const row = await readStove(gate, id);
      if (row) followed.push({ row, mark: { act: Number(act), reading: Number(reading) } });
      else gone.push(id);
    }
    await streamStoves(context, followed, res, gone);
  });

  return router;
}
