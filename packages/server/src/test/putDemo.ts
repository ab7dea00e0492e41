import type { Gate } from '../db/gate.js';
import { openGate } from '../db/gate.js';
import { migrate } from '../db/migrate.js';
import { loadDemo } from '../demo/loadDemo.js';
import { serverOfTests, T0 } from './openApp.js';

const TEMPLATE = 'ember_demo_kitchen';

const tablesOf = async (gate: Gate): Promise<string[]> =>
  (
    await gate.rows<{ t: string }>(
      'SELECT TABLE_NAME AS t FROM information_schema.TABLES WHERE TABLE_SCHEMA = DATABASE()',
    )
  ).map(({ t }) => t);

/** The demo kitchen as the product sets it up, in a database of its own: by the first test file that asks, once for all. */
async function makeTemplate(): Promise<void> {
  const admin = openGate(serverOfTests());
  await admin.withConnection(async (q) => {
    await q.rows("SELECT GET_LOCK('ember demo kitchen', 120)");
    await q.change(`CREATE DATABASE IF NOT EXISTS ${TEMPLATE}`);
    const gate = openGate(serverOfTests(TEMPLATE));
    await migrate(gate);
    await loadDemo(gate, T0);
    await gate.close();
    await q.rows("SELECT RELEASE_LOCK('ember demo kitchen')");
  });
  await admin.close();
}

/** Puts the demo kitchen of `T0` into an empty database: working it out takes seconds, copying it does not. */
export async function putDemo(gate: Gate): Promise<void> {
  await makeTemplate();
  const tables = await tablesOf(gate);
  await gate.transaction(async (q) => {
    await q.change('SET SESSION foreign_key_checks = 0');
    for (const table of tables)
      if (table !== 'schema_version') await q.change(`INSERT INTO ${table} SELECT * FROM ${TEMPLATE}.${table}`);
    await q.change('SET SESSION foreign_key_checks = 1');
  });
}
