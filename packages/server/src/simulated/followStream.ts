/** One server-sent event. */
export interface StreamEvent {
  readonly event: string;
  readonly data: unknown;
}

/**
 * Follows a stream of server-sent events until it ends, or until `signal`. Rejects when it
 * cannot be opened; a stream that breaks just ends.
 */
export async function followStream(
  url: string,
  signal: AbortSignal,
  onEvent: (event: StreamEvent) => void,
): Promise<void> {
  const answer = await fetch(url, { signal, headers: { accept: 'text/event-stream' } });
  if (!answer.ok || !answer.body) throw new Error(`The stream answered ${answer.status}.`);
  const reader = answer.body.pipeThrough(new TextDecoderStream()).getReader();
  let text = '';
  for (;;) {
    const { value, done } = await reader.read().catch(() => ({ value: undefined, done: true as const }));
    if (done) return;
    text += value;
    const blocks = text.split('\n\n');
    text = blocks.pop()!;
    for (const block of blocks) {
      const field = (name: string) => new RegExp(`^${name}: (.*)$`, 'm').exec(block)?.[1] ?? '';
      if (field('event')) onEvent({ event: field('event'), data: JSON.parse(field('data')) });
    }
  }
}
