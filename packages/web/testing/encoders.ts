import { TextDecoder, TextEncoder } from 'node:util';

/** jsdom has none, and the router asks for them when it is loaded: import this before it. */
Object.assign(globalThis, { TextEncoder, TextDecoder });
