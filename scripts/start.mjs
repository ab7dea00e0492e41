// npm start: everything a fresh machine needs, then the product. See docs/running.md for the options.
import { spawn } from 'node:child_process';
import { rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { buildStale } from './build.mjs';
import { startDatabase } from './lib/database.mjs';
import { checkDisk, checkNode, ensureFolder, ensurePackages, findProgram, giveUp, ROOT, say } from './lib/ensure.mjs';
import { restarts, waitText } from './lib/restarts.mjs';
import { runningIn, startRecord } from './lib/running.mjs';

const USAGE =
  'npm start -- [--port 4600] [--no-demo] [--fresh] [--data FOLDER] [--copies FOLDER] [--keep-daily 7] [--keep-weekly 4] [--lan] [--lan-port 4643] [--lan-name NAME]';

function wholeNumber(name, text, most) {
  const number = Number(text);
  if (!Number.isInteger(number) || number < 0 || number > most) giveUp(`--${name} takes a whole number up to ${most}.`);
  return number;
}

function hostName(text) {
  if (!/^[a-z0-9]([a-z0-9.-]{0,251}[a-z0-9])?$/i.test(text))
    giveUp(`--lan-name takes a host name or an address, not ${text}.`);
  return text;
}

/** @param host absent: of every address */
async function requirePort(port, option, host) {
  if (port === 0) return;
  const cause = await new Promise((done) => {
    const server = createServer();
    server.once('error', done);
    server.listen({ port, host }, () => server.close(() => done(null)));
  });
  if (cause?.code === 'EADDRINUSE') giveUp(`Port ${port} is already taken; start with ${option} and another number.`);
  if (cause) giveUp(`Port ${port} cannot be opened (${cause.code}); start with ${option} and another number.`);
}

function readOptions() {
  try {
    const { values } = parseArgs({
      options: {
        port: { type: 'string', default: process.env.PORT || '4600' },
        'no-demo': { type: 'boolean', default: false },
        fresh: { type: 'boolean', default: false },
        data: { type: 'string', default: join(ROOT, '.data') },
        copies: { type: 'string' },
        'keep-daily': { type: 'string', default: '7' },
        'keep-weekly': { type: 'string', default: '4' },
        lan: { type: 'boolean', default: false },
        'lan-port': { type: 'string', default: '4643' },
        'lan-name': { type: 'string', multiple: true, default: [] },
      },
    });
    const data = resolve(values.data);
    return {
      port: wholeNumber('port', values.port, 65535),
      demo: !values['no-demo'],
      fresh: values.fresh,
      data,
      copies: resolve(values.copies ?? join(data, 'copies')),
      daily: wholeNumber('keep-daily', values['keep-daily'], 1000),
      weekly: wholeNumber('keep-weekly', values['keep-weekly'], 1000),
      lan: values.lan,
      lanPort: wholeNumber('lan-port', values['lan-port'], 65535),
      lanNames: values['lan-name'].map(hostName),
    };
  } catch (cause) {
    giveUp(`${cause.message} Usage: ${USAGE}`);
  }
}

/** Installs MariaDB in a process of its own; `startDatabase` says what is wrong if it is still missing afterwards. */
function installMariaDbBeside() {
  if (findProgram('mariadbd')) return Promise.resolve();
  const script = "import('./scripts/lib/ensure.mjs').then(({ ensureMariaDb }) => ensureMariaDb())";
  const installer = spawn(process.execPath, ['--eval', script], { cwd: ROOT, stdio: ['ignore', 'inherit', 'inherit'] });
  return new Promise((resolve) => installer.once('exit', resolve));
}

const options = readOptions();
checkNode();
checkDisk();
// One start per data folder: two servers would move the same stoves.
const other = runningIn(options.data);
if (other && other.pid !== process.pid) giveUp(`Ember Fold is already running from this folder at ${other.address}.`);
// Before anything is set up: that takes minutes on a fresh machine.
await requirePort(options.port, '--port', '127.0.0.1');
if (options.lan) await requirePort(options.lanPort, '--lan-port');
const external = process.env.DATABASE_URL;
// Debian's package, npm's packages, the builds and the first start of the database need little of one another.
const mariaDb = external ? Promise.resolve() : installMariaDbBeside();
ensurePackages();
ensureFolder(options.data, 0o700);
const tell = startRecord(options.data);
if (options.fresh) {
  if (external)
    giveUp('--fresh empties only the database Ember Fold starts itself; empty the one in DATABASE_URL by hand.');
  rmSync(join(options.data, 'mariadb'), { recursive: true, force: true });
}
const [database] = await Promise.all([
  external
    ? { url: external, stop: async () => {} }
    : mariaDb.then(() =>
        startDatabase(options.data, (databasePid, why) => {
          say(`The database was gone; it is started again.${why && ` It said: ${why}`}`);
          tell({ databasePid });
        }),
      ),
  buildStale(),
]);
tell({ databasePid: database.pid ?? null }, false);

/** How the server ends once a copy has taken the place of its kitchen. */
const RESTORED = 75;
let child = null;
let stopping = false;
let hasRun = false;
const onEnd = restarts(Date.now());

function serve() {
  child = spawn(process.execPath, ['--enable-source-maps', join(ROOT, 'packages/server/dist/main.js')], {
    stdio: ['ignore', 'inherit', 'pipe', 'ipc'],
    env: {
      ...process.env,
      DATABASE_URL: database.url,
      PORT: String(options.port),
      EMBER_DEMO: options.demo ? '1' : '0',
      EMBER_WEB_DIR: join(ROOT, 'packages/web/dist'),
      EMBER_DATA: options.data,
      EMBER_COPIES: options.copies,
      EMBER_COPIES_DAILY: String(options.daily),
      EMBER_COPIES_WEEKLY: String(options.weekly),
      // Only a database of somebody's own has room for another server.
      EMBER_SHARED: external ? '1' : '0',
      EMBER_LAN: options.lan ? '1' : '0',
      EMBER_LAN_PORT: String(options.lanPort),
      EMBER_LAN_NAMES: options.lanNames.join(','),
    },
  });
  let lastLine = '';
  child.stderr.on('data', (chunk) => {
    process.stderr.write(chunk);
    lastLine = chunk.toString().trim().split('\n').pop() || lastLine;
  });
  child.on('message', (message) => {
    options.port = message.port;
    const address = `http://localhost:${message.port}/`;
    tell({ address, serverPid: child.pid });
    if (!hasRun) {
      process.stdout.write(`Ember Fold is ready at ${address}\n`);
      tellHome(message.home);
    } else say('The server is back.');
    hasRun = true;
  });
  child.on('exit', (code, signal) => {
    if (stopping) return;
    if (code === RESTORED) {
      say('A copy has taken the place of the kitchen.');
      serve();
      return;
    }
    // What is wrong from the first is told; what ran once runs again.
    if (!hasRun) {
      void stop(code ?? 1);
      return;
    }
    const { waitMs, times } = onEnd(Date.now());
    const again = times > 2 ? ` for the ${times}th time in a row` : '';
    const why = times > 2 && lastLine ? ` It said: ${lastLine.slice(0, 300)}` : '';
    say(`The server stopped (${signal ?? code})${again}; starting it again ${waitText(waitMs)}.${why}`);
    setTimeout(() => !stopping && serve(), waitMs);
  });
}

/** Where phones and tablets of the home find it, and what their browsers show before they trust it. */
function tellHome(home) {
  if (!home) {
    if (options.lan)
      say('This machine has no address on a network: phones cannot reach it. Connect it and start again.');
    return;
  }
  options.lanPort = Number(new URL(home.addresses[0]).port || 443);
  process.stdout.write(`On the home network: ${home.addresses.join(' or ')}\n`);
  process.stdout.write(`Its certificate has the fingerprint ${home.fingerprint}\n`);
  process.stdout.write('Let in a phone: Store, Phones and tablets, on this machine.\n');
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
