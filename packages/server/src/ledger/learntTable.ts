import type { LearntKind, Observation, SeenObservation, Unlearnt } from '@ember-fold/core/ledger';
import type { Gate, Queries } from '../db/gate.js';

interface Raw {
  batch_id: string;
  name: string;
  kind: LearntKind;
  obs_key: string;
  value: number;
  of_count: number;
  hits: number;
  seen_at: Date;
}

/** What one batch says takes the place of what it said before. @param model number of the model that it was compared with */
export async function writeObservations(
  gate: Gate,
  batchId: string,
  observations: readonly Observation[],
  model: number,
  at: Date,
): Promise<void> {
  await gate.transaction(async (q) => {
    await q.change('DELETE FROM observation WHERE batch_id = ?', [batchId]);
    for (const [n, { kind, key, value, of, hits, atMs }] of observations.entries())
      await q.change(
        'INSERT INTO observation (batch_id, kind, obs_key, n, value, of_count, hits, seen_at) VALUES (?, ?, ?, ?, ?, ?, ?, ?)',
        [batchId, kind, key, n, value, of, hits, new Date(atMs)],
      );
    await q.change('REPLACE INTO taught (batch_id, model, taught_at) VALUES (?, ?, ?)', [batchId, model, at]);
  });
}

/** A batch that is not over says nothing. */
export async function deleteObservations(q: Queries, batchId: string): Promise<void> {
  await q.change('DELETE FROM observation WHERE batch_id = ?', [batchId]);
  await q.change('DELETE FROM taught WHERE batch_id = ?', [batchId]);
}

/** Everything that batches say, the newest first. */
export async function listObservations(q: Queries): Promise<SeenObservation[]> {
  const rows = await q.rows<Raw>(
    `SELECT o.batch_id, b.name, o.kind, o.obs_key, o.value, o.of_count, o.hits, o.seen_at
     FROM observation o JOIN batch b ON b.id = o.batch_id ORDER BY o.seen_at DESC, o.batch_id, o.kind, o.obs_key, o.n
     LIMIT 20000`,
  );
  return rows.map((raw) => ({
    batchId: raw.batch_id,
    batchName: raw.name,
    kind: raw.kind,
    key: raw.obs_key,
    value: raw.value,
    of: raw.of_count,
    hits: raw.hits,
    atMs: raw.seen_at.getTime(),
  }));
}

/** Changes whenever anything that is learnt from does. */
export async function learntStamp(q: Queries): Promise<string> {
  const [row] = await q.rows<{ stamp: string }>(
    `SELECT CONCAT_WS(' ', (SELECT COUNT(*) FROM taught), (SELECT MAX(no) FROM taught),
       (SELECT COUNT(*) FROM unlearnt), (SELECT MAX(no) FROM unlearnt)) AS stamp`,
  );
  return row?.stamp ?? '';
}

/** Finished batches that this model has not been taught by. */
export async function listUntaught(q: Queries, model: number): Promise<string[]> {
  const rows = await q.rows<{ id: string }>(
    `SELECT s.batch_id AS id FROM stove_session s LEFT JOIN taught t ON t.batch_id = s.batch_id AND t.model = ?
     WHERE s.ended_at IS NOT NULL AND s.gone_at IS NULL AND t.batch_id IS NULL ORDER BY s.ended_at DESC LIMIT 5000`,
    [model],
  );
  return rows.map(({ id }) => id);
}

export async function listUnlearnt(q: Queries): Promise<Unlearnt[]> {
  const rows = await q.rows<{ kind: LearntKind; obs_key: string; from_at: Date }>(
    'SELECT kind, obs_key, from_at FROM unlearnt ORDER BY kind, obs_key',
  );
  return rows.map(({ kind, obs_key: key, from_at: at }) => ({ kind, key, fromMs: at.getTime() }));
}

/** What was seen before a moment counts no more; `null`: it counts again. */
export async function writeUnlearnt(q: Queries, kind: LearntKind, key: string, from: Date | null): Promise<void> {
  if (from === null) await q.change('DELETE FROM unlearnt WHERE kind = ? AND obs_key = ?', [kind, key]);
  else await q.change('REPLACE INTO unlearnt (kind, obs_key, from_at) VALUES (?, ?, ?)', [kind, key, from]);
}
