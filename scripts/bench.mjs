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
process.exit(
  bench('packages/core/bench/bench.ts') || bench('e2e/bench/lineBench.ts') || bench('e2e/bench/loadBench.ts'),
);
