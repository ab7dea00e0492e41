// The product as tests start it: built, on a data folder and a port of its own.
import { spawn, spawnSync } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ROOT } from './ensure.mjs';

/** Names the folder with a demo kitchen that is set up once for all tests. */
export const DEMO_KITCHEN = 'EMBER_DEMO_KITCHEN';
const START_MS = 90_000;

/** Puts the demo kitchen that is set up once into a folder, where there is one. Its files have holes: not for a disk that fills up. */
export function putDemo(folder) {
  const ready = process.env[DEMO_KITCHEN];
  if (ready) spawnSync('cp', ['-a', '--sparse=always', join(ready, 'mariadb'), join(ready, 'plans'), folder]);
}

/** Starts the built product as a person would. @param name of its data folder @param more options of the start command */
export async function startProduct(name, ...more) {
  const own = join(tmpdir(), `ember-${name}-${process.pid}`);
  // A folder named by the test is kept: starting again on it is what is tested.
  const given = more.indexOf('--data');
  const data = given >= 0 ? more[given + 1] : own;
  rmSync(own, { recursive: true, force: true });
  if (given < 0 && !more.includes('--no-demo')) {
    mkdirSync(own);
    putDemo(own);
  }
  const start = join(ROOT, 'scripts/start.mjs');
  const child = spawn(process.execPath, [start, '--port', '0', '--data', own, ...more], {
    cwd: ROOT,
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let output = '';
  child.stdout.on('data', (chunk) => (output += chunk.toString()));
  child.stderr.on('data', (chunk) => (output += chunk.toString()));
  const address = await new Promise((resolve, reject) => {
    const timer = setTimeout(() => reject(new Error(`The product did not start: ${output}`)), START_MS);
    child.stdout.on('data', () => {
      const found = /ready at (http:\S+?)\/\s/.exec(output)?.[1];
      if (!found) return;
      clearTimeout(timer);
      resolve(found);
    });
    child.once('exit', () => reject(new Error(`The product stopped: ${output}`)));
  });
  return {
    address,
    state: () => JSON.parse(readFileSync(join(data, 'start.json'), 'utf8')),
    async stop() {
      const ended = new Promise((resolve) => child.once('exit', resolve));
      child.kill('SIGINT');
      await ended;
      rmSync(own, { recursive: true, force: true });
    },
  };
}
