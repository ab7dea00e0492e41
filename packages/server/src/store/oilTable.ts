import type { Oil, OilEvent } from '@ember-fold/core/stove';
import { fromJson, type Queries } from '../db/gate.js';

interface OilColumns {
  readonly id: string;
  readonly name: string;
  readonly ingredient_id: string;
  readonly smoke_c: number;
}

const oilOf = ({ id, name, ingredient_id, smoke_c }: OilColumns): Oil => ({
  id,
  name,
  ingredientId: ingredient_id,
  smokeC: smoke_c,
});

/** Newest first. */
export async function listOils(q: Queries): Promise<Oil[]> {
  const rows = await q.rows<OilColumns>(
    'SELECT id, name, ingredient_id, smoke_c FROM oil ORDER BY added_at DESC, id LIMIT 200',
  );
  return rows.map(oilOf);
}

export async function readOil(q: Queries, id: string): Promise<Oil | null> {
  const [row] = await q.rows<OilColumns>('SELECT id, name, ingredient_id, smoke_c FROM oil WHERE id = ?', [id]);
  return row ? oilOf(row) : null;
}

/** @returns false when the id is taken */
export async function insertOil(q: Queries, oil: Oil, addedAt: Date): Promise<boolean> {
  const made = await q.change(
    'INSERT IGNORE INTO oil (id, name, ingredient_id, smoke_c, added_at) VALUES (?, ?, ?, ?, ?)',
    [oil.id, oil.name, oil.ingredientId, oil.smokeC, addedAt],
  );
  return made.affectedRows === 1;
}

interface EventColumns {
  readonly id: string;
  readonly kind: string;
  readonly body: unknown;
  readonly at: Date;
}

/** What happened to one oil, in order. */
export async function listOilEvents(q: Queries, oilId: string): Promise<OilEvent[]> {
  const rows = await q.rows<EventColumns>(
    'SELECT id, kind, body, at FROM oil_event WHERE oil_id = ? ORDER BY at, seq LIMIT 2000',
    [oilId],
  );
  return rows.map(({ id, kind, body, at }) => ({ ...fromJson<object>(body), id, kind, at: at.getTime() }) as OilEvent);
}

/** @returns false when an event of this id is already there: the same thing sent twice */
/** Takes back what a batch did to its oil: the batch goes on. */
export async function deleteFried(q: Queries, batchId: string): Promise<void> {
  await q.change(`DELETE FROM oil_event WHERE id = ? AND kind = 'fried'`, [batchId]);
}

export async function insertOilEvent(q: Queries, oilId: string, { id, kind, at, ...body }: OilEvent): Promise<boolean> {
  const made = await q.change('INSERT IGNORE INTO oil_event (id, oil_id, kind, body, at) VALUES (?, ?, ?, ?, ?)', [
    id,
    oilId,
    kind,
    JSON.stringify(body),
    new Date(at),
  ]);
  return made.affectedRows === 1;
}
