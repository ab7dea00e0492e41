import type { Response } from 'express';

/** Aborted when the client leaves before it has its answer: what is worked out for it alone is given up. */
export function whileAsked(res: Response): AbortSignal {
  const left = new AbortController();
  res.once('close', () => {
    if (!res.writableEnded) left.abort();
  });
  return left.signal;
}
