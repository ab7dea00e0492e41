import type { TestApp } from './openApp.js';

export interface Heard {
  readonly event: string;
  readonly id: string;
  readonly data: Record<string, unknown>;
}

/** Listens to a stream of server-sent events until `enough`; what was heard comes back. */
export async function listenTo(
  app: TestApp,
  path: string,
  enough: (heard: Heard[]) => boolean,
  lastEventId?: string,
): Promise<Heard[]> {
  const stop = new AbortController();
  const answer = await fetch(`${app.url}${path}`, {
    signal: stop.signal,
    headers: lastEventId ? { 'last-event-id': lastEventId } : {},
  });
  expect(answer.headers.get('content-type')).toContain('text/event-stream');
  const reader = answer.body!.pipeThrough(new TextDecoderStream()).getReader();
  const heard: Heard[] = [];
  let text = '';
  while (!enough(heard)) {
    const { value, done } = await reader.read();
    if (done) break;
    text += value;
    const blocks = text.split('\n\n');
    text = blocks.pop()!;
    for (const block of blocks) {
      const field = (name: string) => new RegExp(`^${name}: (.*)$`, 'm').exec(block)?.[1] ?? '';
      if (field('event')) heard.push({ event: field('event'), id: field('id'), data: JSON.parse(field('data')) });
    }
  }
  stop.abort();
  return heard;
}
