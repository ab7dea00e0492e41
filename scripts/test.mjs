// npm test: sets up what is missing, then lint, format, types, unit, server, page and browser tests.
import { spawn } from 'node:child_process';
import { existsSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { buildBrowserTests, buildStale } from './build.mjs';
import { startDatabase } from './lib/database.mjs';
import { setUpDemo } from './lib/demoKitchen.mjs';
import { checkDisk, checkNode, ensureFolder, ensurePackages, giveUp, ROOT } from './lib/ensure.mjs';

const TMP = join(ROOT, '.tmp');
let passed = 0;
let failed = 0;

/** Runs one part; one that takes over `mostMinutes` is ended with all it started, so that a standstill says where it is. */
async function step(name, args, env = {}, mostMinutes = 5) {
  const started = Date.now();
  process.stdout.write(`\n== ${name}\n`);
  // A group of its own: what it leaves behind can be ended with it.
  const child = spawn(process.execPath, args, {
    cwd: ROOT,
    stdio: ['ignore', 'inherit', 'inherit'],
    env: { ...process.env, ...env },
    detached: true,
  });
  const endGroup = (signal) => {
    try {
      process.kill(-child.pid, signal);
    } catch {
      // The group is already empty.
    }
  };
  const interrupted = () => {
    endGroup('SIGINT');
    process.exit(130);
  };
  process.once('SIGINT', interrupted);
  let late = false;
  const timer = setTimeout(() => {
    late = true;
    endGroup('SIGKILL');
  }, mostMinutes * 60_000);
  const code = await new Promise((resolve) => child.once('exit', resolve));
  clearTimeout(timer);
  endGroup('SIGKILL');
  process.off('SIGINT', interrupted);
  const how = code === 0 ? 'ok' : late ? `FAILED, over ${mostMinutes} min` : 'FAILED';
  process.stdout.write(`== ${name}: ${how}, ${Math.round((Date.now() - started) / 1000)} s\n`);
  return code === 0;
}

/** A check that is one pass or one failure. */
async function check(name, args) {
  if (await step(name, args)) passed += 1;
  else failed += 1;
}

const bin = (path) => join('node_modules', path);

checkNode();
checkDisk();
const programs = step('programs', [join(ROOT, 'scripts/lib/programs.mjs')], {}, 30);
ensurePackages();
rmSync(TMP, { recursive: true, force: true });
ensureFolder(TMP);

/** One after another. */
async function checks(list) {
  for (const [name, args] of list) await check(name, args);
}
// The compiler that runs as a program of the machine.
const types = (project) => [`types ${project}`, [bin('typescript-native/bin/tsc'), '-p', project]];
// One core builds what the browser will ask for, the other goes on.
const built = Promise.all([buildStale(), buildBrowserTests()]);
await checks([
  ['lint', [bin('oxlint/bin/oxlint'), '--deny-warnings', '--report-unused-disable-directives']],
  ['format', [bin('oxfmt/bin/oxfmt'), '--check']],
  types('packages/web'),
  types('tsconfig.json'),
  types('packages/core'),
  [
    'directions',
    [bin('dependency-cruiser/bin/dependency-cruise.mjs'), '--config', '.dependency-cruiser.cjs', 'packages'],
  ],
]);
if (!(await programs)) giveUp('The tests need MariaDB and Chromium; the lines above say what is missing.');

process.env.EMBER_DISK_SYNC = 'off';
// Its minute passes beside the unit tests; where it fails, the browser tests set one up themselves, or say why not.
const demo = join(TMP, 'demo');
const demoReady = built
  .then(() => ensureFolder(demo))
  .then(() => setUpDemo(demo))
  .then(
    () => ({ EMBER_DEMO_KITCHEN: demo }),
    () => ({}),
  );
const database = await startDatabase(join(TMP, 'jest-db'));
/** Runs Jest on some of its projects and counts what passed. */
async function jest(name, projects, env) {
  const out = join(TMP, `${name.replaceAll(' ', '-')}.json`);
  const reporters = ['default', join(ROOT, 'scripts/lib/jestStarts.mjs')].flatMap((one) => ['--reporters', one]);
  const isOk = await step(
    name,
    [
      bin('jest/bin/jest.js'),
      ...reporters,
      '--json',
      '--outputFile',
      out,
      '--maxWorkers',
      '3',
      '--selectProjects',
      ...projects,
    ],
    env,
    20,
  );
  if (existsSync(out)) {
    const report = JSON.parse(readFileSync(out, 'utf8'));
    passed += report.numPassedTests;
    failed += report.numFailedTests + report.numRuntimeErrorTestSuites;
  } else if (!isOk) failed += 1;
  return isOk;
}
const unitOk = await jest('unit and server', ['core', 'server', 'web'], { TEST_DATABASE_URL: database.url });
await database.stop();

await built;
// A kitchen that is set up once: the products of page and browser tests begin with a copy.
const demoKitchen = await demoReady;
const pagesOk = await jest('pages', ['pages'], demoKitchen);
const e2eOut = join(TMP, 'e2e.json');
const e2eOk = await step(
  'browser',
  [bin('@playwright/test/cli.js'), 'test', '--config', 'e2e/playwright.config.ts'],
  // Tests and core as they were just built, not their sources.
  {
    PLAYWRIGHT_JSON_OUTPUT_FILE: e2eOut,
    EMBER_BUILT_TESTS: '1',
    NODE_OPTIONS: '--conditions=built',
    ...demoKitchen,
  },
  25,
);
if (existsSync(e2eOut)) {
  const { stats, errors } = JSON.parse(readFileSync(e2eOut, 'utf8'));
  passed += stats.expected + stats.flaky;
  failed += stats.unexpected + (stats.unexpected === 0 && !e2eOk ? Math.max(1, errors.length) : 0);
} else if (!e2eOk) failed += 1;

process.stdout.write(`\n${passed} passed, ${failed} failed\n`);
process.exit(failed === 0 && unitOk && pagesOk && e2eOk ? 0 : 1);
