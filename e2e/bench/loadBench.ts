/** Twenty probes at fifty readings a second, committed before each answer; and a million readings opened as a trace. */
import { batchOf, newTray } from '@ember-fold/core/plan';
import { START_CHECKS } from '@ember-fold/core/stove';
import { randomUUID } from 'node:crypto';
import { startProduct } from '../../scripts/lib/product.mjs';

const PROBES = 20;
const PER_S = 50;
/** Lines a request: a probe sends five times a second. */
const LINES = 10;
const SECONDS = 60;
/** Readings of one long session: what a probe can send while the twenty others are measured. */
const MANY = 28_000;

const product = await startProduct('load');
const { address } = product;
const call = async <T>(method: string, path: string, body?: unknown): Promise<T> => {
  const answer = await fetch(`${address}/api${path}`, {
    method,
    headers: { 'content-type': 'application/json' },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  });
  if (!answer.ok) throw new Error(`${path}: ${answer.status} ${await answer.text()}`);
  return (await answer.json()) as T;
};

interface Lit {
  readonly id: string;
  readonly probe: string;
  readonly token: string;
  readonly startedMs: number;
}

async function light(n: number): Promise<Lit> {
  const id = randomUUID();
  const draft = batchOf(newTray(`Load ${n}`, 'squash-sage', 24, '2030-01-05T18:30:00Z'));
  await call('POST', '/batches', { id, draft });
  const probe = `load-${n}`;
  const { token } = await call<{ token: string }>('POST', '/devices', { id: probe, kind: 'probe', name: probe });
  const { startedAt } = await call<{ startedAt: string }>('POST', `/batches/${id}/stove`, {
    speed: 1,
    gate: START_CHECKS,
    probe,
  });
  return { id, probe, token, startedMs: Date.parse(startedAt) };
}

async function send(lit: Lit, lines: readonly string[]): Promise<number> {
  const from = performance.now();
  const answer = await fetch(`${address}/api/devices/readings`, {
    method: 'POST',
    headers: { 'content-type': 'text/plain', authorization: `Bearer ${lit.token}` },
    body: lines.join('\n'),
  });
  const { taken } = (await answer.json()) as { taken: number };
  if (taken !== lines.length) throw new Error(`${lines.length - taken} readings were not taken`);
  return performance.now() - from;
}

const lineOf = (lit: Lit, n: number, atMs: number) =>
  `${lit.probe} ${n} ${new Date(atMs).toISOString()} temperature ${(150 + 8 * Math.sin(n / 900)).toFixed(2)} C`;

try {
  const stoves = await Promise.all(Array.from({ length: PROBES }, (_, n) => light(n)));
  const long = await light(PROBES);
  const took: number[] = [];
  const begun = Date.now();
  await Promise.all(
    stoves.map(async (lit, i) => {
      let n = 0;
      for (let round = 0; round < (SECONDS * PER_S) / LINES; round++) {
        const due = begun + (1000 * LINES * round) / PER_S + i * 10;
        await new Promise((resolve) => setTimeout(resolve, Math.max(0, due - Date.now())));
        const lines = Array.from({ length: LINES }, (_, k) => {
          n += 1;
          return lineOf(lit, n, lit.startedMs + 1000 + round * 200 + k * 20);
        });
        took.push(await send(lit, lines));
      }
    }),
  );
  took.sort((a, b) => a - b);
  const at = (share: number) => took[Math.floor(share * (took.length - 1))]!.toFixed(1);
  const kept = await Promise.all(
    stoves.map((lit) =>
      call<{ readings: unknown[] }>('GET', `/batches/${lit.id}/stove`).then((s) => s.readings.length),
    ),
  );
  const lost = PROBES * SECONDS * PER_S - kept.reduce((sum, n) => sum + n, 0);
  process.stdout.write(
    `${PROBES} probes × ${PER_S} readings a second, ${SECONDS} s: p50 ${at(0.5)} ms, p99 ${at(0.99)} ms (budget 50), slowest ${at(1)} ms, lost ${lost}\n`,
  );

  const [one] = stoves;
  const back = long.startedMs + 500;
  for (let n = 0; n < MANY; n += 1000) {
    // As quick as a probe may be: two milliseconds apart, none ahead of the clock.
    await send(
      long,
      Array.from({ length: 1000 }, (_, k) => lineOf(long, n + k + 1, back + (n + k + 1) * 2)),
    );
  }
  const opened: number[] = [];
  let shown = 0;
  for (let round = 0; round < 5; round++) {
    const from = performance.now();
    shown = (await call<{ readings: unknown[] }>('GET', `/batches/${long.id}/stove`)).readings.length;
    opened.push(performance.now() - from);
  }
  opened.sort((a, b) => a - b);
  process.stdout.write(
    `${MANY} readings opened as a trace of ${shown}: ${opened[2]!.toFixed(0)} ms (budget 500), beside ${one ? 'twenty other stoves' : 'none'}\n`,
  );
} finally {
  await product.stop();
}
