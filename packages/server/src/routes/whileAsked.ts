import type { Response } from 'express';
import { setMaxListeners } from 'node:events';

/** Aborted when the client leaves before it has its answer: what is worked out for it alone is given up. */
export function whileAsked(res: Response): AbortSignal {
  const left = new AbortController();
  // A supper asks for as many batches as it has.
  setMaxListeners(0, left.signal);
  res.once('close', () => {
    if (!res.writableEnded) left.abort();
  });
  return left.signal;
}
