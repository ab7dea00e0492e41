import type { Kitchen, Pot } from '@ember-fold/core/plan';
import { noteChange } from './lastChanges';
import { api } from '../api/api';
import { kitchenKind } from './savedKinds';
import { saver } from './saves';
import { store } from './store';

const selectKitchen = api.endpoints.kitchen.select();

/** Changes the kitchen: every figure follows at once, the server a moment later. */
export function editKitchen(change: (kitchen: Kitchen) => Kitchen): void {
  const row = selectKitchen(store.getState()).data;
  if (!row) return;
  if (!saver.isDirty('kitchen')) {
    saver.open('kitchen', 'kitchen', kitchenKind, { value: row.kitchen, version: row.version });
  }
  const kitchen = change(row.kitchen);
  noteChange({ of: 'kitchen', before: row.kitchen });
  store.dispatch(api.util.updateQueryData('kitchen', undefined, () => ({ ...row, kitchen })));
  saver.change('kitchen', kitchen);
}

/** A change of the kitchen that was left behind when the page was closed goes on. */
export function resumeKitchen(): void {
  const row = selectKitchen(store.getState()).data;
  if (!row || !saver.mirror('kitchen') || saver.isDirty('kitchen')) return;
  const kitchen = saver.open('kitchen', 'kitchen', kitchenKind, { value: row.kitchen, version: row.version });
  store.dispatch(api.util.updateQueryData('kitchen', undefined, () => ({ ...row, kitchen })));
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
