import type { Queries } from '../db/gate.js';

export interface NoteRow {
  readonly notes: string;
  readonly version: number;
}

export async function readNote(q: Queries, batchId: string): Promise<NoteRow> {
  const [row] = await q.rows<NoteRow>('SELECT notes, version FROM ledger_note WHERE batch_id = ?', [batchId]);
  return row ?? { notes: '', version: 0 };
}

/** @returns false when `version` is no longer the current one */
export async function writeNote(q: Queries, batchId: string, notes: string, version: number): Promise<boolean> {
  const done =
    version === 0
      ? await q.change('INSERT IGNORE INTO ledger_note (batch_id, notes, version) VALUES (?, ?, 1)', [batchId, notes])
      : await q.change('UPDATE ledger_note SET notes = ?, version = version + 1 WHERE batch_id = ? AND version = ?', [
          notes,
          batchId,
          version,
        ]);
  return done.affectedRows === 1;
}
