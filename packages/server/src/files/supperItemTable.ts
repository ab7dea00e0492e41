import { insertStored } from '../store/storedTable.js';
import { type ItemTable, wanted, groupBy } from './itemTable.js';
import type { StoredDocumentItem, SupperItem } from '@ember-fold/core/files';
import type { StoredRecord } from '@ember-fold/core/ledger';
import { type TrayMark } from '@ember-fold/core/plan';
import { forgetCalendar } from '../supper/calendarTable.js';
import { fromJson } from '../db/gate.js';

export const SUPPER_ITEMS: ItemTable<SupperItem> = {
  async list(q, ids) {
    const { sql, values } = wanted(ids);
    const rows = await q.rows<{ id: string; body: unknown }>(
      `SELECT id, body FROM supper ${sql} ORDER BY last_at, id`,
      values,
    );
    return rows.map(({ id, body }) => ({ kind: 'supper' as const, id, supper: fromJson(body) }));
  },
  async write(q, { id, supper }) {
    const last = supper.servings.reduce((most, { at }) => Math.max(most, Date.parse(at)), 0);
    await q.change(
      `INSERT INTO supper (id, body, last_at, version, updated_at) VALUES (?, ?, ?, 1, UTC_TIMESTAMP(3))
       ON DUPLICATE KEY UPDATE body = VALUES(body), last_at = VALUES(last_at), version = version + 1,
         updated_at = VALUES(updated_at)`,
      [id, JSON.stringify(supper), new Date(last)],
    );
  },
  async remove(q, id) {
    await forgetCalendar(q, id);
    await q.change('DELETE FROM supper WHERE id = ?', [id]);
  },
};

export const STORED_ITEMS: ItemTable<StoredDocumentItem> = {
  async list(q, ids) {
    const { sql, values } = wanted(ids);
    const rows = await q.rows<
      Pick<StoredRecord, 'kind' | 'name' | 'place' | 'pieces'> & {
        id: string;
        batch_id: string | null;
        mark: TrayMark | null;
        why: StoredDocumentItem['why'];
        mass_kg: number | null;
        tray: unknown;
        made_at: Date;
        good_until: Date;
      }
    >(
      `SELECT id, batch_id, mark, why, kind, name, place, pieces, mass_kg, tray, made_at, good_until
       FROM stored_item ${sql} ORDER BY made_at, id`,
      values,
    );
    const uses = await q.rows<{ stored_item_id: string; batch_id: string; pieces: number }>(
      'SELECT stored_item_id, batch_id, pieces FROM stored_item_use ORDER BY stored_item_id, batch_id',
    );
    const usesOf = groupBy(uses, (one) => one.stored_item_id);
    return rows.map(({ id, kind, name, place, pieces, ...row }) => ({
      kind: 'stored' as const,
      id,
      batchId: row.batch_id,
      mark: row.mark,
      why: row.why,
      record: {
        kind,
        name,
        place,
        pieces,
        massKg: row.mass_kg,
        tray: row.tray === null ? null : fromJson(row.tray),
        madeMs: row.made_at.getTime(),
        goodMs: row.good_until.getTime(),
      },
      takenBy: (usesOf.get(id) ?? []).map(({ batch_id: batchId, pieces: taken }) => ({ batchId, pieces: taken })),
    }));
  },
  async write(q, { id, batchId, mark, why, record, takenBy }) {
    await q.change('DELETE FROM stored_item_use WHERE stored_item_id = ?', [id]);
    await q.change('DELETE FROM stored_item WHERE id = ?', [id]);
    await insertStored(q, id, record, { batchId, mark, why });
    for (const { batchId: taker, pieces } of takenBy)
      await q.change('INSERT INTO stored_item_use (stored_item_id, batch_id, pieces) VALUES (?, ?, ?)', [
        id,
        taker,
        pieces,
      ]);
  },
  async remove(q, id) {
    await q.change('DELETE FROM stored_item WHERE id = ?', [id]);
  },
};
