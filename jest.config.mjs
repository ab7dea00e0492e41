/** Globals that loops of the solver ask for: without this Jest looks each up in the test's own world, which takes five times as long. */
const QUICK_GLOBALS = ['Math', 'Number', 'Array', 'Object', 'Float64Array', 'Uint8Array'];

const shared = {
  transform: {
    '^.+\\.[jt]sx?$': [
      '@swc/jest',
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
  sandboxInjectedGlobals: QUICK_GLOBALS,
  moduleNameMapper: { '^(\\.{1,2}/.*)\\.js$': '$1' },
  transformIgnorePatterns: [
    '/node_modules/(?!(@ember-fold|lucide-react|immer|echarts|zrender|syllable|normalize-strings|eventsource|eventsource-parser)/)',
  ],
};
const project = (name, environment, more = {}) => ({
  ...shared,
  displayName: name,
  rootDir: `packages/${name}`,
  testEnvironment: environment,
  testMatch: ['<rootDir>/{src,testing}/**/*.test.ts?(x)'],
  ...more,
});
/** Server and web load core as it is built, one file instead of three hundred for each test. */
const onBuiltCore = (...conditions) => ({
  testEnvironmentOptions: { customExportConditions: ['built', ...conditions, 'require', 'default'] },
});

export default {
  projects: [
    project('core', 'node'),
    project('server', 'node', onBuiltCore('node', 'node-addons')),
    {
      ...project('web', 'jsdom', onBuiltCore('browser')),
      testPathIgnorePatterns: ['/node_modules/', '\\.page\\.test\\.'],
    },
    {
      ...project('web', '<rootDir>/testing/pageEnvironment.mjs', onBuiltCore('browser')),
      displayName: 'pages',
      testMatch: ['<rootDir>/src/**/*.page.test.tsx'],
      setupFiles: ['<rootDir>/testing/pageGlobals.ts'],
      moduleNameMapper: { '^comlink$': '<rootDir>/testing/workerMessages.ts' },
    },
  ],
  globalSetup: './scripts/lib/jestSetup.mjs',
  testTimeout: 180_000,
};
