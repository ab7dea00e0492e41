import type { SupperRow } from '@ember-fold/core/plan';
import { servingsOf, type Supper } from '@ember-fold/core/supper';
import { fromJson, type Queries } from '../db/gate.js';

interface Raw {
  id: string;
  body: unknown;
  version: number;
}

const fromRaw = ({ id, body, version }: Raw): SupperRow => ({ id, supper: fromJson<Supper>(body), version });
const lastAt = (supper: Supper): Date => new Date(servingsOf(supper).at(-1)!.at);

/** The latest first; beyond the newest five hundred nobody looks. */
export async function listSuppers(q: Queries): Promise<SupperRow[]> {
  return (await q.rows<Raw>('SELECT id, body, version FROM supper ORDER BY last_at DESC, id LIMIT 500')).map(fromRaw);
}

/** @param locks inside a transaction: nobody else changes it until that is over */
export async function readSupper(q: Queries, id: string, locks = false): Promise<SupperRow | null> {
  const [row] = await q.rows<Raw>(`SELECT id, body, version FROM supper WHERE id = ?${locks ? ' FOR UPDATE' : ''}`, [
    id,
  ]);
  return row ? fromRaw(row) : null;
}

/** @returns false when the id is taken */
export async function insertSupper(q: Queries, id: string, supper: Supper): Promise<boolean> {
  const made = await q.change(
    'INSERT IGNORE INTO supper (id, body, last_at, version, updated_at) VALUES (?, ?, ?, 1, UTC_TIMESTAMP(3))',
    [id, JSON.stringify(supper), lastAt(supper)],
  );
  return made.affectedRows === 1;
}

/** @returns false when `version` is no longer the current one */
export async function updateSupper(q: Queries, { id, supper, version }: SupperRow): Promise<boolean> {
  const changed = await q.change(
    `UPDATE supper SET body = ?, last_at = ?, version = version + 1, updated_at = UTC_TIMESTAMP(3)
     WHERE id = ? AND version = ?`,
    [JSON.stringify(supper), lastAt(supper), id, version],
  );
  return changed.affectedRows === 1;
}

export async function deleteSupper(q: Queries, id: string): Promise<boolean> {
  return (await q.change('DELETE FROM supper WHERE id = ?', [id])).affectedRows === 1;
}
