import { type BatchDraft, CoreError, type Kitchen } from '@ember-fold/core';
import { useCallback } from 'react';
import { draftChanged } from './draftSlice';
import { selectKitchenFor } from './selectKitchen';
import { store } from './store';

/**
 * Changes the draft. `field` names what is being edited: keystrokes in one field are one step
 * of undo. Core refuses what would break the plan; the draft then stays as it was.
 */
export function useEdit(): (field: string, edit: (draft: BatchDraft, kitchen: Kitchen) => BatchDraft | null) => void {
  return useCallback((field, edit) => {
    const { draft } = store.getState().draft;
    const kitchen = selectKitchenFor(store.getState(), draft);
    if (!draft || !kitchen) return;
    try {
      const next = edit(draft, kitchen);
      if (next) store.dispatch(draftChanged(next, field));
    } catch (cause) {
      // The field has its own limits and says so; what passes them and core still refuses changes nothing.
      if (!(cause instanceof CoreError)) throw cause;
    }
  }, []);
}
