// npm start: everything a fresh machine needs, then the product. See README for the options.
import { spawn } from 'node:child_process';
import { existsSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { buildStale } from './build.mjs';
import { isAlive, startDatabase } from './lib/database.mjs';
import { checkDisk, checkNode, ensureFolder, ensurePackages, giveUp, ROOT, say } from './lib/ensure.mjs';

const USAGE = 'npm start -- [--port 4600] [--no-demo] [--fresh] [--data FOLDER]';

function readOptions() {
  try {
    const { values } = parseArgs({
      options: {
        port: { type: 'string', default: '4600' },
        'no-demo': { type: 'boolean', default: false },
        fresh: { type: 'boolean', default: false },
        data: { type: 'string', default: join(ROOT, '.data') },
      },
    });
    const port = Number(values.port);
    if (!Number.isInteger(port) || port < 0 || port > 65535) giveUp('--port takes a whole number up to 65535.');
    return { port, demo: !values['no-demo'], fresh: values.fresh, data: resolve(values.data) };
  } catch (cause) {
    giveUp(`${cause.message} Usage: ${USAGE}`);
  }
}

/** One start per data folder: two servers would move the same stoves. */
function claim(data) {
  ensureFolder(data);
  const file = join(data, 'start.json');
  if (existsSync(file)) {
    const held = JSON.parse(readFileSync(file, 'utf8') || '{}');
    const ours =
      held.pid && isAlive(held.pid) && readFileSync(`/proc/${held.pid}/cmdline`, 'utf8').includes('start.mjs');
    if (ours && held.pid !== process.pid) giveUp(`Ember Fold is already running from this folder at ${held.address}.`);
  }
  return (state) => {
    try {
      // Whoever reads it finds the whole of it, at any moment.
      writeFileSync(`${file}.new`, JSON.stringify({ pid: process.pid, ...state }));
      renameSync(`${file}.new`, file);
    } catch (cause) {
      giveUp(`The folder ${data} cannot be written (${cause.code}).`);
    }
  };
}

const options = readOptions();
checkNode();
checkDisk();
ensurePackages();
const record = claim(options.data);
const external = process.env.DATABASE_URL;
if (options.fresh) {
  if (external)
    giveUp('--fresh empties only the database Ember Fold starts itself; empty the one in DATABASE_URL by hand.');
  rmSync(join(options.data, 'mariadb'), { recursive: true, force: true });
}
await buildStale();
let now = {};
/** What the start says of itself, for a second start and for tests. */
function tell(change) {
  now = { ...now, ...change };
  record(now);
}
const database = external
  ? { url: external, stop: async () => {} }
  : await startDatabase(options.data, (databasePid) => {
      say('The database was gone; it is started again.');
      tell({ databasePid });
    });
now = { databasePid: database.pid ?? null };

let child = null;
let stopping = false;
let restarts = 0;

function serve() {
  child = spawn(process.execPath, ['--enable-source-maps', join(ROOT, 'packages/server/dist/main.js')], {
    stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
    env: {
      ...process.env,
      DATABASE_URL: database.url,
      PORT: String(options.port),
      EMBER_DEMO: options.demo ? '1' : '0',
      EMBER_WEB_DIR: join(ROOT, 'packages/web/dist'),
    },
  });
  let ready = false;
  child.on('message', (message) => {
    ready = true;
    options.port = message.port;
    const address = `http://localhost:${message.port}/`;
    tell({ address, serverPid: child.pid });
    if (restarts === 0) process.stdout.write(`Ember Fold is ready at ${address}\n`);
    else say('The server is back.');
  });
  child.on('exit', (code, signal) => {
    if (stopping) return;
    // Pieces may be in the oil: come back at once, but do not spin.
    if (ready && restarts < 20) {
      restarts += 1;
      say(`The server stopped (${signal ?? code}); starting it again.`);
      setTimeout(serve, 300);
      return;
    }
    void stop(code ?? 1);
  });
}

async function stop(code) {
  if (stopping) return;
  stopping = true;
  if (child && child.exitCode === null && child.signalCode === null) {
    child.kill('SIGTERM');
    await new Promise((done) => {
      child.once('exit', done);
      setTimeout(done, 5000).unref();
    });
  }
  await database.stop();
  process.exit(code);
}

process.on('SIGINT', () => void stop(0));
process.on('SIGTERM', () => void stop(0));
serve();
