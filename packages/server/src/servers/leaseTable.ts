import { setTimeout } from 'node:timers/promises';
import type { Gate, Queries } from '../db/gate.js';

/**
 * Leases: what only one of several servers does, and for how long it may. Time is the database's.
 * The table is there before every migration, because migrating is such a thing.
 */
const LEASE_TABLE = `CREATE TABLE IF NOT EXISTS lease (
  name VARCHAR(80) NOT NULL PRIMARY KEY,
  owner CHAR(36) NOT NULL,
  token BIGINT UNSIGNED NOT NULL,
  until_at DATETIME(3) NOT NULL
)`;

/** Shows that its holder may still write: whoever holds the lease after it has a higher one. */
export interface Fence {
  readonly name: string;
  readonly owner: string;
  readonly token: number;
}

const UNTIL = 'NOW(3) + INTERVAL ? MICROSECOND';

/** Takes a lease that is free or over, or holds on to one's own. @returns `null`: somebody else has it */
export async function takeLease(q: Queries, name: string, owner: string, forMs: number): Promise<Fence | null> {
  // Values are set from left to right, each with those before it set already.
  await q.change(
    `INSERT INTO lease (name, owner, token, until_at) VALUES (?, ?, 1, ${UNTIL})
     ON DUPLICATE KEY UPDATE
       token = IF(until_at < NOW(3), token + 1, token),
       owner = IF(until_at < NOW(3), VALUES(owner), owner),
       until_at = IF(owner = VALUES(owner), VALUES(until_at), until_at)`,
    [name, owner, forMs * 1000],
  );
  const [row] = await q.rows<{ owner: string; token: number }>('SELECT owner, token FROM lease WHERE name = ?', [name]);
  return row?.owner === owner ? { name, owner, token: Number(row.token) } : null;
}

/**
 * Holds on to a lease for what is written with it, in the same transaction. It writes the row,
 * because nodes of a cluster only find out by what both have written.
 * @returns whether it is still held
 */
export async function holdLease(q: Queries, { name, owner, token }: Fence, forMs: number): Promise<boolean> {
  const { affectedRows } = await q.change(
    `UPDATE lease SET until_at = ${UNTIL} WHERE name = ? AND owner = ? AND token = ? AND until_at >= NOW(3)`,
    [forMs * 1000, name, owner, token],
  );
  return affectedRows === 1;
}

/** Gives up what is held, so that another may have it at once. */
export async function dropLeases(q: Queries, owner: string): Promise<void> {
  await q.change('UPDATE lease SET until_at = NOW(3) - INTERVAL 1 SECOND WHERE owner = ?', [owner]);
}

const WORK_MS = 10_000;
const RENEW_MS = 3000;
const ASK_MS = 200;

/** Does what only one may do at a time; others wait. @throws Error when it takes them over `mostMs` */
export async function withLease<T>(
  gate: Gate,
  { name, owner, mostMs = 60_000 }: { readonly name: string; readonly owner: string; readonly mostMs?: number },
  work: () => Promise<T>,
): Promise<T> {
  await gate.change(LEASE_TABLE);
  const end = Date.now() + mostMs;
  while (!(await takeLease(gate, name, owner, WORK_MS))) {
    if (Date.now() > end) throw new Error('Another start is still preparing the database; try again in a moment.');
    await setTimeout(ASK_MS);
  }
  const timer = setInterval(() => void takeLease(gate, name, owner, WORK_MS).catch(() => undefined), RENEW_MS);
  try {
    return await work();
  } finally {
    clearInterval(timer);
    await gate.change('DELETE FROM lease WHERE name = ? AND owner = ?', [name, owner]).catch(() => undefined);
  }
}
