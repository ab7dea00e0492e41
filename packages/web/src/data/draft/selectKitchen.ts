import { ownIngredients, type OilRow } from '@ember-fold/core/ledger';
import { type BatchDraft, batchPot, type Kitchen, kitchenAtPot, potOf, type PotOil } from '@ember-fold/core/plan';
import { kitchenAtSupper } from '@ember-fold/core/supper';
import { createSelector } from '@reduxjs/toolkit';
import { api } from '../api/api';
import { oilApi } from '../api/oilApi';
import { storeApi } from '../api/storeApi';

/** As much of the page's state as server data takes; whole, it would be a circle of types. */
type ApiState = Parameters<ReturnType<typeof api.endpoints.kitchen.select>>[0];

/** Rows of this kitchen's own and its bases, as ingredients; one list for as long as nothing changes. */
const selectOwn = createSelector(
  (state: ApiState) => storeApi.endpoints.ingredients.select()(state).data,
  (data) =>
    data &&
    ownIngredients(
      data.rows.map((row) => row.ingredient),
      data.bases,
    ),
);

/** Kept oil as plans see it; `null` when there is none, or it was poured away. */
function keptOil(oils: readonly OilRow[] | undefined, id: string | undefined): PotOil | null {
  const row = oils?.find((one) => one.oil.id === id);
  return row && !row.state.isGone ? { ...row.state, id: row.oil.id, name: row.oil.name } : null;
}

/** The kept oil in the pot on the burner. */
const selectPotOil = createSelector(
  (state: ApiState) => api.endpoints.kitchen.select()(state).data?.kitchen.potOilId,
  (state: ApiState) => oilApi.endpoints.oils.select()(state).data,
  (id, oils) => keptOil(oils, id),
);

/** The kitchen as plans see it: its settings, its own ingredients, its oil, and what its batches have taught. */
export const selectKitchen = createSelector(
  (state: ApiState) => api.endpoints.kitchen.select()(state).data?.kitchen,
  (state: ApiState) => api.endpoints.flours.select()(state).data?.beliefs,
  (state: ApiState) => api.endpoints.learnt.select()(state).data,
  selectOwn,
  selectPotOil,
  (kitchen, flours, learnt, ingredients, potOil): Kitchen | null => {
    // A draft may hold an ingredient of one's own: without them nothing can be planned.
    if (!kitchen || !ingredients) return null;
    return { ...kitchen, ingredients, ...(flours && { flours }), ...(learnt && { learnt }), ...(potOil && { potOil }) };
  },
);

/** The supper a batch is for; `null`: none, or it is gone. */
export const selectSupperOf = createSelector(
  (state: ApiState) => api.endpoints.suppers.select()(state).data,
  (_state: ApiState, id: string | undefined) => id,
  (suppers, id) => suppers?.find((row) => row.id === id) ?? null,
);

const selectOils = (state: ApiState) => oilApi.endpoints.oils.select()(state).data;

/** The kitchen as one batch sees it: at the pot it is fried in, with the guests of its supper. */
export const selectKitchenFor = createSelector(
  selectKitchen,
  selectOils,
  (_state: ApiState, draft: BatchDraft | null) => draft && batchPot(draft),
  (state: ApiState, draft: BatchDraft | null) => selectSupperOf(state, draft?.supper)?.supper.guests ?? null,
  (kitchen, oils, pot, guests): Kitchen | null => {
    if (!kitchen) return null;
    const here = kitchenAtSupper(kitchen, guests && { guests });
    const taken = potOf(pot ?? undefined, here);
    return taken ? kitchenAtPot(here, taken, keptOil(oils, taken.oilId)) : here;
  },
);
