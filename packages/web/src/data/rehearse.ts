import type { BatchDraft } from '@ember-fold/core';
import { draftLoaded, draftRehearsed } from './draftSlice';
import { hotPlanned } from './hotPlan';
import { listener } from './listener';
import type { RootState } from './store';

/** What is run for the first time is slow; the third time most of it is compiled. */
const TIMES = 2;
let left = TIMES;

const draftOf = (state: unknown): BatchDraft | null => (state as RootState).draft.draft;
const isTyping = () => document.activeElement?.matches('input, textarea') ?? false;

listener.startListening({
  actionCreator: draftLoaded,
  effect: () => void (left = TIMES),
});

/**
 * A hand's first keystroke on a page would be its slowest, by as much again. So once all of the line
 * stands and the page has nothing to do, it is gone through twice from a draft that is equal. A hand
 * that is quicker is not disturbed.
 */
listener.startListening({
  actionCreator: hotPlanned,
  effect: (_action, { getState, dispatch }) => {
    if (left === 0 || !globalThis.requestIdleCallback) return;
    const draft = draftOf(getState());
    requestIdleCallback(() => {
      if (left === 0 || draftOf(getState()) !== draft || isTyping()) return;
      left -= 1;
      dispatch(draftRehearsed());
    });
  },
});
