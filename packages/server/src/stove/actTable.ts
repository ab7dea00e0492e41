import type { StoveAct, StoredAct } from '@ember-fold/core/stove';
import { fromJson, type Queries } from '../db/gate.js';

/** Acts of a batch after `afterSeq`, in the order they were acknowledged. */
export async function listActs(q: Queries, batchId: string, afterSeq = 0): Promise<StoredAct[]> {
  const rows = await q.rows<{ seq: number; body: unknown }>(
    'SELECT seq, body FROM stove_act WHERE batch_id = ? AND seq > ? ORDER BY seq',
    [batchId, afterSeq],
  );
  return rows.map((row) => ({ seq: Number(row.seq), act: fromJson<StoveAct>(row.body) }));
}

/** Whether two acts are the same thing sent twice; a moment ahead of the server's was set back. */
function isSameAct(stored: StoveAct, asked: StoveAct): boolean {
  return JSON.stringify({ ...stored, atS: asked.atS }) === JSON.stringify(asked) && stored.atS <= asked.atS;
}

/**
 * Stores an act once.
 * @param latestS no act lies later than this, stove s
 * @returns its place and whether it is new; `null` when its id is already used for something else
 */
export async function insertAct(
  q: Queries,
  batchId: string,
  act: StoveAct,
  latestS: number,
): Promise<(StoredAct & { readonly isNew: boolean }) | null> {
  // A page's clock may run ahead; no act lies in the future.
  const kept = { ...act, atS: Math.min(act.atS, latestS) };
  const made = await q.change(
    'INSERT IGNORE INTO stove_act (id, batch_id, at_s, kind, body, received_at) VALUES (?, ?, ?, ?, ?, UTC_TIMESTAMP(3))',
    [kept.id, batchId, kept.atS, kept.kind, JSON.stringify(kept)],
  );
  if (made.affectedRows === 1) return { seq: Number(made.insertId), act: kept, isNew: true };
  const [row] = await q.rows<{ seq: number; body: unknown }>(
    'SELECT seq, body FROM stove_act WHERE id = ? AND batch_id = ?',
    [act.id, batchId],
  );
  const stored = row && fromJson<StoveAct>(row.body);
  return row && stored && isSameAct(stored, act) ? { seq: Number(row.seq), act: stored, isNew: false } : null;
}
