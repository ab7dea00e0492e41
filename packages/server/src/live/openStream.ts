import type { Request, Response } from 'express';

/** One open stream of server-sent events. */
export interface EventStream {
  send(event: string, data: object, id?: string): void;
  /** Called once, when the other side is gone. */
  onClose(call: () => void): void;
  end(): void;
}

/**
 * The one way to open a stream: its head goes out at once, a question for the head alone ends at
 * once, and a beat tells the other side that this one is still there.
 *
 * @param beat sent each `beatMs`; a comment by itself
 * @returns `null` where only the head was asked for
 */
export function openStream(
  req: Request,
  res: Response,
  beatMs: number,
  beat?: (stream: EventStream) => void,
): EventStream | null {
  res.writeHead(200, { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-cache, no-transform' });
  if (req.method === 'HEAD') {
    res.end();
    return null;
  }
  res.flushHeaders();
  const calls: (() => void)[] = [];
  const stream: EventStream = {
    send: (event, data, id) =>
      void res.write(`${id === undefined ? '' : `id: ${id}\n`}event: ${event}\ndata: ${JSON.stringify(data)}\n\n`),
    onClose: (call) => void calls.push(call),
    end: () => void res.end(),
  };
  const timer = setInterval(() => (beat ? beat(stream) : void res.write(': here\n\n')), beatMs);
  res.on('close', () => {
    clearInterval(timer);
    calls.forEach((call) => call());
  });
  return stream;
}
