import { randomBytes } from 'node:crypto';
import { openGate, type Gate, type Queries } from '../db/gate.js';
import { migrate } from '../db/migrate.js';
import { MIGRATIONS } from '../db/migrations/index.js';
import { CopyError, type CopyHead, type CopyTable, quoted, readCopy, type RowSink } from './copyFile.js';

const TRIED = 'ember_restore_';
/** One that was left behind is older than any restore takes, ms. */
const LEFT_MS = 6 * 3_600_000;

/** Databases in which a restore was tried that never ended. */
async function dropLeft(gate: Gate, nowMs: number): Promise<void> {
  const rows = await gate.rows<{ name: string }>(
    `SELECT SCHEMA_NAME AS name FROM information_schema.SCHEMATA WHERE SCHEMA_NAME LIKE 'ember\\_restore\\_%'`,
  );
  for (const { name } of rows) {
    const [, madeMs] = /^ember_restore_(\d+)_/.exec(name) ?? [];
    if (madeMs && nowMs - Number(madeMs) > LEFT_MS) await gate.change(`DROP DATABASE IF EXISTS ${quoted(name)}`);
  }
}

async function columnsOf(q: Queries): Promise<Map<string, Set<string>>> {
  const rows = await q.rows<{ t: string; c: string }>(
    'SELECT TABLE_NAME AS t, COLUMN_NAME AS c FROM information_schema.COLUMNS WHERE TABLE_SCHEMA = DATABASE()',
  );
  const found = new Map<string, Set<string>>();
  for (const { t, c } of rows) found.set(t, (found.get(t) ?? new Set()).add(c));
  return found;
}

/** Every name in a copy must be one of the schema it says it was made by: nothing else comes into a statement. */
function known(head: CopyHead, columns: ReadonlyMap<string, ReadonlySet<string>>): void {
  for (const table of head.tables) {
    const own = columns.get(table.name);
    if (!own || table.name === 'schema_version' || !table.columns.every((column) => own.has(column)))
      throw new CopyError('This copy names a table that no Ember Fold ever had.');
  }
}

function inserter(q: Queries): RowSink {
  return async ({ name, columns, bytes }: CopyTable, rows) => {
    const one = `(${columns.map((column) => (bytes.includes(column) ? 'FROM_BASE64(?)' : '?')).join(', ')})`;
    await q.change(
      `INSERT INTO ${quoted(name)} (${columns.map(quoted).join(', ')}) VALUES ${rows.map(() => one).join(', ')}`,
      rows.flat(),
    );
  };
}

/** Fills an empty database from a copy and brings it to the schema of today. */
async function fill(tried: Gate, path: string): Promise<CopyHead> {
  return await tried.withConnection(async (q) => {
    await q.change('SET SESSION foreign_key_checks = 0');
    const head = await readCopy(path, inserter(q), async ({ schema, ...rest }) => {
      const newest = MIGRATIONS.at(-1)!.version;
      if (schema > newest)
        throw new CopyError(
          `This copy is of schema ${schema} and this Ember Fold knows only ${newest}; start the newer version.`,
          'NEWER_COPY',
        );
      await migrate(
        tried,
        MIGRATIONS.filter(({ version }) => version <= schema),
      );
      known({ schema, ...rest }, await columnsOf(q));
    });
    await migrate(tried);
    return head;
  });
}

/** In one transaction: whoever is stopped in the middle finds all as it was before. */
async function takeOver(gate: Gate, tried: string): Promise<void> {
  await gate.transaction(async (q) => {
    await q.change('SET SESSION foreign_key_checks = 0');
    try {
      for (const [table, columns] of await columnsOf(q)) {
        if (table === 'schema_version') continue;
        const names = [...columns].map(quoted).join(', ');
        await q.change(`DELETE FROM ${quoted(table)}`);
        await q.change(
          `INSERT INTO ${quoted(table)} (${names}) SELECT ${names} FROM ${quoted(tried)}.${quoted(table)}`,
        );
      }
    } finally {
      await q.change('SET SESSION foreign_key_checks = 1').catch(() => undefined);
    }
  });
}

/**
 * Puts what a copy holds in the place of everything in the database. It is tried in a database of
 * its own first, so that a bad copy changes nothing; then all changes places in one transaction.
 * @throws CopyError when the copy cannot be read
 */
export async function restoreCopy(gate: Gate, databaseUrl: string, path: string, nowMs: number): Promise<CopyHead> {
  await dropLeft(gate, nowMs);
  const name = `${TRIED}${nowMs}_${randomBytes(4).toString('hex')}`;
  await gate.change(`CREATE DATABASE ${quoted(name)} CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_520_ci`);
  const url = new URL(databaseUrl);
  url.pathname = `/${name}`;
  const tried = openGate(url.toString());
  try {
    const head = await fill(tried, path);
    await takeOver(gate, name);
    return head;
  } finally {
    await tried.close().catch(() => undefined);
    await gate.change(`DROP DATABASE IF EXISTS ${quoted(name)}`).catch(() => undefined);
  }
}
