import type { TagCount } from '@ember-fold/core/ledger';
import type { Queries } from '../db/gate.js';

/** Tags of records, by record, each in the order of the alphabet. */
export async function listTags(
  q: Queries,
  batchIds: readonly string[],
): Promise<ReadonlyMap<string, readonly string[]>> {
  const found = new Map<string, string[]>();
  if (batchIds.length === 0) return found;
  const rows = await q.rows<{ batch_id: string; tag: string }>(
    `SELECT batch_id, tag FROM ledger_tag WHERE batch_id IN (${batchIds.map(() => '?').join(', ')}) ORDER BY tag`,
    [...batchIds],
  );
  for (const { batch_id: id, tag } of rows) found.set(id, [...(found.get(id) ?? []), tag]);
  return found;
}

/** Every tag with how many records have it. */
export async function countTags(q: Queries): Promise<TagCount[]> {
  const rows = await q.rows<{ tag: string; records: number }>(
    `SELECT t.tag, COUNT(*) AS records FROM ledger_tag t JOIN stove_session s ON s.batch_id = t.batch_id
     WHERE s.ended_at IS NOT NULL AND s.gone_at IS NULL GROUP BY t.tag ORDER BY t.tag`,
  );
  return rows.map(({ tag, records }) => ({ tag, records: Number(records) }));
}

export async function addTag(q: Queries, batchId: string, tag: string): Promise<void> {
  await q.change('INSERT IGNORE INTO ledger_tag (batch_id, tag) VALUES (?, ?)', [batchId, tag]);
}

export async function removeTag(q: Queries, batchId: string, tag: string): Promise<void> {
  await q.change('DELETE FROM ledger_tag WHERE batch_id = ? AND tag = ?', [batchId, tag]);
}
