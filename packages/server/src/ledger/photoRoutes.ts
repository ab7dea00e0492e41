import { Router } from 'express';
import { imageSize } from 'image-size';
import { deletePhoto, readPhoto, writePhoto } from './photoTable.js';
import { ApiError } from '../errors.js';
import type { Context } from '../http/context.js';
import { SCHEMAS } from '../http/schemas.js';
import { validate } from '../http/validate.js';
import { requireRecord } from './requireRecord.js';

/** Longer side of a kept picture, pixels: pages make it 320. A small file may unfold to gigabytes in whoever looks at it. */
const MOST_SIDE = 1024;

function isSmallJpeg(bytes: Uint8Array): boolean {
  try {
    const { type, width, height } = imageSize(bytes);
    return type === 'jpg' && Math.max(width, height) <= MOST_SIDE;
  } catch {
    // It has no head that any picture has.
    return false;
  }
}

/** Photographs of a record's trays. */
export function photoRoutes({ gate, live, clockMs }: Context): Router {
  const router = Router();

  /** Only a JPEG is kept, and only as that it is handed out. */
  router.put('/:id/photos/:mark', async (req, res) => {
    const { id, mark } = validate(SCHEMAS.photoOf, req.params);
    const { jpeg } = validate(SCHEMAS.photo, req.body);
    await requireRecord(gate, id);
    const bytes = Buffer.from(jpeg, 'base64');
    if (!isSmallJpeg(bytes)) throw new ApiError('BAD_INPUT', undefined, 'jpeg');
    await writePhoto(gate, id, mark, bytes, new Date(clockMs()));
    live.changed('ledger', id);
    res.status(204).end();
  });

  router.get('/:id/photos/:mark', async (req, res) => {
    const { id, mark } = validate(SCHEMAS.photoOf, req.params);
    const jpeg = await readPhoto(gate, id, mark);
    if (!jpeg) throw new ApiError('NOT_FOUND');
    res.type('image/jpeg').set('X-Content-Type-Options', 'nosniff').send(jpeg);
  });

  router.delete('/:id/photos/:mark', async (req, res) => {
    const { id, mark } = validate(SCHEMAS.photoOf, req.params);
    await deletePhoto(gate, id, mark);
    live.changed('ledger', id);
    res.status(204).end();
  });

  return router;
}
