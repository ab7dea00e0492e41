import { type BatchDraft, batchOf, marksOf, newTray, readBatchDraft, withRaw } from '@ember-fold/core/plan';
import { Router } from 'express';
import { deleteBatch, insertBatch, listSummaries, readBatch, updateBatch } from './batchTable.js';
import type { Queries } from '../db/gate.js';
import { holdIngredients, releaseIngredients } from '../store/ingredientTable.js';
import { eatUses } from '../store/storedTable.js';
import { readKitchen } from '../kitchen/kitchenTable.js';
import { ApiError } from '../errors.js';
import type { Context } from '../http/context.js';
import { holdStored } from '../store/holdStored.js';
import { linesOf, pantryNow, requireKnownDraft } from '../kitchen/kitchenNow.js';
import { SCHEMAS } from '../http/schemas.js';
import { searchOf, validate } from '../http/validate.js';

/** A page that was opened before the last change of format still saves what it has. */
const ofAnyFormat = (body: unknown): unknown =>
  typeof body === 'object' && body !== null && 'draft' in body ? { ...body, draft: readBatchDraft(body.draft) } : body;

/** Batches being planned or fried: list, make, read, save, delete. It is long because it is a list of handlers; none knows another. */
export function batchRoutes({ gate, stoves, live, clockMs }: Context): Router {
  const router = Router();

  router.get('/', async (req, res) => {
    res.json(await listSummaries(gate, searchOf(req), clockMs()));
  });

  /** All formulas of a draft hold what they use of this kitchen's own ingredients. */
  const hold = async (q: Queries, id: string, draft: BatchDraft) =>
    await holdIngredients(
      q,
      'batch',
      id,
      linesOf(draft).map((line) => line.ingredientId),
    );

  const takesStored = (draft: BatchDraft) => marksOf(draft).some((mark) => draft.trays[mark]!.fromStored !== undefined);
  const tellSaved = (id: string, draft: BatchDraft, version: number) => {
    live.changed('batches', id, version);
    if (takesStored(draft)) live.changed('stored');
  };

  const store = async (id: string, draft: BatchDraft) => {
    const { row, isNew } = await gate.transaction(async (q) => {
      const made = await insertBatch(q, id, draft, new Date(clockMs()));
      if (made) {
        await hold(q, id, draft);
        requireKnownDraft(draft, await pantryNow(q));
        await holdStored(q, id, draft);
      }
      return { row: await readBatch(q, id), isNew: made };
    });
    if (!row) throw new ApiError('INTERNAL');
    // The same request twice is answered twice the same; another draft under this id is not.
    if (!isNew && row.version === 1 && JSON.stringify(row.draft) !== JSON.stringify(draft))
      throw new ApiError('ID_TAKEN');
    if (isNew) tellSaved(id, draft, row.version);
    return { row, status: isNew ? 201 : 200 };
  };

  router.post('/', async (req, res) => {
    const { id, draft } = validate(SCHEMAS.newBatch, ofAnyFormat(req.body));
    const { row, status } = await store(id, draft);
    res.status(status).json(row);
  });

  router.post('/from-starter', async (req, res) => {
    const ask = validate(SCHEMAS.starter, req.body);
    const { kitchen } = await readKitchen(gate);
    const made = newTray(ask.name, ask.starterId, ask.pieces, ask.eatAt, ask.shape);
    // Where local rules reheat to another temperature, a new batch is planned for it.
    const draft = batchOf(kitchen.reheatC === undefined ? made : withRaw(made, null, kitchen.reheatC));
    const { row, status } = await store(ask.id, draft);
    res.status(status).json(row);
  });

  router.get('/:id', async (req, res) => {
    const { id } = validate(SCHEMAS.id, req.params);
    const row = await readBatch(gate, id);
    if (!row) throw new ApiError('NO_BATCH');
    res.json(row);
  });

  router.put('/:id', async (req, res) => {
    const { id } = validate(SCHEMAS.id, req.params);
    const { version, draft } = validate(SCHEMAS.saveBatch, ofAnyFormat(req.body));
    const { row, saved } = await gate.transaction(async (q) => {
      const done = await updateBatch(q, id, draft, version);
      if (done) {
        await hold(q, id, draft);
        requireKnownDraft(draft, await pantryNow(q));
        await holdStored(q, id, draft);
      }
      return { row: await readBatch(q, id), saved: done };
    });
    if (!row) throw new ApiError('NO_BATCH');
    // The same request again, after a lost answer.
    const again = row.version === version + 1 && JSON.stringify(row.draft) === JSON.stringify(draft);
    if (!saved && !again) throw new ApiError(row.status === 'done' ? 'BATCH_OVER' : 'STALE_VERSION');
    if (saved) tellSaved(id, draft, row.version);
    res.json(row);
  });

  router.delete('/:id', async (req, res) => {
    const { id } = validate(SCHEMAS.id, req.params);
    const gone = await gate.transaction(async (q) => {
      await releaseIngredients(q, id);
      if ((await readBatch(q, id, true))?.status === 'done') await eatUses(q, id);
      return await deleteBatch(q, id);
    });
    if (!gone) throw new ApiError('NO_BATCH');
    stoves.out(id);
    live.tell({ kind: 'stove', batchId: id, lit: false });
    for (const what of ['batches', 'ledger', 'stored'] as const) live.changed(what, id);
    res.status(204).end();
  });

  return router;
}
