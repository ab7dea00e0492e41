import type { LedgerFigures } from '@ember-fold/core/ledger';
import { type BatchDraft, type Kitchen, readBatchDraft } from '@ember-fold/core/plan';
import { piecesOf } from '../batches/batchTable.js';
import { fromJson, type Gate, likeAnywhere, type Queries } from '../db/gate.js';
import { holdStove, releaseStove } from './openStoveTable.js';

/** One session at the stove: the plan as it stood when the stove was started. */
export interface StoveRow {
  readonly batchId: string;
  readonly seed: number;
  /** Stove seconds in a wall second. */
  readonly speed: number;
  readonly draft: BatchDraft;
  readonly kitchen: Kitchen;
  readonly startedAt: Date;
  readonly endedAt: Date | null;
  /** The device whose readings are the oil's; `null`: no probe, only what is typed. */
  readonly probe: string | null;
  /** The first load is one piece, to be judged. */
  readonly trial: boolean;
  /** What the oil still has from the batch before in the same pot, °C; `null`: as the room. */
  readonly startC: number | null;
}

interface Raw {
  batch_id: string;
  seed: number;
  speed: number;
  draft: unknown;
  kitchen: unknown;
  started_at: Date;
  ended_at: Date | null;
  probe: string | null;
  trial: number;
  start_c: number | null;
}

const COLUMNS = 'batch_id, seed, speed, draft, kitchen, started_at, ended_at, probe, trial, start_c';

function fromRaw(raw: Raw): StoveRow {
  return {
    batchId: raw.batch_id,
    seed: raw.seed,
    speed: raw.speed,
    draft: readBatchDraft(fromJson(raw.draft)),
    kitchen: fromJson<Kitchen>(raw.kitchen),
    startedAt: raw.started_at,
    endedAt: raw.ended_at,
    probe: raw.probe,
    trial: raw.trial === 1,
    startC: raw.start_c,
  };
}

/** @param locks inside a transaction: nobody else acts on, lights or ends it until that is over */
export async function readStove(q: Queries, batchId: string, locks = false): Promise<StoveRow | null> {
  const [row] = await q.rows<Raw>(
    `SELECT ${COLUMNS} FROM stove_session WHERE batch_id = ?${locks ? ' FOR UPDATE' : ''}`,
    [batchId],
  );
  return row ? fromRaw(row) : null;
}

/** Sessions that were running when the server last stopped. */
export async function listOpenStoves(q: Queries): Promise<StoveRow[]> {
  return (await q.rows<Raw>(`SELECT ${COLUMNS} FROM stove_session WHERE ended_at IS NULL ORDER BY started_at`)).map(
    fromRaw,
  );
}

/** The session that last ended in a pot, by the name the kitchen has for it; `null`: its own pot. */
export async function readLastIn(q: Queries, potName: string | null): Promise<StoveRow | null> {
  const [row] = await q.rows<Raw>(
    `SELECT ${COLUMNS} FROM stove_session
     WHERE ended_at IS NOT NULL AND JSON_VALUE(kitchen, '$.potName') <=> ? ORDER BY ended_at DESC LIMIT 1`,
    [potName],
  );
  return row ? fromRaw(row) : null;
}

/** @returns false when this batch already has a session */
export async function insertStove(q: Queries, stove: StoveRow): Promise<boolean> {
  const made = await q.change(`INSERT IGNORE INTO stove_session (${COLUMNS}) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)`, [
    stove.batchId,
    stove.seed,
    stove.speed,
    JSON.stringify(stove.draft),
    JSON.stringify(stove.kitchen),
    stove.startedAt,
    stove.endedAt,
    stove.probe,
    stove.trial,
    stove.startC,
  ]);
  const isNew = made.affectedRows === 1;
  if (isNew && stove.endedAt === null) await holdStove(q, stove.batchId);
  return isNew;
}

export async function endStove(q: Queries, batchId: string, endedAt: Date): Promise<void> {
  await q.change('UPDATE stove_session SET ended_at = ? WHERE batch_id = ? AND ended_at IS NULL', [endedAt, batchId]);
  await releaseStove(q, batchId);
}

/** A session that goes on as if it had never ended; what it came to is added up again when it does. */
export async function reopenStove(q: Queries, batchId: string): Promise<void> {
  await q.change('UPDATE stove_session SET ended_at = NULL, figures = NULL, gone_at = NULL WHERE batch_id = ?', [
    batchId,
  ]);
  await holdStove(q, batchId);
}

/** A finished session is deleted, or put back (`null`). @returns false when there is none */
export async function writeDeletedAt(q: Queries, batchId: string, at: Date | null): Promise<boolean> {
  const done = await q.change('UPDATE stove_session SET gone_at = ? WHERE batch_id = ? AND ended_at IS NOT NULL', [
    at,
    batchId,
  ]);
  return done.affectedRows === 1 || (await goneAt(q, batchId)) !== undefined;
}

/** When a finished session was deleted; `null`: it was not; `undefined`: there is none. */
export async function goneAt(q: Queries, batchId: string): Promise<Date | null | undefined> {
  const [row] = await q.rows<{ gone_at: Date | null }>(
    'SELECT gone_at FROM stove_session WHERE batch_id = ? AND ended_at IS NOT NULL',
    [batchId],
  );
  return row?.gone_at;
}

/** The oldest finished sessions whose readings are still whole. @param before they ended before this */
export async function listUnthinned(q: Queries, before: Date, most: number): Promise<string[]> {
  const rows = await q.rows<{ id: string }>(
    `SELECT batch_id AS id FROM stove_session WHERE ended_at < ? AND thinned_at IS NULL ORDER BY ended_at LIMIT ?`,
    [before, most],
  );
  return rows.map(({ id }) => id);
}

