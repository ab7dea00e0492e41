// A test file becomes one script with all it needs of this repository: a test starts in a tenth of the time,
// because each file would otherwise load hundreds of modules anew, and functions of other files are called directly.
const { mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } = require('node:fs');
const { join, relative, sep } = require('node:path');
const { createHash } = require('node:crypto');
const esbuild = require('esbuild');
const swc = require('@swc/jest');

const ROOT = join(__dirname, '../..');
/** These ask for modules while they run: anew, as a page does that is opened again, or each by its name. */
const ASKS_WHILE_IT_RUNS = /resetModules|await import\(/;

// Each test file runs in a world of its own, in which every look at Math or Float64Array asks that
// world first: loops of the solver take five times as long. A script that has them by name does not.
const NAMES = ['Math', 'Number', 'Array', 'Object', 'Map', 'Set', 'Float64Array', 'Uint8Array', 'Infinity', 'NaN'];
/** On the first line, so that all lines keep their numbers. */
const PRELUDE = `var ${NAMES.map((name) => `${name} = globalThis.${name}`).join(', ')};`;

const hash = (text) => createHash('sha1').update(text).digest('hex');
const SELF = hash(readFileSync(__filename));

/** Changes with every file of the repository's code: what is bundled holds more than the file it is named after. */
function stampOf(folder) {
  return readdirSync(folder, { withFileTypes: true })
    .filter(({ name }) => name !== 'node_modules' && name !== 'dist')
    .map((entry) => {
      const path = join(folder, entry.name);
      return entry.isDirectory() ? stampOf(path) : `${path} ${statSync(path).mtimeMs}`;
    })
    .join('\n');
}

/** As if each lay beside its test: sources in the maps are found from there. */
const OPTIONS = {
  write: false,
  bundle: true,
  platform: 'node',
  format: 'cjs',
  target: 'node20',
  packages: 'external',
  alias: {
    '@ember-fold/core': join(ROOT, 'packages/core/src/index.ts'),
    '@ember-fold/core/testing': join(ROOT, 'packages/core/testing/anyWrites.ts'),
    '@ember-fold/core/testing/document': join(ROOT, 'packages/core/testing/anyDocument.ts'),
  },
  jsx: 'automatic',
  supported: { 'dynamic-import': false },
  sourcemap: 'external',
  sourcesContent: false,
  banner: { js: PRELUDE },
  // Workers are found from the address of the page that starts them; no test starts one so.
  logOverride: { 'empty-import-meta': 'silent' },
  logLevel: 'warning',
};

const scriptOf = (path) => path.replace(/\.tsx?$/, '.js');
/** Where all were bundled at once, which reads each file once instead of for each test; `npm test` does. */
const BUNDLED = process.env.EMBER_TEST_BUNDLES;
const keptAt = (folder, path) => join(folder, relative(ROOT, path).replaceAll(sep, '+'));

/** Bundles every test there is into a folder. */
async function bundleAll(folder) {
  const entryPoints = ['core', 'server', 'web'].flatMap((name) =>
    readdirSync(join(ROOT, 'packages', name), { recursive: true })
      .filter((file) => /^(src|testing)\/.*\.test\.tsx?$/.test(file))
      .map((file) => join(ROOT, 'packages', name, file)),
  );
  const { outputFiles } = await esbuild.build({ ...OPTIONS, entryPoints, outdir: ROOT, outbase: ROOT });
  mkdirSync(folder, { recursive: true });
  for (const { path, contents } of outputFiles) writeFileSync(keptAt(folder, path), contents);
}

function bundle(path) {
  const script = scriptOf(path);
  const [map, code] = BUNDLED
    ? [`${script}.map`, script].map((file) => readFileSync(keptAt(BUNDLED, file), 'utf8'))
    : esbuild.buildSync({ ...OPTIONS, entryPoints: [path], outfile: script }).outputFiles.map(({ text }) => text);
  // What a package calls its default is its default, as the bundlers of pages and server have it.
  return { code: code.replace(/(__toESM\(require\("[^"]+"\)), 1\)/g, '$1)'), map };
}

module.exports = {
  bundleAll,
  createTransformer(options) {
    const inner = swc.createTransformer(options);
    const stamp = hash(stampOf(join(ROOT, 'packages')));
    const isBundled = (text, path) => /\.test\.tsx?$/.test(path) && !ASKS_WHILE_IT_RUNS.test(text);
    return {
      ...inner,
      process(text, path, ...rest) {
        if (isBundled(text, path)) return bundle(path);
        const made = inner.process(text, path, ...rest);
        return path.includes('/node_modules/') ? made : { ...made, code: PRELUDE + made.code };
      },
      getCacheKey(text, path, ...rest) {
        const own = isBundled(text, path) ? `${path} ${stamp}` : '';
        return hash(`${inner.getCacheKey?.(text, path, ...rest) ?? ''} ${SELF} ${own}`);
      },
    };
  },
};
