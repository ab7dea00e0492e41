import type { Kitchen } from '@ember-fold/core/plan';
import { ApiError } from '../errors.js';
import type { Queries } from '../db/gate.js';

/** Inserts the row that refers to everything an open stove needs; a `WHERE` with the batch's id is appended. */
const HOLD = `INSERT IGNORE INTO open_stove (batch_id, supper_id, oil_id, kitchen_id)
  SELECT s.batch_id, p.id, o.id, k.id FROM stove_session s JOIN batch b ON b.id = s.batch_id
  LEFT JOIN supper p ON p.id = JSON_VALUE(b.draft, '$.supper')
  LEFT JOIN oil o ON o.id = JSON_VALUE(s.kitchen, '$.potOil.id')
  LEFT JOIN kitchen k ON k.id = 1`;

/** Nothing this stove needs can be deleted until `releaseStove`. */
export async function holdStove(q: Queries, batchId: string): Promise<void> {
  await q.change(`${HOLD} WHERE s.batch_id = ?`, [batchId]);
}

export async function releaseStove(q: Queries, batchId: string): Promise<void> {
  await q.change('DELETE FROM open_stove WHERE batch_id = ?', [batchId]);
}

/** Keeps the supper of an open stove right when its batch moves to another supper, or to none. */
export async function moveOpenStove(q: Queries, batchId: string, supperId: string | null): Promise<void> {
  await q.change(
    'UPDATE open_stove SET supper_id = (SELECT id FROM supper WHERE supper.id = ?) WHERE batch_id = ? AND NOT supper_id <=> ?',
    [supperId, batchId, supperId],
  );
}

/** Whether a stove is on; with an oil: one whose pot it is in. Inside a transaction none can be lit until that is over. */
export async function isStoveOpen(q: Queries, oilId: string | null = null): Promise<boolean> {
  const rows = await q.rows(
    `SELECT batch_id FROM open_stove ${oilId === null ? '' : 'WHERE oil_id = ? '}LIMIT 1 LOCK IN SHARE MODE`,
    oilId === null ? [] : [oilId],
  );
  return rows.length > 0;
}

/** @throws ApiError STOVE_OPEN when something fries in a pot that this kitchen has no longer */
export async function requireOpenPots(q: Queries, { otherPots = [] }: Pick<Kitchen, 'otherPots'>): Promise<void> {
  const names = otherPots.map(({ name }) => name);
  if ((await openPots(q)).some((pot) => pot !== null && !names.includes(pot)))
    throw new ApiError('STOVE_OPEN', 'Something is frying in this pot. Finish that batch first.', 'kitchen.otherPots');
}

/** Names of the pots in which something fries now; `null`: the kitchen's own. */
async function openPots(q: Queries): Promise<(string | null)[]> {
  const rows = await q.rows<{ name: string | null }>(
    `SELECT JSON_VALUE(s.kitchen, '$.potName') AS name FROM open_stove o JOIN stove_session s ON s.batch_id = o.batch_id`,
  );
  return rows.map(({ name }) => name);
}
