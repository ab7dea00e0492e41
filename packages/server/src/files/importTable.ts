import type { ImportRow } from '@ember-fold/core/files';
import type { Queries } from '../db/gate.js';

interface Raw {
  id: string;
  taken_at: Date;
  added: number;
  changed: number;
  undone: number;
}

/** So many can be undone; of older ones only that they were is kept. */
const MOST_BACK = 5;

/** The latest first. */
export async function listImports(q: Queries): Promise<ImportRow[]> {
  const rows = await q.rows<Raw>(
    `SELECT id, taken_at, added, changed, undone FROM import_log WHERE back IS NOT NULL ORDER BY taken_at DESC, id LIMIT ${MOST_BACK}`,
  );
  return rows.map((row) => ({
    id: row.id,
    at: row.taken_at.toISOString(),
    added: row.added,
    changed: row.changed,
    isUndone: row.undone === 1,
  }));
}

/** @param back packed, what it takes to undo it. @returns false when the id is taken */
export async function insertImport(q: Queries, row: ImportRow, back: Buffer): Promise<boolean> {
  const made = await q.change(
    'INSERT IGNORE INTO import_log (id, taken_at, added, changed, back) VALUES (?, ?, ?, ?, ?)',
    [row.id, new Date(row.at), row.added, row.changed, back],
  );
  const old = await q.rows<{ id: string }>(
    `SELECT id FROM import_log WHERE back IS NOT NULL ORDER BY taken_at DESC, id LIMIT 1000 OFFSET ${MOST_BACK}`,
  );
  for (const { id } of old) await q.change('UPDATE import_log SET back = NULL WHERE id = ?', [id]);
  return made.affectedRows === 1;
}

/** Reads what undoing an import needs and locks its row until the transaction ends; `null`: it cannot be undone, or has been. */
export async function lockImport(q: Queries, id: string): Promise<Buffer | null> {
  const [row] = await q.rows<{ back: Buffer | null; undone: number }>(
    'SELECT back, undone FROM import_log WHERE id = ? FOR UPDATE',
    [id],
  );
  return row && row.undone === 0 ? row.back : null;
}

export async function noteUndone(q: Queries, id: string): Promise<void> {
  await q.change('UPDATE import_log SET undone = TRUE WHERE id = ?', [id]);
}
