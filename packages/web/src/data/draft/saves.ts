import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { Saver } from './saver';
import { type SaveView } from './savedKind';

/** What is shown of each save, by its key: 'kitchen', 'draft <batch>', 'supper <id>', 'notes <batch>'. */
const slice = createSlice({
  name: 'saves',
  initialState: {} as Readonly<Record<string, SaveView>>,
  reducers: {
    saveTold: (state, { payload }: PayloadAction<{ key: string; view: SaveView }>) => ({
      ...state,
      [payload.key]: payload.view,
    }),
  },
});

export const { saveTold } = slice.actions;
export const savesReducer = slice.reducer;

let tell: (key: string, view: SaveView) => void = () => undefined;

/** Where the one saver tells what it does; the store says so when it is made. */
export function tellSaves(to: typeof tell): void {
  tell = to;
}

/** The one saver of the page: drafts, the kitchen, notes. */
export const saver = new Saver({
  wait: (ms) => new Promise((resolve) => setTimeout(resolve, ms)),
  storage: localStorage,
  told: (key, view) => tell(key, view),
});
