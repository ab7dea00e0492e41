// npm run doctor: what is wrong on this machine, in plain words. Node built-ins only; changes nothing.
import { accessSync, constants, existsSync, readdirSync, readFileSync, statfsSync, statSync } from 'node:fs';
import { createServer } from 'node:net';
import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { gunzipSync } from 'node:zlib';
import { findProgram, ROOT } from './lib/ensure.mjs';
import { runningIn } from './lib/running.mjs';

const { values } = parseArgs({
  options: {
    data: { type: 'string', default: join(ROOT, '.data') },
    copies: { type: 'string' },
    port: { type: 'string', default: '4600' },
  },
});
const data = resolve(values.data);
const copies = resolve(values.copies ?? join(data, 'copies'));
const MB = 2 ** 20;
let wrong = 0;

const fine = (text) => process.stdout.write(`well   ${text}\n`);
const note = (text) => process.stdout.write(`note   ${text}\n`);
const bad = (text) => {
  wrong += 1;
  process.stdout.write(`WRONG  ${text}\n`);
};

function checkNode() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major > 20 || (major === 20 && minor >= 19)) fine(`Node ${process.versions.node}.`);
  else bad(`Node ${process.versions.node} is too old; install 20.19 or newer.`);
}

function checkPackages() {
  const lock = join(ROOT, 'package-lock.json');
  const mark = join(ROOT, 'node_modules', '.package-lock.json');
  if (!existsSync(mark)) note('The npm packages are not installed yet; npm start installs them.');
  else if (statSync(mark).mtimeMs < statSync(lock).mtimeMs - 1000)
    note('The npm packages are older than the lock file; the next npm start installs them anew.');
  else fine('The npm packages are as the lock file says.');
}

function checkDatabaseProgram() {
  if (process.env.DATABASE_URL) fine('DATABASE_URL is set: the database is not ours to start.');
  else if (findProgram('mariadbd')) fine('MariaDB is installed.');
  else if (process.getuid?.() === 0 && findProgram('apt-get')) note('MariaDB is missing; npm start installs it.');
  else bad('MariaDB is missing and this user may not install it; run npm start once as root, or set DATABASE_URL.');
}

function isWritable(folder) {
  try {
    accessSync(folder, constants.W_OK);
    return true;
  } catch {
    return false;
  }
}

function checkFolder(name, folder) {
  if (!existsSync(folder)) note(`${name} ${folder} is not there yet; it is made when it is needed.`);
  else if (!isWritable(folder)) bad(`${name} ${folder} cannot be written by this user.`);
  else fine(`${name} ${folder} can be written.`);
}

function checkRoom() {
  const at = existsSync(data) ? data : ROOT;
  const disk = statfsSync(at);
  const freeMb = Math.floor((disk.bavail * disk.bsize) / MB);
  if (freeMb < 60) bad(`The disk is full: ${freeMb} MB free. Nothing new is saved below 60 MB; make room.`);
  else if (freeMb < 500) bad(`The disk is nearly full: ${freeMb} MB free; make room soon.`);
  else fine(`${freeMb} MB are free on the disk.`);
}

function portIsFree(port) {
  return new Promise((done) => {
    const server = createServer();
    server.once('error', () => done(false));
    server.listen(port, '127.0.0.1', () => server.close(() => done(true)));
  });
}

const FAR_S = 30;

/** Clocks of the machine, the running kitchen and the database; one that is far off dates records wrongly. */
function compareClocks({ nowMs, databaseMs }) {
  const offS = (ms) => Math.round((ms - Date.now()) / 1000);
  const far = [
    ['The kitchen', offS(nowMs)],
    ['The database', offS(databaseMs)],
  ].filter(([, s]) => Math.abs(s) > FAR_S);
  for (const [who, s] of far)
    bad(
      `${who} is ${Math.abs(s)} s ${s > 0 ? 'ahead of' : 'behind'} this machine's clock; set the clock and start again.`,
    );
  if (far.length === 0) fine('The clocks of machine, kitchen and database agree.');
}

async function checkRunning() {
  const running = runningIn(data);
  if (!running) {
    const port = Number(values.port);
    if (await portIsFree(port)) fine(`No kitchen runs from this folder; port ${port} is free.`);
    else
      bad(
        `No kitchen runs from this folder, and something else has port ${port}; start with --port and another number.`,
      );
    return;
  }
  if (!running.address) {
    note('A kitchen is starting from this folder; it does not answer yet.');
    return;
  }
  const health = await fetch(new URL('api/health', running.address), { signal: AbortSignal.timeout(5000) }).catch(
    () => null,
  );
  if (health?.ok) {
    fine(`The kitchen runs at ${running.address} and its database answers.`);
    compareClocks(await health.json());
  } else if (health)
    bad(`The kitchen runs at ${running.address}, but its database does not answer; see ${join(data, 'mariadb.log')}.`);
  else
    bad(
      `The kitchen should run at ${running.address} and does not answer; stop process ${running.pid} and start again.`,
    );
}

function checkLog() {
  const log = join(data, 'mariadb.log');
  if (!existsSync(log)) return;
  const errors = readFileSync(log, 'utf8')
    .split('\n')
    .slice(-400)
    .filter((line) => /\[ERROR\]/.test(line));
  if (errors.length > 0)
    note(`The database told of ${errors.length} errors lately; the last: ${errors.at(-1).slice(0, 200)}`);
}

const HOUR_MS = 3_600_000;

function checkCopies() {
  const names = existsSync(copies) ? readdirSync(copies).filter((name) => name.endsWith('.copy.gz')) : [];
  if (names.length === 0) {
    note('There is no copy of the kitchen yet; the first is made in the next night it runs, or by npm run backup.');
    return;
  }
  const newest = names.map((name) => join(copies, name)).sort((a, b) => statSync(b).mtimeMs - statSync(a).mtimeMs)[0];
  const hours = Math.round((Date.now() - statSync(newest).mtimeMs) / HOUR_MS);
  try {
    const text = gunzipSync(readFileSync(newest)).toString();
    const { madeAt } = JSON.parse(text.slice(0, text.indexOf('\n')));
    if (hours > 48) note(`The newest copy is ${hours} hours old (${madeAt}); is the kitchen off at night?`);
    else fine(`${names.length} copies; the newest is of ${madeAt} and can be read.`);
  } catch {
    bad(`The newest copy cannot be read: ${newest}. Make another: npm run backup.`);
  }
}

function checkClock() {
  const year = new Date().getFullYear();
  if (year < 2026 || year > 2100)
    bad(`The clock of this machine says ${year}; set it before anything is written down.`);
  else fine(`The clock says ${new Date().toString()}.`);
}

checkNode();
checkPackages();
checkDatabaseProgram();
checkFolder('The data folder', data);
checkFolder('The folder of copies', copies);
checkRoom();
checkClock();
await checkRunning();
checkLog();
checkCopies();
process.stdout.write(
  wrong === 0 ? 'Nothing is wrong.\n' : `${wrong} ${wrong === 1 ? 'thing is' : 'things are'} wrong.\n`,
);
process.exit(wrong === 0 ? 0 : 1);
