import { type BatchDraft, CoreError, type Kitchen, type TrayDraft, withTray } from '@ember-fold/core/plan';
import { useCallback } from 'react';
import { draftChanged } from './draftSlice';
import { selectKitchenFor } from './selectKitchen';
import { selectTray } from './selectTray';
import { store } from './store';

/**
 * Changes the open tray. `field` names what is being edited: keystrokes in one field are one step
 * of undo. Core refuses what would break the plan; the draft then stays as it was.
 */
export function useEdit(): (field: string, edit: (draft: TrayDraft, kitchen: Kitchen) => TrayDraft | null) => void {
  return useCallback((field, edit) => {
    const { draft: batch } = store.getState().draft;
    const draft = selectTray(store.getState());
    const kitchen = selectKitchenFor(store.getState(), batch);
    if (!batch || !draft || !kitchen) return;
    try {
      const next = edit(draft, kitchen);
      if (next) store.dispatch(draftChanged(withTray(batch, next), draft.mark ? `${draft.mark} ${field}` : field));
    } catch (cause) {
      // The field has its own limits and says so; what passes them and core still refuses changes nothing.
      if (!(cause instanceof CoreError)) throw cause;
    }
  }, []);
}

/** Changes the batch as a whole: which trays it has. `null` changes nothing. */
export function editBatch(field: string, edit: (batch: BatchDraft) => BatchDraft | null): void {
  const { draft } = store.getState().draft;
  const next = draft && edit(draft);
  if (next) store.dispatch(draftChanged(next, field));
}
