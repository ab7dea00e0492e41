import { isAnyOf } from '@reduxjs/toolkit';
import { planHotLatest } from '../workers/planClient';
import { api } from './api';
import { keepHistory } from './draftHistory';
import { draftChanged, redone, undone } from './draftSlice';
import { resumeKitchen } from './editKitchen';
import { resumeSuppers } from './resumeSuppers';
import { hotFailed, hotPlanned, minutePassed } from './hotPlan';
import { listener } from './listener';
import { selectKitchenFor } from './selectKitchen';
import { saver, saveTold, tellSaves } from './saves';
import { selectTray } from './selectTray';
import './rehearse';
import { type RootState, store } from './store';

tellSaves((key, view) => store.dispatch(saveTold({ key, view })));

/** Every change is kept in the browser at once and goes to the server a moment later. */
listener.startListening({
  matcher: isAnyOf(draftChanged, undone, redone),
  effect: (_action, { getState }) => {
    const state = (getState() as RootState).draft;
    if (!state.batchId || !state.draft) return;
    saver.change(`draft ${state.batchId}`, state.draft);
    keepHistory(state);
  },
});

/** The kitchen is there: what was left behind of it when the page was closed goes on. */
listener.startListening({
  matcher: api.endpoints.kitchen.matchFulfilled,
  effect: () => resumeKitchen(),
});

listener.startListening({
  matcher: api.endpoints.suppers.matchFulfilled,
  effect: () => resumeSuppers(),
});

const inputsOf = (state: unknown) => {
  const root = state as RootState;
  const batch = root.draft.draft;
  return { batch, draft: selectTray(root), kitchen: selectKitchenFor(root, batch) };
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
    const { batch, draft, kitchen } = inputsOf(getState());
    if (!batch || !draft || !kitchen) return;
    planHotLatest(batch, draft.mark ?? null, kitchen, Date.now()).then(
      (found) => found && dispatch(hotPlanned({ ...found, draft, kitchen, problem: null })),
      (cause: unknown) => dispatch(hotFailed(cause instanceof Error ? cause.message : String(cause))),
    );
  },
});
