import type { Request } from 'express';
import { readBatch } from '../batches/batchTable.js';
import type { Queries } from '../db/gate.js';
import { ApiError } from '../errors.js';
import { SCHEMAS } from '../http/schemas.js';
import { validate } from '../http/validate.js';
import { readStove, type StoveRow } from './stoveTable.js';

/** The batch that an address names. */
export const idOf = (req: Request): string => validate(SCHEMAS.id, { id: req.params['id'] }).id;

/** @param id of its batch @param locks inside a transaction: what is decided from it stays true until that is over */
export async function requireStove(q: Queries, id: string, locks = false): Promise<StoveRow> {
  const stove = await readStove(q, id, locks);
  if (stove) return stove;
  throw new ApiError((await readBatch(q, id)) ? 'NO_STOVE' : 'NO_BATCH');
}
