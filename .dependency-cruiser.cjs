/** Directions between packages and rooms: web → core ← server. */
const rooms = ['table', 'bench', 'cook', 'stove', 'ledger', 'store', 'learn'];
module.exports = {
  forbidden: [
    {
      name: 'no-circles',
      severity: 'error',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
    {
      name: 'core-stands-alone',
      severity: 'error',
      from: { path: '^packages/core/src' },
      to: { pathNot: '^packages/core|^node_modules/(ml-matrix|culori|papaparse|fast-check|@jest)' },
    },
    { name: 'web-not-server', severity: 'error', from: { path: '^packages/web' }, to: { path: '^packages/server' } },
    { name: 'server-not-web', severity: 'error', from: { path: '^packages/server' }, to: { path: '^packages/web' } },
    {
      name: 'core-by-what-is-public',
      severity: 'error',
      from: { path: '^packages/(web|server)' },
      to: { path: '^packages/core/src/(?!public/)' },
    },
    {
      name: 'sql-only-in-db',
      severity: 'error',
      from: { path: '^packages/server/src', pathNot: '^packages/server/src/db' },
      to: { path: 'node_modules/mysql2' },
    },
    {
      name: 'core-folders-no-circle',
      severity: 'error',
      scope: 'folder',
      from: { path: '^packages/core/src/' },
      to: { path: '^packages/core/src/', circular: true },
    },
    {
      name: 'draft-at-the-bottom',
      severity: 'error',
      from: { path: '^packages/core/src/draft/' },
      to: { path: '^packages/core/src/', pathNot: '^packages/core/src/(draft|ingredient|quantity|numeric|errors)' },
    },
    {
      name: 'plan-on-top',
      severity: 'error',
      from: { path: '^packages/core/src/(?!plan|practice|store|recipe|simulated|wire|public)' },
      to: { path: '^packages/core/src/plan/' },
    },
    ...rooms.map((room) => ({
      name: `room-${room}-alone`,
      severity: 'error',
      from: { path: '^packages/web/src/', pathNot: `^packages/web/src/(shell|${room})/` },
      to: { path: `^packages/web/src/${room}/` },
    })),
    {
      name: 'text-knows-no-data',
      severity: 'error',
      from: { path: '^packages/web/src/text/', pathNot: '\\.test\\.' },
      to: { path: '^packages/web/src/(data|workers|ui|shell)/' },
    },
    {
      name: 'workers-know-no-data',
      severity: 'error',
      from: { path: '^packages/web/src/workers/', pathNot: '\\.test\\.' },
      to: { path: '^packages/web/src/(data|ui|shell)/' },
    },
    {
      name: 'rooms-do-not-know-the-shell',
      severity: 'error',
      from: { path: '^packages/web/src/', pathNot: '^packages/web/src/(shell/|main\\.tsx)' },
      to: { path: '^packages/web/src/shell/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    // Tests may look from anywhere; they would make circles between folders.
    exclude: { path: '(^|/)dist/|\\.test\\.tsx?$' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'types', 'default'],
      extensions: ['.ts', '.tsx', '.js'],
    },
  },
};
