import { defineConfig } from '@playwright/test';
import { ensureChromium } from '../scripts/lib/ensure.mjs';

/** Whether they were built before, as `npm test` does: each worker then starts in half the time. */
const isBuilt = process.env['EMBER_BUILT_TESTS'] === '1';
const files = (name: string) => `${name}.spec.${isBuilt ? 'mjs' : 'ts'}`;
const LONG = ['views', 'recovery', 'stove', 'kills', 'start', 'copies'].map(files);

export default defineConfig({
  testDir: isBuilt ? 'dist' : '.',
  // Read as they are: they are built.
  build: { external: ['**/packages/core/dist/**', '**/e2e/dist/**'] },
  globalSetup: './built.ts',
  // Three files beside each other, each with a product of its own: while one waits, two cores have work.
  workers: 3,
  fullyParallel: false,
  retries: 0,
  timeout: 120_000,
  expect: { timeout: 20_000 },
  // The longest begin first, so that no worker is left alone with one at the end.
  projects: [
    { name: 'long', testMatch: LONG },
    { name: 'rest', testMatch: files('*'), testIgnore: LONG },
  ],
  outputDir: '../test-results',
  reporter: [['list'], ['json']],
  use: {
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'Europe/London',
    // A trace films every act and costs a third of the time: asked for when something is looked into.
    trace: process.env['EMBER_TRACE'] ? 'on' : 'off',
    // What flashes when it changes is drawn anew for a second after each key: half of a test's time. `access.spec` has it move.
    contextOptions: { reducedMotion: 'reduce' },
    // What tests cut off must be cut off; one test opens the page from the browser itself.
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: ensureChromium(),
      args: [
        '--no-sandbox',
        '--disable-gpu',
        // Letters as wide as in a window: the build without windows rounds them to whole pixels.
        '--font-render-hinting=none',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--disable-dev-shm-usage',
      ],
    },
  },
});
