import { readBatch } from '../batches/batchTable.js';
import type { Queries } from '../db/gate.js';
import { ApiError } from '../errors.js';
import { goneAt } from '../stove/stoveTable.js';

/** @throws ApiError NOT_FOUND, NO_BATCH where a batch has no record */
export async function requireRecord(gate: Queries, id: string): Promise<void> {
  if ((await goneAt(gate, id)) === undefined)
    throw new ApiError((await readBatch(gate, id)) ? 'NOT_FOUND' : 'NO_BATCH');
}
