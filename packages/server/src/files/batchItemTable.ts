import type { BatchItem, RecordItem } from '@ember-fold/core/files';
import type { RecordLooks } from '@ember-fold/core/ledger';
import { type BatchDraft, fillingsOf, type Kitchen, readBatchDraft, type TrayMark } from '@ember-fold/core/plan';
import type { CookAct, StoveAct } from '@ember-fold/core/stove';
import { fromJson, type Queries } from '../db/gate.js';
import { holdIngredients, releaseIngredients } from '../store/ingredientTable.js';
import { writeLooks } from '../ledger/looksTable.js';
import { insertCookActs, insertStoveActs } from '../stove/manyActsTable.js';
import { writeNote } from '../ledger/noteTable.js';
import { writePhoto } from '../ledger/photoTable.js';
import { insertReadings } from '../stove/readingTable.js';
import { insertStove, writeDeletedAt } from '../stove/stoveTable.js';
import { groupBy, type ItemTable, wanted } from './itemTable.js';
import { addTag } from '../ledger/tagTable.js';

const grouped = <T extends { readonly batch_id: string }>(rows: readonly T[]) => groupBy(rows, (row) => row.batch_id);

async function cookActsOf(q: Queries, ids: readonly string[]): Promise<Map<string, CookAct[]>> {
  const { sql, values } = wanted(ids, 'batch_id');
  const rows = await q.rows<{ batch_id: string; body: unknown }>(
    `SELECT batch_id, body FROM cook_act ${sql} ORDER BY seq`,
    values,
  );
  return new Map([...grouped(rows)].map(([id, own]) => [id, own.map(({ body }) => fromJson<CookAct>(body))]));
}

/** The row of a batch, new or in the place of the one that is there; it holds what it uses. */
async function writeBatchRow(
  q: Queries,
  { id, draft, createdAt }: { readonly id: string; readonly draft: BatchDraft; readonly createdAt: string },
  status: 'planned' | 'done',
): Promise<void> {
  const at = new Date(createdAt);
  await q.change(
    `INSERT INTO batch (id, name, status, draft, version, created_at, updated_at) VALUES (?, ?, ?, ?, 1, ?, ?)
     ON DUPLICATE KEY UPDATE name = VALUES(name), status = VALUES(status), draft = VALUES(draft),
       version = version + 1, created_at = VALUES(created_at), updated_at = UTC_TIMESTAMP(3)`,
    [id, draft.name, status, JSON.stringify(draft), at, at],
  );
  const lines = [...draft.dough.lines, ...fillingsOf(draft).flatMap((mark) => draft.fillings[mark]!.lines)];
  await holdIngredients(
    q,
    'batch',
    id,
    lines.map(({ ingredientId }) => ingredientId),
  );
}

/** All that was recorded of a batch and of its session at the stove; what was learnt of it is learnt anew. */
async function clearAll(q: Queries, id: string): Promise<void> {
  for (const table of [
    'cook_act',
    'stove_session',
    'ledger_note',
    'ledger_looks',
    'ledger_tag',
    'ledger_photo',
    'observation',
    'taught',
  ])
    await q.change(`DELETE FROM ${table} WHERE batch_id = ?`, [id]);
}

async function removeBatch(q: Queries, id: string): Promise<void> {
  await releaseIngredients(q, id);
  await q.change('DELETE FROM batch WHERE id = ?', [id]);
}

export const BATCH_ITEMS: ItemTable<BatchItem> = {
  async list(q, ids) {
    const { sql, values } = wanted(ids);
    const rows = await q.rows<{ id: string; draft: unknown; created_at: Date }>(
      `SELECT id, draft, created_at FROM batch ${sql || 'WHERE TRUE'} AND status <> 'done' ORDER BY created_at, id`,
      values,
    );
    const acts = await cookActsOf(
      q,
      rows.map(({ id }) => id),
    );
    return rows.map(({ id, draft, created_at: at }) => ({
      kind: 'batch' as const,
      id,
      createdAt: at.toISOString(),
      draft: readBatchDraft(fromJson(draft)),
      cookActs: acts.get(id) ?? [],
    }));
  },
  async write(q, item, isNew) {
    await writeBatchRow(q, item, 'planned');
    if (!isNew) await clearAll(q, item.id);
    await insertCookActs(q, item.id, item.cookActs);
  },
  remove: removeBatch,
};

interface RawRecord {
  batch_id: string;
  created_at: Date;
  draft: unknown;
  kitchen: unknown;
  seed: number;
  speed: number;
  probe: string | null;
  trial: number;
  start_c: number | null;
  started_at: Date;
  ended_at: Date;
  gone_at: Date | null;
  notes: string | null;
  looks: unknown;
}

