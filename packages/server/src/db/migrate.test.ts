import { openDatabase } from '../test/openApp.js';
import type { Gate } from './gate.js';
import { migrate, NewerSchemaError } from './migrate.js';
import { MIGRATIONS } from './migrations/index.js';

let database: { gate: Gate; drop: () => Promise<void> };
beforeEach(async () => {
  database = await openDatabase();
});
afterEach(() => database.drop());

const versions = async () =>
  (await database.gate.rows<{ version: number }>('SELECT version FROM schema_version ORDER BY version')).map(
    (row) => row.version,
  );

it('runs each migration once, also when two starts race', async () => {
  const runs = await Promise.all([migrate(database.gate), migrate(database.gate), migrate(database.gate)]);
  expect(runs.sort()).toEqual([0, 0, MIGRATIONS.length]);
  expect(await versions()).toEqual(MIGRATIONS.map((m) => m.version));
  expect(await migrate(database.gate)).toBe(0);
});

it('takes up a migration that broke half way', async () => {
  const first = MIGRATIONS[0]!;
  const broken = { ...first, statements: [...first.statements.slice(0, 2), 'SELECT nonsense FROM nowhere'] };
  await expect(migrate(database.gate, [broken])).rejects.toThrow();
  expect(await versions()).toEqual([]);
  expect(await migrate(database.gate)).toBe(MIGRATIONS.length);
});

it('refuses a database that is newer than this code, and leaves it alone', async () => {
  await migrate(database.gate);
  const next = { version: MIGRATIONS.length + 1, name: 'of tomorrow', statements: ['CREATE TABLE tomorrow (id INT)'] };
  await migrate(database.gate, [...MIGRATIONS, next]);
  await expect(migrate(database.gate)).rejects.toThrow(NewerSchemaError);
  await expect(migrate(database.gate)).rejects.toThrow(
    new RegExp(`schema ${next.version} .* only ${MIGRATIONS.length}`),
  );
  expect(await versions()).toEqual([...MIGRATIONS.map((m) => m.version), next.version]);
});

it('calls for a copy before it changes a kitchen that is there, and only then', async () => {
  let copies = 0;
  const copied = () => migrate(database.gate, MIGRATIONS, async () => (copies += 1));
  await migrate(database.gate, MIGRATIONS.slice(0, 3));
  await expect(migrate(database.gate, MIGRATIONS, () => Promise.reject(new Error('no room')))).rejects.toThrow(
    'no room',
  );
  expect(await versions()).toEqual([1, 2, 3]);
  await copied();
  await copied();
  expect(copies).toBe(1);
});

it('numbers migrations 1, 2, 3 and lets none be edited out', () => {
  expect(MIGRATIONS.map((m) => m.version)).toEqual(MIGRATIONS.map((_, i) => i + 1));
});

it('rolls a transaction back as a whole', async () => {
  await migrate(database.gate);
  const failing = database.gate.transaction(async (q) => {
    await q.change("INSERT INTO kitchen VALUES (1, '{}', 1, UTC_TIMESTAMP(3))");
    throw new Error('stop');
  });
  await expect(failing).rejects.toThrow('stop');
  expect(await database.gate.rows('SELECT id FROM kitchen')).toEqual([]);
});
