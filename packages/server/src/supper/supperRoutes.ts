import type { BatchDraft, SupperRow } from '@ember-fold/core/plan';
import { movedWith, SUPPER_OVER_MS, type SupperWays, withSupper } from '@ember-fold/core/supper';
import { Router } from 'express';
import { batchesOfSupper, listCookedForSuppers, updateBatch } from '../batches/batchTable.js';
import { forgetCalendar } from './calendarTable.js';
import type { Queries } from '../db/gate.js';
import { deleteSupper, insertSupper, listSuppers, readSupper, updateSupper } from './supperTable.js';
import { ApiError } from '../errors.js';
import { addDayPlan, comingSuppers, newCalendar } from './supperCalendar.js';
import type { Context } from '../http/context.js';
import { SCHEMAS } from '../http/schemas.js';
import { validate } from '../http/validate.js';
import { whileAsked } from '../http/whileAsked.js';

/** Suppers: when, who eats, how much. Their batches name them, and go with them to another time. It is long because it is a list of handlers; none knows another. */
export function supperRoutes({ gate, live, dayPlans, clockMs }: Context): Router {
  const router = Router();

  /** @returns ids of the batches that were changed */
  const changeBatches = async (q: Queries, id: string, change: (draft: BatchDraft) => BatchDraft) => {
    const changed: string[] = [];
    for (const row of await batchesOfSupper(q, id, true)) {
      const draft = change(row.draft);
      if (draft !== row.draft && (await updateBatch(q, row.id, draft, row.version))) changed.push(row.id);
    }
    return changed;
  };

  const tell = (id: string, batches: readonly string[]) => {
    live.changed('suppers', id);
    for (const batch of batches) live.changed('batches', batch);
  };

  /** To subscribe: every supper from a day ago on. */
  router.get('/calendar.ics', async (_req, res) => {
    res.type('text/calendar').send(await comingSuppers({ gate, dayPlans, clockMs }, whileAsked(res)));
  });

  router.get('/', async (_req, res) => {
    res.json(await listSuppers(gate));
  });

  /** What is finished of suppers that are still to come, or were within a day. */
  router.get('/cooked', async (_req, res) => {
    res.json(await listCookedForSuppers(gate, new Date(clockMs() - SUPPER_OVER_MS)));
  });

  router.get('/:id', async (req, res) => {
    res.json(await requireSupper(req.params));
  });

  const requireSupper = async (params: unknown): Promise<SupperRow> => {
    const { id } = validate(SCHEMAS.id, params);
    const row = await readSupper(gate, id);
    if (!row) throw new ApiError('NO_SUPPER');
    return row;
  };

  router.get('/:id/plan', async (req, res) => {
    const signal = whileAsked(res);
    res.json(await dayPlans.dayOf(await requireSupper(req.params), signal));
  });

  router.get('/:id/plan.ics', async (req, res) => {
    const signal = whileAsked(res);
    const row = await requireSupper(req.params);
    const calendar = newCalendar(row.supper.name);
    await addDayPlan(calendar, gate, row, await dayPlans.dayOf(row, signal));
    res.attachment('plan.ics').type('text/calendar').send(calendar.toString());
  });

  router.get('/:id/ways', async (req, res) => {
    const signal = whileAsked(res);
    res.json({ ways: await dayPlans.waysOf(await requireSupper(req.params), signal) } satisfies SupperWays);
  });

  router.post('/', async (req, res) => {
    const { id, supper } = validate(SCHEMAS.newSupper, req.body);
    const isNew = await insertSupper(gate, id, supper);
    const row = await readSupper(gate, id);
    if (!row) throw new ApiError('INTERNAL');
    // The same request twice is answered twice the same; another supper under this id is not.
    if (!isNew && row.version === 1 && JSON.stringify(row.supper) !== JSON.stringify(supper))
      throw new ApiError('ID_TAKEN', undefined, 'id');
    if (isNew) tell(id, []);
    res.status(isNew ? 201 : 200).json(row);
  });

  router.put('/:id', async (req, res) => {
    const { id } = validate(SCHEMAS.id, req.params);
    const { version, supper } = validate(SCHEMAS.saveSupper, req.body);
    const { row, saved, moved } = await gate.transaction(async (q) => {
      const before = await readSupper(q, id, true);
      const done = before !== null && (await updateSupper(q, { id, supper, version }));
      const changed = done ? await changeBatches(q, id, (draft) => movedWith(draft, before.supper, supper)) : [];
      return { row: await readSupper(q, id), saved: done, moved: changed };
    });
    if (!row) throw new ApiError('NO_SUPPER');
    // The same request again, after a lost answer.
    const again = row.version === version + 1 && JSON.stringify(row.supper) === JSON.stringify(supper);
    if (!saved && !again) throw new ApiError('STALE_VERSION');
    if (saved) tell(id, moved);
    res.json(row);
  });

  router.delete('/:id', async (req, res) => {
    const { id } = validate(SCHEMAS.id, req.params);
    const { gone, left } = await gate.transaction(async (q) => {
      // The supper first: the database refuses while a stove of it is on.
      const deleted = await deleteSupper(q, id);
      const changed = await changeBatches(q, id, (draft) => withSupper(draft, null, null));
      await forgetCalendar(q, id);
      return { gone: deleted, left: changed };
    });
    if (!gone) throw new ApiError('NO_SUPPER');
    tell(id, left);
    res.status(204).end();
  });

  return router;
}
