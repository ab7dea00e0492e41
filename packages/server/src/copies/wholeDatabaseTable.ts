import type { Gate, Queries, RowsOf } from '../db/gate.js';

/** A table of the kitchen as a whole copy has it. */
export interface WholeTable {
  readonly name: string;
  readonly columns: readonly string[];
  /** Columns whose values are bytes, in base64. */
  readonly bytes: readonly string[];
  readonly rows: number;
}

/** A value in a row: text as the database writes it. */
export type WrittenValue = string | null;

/** Backticks around a name that the database gave us, or that was compared with one. */
const quoted = (name: string): string => `\`${name.replaceAll('`', '``')}\``;

async function all(rows: AsyncIterable<readonly (string | null)[]>): Promise<(readonly (string | null)[])[]> {
  const found = [];
  for await (const row of rows) found.push(row);
  return found;
}

/** Tables that are no part of the kitchen: in no copy, and not touched when one takes over. */
const NOT_KITCHEN = [
  'schema_version',
  'home_device',
  'home_pairing',
  'home_passphrase',
  'home_calendar',
  'lease',
  'live_event',
  'server',
];
const LISTED = NOT_KITCHEN.map((name) => `'${name}'`).join(', ');

/** Tables of the kitchen and their columns. */
export async function tablesOf(rowsOf: RowsOf): Promise<WholeTable[]> {
  const columns = await all(
    rowsOf(`SELECT c.TABLE_NAME, c.COLUMN_NAME, c.DATA_TYPE LIKE '%blob' OR c.DATA_TYPE LIKE '%binary'
      FROM information_schema.COLUMNS c JOIN information_schema.TABLES t USING (TABLE_SCHEMA, TABLE_NAME)
      WHERE c.TABLE_SCHEMA = DATABASE() AND t.TABLE_TYPE = 'BASE TABLE' AND c.TABLE_NAME NOT IN (${LISTED})
      ORDER BY c.TABLE_NAME, c.ORDINAL_POSITION`),
  );
  const found: WholeTable[] = [];
  for (const name of new Set(columns.map(([table]) => table!))) {
    const own = columns.filter(([table]) => table === name);
    const [[rows] = []] = await all(rowsOf(`SELECT COUNT(*) FROM ${quoted(name)}`));
    found.push({
      name,
      columns: own.map(([, column]) => column!),
      bytes: own.filter(([, , isBytes]) => isBytes === '1').map(([, column]) => column!),
      rows: Number(rows),
    });
  }
  return found;
}

/** The number of the newest migration. */
export async function schemaOf(rowsOf: RowsOf): Promise<number> {
  const [[schema] = []] = await all(rowsOf('SELECT COALESCE(MAX(version), 0) FROM schema_version'));
  return Number(schema);
}

/** All rows of a table, bytes in base64. */
export function rowsIn(rowsOf: RowsOf, { name, columns, bytes }: WholeTable): ReturnType<RowsOf> {
  const selected = columns.map((column) => (bytes.includes(column) ? `TO_BASE64(${quoted(column)})` : quoted(column)));
  return rowsOf(`SELECT ${selected.join(', ')} FROM ${quoted(name)}`);
}

/** Columns by table. */
export async function columnsOf(q: Queries): Promise<Map<string, Set<string>>> {
  const rows = await q.rows<{ t: string; c: string }>(
    'SELECT TABLE_NAME AS t, COLUMN_NAME AS c FROM information_schema.COLUMNS WHERE TABLE_SCHEMA = DATABASE()',
  );
  const found = new Map<string, Set<string>>();
  for (const { t, c } of rows) found.set(t, (found.get(t) ?? new Set()).add(c));
  return found;
}

/** Puts rows back as they were read; the names must be known to be of this database. */
export async function insertRows(
  q: Queries,
  { name, columns, bytes }: WholeTable,
  rows: readonly (readonly WrittenValue[])[],
): Promise<void> {
  const one = `(${columns.map((column) => (bytes.includes(column) ? 'FROM_BASE64(?)' : '?')).join(', ')})`;
  await q.change(
    `INSERT INTO ${quoted(name)} (${columns.map(quoted).join(', ')}) VALUES ${rows.map(() => one).join(', ')}`,
    rows.flat(),
  );
}

/** Rows may come in any order until it is asked again. */
export async function letRowsWait(q: Queries): Promise<void> {
  await q.change('SET SESSION foreign_key_checks = 0');
}

/** In one transaction: whoever is stopped in the middle finds all as it was before. */
export async function takeOver(gate: Gate, tried: string): Promise<void> {
  await gate.transaction(async (q) => {
    await q.change('SET SESSION foreign_key_checks = 0');
    try {
      for (const [table, columns] of await columnsOf(q)) {
        if (NOT_KITCHEN.includes(table)) continue;
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

const TRIED = 'ember_restore_';

/** The database's own clock, ms: the same for every server that works on it, however wrong their own are. */
async function nowAt(gate: Gate): Promise<number> {
  const [row] = await gate.rows<{ ms: number }>('SELECT ROUND(1000 * UNIX_TIMESTAMP(NOW(3))) AS ms');
  return Number(row!.ms);
}

/** Makes a database in which a copy is tried. @returns its name, in which the moment stands */
export async function makeTrial(gate: Gate, odd: string): Promise<string> {
  const name = `${TRIED}${await nowAt(gate)}_${odd}`;
  await gate.change(`CREATE DATABASE ${quoted(name)} CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_520_ci`);
  return name;
}

export async function dropTrial(gate: Gate, name: string): Promise<void> {
  await gate.change(`DROP DATABASE IF EXISTS ${quoted(name)}`);
}

/** Drops databases in which a copy was tried and that are older than so long, ms. */
export async function dropOldTrials(gate: Gate, mostMs: number): Promise<void> {
  const nowMs = await nowAt(gate);
  const rows = await gate.rows<{ name: string }>(
    `SELECT SCHEMA_NAME AS name FROM information_schema.SCHEMATA WHERE SCHEMA_NAME LIKE 'ember\\_restore\\_%'`,
  );
  for (const { name } of rows) {
    const [, madeMs] = /^ember_restore_(\d+)_/.exec(name) ?? [];
    if (madeMs && nowMs - Number(madeMs) > mostMs) await dropTrial(gate, name);
  }
}
