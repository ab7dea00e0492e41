import type { LiveEvent } from '@ember-fold/core/stove';
import { fromJson, type Queries } from '../db/gate.js';

/** What one server tells the others. A gap: something may have been missed, all is asked for again. */
export type Shared = LiveEvent | { readonly kind: 'gap' } | { readonly kind: 'restored' };

export interface SharedEvent {
  readonly id: number;
  readonly told: Shared;
}

/** In the order in which they are given. */
export async function insertEvents(q: Queries, server: string, events: readonly Shared[]): Promise<void> {
  if (events.length === 0) return;
  await q.change(
    `INSERT INTO live_event (server, at, body) VALUES ${events.map(() => '(?, UTC_TIMESTAMP(3), ?)').join(', ')}`,
    events.flatMap((event) => [server, JSON.stringify(event)]),
  );
}

/** What other servers told after `id`, oldest first, and the newest that is so old that none before it is still to come. */
export async function eventsAfter(
  q: Queries,
  id: number,
  server: string,
  lateMs: number,
): Promise<{ readonly events: readonly SharedEvent[]; readonly sureId: number }> {
  const rows = await q.rows<{ id: number; server: string; body: string; sure: number }>(
    `SELECT id, server, body, at < UTC_TIMESTAMP(3) - INTERVAL ? MICROSECOND AS sure
     FROM live_event WHERE id > ? ORDER BY id LIMIT 5000`,
    [lateMs * 1000, id],
  );
  return {
    events: rows
      .filter((row) => row.server !== server)
      .map((row) => ({ id: Number(row.id), told: fromJson<Shared>(row.body) })),
    sureId: rows.reduce((most, row) => (row.sure === 1 ? Math.max(most, Number(row.id)) : most), id),
  };
}

export async function lastEventId(q: Queries): Promise<number> {
  const [row] = await q.rows<{ id: number }>('SELECT COALESCE(MAX(id), 0) AS id FROM live_event');
  return Number(row?.id ?? 0);
}

export async function dropEvents(q: Queries, keepMs: number): Promise<void> {
  await q.change('DELETE FROM live_event WHERE at < UTC_TIMESTAMP(3) - INTERVAL ? MICROSECOND', [keepMs * 1000]);
}

/** Says that a server is there. */
export async function noteServer(q: Queries, id: string): Promise<void> {
  await q.change('REPLACE INTO server (id, at) VALUES (?, UTC_TIMESTAMP(3))', [id]);
}

export async function dropServer(q: Queries, id: string): Promise<boolean> {
  return (await q.change('DELETE FROM server WHERE id = ?', [id])).affectedRows === 1;
}

/** Servers that have said nothing for so long. */
export async function silentServers(q: Queries, silentMs: number): Promise<string[]> {
  const rows = await q.rows<{ id: string }>(
    'SELECT id FROM server WHERE at < UTC_TIMESTAMP(3) - INTERVAL ? MICROSECOND',
    [silentMs * 1000],
  );
  return rows.map(({ id }) => id);
}
