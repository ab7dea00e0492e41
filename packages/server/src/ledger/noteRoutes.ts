import { Router } from 'express';
import { readBatch } from '../batches/batchTable.js';
import { ApiError } from '../errors.js';
import type { Context } from '../http/context.js';
import { SCHEMAS } from '../http/schemas.js';
import { validate } from '../http/validate.js';
import { tagOf } from './ledgerSchemas.js';
import { readLooks, writeLooks } from './looksTable.js';
import { readNote, writeNote } from './noteTable.js';
import { requireRecord } from './requireRecord.js';
import { addTag, listTags, removeTag } from './tagTable.js';

/** Tags of one record, at most. */
const MOST_TAGS = 12;

/** What a cook says of a record: tags, notes, and how it looked and tasted. */
export function noteRoutes({ gate, live, lessons }: Context): Router {
  const router = Router();

  /** A tag is there or it is not: two devices that tag one record do not undo one another. */
  router.put('/:id/tags', async (req, res) => {
    const { id } = validate(SCHEMAS.id, req.params);
    const { tag: said, on } = validate(SCHEMAS.tag, req.body);
    const tag = tagOf(said);
    if (tag === null) throw new ApiError('BAD_INPUT', undefined, 'tag');
    await requireRecord(gate, id);
    if (on && ((await listTags(gate, [id])).get(id) ?? []).length >= MOST_TAGS)
      throw new ApiError('MANY_TAGS', undefined, 'tag');
    await (on ? addTag : removeTag)(gate, id, tag);
    live.changed('ledger', id);
    res.json({ tags: (await listTags(gate, [id])).get(id) ?? [] });
  });

  router.put('/:id/notes', async (req, res) => {
    const { id } = validate(SCHEMAS.id, req.params);
    const { version, notes } = validate(SCHEMAS.notes, req.body);
    if (!(await readBatch(gate, id))) throw new ApiError('NO_BATCH');
    const saved = await writeNote(gate, id, notes, version);
    const note = await readNote(gate, id);
    // The same request again, after a lost answer.
    if (!saved && !(note.version === version + 1 && note.notes === notes)) throw new ApiError('STALE_VERSION');
    if (saved) live.changed('ledger', id);
    res.json(note);
  });

  router.put('/:id/looks', async (req, res) => {
    const { id } = validate(SCHEMAS.id, req.params);
    const asked = validate(SCHEMAS.looks, req.body);
    if (!(await readBatch(gate, id))) throw new ApiError('NO_BATCH');
    const saved = await writeLooks(gate, id, asked);
    const row = await readLooks(gate, id);
    const again = row.version === asked.version + 1 && JSON.stringify(row.looks) === JSON.stringify(asked.looks);
    if (!saved && !again) throw new ApiError('STALE_VERSION');
    if (saved) {
      live.changed('ledger', id);
      await lessons.teach(id);
    }
    res.json(row);
  });

  return router;
}
