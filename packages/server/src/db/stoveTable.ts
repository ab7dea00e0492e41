import type { BatchDraft, Kitchen } from '@ember-fold/core';
import { fromJson, type Queries } from './gate.js';

/** One evening at the stove: the plan as it stood when the stove was started. */
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
  /** The first lot is one piece, to be judged. */
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
    draft: fromJson<BatchDraft>(raw.draft),
    kitchen: fromJson<Kitchen>(raw.kitchen),
    startedAt: raw.started_at,
    endedAt: raw.ended_at,
    probe: raw.probe,
    trial: raw.trial === 1,
    startC: raw.start_c,
  };
}

export async function readStove(q: Queries, batchId: string): Promise<StoveRow | null> {
  const [row] = await q.rows<Raw>(`SELECT ${COLUMNS} FROM stove_session WHERE batch_id = ?`, [batchId]);
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
  return made.affectedRows === 1;
}

export async function endStove(q: Queries, batchId: string, endedAt: Date): Promise<void> {
  await q.change('UPDATE stove_session SET ended_at = ? WHERE batch_id = ? AND ended_at IS NULL', [endedAt, batchId]);
}
