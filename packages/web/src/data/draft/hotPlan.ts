import type { TrayDraft, HotPlan, Kitchen } from '@ember-fold/core/plan';
import type { TrayGlance } from '../../workers/plan.worker';
import { createAction, type UnknownAction } from '@reduxjs/toolkit';
import { draftLoaded } from './draftSlice';

/** What the worker last computed: the costly half of the line. A cache, not a second truth. */
export interface HotState {
  readonly plan: HotPlan | null;
  /** Every tray of the batch at a glance; empty where there is one. */
  readonly trays: readonly TrayGlance[];
  /** What it was computed from; compared by reference to tell whether it is still current. */
  readonly draft: TrayDraft | null;
  readonly kitchen: Kitchen | null;
  readonly problem: string | null;
}

const EMPTY: HotState = { plan: null, trays: [], draft: null, kitchen: null, problem: null };

/** A minute is what "start by" is judged to. */
export const minutePassed = createAction('hot/minutePassed');
export const hotPlanned = createAction<HotState>('hot/planned');
export const hotFailed = createAction<string>('hot/failed');

/** Written by hand: a slice would walk and freeze thousands of samples after every keystroke. */
export function hotReducer(state: HotState = EMPTY, action: UnknownAction): HotState {
  if (hotPlanned.match(action)) return action.payload;
  if (hotFailed.match(action)) return { ...state, problem: action.payload };
  // Another batch: its figures must not be mixed with the last one's.
  if (draftLoaded.match(action)) return EMPTY;
  return state;
}
