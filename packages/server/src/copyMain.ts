import { createReadStream } from 'node:fs';
import { copyFile, mkdir } from 'node:fs/promises';
import { dirname, join, resolve } from 'node:path';
import { CopyKeeper } from './copies/copyKeeper.js';
import { readConfig } from './config.js';
import { openGate } from './db/gate.js';
import { migrate } from './db/migrate.js';

/** `npm run backup` and `npm run restore` while no server runs: one copy made, or one put in the kitchen's place. */
async function main([what, file]: readonly string[]): Promise<string> {
  const { databaseUrl, copies: folder, copyRule: rule } = readConfig(process.env);
  const gate = openGate(databaseUrl);
  const log = { error: () => undefined, info: () => undefined };
  const keeper = new CopyKeeper({
    gate,
    databaseUrl,
    folder,
    rule,
    log,
    clockMs: Date.now,
    onRestored: () => undefined,
  });
  try {
    await migrate(gate, undefined, () => keeper.make('upgrade'));
    if (what === 'restore') {
      const { name } = await keeper.take(createReadStream(resolve(file!)));
      const { before } = await keeper.restore(name);
      return `Restored. The kitchen as it was before is in ${join(folder, before)}.`;
    }
    const { name } = await keeper.make('hand');
    if (!file) return `Copied to ${join(folder, name)}.`;
    await mkdir(dirname(resolve(file)), { recursive: true });
    await copyFile(join(folder, name), resolve(file));
    return `Copied to ${resolve(file)}.`;
  } finally {
    await gate.close();
  }
}

main(process.argv.slice(2)).then(
  (said) => process.stdout.write(`${said}\n`),
  (cause: unknown) => {
    process.stderr.write(`${(cause as Error).message}\n`);
    process.exitCode = 1;
  },
);
