// npm run bench: figures of the solver and the plan, measured in one run.
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { checkNode, ensurePackages, ROOT } from './lib/ensure.mjs';

checkNode();
ensurePackages();
const result = spawnSync(join(ROOT, 'node_modules/.bin/tsx'), ['packages/core/bench/bench.ts'], {
  cwd: ROOT,
  stdio: 'inherit',
});
process.exit(result.status ?? 1);
