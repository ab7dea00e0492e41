import {
  type ColdPlan,
  CoreError,
  type HotPlan,
  type Kitchen,
  type Pantry,
  pantryOf,
  planCold,
} from '@ember-fold/core/plan';
import { type DayPlan, serveInDay } from '@ember-fold/core/supper';
import { createSelector } from '@reduxjs/toolkit';
import type { PlannedLine, TimesKnown } from '../../text/plannedLine';
import { makePrinter, type Printer } from '../../text/printer';
import { api } from '../api/api';
import { selectKitchen, selectKitchenFor } from './selectKitchen';
import type { TrayGlance } from '../../workers/plan.worker';
import { selectTray } from './selectTray';
import { type RootState, useAppSelector } from './store';

const selectPrinter = createSelector(selectKitchen, (kitchen) => kitchen && makePrinter(kitchen));

type Cold = { readonly plan: ColdPlan; readonly problem: null } | { readonly plan: null; readonly problem: string };

const selectDraftKitchen = (state: RootState) => selectKitchenFor(state, state.draft.draft);

/** The quick half of the line, computed where it is shown. */
const selectCold = createSelector(selectTray, selectDraftKitchen, (draft, kitchen): Cold | null => {
  if (!draft || !kitchen) return null;
  try {
    return { plan: planCold(draft, kitchen), problem: null };
  } catch (cause) {
    if (cause instanceof CoreError) return { plan: null, problem: cause.message };
    throw cause;
  }
});

/** The tray being edited and everything that follows from it. */
export interface Line extends PlannedLine {
  /** Every tray of it at a glance; empty where there is one, or before the worker has answered. */
  readonly trays: readonly TrayGlance[];
  readonly kitchen: Kitchen;
  readonly hotIsCurrent: boolean;
  readonly hotProblem: string | null;
}

/** The day plan a batch is made in; `null`: it is for no supper, or nobody has asked for its day plan yet. */
const selectDayPlan = (state: RootState) => {
  const supper = state.draft.draft?.supper;
  return supper === undefined ? null : (api.endpoints.dayPlan.select(supper)(state).data?.dayPlan ?? null);
};

/** Whether the times of a batch are known: those of a supper's batch come with the supper's plan. */
export function timesOf(
  supper: string | undefined,
  query: { readonly data?: unknown; readonly isError: boolean },
): TimesKnown {
  if (supper === undefined || query.data !== undefined) return 'known';
  return query.isError ? 'out-of-reach' : 'coming';
}

const selectTimes = (state: RootState): TimesKnown => {
  const supper = state.draft.draft?.supper;
  return timesOf(supper, api.endpoints.dayPlan.select(supper ?? '')(state));
};

const selectLine = createSelector(
  (state: RootState) => state.draft.draft,
  selectTray,
  selectDraftKitchen,
  selectPrinter,
  selectCold,
  (state: RootState) => state.hot,
  selectDayPlan,
  selectTimes,
  (state: RootState) => state.draft.batchId,
  (batch, draft, kitchen, printer, cold, hot, dayPlan, times, batchId): Line | { readonly problem: string } | null => {
    if (!batch || !draft || !kitchen || !printer || !cold) return null;
    if (!cold.plan) return { problem: cold.problem };
    const hotIsCurrent = hot.draft === draft && hot.kitchen === kitchen;
    // Figures of another tray are not mixed with the ones of this.
    const plan = hot.draft?.mark === draft.mark ? hot.plan : null;
    return {
      batch,
      draft,
      kitchen,
      printer,
      cold: cold.plan,
      hotIsCurrent,
      hot: plan && inDayPlan(plan, dayPlan, batchId),
      times,
      trays: hot.trays,
      hotProblem: hot.problem,
    };
  },
);

/** In a supper the time of a batch is what its day plan says. */
export function inDayPlan<T extends Pick<HotPlan, 'serve'>>(plan: T, dayPlan: DayPlan | null, id: string | null): T {
  return plan.serve && dayPlan && id !== null ? { ...plan, serve: serveInDay(plan.serve, dayPlan, id) } : plan;
}

export function useLine() {
  return useAppSelector(selectLine);
}

export function useKitchen(): { readonly kitchen: Kitchen; readonly printer: Printer } | null {
  const kitchen = useAppSelector(selectKitchen);
  const printer = useAppSelector(selectPrinter);
  return kitchen && printer ? { kitchen, printer } : null;
}

/** Ingredients of this kitchen; shown only below a page that has the kitchen. */
export function usePantry(): Pantry {
  return pantryOf(useAppSelector(selectKitchen) ?? {});
}
