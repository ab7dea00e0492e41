import type { Felt } from '@ember-fold/core/ledger';
import type { BatchDraft } from '@ember-fold/core/plan';
import { fromJson, type Queries } from '../db/gate.js';

/** One dough and how it felt: what was observed, not what was made of it. */
export interface FlourRow {
  readonly id: string;
  readonly flourId: string;
  readonly batchName: string;
  readonly dough: Pick<BatchDraft['dough'], 'family' | 'lines'>;
  readonly pouredKg: number;
  readonly felt: Felt;
  readonly notedAt: Date;
}

interface Raw {
  id: string;
  flour_id: string;
  batch_name: string;
  dough: unknown;
  poured_kg: number;
  felt: Felt;
  noted_at: Date;
}

const COLUMNS = 'id, flour_id, batch_name, dough, poured_kg, felt, noted_at';

function fromRaw(raw: Raw): FlourRow {
  return {
    id: raw.id,
    flourId: raw.flour_id,
    batchName: raw.batch_name,
    dough: fromJson<FlourRow['dough']>(raw.dough),
    pouredKg: raw.poured_kg,
    felt: raw.felt,
    notedAt: raw.noted_at,
  };
}

/** All observations, oldest first. */
export async function listFlourRows(q: Queries): Promise<FlourRow[]> {
  return (await q.rows<Raw>(`SELECT ${COLUMNS} FROM flour_observation ORDER BY noted_at, id LIMIT 5000`)).map(fromRaw);
}

export async function readFlourRow(q: Queries, id: string): Promise<FlourRow | null> {
  const [row] = await q.rows<Raw>(`SELECT ${COLUMNS} FROM flour_observation WHERE id = ?`, [id]);
  return row ? fromRaw(row) : null;
}

/** @returns false when the id is taken */
export async function insertFlourRow(q: Queries, row: FlourRow): Promise<boolean> {
  const made = await q.change(`INSERT IGNORE INTO flour_observation (${COLUMNS}) VALUES (?, ?, ?, ?, ?, ?, ?)`, [
    row.id,
    row.flourId,
    row.batchName,
    JSON.stringify(row.dough),
    row.pouredKg,
    row.felt,
    row.notedAt,
  ]);
  return made.affectedRows === 1;
}

/** @returns false when there is no such observation */
export async function updateFlourRow(q: Queries, id: string, pouredKg: number, felt: Felt): Promise<boolean> {
  const done = await q.change('UPDATE flour_observation SET poured_kg = ?, felt = ? WHERE id = ?', [
    pouredKg,
    felt,
    id,
  ]);
  return done.affectedRows === 1 || (await readFlourRow(q, id)) !== null;
}

export async function deleteFlourRow(q: Queries, id: string): Promise<boolean> {
  return (await q.change('DELETE FROM flour_observation WHERE id = ?', [id])).affectedRows === 1;
}
