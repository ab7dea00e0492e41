// npm test: sets up what is missing, then lint, format, types, unit, server and browser tests.
import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { buildStale } from './build.mjs';
import { startDatabase } from './lib/database.mjs';
import {
  checkDisk,
  checkNode,
  ensureChromium,
  ensureFolder,
  ensureMariaDb,
  ensurePackages,
  ROOT,
} from './lib/ensure.mjs';

const TMP = join(ROOT, '.tmp');
let passed = 0;
let failed = 0;

function step(name, args, env = {}) {
  const started = Date.now();
  process.stdout.write(`\n== ${name}\n`);
  const result = spawnSync(process.execPath, args, { cwd: ROOT, stdio: 'inherit', env: { ...process.env, ...env } });
  process.stdout.write(
    `== ${name}: ${result.status === 0 ? 'ok' : 'FAILED'}, ${Math.round((Date.now() - started) / 1000)} s\n`,
  );
  return result.status === 0;
}

/** A check that is one pass or one failure. */
function check(name, args) {
  if (step(name, args)) passed += 1;
  else failed += 1;
}

const bin = (path) => join('node_modules', path);

checkNode();
checkDisk();
ensurePackages();
ensureMariaDb();
ensureChromium();
rmSync(TMP, { recursive: true, force: true });
ensureFolder(TMP);

check('format', [bin('prettier/bin/prettier.cjs'), '--check', '--log-level', 'warn', '.']);
check('lint', [bin('eslint/bin/eslint.js'), '.']);
check('directions', [
  bin('dependency-cruiser/bin/dependency-cruise.mjs'),
  '--config',
  '.dependency-cruiser.cjs',
  'packages',
]);
for (const project of ['tsconfig.json', 'packages/core', 'packages/web']) {
  check(`types ${project}`, [bin('typescript/bin/tsc'), '-p', project]);
}
await buildStale();

const database = await startDatabase(join(TMP, 'jest-db'));
const jestOut = join(TMP, 'jest.json');
const jestOk = step('unit and server', [bin('jest/bin/jest.js'), '--json', '--outputFile', jestOut, '--silent=false'], {
  TEST_DATABASE_URL: database.url,
});
await database.stop();
if (existsSync(jestOut)) {
  const report = JSON.parse(readFileSync(jestOut, 'utf8'));
  passed += report.numPassedTests;
  failed += report.numFailedTests + report.numRuntimeErrorTestSuites;
} else if (!jestOk) failed += 1;

const e2eOut = join(TMP, 'e2e.json');
const e2eOk = step('browser', [bin('@playwright/test/cli.js'), 'test', '--config', 'e2e/playwright.config.ts'], {
  PLAYWRIGHT_JSON_OUTPUT_FILE: e2eOut,
});
if (existsSync(e2eOut)) {
  const { stats, errors } = JSON.parse(readFileSync(e2eOut, 'utf8'));
  passed += stats.expected + stats.flaky;
  failed += stats.unexpected + (stats.unexpected === 0 && !e2eOk ? Math.max(1, errors.length) : 0);
} else if (!e2eOk) failed += 1;

process.stdout.write(`\n${passed} passed, ${failed} failed\n`);
process.exit(failed === 0 && jestOk && e2eOk ? 0 : 1);
