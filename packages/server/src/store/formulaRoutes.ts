import { baseIngredientId, type FormulaBody } from '@ember-fold/core/ledger';
import { Router } from 'express';
import {
  insertFormula,
  insertVersion,
  listFormulas,
  listFormulaVersions,
  readFormula,
  updateFormula,
} from './formulaTable.js';
import type { Queries } from '../db/gate.js';
import { holdIngredients } from './ingredientTable.js';
import { listBatchesFrom, listUsesOf } from './usesTable.js';
import { ApiError } from '../errors.js';
import type { Context } from '../http/context.js';
import { pantryNow, requireKnown } from '../kitchen/kitchenNow.js';
import { SCHEMAS } from '../http/schemas.js';
import { validate } from '../http/validate.js';

/**
 * Formulas of the Store: every save that changes what is made is a new version; none is ever
 * lost. It is long because it is a list of handlers; none knows another.
 */
export function formulaRoutes({ gate, live, clockMs }: Context): Router {
  const router = Router();

  const requireLines = async (q: Queries, id: string, body: FormulaBody) => {
    const at = body.kind === 'base' ? body.lines.findIndex((line) => line.ingredientId.startsWith('base-')) : -1;
    if (at >= 0) throw new ApiError('BAD_INPUT', 'A base holds no other base.', `body.lines.${at}.ingredientId`);
    // Older versions stay and use what they used.
    const ids = body.lines.map((line) => line.ingredientId);
    await holdIngredients(q, 'formula', id, ids, true);
    requireKnown(body.lines, 'body.lines', await pantryNow(q));
  };

  const answer = async (id: string) => {
    const row = await readFormula(gate, id);
    if (!row) throw new ApiError('NO_FORMULA');
    return { ...row, versions: await listFormulaVersions(gate, id) };
  };

  router.get('/', async (_req, res) => {
    res.json(await listFormulas(gate));
  });

  router.post('/', async (req, res) => {
    const { id, name, body } = validate(SCHEMAS.newFormula, req.body);
    const isNew = await gate.transaction(async (q) => {
      await requireLines(q, id, body);
      return await insertFormula(q, id, name, body, new Date(clockMs()));
    });
    const kept = await answer(id);
    const first = kept.versions.at(-1)!;
    if (!isNew && JSON.stringify(first.body) !== JSON.stringify(body)) throw new ApiError('ID_TAKEN');
    if (isNew) live.changed('formulas', id);
    res.status(isNew ? 201 : 200).json(kept);
  });

  router.get('/:id', async (req, res) => {
    const { id } = validate(SCHEMAS.id, req.params);
    res.json(await answer(id));
  });

  router.put('/:id', async (req, res) => {
    const { id } = validate(SCHEMAS.id, req.params);
    const ask = validate(SCHEMAS.saveFormula, req.body);
    await gate.transaction(async (q) => {
      const now = await readFormula(q, id);
      if (!now) throw new ApiError('NO_FORMULA');
      if (now.body.kind !== ask.body.kind) throw new ApiError('BAD_INPUT', 'A formula stays of its kind.', 'body.kind');
      const same = JSON.stringify(now.body) === JSON.stringify(ask.body);
      // The same request again, after a lost answer.
      const done = now.name === ask.name && now.archived === ask.archived && same;
      if (done && now.edition === ask.edition + 1) return;
      const at = new Date(clockMs());
      if (!(await updateFormula(q, { id, ...ask }, at))) throw new ApiError('STALE_VERSION');
      if (same) return;
      await requireLines(q, id, ask.body);
      await insertVersion(q, id, now.version + 1, ask.body, at);
    });
    live.changed('formulas', id);
    res.json(await answer(id));
  });

  router.get('/:id/uses', async (req, res) => {
    const { id } = validate(SCHEMAS.id, req.params);
    if (!(await readFormula(gate, id))) throw new ApiError('NO_FORMULA');
    const lines = await listUsesOf(gate, baseIngredientId(id));
    const taken = await listBatchesFrom(gate, id);
    res.json([...taken, ...lines.filter((use) => !taken.some((one) => one.id === use.id))]);
  });

  return router;
}
