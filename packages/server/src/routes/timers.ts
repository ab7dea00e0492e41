import { type Request, type Response, Router } from 'express';
import { listTimers, readTimer, type Timer, writeTimer } from '../db/timerTable.js';
import { ApiError } from '../errors.js';
import type { Context } from './context.js';
import { SCHEMAS, validate } from './validate.js';

const HEARTBEAT_MS = 10_000;
/** What is told while a page opens is held up by its scripts: the time is told once more when it rests. */
const FIRST_BEAT_MS = 1000;
const MOST_TIMERS = 100;

/** Timers of the kitchen, kept here so that no page can lose one. */
export function timerRoutes({ gate, live, clockMs }: Context): Router {
  const router = Router();

  router.get('/', async (_req, res) => {
    res.json({ timers: await listTimers(gate), nowMs: clockMs() });
  });

  router.put('/:id', async (req, res) => {
    const { id } = validate<{ id: string }>(SCHEMAS.id, req.params);
    const ask = validate<Omit<Timer, 'id'>>(SCHEMAS.timer, req.body);
    if (ask.endsMs < ask.startedMs) {
      throw new ApiError('BAD_INPUT', 'A timer ends after it has begun.', 'endsMs');
    }
    const timer = await gate.transaction(async (q) => {
      if (!(await readTimer(q, id)) && (await listTimers(q)).length >= MOST_TIMERS) throw new ApiError('MANY_TIMERS');
      await writeTimer(q, { id, ...ask });
      return await readTimer(q, id);
    });
    if (!timer) throw new ApiError('INTERNAL');
    live.tell({ kind: 'timer', timer });
    res.json(timer);
  });

  return router;
}

/** Server-sent events for every page: all timers, each change of one, acts of any run-sheet, and the server's time. */
export function liveRoute({ gate, live, clockMs }: Context) {
  return async (req: Request, res: Response): Promise<void> => {
    res.writeHead(200, { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-cache, no-transform' });
    const send = (event: string, data: object) =>
      res.write(`event: ${event}\ndata: ${JSON.stringify({ ...data, nowMs: clockMs() })}\n\n`);
    const queue: (() => void)[] = [];
    let caughtUp = false;
    const stop = live.follow((event) => {
      const { kind, ...data } = event;
      const pass = () => send(kind, data);
      if (caughtUp) pass();
      else queue.push(pass);
    });
    // The beat carries the time: a page that slept finds out within it.
    const beat = setInterval(() => send('time', {}), HEARTBEAT_MS);
    const first = setTimeout(() => send('time', {}), FIRST_BEAT_MS);
    req.on('close', () => {
      clearInterval(beat);
      clearTimeout(first);
      stop();
    });
    try {
      send('timers', { timers: await listTimers(gate) });
      caughtUp = true;
      queue.forEach((pass) => pass());
    } catch {
      // The head is out; closing makes the page ask again.
      res.end();
    }
  };
}
