/** Directions between packages and rooms: web → core ← server. */
const rooms = ['bench', 'cook', 'fire', 'ledger', 'store'];
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
      from: { path: '^packages/core/src', pathNot: '\\.test\\.ts$' },
      to: { pathNot: '^packages/core|^node_modules/(fast-check|@jest)' },
    },
    { name: 'web-not-server', severity: 'error', from: { path: '^packages/web' }, to: { path: '^packages/server' } },
    { name: 'server-not-web', severity: 'error', from: { path: '^packages/server' }, to: { path: '^packages/web' } },
    {
      name: 'core-by-its-index',
      severity: 'error',
      from: { path: '^packages/(web|server)' },
      to: { path: '^packages/core/src/(?!index\\.ts$)' },
    },
    {
      name: 'sql-only-in-db',
      severity: 'error',
      from: { path: '^packages/server/src', pathNot: '^packages/server/src/db|\\.test\\.ts$' },
      to: { path: 'node_modules/mysql2' },
    },
    ...rooms.map((room) => ({
      name: `room-${room}-alone`,
      severity: 'error',
      from: { path: `^packages/web/src/(${rooms.filter((r) => r !== room).join('|')})/` },
      to: { path: `^packages/web/src/${room}/` },
    })),
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)dist/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'types', 'default'],
      extensions: ['.ts', '.tsx', '.js'],
    },
  },
};
