import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildStale } from '../scripts/build.mjs';
import { setUpDemo } from '../scripts/lib/demoKitchen.mjs';
import { DEMO_KITCHEN } from '../scripts/lib/product.mjs';

/** Once before all: the build, and a data folder with the demo kitchen, of which each product gets a copy. */
export default async function built(): Promise<() => void> {
  await buildStale();
  // `npm test` has set one up beside the tests before.
  if (process.env[DEMO_KITCHEN]) return () => undefined;
  const folder = mkdtempSync(join(tmpdir(), 'ember-demo-'));
  await setUpDemo(folder);
  process.env[DEMO_KITCHEN] = folder;
  return () => rmSync(folder, { recursive: true, force: true });
}
