import { type BatchDraft, type BatchSummary, readBatchDraft } from '@ember-fold/core/plan';
import { fromJson, likeAnywhere, type Queries } from '../db/gate.js';
import { moveOpenStove } from '../stove/openStoveTable.js';

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
    draft: readBatchDraft(fromJson(raw.draft)),
    version: raw.version,
    createdAt: raw.created_at.toISOString(),
    updatedAt: raw.updated_at.toISOString(),
  };
}

interface SummaryRaw {
  id: string;
  status: 'planned' | 'frying';
  name: string;
  pieces: string | null;
  tray_pieces: unknown;
  eat_at: string;
  supper: string | null;
  version: number;
  updated_at: Date;
}

/**
 * Pieces of a stored draft, of whichever format: the one count of the first, or those of all trays.
 */
export function piecesOf(counted: { readonly pieces: string | number | null; readonly tray_pieces: unknown }): number {
  if (counted.pieces !== null) return Number(counted.pieces);
  return fromJson<readonly number[]>(counted.tray_pieces).reduce((sum, one) => sum + one, 0);
}

/** So long after its meal a batch is still the next one. */
const NEXT_MS = 12 * 3_600_000;

/**
 * Batches that are planned or at the stove, without their drafts: what is eaten next first, then what
 * is past, the last first.
 * @param search part of a name; empty: all
 */
export async function listSummaries(q: Queries, search: string, nowMs: number, most = 500): Promise<BatchSummary[]> {
  const nextFrom = new Date(nowMs - NEXT_MS).toISOString();
  const rows = await q.rows<SummaryRaw>(
    `SELECT ${SUMMARY}
     FROM batch WHERE status IN ('planned', 'frying') ${search === '' ? '' : 'AND name LIKE ?'}
     ORDER BY eat_at < ?, IF(eat_at < ?, NULL, eat_at), eat_at DESC, created_at, id LIMIT ?`,
    [...(search === '' ? [] : [likeAnywhere(search)]), nextFrom, nextFrom, most],
  );
  return rows.map(summaryOf);
}

const SUMMARY = `id, status, name, JSON_VALUE(draft, '$.pieces') AS pieces, JSON_EXTRACT(draft, '$.trays.*.pieces') AS tray_pieces,
  JSON_VALUE(draft, '$.eatAt') AS eat_at, JSON_VALUE(draft, '$.supper') AS supper, version, updated_at`;

function summaryOf({ id, status, name, eat_at, supper, version, updated_at, ...counted }: SummaryRaw): BatchSummary {
  return {
    id,
    status,
    name,
    version,
    pieces: piecesOf(counted),
    eatAt: eat_at,
    ...(supper !== null && { supper }),
    updatedAt: updated_at.toISOString(),
  };
}

/**
 * Finished batches of suppers whose last meal is after `since`: their pieces are still to be eaten. One that
 * was finished two months before is not looked for, so that a long ledger is not read through.
 */
export async function listCookedForSuppers(q: Queries, since: Date): Promise<BatchSummary[]> {
  const rows = await q.rows<SummaryRaw>(
    `SELECT ${SUMMARY} FROM batch WHERE status = 'done' AND updated_at >= ? - INTERVAL 60 DAY
       AND JSON_VALUE(draft, '$.supper') IN (SELECT id FROM supper WHERE last_at >= ?) ORDER BY created_at, id LIMIT 500`,
    [since, since],
  );
  return rows.map(summaryOf);
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

/**
 * Batches of a supper, without statuses those that are not finished.
 * @param locks inside a transaction: nobody else changes them until that is over
 */
export async function batchesOfSupper(
  q: Queries,
  supper: string,
  locks = false,
  statuses: readonly BatchStatus[] = ['planned', 'frying'],
): Promise<BatchRow[]> {
  const rows = await q.rows<Raw>(
    `SELECT ${COLUMNS} FROM batch WHERE status IN (${statuses.map(() => '?').join(', ')})
       AND JSON_VALUE(draft, '$.supper') = ? ORDER BY created_at, id${locks ? ' FOR UPDATE' : ''}`,
    [...statuses, supper],
  );
  return rows.map(fromRaw);
}

/** @param locks inside a transaction: nobody else changes it until that is over */
export async function readBatch(q: Queries, id: string, locks = false): Promise<BatchRow | null> {
  const [row] = await q.rows<Raw>(`SELECT ${COLUMNS} FROM batch WHERE id = ?${locks ? ' FOR UPDATE' : ''}`, [id]);
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
  if (changed.affectedRows === 1) await moveOpenStove(q, id, draft.supper ?? null);
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
