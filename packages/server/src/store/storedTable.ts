import type { StoredItem, StoredKind, StoredPlace, StoredRecord } from '@ember-fold/core/ledger';
import type { TrayDraft, TrayMark } from '@ember-fold/core/plan';
import { fromJson, type Queries } from '../db/gate.js';

/** How something came to be stored: as planned, left unfried at the stove, or written down by hand. */
export type StoredWhy = 'planned' | 'left' | 'hand';

interface Raw {
  id: string;
  batch_id: string | null;
  kind: StoredKind;
  name: string;
  place: StoredPlace;
  pieces: number | null;
  mass_kg: number | null;
  tray: unknown;
  made_at: Date;
  good_until: Date;
}

/** What there is, what must be used first first; with who has taken of it. */
export async function listStored(q: Queries): Promise<StoredItem[]> {
  const rows = await q.rows<Raw>(
    `SELECT id, batch_id, kind, name, place, pieces, mass_kg, tray, made_at, good_until
     FROM stored_item ORDER BY good_until, id LIMIT 2000`,
  );
  const uses = await q.rows<{ stored_item_id: string; id: string; name: string; pieces: number }>(
    `SELECT u.stored_item_id, b.id, b.name, u.pieces FROM stored_item_use u JOIN batch b ON b.id = u.batch_id
     ORDER BY b.created_at, b.id LIMIT 5000`,
  );
  return rows.map((row) => {
    const takenBy = uses
      .filter((use) => use.stored_item_id === row.id)
      .map(({ id, name, pieces }) => ({ id, name, pieces }));
    const taken = takenBy.reduce((sum, use) => sum + use.pieces, 0);
    return {
      id: row.id,
      batchId: row.batch_id,
      kind: row.kind,
      name: row.name,
      place: row.place,
      pieces: row.pieces,
      massKg: row.mass_kg,
      left: row.pieces === null ? null : row.pieces - taken,
      madeMs: row.made_at.getTime(),
      goodMs: row.good_until.getTime(),
      takenBy,
      tray: row.tray === null ? null : fromJson<TrayDraft>(row.tray),
    };
  });
}

interface From {
  readonly batchId: string | null;
  readonly mark: TrayMark | null;
  readonly why: StoredWhy;
}

/** @returns false when it is there already: the same id, or the same pieces sent twice */
export async function insertStored(q: Queries, id: string, record: StoredRecord, from: From): Promise<boolean> {
  const made = await q.change(
    `INSERT IGNORE INTO stored_item
      (id, batch_id, mark, why, kind, name, place, pieces, mass_kg, tray, made_at, good_until)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)`,
    [
      id,
      from.batchId,
      from.mark,
      from.why,
      record.kind,
      record.name,
      record.place,
      record.pieces,
      record.massKg,
      record.tray && JSON.stringify(record.tray),
      new Date(record.madeMs),
      new Date(record.goodMs),
    ],
  );
  return made.affectedRows === 1;
}

/** Taken back, as long as no batch has taken of it. @returns the ids that are gone */
export async function deleteStoredOf(
  q: Queries,
  batchId: string,
  why: StoredWhy,
  mark: TrayMark | null,
): Promise<string[]> {
  const rows = await q.rows<{ id: string }>(
    `SELECT p.id FROM stored_item p LEFT JOIN stored_item_use u ON u.stored_item_id = p.id
     WHERE p.batch_id = ? AND p.why = ? AND (? IS NULL OR p.mark = ?) AND u.batch_id IS NULL FOR UPDATE`,
    [batchId, why, mark, mark],
  );
  for (const { id } of rows) await q.change('DELETE FROM stored_item WHERE id = ?', [id]);
  return rows.map(({ id }) => id);
}

/** Reads one stored item and locks its row until the transaction ends; `null`: no such item. */
export async function lockStored(
  q: Queries,
  id: string,
): Promise<{ readonly kind: StoredKind; readonly pieces: number | null; readonly massKg: number | null } | null> {
  const [row] = await q.rows<Pick<Raw, 'kind' | 'pieces' | 'mass_kg'>>(
    'SELECT kind, pieces, mass_kg FROM stored_item WHERE id = ? FOR UPDATE',
    [id],
  );
  return row ? { kind: row.kind, pieces: row.pieces, massKg: row.mass_kg } : null;
}

/** Pieces of one that other batches have taken, as it is now and not as it was when the transaction began. */
export async function takenByOthers(q: Queries, id: string, batchId: string | null): Promise<number> {
  const [row] = await q.rows<{ taken: number | null }>(
    'SELECT SUM(pieces) AS taken FROM stored_item_use WHERE stored_item_id = ? AND NOT (batch_id <=> ?) LOCK IN SHARE MODE',
    [id, batchId],
  );
  return Number(row?.taken ?? 0);
}

/** What a batch takes of what is stored, in place of what it took before. */
export async function writeUses(q: Queries, batchId: string, wanted: ReadonlyMap<string, number>): Promise<void> {
  await q.change('DELETE FROM stored_item_use WHERE batch_id = ?', [batchId]);
  for (const [id, pieces] of wanted) {
    await q.change('INSERT INTO stored_item_use (stored_item_id, batch_id, pieces) VALUES (?, ?, ?)', [
      id,
      batchId,
      pieces,
    ]);
  }
}

/** Of what is there, so much stays. */
export async function writeStoredAmount(
  q: Queries,
  id: string,
  pieces: number | null,
  massKg: number | null,
): Promise<void> {
  await q.change('UPDATE stored_item SET pieces = ?, mass_kg = ? WHERE id = ?', [pieces, massKg, id]);
}

export async function deleteStored(q: Queries, id: string): Promise<void> {
  await q.change('DELETE FROM stored_item WHERE id = ?', [id]);
}

/** Before a cooked batch is deleted: what it ate is eaten, and is not laid back. */
export async function eatUses(q: Queries, batchId: string): Promise<void> {
  const uses = await q.rows<{ stored_item_id: string; pieces: number }>(
    'SELECT stored_item_id, pieces FROM stored_item_use WHERE batch_id = ? ORDER BY stored_item_id FOR UPDATE',
    [batchId],
  );
  await q.change('DELETE FROM stored_item_use WHERE batch_id = ?', [batchId]);
  for (const { stored_item_id: id, pieces } of uses) {
    await q.change('UPDATE stored_item SET pieces = GREATEST(0, CAST(pieces AS SIGNED) - ?) WHERE id = ?', [
      pieces,
      id,
    ]);
  }
}
