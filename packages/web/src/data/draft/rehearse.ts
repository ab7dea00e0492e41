import type { BatchDraft } from '@ember-fold/core/plan';
import { isAnyOf } from '@reduxjs/toolkit';
import { draftChanged, draftLoaded, draftRehearsed, redone, undone } from './draftSlice';
import { hotPlanned } from './hotPlan';
import { listener } from './listener';
import type { RootState } from './store';

/** What is run for the first time is slow, by three times as much. After ten times all that matters is compiled. */
const TIMES = 10;
/** Whoever has done nothing for so long only looks, ms. */
const STILL_MS = 1000;
let left = TIMES;
let actedMs = 0;
for (const act of ['pointerdown', 'keydown'] as const)
  window.addEventListener(act, () => (actedMs = performance.now()), { capture: true, passive: true });

const draftOf = (state: unknown): BatchDraft | null => (state as RootState).draft.draft;
const isTyping = () => document.activeElement?.matches('input, textarea') ?? false;
/** The hand is busy, or what it opened stands over the line: a piece in 3D would be built anew each time. */
const isBusy = () =>
  performance.now() - actedMs < STILL_MS || document.querySelector('[role=dialog], [role=alertdialog]') !== null;

listener.startListening({
  actionCreator: draftLoaded,
  effect: () => void (left = TIMES),
});

/** A hand that is quicker has the page to itself, and goes through the line itself. */
listener.startListening({
  matcher: isAnyOf(draftChanged, undone, redone),
  effect: () => void (left = 0),
});

/**
 * A hand's first keystrokes on a page would be its slowest. So once all of the line stands and the
 * page has nothing to do, it is gone through again and again from a draft that is equal.
 */
listener.startListening({
  actionCreator: hotPlanned,
  effect: (_action, { getState, dispatch }) => {
    if (left === 0 || !globalThis.requestIdleCallback) return;
    const draft = draftOf(getState());
    const later = (ms: number) => setTimeout(() => requestIdleCallback(rehearse), ms);
    const rehearse = () => {
      // Another line goes through it already, or the hand is at a field.
      if (left === 0 || draftOf(getState()) !== draft || isTyping()) return;
      if (isBusy()) return void later(STILL_MS);
      left -= 1;
      dispatch(draftRehearsed());
    };
    later(left === TIMES ? STILL_MS : 0);
  },
});
