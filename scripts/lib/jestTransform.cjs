// A test file becomes one script with all it needs of this repository: a test starts in a tenth of the time,
// because each file would otherwise load hundreds of modules anew, and functions of other files are called directly.
const { readdirSync, readFileSync, statSync } = require('node:fs');
const { join } = require('node:path');
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

function bundle(path) {
  const { outputFiles } = esbuild.buildSync({
    entryPoints: [path],
    outfile: path.replace(/\.tsx?$/, '.js'),
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
  });
  const [map, code] = outputFiles;
  // What a package calls its default is its default, as the bundlers of pages and server have it.
  return { code: code.text.replace(/(__toESM\(require\("[^"]+"\)), 1\)/g, '$1)'), map: map.text };
}

module.exports = {
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
