import { LIVE_KINDS, type LiveEvent } from '@ember-fold/core/stove';
import { setShutOut, knock } from '../offline/door';
import { serverAnswered } from '../offline/useOnline';

/** One event with the server's time. */
export type Told = LiveEvent & { readonly nowMs: number };

/** What tabs of one browser say to one another. */
type Message = { readonly kind: 'event'; readonly told: Told } | { readonly kind: 'open' } | { readonly kind: 'away' };

const RETRY_MS = 1200;
/** No word for so long: the stream is dead though nobody said so. The server beats each 10 s. */
const SILENT_MS = 25_000;
const NAME = 'ember-live';

const listeners = new Set<(told: Told) => void>();
const openers = new Set<() => void>();

/** Hears every event. @returns stops it */
export function onLive(listener: (told: Told) => void): () => void {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}

/** Called when the stream is there, and there again: what was missed meanwhile must be asked for. @returns stops it */
export function onOpen(call: () => void): () => void {
  openers.add(call);
  return () => void openers.delete(call);
}

function take(message: Message): void {
  if (message.kind === 'event') return listeners.forEach((listener) => listener(message.told));
  serverAnswered(message.kind === 'open');
  if (message.kind === 'away') return void knock();
  setShutOut(false);
  openers.forEach((call) => call());
}

/**
 * The one stream of this browser. A browser opens only a few connections to a server: of all its
 * tabs one holds the stream and passes on what it hears; when it is closed, the next one does.
 */
export function startStream(): void {
  if (typeof BroadcastChannel === 'undefined' || !navigator.locks) return hold(take);
  const channel = new BroadcastChannel(NAME);
  channel.onmessage = ({ data }: MessageEvent<Message>) => take(data);
  void navigator.locks.request(NAME, () => {
    hold((message) => {
      channel.postMessage(message);
      take(message);
    });
    // Held until this tab is gone.
    return new Promise<never>(() => undefined);
  });
}

/** Keeps the stream open for as long as this tab lives. */
function hold(pass: (message: Message) => void): void {
  let source: EventSource | null = null;
  let retry: ReturnType<typeof setTimeout> | undefined;
  let heardMs = performance.now();
  const connect = () => {
    source?.close();
    clearTimeout(retry);
    heardMs = performance.now();
    const opened = new EventSource('/api/live');
    source = opened;
    opened.onopen = () => pass({ kind: 'open' });
    opened.onerror = () => {
      opened.close();
      if (source !== opened) return;
      pass({ kind: 'away' });
      retry = setTimeout(connect, RETRY_MS);
    };
    for (const kind of LIVE_KINDS) {
      opened.addEventListener(kind, (event) => {
        heardMs = performance.now();
        pass({ kind: 'event', told: { ...(JSON.parse(event.data as string) as Told), kind } as Told });
      });
    }
  };
  connect();
  setInterval(() => {
    if (performance.now() - heardMs > SILENT_MS) connect();
  }, 5000);
  // Back from sleep, or from behind another window: a stream that looks alive may be dead.
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'visible') connect();
  });
  window.addEventListener('online', connect);
}
