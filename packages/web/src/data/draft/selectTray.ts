import { trayOf } from '@ember-fold/core/plan';
import { createSelector } from '@reduxjs/toolkit';
import type { RootState } from './store';

/** The tray that is open; the first, where none is, or it is gone. */
export const selectTray = createSelector(
  (state: RootState) => state.draft.draft,
  (state: RootState) => state.draft.mark,
  (batch, mark) => batch && trayOf(batch, mark !== null && batch.trays[mark] ? mark : null),
);
