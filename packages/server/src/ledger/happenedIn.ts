import { type BatchDraft, batchFigures } from '@ember-fold/core/plan';
import type { Queries } from '../db/gate.js';
import { listActs } from '../stove/actTable.js';
import { traceReadings } from '../stove/readingTable.js';

/** Acts, readings and figures of a batch that was fried. */
export async function happenedIn(gate: Queries, id: string, draft: BatchDraft) {
  const acts = (await listActs(gate, id)).map((stored) => stored.act);
  const readings = await traceReadings(gate, id);
  return { acts, readings, ...batchFigures(draft, acts, readings) };
}
