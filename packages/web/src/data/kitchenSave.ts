import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

const slice = createSlice({
  name: 'kitchenSave',
  initialState: { problem: null as string | null },
  reducers: {
    kitchenSaveTold: (state, { payload }: PayloadAction<string | null>) => {
      state.problem = payload;
    },
  },
});

export const { kitchenSaveTold } = slice.actions;
export const kitchenSaveReducer = slice.reducer;
