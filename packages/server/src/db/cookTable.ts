import type { CookAct } from '@ember-fold/core';
import { fromJson, type Queries } from './gate.js';

export interface StoredCookAct {
  readonly seq: number;
  readonly act: CookAct;
}

/** Acts of a batch's run-sheet after `afterSeq`, in the order they were acknowledged. */
export async function listCookActs(q: Queries, batchId: string, afterSeq = 0): Promise<StoredCookAct[]> {
  const rows = await q.rows<{ seq: number; body: unknown }>(
    'SELECT seq, body FROM cook_act WHERE batch_id = ? AND seq > ? ORDER BY seq LIMIT 5000',
    [batchId, afterSeq],
  );
  return rows.map((row) => ({ seq: Number(row.seq), act: fromJson<CookAct>(row.body) }));
}

/** Stores an act once. @returns its place, and whether it is new; `null` when its id belongs to another batch */
export async function insertCookAct(
  q: Queries,
  batchId: string,
  act: CookAct,
): Promise<{ seq: number; isNew: boolean } | null> {
  const made = await q.change(
    'INSERT IGNORE INTO cook_act (id, batch_id, kind, body, received_at) VALUES (?, ?, ?, ?, UTC_TIMESTAMP(3))',
    [act.id, batchId, act.kind, JSON.stringify(act)],
  );
  if (made.affectedRows === 1) return { seq: Number(made.insertId), isNew: true };
  const [row] = await q.rows<{ seq: number }>('SELECT seq FROM cook_act WHERE id = ? AND batch_id = ?', [
    act.id,
    batchId,
  ]);
  return row ? { seq: Number(row.seq), isNew: false } : null;
}
