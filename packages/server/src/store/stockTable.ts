import type { StockRow } from '@ember-fold/core/ledger';
import type { Queries } from '../db/gate.js';

export async function listStock(q: Queries): Promise<StockRow[]> {
  const rows = await q.rows<{ ingredient_id: string; have_kg: number; strength: number }>(
    'SELECT ingredient_id, have_kg, strength FROM stock ORDER BY ingredient_id LIMIT 5000',
  );
  return rows.map((row) => ({ ingredientId: row.ingredient_id, haveKg: row.have_kg, strength: row.strength }));
}

/** The last word counts: what is on the shelf is seen, not reckoned. */
export async function writeStock(q: Queries, { ingredientId, haveKg, strength }: StockRow): Promise<void> {
  await q.change(
    `INSERT INTO stock (ingredient_id, have_kg, strength, updated_at) VALUES (?, ?, ?, UTC_TIMESTAMP(3))
     ON DUPLICATE KEY UPDATE have_kg = VALUES(have_kg), strength = VALUES(strength), updated_at = VALUES(updated_at)`,
    [ingredientId, haveKg, strength],
  );
}
