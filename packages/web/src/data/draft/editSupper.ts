import type { BatchDraft } from '@ember-fold/core/plan';
import { type Supper, withSupper } from '@ember-fold/core/supper';
import { api } from '../api/api';
import { noteChange } from './lastChanges';
import { draftKind, supperKind } from './savedKinds';
import { saver } from './saves';
import { store } from './store';

const selectSuppers = api.endpoints.suppers.select();

/** Changes a supper: what is shown follows at once, the server, with its batches, a moment later. */
export function editSupper(id: string, change: (supper: Supper) => Supper): void {
  const row = selectSuppers(store.getState()).data?.find((one) => one.id === id);
  if (!row) return;
  const key = `supper ${id}`;
  if (!saver.isDirty(key)) saver.open(key, id, supperKind, { value: row.supper, version: row.version });
  const supper = change(row.supper);
  noteChange({ of: 'supper', id, before: row.supper });
  supperKind.show(id, { value: supper, version: row.version });
  saver.change(key, supper);
}

/** Changes a batch that is not open on the bench; what is on its way of it is kept. @returns it as it was; `null`: it is not changed */
async function editOther(batchId: string, change: (draft: BatchDraft) => BatchDraft): Promise<BatchDraft | null> {
  const { data } = await store.dispatch(
    api.endpoints.batch.initiate(batchId, { forceRefetch: true, subscribe: false }),
  );
  if (!data || data.status === 'done') return null;
  const key = `draft ${batchId}`;
  const draft = saver.open(key, batchId, draftKind, { value: data.draft, version: data.version });
  const next = change(draft);
  if (next === draft) return null;
  draftKind.show(batchId, { value: next, version: data.version });
  saver.change(key, next);
  return draft;
}

/** Changes several batches. @returns those that were changed, as they were */
export async function editDrafts(
  ids: readonly string[],
  change: (id: string, draft: BatchDraft) => BatchDraft,
): Promise<Readonly<Record<string, BatchDraft>>> {
  const before: Record<string, BatchDraft> = {};
  for (const id of ids) {
    const was = await editOther(id, (draft) => change(id, draft));
    if (was) before[id] = was;
  }
  return before;
}

/** A batch joins a supper, leaves it (`null`), or goes to another of its servings. */
export async function putInSupper(batchId: string, supperId: string | null, eatAt?: string): Promise<void> {
  const row = selectSuppers(store.getState()).data?.find((one) => one.id === supperId);
  await editOther(batchId, (draft) => withSupper(draft, supperId, row?.supper ?? null, eatAt));
}
