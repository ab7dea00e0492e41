import type { StoredReading } from '@ember-fold/core/stove';
import type { Queries } from '../db/gate.js';

/** Readings of a batch after `afterSeq`, oldest first. */
export async function listReadings(q: Queries, batchId: string, afterSeq = 0): Promise<StoredReading[]> {
  const rows = await q.rows<{ seq: number; at_s: number; probe_c: number }>(
    'SELECT seq, at_s, probe_c FROM oil_reading WHERE batch_id = ? AND seq > ? ORDER BY seq',
    [batchId, afterSeq],
  );
  return rows.map((row) => ({ seq: row.seq, atS: row.at_s, probeC: row.probe_c }));
}

export async function countReadings(q: Queries): Promise<number> {
  const [row] = await q.rows<{ n: number }>('SELECT COUNT(*) AS n FROM oil_reading');
  return Number(row?.n ?? 0);
}

/** Others take the place of all readings of a batch; call inside a transaction. */
export async function replaceReadings(q: Queries, batchId: string, readings: readonly StoredReading[]): Promise<void> {
  await q.change('DELETE FROM oil_reading WHERE batch_id = ?', [batchId]);
  await insertReadings(
    q,
    readings.map((reading) => ({ ...reading, batchId })),
  );
}

/** The latest reading of a batch. */
export async function lastReading(q: Queries, batchId: string): Promise<StoredReading | null> {
  const [row] = await q.rows<{ seq: number; at_s: number; probe_c: number }>(
    'SELECT seq, at_s, probe_c FROM oil_reading WHERE batch_id = ? ORDER BY seq DESC LIMIT 1',
    [batchId],
  );
  return row ? { seq: row.seq, atS: row.at_s, probeC: row.probe_c } : null;
}

/** As many readings as a page is given whole; more are thinned where they are old. */
const MOST_WHOLE = 6000;
const THINNED = 2000;
const THINNED_NEWEST = 3000;
/** The newest are always whole: pieces in the pot are replayed through them. In thousandths of a stove second. */
const NEWEST = 30 * 60 * 1000;

/**
 * Readings for a trace: all of them, or, of a long session or a quick probe, one for each of two
 * thousand stretches before the last half hour, and no more than six thousand since.
 */
export async function traceReadings(q: Queries, batchId: string): Promise<StoredReading[]> {
  const [last] = await q.rows<{ seq: number; many: number }>(
    `SELECT MAX(seq) AS seq, (SELECT COUNT(*) FROM (SELECT 1 FROM oil_reading WHERE batch_id = ? LIMIT ${MOST_WHOLE + 1}) AS some) AS many
     FROM oil_reading WHERE batch_id = ?`,
    [batchId, batchId],
  );
  if (!last || Number(last.many) <= MOST_WHOLE) return await listReadings(q, batchId);
  const from = Math.max(0, last.seq - NEWEST);
  const [inNewest] = await q.rows<{ many: number }>(
    'SELECT COUNT(*) AS many FROM oil_reading WHERE batch_id = ? AND seq > ?',
    [batchId, from],
  );
  const old = await thinned(q, batchId, 0, from, THINNED);
  const many = Number(inNewest?.many ?? 0);
  const recent =
    many <= MOST_WHOLE
      ? await listReadings(q, batchId, from)
      : [
          ...(await thinned(q, batchId, from, last.seq - 1, THINNED_NEWEST)),
          // The very last is what the oil is now.
          ...(await listReadings(q, batchId, last.seq - 1)),
        ];
  return [...old, ...recent];
}

/** As many stretches in one statement. */
const STRETCHES = 250;

/** The first reading of each of so many equal stretches: each is found by its key, none is read in vain. */
async function thinned(
  q: Queries,
  batchId: string,
  after: number,
  until: number,
  stretches: number,
): Promise<StoredReading[]> {
  const each = Math.max(1, Math.ceil((until - after) / stretches));
  const found: StoredReading[] = [];
  for (let from = after; from < until; from += each * STRETCHES) {
    const values: (string | number)[] = [];
    const parts: string[] = [];
    for (let low = from; low < Math.min(until, from + each * STRETCHES); low += each) {
      parts.push(
        '(SELECT seq, at_s, probe_c FROM oil_reading WHERE batch_id = ? AND seq > ? AND seq <= ? ORDER BY seq LIMIT 1)',
      );
      values.push(batchId, low, Math.min(until, low + each));
    }
    const rows = await q.rows<{ seq: number; at_s: number; probe_c: number }>(parts.join(' UNION ALL '), values);
    found.push(...rows.map((row) => ({ seq: row.seq, atS: row.at_s, probeC: row.probe_c })));
  }
  return found.sort((one, other) => one.seq - other.seq);
}

const CHUNK = 1000;

/** A reading and whose it is. */
export interface BatchReading extends StoredReading {
  readonly batchId: string;
}

/**
 * Stores readings of any batches; one that is already there (same batch and seq) is left alone.
 * @returns those that were new
 */
export async function insertReadings(q: Queries, readings: readonly BatchReading[]): Promise<BatchReading[]> {
  const made: BatchReading[] = [];
  for (let i = 0; i < readings.length; i += CHUNK) {
    const chunk = readings.slice(i, i + CHUNK);
    const rows = await q.rows<{ batch_id: string; seq: number }>(
      `INSERT IGNORE INTO oil_reading (batch_id, seq, at_s, probe_c) VALUES ${chunk.map(() => '(?, ?, ?, ?)').join(', ')}
       RETURNING batch_id, seq`,
      chunk.flatMap((r) => [r.batchId, r.seq, r.atS, r.probeC]),
    );
    const isNew = new Set(rows.map((row) => `${row.batch_id} ${row.seq}`));
    // Told twice in one go, the first counts.
    made.push(...chunk.filter((r) => isNew.delete(`${r.batchId} ${r.seq}`)));
  }
  return made;
}
