// npm run backup, npm run restore: through the server that runs from this folder, else alone.
import { spawnSync } from 'node:child_process';
import { createReadStream, createWriteStream, existsSync, mkdirSync, statSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { parseArgs } from 'node:util';
import { buildStale } from './build.mjs';
import { startDatabase } from './lib/database.mjs';
import { checkNode, ensurePackages, giveUp, ROOT } from './lib/ensure.mjs';
import { runningIn } from './lib/running.mjs';

const USAGE = 'npm run backup -- [FILE] [--data FOLDER] [--copies FOLDER], npm run restore -- FILE [--data FOLDER]';

function readOptions() {
  try {
    const { values, positionals } = parseArgs({
      allowPositionals: true,
      options: { data: { type: 'string', default: join(ROOT, '.data') }, copies: { type: 'string' } },
    });
    const [what, file, ...more] = positionals;
    if (!['backup', 'restore'].includes(what) || more.length > 0) giveUp(`Usage: ${USAGE}`);
    if (what === 'restore' && !file) giveUp('Which file? npm run restore -- FILE');
    if (what === 'restore' && !existsSync(file)) giveUp(`There is no file ${file}.`);
    const data = resolve(values.data);
    return { what, file: file && resolve(file), data, copies: resolve(values.copies ?? join(data, 'copies')) };
  } catch (cause) {
    giveUp(`${cause.message} Usage: ${USAGE}`);
  }
}

const { what, file, data, copies } = readOptions();
checkNode();
ensurePackages();

/** Asks the running server; its refusal is the sentence that is told. */
async function ask(address, path, init) {
  const answer = await fetch(new URL(`api/copies${path}`, address), { method: 'POST', ...init }).catch(() =>
    giveUp(`The kitchen at ${address} does not answer; stop it, or start it again.`),
  );
  if (!answer.ok) giveUp((await answer.json()).message);
  return answer;
}
const json = { headers: { 'content-type': 'application/json' }, body: '{}' };

async function throughServer(address) {
  if (what === 'backup') {
    const { name } = await (await ask(address, '', json)).json();
    if (!file) return `Copied to ${join(copies, name)}.`;
    mkdirSync(dirname(file), { recursive: true });
    const whole = await ask(address, `/${name}/file`, { method: 'GET' });
    await pipeline(Readable.fromWeb(whole.body), createWriteStream(file));
    return `Copied to ${file}.`;
  }
  const body = createReadStream(file);
  const headers = { 'content-type': 'application/gzip', 'content-length': String(statSync(file).size) };
  const { name } = await (await ask(address, '/given', { headers, body, duplex: 'half' })).json();
  const { before } = await (await ask(address, `/${name}/restore`, json)).json();
  return `Restored. The kitchen as it was before is in ${join(copies, before)}.`;
}

const running = runningIn(data);
if (running?.address) {
  process.stdout.write(`${await throughServer(running.address)}\n`);
} else {
  await buildStale();
  const external = process.env.DATABASE_URL;
  const database = external ? { url: external, stop: async () => {} } : await startDatabase(data);
  const { status } = spawnSync(
    process.execPath,
    [join(ROOT, 'packages/server/dist/copyMain.js'), what, ...(file ? [file] : [])],
    { stdio: 'inherit', env: { ...process.env, DATABASE_URL: database.url, EMBER_COPIES: copies } },
  );
  await database.stop();
  process.exit(status ?? 1);
}
