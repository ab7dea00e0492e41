// What Jest does around each test that ours can do without.
const { AsyncLocalStorage } = require('node:async_hooks');

// It follows each test through all that it starts, to tell whose a stray error is, and once more for each file
// that this worker has run before. Not followed, a stray error still fails the file it comes from.
AsyncLocalStorage.prototype.run = (_store, work, ...given) => work(...given);
// It has every error note a hundred callers; the driver of the database makes one for each query. Ten, as everywhere.
Error.stackTraceLimit = 10;

// A property asks `expect` a hundred thousand times, and each time it lays out all its matchers and notes
// the whole stack before it looks. Here it looks first: what holds is done, all else is asked of `expect` itself.
const real = globalThis.expect;

const areNumbers = (a, b) => typeof a === 'number' && typeof b === 'number';
/** Lists of what is told apart by its value alone. */
const areSameLists = (a, b) =>
  Array.isArray(a) &&
  Array.isArray(b) &&
  a.length === b.length &&
  a.every((one, i) => (typeof one !== 'object' || one === null) && Object.is(one, b[i]));

/** Says yes only where the matcher of that name does. */
const HOLDS = {
  toBe: Object.is,
  toBeCloseTo: (a, b, digits = 2) => areNumbers(a, b) && Math.abs(a - b) < 10 ** -digits / 2,
  toBeGreaterThan: (a, b) => areNumbers(a, b) && a > b,
  toBeGreaterThanOrEqual: (a, b) => areNumbers(a, b) && a >= b,
  toBeLessThan: (a, b) => areNumbers(a, b) && a < b,
  toBeLessThanOrEqual: (a, b) => areNumbers(a, b) && a <= b,
  toEqual: areSameLists,
};

class Asked {
  constructor(value) {
    this.value = value;
  }
  get not() {
    return real(this.value).not;
  }
  get resolves() {
    return real(this.value).resolves;
  }
  get rejects() {
    return real(this.value).rejects;
  }
}
for (const [name, matcher] of Object.entries(real(null))) {
  if (typeof matcher !== 'function') continue;
  const holds = HOLDS[name] ?? (() => false);
  Asked.prototype[name] = function ask(...wanted) {
    if (holds(this.value, ...wanted)) return undefined;
    try {
      return real(this.value)[name](...wanted);
    } catch (cause) {
      // It failed where the test asks, not here.
      Error.captureStackTrace(cause, ask);
      throw cause;
    }
  };
}

globalThis.expect = Object.assign((value) => new Asked(value), real);
globalThis.wholeExpect = real;
