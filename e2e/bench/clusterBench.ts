/** Two servers on a cluster of three databases: one database and one server are killed in the middle of frying. */
import { batchOf, newTray } from '@ember-fold/core/plan';
import { START_CHECKS } from '@ember-fold/core/stove';
import { type ChildProcess, spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { freePort } from '../../scripts/lib/database.mjs';
import { buildStale } from '../../scripts/build.mjs';
import { startCluster } from './cluster';

const ROOT = join(import.meta.dirname, '../..');
const HANDS = 8;
const wait = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

await buildStale();
const cluster = await startCluster(3);
const folder = mkdtempSync(join(tmpdir(), 'ember-cluster-data-'));

interface Server {
  readonly address: string;
  readonly child: ChildProcess;
}

async function serve(n: number): Promise<Server> {
  const port = await freePort();
  const child = spawn(process.execPath, [join(ROOT, 'packages/server/dist/main.js')], {
    stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
    env: {
      ...process.env,
      DATABASE_URL: cluster.url(n),
      PORT: String(port),
      EMBER_SHARED: '1',
      EMBER_LOG: 'error',
      EMBER_COPIES: join(folder, `copies${n}`),
      EMBER_DATA: folder,
    },
  });
  await new Promise((resolve, reject) => {
    child.once('message', resolve);
    child.once('exit', (code) => reject(new Error(`Server ${n} ended with ${code}.`)));
  });
  return { address: `http://127.0.0.1:${port}/api`, child };
}

async function ask<T>(address: string, method: string, path: string, body?: unknown): Promise<T | null> {
  const answer = await fetch(`${address}${path}`, {
    method,
    headers: { 'content-type': 'application/json' },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    signal: AbortSignal.timeout(10_000),
  }).catch(() => null);
  if (!answer?.ok) return null;
  return (answer.status === 204 ? {} : await answer.json()) as T;
}

/** What a page of this server hears. */
async function listen(address: string, heard: (event: string, data: Record<string, unknown>) => void): Promise<void> {
  for (;;) {
    try {
      const answer = await fetch(`${address}/live`);
      let text = '';
      for await (const chunk of answer.body!.pipeThrough(new TextDecoderStream())) {
        const blocks = (text + chunk).split('\n\n');
        text = blocks.pop()!;
        for (const block of blocks) {
          const [, event, data] = /event: (.*)\ndata: (.*)/.exec(block) ?? [];
          if (event && data) heard(event, JSON.parse(data) as Record<string, unknown>);
        }
      }
    } catch {
      // Asked again below, as a page does.
    }
    await wait(200);
  }
}

const report: (readonly [string, string])[] = [];
try {
  const a = await serve(0);
  const id = randomUUID();
  const draft = batchOf(newTray('Cluster', 'squash-sage', 24, '2030-01-05T18:30:00Z'));
  await ask(a.address, 'POST', '/batches', { id, draft });
  await ask(a.address, 'POST', `/batches/${id}/stove`, { speed: 20, gate: START_CHECKS, probe: 'simulated-stove' });
  // It burns at A before there is a B: so the server that is killed is the one that has the stove.
  await wait(2000);
  const b = await serve(1);
  const startedMs = Date.now();
  const timer = { batchId: null, step: null, name: 'Rest', startedMs, endsMs: startedMs + 3_600_000, stoppedMs: null };
  const timerId = randomUUID();
  await ask(a.address, 'PUT', `/timers/${timerId}`, timer);

  const ackedMs = new Map<string, number>();
  const heardMs = new Map<string, number>();
  const readingsMs: number[] = [];
  void listen(b.address, (event, data) => {
    if (event === 'readings') readingsMs.push(Date.now());
    const acted = (data['stored'] as { act?: { id: string } } | undefined)?.act?.id;
    if (acted !== undefined) heardMs.set(acted, Date.now());
  });
  const acknowledged = new Set<string>();
  let isOver = false;
  let lastAckMs = Date.now();
  let longestMs = 0;
  const hand = async (n: number) => {
    // Half of the hands are at each server; those whose server is gone go to the other, as a phone would.
    let address = n % 2 ? b.address : a.address;
    for (let s = n; !isOver; s += HANDS) {
      const act = { id: randomUUID(), kind: 'burner', setting: s % 9, atS: 0 };
      while (!isOver && !(await ask(address, 'POST', `/batches/${id}/stove/acts`, act))) {
        address = address === a.address && a.child.exitCode === null && !a.child.killed ? a.address : b.address;
        await wait(50);
      }
      if (isOver) break;
      acknowledged.add(act.id);
      if (address === a.address) ackedMs.set(act.id, Date.now());
      longestMs = Math.max(longestMs, Date.now() - lastAckMs);
      lastAckMs = Date.now();
    }
  };
  const hands = Array.from({ length: HANDS }, (_, n) => hand(n));
  const gapFrom = (fromMs: number) => {
    const marks = [fromMs, ...readingsMs.filter((ms) => ms > fromMs), Date.now()];
    return Math.max(...marks.slice(1).map((ms, i) => ms - marks[i]!));
  };
  await wait(8000);
  const lags = [...ackedMs].flatMap(([act, ms]) => (heardMs.has(act) ? [Math.max(0, heardMs.get(act)! - ms)] : []));
  lags.sort((x, y) => x - y);
  report.push([
    `acts at A live at B, of ${lags.length}: middle, longest`,
    `${lags[lags.length >> 1]} ms, ${lags.at(-1)} ms`,
  ]);
  longestMs = 0;
  const nodeMs = Date.now();
  cluster.nodes[0]!.kill();
  await wait(10_000);
  report.push(['a database node killed: longest without an acknowledged act', `${longestMs} ms`]);
  report.push(['the same: longest without a reading of the stove', `${gapFrom(nodeMs)} ms`]);
  longestMs = 0;
  const serverMs = Date.now();
  a.child.kill('SIGKILL');
  await wait(10_000);
  report.push(['a server killed: longest without an acknowledged act', `${longestMs} ms`]);
  report.push(['the same: longest without a reading of the stove', `${gapFrom(serverMs)} ms`]);
  isOver = true;
  await Promise.all(hands);
  const told = (await ask<{ acts: { act: { id: string } }[]; readings: { atS: number; probeC: number }[] }>(
    b.address,
    'GET',
    `/batches/${id}/stove`,
  ))!;
  const kept = told.acts.map(({ act }) => act.id);
  const { timers } = (await ask<{ timers: { id: string }[] }>(b.address, 'GET', '/timers'))!;
  const steps = told.readings
    .slice(1)
    .map(
      ({ probeC, atS }, i) => Math.abs(probeC - told.readings[i]!.probeC) / Math.max(1, atS - told.readings[i]!.atS),
    );
  report.push(['acknowledged acts', String(acknowledged.size)]);
  report.push(['of them lost', String([...acknowledged].filter((act) => !kept.includes(act)).length)]);
  report.push(['acts kept twice', String(kept.length - new Set(kept).size)]);
  report.push(['the timer is there', String(timers.filter((one) => one.id === timerId).length)]);
  report.push(['largest step between two readings, °C a second', Math.max(...steps).toFixed(1)]);
  b.child.kill('SIGTERM');
} finally {
  cluster.stop();
  rmSync(folder, { recursive: true, force: true });
}
for (const [what, figure] of report) process.stdout.write(`${what.padEnd(62)} ${figure}\n`);
process.exit(0);
