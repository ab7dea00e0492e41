import { type ChildProcess, spawn, spawnSync } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** Names the folder with a demo kitchen that is set up once for all tests. */
export const DEMO_KITCHEN = 'EMBER_DEMO_KITCHEN';
const ROOT = join(import.meta.dirname, '..');

export interface Product {
  readonly address: string;
  /** What the start command wrote about itself: process ids, address. */
  state(): { pid: number; serverPid: number; databasePid: number; address: string };
  stop(): Promise<void>;
}

/** Puts the demo kitchen that is set up once into a folder, where there is one. Its files have holes: not for a disk that fills up. */
export function putDemo(folder: string): void {
  const ready = process.env[DEMO_KITCHEN];
  if (ready) spawnSync('cp', ['-a', '--sparse=always', join(ready, 'mariadb'), join(ready, 'plans'), folder]);
}

/** Starts the built product as a person would, on a data folder and a port of its own. */
export async function startProduct(name: string, ...more: string[]): Promise<Product> {
  const own = join(tmpdir(), `ember-${name}-${process.pid}`);
  // A folder handed in is kept: starting again on it is what is tested.
  const given = more.indexOf('--data');
  const data = given >= 0 ? more[given + 1]! : own;
  rmSync(own, { recursive: true, force: true });
  if (given < 0 && !more.includes('--no-demo')) {
    mkdirSync(own);
    putDemo(own);
  }
  const child: ChildProcess = spawn(
    process.execPath,
    [join(ROOT, 'scripts/start.mjs'), '--port', '0', '--data', own, ...more],
    { cwd: ROOT, stdio: ['ignore', 'pipe', 'pipe'] },
  );
  let said = '';
  child.stdout!.on('data', (chunk: Buffer) => (said += chunk.toString()));
  child.stderr!.on('data', (chunk: Buffer) => (said += chunk.toString()));
  const address = await new Promise<string>((resolve, reject) => {
    const timer = setTimeout(() => reject(new Error(`The product did not start: ${said}`)), 90_000);
    child.stdout!.on('data', () => {
      const found = /ready at (http:\S+?)\/\s/.exec(said)?.[1];
      if (found) {
        clearTimeout(timer);
        resolve(found);
      }
    });
    child.once('exit', () => reject(new Error(`The product stopped: ${said}`)));
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
