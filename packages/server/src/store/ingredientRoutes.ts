import { isShipped } from '@ember-fold/core/plan';
import { Router } from 'express';
import {
  deleteIngredientRow,
  listIngredientRows,
  readIngredientRow,
  releaseEverywhere,
  writeIngredientRow,
} from './ingredientTable.js';
import { listBaseFormulas } from './formulaTable.js';
import { isReferenced } from '../db/gate.js';
import { listUsesOf } from './usesTable.js';
import { ApiError } from '../errors.js';
import type { Context } from '../http/context.js';
import { basesOf } from '../kitchen/kitchenNow.js';
import { SCHEMAS } from '../http/schemas.js';
import { validate } from '../http/validate.js';

/** Ingredients this kitchen added or changed, and its bases; the shipped ones are in core. */
export function ingredientRoutes({ gate, live }: Context): Router {
  const router = Router();

  router.get('/', async (_req, res) => {
    res.json({ rows: await listIngredientRows(gate), bases: basesOf(await listBaseFormulas(gate)) });
  });

  router.put('/:id', async (req, res) => {
    const { id } = validate(SCHEMAS.ingredientId, req.params);
    const { version, ingredient } = validate(SCHEMAS.ingredient, req.body);
    if (ingredient.id !== id)
      throw new ApiError('BAD_INPUT', 'The id in the body is not the one in the address.', 'ingredient.id');
    const saved = await writeIngredientRow(gate, ingredient, version);
    const row = await readIngredientRow(gate, id);
    if (!row) throw new ApiError('NO_INGREDIENT');
    // The same request twice, as after a lost answer, is answered twice the same.
    const again = row.version === version + 1 && JSON.stringify(row.ingredient) === JSON.stringify(ingredient);
    if (!saved && !again) throw new ApiError('STALE_VERSION');
    if (saved) live.changed('ingredients', id);
    res.status(saved && version === 0 ? 201 : 200).json(row);
  });

  router.get('/:id/uses', async (req, res) => {
    const { id } = validate(SCHEMAS.ingredientId, req.params);
    res.json(await listUsesOf(gate, id));
  });

  router.delete('/:id', async (req, res) => {
    const { id } = validate(SCHEMAS.ingredientId, req.params);
    const inUse = async () => {
      const uses = await listUsesOf(gate, id);
      const named = uses.slice(0, 3).map((use) => `"${use.name}"`);
      const where = `${named.join(', ')}${uses.length > 3 ? ` and ${uses.length - 3} more` : ''}`;
      return new ApiError('IN_USE', where === '' ? undefined : `It is used in ${where}; remove it there first.`);
    };
    await gate
      .transaction(async (q) => {
        // A changed shipped row goes back to what was shipped; a row of one's own must not be missed anywhere.
        if (isShipped(id)) await releaseEverywhere(q, id);
        // What uses it holds it: the database itself refuses, also against a save of this very moment.
        if (!(await deleteIngredientRow(q, id))) throw new ApiError('NO_INGREDIENT');
      })
      .catch(async (cause: unknown) => {
        throw isReferenced(cause) ? await inUse() : cause;
      });
    live.changed('ingredients', id);
    res.status(204).end();
  });

  return router;
}
