import { configureStore, createAction, createListenerMiddleware, isAnyOf } from '@reduxjs/toolkit';
import { setupListeners } from '@reduxjs/toolkit/query';
import { useDispatch, useSelector } from 'react-redux';
import { api, problemOf } from './api';
import { planHotLatest } from '../workers/planClient';
import { dropMirror, keepMirror } from './draftMirror';
import {
  conflictKept,
  draftChanged,
  draftLoaded,
  draftReducer,
  type DraftState,
  redone,
  saveDone,
  saveFailed,
  saveStarted,
  undone,
} from './draftSlice';
import { kitchenSaveReducer } from './kitchenSave';
import { hotFailed, hotPlanned, hotReducer } from './hotPlan';

const SETTLE_MS = 400;
const RETRY_MS = 3000;

const listener = createListenerMiddleware();

/** Another batch was opened before the last one was saved: it goes over at once; the mirror stays until it has. */
async function handOver(left: DraftState, nextId: string, dispatch: typeof store.dispatch): Promise<void> {
  const { batchId, draft, version, save } = left;
  if (!batchId || !draft || batchId === nextId || save === 'saved' || save === 'conflict') return;
  const result = await dispatch(api.endpoints.saveBatch.initiate({ id: batchId, version, draft }, { track: false }));
  if ('data' in result && result.data) dropMirror(batchId);
}

/** Saves a while after the last change; keeps trying while the server is away. */
listener.startListening({
  matcher: isAnyOf(draftChanged, undone, redone, draftLoaded, conflictKept),
  effect: async (action, { getState, getOriginalState, dispatch, delay, cancelActiveListeners }) => {
    cancelActiveListeners();
    const left = (getOriginalState() as { draft: DraftState }).draft;
    if (draftLoaded.match(action)) void handOver(left, action.payload.batchId, dispatch as typeof store.dispatch);
    const stateNow = () => (getState() as { draft: DraftState }).draft;
    const first = stateNow();
    if (first.save !== 'unsaved' || !first.batchId || !first.draft) return;
    keepMirror(first.batchId, first.draft, first.version);
    await delay(SETTLE_MS);
    for (;;) {
      const { batchId, draft, version, change } = stateNow();
      if (!batchId || !draft) return;
      dispatch(saveStarted());
      const result = await dispatch(
        api.endpoints.saveBatch.initiate({ id: batchId, version, draft }, { track: false }),
      );
      if (stateNow().batchId !== batchId) return;
      if ('data' in result && result.data) {
        dispatch(saveDone({ batchId, version: result.data.version, change }));
        if (stateNow().change === change) dropMirror(batchId);
        else {
          keepMirror(batchId, stateNow().draft!, result.data.version);
          continue;
        }
        return;
      }
      const problem = problemOf(result.error);
      if (problem.code === 'STALE_VERSION') {
        dispatch(saveFailed({ save: 'conflict', message: problem.message }));
        return;
      }
      if (problem.code !== 'AWAY' && problem.code !== 'NO_DATABASE' && problem.code !== 'INTERNAL') {
        dispatch(saveFailed({ save: 'refused', message: problem.message }));
        return;
      }
      dispatch(saveFailed({ save: 'waiting', message: problem.message }));
      await delay(RETRY_MS);
    }
  },
});

const selectKitchen = api.endpoints.kitchen.select();
const inputsOf = (state: unknown) => {
  const root = state as RootState;
  return { draft: root.draft.draft, kitchen: selectKitchen(root).data?.kitchen ?? null };
};
/** A minute is what "start by" is judged to. */
export const minutePassed = createAction('hot/minutePassed');

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

export const store = configureStore({
  reducer: { [api.reducerPath]: api.reducer, draft: draftReducer, hot: hotReducer, kitchenSave: kitchenSaveReducer },
  middleware: (getDefault) =>
    getDefault({ serializableCheck: false, immutableCheck: false }).prepend(listener.middleware).concat(api.middleware),
});
setupListeners(store.dispatch);

export type RootState = ReturnType<typeof store.getState>;
export const useAppDispatch = useDispatch.withTypes<typeof store.dispatch>();
export const useAppSelector = useSelector.withTypes<RootState>();
