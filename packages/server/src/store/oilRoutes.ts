import { type FryJob, type Oil, type OilEvent, oilState } from '@ember-fold/core/stove';
import { supperAfter, supperOrder } from '@ember-fold/core/supper';
import { Router } from 'express';
import { listBatches, readBatch } from '../batches/batchTable.js';
import type { Queries } from '../db/gate.js';
import { holdIngredients } from './ingredientTable.js';
import { insertOil, insertOilEvent, listOilEvents, listOils, readOil } from './oilTable.js';
import { isStoveOpen } from '../stove/openStoveTable.js';
import { ApiError } from '../errors.js';
import type { Context } from '../http/context.js';
import { kitchenFor, pantryNow } from '../kitchen/kitchenNow.js';
import { SCHEMAS } from '../http/schemas.js';
import { validate } from '../http/validate.js';
import { whileAsked } from '../http/whileAsked.js';

/** Batches eaten within this of one another share the oil, and so do those of one supper. */
const SUPPER_MS = 10 * 3_600_000;
/** As many batches as one oil is planned for. */
const MOST_JOBS = 12;

/**
 * Kept oils with their history, and the order in which a supper's batches share one. Long for it
 * is a list of handlers; none knows another.
 */
export function oilRoutes({ gate, live, clockMs, jobs: planned }: Context): Router {
  const router = Router();

  const answerOf = async (q: Queries, oil: Oil) => {
    const events = await listOilEvents(q, oil.id);
    return { oil, events, state: oilState(oil, events, clockMs(), await pantryNow(q)) };
  };

  router.get('/', async (_req, res) => {
    const oils = await listOils(gate);
    res.json(await Promise.all(oils.map((oil) => answerOf(gate, oil))));
  });

  router.post('/', async (req, res) => {
    const { m3, ...oil } = validate(SCHEMAS.oil, req.body);
    const at = clockMs();
    const isNew = await gate.transaction(async (q) => {
      await holdIngredients(q, 'oil', oil.id, [oil.ingredientId]);
      (await pantryNow(q)).find(oil.ingredientId, 'ingredientId');
      if (!(await insertOil(q, oil, new Date(at)))) return false;
      // The first filling has the oil's own id.
      await insertOilEvent(q, oil.id, { id: oil.id, at, kind: 'filled', m3 });
      return true;
    });
    const kept = await readOil(gate, oil.id);
    if (!kept) throw new ApiError('INTERNAL');
    if (!isNew && kept.ingredientId !== oil.ingredientId) throw new ApiError('ID_TAKEN', undefined, 'id');
    if (isNew) live.changed('oils', oil.id);
    res.status(isNew ? 201 : 200).json(await answerOf(gate, kept));
  });

  router.post('/:id/events', async (req, res) => {
    const { id } = validate(SCHEMAS.id, req.params);
    const ask = validate(SCHEMAS.oilEvent, req.body);
    const oil = await readOil(gate, id);
    if (!oil) throw new ApiError('NO_OIL');
    const before = await answerOf(gate, oil);
    const known = before.events.some((event) => event.id === ask.id);
    if (before.state.isGone && !known) throw new ApiError('OIL_GONE');
    const event: OilEvent = { ...ask, at: clockMs() };
    const isTaken = await gate.transaction(async (q) => {
      if (!known && ask.kind === 'poured-away' && (await isStoveOpen(q, id)))
        throw new ApiError('STOVE_OPEN', 'Something is frying in this oil. Finish that batch first.', 'kind');
      return !known && !(await insertOilEvent(q, id, event));
    });
    if (isTaken) throw new ApiError('ID_TAKEN', undefined, 'id');
    if (!known) live.changed('oils', id);
    res.status(known ? 200 : 201).json(await answerOf(gate, oil));
  });

  router.get('/order/:id', async (req, res) => {
    const signal = whileAsked(res);
    const { id } = validate(SCHEMAS.id, req.params);
    const asked = await readBatch(gate, id);
    if (!asked) throw new ApiError('NO_BATCH');
    const eatMs = Date.parse(asked.draft.eatAt);
    const kitchen = await kitchenFor(gate, asked.draft, clockMs());
    const near = (await listBatches(gate, ['planned', 'frying'])).filter(
      ({ draft: { eatAt, supper } }) =>
        Math.abs(Date.parse(eatAt) - eatMs) <= SUPPER_MS || (supper !== undefined && supper === asked.draft.supper),
    );
    const jobs: FryJob[] = [];
    const waiting: FryJob[] = [];
    const left: string[] = [];
    for (const batch of near) {
      const at = await kitchenFor(gate, batch.draft, clockMs());
      // What is fried in another pot does not share this oil.
      if (at.potName !== kitchen.potName) continue;
      const job = jobs.length < MOST_JOBS ? await planned.jobOf(batch.id, batch.draft, at, signal) : null;
      if (!job) left.push(batch.draft.name);
      else jobs.push(job);
      if (job && batch.status === 'planned' && batch.id !== id) waiting.push(job);
    }
    const now = jobs.find((job) => job.id === id);
    res.json({ order: supperOrder(jobs, kitchen), left, after: now ? supperAfter(now, waiting, kitchen) : [] });
  });

  return router;
}
