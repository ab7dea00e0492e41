// A page without a browser: jsdom at the address of a product that runs for this test file alone.
import { startProduct } from '../../../scripts/lib/product.mjs';
import Browser from './browser.mjs';

export default class PageEnvironment extends Browser {
  async setup() {
    await super.setup();
    this.product = await startProduct('page');
    this.dom.reconfigure({ url: this.product.address });
    const leftOpen = [];
    this.leftOpen = leftOpen;
    /** A channel of Node: what a page sends to a worker is copied, as a browser copies it. */
    class Channel extends MessageChannel {
      constructor() {
        super();
        leftOpen.push(this.port1, this.port2);
      }
    }
    Object.assign(this.global, { leftOpen, MessageChannel: Channel, MessagePort, BroadcastChannel: undefined });
  }
  async teardown() {
    // A stream or a channel left open keeps the test from ending.
    this.leftOpen?.forEach((one) => one.close());
    await this.product?.stop();
    await super.teardown();
  }
}