export async function writeThinned(q: Queries, batchId: string, at: Date): Promise<void> {
  await q.change('UPDATE stove_session SET thinned_at = ? WHERE batch_id = ?', [at, batchId]);
}

export async function isThinned(q: Queries, batchId: string): Promise<boolean> {
  const [row] = await q.rows<{ at: Date | null }>('SELECT thinned_at AS at FROM stove_session WHERE batch_id = ?', [
    batchId,
  ]);
  return row?.at != null;
}

/** What stands beside a record in the ledger, and goes with it. */
const OF_RECORD = ['ledger_note', 'ledger_looks', 'ledger_tag', 'ledger_photo', 'observation', 'taught', 'cook_act'];

/** Records that were deleted before a moment are deleted for good. Their plans stay, as if they had not been cooked yet. */
export async function deleteForGood(gate: Gate, before: Date): Promise<void> {
  await gate.transaction(async (q) => {
    const rows = await q.rows<{ id: string }>(
      'SELECT batch_id AS id FROM stove_session WHERE gone_at IS NOT NULL AND gone_at < ? FOR UPDATE',
      [before],
    );
    for (const { id } of rows) {
      for (const table of OF_RECORD) await q.change(`DELETE FROM ${table} WHERE batch_id = ?`, [id]);
      await q.change('DELETE FROM stove_session WHERE batch_id = ?', [id]);
      await q.change("UPDATE batch SET status = 'planned', version = version + 1 WHERE id = ?", [id]);
    }
  });
}

/** What a finished batch came to, so that a long ledger need not add it up anew. */
export async function writeFigures(q: Queries, batchId: string, figures: LedgerFigures): Promise<void> {
  await q.change('UPDATE stove_session SET figures = ? WHERE batch_id = ?', [JSON.stringify(figures), batchId]);
}

interface ListedRaw {
  batch_id: string;
  name: string;
  pieces: string | null;
  tray_pieces: unknown;
  started_at: Date;
  ended_at: Date;
  figures: unknown;
}

/** One finished session of the ledger's list. */
export interface ListedStove {
  readonly id: string;
  readonly name: string;
  readonly pieces: number;
  readonly startedAt: Date;
  /** `null`: not added up yet. */
  readonly figures: LedgerFigures | null;
}

/** Where a page of the ledger begins: after this one. */
export interface LedgerMark {
  readonly startedMs: number;
  readonly id: string;
}

/** Which finished sessions are asked for. */
export interface StoveSearch {
  /** Part of a name; empty: all. */
  readonly search: string;
  /** Empty: with any tag, or none. */
  readonly tag: string;
  /** Those that were deleted, instead of those that were not. */
  readonly isGone: boolean;
}

/** Finished sessions, the newest first. */
export async function listEndedStoves(
  q: Queries,
  { search, tag, isGone }: StoveSearch,
  after: LedgerMark | null,
  most: number,
): Promise<ListedStove[]> {
  const like = likeAnywhere(search);
  const from = after ? [new Date(after.startedMs), new Date(after.startedMs), after.id] : [];
  const rows = await q.rows<ListedRaw>(
    `SELECT s.batch_id, b.name, JSON_VALUE(s.draft, '$.pieces') AS pieces,
       JSON_EXTRACT(s.draft, '$.trays.*.pieces') AS tray_pieces, s.started_at, s.ended_at, s.figures
     FROM stove_session s JOIN batch b ON b.id = s.batch_id
     WHERE s.ended_at IS NOT NULL AND s.gone_at IS ${isGone ? 'NOT NULL' : 'NULL'}
       ${tag === '' ? '' : 'AND EXISTS (SELECT 1 FROM ledger_tag t WHERE t.batch_id = s.batch_id AND t.tag = ?)'}
       ${search === '' ? '' : 'AND b.name LIKE ?'}
       ${after ? 'AND (s.started_at < ? OR (s.started_at = ? AND s.batch_id > ?))' : ''}
     ORDER BY s.started_at DESC, s.batch_id LIMIT ?`,
    [...(tag === '' ? [] : [tag]), ...(search === '' ? [] : [like]), ...from, most],
  );
  return rows.map((row) => ({
    id: row.batch_id,
    name: row.name,
    pieces: piecesOf(row),
    startedAt: row.started_at,
    figures: row.figures === null ? null : fromJson<LedgerFigures>(row.figures),
  }));
}

/** The latest moment of the stoves that burn, by what was done and read there, ms; `null`: none burns. */
export async function latestMoment(q: Queries): Promise<number | null> {
  const [row] = await q.rows<{ latest: number | null }>(
    `SELECT MAX(UNIX_TIMESTAMP(s.started_at) * 1000 + 1000 / s.speed * GREATEST(
       COALESCE((SELECT MAX(at_s) FROM stove_act WHERE batch_id = s.batch_id), 0),
       COALESCE((SELECT at_s FROM oil_reading WHERE batch_id = s.batch_id ORDER BY seq DESC LIMIT 1), 0))) AS latest
     FROM stove_session s WHERE s.ended_at IS NULL`,
  );
  return row?.latest == null ? null : Number(row.latest);
}

/** The stoves that are on were lit so much earlier, ms, than the clock of then said. */
export async function moveOpenStoves(q: Queries, byMs: number): Promise<void> {
  await q.change('UPDATE stove_session SET started_at = started_at - INTERVAL ? MICROSECOND WHERE ended_at IS NULL', [
    Math.round(byMs) * 1000,
  ]);
}
