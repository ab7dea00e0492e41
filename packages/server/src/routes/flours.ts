import { type Felt, doughFigures, flourBelief, observeFlour } from '@ember-fold/core';
import { Router } from 'express';
import {
  deleteFlourRow,
  type FlourRow,
  insertFlourRow,
  listFlourRows,
  readFlourRow,
  updateFlourRow,
} from '../db/flourTable.js';
import { ApiError } from '../errors.js';
import type { Context } from './context.js';
import { SCHEMAS, validate } from './validate.js';

type Asked = Pick<FlourRow, 'id' | 'batchName' | 'dough' | 'pouredKg' | 'felt'>;

/** What one dough says by today's model; `null` when it says nothing any more. */
function observed(row: FlourRow) {
  return observeFlour(row.dough.lines, row.dough.family, row.pouredKg, row.felt);
}

function answerOf(row: FlourRow) {
  const { id, flourId, batchName, pouredKg, felt, notedAt } = row;
  return {
    id,
    flourId,
    batchName,
    pouredKg,
    felt,
    notedAt: notedAt.toISOString(),
    shift: observed(row)?.shift ?? null,
  };
}

/** What was learnt of the flours: note a dough, change it, forget it; beliefs are computed from all of them. */
export function flourRoutes({ gate, clockMs }: Context): Router {
  const router = Router();

  router.get('/', async (_req, res) => {
    const rows = await listFlourRows(gate);
    const seen = rows.flatMap((row) => {
      const observation = observed(row);
      return observation ? [{ flourId: row.flourId, observation }] : [];
    });
    const ids = [...new Set(seen.map(({ flourId }) => flourId))];
    const beliefs = Object.fromEntries(
      ids.map((id) => [id, flourBelief(seen.filter((s) => s.flourId === id).map((s) => s.observation))]),
    );
    res.json({ beliefs, observations: rows.map(answerOf) });
  });

  router.post('/', async (req, res) => {
    const ask = validate<Asked>(SCHEMAS.flour, req.body);
    const { mainFlourId } = doughFigures(ask.dough.lines, ask.dough.family);
    if (!mainFlourId || !observeFlour(ask.dough.lines, ask.dough.family, ask.pouredKg, ask.felt)) {
      throw new ApiError('NOTHING_LEARNT', undefined, 'dough');
    }
    const row: FlourRow = { ...ask, flourId: mainFlourId, notedAt: new Date(clockMs()) };
    const isNew = await insertFlourRow(gate, row);
    const kept = await readFlourRow(gate, ask.id);
    if (!kept) throw new ApiError('INTERNAL');
    res.status(isNew ? 201 : 200).json(answerOf(kept));
  });

  router.put('/:id', async (req, res) => {
    const { id } = validate<{ id: string }>(SCHEMAS.id, req.params);
    const { pouredKg, felt } = validate<{ pouredKg: number; felt: Felt }>(SCHEMAS.flourChange, req.body);
    if (!(await updateFlourRow(gate, id, pouredKg, felt))) throw new ApiError('NO_OBSERVATION');
    const row = await readFlourRow(gate, id);
    if (!row) throw new ApiError('NO_OBSERVATION');
    res.json(answerOf(row));
  });

  router.delete('/:id', async (req, res) => {
    const { id } = validate<{ id: string }>(SCHEMAS.id, req.params);
    if (!(await deleteFlourRow(gate, id))) throw new ApiError('NO_OBSERVATION');
    res.status(204).end();
  });

  return router;
}
