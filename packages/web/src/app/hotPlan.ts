import type { BatchDraft, HotPlan, Kitchen } from '@ember-fold/core';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { draftLoaded } from './draftSlice';

/** What the worker last computed: the costly half of the line. A cache, not a second truth. */
export interface HotState {
  readonly plan: HotPlan | null;
  /** What it was computed from; compared by reference to tell whether it is still current. */
  readonly draft: BatchDraft | null;
  readonly kitchen: Kitchen | null;
  readonly problem: string | null;
}

const EMPTY: HotState = { plan: null, draft: null, kitchen: null, problem: null };

const slice = createSlice({
  name: 'hot',
  initialState: EMPTY,
  reducers: {
    hotPlanned: (_state, { payload }: PayloadAction<HotState>) => payload,
    hotFailed: (state, { payload }: PayloadAction<string>) => ({ ...(state as HotState), problem: payload }),
  },
  // Another batch: its figures must not be mixed with the last one's.
  extraReducers: (builder) => builder.addCase(draftLoaded, () => EMPTY),
});

export const { hotPlanned, hotFailed } = slice.actions;
export const hotReducer = slice.reducer;
