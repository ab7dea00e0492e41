import type { FireAct } from '@ember-fold/core';
import { fromJson, type Queries } from './gate.js';

export interface StoredAct {
  readonly seq: number;
  readonly act: FireAct;
}

/** Acts of a batch after `afterSeq`, in the order they were acknowledged. */
export async function listActs(q: Queries, batchId: string, afterSeq = 0): Promise<StoredAct[]> {
  const rows = await q.rows<{ seq: number; body: unknown }>(
    'SELECT seq, body FROM fire_act WHERE batch_id = ? AND seq > ? ORDER BY seq',
    [batchId, afterSeq],
  );
  return rows.map((row) => ({ seq: Number(row.seq), act: fromJson<FireAct>(row.body) }));
}

/** Stores an act once. @returns its place, and whether it is new; `null` when its id belongs to another batch */
export async function insertAct(
  q: Queries,
  batchId: string,
  act: FireAct,
): Promise<{ seq: number; isNew: boolean } | null> {
  const made = await q.change(
    'INSERT IGNORE INTO fire_act (id, batch_id, at_s, kind, body, received_at) VALUES (?, ?, ?, ?, ?, UTC_TIMESTAMP(3))',
    [act.id, batchId, act.atS, act.kind, JSON.stringify(act)],
  );
  if (made.affectedRows === 1) return { seq: Number(made.insertId), isNew: true };
  const [row] = await q.rows<{ seq: number }>('SELECT seq FROM fire_act WHERE id = ? AND batch_id = ?', [
    act.id,
    batchId,
  ]);
  return row ? { seq: Number(row.seq), isNew: false } : null;
}
