import { configureStore, createListenerMiddleware, isAnyOf } from '@reduxjs/toolkit';
import { setupListeners } from '@reduxjs/toolkit/query';
import { useDispatch, useSelector } from 'react-redux';
import { api, problemOf } from './api';
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

const SETTLE_MS = 400;
const RETRY_MS = 3000;

const listener = createListenerMiddleware();

/** Saves a while after the last change; keeps trying while the server is away. */
listener.startListening({
  matcher: isAnyOf(draftChanged, undone, redone, draftLoaded, conflictKept),
  effect: async (_action, { getState, dispatch, delay, cancelActiveListeners }) => {
    cancelActiveListeners();
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

export const store = configureStore({
  reducer: { [api.reducerPath]: api.reducer, draft: draftReducer },
  middleware: (getDefault) =>
    getDefault({ serializableCheck: false, immutableCheck: false }).prepend(listener.middleware).concat(api.middleware),
});
setupListeners(store.dispatch);

export type RootState = ReturnType<typeof store.getState>;
export const useAppDispatch = useDispatch.withTypes<typeof store.dispatch>();
export const useAppSelector = useSelector.withTypes<RootState>();
