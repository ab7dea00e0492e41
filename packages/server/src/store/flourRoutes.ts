import { doughFigures, type Pantry } from '@ember-fold/core/plan';
import { Router } from 'express';
import {
  deleteFlourRow,
  type FlourRow,
  insertFlourRow,
  listFlourRows,
  readFlourRow,
  updateFlourRow,
} from './flourTable.js';
import { ApiError } from '../errors.js';
import type { Context } from '../http/context.js';
import { beliefsFrom, observed, pantryNow, requireKnown } from '../kitchen/kitchenNow.js';
import { SCHEMAS } from '../http/schemas.js';
import { validate } from '../http/validate.js';

function answerOf(row: FlourRow, pantry: Pantry) {
  const { id, flourId, batchName, pouredKg, felt, notedAt } = row;
  return {
    id,
    flourId,
    batchName,
    pouredKg,
    felt,
    notedAt: notedAt.toISOString(),
    shift: observed(row, pantry)?.shift ?? null,
  };
}

/** What was learnt of the flours: note a dough, change it, forget it; beliefs are computed from all of them. */
export function flourRoutes({ gate, live, clockMs }: Context): Router {
  const router = Router();

  router.get('/', async (_req, res) => {
    const rows = await listFlourRows(gate);
    const pantry = await pantryNow(gate);
    const beliefs = beliefsFrom(rows, pantry);
    res.json({ beliefs, observations: rows.map((row) => answerOf(row, pantry)) });
  });

  router.post('/', async (req, res) => {
    const ask = validate(SCHEMAS.flour, req.body);
    const pantry = await pantryNow(gate);
    requireKnown(ask.dough.lines, 'dough.lines', pantry);
    const { mainFlourId } = doughFigures(ask.dough.lines, ask.dough.family, { pantry });
    const row: FlourRow = { ...ask, flourId: mainFlourId ?? '', notedAt: new Date(clockMs()) };
    if (!mainFlourId || !observed(row, pantry)) throw new ApiError('NOTHING_LEARNT', undefined, 'dough');
    const isNew = await insertFlourRow(gate, row);
    const kept = await readFlourRow(gate, ask.id);
    if (!kept) throw new ApiError('INTERNAL');
    if (isNew) live.changed('flours', ask.id);
    res.status(isNew ? 201 : 200).json(answerOf(kept, pantry));
  });

  router.put('/:id', async (req, res) => {
    const { id } = validate(SCHEMAS.id, req.params);
    const { pouredKg, felt } = validate(SCHEMAS.flourChange, req.body);
    if (!(await updateFlourRow(gate, id, pouredKg, felt))) throw new ApiError('NO_OBSERVATION');
    const row = await readFlourRow(gate, id);
    if (!row) throw new ApiError('NO_OBSERVATION');
    live.changed('flours', id);
    res.json(answerOf(row, await pantryNow(gate)));
  });

  router.delete('/:id', async (req, res) => {
    const { id } = validate(SCHEMAS.id, req.params);
    if (!(await deleteFlourRow(gate, id))) throw new ApiError('NO_OBSERVATION');
    live.changed('flours', id);
    res.status(204).end();
  });

  return router;
}
