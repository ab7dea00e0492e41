import { type BatchDraft, marksOf, type TrayMark } from '@ember-fold/core/plan';
import type { Queries } from '../db/gate.js';
import { lockStored, takenByOthers, writeUses } from './storedTable.js';
import { ApiError } from '../errors.js';

/**
 * What a batch takes out of the freezer is its own from the moment it is saved: of two pages that
 * want the last pieces, one gets them, and the other is told how many there are.
 * @throws ApiError NOT_STORED, TOO_FEW_STORED at the tray that asks
 */
export async function holdStored(q: Queries, batchId: string, draft: BatchDraft): Promise<void> {
  const wanted = new Map<string, { pieces: number; mark: TrayMark }>();
  for (const mark of marksOf(draft)) {
    const { fromStored, pieces } = draft.trays[mark]!;
    if (fromStored === undefined) continue;
    wanted.set(fromStored, { pieces: (wanted.get(fromStored)?.pieces ?? 0) + pieces, mark });
  }
  // In one order everywhere, so that two batches never wait for each other.
  for (const [id, { pieces, mark }] of [...wanted].sort(([a], [b]) => (a < b ? -1 : 1))) {
    const there = await lockStored(q, id);
    if (there?.kind !== 'pieces') throw new ApiError('NOT_STORED', undefined, `draft.trays.${mark}.fromStored`);
    const left = (there.pieces ?? 0) - (await takenByOthers(q, id, batchId));
    if (pieces > left) {
      const only = left <= 0 ? 'None of these pieces are left' : `Only ${left} of these pieces are left`;
      throw new ApiError(
        'TOO_FEW_STORED',
        `${only}; another batch has taken the others.`,
        `draft.trays.${mark}.pieces`,
      );
    }
  }
  await writeUses(q, batchId, new Map([...wanted].map(([id, { pieces }]) => [id, pieces])));
}
