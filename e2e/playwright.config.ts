import { defineConfig } from '@playwright/test';

export default defineConfig({
  testDir: '.',
  testMatch: '*.spec.ts',
  globalSetup: './startProduct.ts',
  // One product, one database: files run beside each other, each on batches of its own.
  workers: 2,
  fullyParallel: false,
  retries: 1,
  timeout: 120_000,
  expect: { timeout: 10_000 },
  outputDir: '../test-results',
  reporter: [['list'], ['json']],
  use: {
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'Europe/London',
    trace: 'retain-on-failure',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
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
