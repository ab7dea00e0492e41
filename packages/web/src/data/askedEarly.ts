import { isAnyOf, type UnknownAction } from '@reduxjs/toolkit';
import { api } from './api';
import { listener } from './listener';
import { type RootState, store } from './store';

type Tags = Parameters<typeof api.util.selectInvalidatedBy>[1];

/** What was told to have changed while a question was on its way, by question. */
const meanwhile = new Map<string, Tags[number][]>();

interface Answered {
  readonly type: string;
  readonly meta: {
    readonly arg: { readonly queryCacheKey: string; readonly endpointName: string; readonly originalArgs: unknown };
  };
}
const isAnswered = (action: UnknownAction): action is UnknownAction & Answered =>
  /^api\/executeQuery\/(?:fulfilled|rejected)$/.test(action.type);

/**
 * A change is asked for at once, also while other questions are on their way: an evening takes seconds, and a
 * guest's allergy does not wait for it. But a question that was already on its way is not asked twice at once,
 * and its answer may be from before the change: so it is asked again when that has come.
 */
listener.startListening({
  matcher: isAnyOf(api.util.invalidateTags.match, isAnswered),
  effect: (action, { getOriginalState, getState, dispatch }) => {
    if (api.util.invalidateTags.match(action)) {
      for (const [key, query] of Object.entries((getOriginalState() as RootState).api.queries))
        if (query?.status === 'pending') meanwhile.set(key, [...(meanwhile.get(key) ?? []), ...action.payload]);
      return;
    }
    if (!isAnswered(action)) return;
    const { queryCacheKey, endpointName, originalArgs } = action.meta.arg;
    const tags = meanwhile.get(queryCacheKey);
    meanwhile.delete(queryCacheKey);
    // Only now is it known what the answer is made of.
    const stale = api.util.selectInvalidatedBy(getState() as RootState, tags ?? []);
    if (!tags || !stale.some((one) => one.queryCacheKey === queryCacheKey)) return;
    const { initiate } = api.endpoints[endpointName as 'batch'];
    void (dispatch as typeof store.dispatch)(
      initiate(originalArgs as string, { forceRefetch: true, subscribe: false }),
    );
  },
});
