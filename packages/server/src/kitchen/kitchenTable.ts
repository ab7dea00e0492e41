import { DEFAULT_KITCHEN, type Kitchen, type KitchenRow } from '@ember-fold/core/plan';
import { fromJson, type Queries } from '../db/gate.js';

/** The kitchen, or the default one at version 0 when none was saved yet. */
export async function readKitchen(q: Queries): Promise<KitchenRow> {
  const [row] = await q.rows<{ body: unknown; version: number }>('SELECT body, version FROM kitchen WHERE id = 1');
  return row
    ? { kitchen: fromJson<Kitchen>(row.body), version: row.version }
    : { kitchen: DEFAULT_KITCHEN, version: 0 };
}

/** @returns false when `version` is no longer the current one */
export async function writeKitchen(q: Queries, kitchen: Kitchen, version: number): Promise<boolean> {
  const body = JSON.stringify(kitchen);
  if (version === 0) {
    const made = await q.change(
      'INSERT IGNORE INTO kitchen (id, body, version, updated_at) VALUES (1, ?, 1, UTC_TIMESTAMP(3))',
      [body],
    );
    return made.affectedRows === 1;
  }
  const changed = await q.change(
    'UPDATE kitchen SET body = ?, version = version + 1, updated_at = UTC_TIMESTAMP(3) WHERE id = 1 AND version = ?',
    [body, version],
  );
  return changed.affectedRows === 1;
}
