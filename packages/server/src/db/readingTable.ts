import type { OilReading } from '@ember-fold/core';
import type { Queries } from './gate.js';

export interface StoredReading extends OilReading {
  readonly seq: number;
}

/** Readings of a batch after `afterSeq`, oldest first. */
export async function listReadings(q: Queries, batchId: string, afterSeq = 0): Promise<StoredReading[]> {
  const rows = await q.rows<{ seq: number; at_s: number; probe_c: number }>(
    'SELECT seq, at_s, probe_c FROM oil_reading WHERE batch_id = ? AND seq > ? ORDER BY seq',
    [batchId, afterSeq],
  );
  return rows.map((row) => ({ seq: row.seq, atS: row.at_s, probeC: row.probe_c }));
}

const CHUNK = 1000;

/** Stores readings of any batches; one that is already there (same batch and seq) is left alone. */
export async function insertReadings(
  q: Queries,
  readings: readonly (StoredReading & { readonly batchId: string })[],
): Promise<void> {
  for (let i = 0; i < readings.length; i += CHUNK) {
    const chunk = readings.slice(i, i + CHUNK);
    await q.change(
      `INSERT IGNORE INTO oil_reading (batch_id, seq, at_s, probe_c) VALUES ${chunk.map(() => '(?, ?, ?, ?)').join(', ')}`,
      chunk.flatMap((r) => [r.batchId, r.seq, r.atS, r.probeC]),
    );
  }
}
