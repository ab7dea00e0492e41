import { isAnyOf } from '@reduxjs/toolkit';
import { goOnWithMaps, holdMaps } from '../../workers/mapClient';
import { planHotLatest } from '../../workers/planClient';
import { api } from '../api/api';
import { keepHistory } from './draftHistory';
import { draftChanged, redone, undone } from './draftSlice';
import { resumeKitchen } from './editKitchen';
import { resumeSuppers } from './resumeSuppers';
import { hotFailed, hotPlanned, minutePassed } from './hotPlan';
import { listener } from './listener';
import { selectKitchenFor } from './selectKitchen';
import { saver, saveTold, tellSaves } from './saves';
import { selectTray } from './selectTray';
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

function planNow({ batch, draft, kitchen }: ReturnType<typeof inputsOf>): void {
  if (!batch || !draft || !kitchen) return;
  // What is being mapped can wait: the machine is for the line.
  holdMaps();
  planHotLatest(batch, draft.mark ?? null, kitchen, Date.now())
    .then(
      (found) => {
        if (found) store.dispatch(hotPlanned({ ...found, draft, kitchen, problem: null }));
        return found !== null;
      },
      (cause: unknown) => {
        store.dispatch(hotFailed(cause instanceof Error ? cause.message : String(cause)));
        return true;
      },
    )
    .then((isNewest) => isNewest && goOnWithMaps());
}

/**
 * The worker starts before the page has worked out or drawn anything of a change, so that all five
 * stations follow one keystroke: whoever subscribes first hears of it first, and nothing of the page
 * has subscribed when this is read.
 */
let planned = inputsOf(store.getState());
store.subscribe(() => {
  const now = inputsOf(store.getState());
  if (now.draft === planned.draft && now.kitchen === planned.kitchen) return;
  planned = now;
  planNow(now);
});

listener.startListening({
  actionCreator: minutePassed,
  effect: (_action, { getState }) => planNow(inputsOf(getState())),
});
