import { type RequestHandler, Router } from 'express';
import { rateLimit } from 'express-rate-limit';
import { isCalendarSecret } from '../home/homeTable.js';
import { ApiError } from '../errors.js';
import { secretHash } from '../secretHash.js';
import { comingSuppers } from './supperCalendar.js';
import type { Context } from '../http/context.js';
import { whileAsked } from '../http/whileAsked.js';

const tooMany: RequestHandler = () => {
  throw new ApiError('MANY_TRIES');
};

/** Every coming supper, for calendars that have no browser's cookie: whoever has the address reads it, until it is revoked. */
export function calendarRoutes(context: Context): Router {
  const router = Router();
  const fewTries = rateLimit({
    windowMs: 10 * 60_000,
    limit: 20,
    skipSuccessfulRequests: true,
    legacyHeaders: false,
    handler: tooMany,
  });
  router.get('/:secret', fewTries, async (req, res) => {
    const [, secret] = /^([\w-]{20,60})\.ics$/.exec(String(req.params['secret'])) ?? [];
    if (secret === undefined || !(await isCalendarSecret(context.gate, secretHash(secret))))
      throw new ApiError('NOT_FOUND');
    res.type('text/calendar').send(await comingSuppers(context, whileAsked(res)));
  });
  return router;
}
