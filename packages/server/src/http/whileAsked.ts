import type { Response } from 'express';
import { setMaxListeners } from 'node:events';

/** A signal that is aborted when the client disconnects before it has its answer, so that work only it waits for can stop. */
export function whileAsked(res: Response): AbortSignal {
  const left = new AbortController();
  // One signal serves every batch of a supper; Node warns above ten listeners.
  setMaxListeners(0, left.signal);
  res.once('close', () => {
    if (!res.writableEnded) left.abort();
  });
  return left.signal;
}
