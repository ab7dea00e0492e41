import { randomUUID } from 'node:crypto';
import { withLease } from '../servers/leaseTable.js';
import type { Gate, Queries } from './gate.js';
import { MIGRATIONS } from './migrations/index.js';
import type { Migration } from './migrations/migration.js';

/** The database was written by a newer Ember Fold: starting would lose what we do not know. */
export class NewerSchemaError extends Error {}

/** The number of the newest migration that this code knows, and of the newest in the database. @throws NewerSchemaError */
async function versionsOf(q: Queries, migrations: readonly Migration[]) {
  const [{ at } = { at: 0 }] = await q.rows<{ at: number }>(
    'SELECT COALESCE(MAX(version), 0) AS at FROM schema_version',
  );
  const newest = migrations.at(-1)?.version ?? 0;
  if (at > newest)
    throw new NewerSchemaError(
      `The database is at schema ${at} and this Ember Fold knows only ${newest}; start the newer version instead.`,
    );
  return { at, newest };
}

async function isUpToDate(q: Queries, migrations: readonly Migration[]): Promise<boolean> {
  try {
    const { at, newest } = await versionsOf(q, migrations);
    return at === newest;
  } catch (cause) {
    // An empty database.
    if ((cause as { code?: string }).code === 'ER_NO_SUCH_TABLE') return false;
    throw cause;
  }
}

/**
 * Brings the schema up to date, one migration at a time; a second start waits for the first.
 * @param before what is done first where there is something to lose: a copy is made
 * @returns how many were run
 * @throws NewerSchemaError when the database is ahead of this code
 */
export async function migrate(
  gate: Gate,
  migrations = MIGRATIONS,
  before: () => Promise<unknown> = async () => undefined,
): Promise<number> {
  // Where nothing is due nobody waits for anybody.
  if (await isUpToDate(gate, migrations)) return 0;
  return await withLease(gate, { name: 'migrate', owner: randomUUID() }, async () => {
    await gate.change(
      `CREATE TABLE IF NOT EXISTS schema_version (
        version INT UNSIGNED NOT NULL PRIMARY KEY,
        name VARCHAR(120) NOT NULL,
        run_at DATETIME(3) NOT NULL
      )`,
    );
    const { at } = await versionsOf(gate, migrations);
    const due = migrations.filter((migration) => migration.version > at);
    if (at > 0 && due.length > 0) await before();
    return await gate.withConnection(async (q) => {
      for (const migration of due) {
        for (const statement of migration.statements) await q.change(statement);
        await q.change('INSERT INTO schema_version (version, name, run_at) VALUES (?, ?, UTC_TIMESTAMP(3))', [
          migration.version,
          migration.name,
        ]);
      }
      return due.length;
    });
  });
}
