import type { Ingredient } from '@ember-fold/core';
import { fromJson, type Queries } from './gate.js';

/** One row this kitchen added or changed. */
export interface IngredientRow {
  readonly ingredient: Ingredient;
  readonly version: number;
}

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
