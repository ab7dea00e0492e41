import type { LooksRow, RecordLooks } from '@ember-fold/core/ledger';
import { fromJson, type Queries } from '../db/gate.js';

export async function readLooks(q: Queries, batchId: string): Promise<LooksRow> {
  const [row] = await q.rows<{ body: unknown; version: number }>(
    'SELECT body, version FROM ledger_looks WHERE batch_id = ?',
    [batchId],
  );
  return row ? { looks: fromJson<RecordLooks>(row.body), version: row.version } : { looks: { trays: {} }, version: 0 };
}

/** @returns false when `version` is no longer the current one */
export async function writeLooks(q: Queries, batchId: string, { looks, version }: LooksRow): Promise<boolean> {
  const body = JSON.stringify(looks);
  const done =
    version === 0
      ? await q.change('INSERT IGNORE INTO ledger_looks (batch_id, body, version) VALUES (?, ?, 1)', [batchId, body])
      : await q.change('UPDATE ledger_looks SET body = ?, version = version + 1 WHERE batch_id = ? AND version = ?', [
          body,
          batchId,
          version,
        ]);
  return done.affectedRows === 1;
}
