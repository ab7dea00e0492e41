import type { LearntTold } from '@ember-fold/core';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildStale } from '../scripts/build.mjs';
import { DEMO_KITCHEN, startProduct } from './product';

/** Once before all: the build, and a data folder with the demo kitchen, of which each product gets a copy. */
export default async function built(): Promise<() => void> {
  await buildStale();
  const folder = mkdtempSync(join(tmpdir(), 'ember-demo-'));
  const product = await startProduct('demo', '--data', folder);
  // What its records taught is learnt in the minute after the start.
  let [before, same] = [-1, 0];
  for (let asked = 0; same < 4 && asked < 100; asked++) {
    const { seen } = (await (await fetch(`${product.address}/api/learnt/told`)).json()) as LearntTold;
    same = seen.length > 0 && seen.length === before ? same + 1 : 0;
    before = seen.length;
    await new Promise((resolve) => setTimeout(resolve, 500));
  }
  // Its evenings are put down with it.
  const suppers = (await (await fetch(`${product.address}/api/suppers`)).json()) as { id: string }[];
  for (const { id } of suppers) await fetch(`${product.address}/api/suppers/${id}/evening`);
  await product.stop();
  process.env[DEMO_KITCHEN] = folder;
  return () => rmSync(folder, { recursive: true, force: true });
}
