import { type ChildProcess, fork } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { build } from 'esbuild';
import { until } from '../test/openApp.js';
import { startSimulated } from './simulatedLink.js';

let folder: string;
let script: string;
beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'ember-simulated-'));
  script = join(folder, 'main.mjs');
  await build({
    entryPoints: [join(__dirname, 'main.ts')],
    outfile: script,
    bundle: true,
    platform: 'node',
    format: 'esm',
    logLevel: 'silent',
    alias: { '@ember-fold/core': join(__dirname, '../../../core/src/public') },
  });
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

// Nobody is there: it asks again and again, as while a server starts.
const env = { ...process.env, EMBER_URL: 'http://127.0.0.1:9', EMBER_DEVICE_TOKEN: 'token' };
/** Processes that this one has started and that are there. */
const children = (): number[] =>
  readdirSync('/proc/self/task').flatMap((thread) =>
    readFileSync(`/proc/self/task/${thread}/children`, 'utf8').split(' ').filter(Boolean).map(Number),
  );
const isThere = (pid: number): boolean => {
  try {
    return process.kill(pid, 0);
  } catch {
    return false;
  }
};

// What outlives its server would look for it for ever.
it.each([
  ['as it starts', (_child: ChildProcess) => sleep(0)],
  ['while it reads its script', (_child: ChildProcess) => sleep(60)],
  ['once it listens', (child: ChildProcess) => once(child, 'spawn').then(() => sleep(1500))],
])('ends when its server goes %s', async (_when, wait) => {
  const child = fork(script, [], { env, stdio: 'ignore' });
  const ended = once(child, 'exit');
  await wait(child);
  child.disconnect();
  expect(await ended).toEqual([0, null]);
});

it('is started again when it falls over, and is gone with its server', async () => {
  const told: string[] = [];
  const before = new Set(children());
  const own = () => children().filter((pid) => !before.has(pid));
  const link = startSimulated(
    script,
    () => 9,
    (problem) => told.push(problem),
  );
  link.connect();
  const [first] = await until(async () => (own().length === 1 ? own() : null));
  process.kill(first!, 'SIGKILL');
  const [second] = await until(async () => {
    const now = own().filter((pid) => pid !== first);
    return now.length === 1 ? now : null;
  });
  expect(told).toEqual(['The simulated devices ended with null; they are started again.']);
  link.close();
  await until(async () => !isThere(second!));
  await sleep(1200);
  expect(own()).toEqual([]);
});
