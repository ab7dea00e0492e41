import type { StepKey, Timer } from '@ember-fold/core/stove';
import type { Queries } from '../db/gate.js';

interface Columns {
  readonly id: string;
  readonly batch_id: string | null;
  readonly step: StepKey | null;
  readonly name: string;
  readonly started_at: Date;
  readonly ends_at: Date;
  readonly stopped_at: Date | null;
}

const timerOf = (row: Columns): Timer => ({
  id: row.id,
  batchId: row.batch_id,
  step: row.step,
  name: row.name,
  startedMs: row.started_at.getTime(),
  endsMs: row.ends_at.getTime(),
  stoppedMs: row.stopped_at?.getTime() ?? null,
});

/** Those that run or sound, the next to end first. */
export async function listTimers(q: Queries): Promise<Timer[]> {
  const rows = await q.rows<Columns>(
    `SELECT id, batch_id, step, name, started_at, ends_at, stopped_at FROM timer
     WHERE stopped_at IS NULL ORDER BY ends_at, id LIMIT 200`,
  );
  return rows.map(timerOf);
}

/** The last word counts: set, moved or stopped. A timer once stopped stays so. */
export async function writeTimer(q: Queries, timer: Timer): Promise<void> {
  const { id, batchId, step, name, startedMs, endsMs, stoppedMs } = timer;
  await q.change(
    `INSERT INTO timer (id, batch_id, step, name, started_at, ends_at, stopped_at) VALUES (?, ?, ?, ?, ?, ?, ?)
     ON DUPLICATE KEY UPDATE name = VALUES(name), ends_at = VALUES(ends_at),
       stopped_at = COALESCE(stopped_at, VALUES(stopped_at))`,
    [id, batchId, step, name, new Date(startedMs), new Date(endsMs), stoppedMs === null ? null : new Date(stoppedMs)],
  );
}

/** @param locks inside a transaction: as it is now, also where another wrote it since the transaction began */
export async function readTimer(q: Queries, id: string, locks = false): Promise<Timer | null> {
  const [row] = await q.rows<Columns>(
    `SELECT id, batch_id, step, name, started_at, ends_at, stopped_at FROM timer WHERE id = ?${locks ? ' FOR UPDATE' : ''}`,
    [id],
  );
  return row ? timerOf(row) : null;
}
