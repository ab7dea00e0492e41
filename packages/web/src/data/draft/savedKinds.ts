import { withTodaysNames } from '@ember-fold/core/files';
import { type BatchDraft, type Kitchen, readBatchDraft, type SupperRow } from '@ember-fold/core/plan';
import type { Supper } from '@ember-fold/core/supper';
import { api, problemOf } from '../api/api';
import { draftTaken } from './draftSlice';
import type { SaveAnswer, SavedKind, Versioned } from './savedKind';
import { store } from './store';

/** How each kind of thing that is edited is sent, asked for and shown. */

/** What the server answered to a save: kept, or why not. */
export const answered = <R, T>(
  result: { readonly data?: R | undefined; readonly error?: unknown },
  of: (data: R) => Versioned<T>,
): SaveAnswer<T> => (result.data === undefined ? { problem: problemOf(result.error) } : { kept: of(result.data) });

export const fresh = { forceRefetch: true, subscribe: false } as const;

export const draftKind: SavedKind<BatchDraft> = {
  send: async (id, { value, version }) =>
    answered(
      await store.dispatch(api.endpoints.saveBatch.initiate({ id, version, draft: value }, { track: false })),
      (row) => ({ value: row.draft, version: row.version }),
    ),
  fetch: async (id) =>
    answered(await store.dispatch(api.endpoints.batch.initiate(id, fresh)), (row) => ({
      value: row.draft,
      version: row.version,
    })),
  read: readBatchDraft,
  show: (batchId, { value }) => void store.dispatch(draftTaken({ batchId, draft: value })),
};

export const kitchenKind: SavedKind<Kitchen> = {
  read: (left) => withTodaysNames(left) as Kitchen,
  send: async (_id, { value, version }) =>
    answered(
      await store.dispatch(api.endpoints.saveKitchen.initiate({ kitchen: value, version }, { track: false })),
      (row) => ({ value: row.kitchen, version: row.version }),
    ),
  // Past the cache: what is shown there is ours until both sides are merged.
  fetch: async () =>
    answered(await store.dispatch(api.endpoints.kitchenNow.initiate(undefined, { track: false })), (row) => ({
      value: row.kitchen,
      version: row.version,
    })),
  show: (_id, { value, version }) =>
    void store.dispatch(api.util.updateQueryData('kitchen', undefined, () => ({ kitchen: value, version }))),
};

const asSupper = ({ supper, version }: SupperRow): Versioned<Supper> => ({ value: supper, version });

export const supperKind: SavedKind<Supper> = {
  read: (left) => withTodaysNames(left) as Supper,
  send: async (id, { value, version }) =>
    answered(
      await store.dispatch(api.endpoints.saveSupper.initiate({ id, supper: value, version }, { track: false })),
      asSupper,
    ),
  fetch: async (id) => answered(await store.dispatch(api.endpoints.supperNow.initiate(id, { track: false })), asSupper),
  show: (id, { value, version }) =>
    void store.dispatch(
      api.util.updateQueryData('suppers', undefined, (rows) =>
        rows.map((row) => (row.id === id ? { id, supper: value, version } : row)),
      ),
    ),
};
