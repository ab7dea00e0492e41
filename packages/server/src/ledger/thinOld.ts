import { thinReadings } from '@ember-fold/core/stove';
import type { Gate } from '../db/gate.js';
import { listReadings, replaceReadings } from '../stove/readingTable.js';
import { listUnthinned, readStove, writeThinned } from '../stove/stoveTable.js';

const YEAR_MS = 365 * 86_400_000;
/** As many in one go: a night is long, and nobody waits. */
const EACH = 200;

/**
 * Thins the readings of records that are older than a year, each in a transaction of its own.
 * @returns how many records were thinned
 */
export async function thinOld(gate: Gate, nowMs: number): Promise<number> {
  const ids = await listUnthinned(gate, new Date(nowMs - YEAR_MS), EACH);
  for (const id of ids)
    await gate.transaction(async (q) => {
      // Held, so that nobody takes the record back to the stove meanwhile.
      await readStove(q, id, true);
      const whole = await listReadings(q, id);
      const seqOf = new Map(whole.map(({ atS, seq }) => [atS, seq]));
      await replaceReadings(
        q,
        id,
        thinReadings(whole).map((one) => ({ ...one, seq: seqOf.get(one.atS)! })),
      );
      await writeThinned(q, id, new Date(nowMs));
    });
  return ids.length;
}
