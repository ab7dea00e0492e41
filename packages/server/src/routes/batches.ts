import { type BatchDraft, type FormId, newBatch, withRaw } from '@ember-fold/core';
import { Router } from 'express';
import { deleteBatch, insertBatch, listBatches, readBatch, updateBatch } from '../db/batchTable.js';
import { readKitchen } from '../db/kitchenTable.js';
import { ApiError } from '../errors.js';
import type { Context } from './context.js';
import { pantryNow, requireKnownDraft } from './kitchenNow.js';
import { SCHEMAS, validate } from './validate.js';

/** Batches being planned or fried: list, make, read, save, delete. */
export function batchRoutes({ gate, stoves, live, clockMs }: Context): Router {
  const router = Router();

  router.get('/', async (_req, res) => {
    const rows = await listBatches(gate, ['planned', 'frying']);
    res.json(
      rows.map(({ id, status, draft, version, updatedAt }) => ({
        id,
        status,
        version,
        updatedAt,
        name: draft.name,
        pieces: draft.pieces,
        eatAt: draft.eatAt,
      })),
    );
  });

  const store = async (id: string, draft: BatchDraft) => {
    requireKnownDraft(draft, await pantryNow(gate));
    const isNew = await insertBatch(gate, id, draft, new Date(clockMs()));
    const row = await readBatch(gate, id);
    if (!row) throw new ApiError('INTERNAL');
    // The same request twice is answered twice the same; another draft under this id is not.
    if (!isNew && row.version === 1 && JSON.stringify(row.draft) !== JSON.stringify(draft))
      throw new ApiError('ID_TAKEN');
    return { row, status: isNew ? 201 : 200 };
  };

  router.post('/', async (req, res) => {
    const { id, draft } = validate<{ id: string; draft: BatchDraft }>(SCHEMAS.newBatch, req.body);
    const { row, status } = await store(id, draft);
    res.status(status).json(row);
  });

  router.post('/from-starter', async (req, res) => {
    const ask = validate<{
      id: string;
      name: string;
      form: FormId;
      starterId: string;
      pieces: number;
      eatAt: string;
    }>(SCHEMAS.starter, req.body);
    const { kitchen } = await readKitchen(gate);
    const made = newBatch(ask.name, ask.starterId, ask.pieces, ask.eatAt, ask.form);
    // Where local rules reheat to another temperature, a new batch is planned for it.
    const draft = kitchen.reheatC === undefined ? made : withRaw(made, null, kitchen.reheatC);
    const { row, status } = await store(ask.id, draft);
    res.status(status).json(row);
  });

  router.get('/:id', async (req, res) => {
    const { id } = validate<{ id: string }>(SCHEMAS.id, req.params);
    const row = await readBatch(gate, id);
    if (!row) throw new ApiError('NO_BATCH');
    res.json(row);
  });

  router.put('/:id', async (req, res) => {
    const { id } = validate<{ id: string }>(SCHEMAS.id, req.params);
    const { version, draft } = validate<{ version: number; draft: BatchDraft }>(SCHEMAS.saveBatch, req.body);
    requireKnownDraft(draft, await pantryNow(gate));
    const saved = await updateBatch(gate, id, draft, version);
    const row = await readBatch(gate, id);
    if (!row) throw new ApiError('NO_BATCH');
    if (!saved) throw new ApiError(row.status === 'done' ? 'BATCH_OVER' : 'STALE_VERSION');
    res.json(row);
  });

  router.delete('/:id', async (req, res) => {
    const { id } = validate<{ id: string }>(SCHEMAS.id, req.params);
    if (!(await deleteBatch(gate, id))) throw new ApiError('NO_BATCH');
    stoves.out(id);
    live.tell({ kind: 'stove', batchId: id, lit: false });
    res.status(204).end();
  });

  return router;
}
