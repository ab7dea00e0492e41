import { build } from 'esbuild';
import { join } from 'node:path';
import transform from './scripts/lib/jestTransform.cjs';

/**
 * Core as one file for the other two: each test file loads its modules anew, and core has 240 of them.
 * Core's own tests read the modules themselves.
 */
const CORE = join(import.meta.dirname, '.tmp/jest/core.cjs');
await build({
  entryPoints: [join(import.meta.dirname, 'packages/core/src/index.ts')],
  outfile: CORE,
  bundle: true,
  platform: 'node',
  format: 'cjs',
  target: 'node20',
  sourcemap: true,
  banner: { js: transform.PRELUDE },
  logLevel: 'warning',
});

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
  moduleNameMapper: { '^(\\.{1,2}/.*)\\.js$': '$1' },
  transformIgnorePatterns: [
    '/node_modules/(?!(@ember-fold|lucide-react|immer|echarts|zrender|syllable|normalize-strings)/)',
  ],
};
const project = (name, environment, moduleNameMapper = {}) => ({
  ...shared,
  moduleNameMapper: { ...moduleNameMapper, ...shared.moduleNameMapper },
  displayName: name,
  rootDir: `packages/${name}`,
  testEnvironment: environment,
  testMatch: ['<rootDir>/{src,testing}/**/*.test.ts?(x)'],
});

/** What core's testing folder takes from its index is the same core. */
const ONE_CORE = { '^@ember-fold/core$': CORE, '^\\.\\./src/index\\.js$': CORE };

export default {
  projects: [project('core', 'node'), project('server', 'node', ONE_CORE), project('web', 'jsdom', ONE_CORE)],
  testTimeout: 30_000,
};
