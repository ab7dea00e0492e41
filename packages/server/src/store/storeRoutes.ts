import { oilToBuy, type PotWanted, type ShoppingAsk, shoppingList } from '@ember-fold/core/ledger';
import type { Pantry, SupperRow } from '@ember-fold/core/plan';
import { oilState } from '@ember-fold/core/stove';
import { isSupperOver } from '@ember-fold/core/supper';
import { Router } from 'express';
import { type BatchRow, listBatches } from '../batches/batchTable.js';
import { listBaseFormulas } from './formulaTable.js';
import { listOilEvents, readOil } from './oilTable.js';
import { listStock, writeStock } from './stockTable.js';
import { listSuppers } from '../supper/supperTable.js';
import type { Context } from '../http/context.js';
import { basesOf, kitchenFor, pantryNow } from '../kitchen/kitchenNow.js';
import { SCHEMAS } from '../http/schemas.js';
import { validate } from '../http/validate.js';
import { whileAsked } from '../http/whileAsked.js';

/** Oil is reckoned for the newest so many batches: each is planned for it. */
const MOST_FRIED = 40;

const isAsked = ({ id, draft }: BatchRow, { supper, batch, from, to }: ShoppingAsk): boolean => {
  const ms = Date.parse(draft.eatAt);
  return (
    (supper === undefined || draft.supper === supper) &&
    (batch === undefined || id === batch) &&
    (from === undefined || ms >= Date.parse(from)) &&
    (to === undefined || ms <= Date.parse(to))
  );
};

/** Ids of suppers that are over. */
function overSuppers(suppers: readonly SupperRow[], batches: readonly BatchRow[], nowMs: number): ReadonlySet<string> {
  const draftsOf = (id: string) => batches.flatMap(({ draft }) => (draft.supper === id ? [draft] : []));
  return new Set(suppers.flatMap(({ id, supper }) => (isSupperOver(supper, draftsOf(id), nowMs) ? [id] : [])));
}

/** What is on the shelf, and what all planned batches still want. It is long because it is a list of handlers; none knows another. */
export function storeRoutes({ gate, live, jobs, clockMs }: Context): Router {
  const router = Router();

  /** Each pot with the batches that are fried in it, and what is in it now. */
  const potsOf = async (batches: readonly BatchRow[], pantry: Pantry, signal: AbortSignal): Promise<PotWanted[]> => {
    const pots = new Map<
      string,
      { potM3: number; oilId: string | undefined; batches: { name: string; takenM3: number }[] }
    >();
    for (const { id, draft } of batches) {
      const kitchen = await kitchenFor(gate, draft, clockMs());
      const job = await jobs.jobOf(id, draft, kitchen, signal);
      if (!job) continue;
      const name = kitchen.potName ?? '';
      const pot = pots.get(name) ?? { potM3: kitchen.pot.oilM3, oilId: kitchen.potOil?.id, batches: [] };
      pot.batches.push({ name: draft.name, takenM3: job.takenM3 });
      pots.set(name, pot);
    }
    return await Promise.all(
      [...pots.values()].map(async ({ oilId, ...pot }) => {
        const oil = oilId === undefined ? null : await readOil(gate, oilId);
        if (!oil) return { ...pot, kept: null };
        const { volumeM3, advice } = oilState(oil, await listOilEvents(gate, oil.id), clockMs(), pantry);
        // What is to be poured away fills no pot.
        return { ...pot, kept: { ingredientId: oil.ingredientId, volumeM3: advice === 'discard' ? 0 : volumeM3 } };
      }),
    );
  };

  router.get('/stock', async (_req, res) => {
    res.json(await listStock(gate));
  });

  router.put('/stock/:id', async (req, res) => {
    const { id } = validate(SCHEMAS.ingredientId, req.params);
    const ask = validate(SCHEMAS.stock, req.body);
    (await pantryNow(gate)).find(id, 'id');
    const row = { ingredientId: id, ...ask };
    await writeStock(gate, row);
    live.changed('stock', id);
    res.json(row);
  });

  router.get('/shopping', async (req, res) => {
    const asked = validate(SCHEMAS.shopping, req.query);
    const signal = whileAsked(res);
    const planned = await listBatches(gate, ['planned']);
    // Nobody shops for a supper that is over, unless it is asked for by name.
    const over = overSuppers(await listSuppers(gate), planned, clockMs());
    const batches = planned.filter(
      (batch) =>
        isAsked(batch, asked) &&
        (asked.supper !== undefined || asked.batch !== undefined || !over.has(batch.draft.supper ?? '')),
    );
    const bases = basesOf(await listBaseFormulas(gate));
    const pantry = await pantryNow(gate);
    const drafts = batches.map((batch) => batch.draft);
    const oil = oilToBuy(await potsOf(batches.slice(0, MOST_FRIED), pantry, signal));
    res.json(shoppingList(drafts, await listStock(gate), bases, pantry, oil));
  });

  return router;
}
