import type { LiveEvent } from '@ember-fold/core/stove';
import type { Request, Response } from 'express';
import { listTimers } from '../kitchen/timerTable.js';
import { openStream } from './openStream.js';
import type { Context } from '../http/context.js';

const HEARTBEAT_MS = 10_000;
/** What is told while a page opens is held up by its scripts: the time is told once more when it rests. */
const FIRST_BEAT_MS = 1000;

/**
 * The one stream of every page: all timers, then each change of a timer, a run-sheet, a stove or
 * a record, readings of every pot that burns and every scale, and the server's time.
 */
export function liveRoute({ gate, live, disk, clockMs }: Context) {
  return async (req: Request, res: Response): Promise<void> => {
    const stream = openStream(req, res, HEARTBEAT_MS, () => tell({ kind: 'time' }));
    if (!stream) return;
    function tell({ kind, ...data }: LiveEvent): void {
      stream!.send(kind, { ...data, nowMs: clockMs() });
    }
    const queue: LiveEvent[] = [];
    let caughtUp = false;
    const stop = live.follow((event) => (caughtUp ? tell(event) : void queue.push(event)));
    const first = setTimeout(() => tell({ kind: 'time' }), FIRST_BEAT_MS);
    // It comes back at once, and asks for all of it again.
    const stopGaps = live.onGap(() => stream.end());
    stream.onClose(() => {
      clearTimeout(first);
      stop();
      stopGaps();
    });
    try {
      tell({ kind: 'timers', timers: await listTimers(gate) });
      tell({ kind: 'disk', ...disk.now });
      caughtUp = true;
      queue.forEach(tell);
    } catch {
      // The head is out; closing makes the page ask again.
      stream.end();
    }
  };
}
