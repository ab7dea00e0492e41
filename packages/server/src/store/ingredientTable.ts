import type { IngredientRow } from '@ember-fold/core/ledger';
import type { Ingredient } from '@ember-fold/core/plan';
import { fromJson, type Queries } from '../db/gate.js';

interface Raw {
  body: unknown;
  version: number;
}

const fromRaw = ({ body, version }: Raw): IngredientRow => ({ ingredient: fromJson<Ingredient>(body), version });

export async function listIngredientRows(q: Queries): Promise<IngredientRow[]> {
  return (await q.rows<Raw>('SELECT body, version FROM ingredient ORDER BY id LIMIT 2000')).map(fromRaw);
}

export async function readIngredientRow(q: Queries, id: string): Promise<IngredientRow | null> {
  const [row] = await q.rows<Raw>('SELECT body, version FROM ingredient WHERE id = ?', [id]);
  return row ? fromRaw(row) : null;
}

/** @param version 0 for a new row. @returns false when `version` is no longer the current one */
export async function writeIngredientRow(q: Queries, ingredient: Ingredient, version: number): Promise<boolean> {
  const body = JSON.stringify(ingredient);
  const done =
    version === 0
      ? await q.change(
          'INSERT IGNORE INTO ingredient (id, body, version, updated_at) VALUES (?, ?, 1, UTC_TIMESTAMP(3))',
          [ingredient.id, body],
        )
      : await q.change(
          'UPDATE ingredient SET body = ?, version = version + 1, updated_at = UTC_TIMESTAMP(3) WHERE id = ? AND version = ?',
          [body, ingredient.id, version],
        );
  return done.affectedRows === 1;
}

export async function deleteIngredientRow(q: Queries, id: string): Promise<boolean> {
  return (await q.change('DELETE FROM ingredient WHERE id = ?', [id])).affectedRows === 1;
}

/** Something that holds ingredients of this kitchen's own. */
export type IngredientOwner = 'batch' | 'formula' | 'oil';

/**
 * Holds the own ingredients that a batch, a formula or an oil uses, so that the database itself
 * refuses to delete one meanwhile; call inside a transaction, before they are looked up.
 *
 * @param adds keeps what is held already: older versions of a formula still use theirs
 */
export async function holdIngredients(
  q: Queries,
  owner: IngredientOwner,
  ownerId: string,
  ids: readonly string[],
  adds = false,
): Promise<void> {
  if (!adds) await releaseIngredients(q, ownerId);
  const unique = [...new Set(ids)];
  if (unique.length === 0) return;
  const marks = unique.map(() => '?').join(', ');
  await q.change(
    `INSERT IGNORE INTO ingredient_use (ingredient_id, owner, owner_id)
     SELECT id, ?, ? FROM ingredient WHERE id IN (${marks}) LOCK IN SHARE MODE`,
    [owner, ownerId, ...unique],
  );
}

export async function releaseIngredients(q: Queries, ownerId: string): Promise<void> {
  await q.change('DELETE FROM ingredient_use WHERE owner_id = ?', [ownerId]);
}

/** Lets go of a changed shipped row: without it, what uses it has the shipped one again. */
export async function releaseEverywhere(q: Queries, id: string): Promise<void> {
  await q.change('DELETE FROM ingredient_use WHERE ingredient_id = ?', [id]);
}
