import { isAnyOf } from '@reduxjs/toolkit';
import { planHotLatest } from '../workers/planClient';
import { keepMirror } from './draftMirror';
import { conflictKept, draftChanged, draftLoaded, type DraftState, redone, undone } from './draftSlice';
import { hotFailed, hotPlanned, minutePassed } from './hotPlan';
import { listener } from './listener';
import { selectKitchenFor } from './selectKitchen';
import { handOver, saveUntilDone } from './saveDraft';
import type { RootState } from './store';

/** Every change is kept in the browser at once and goes to the server a moment later. */
listener.startListening({
  matcher: isAnyOf(draftChanged, undone, redone, draftLoaded, conflictKept),
  effect: (action, { getState, getOriginalState }) => {
    const left = (getOriginalState() as { draft: DraftState }).draft;
    if (draftLoaded.match(action)) void handOver(left, action.payload.batchId);
    const { save, batchId, draft, version } = (getState() as { draft: DraftState }).draft;
    if (save !== 'unsaved' || !batchId || !draft) return;
    keepMirror(batchId, draft, version);
    void saveUntilDone();
  },
});

const inputsOf = (state: unknown) => {
  const root = state as RootState;
  return { draft: root.draft.draft, kitchen: selectKitchenFor(root, root.draft.draft) };
};

/**
 * The worker starts on the same dispatch that changed the draft, before the page has drawn the
 * cold half, so that all five stations follow one keystroke.
 */
listener.startListening({
  predicate: (action, now, before) => {
    const a = inputsOf(now);
    const b = inputsOf(before);
    return minutePassed.match(action) || a.draft !== b.draft || a.kitchen !== b.kitchen;
  },
  effect: (_action, { getState, dispatch }) => {
    const { draft, kitchen } = inputsOf(getState());
    if (!draft || !kitchen) return;
    planHotLatest(draft, kitchen, Date.now()).then(
      (plan) => plan && dispatch(hotPlanned({ plan, draft, kitchen, problem: null })),
      (cause: unknown) => dispatch(hotFailed(cause instanceof Error ? cause.message : String(cause))),
    );
  },
});
