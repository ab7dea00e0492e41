import { randomBytes } from 'node:crypto';
import { databaseAt, openGate, type Gate, type Queries } from '../db/gate.js';
import { migrate } from '../db/migrate.js';
import { readKitchen } from '../kitchen/kitchenTable.js';
import { MIGRATIONS } from '../db/migrations/index.js';
import {
  columnsOf,
  dropOldTrials,
  dropTrial,
  insertRows,
  letRowsWait,
  makeTrial,
  takeOver,
} from './wholeDatabaseTable.js';
import { wrongIn } from '../http/validate.js';
import { kitchen as KITCHEN } from '../kitchen/kitchenSchemas.js';
import { CopyError, type CopyHead, readCopy, readCopyHead, type RowSink } from './copyFile.js';

/** One that was left behind is older than any restore takes, ms. */
const LEFT_MS = 6 * 3_600_000;

/** Every name in a copy must be one of the schema it says it was made by: nothing else comes into a statement. */
function known(head: CopyHead, columns: ReadonlyMap<string, ReadonlySet<string>>): void {
  for (const table of head.tables) {
    const own = columns.get(table.name);
    if (!own || table.name === 'schema_version' || !table.columns.every((column) => own.has(column)))
      throw new CopyError('This copy names a table that no Ember Fold ever had.');
  }
}

/** A value that the database refuses was never written by it. */
function asBadCopy(cause: unknown): never {
  const { sqlState, errno } = (cause ?? {}) as { sqlState?: string; errno?: number };
  if (/^(01|22|23)/.test(sqlState ?? '') || errno === REFUSED_BY_CHECK || errno === WRONG_VALUE)
    throw new CopyError('This copy holds a value that no kitchen can have.');
  throw cause;
}
const REFUSED_BY_CHECK = 4025;
const WRONG_VALUE = 1366;

/** Without a whole kitchen no page opens. */
async function requireKitchen(q: Queries): Promise<void> {
  const { kitchen, version } = await readKitchen(q);
  const wrong = version === 0 ? null : wrongIn(KITCHEN, JSON.parse(JSON.stringify(kitchen)));
  if (wrong) throw new CopyError(`The kitchen in this copy cannot be used: ${wrong.message}`);
}

/** Fills an empty database from a copy and brings it to the schema of today. */
async function fill(tried: Gate, path: string): Promise<CopyHead> {
  const { schema } = await readCopyHead(path);
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
  const columns = await columnsOf(tried);
  const head = await tried.withConnection(async (q) => {
    await letRowsWait(q);
    const insert: RowSink = (table, rows) => insertRows(q, table, rows).catch(asBadCopy);
    return await readCopy(path, insert, async (told) => known(told, columns));
  });
  await migrate(tried).catch(asBadCopy);
  await requireKitchen(tried);
  return head;
}

/**
 * Puts what a copy holds in the place of everything in the database. It is tried in a database of
 * its own first, so that a bad copy changes nothing; then all changes places in one transaction.
 * @throws CopyError when the copy cannot be read
 */
export async function restoreCopy(gate: Gate, databaseUrl: string, path: string): Promise<CopyHead> {
  await dropOldTrials(gate, LEFT_MS);
  const name = await makeTrial(gate, randomBytes(4).toString('hex'));
  const tried = openGate(databaseAt(databaseUrl, name));
  try {
    const head = await fill(tried, path);
    await takeOver(gate, name);
    return head;
  } finally {
    await tried.close().catch(() => undefined);
    await dropTrial(gate, name).catch(() => undefined);
  }
}
