import type { SupperWays } from '@ember-fold/core/supper';
import { api } from './api';

/** What can be done about a day plan. */
export const waysApi = api.injectEndpoints({
  endpoints: (build) => ({
    ways: build.query<SupperWays, string>({
      query: (id) => `/suppers/${id}/ways`,
      providesTags: (_result, _error, id) => [{ type: 'DayPlan', id }],
    }),
  }),
});
