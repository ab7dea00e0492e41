import { storedOf } from '@ember-fold/core/ledger';
import { asCooked, batchFigures, fryTrays, marksOf } from '@ember-fold/core/plan';
import { type CookAct, cookState, stepMark, stepWhat } from '@ember-fold/core/stove';
import { type Request, Router } from 'express';
import { type BatchRow, readBatch, setBatchStatus } from './batchTable.js';
import { insertCookAct, listCookActs } from './cookTable.js';
import type { Queries } from '../db/gate.js';
import { readKitchen } from '../kitchen/kitchenTable.js';
import { deleteStoredOf, insertStored } from '../store/storedTable.js';
import { insertStove, writeFigures } from '../stove/stoveTable.js';
import { ApiError } from '../errors.js';
import type { Context } from '../http/context.js';
import { kitchenFor } from '../kitchen/kitchenNow.js';
import { SCHEMAS } from '../http/schemas.js';
import { validate } from '../http/validate.js';

async function requireBatch(q: Queries, req: Request): Promise<BatchRow> {
  const { id } = validate(SCHEMAS.id, { id: req.params['id'] });
  const batch = await readBatch(q, id);
  if (!batch) throw new ApiError('NO_BATCH');
  return batch;
}

/** Pieces that are told to be stored stand in the Store from then on; told back, they are gone from it. */
async function noteStored(q: Queries, batch: BatchRow, act: CookAct): Promise<void> {
  if (stepWhat(act.step) !== 'stored') return;
  const mark = stepMark(act.step) ?? marksOf(batch.draft)[0]!;
  if (act.kind === 'back') await deleteStoredOf(q, batch.id, 'planned', mark);
  if (act.kind !== 'done') return;
  const acts = (await listCookActs(q, batch.id)).map((one) => one.act);
  const { kitchen } = await readKitchen(q);
  const made = asCooked(batch.draft, cookState(acts), kitchen);
  const tray = made.trays[mark];
  if (!tray) return;
  const record = storedOf(made, mark, tray.pieces, tray.way === 'chill' ? 'fridge' : 'freezer', act.atMs);
  await insertStored(q, act.id, record, { batchId: batch.id, mark, why: 'planned' });
}

/** The run-sheet of one batch: what was recorded of its steps so far, and more of it. */
export function cookRoutes({ gate, live, lessons, clockMs }: Context): Router {
  const router = Router({ mergeParams: true });

  router.get('/', async (req, res) => {
    const batch = await requireBatch(gate, req);
    const after = Number(req.query['after'] ?? 0);
    const acts = await listCookActs(gate, batch.id, Number.isSafeInteger(after) && after > 0 ? after : 0);
    res.json({ acts, nowMs: clockMs() });
  });

  router.post('/acts', async (req, res) => {
    const batch = await requireBatch(gate, req);
    const act = validate(SCHEMAS.cookAct, req.body);
    if (batch.status === 'done') throw new ApiError('BATCH_OVER');
    const stored = await gate.transaction(async (q) => {
      const done = await insertCookAct(q, batch.id, act, clockMs());
      if (!done) throw new ApiError('ID_TAKEN', undefined, 'id');
      if (done.isNew) await noteStored(q, batch, done.act);
      return done;
    });
    const { isNew, ...told } = stored;
    if (isNew) live.tell({ kind: 'cook', batchId: batch.id, stored: told });
    if (isNew && stepWhat(act.step) === 'stored') live.changed('stored');
    res.status(isNew ? 201 : 200).json(told);
  });

  /** A batch of which nothing is fried is over when the cook says so: it goes into the ledger as it was made. */
  router.post('/finish', async (req, res) => {
    const { id, status } = await requireBatch(gate, req);
    if (status !== 'done') {
      await gate.transaction(async (q) => {
        const batch = await readBatch(q, id, true);
        if (!batch || batch.status === 'done') return;
        if (fryTrays(batch.draft).length > 0) throw new ApiError('STOVE_FINISHES');
        const acts = (await listCookActs(q, id)).map((one) => one.act);
        const kitchen = await kitchenFor(q, batch.draft, clockMs());
        const draft = asCooked(batch.draft, cookState(acts), kitchen);
        const endedAt = new Date(clockMs());
        const startedAt = new Date(acts.reduce((first, act) => Math.min(first, act.atMs), endedAt.getTime()));
        const stove = { batchId: id, seed: 1, speed: 1, probe: null, trial: false, startC: null };
        await insertStove(q, { ...stove, draft, kitchen, startedAt, endedAt });
        await writeFigures(q, id, batchFigures(draft, [], []).whole);
        await setBatchStatus(q, id, 'done');
      });
      for (const what of ['batches', 'ledger'] as const) live.changed(what, id);
      await lessons.teach(id);
    }
    res.json({ batchId: id });
  });

  return router;
}
