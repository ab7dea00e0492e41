import type { Kitchen } from '@ember-fold/core';
import { createSelector } from '@reduxjs/toolkit';
import { api } from './api';

/** The kitchen as plans see it: its settings, and what was learnt of its flours. */
export const selectKitchen = createSelector(
  api.endpoints.kitchen.select(),
  api.endpoints.flours.select(),
  (row, flours): Kitchen | null => {
    const kitchen = row.data?.kitchen;
    if (!kitchen) return null;
    return flours.data ? { ...kitchen, flours: flours.data.beliefs } : kitchen;
  },
);
