// Builds what is stale: the server bundle and the pages.
import { spawn } from 'node:child_process';
import { existsSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';
import { giveUp, ROOT, say } from './lib/ensure.mjs';

/** Newest change below a folder of what is built, ms: tests are no part of it. */
function newest(path) {
  const stat = statSync(path, { throwIfNoEntry: false });
  if (!stat) return 0;
  if (!stat.isDirectory()) return stat.mtimeMs;
  return readdirSync(path)
    .filter((name) => name !== 'node_modules' && name !== 'dist' && !name.includes('.test.'))
    .reduce((most, name) => Math.max(most, newest(join(path, name))), 0);
}

function stale(output, inputs) {
  const path = join(ROOT, output);
  if (!existsSync(path)) return true;
  const built = statSync(path).mtimeMs;
  return inputs.some((input) => newest(join(ROOT, input)) > built);
}

const FOR_NODE = {
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  packages: 'external',
  sourcemap: true,
  logLevel: 'warning',
};

/** Core as one file each for `import` and `require`: the tests of server, web and browser load it instead of three hundred. */
export async function buildCore() {
  const { build } = await import('esbuild');
  const formats = { mjs: 'esm', cjs: 'cjs' };
  const folder = join(ROOT, 'packages/core/src/public');
  const contents = readdirSync(folder)
    .map((name) => `export * from './${name}';`)
    .join('\n');
  await Promise.all(
    Object.entries(formats).map(([ending, format]) =>
      build({
        ...FOR_NODE,
        stdin: { contents, resolveDir: folder },
        outfile: join(ROOT, `packages/core/dist/core.${ending}`),
        format,
      }),
    ),
  );
}

/** Scripts of ours know where they lie: they are read where they are. */
const SCRIPTS_STAY = {
  name: 'scripts stay',
  setup: (build) =>
    build.onResolve({ filter: /\/scripts\// }, ({ path, resolveDir }) => ({
      path: join(resolveDir, path),
      external: true,
    })),
};

/** Browser tests as plain scripts: nothing is translated anew in each worker, nor any line sought in a map at each click. */
export async function buildBrowserTests() {
  const { build } = await import('esbuild');
  const folder = join(ROOT, 'e2e');
  rmSync(join(folder, 'dist'), { recursive: true, force: true });
  await build({
    entryPoints: readdirSync(folder)
      .filter((name) => name.endsWith('.spec.ts'))
      .map((name) => join(folder, name)),
    outdir: join(folder, 'dist'),
    outExtension: { '.js': '.mjs' },
    ...FOR_NODE,
    sourcemap: false,
    // What they share is one module for all of them.
    splitting: true,
    define: { 'import.meta.dirname': JSON.stringify(folder) },
    plugins: [SCRIPTS_STAY],
  });
}

async function buildServer() {
  const { build } = await import('esbuild');
  await build({
    entryPoints: ['main.ts', 'planning.ts', 'copyMain.ts', 'simulated/main.ts'].map((file) =>
      join(ROOT, 'packages/server/src', file),
    ),
    outbase: join(ROOT, 'packages/server/src'),
    outdir: join(ROOT, 'packages/server/dist'),
    ...FOR_NODE,
    // The core package ships as TypeScript: bundle it, or Node 20 could not load it.
    alias: { '@ember-fold/core': join(ROOT, 'packages/core/src/public') },
  });
}

async function buildWeb() {
  const vite = spawn(process.execPath, [join(ROOT, 'node_modules/vite/bin/vite.js'), 'build', '--logLevel', 'warn'], {
    cwd: join(ROOT, 'packages/web'),
    stdio: ['ignore', 'inherit', 'inherit'],
  });
  const code = await new Promise((resolve) => vite.once('exit', resolve));
  if (code !== 0) giveUp('The pages could not be built; the lines above say why.');
  packAssets(join(ROOT, 'packages/web/dist/assets'));
}

/** What pages are made of is packed once, not each time it is asked for; brotli for the browsers that take it. */
function packAssets(folder) {
  const params = { [constants.BROTLI_PARAM_QUALITY]: 9 };
  for (const name of readdirSync(folder)) {
    if (!/\.(?:js|css)$/.test(name)) continue;
    const bytes = readFileSync(join(folder, name));
    writeFileSync(join(folder, `${name}.gz`), gzipSync(bytes, { level: 9 }));
    writeFileSync(join(folder, `${name}.br`), brotliCompressSync(bytes, { params }));
  }
}

export async function buildStale() {
  const common = ['packages/core/src', 'package-lock.json'];
  const builds = [];
  if (stale('packages/server/dist/main.js', ['packages/server/src', ...common])) {
    say('Building the server…');
    builds.push(buildServer());
  }
  const web = ['packages/web/src', 'packages/web/index.html', 'packages/web/vite.config.ts', 'packages/web/public'];
  if (stale('packages/web/dist/index.html', [...web, ...common])) {
    say('Building the pages…');
    builds.push(buildWeb());
  }
  await Promise.all(builds);
}

if (process.argv[1] && import.meta.url === pathToFileURL(process.argv[1]).href) await buildStale();
