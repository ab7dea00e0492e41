import { shoppingList, type StockRow } from '@ember-fold/core';
import { Router } from 'express';
import { listBatches } from '../db/batchTable.js';
import { listBaseFormulas } from '../db/formulaTable.js';
import { listStock, writeStock } from '../db/stockTable.js';
import type { Context } from './context.js';
import { basesOf, pantryNow } from './kitchenNow.js';
import { SCHEMAS, validate } from './validate.js';

/** What is on the shelf, and what all planned batches still want. */
export function storeRoutes({ gate, live }: Context): Router {
  const router = Router();

  router.get('/stock', async (_req, res) => {
    res.json(await listStock(gate));
  });

  router.put('/stock/:id', async (req, res) => {
    const { id } = validate<{ id: string }>(SCHEMAS.ingredientId, req.params);
    const ask = validate<Omit<StockRow, 'ingredientId'>>(SCHEMAS.stock, req.body);
    (await pantryNow(gate)).find(id, 'id');
    const row = { ingredientId: id, ...ask };
    await writeStock(gate, row);
    live.changed('stock', id);
    res.json(row);
  });

  router.get('/shopping', async (_req, res) => {
    const batches = await listBatches(gate, ['planned']);
    const bases = basesOf(await listBaseFormulas(gate));
    const drafts = batches.map((batch) => batch.draft);
    res.json(shoppingList(drafts, await listStock(gate), bases, await pantryNow(gate)));
  });

  return router;
}
