import type { LedgerRecord } from '@ember-fold/core/ledger';
import { fryTrays, plannedFigures } from '@ember-fold/core/plan';
import { Router } from 'express';
import { readBatch } from '../batches/batchTable.js';
import { listCookActs } from '../batches/cookTable.js';
import { ApiError } from '../errors.js';
import type { Context } from '../http/context.js';
import { SCHEMAS } from '../http/schemas.js';
import { validate } from '../http/validate.js';
import { goneAt, isThinned, readStove, type StoveRow, writeDeletedAt } from '../stove/stoveTable.js';
import { happenedIn } from './happenedIn.js';
import { readLooks } from './looksTable.js';
import { readNote } from './noteTable.js';
import { listPhotos } from './photoTable.js';
import { requireRecord } from './requireRecord.js';
import { listTags } from './tagTable.js';

type EndedStove = StoveRow & { readonly endedAt: Date };

/** Everything that is known of one finished batch. */
async function recordOf({ gate, planTrays }: Context, id: string, stove: EndedStove): Promise<LedgerRecord> {
  const { acts, readings, whole, trays } = await happenedIn(gate, id, stove.draft);
  const planned = await planTrays(stove.draft, stove.kitchen);
  return {
    id,
    draft: stove.draft,
    kitchen: stove.kitchen,
    startedAt: stove.startedAt.toISOString(),
    endedAt: stove.endedAt.toISOString(),
    acts,
    readings: readings.map(({ atS, probeC }) => ({ atS, probeC })),
    cookActs: (await listCookActs(gate, id)).map(({ act }) => act),
    figures: whole,
    trays: fryTrays(stove.draft).map(({ draft: { mark = 'A' }, first }) => {
      const { draft, plan } = planned.find((one) => (one.draft.mark ?? 'A') === mark)!;
      return { mark, first, figures: trays[mark]!, planned: plannedFigures(plan, draft) };
    }),
    note: await readNote(gate, id),
    looks: await readLooks(gate, id),
    tags: (await listTags(gate, [id])).get(id) ?? [],
    photos: await listPhotos(gate, id),
    isThinned: await isThinned(gate, id),
    goneAt: (await goneAt(gate, id))?.toISOString() ?? null,
  };
}

/** One record: read, deleted, and taken back from the bin. */
export function recordRoutes(context: Context): Router {
  const { gate, live, lessons, clockMs } = context;
  const router = Router();

  router.get('/:id', async (req, res) => {
    const { id } = validate(SCHEMAS.id, req.params);
    const stove = await readStove(gate, id);
    if (!stove?.endedAt) throw new ApiError((await readBatch(gate, id)) ? 'NOT_FOUND' : 'NO_BATCH');
    res.json(await recordOf(context, id, { ...stove, endedAt: stove.endedAt }));
  });

  const setDeleted = async (id: string, at: Date | null) => {
    await requireRecord(gate, id);
    await writeDeletedAt(gate, id, at);
    live.changed('ledger', id);
    await lessons.teach(id);
  };

  router.delete('/:id', async (req, res) => {
    const { id } = validate(SCHEMAS.id, req.params);
    // Deleted twice is deleted since the first time.
    if (!(await goneAt(gate, id))) await setDeleted(id, new Date(clockMs()));
    res.status(204).end();
  });

  router.post('/:id/back', async (req, res) => {
    const { id } = validate(SCHEMAS.id, req.params);
    await setDeleted(id, null);
    res.json({ id });
  });

  return router;
}
