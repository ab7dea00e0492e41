import {
  type BatchDraft,
  type LedgerEntry,
  type LedgerFigures,
  batchFigures,
  fryTrays,
  type LedgerRecord,
  type LooksRow,
  type Paged,
  planTrays,
  plannedFigures,
} from '@ember-fold/core';
import { Router } from 'express';
import { listActs } from '../db/actTable.js';
import { listCookActs } from '../db/cookTable.js';
import { readBatch } from '../db/batchTable.js';
import { readLooks, writeLooks } from '../db/looksTable.js';
import { readNote, writeNote } from '../db/noteTable.js';
import { traceReadings } from '../db/readingTable.js';
import { listEndedStoves, type ListedStove, readStove, writeFigures } from '../db/stoveTable.js';
import { ApiError } from '../errors.js';
import type { Context } from './context.js';
import { SCHEMAS, searchOf, validate } from './validate.js';

/** Records in one page of the list. */
const PAGE = 50;
/** Of a list of a thousand, asked for whole: pages no larger than this. */
const MOST_PAGE = 1000;
const MARK = /^(\d{1,15})\.([0-9a-f-]{36})$/;

/** Finished batches: what was planned, what happened, what was noted. Long for it is a list of handlers; none knows another. */
export function ledgerRoutes({ gate, live, lessons }: Context): Router {
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
    const asked = Number(req.query['most'] ?? PAGE);
    const most = Number.isInteger(asked) && asked >= 1 && asked <= MOST_PAGE ? asked : PAGE;
    const after = mark ? { startedMs: Number(mark[1]), id: mark[2]! } : null;
    const found = await listEndedStoves(gate, searchOf(req), after, most + 1);
    const page = found.slice(0, most);
    const rows: LedgerEntry[] = [];
    for (const one of page) {
      const figures = await figuresOf(one);
      const { id, name, pieces, startedAt } = one;
      if (figures) rows.push({ id, name, pieces, startedAt: startedAt.toISOString(), figures });
    }
    const last = found.length > most ? page[page.length - 1]! : null;
    const answer: Paged<LedgerEntry> = { rows, next: last && `${last.startedAt.getTime()}.${last.id}` };
    res.json(answer);
  });

  router.get('/:id', async (req, res) => {
    const { id } = validate<{ id: string }>(SCHEMAS.id, req.params);
    const stove = await readStove(gate, id);
    if (!stove?.endedAt) throw new ApiError((await readBatch(gate, id)) ? 'NOT_FOUND' : 'NO_BATCH');
    const { acts, readings, whole, trays } = await happened(id, stove.draft);
    const planned = planTrays(stove.draft, stove.kitchen, null);
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
    };
    res.json(answer);
  });

  router.put('/:id/notes', async (req, res) => {
    const { id } = validate<{ id: string }>(SCHEMAS.id, req.params);
    const { version, notes } = validate<{ version: number; notes: string }>(SCHEMAS.notes, req.body);
    if (!(await readBatch(gate, id))) throw new ApiError('NO_BATCH');
    const saved = await writeNote(gate, id, notes, version);
    const note = await readNote(gate, id);
    // The same request again, after a lost answer.
    if (!saved && !(note.version === version + 1 && note.notes === notes)) throw new ApiError('STALE_VERSION');
    if (saved) live.changed('ledger', id);
    res.json(note);
  });

  router.put('/:id/looks', async (req, res) => {
    const { id } = validate<{ id: string }>(SCHEMAS.id, req.params);
    const asked = validate<LooksRow>(SCHEMAS.looks, req.body);
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
