// Each test file runs in a world of its own, in which every look at Math or Float64Array asks that
// world first: loops of the solver take five times as long. A module that has them by name does not.
const swc = require('@swc/jest');

const NAMES = ['Math', 'Number', 'Array', 'Object', 'Map', 'Set', 'Float64Array', 'Uint8Array', 'Infinity', 'NaN'];
/** On the first line, so that all lines keep their numbers. */
const PRELUDE = `var ${NAMES.map((name) => `${name} = globalThis.${name}`).join(', ')};`;

module.exports = {
  PRELUDE,
  createTransformer(options) {
    const inner = swc.createTransformer(options);
    return {
      ...inner,
      process(text, path, ...rest) {
        const made = inner.process(text, path, ...rest);
        return path.includes('/node_modules/') ? made : { ...made, code: PRELUDE + made.code };
      },
      getCacheKey: (...given) => `${inner.getCacheKey?.(...given) ?? ''} own ${PRELUDE}`,
    };
  },
};
