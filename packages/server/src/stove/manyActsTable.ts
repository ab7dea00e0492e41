import type { CookAct, StoveAct } from '@ember-fold/core/stove';
import type { Queries } from '../db/gate.js';

/** Another batch has an act of the same id: two sessions are not made of one. */
const ACT_TAKEN = 'Something that was told of this batch is told of another one here.';
/** Rows in one statement. */
const TOGETHER = 500;

async function insertMany(
  q: Queries,
  into: string,
  marks: string,
  rows: readonly (readonly (string | number)[])[],
): Promise<void> {
  for (let i = 0; i < rows.length; i += TOGETHER) {
    const some = rows.slice(i, i + TOGETHER);
    try {
      await q.change(`${into} ${some.map(() => marks).join(', ')}`, some.flat());
    } catch (cause) {
      throw (cause as { errno?: number }).errno === 1062 ? new Error(ACT_TAKEN) : cause;
    }
  }
}

/** All that was done at the stove of a batch, in its order. @throws Error ACT_TAKEN when one of them is there already */
export async function insertStoveActs(q: Queries, batchId: string, acts: readonly StoveAct[]): Promise<void> {
  await insertMany(
    q,
    'INSERT INTO stove_act (id, batch_id, at_s, kind, body, received_at) VALUES',
    '(?, ?, ?, ?, ?, UTC_TIMESTAMP(3))',
    acts.map((act) => [act.id, batchId, act.atS, act.kind, JSON.stringify(act)]),
  );
}

/** All that was told at its run-sheet. @throws Error ACT_TAKEN when one of them is there already */
export async function insertCookActs(q: Queries, batchId: string, acts: readonly CookAct[]): Promise<void> {
  await insertMany(
    q,
    'INSERT INTO cook_act (id, batch_id, kind, body, received_at) VALUES',
    '(?, ?, ?, ?, UTC_TIMESTAMP(3))',
    acts.map((act) => [act.id, batchId, act.kind, JSON.stringify(act)]),
  );
}
