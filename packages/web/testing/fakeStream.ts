/** What a browser offers around one live stream: event sources, one lock, one channel between tabs. */

type Listener = (event: { readonly data: string }) => void;

/** An event source whose server is the test. */
export class FakeSource {
  static all: FakeSource[] = [];
  static get open(): FakeSource[] {
    return FakeSource.all.filter(({ isClosed }) => !isClosed);
  }
  onopen: (() => void) | null = null;
  onerror: (() => void) | null = null;
  isClosed = false;
  private readonly listeners = new Map<string, Listener[]>();
  constructor(readonly url: string) {
    FakeSource.all.push(this);
  }
  addEventListener(kind: string, listener: Listener): void {
    this.listeners.set(kind, [...(this.listeners.get(kind) ?? []), listener]);
  }
  close(): void {
    this.isClosed = true;
  }
  /** One event of the server, its time with it. */
  tell(kind: string, body: object, nowMs = 1000): void {
    const data = JSON.stringify({ ...body, nowMs });
    this.listeners.get(kind)?.forEach((listener) => listener({ data }));
  }
}

/** Tabs of one browser: the lock goes to one after the other, a channel reaches all but its own. */
export class FakeBrowser {
  private readonly waiting: (() => unknown)[] = [];
  private held: { readonly tab: number } | null = null;
  private channels: { readonly tab: number; readonly channel: { onmessage: Listener | null } }[] = [];
  private tab = 0;

  /** From here on what is opened belongs to a new tab. */
  openTab(): number {
    const tab = (this.tab += 1);
    const all = () => this.channels;
    const channels = this.channels;
    globalThis.EventSource = FakeSource as unknown as typeof EventSource;
    globalThis.BroadcastChannel = class {
      onmessage: Listener | null = null;
      constructor() {
        channels.push({ tab, channel: this });
      }
      postMessage(data: unknown): void {
        // A channel copies: what one tab changes is not changed in another.
        for (const { tab: other, channel } of all())
          if (other !== tab) channel.onmessage?.({ data: JSON.parse(JSON.stringify(data)) as string });
      }
    } as unknown as typeof BroadcastChannel;
    const request = (_name: string, hold: () => unknown) => {
      if (this.held) this.waiting.push(() => void ((this.held = { tab }), hold()));
      else {
        this.held = { tab };
        hold();
      }
    };
    Object.defineProperty(navigator, 'locks', { value: { request }, configurable: true });
    return tab;
  }

  /** Closes a tab: its lock goes to the next, its streams end, its channel is silent. */
  closeTab(tab: number): void {
    this.channels.splice(0, this.channels.length, ...this.channels.filter((one) => one.tab !== tab));
    if (this.held?.tab !== tab) return;
    FakeSource.open.forEach((source) => source.close());
    this.held = null;
    this.waiting.shift()?.();
  }
}
