import type { NightlyCopy } from '@ember-fold/core/files';
import { type RequestHandler, Router } from 'express';
import { isStoveOpen } from '../stove/openStoveTable.js';
import { ApiError } from '../errors.js';
import type { Context } from '../http/context.js';

/** Whole copies of the kitchen: made, listed, handed out, and put in its place. */
export function copyRoutes({ copies, gate }: Context): Router {
  const router = Router();

  router.get('/', async (_req, res) => {
    res.json(await copies.list());
  });

  router.post('/', async (_req, res) => {
    res.status(201).json(await copies.make('hand'));
  });

  router.get('/night', (_req, res) => {
    const failedMs = copies.nightFailedMs;
    const told: NightlyCopy = { failedSince: failedMs === null ? null : new Date(failedMs).toISOString() };
    res.json(told);
  });

  router.get('/:name', async (req, res) => {
    res.json(await copies.sheet(req.params.name));
  });

  router.get('/:name/file', (req, res, next) => {
    const path = copies.path(req.params.name);
    res.type('application/gzip');
    res.download(path, req.params.name, (cause) => cause && next(res.headersSent ? cause : new ApiError('NO_COPY')));
  });

  router.post('/:name/restore', async (req, res) => {
    if (await isStoveOpen(gate))
      throw new ApiError('STOVE_OPEN', 'A stove is on. Finish that batch before you restore a copy.');
    res.json(await copies.restore(req.params.name));
  });

  return router;
}

/** A copy from elsewhere comes as its packed file. */
export function takeCopyRoute({ copies }: Pick<Context, 'copies'>): RequestHandler {
  return async (req, res) => {
    if (!req.is('application/gzip')) throw new ApiError('NOT_PACKED');
    res.status(201).json(await copies.take(req));
  };
}
