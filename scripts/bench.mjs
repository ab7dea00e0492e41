// npm run bench: figures of solver, plan and page, measured in one run.
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { checkNode, ensureChromium, ensureMariaDb, ensurePackages, ROOT } from './lib/ensure.mjs';

checkNode();
ensurePackages();
ensureMariaDb();
ensureChromium();
const bench = (file) =>
  spawnSync(join(ROOT, 'node_modules/.bin/tsx'), [file], { cwd: ROOT, stdio: 'inherit' }).status ?? 1;
// Three databases and two servers, one of each killed: npm run bench -- cluster
if (process.argv[2] === 'cluster') process.exit(bench('e2e/bench/clusterBench.ts'));
// Ten thousand batches and five million readings: npm run bench -- growth
if (process.argv[2] === 'growth') process.exit(bench('e2e/bench/growthBench.ts'));

/** Core in one file, as page and server have it: loaded module by module it takes up to twice as long. */
async function benchCore() {
  const { build } = await import('esbuild');
  const file = join(ROOT, '.tmp/coreBench.mjs');
  await build({
    entryPoints: [join(ROOT, 'packages/core/bench/bench.ts')],
    outfile: file,
    bundle: true,
    platform: 'node',
    format: 'esm',
    packages: 'external',
    logLevel: 'warning',
  });
  return spawnSync(process.execPath, [file], { cwd: ROOT, stdio: 'inherit' }).status ?? 1;
}
process.exit((await benchCore()) || bench('e2e/bench/lineBench.ts') || bench('e2e/bench/loadBench.ts'));
