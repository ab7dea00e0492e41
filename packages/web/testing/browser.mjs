// jsdom with what a browser has besides a page: requests, streams, structured clones, from Node itself.
import { TestEnvironment } from 'jest-environment-jsdom';

const FROM_NODE = {
  fetch,
  Headers,
  Response,
  ReadableStream,
  TransformStream,
  WritableStream,
  TextEncoder,
  TextDecoder,
  structuredClone,
  setImmediate,
  clearImmediate,
};

export default class Browser extends TestEnvironment {
  async setup() {
    await super.setup();
    const { global } = this;
    Object.assign(global, FROM_NODE, { AbortController, AbortSignal });
    // A page asks by a path; Node wants a whole address.
    global.Request = class extends Request {
      constructor(input, init) {
        super(typeof input === 'string' ? new URL(input, global.location.href).href : input, init);
      }
    };
  }
}