/** Readings are distinguished by their moment, in thousandths of a stove second. */
const PER_S = 1000;

export const RECORD_ITEMS: ItemTable<RecordItem> = {
  async list(q, ids) {
    const { sql, values } = wanted(ids, 's.batch_id');
    const rows = await q.rows<RawRecord>(
      `SELECT s.batch_id, b.created_at, s.draft, s.kitchen, s.seed, s.speed, s.probe, s.trial, s.start_c, s.started_at,
         s.ended_at, s.gone_at, n.notes, l.body AS looks
       FROM stove_session s JOIN batch b ON b.id = s.batch_id
       LEFT JOIN ledger_note n ON n.batch_id = s.batch_id LEFT JOIN ledger_looks l ON l.batch_id = s.batch_id
       ${sql || 'WHERE TRUE'} AND s.ended_at IS NOT NULL ORDER BY s.started_at, s.batch_id`,
      values,
    );
    const own = rows.map((row) => row.batch_id);
    const of = wanted(own, 'batch_id');
    const acts = grouped(
      await q.rows<{ batch_id: string; body: unknown }>(
        `SELECT batch_id, body FROM stove_act ${of.sql} ORDER BY seq`,
        of.values,
      ),
    );
    const readings = grouped(
      await q.rows<{ batch_id: string; at_s: number; probe_c: number }>(
        `SELECT batch_id, at_s, probe_c FROM oil_reading ${of.sql} ORDER BY batch_id, seq`,
        of.values,
      ),
    );
    const tags = grouped(
      await q.rows<{ batch_id: string; tag: string }>(
        `SELECT batch_id, tag FROM ledger_tag ${of.sql} ORDER BY tag`,
        of.values,
      ),
    );
    const photos = grouped(
      await q.rows<{ batch_id: string; mark: TrayMark; jpeg: Buffer; taken_at: Date }>(
        `SELECT batch_id, mark, jpeg, taken_at FROM ledger_photo ${of.sql} ORDER BY batch_id, mark`,
        of.values,
      ),
    );
    const cookActs = await cookActsOf(q, own);
    return rows.map((row): RecordItem => {
      const { batch_id: id, seed, speed, probe } = row;
      return {
        kind: 'record',
        id,
        createdAt: row.created_at.toISOString(),
        draft: readBatchDraft(fromJson(row.draft)),
        kitchen: fromJson<Kitchen>(row.kitchen),
        seed,
        speed,
        probe,
        trial: row.trial === 1,
        startC: row.start_c,
        startedAt: row.started_at.toISOString(),
        endedAt: row.ended_at.toISOString(),
        goneAt: row.gone_at?.toISOString() ?? null,
        acts: (acts.get(id) ?? []).map(({ body }) => fromJson<StoveAct>(body)),
        readings: (readings.get(id) ?? []).map(({ at_s: atS, probe_c: probeC }) => [atS, probeC] as const),
        cookActs: cookActs.get(id) ?? [],
        notes: row.notes ?? '',
        looks: row.looks === null ? { trays: {} } : fromJson<RecordLooks>(row.looks),
        tags: (tags.get(id) ?? []).map(({ tag }) => tag).sort(),
        photos: (photos.get(id) ?? []).map(({ mark, jpeg, taken_at: at }) => ({
          mark,
          jpeg: jpeg.toString('base64'),
          takenAt: at.toISOString(),
        })),
      };
    });
  },
  async write(q, item, isNew) {
    const { id, draft, kitchen, seed, speed, probe, trial, startC } = item;
    await writeBatchRow(q, item, 'done');
    if (!isNew) await clearAll(q, id);
    await insertStove(q, {
      batchId: id,
      seed,
      speed,
      draft,
      kitchen,
      probe,
      trial,
      startC,
      startedAt: new Date(item.startedAt),
      endedAt: new Date(item.endedAt),
    });
    await insertStoveActs(q, id, item.acts);
    await insertReadings(
      q,
      item.readings.map(([atS, probeC]) => ({ batchId: id, seq: Math.max(1, Math.round(atS * PER_S)), atS, probeC })),
    );
    await insertCookActs(q, id, item.cookActs);
    if (item.notes !== '') await writeNote(q, id, item.notes, 0);
    if (Object.keys(item.looks.trays).length > 0 || item.looks.eatenFirst)
      await writeLooks(q, id, { looks: item.looks, version: 0 });
    for (const tag of item.tags) await addTag(q, id, tag);
    for (const { mark, jpeg, takenAt } of item.photos)
      await writePhoto(q, id, mark, Buffer.from(jpeg, 'base64'), new Date(takenAt));
    if (item.goneAt) await writeDeletedAt(q, id, new Date(item.goneAt));
  },
  remove: removeBatch,
};
