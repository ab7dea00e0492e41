import type { TrayMark } from '@ember-fold/core/plan';
import type { Queries } from '../db/gate.js';

/** Marks of the trays that have a picture. */
export async function listPhotos(q: Queries, batchId: string): Promise<TrayMark[]> {
  const rows = await q.rows<{ mark: TrayMark }>('SELECT mark FROM ledger_photo WHERE batch_id = ? ORDER BY mark', [
    batchId,
  ]);
  return rows.map(({ mark }) => mark);
}

export async function readPhoto(q: Queries, batchId: string, mark: TrayMark): Promise<Buffer | null> {
  const [row] = await q.rows<{ jpeg: Buffer }>('SELECT jpeg FROM ledger_photo WHERE batch_id = ? AND mark = ?', [
    batchId,
    mark,
  ]);
  return row?.jpeg ?? null;
}

/** The newest picture of a tray takes the place of the one before. */
export async function writePhoto(q: Queries, batchId: string, mark: TrayMark, jpeg: Buffer, at: Date): Promise<void> {
  await q.change('REPLACE INTO ledger_photo (batch_id, mark, jpeg, taken_at) VALUES (?, ?, ?, ?)', [
    batchId,
    mark,
    jpeg,
    at,
  ]);
}

export async function deletePhoto(q: Queries, batchId: string, mark: TrayMark): Promise<void> {
  await q.change('DELETE FROM ledger_photo WHERE batch_id = ? AND mark = ?', [batchId, mark]);
}
