import { configureStore } from '@reduxjs/toolkit';
import { setupListeners } from '@reduxjs/toolkit/query';
import { useDispatch, useSelector } from 'react-redux';
import { api } from '../api/api';
import { draftReducer } from './draftSlice';
import { hotReducer } from './hotPlan';
import { savesReducer } from './saves';
import { listener } from './listener';

/** A plan is large: only what takes a whole second to check, while developing, is reported as slow. */
const SLOW_CHECK = { warnAfter: 1000 };

export const store = configureStore({
  reducer: { [api.reducerPath]: api.reducer, draft: draftReducer, hot: hotReducer, saves: savesReducer },
  middleware: (getDefault) =>
    getDefault({ serializableCheck: SLOW_CHECK, immutableCheck: SLOW_CHECK })
      .prepend(listener.middleware)
      .concat(api.middleware),
});
setupListeners(store.dispatch);

export type RootState = ReturnType<typeof store.getState>;
export const useAppDispatch = useDispatch.withTypes<typeof store.dispatch>();
export const useAppSelector = useSelector.withTypes<RootState>();
