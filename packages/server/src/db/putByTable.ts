import type { PutByItem, PutByKind, PutByPlace, PutByRecord, TrayDraft, TrayMark } from '@ember-fold/core';
import { fromJson, type Queries } from './gate.js';

/** How something came to be put by: as planned, left unfried at the stove, or written down by hand. */
export type PutByWhy = 'planned' | 'left' | 'hand';

interface Raw {
  id: string;
  batch_id: string | null;
  kind: PutByKind;
  name: string;
  place: PutByPlace;
  pieces: number | null;
  mass_kg: number | null;
  tray: unknown;
  made_at: Date;
  good_until: Date;
}

/** What there is, what must be used first first; with who has taken of it. */
export async function listPutBy(q: Queries): Promise<PutByItem[]> {
  const rows = await q.rows<Raw>(
    `SELECT id, batch_id, kind, name, place, pieces, mass_kg, tray, made_at, good_until
     FROM put_by ORDER BY good_until, id LIMIT 2000`,
  );
  const uses = await q.rows<{ put_by_id: string; id: string; name: string; pieces: number }>(
    `SELECT u.put_by_id, b.id, b.name, u.pieces FROM put_by_use u JOIN batch b ON b.id = u.batch_id
     ORDER BY b.created_at, b.id LIMIT 5000`,
  );
  return rows.map((row) => {
    const takenBy = uses
      .filter((use) => use.put_by_id === row.id)
      .map(({ id, name, pieces }) => ({ id, name, pieces }));
    const taken = takenBy.reduce((sum, use) => sum + use.pieces, 0);
    return {
      ...{ id: row.id, batchId: row.batch_id, kind: row.kind, name: row.name, place: row.place },
      ...{ pieces: row.pieces, massKg: row.mass_kg, left: row.pieces === null ? null : row.pieces - taken },
      ...{ madeMs: row.made_at.getTime(), goodMs: row.good_until.getTime(), takenBy },
      tray: row.tray === null ? null : fromJson<TrayDraft>(row.tray),
    };
  });
}

interface From {
  readonly batchId: string | null;
  readonly mark: TrayMark | null;
  readonly why: PutByWhy;
}

/** @returns false when it is there already: the same id, or the same pieces told twice */
export async function insertPutBy(q: Queries, id: string, record: PutByRecord, from: From): Promise<boolean> {
  const made = await q.change(
    `INSERT IGNORE INTO put_by
      (id, batch_id, mark, why, kind, name, place, pieces, mass_kg, tray, made_at, good_until)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)`,
    [
      ...[id, from.batchId, from.mark, from.why, record.kind, record.name, record.place, record.pieces, record.massKg],
      ...[record.tray && JSON.stringify(record.tray), new Date(record.madeMs), new Date(record.goodMs)],
    ],
  );
  return made.affectedRows === 1;
}

/** Taken back, as long as no batch has taken of it. @returns the ids that are gone */
export async function deletePutByOf(
  q: Queries,
  batchId: string,
  why: PutByWhy,
  mark: TrayMark | null,
): Promise<string[]> {
  const rows = await q.rows<{ id: string }>(
    `SELECT p.id FROM put_by p LEFT JOIN put_by_use u ON u.put_by_id = p.id
     WHERE p.batch_id = ? AND p.why = ? AND (? IS NULL OR p.mark = ?) AND u.batch_id IS NULL FOR UPDATE`,
    [batchId, why, mark, mark],
  );
  for (const { id } of rows) await q.change('DELETE FROM put_by WHERE id = ?', [id]);
  return rows.map(({ id }) => id);
}

/** What there is of one, held until the transaction is over. `null`: there is none. */
export async function lockPutBy(
  q: Queries,
  id: string,
): Promise<{ readonly kind: PutByKind; readonly pieces: number | null; readonly massKg: number | null } | null> {
  const [row] = await q.rows<Pick<Raw, 'kind' | 'pieces' | 'mass_kg'>>(
    'SELECT kind, pieces, mass_kg FROM put_by WHERE id = ? FOR UPDATE',
    [id],
  );
  return row ? { kind: row.kind, pieces: row.pieces, massKg: row.mass_kg } : null;
}

/** Pieces of one that other batches have taken, as it is now and not as it was when the transaction began. */
export async function takenByOthers(q: Queries, id: string, batchId: string | null): Promise<number> {
  const [row] = await q.rows<{ taken: number | null }>(
    'SELECT SUM(pieces) AS taken FROM put_by_use WHERE put_by_id = ? AND NOT (batch_id <=> ?) LOCK IN SHARE MODE',
    [id, batchId],
  );
  return Number(row?.taken ?? 0);
}

/** What a batch takes of what is put by, in place of what it took before. */
export async function writeUses(q: Queries, batchId: string, wanted: ReadonlyMap<string, number>): Promise<void> {
  await q.change('DELETE FROM put_by_use WHERE batch_id = ?', [batchId]);
  for (const [id, pieces] of wanted) {
    await q.change('INSERT INTO put_by_use (put_by_id, batch_id, pieces) VALUES (?, ?, ?)', [id, batchId, pieces]);
  }
}

/** Of what is there, so much stays. */
export async function writePutByAmount(
  q: Queries,
  id: string,
  pieces: number | null,
  massKg: number | null,
): Promise<void> {
  await q.change('UPDATE put_by SET pieces = ?, mass_kg = ? WHERE id = ?', [pieces, massKg, id]);
}

export async function deletePutBy(q: Queries, id: string): Promise<void> {
  await q.change('DELETE FROM put_by WHERE id = ?', [id]);
}

/** Before a cooked batch is deleted: what it ate is eaten, and is not laid back. */
export async function eatUses(q: Queries, batchId: string): Promise<void> {
  const uses = await q.rows<{ put_by_id: string; pieces: number }>(
    'SELECT put_by_id, pieces FROM put_by_use WHERE batch_id = ? ORDER BY put_by_id FOR UPDATE',
    [batchId],
  );
  await q.change('DELETE FROM put_by_use WHERE batch_id = ?', [batchId]);
  for (const { put_by_id: id, pieces } of uses) {
    await q.change('UPDATE put_by SET pieces = GREATEST(0, CAST(pieces AS SIGNED) - ?) WHERE id = ?', [pieces, id]);
  }
}
