import { expect, test } from '@playwright/test';
import { START_CHECKS } from '@ember-fold/core/stove';
import { randomUUID } from 'node:crypto';
import { type Product, startProduct } from '../scripts/lib/product.mjs';

/** Moments between the kill and the last act before it, ms: spread over a whole request. */
const MOMENTS = [0, 1, 2, 4, 7, 11, 16, 25, 40, 60];

interface Told {
  readonly acts: readonly { readonly act: { readonly id: string } }[];
}

async function sent(product: Product, path: string, body: unknown): Promise<boolean> {
  const answer = await fetch(`${product.address}/api${path}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
    signal: AbortSignal.timeout(8000),
  }).catch(() => null);
  return answer?.ok ?? false;
}

/** Ten kills while eight hands tell one thing after another; what was acknowledged must be there, once. */
async function survives(product: Product, kill: () => void): Promise<void> {
  const [batch] = (await (await fetch(`${product.address}/api/batches`)).json()) as { id: string }[];
  const stove = `/batches/${batch!.id}/stove`;
  expect(await sent(product, stove, { speed: 1, gate: START_CHECKS, probe: null })).toBe(true);
  const acknowledged = new Set<string>();
  const all = new Set<string>();
  for (const ms of MOMENTS) {
    const before = acknowledged.size;
    let isDown = false;
    const hand = async () => {
      while (!isDown) {
        const id = randomUUID();
        all.add(id);
        if (await sent(product, `${stove}/acts`, { id, kind: 'burner', setting: all.size % 10, atS: 0 }))
          acknowledged.add(id);
      }
    };
    const hands = Array.from({ length: 8 }, hand);
    // At any speed of the machine: first a dozen are acknowledged, then the moment of the kill is awaited.
    await expect.poll(() => acknowledged.size - before, { intervals: [5], timeout: 30_000 }).toBeGreaterThan(12);
    await new Promise((resolve) => setTimeout(resolve, ms));
    kill();
    isDown = true;
    await Promise.all(hands);
    await expect
      .poll(async () => (await fetch(`${product.address}/api/health`).catch(() => null))?.status, { timeout: 30_000 })
      .toBe(200);
  }
  const { acts } = (await (await fetch(`${product.address}/api${stove}`)).json()) as Told;
  const kept = acts.map(({ act }) => act.id);
  expect(acknowledged.size).toBeGreaterThan(MOMENTS.length * 8);
  expect(new Set(kept).size).toBe(kept.length);
  expect([...acknowledged].filter((id) => !kept.includes(id))).toEqual([]);
  expect(kept.filter((id) => !all.has(id))).toEqual([]);
}

test.beforeAll(() => {
  // Killed on purpose: each start counts as the first.
  process.env['EMBER_CALM_MS'] = '100';
});
test.afterAll(() => {
  delete process.env['EMBER_CALM_MS'];
});

test('the server is killed ten times: nothing acknowledged is lost, nothing is there twice', async () => {
  const product = await startProduct('kills-server');
  await survives(product, () => process.kill(product.state().serverPid, 'SIGKILL'));
  await product.stop();
});

test('the database is killed ten times: nothing acknowledged is lost, nothing is there twice', async () => {
  const product = await startProduct('kills-database');
  await survives(product, () => process.kill(product.state().databasePid, 'SIGKILL'));
  await product.stop();
});
