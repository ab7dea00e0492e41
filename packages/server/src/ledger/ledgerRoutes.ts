import type { LedgerEntry, LedgerFigures, LedgerRecord } from '@ember-fold/core/ledger';
import { type BatchDraft, batchFigures, fryTrays, type Paged, plannedFigures } from '@ember-fold/core/plan';
import { Router } from 'express';
import { imageSize } from 'image-size';
import { listActs } from '../stove/actTable.js';
import { listCookActs } from '../batches/cookTable.js';
import { readBatch } from '../batches/batchTable.js';
import { readLooks, writeLooks } from './looksTable.js';
import { readNote, writeNote } from './noteTable.js';
import { deletePhoto, listPhotos, readPhoto, writePhoto } from './photoTable.js';
import { traceReadings } from '../stove/readingTable.js';
import {
  goneAt,
  isThinned,
  listEndedStoves,
  type ListedStove,
  readStove,
  writeFigures,
  writeGone,
} from '../stove/stoveTable.js';
import { addTag, countTags, listTags, removeTag } from './tagTable.js';
import { ApiError } from '../errors.js';
import type { Context } from '../http/context.js';
import { SCHEMAS } from '../http/schemas.js';
import { searchOf, validate } from '../http/validate.js';
import { tagOf } from './ledgerSchemas.js';

/** Longer side of a kept picture, pixels: pages make it 320. A small file may unfold to gigabytes in whoever looks at it. */
const MOST_SIDE = 1024;

function isSmallJpeg(bytes: Uint8Array): boolean {
  try {
    const { type, width, height } = imageSize(bytes);
    return type === 'jpg' && Math.max(width, height) <= MOST_SIDE;
  } catch {
    // It has no head that any picture has.
    return false;
  }
}

/** Tags of one record, at most. */
const MOST_TAGS = 12;
/** Records in one page of the list. */
const PAGE = 50;
/** Of a list of a thousand, asked for whole: pages no larger than this. */
const MOST_PAGE = 1000;
const MARK = /^(\d{1,15})\.([0-9a-f-]{36})$/;

/** Finished batches: what was planned, what happened, what was noted. Long for it is a list of handlers; none knows another. */
export function ledgerRoutes({ gate, live, lessons, planTrays, clockMs }: Context): Router {
  const router = Router();

  const happened = async (id: string, draft: BatchDraft) => {
    const acts = (await listActs(gate, id)).map((stored) => stored.act);
    const readings = await traceReadings(gate, id);
    return { acts, readings, ...batchFigures(draft, acts, readings) };
  };

  /** Stored when the batch was finished; of older ones added up once, and stored. */
  const figuresOf = async ({ id, figures }: ListedStove): Promise<LedgerFigures | null> => {
    if (figures) return figures;
    const stove = await readStove(gate, id);
    if (!stove?.endedAt) return null;
    const found = (await happened(id, stove.draft)).whole;
    await writeFigures(gate, id, found);
    return found;
  };

  router.get('/', async (req, res) => {
    const mark = MARK.exec(String(req.query['after'] ?? ''));
    const wanted = Number(req.query['most'] ?? PAGE);
    const most = Number.isInteger(wanted) && wanted >= 1 && wanted <= MOST_PAGE ? wanted : PAGE;
    const after = mark ? { startedMs: Number(mark[1]), id: mark[2]! } : null;
    const tag = tagOf(req.query['tag']) ?? '';
    const asked = { search: searchOf(req), tag, isGone: req.query['gone'] === '1' };
    const found = await listEndedStoves(gate, asked, after, most + 1);
    const page = found.slice(0, most);
    const rows: LedgerEntry[] = [];
    const tags = await listTags(
      gate,
      page.map(({ id }) => id),
    );
    for (const one of page) {
      const figures = await figuresOf(one);
      const { id, name, pieces, startedAt } = one;
      if (figures)
        rows.push({ id, name, pieces, startedAt: startedAt.toISOString(), figures, tags: tags.get(id) ?? [] });
    }
    const last = found.length > most ? page[page.length - 1]! : null;
    const answer: Paged<LedgerEntry> = { rows, next: last && `${last.startedAt.getTime()}.${last.id}` };
    res.json(answer);
  });

  router.get('/tags', async (_req, res) => {
    res.json(await countTags(gate));
  });

  router.get('/:id', async (req, res) => {
    const { id } = validate(SCHEMAS.id, req.params);
    const stove = await readStove(gate, id);
    if (!stove?.endedAt) throw new ApiError((await readBatch(gate, id)) ? 'NOT_FOUND' : 'NO_BATCH');
    const { acts, readings, whole, trays } = await happened(id, stove.draft);
    const planned = await planTrays(stove.draft, stove.kitchen);
    const answer: LedgerRecord = {
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
    res.json(answer);
  });

  const requireRecord = async (id: string) => {
    if ((await goneAt(gate, id)) === undefined)
      throw new ApiError((await readBatch(gate, id)) ? 'NOT_FOUND' : 'NO_BATCH');
  };

  /** A tag is there or it is not: two devices that tag one record do not undo one another. */
  router.put('/:id/tags', async (req, res) => {
    const { id } = validate(SCHEMAS.id, req.params);
    const { tag: said, on } = validate(SCHEMAS.tag, req.body);
    const tag = tagOf(said);
    if (tag === null) throw new ApiError('BAD_INPUT', undefined, 'tag');
    await requireRecord(id);
    if (on && ((await listTags(gate, [id])).get(id) ?? []).length >= MOST_TAGS)
      throw new ApiError('MANY_TAGS', undefined, 'tag');
    await (on ? addTag : removeTag)(gate, id, tag);
    live.changed('ledger', id);
    res.json({ tags: (await listTags(gate, [id])).get(id) ?? [] });
  });

  /** Only a JPEG is kept, and only as that it is handed out. */
  router.put('/:id/photos/:mark', async (req, res) => {
    const { id, mark } = validate(SCHEMAS.photoOf, req.params);
    const { jpeg } = validate(SCHEMAS.photo, req.body);
    await requireRecord(id);
    const bytes = Buffer.from(jpeg, 'base64');
    if (!isSmallJpeg(bytes)) throw new ApiError('BAD_INPUT', undefined, 'jpeg');
    await writePhoto(gate, id, mark, bytes, new Date(clockMs()));
    live.changed('ledger', id);
    res.status(204).end();
  });

  router.get('/:id/photos/:mark', async (req, res) => {
    const { id, mark } = validate(SCHEMAS.photoOf, req.params);
    const jpeg = await readPhoto(gate, id, mark);
    if (!jpeg) throw new ApiError('NOT_FOUND');
    res.type('image/jpeg').set('X-Content-Type-Options', 'nosniff').send(jpeg);
  });

  router.delete('/:id/photos/:mark', async (req, res) => {
    const { id, mark } = validate(SCHEMAS.photoOf, req.params);
    await deletePhoto(gate, id, mark);
    live.changed('ledger', id);
    res.status(204).end();
  });

  const setGone = async (id: string, at: Date | null) => {
    await requireRecord(id);
    await writeGone(gate, id, at);
    live.changed('ledger', id);
    await lessons.teach(id);
  };

  router.delete('/:id', async (req, res) => {
    const { id } = validate(SCHEMAS.id, req.params);
    // Deleted twice is deleted since the first time.
    if (!(await goneAt(gate, id))) await setGone(id, new Date(clockMs()));
    res.status(204).end();
  });

  router.post('/:id/back', async (req, res) => {
    const { id } = validate(SCHEMAS.id, req.params);
    await setGone(id, null);
    res.json({ id });
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
