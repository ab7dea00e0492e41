import type { Kitchen, Pot } from '@ember-fold/core';
import { api, problemOf } from './api';
import { kitchenSaveTold } from './kitchenSave';
import { store } from './store';

const SETTLE_MS = 400;
const RETRY_MS = 3000;
const wait = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
const selectKitchen = api.endpoints.kitchen.select();

let saving = false;
let changes = 0;

/** Whether a change is still on its way: what the server has is not what counts then. */
export function isKitchenSaving(): boolean {
  return saving;
}

/** Changes the kitchen: every figure follows at once, the server a moment later, one save at a time. */
export function editKitchen(change: (kitchen: Kitchen) => Kitchen): void {
  store.dispatch(api.util.updateQueryData('kitchen', undefined, (row) => ({ ...row, kitchen: change(row.kitchen) })));
  changes += 1;
  if (!saving) void saveUntilDone();
}

/** Changes a pot: the one a batch is fried in, by its name; absent: the kitchen's own. */
export function editPot(name: string | undefined, change: Partial<Pot>): void {
  editKitchen((now) =>
    name === undefined
      ? { ...now, pot: { ...now.pot, ...change } }
      : {
          ...now,
          otherPots: (now.otherPots ?? []).map((one) =>
            one.name === name ? { ...one, pot: { ...one.pot, ...change } } : one,
          ),
        },
  );
}

async function saveUntilDone(): Promise<void> {
  saving = true;
  try {
    for (let saved = -1; saved !== changes;) {
      await wait(SETTLE_MS);
      const row = selectKitchen(store.getState()).data;
      if (!row) return;
      const sent = changes;
      const result = await store.dispatch(api.endpoints.saveKitchen.initiate(row, { track: false }));
      if ('data' in result && result.data) {
        const { version } = result.data;
        store.dispatch(api.util.updateQueryData('kitchen', undefined, (now) => ({ ...now, version })));
        store.dispatch(kitchenSaveTold(null));
        saved = sent;
        continue;
      }
      const { code, message } = problemOf(result.error);
      store.dispatch(kitchenSaveTold(message));
      if (code === 'AWAY' || code === 'NO_DATABASE' || code === 'INTERNAL') {
        await wait(RETRY_MS);
        continue;
      }
      // Refused, or changed in another window: what the server has is what counts.
      store.dispatch(api.util.invalidateTags(['Kitchen']));
      return;
    }
  } finally {
    saving = false;
  }
}
