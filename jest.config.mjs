import { join } from 'node:path';

/** Three projects, one transform; the web's runs in jsdom. */
const shared = {
  transform: {
    '^.+\\.[jt]sx?$': [
      join(import.meta.dirname, 'scripts/lib/jestTransform.cjs'),
      {
        jsc: {
          target: 'es2022',
          parser: { syntax: 'typescript', tsx: true },
          transform: { react: { runtime: 'automatic' } },
        },
        module: { type: 'commonjs' },
      },
    ],
  },
  setupFilesAfterEnv: [join(import.meta.dirname, 'scripts/lib/quickTests.cjs')],
  moduleNameMapper: { '^(\\.{1,2}/.*)\\.js$': '$1' },
  transformIgnorePatterns: [
    '/node_modules/(?!(@ember-fold|lucide-react|immer|echarts|zrender|syllable|normalize-strings)/)',
  ],
};
const project = (name, environment) => ({
  ...shared,
  displayName: name,
  rootDir: `packages/${name}`,
  testEnvironment: environment,
  testMatch: ['<rootDir>/{src,testing}/**/*.test.ts?(x)'],
});

export default {
  projects: [project('core', 'node'), project('server', 'node'), project('web', 'jsdom')],
  testTimeout: 90_000,
};
