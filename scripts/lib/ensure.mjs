// What must be on the machine before anything else runs. Node built-ins only.
import { spawnSync } from 'node:child_process';
import { chmodSync, existsSync, mkdirSync, statfsSync, statSync } from 'node:fs';
import { delimiter, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = fileURLToPath(new URL('../..', import.meta.url));

/** Ends the process with one clear sentence. */
export function giveUp(sentence) {
  process.stderr.write(`${sentence}\n`);
  process.exit(1);
}

export function say(text) {
  process.stderr.write(`${text}\n`);
}

export function checkNode() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 19)) {
    giveUp(`Ember Fold needs Node 20.19 or newer; this is ${process.versions.node}.`);
  }
}

/** A full disk would tear a database file; better to stop before. */
export function checkDisk(needMb = 400) {
  const disk = statfsSync(ROOT);
  const freeMb = (disk.bavail * disk.bsize) / 2 ** 20;
  if (freeMb < needMb) giveUp(`The disk is nearly full: ${Math.floor(freeMb)} MB free, ${needMb} MB needed.`);
}

function run(command, args, options = {}) {
  const result = spawnSync(command, args, {
    cwd: ROOT,
    stdio: ['ignore', 'ignore', 'pipe'],
    encoding: 'utf8',
    ...options,
  });
  return { ok: result.status === 0, text: `${result.stderr ?? ''}`.trim().split('\n').slice(-3).join(' ') };
}

/** Installs the npm packages when they are missing or older than the lock file. */
export function ensurePackages() {
  const lock = join(ROOT, 'package-lock.json');
  const mark = join(ROOT, 'node_modules', '.package-lock.json');
  if (existsSync(mark) && statSync(mark).mtimeMs >= statSync(lock).mtimeMs - 1000) return;
  say('Installing packages, about a minute…');
  const result = run('npm', ['ci', '--no-audit', '--no-fund'], {
    env: { ...process.env, PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD: '1' },
  });
  if (!result.ok) giveUp(`The packages could not be installed: ${result.text}`);
}

export function findProgram(name) {
  const folders = [...(process.env.PATH ?? '').split(delimiter), '/usr/sbin', '/usr/local/sbin', '/usr/bin'];
  return folders.map((folder) => join(folder, name)).find((path) => existsSync(path)) ?? null;
}

/** @param patienceMs no longer than this is waited for a server that does not answer */
function install(packages, patienceMs = 15 * 60_000) {
  say(`Installing ${packages.join(', ')}…`);
  const options = { env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }, timeout: patienceMs };
  run('apt-get', ['update', '-qq'], options);
  return run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...packages], options);
}

/** Installs a Debian package when its program is missing. @returns path of the program */
function ensureProgram(program, packages, why) {
  const found = findProgram(program);
  if (found) return found;
  if (process.getuid?.() !== 0 || !findProgram('apt-get')) {
    giveUp(`${program} is missing and this user may not install it; ${why}`);
  }
  const result = install(packages);
  const path = findProgram(program);
  if (!result.ok || !path) giveUp(`${packages.join(', ')} could not be installed: ${result.text}`);
  return path;
}

export function ensureMariaDb() {
  return ensureProgram(
    'mariadbd',
    ['mariadb-server-core', 'mariadb-client-core'],
    'run once as root, or set DATABASE_URL to a MariaDB that is already there.',
  );
}

/**
 * Debian's Chromium for the browser tests: the build without windows, a tenth quicker; the whole
 * one where that cannot be installed.
 */
export function ensureChromium() {
  const shell = 'chromium-headless-shell';
  const canInstall = process.getuid?.() === 0 && findProgram('apt-get');
  // Where another is there already, not much time is spent on it.
  const patienceMs = findProgram('chromium') ? 90_000 : undefined;
  if (!findProgram(shell) && canInstall) install([shell], patienceMs);
  return findProgram(shell) ?? ensureProgram('chromium', ['chromium'], 'run the tests once as root.');
}

const GALERA = '/usr/lib/galera/libgalera_smm.so';

/** What makes a cluster of several MariaDBs; only the bench of a cluster needs it. @returns path of the library */
export function ensureGalera() {
  if (existsSync(GALERA)) return GALERA;
  if (process.getuid?.() === 0 && findProgram('apt-get')) install(['galera-4']);
  if (!existsSync(GALERA)) giveUp('galera-4 is missing and could not be installed; run this once as root.');
  return GALERA;
}

/** Makes a folder or says why not. */
/** @param mode of the folder, also where it is there already; absent: as it is */
export function ensureFolder(path, mode) {
  try {
    mkdirSync(path, { recursive: true, mode });
    if (mode !== undefined && statSync(path).uid === process.getuid()) chmodSync(path, mode);
  } catch (cause) {
    giveUp(`The folder ${path} cannot be written (${cause.code}); start from a folder of your own.`);
  }
}
