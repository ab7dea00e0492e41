import { configureStore } from '@reduxjs/toolkit';
import { setupListeners } from '@reduxjs/toolkit/query';
import { useDispatch, useSelector } from 'react-redux';
import { api } from '../api/api';
import { draftReducer } from './draftSlice';
import { hotReducer } from './hotPlan';
import { savesReducer } from './saves';
import { listener } from './listener';

export const store = configureStore({
  reducer: { [api.reducerPath]: api.reducer, draft: draftReducer, hot: hotReducer, saves: savesReducer },
  middleware: (getDefault) => getDefault().prepend(listener.middleware).concat(api.middleware),
});
setupListeners(store.dispatch);

export type RootState = ReturnType<typeof store.getState>;
export const useAppDispatch = useDispatch.withTypes<typeof store.dispatch>();
export const useAppSelector = useSelector.withTypes<RootState>();
