import { ledgerFigures, planBatch, plannedFigures } from '@ember-fold/core';
import { Router } from 'express';
import { listActs } from '../db/actTable.js';
import { listBatches, readBatch } from '../db/batchTable.js';
import { readNote, writeNote } from '../db/noteTable.js';
import { traceReadings } from '../db/readingTable.js';
import { readStove } from '../db/stoveTable.js';
import { ApiError } from '../errors.js';
import type { Context } from './context.js';
import { SCHEMAS, validate } from './validate.js';

/** Finished batches: what was planned, what happened, what was noted. */
export function ledgerRoutes({ gate }: Context): Router {
  const router = Router();

  const record = async (id: string) => {
    const stove = await readStove(gate, id);
    if (!stove?.endedAt) throw new ApiError((await readBatch(gate, id)) ? 'NOT_FOUND' : 'NO_BATCH');
    const acts = (await listActs(gate, id)).map((stored) => stored.act);
    const readings = await traceReadings(gate, id);
    const figures = ledgerFigures(acts, readings, stove.draft.pieces, stove.draft.fry.oilC);
    return { stove, acts, readings, figures };
  };

  router.get('/', async (_req, res) => {
    const rows = await listBatches(gate, ['done']);
    const entries = await Promise.all(
      rows.map(async (row) => {
        const { stove, figures } = await record(row.id);
        return {
          id: row.id,
          name: stove.draft.name,
          pieces: stove.draft.pieces,
          startedAt: stove.startedAt.toISOString(),
          figures,
        };
      }),
    );
    res.json(entries.sort((a, b) => (a.startedAt < b.startedAt ? 1 : -1)));
  });

  router.get('/:id', async (req, res) => {
    const { id } = validate<{ id: string }>(SCHEMAS.id, req.params);
    const { stove, acts, readings, figures } = await record(id);
    res.json({
      id,
      draft: stove.draft,
      kitchen: stove.kitchen,
      startedAt: stove.startedAt.toISOString(),
      endedAt: stove.endedAt?.toISOString() ?? null,
      acts,
      readings: readings.map(({ atS, probeC }) => ({ atS, probeC })),
      figures,
      planned: plannedFigures(planBatch(stove.draft, stove.kitchen, null)),
      note: await readNote(gate, id),
    });
  });

  router.put('/:id/notes', async (req, res) => {
    const { id } = validate<{ id: string }>(SCHEMAS.id, req.params);
    const { version, notes } = validate<{ version: number; notes: string }>(SCHEMAS.notes, req.body);
    if (!(await readBatch(gate, id))) throw new ApiError('NO_BATCH');
    if (!(await writeNote(gate, id, notes, version))) throw new ApiError('STALE_VERSION');
    res.json(await readNote(gate, id));
  });

  return router;
}
