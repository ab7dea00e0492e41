import type { BatchDraft } from '@ember-fold/core';
import { fromJson, type Queries } from './gate.js';

export type BatchStatus = 'planned' | 'frying' | 'done';

export interface BatchRow {
  readonly id: string;
  readonly status: BatchStatus;
  readonly draft: BatchDraft;
  readonly version: number;
  readonly createdAt: string;
  readonly updatedAt: string;
}

interface Raw {
  id: string;
  status: BatchStatus;
  draft: unknown;
  version: number;
  created_at: Date;
  updated_at: Date;
}

const COLUMNS = 'id, status, draft, version, created_at, updated_at';

function fromRaw(raw: Raw): BatchRow {
  return {
    id: raw.id,
    status: raw.status,
    draft: fromJson<BatchDraft>(raw.draft),
    version: raw.version,
    createdAt: raw.created_at.toISOString(),
    updatedAt: raw.updated_at.toISOString(),
  };
}

/** Batches of the given states, newest change first. */
export async function listBatches(q: Queries, statuses: readonly BatchStatus[]): Promise<BatchRow[]> {
  const marks = statuses.map(() => '?').join(', ');
  const rows = await q.rows<Raw>(
    `SELECT ${COLUMNS} FROM batch WHERE status IN (${marks}) ORDER BY created_at DESC, id LIMIT 500`,
    statuses,
  );
  return rows.map(fromRaw);
}

export async function readBatch(q: Queries, id: string): Promise<BatchRow | null> {
  const [row] = await q.rows<Raw>(`SELECT ${COLUMNS} FROM batch WHERE id = ?`, [id]);
  return row ? fromRaw(row) : null;
}

/** @returns false when the id is taken */
export async function insertBatch(q: Queries, id: string, draft: BatchDraft, createdAt: Date): Promise<boolean> {
  const made = await q.change(
    `INSERT IGNORE INTO batch (id, name, status, draft, version, created_at, updated_at)
     VALUES (?, ?, 'planned', ?, 1, ?, ?)`,
    [id, draft.name, JSON.stringify(draft), createdAt, createdAt],
  );
  return made.affectedRows === 1;
}

/** @returns false when `version` is no longer the current one */
export async function updateBatch(q: Queries, id: string, draft: BatchDraft, version: number): Promise<boolean> {
  const changed = await q.change(
    `UPDATE batch SET name = ?, draft = ?, version = version + 1, updated_at = UTC_TIMESTAMP(3)
     WHERE id = ? AND version = ? AND status <> 'done'`,
    [draft.name, JSON.stringify(draft), id, version],
  );
  return changed.affectedRows === 1;
}

export async function setBatchStatus(q: Queries, id: string, status: BatchStatus): Promise<void> {
  await q.change('UPDATE batch SET status = ?, updated_at = UTC_TIMESTAMP(3) WHERE id = ?', [status, id]);
}

export async function deleteBatch(q: Queries, id: string): Promise<boolean> {
  return (await q.change('DELETE FROM batch WHERE id = ?', [id])).affectedRows === 1;
}

export async function countBatches(q: Queries): Promise<number> {
  const [row] = await q.rows<{ n: number }>('SELECT COUNT(*) AS n FROM batch');
  return Number(row?.n ?? 0);
}
