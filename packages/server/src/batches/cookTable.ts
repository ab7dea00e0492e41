import type { CookAct, StoredCookAct } from '@ember-fold/core/stove';
import { fromJson, type Queries } from '../db/gate.js';

/** Acts of a batch's run-sheet after `afterSeq`, in the order they were acknowledged. */
export async function listCookActs(q: Queries, batchId: string, afterSeq = 0): Promise<StoredCookAct[]> {
  const rows = await q.rows<{ seq: number; body: unknown }>(
    'SELECT seq, body FROM cook_act WHERE batch_id = ? AND seq > ? ORDER BY seq LIMIT 5000',
    [batchId, afterSeq],
  );
  return rows.map((row) => ({ seq: Number(row.seq), act: fromJson<CookAct>(row.body) }));
}

/** Whether two acts are the same thing sent twice; a moment ahead of the server's was set back. */
function isSameAct(stored: CookAct, asked: CookAct): boolean {
  return JSON.stringify({ ...stored, atMs: asked.atMs }) === JSON.stringify(asked) && stored.atMs <= asked.atMs;
}

/**
 * Stores an act once.
 * @param latestMs no act lies later than this
 * @returns its place and whether it is new; `null` when its id is already used for something else
 */
export async function insertCookAct(
  q: Queries,
  batchId: string,
  act: CookAct,
  latestMs: number,
): Promise<(StoredCookAct & { readonly isNew: boolean }) | null> {
  const kept = { ...act, atMs: Math.min(act.atMs, latestMs) };
  const made = await q.change(
    'INSERT IGNORE INTO cook_act (id, batch_id, kind, body, received_at) VALUES (?, ?, ?, ?, UTC_TIMESTAMP(3))',
    [kept.id, batchId, kept.kind, JSON.stringify(kept)],
  );
  if (made.affectedRows === 1) return { seq: Number(made.insertId), act: kept, isNew: true };
  const [row] = await q.rows<{ seq: number; body: unknown }>(
    'SELECT seq, body FROM cook_act WHERE id = ? AND batch_id = ?',
    [act.id, batchId],
  );
  const stored = row && fromJson<CookAct>(row.body);
  return row && stored && isSameAct(stored, act) ? { seq: Number(row.seq), act: stored, isNew: false } : null;
}
