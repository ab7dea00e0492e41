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

const dots = (width: number, height: number) => ({ width, height, data: new Uint8ClampedArray(4 * width * height) });
const DRAWN: Record<string, unknown> = {
  measureText: () => ({ width: 0 }),
  createImageData: dots,
  getImageData: (_x: number, _y: number, width: number, height: number) => dots(width, height),
};
/** A surface on which nothing is drawn: it takes every act and every setting. */
const canvas = new Proxy(DRAWN, {
  get: (target, name: string) => target[name] ?? (() => ({ addColorStop: () => undefined })),
});

Object.assign(globalThis, {
  EventSource: PageStream,
  Worker: PageWorker,
  ResizeObserver: NoObserver,
  IntersectionObserver: NoObserver,
  matchMedia: () => ({ matches: false, addEventListener: () => undefined, removeEventListener: () => undefined }),
  scrollTo: () => undefined,
  CSS: { escape: (text: string) => text.replace(/[^\w-]/g, '\\$&'), supports: () => false },
});
HTMLCanvasElement.prototype.getContext = ((kind: string) =>
  kind === '2d' ? canvas : null) as typeof HTMLCanvasElement.prototype.getContext;
Element.prototype.scrollIntoView = () => undefined;
// A box of some size, where a chart asks for one.
for (const [side, px] of [
  ['clientWidth', 640],
  ['clientHeight', 320],
] as const)
  Object.defineProperty(HTMLElement.prototype, side, { configurable: true, get: () => px });
// jsdom draws nothing, and works out hundreds of rules each time a name or a click asks how an element looks.
const plain = document.createElement('div').style;
window.getComputedStyle = () => plain;
