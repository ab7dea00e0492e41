import type { LedgerEntry, LedgerFigures } from '@ember-fold/core/ledger';
import type { Paged } from '@ember-fold/core/plan';
import { Router } from 'express';
import { listEndedStoves, type ListedStove, readStove, writeFigures } from '../stove/stoveTable.js';
import { countTags, listTags } from './tagTable.js';
import type { Queries } from '../db/gate.js';
import type { Context } from '../http/context.js';
import { searchOf } from '../http/validate.js';
import { happenedIn } from './happenedIn.js';
import { tagOf } from './ledgerSchemas.js';

/** Records in one page of the list. */
const PAGE = 50;
/** Of a list of a thousand, asked for whole: pages no larger than this. */
const MOST_PAGE = 1000;
const MARK = /^(\d{1,15})\.([0-9a-f-]{36})$/;

/** Stored when the batch was finished; of older ones added up once, and stored. */
async function figuresOf(gate: Queries, { id, figures }: ListedStove): Promise<LedgerFigures | null> {
  if (figures) return figures;
  const stove = await readStove(gate, id);
  if (!stove?.endedAt) return null;
  const found = (await happenedIn(gate, id, stove.draft)).whole;
  await writeFigures(gate, id, found);
  return found;
}

/** Finished batches: what was planned, what happened, what was noted. */
export function ledgerRoutes(context: Context): Router {
  const { gate } = context;
  const router = Router();

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
      const figures = await figuresOf(gate, one);
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

  return router;
}
