// What a browser offers a page and jsdom lacks; loaded before each page test.
import 'fake-indexeddb/auto';
import { EventSource } from 'eventsource';
import { exposeOn } from './workerMessages';

declare const leftOpen: { close(): void }[];

/** A stream at the address of the page. */
class PageStream extends EventSource {
  constructor(path: string) {
    super(new URL(path, location.href));
    leftOpen.push(this);
  }
}

/** Runs a worker's script in the page's own thread, behind a channel that copies what is sent. */
class PageWorker {
  private readonly port: MessagePort;
  readonly postMessage: MessagePort['postMessage'];
  readonly addEventListener: MessagePort['addEventListener'];
  readonly removeEventListener: MessagePort['removeEventListener'];
  constructor(url: URL) {
    const { port1, port2 } = new MessageChannel();
    this.port = port1;
    this.postMessage = port1.postMessage.bind(port1) as MessagePort['postMessage'];
    this.addEventListener = port1.addEventListener.bind(port1) as MessagePort['addEventListener'];
    this.removeEventListener = port1.removeEventListener.bind(port1) as MessagePort['removeEventListener'];
    exposeOn(port2, decodeURIComponent(url.pathname));
    port1.start();
  }
  terminate(): void {
    this.port.close();
  }
}

class NoObserver {
  observe(): void {}
  unobserve(): void {}
  disconnect(): void {}
}

/** A surface on which nothing is drawn: every act is accepted, every measure is none. */
const canvas = new Proxy({} as Record<string, unknown>, {
  get: (target, name: string) =>
    name in target ? target[name] : () => ({ width: 0, addColorStop: () => undefined, data: new Uint8ClampedArray(4) }),
  set: (target, name: string, value) => ((target[name] = value), true),
});

Object.assign(globalThis, {
  EventSource: PageStream,
  Worker: PageWorker,
  ResizeObserver: NoObserver,
  IntersectionObserver: NoObserver,
  matchMedia: () => ({ matches: false, addEventListener: () => undefined, removeEventListener: () => undefined }),
  scrollTo: () => undefined,
});
HTMLCanvasElement.prototype.getContext = ((kind: string) =>
  kind === '2d' ? canvas : null) as typeof HTMLCanvasElement.prototype.getContext;
Element.prototype.scrollIntoView = () => undefined;
