import { isAnyOf, isFulfilled, isRejected, type UnknownAction } from '@reduxjs/toolkit';
import { api } from './api';
import { listener } from '../draft/listener';
import type { RootState, store } from '../draft/store';

type Tags = Parameters<typeof api.util.selectInvalidatedBy>[1];

/** What changed while a question was on its way, by question. `all`: this page changed something itself. */
const meanwhile = new Map<string, Tags[number][] | 'all'>();

interface Asked {
  readonly meta: {
    readonly arg: {
      readonly type?: 'query' | 'mutation';
      readonly queryCacheKey: string;
      readonly endpointName: string;
      readonly originalArgs: unknown;
    };
  };
}
const isOf = (action: UnknownAction, type: 'query' | 'mutation'): boolean =>
  (action as UnknownAction & Asked).meta.arg?.type === type;
const isAnswered = (action: UnknownAction): action is UnknownAction & Asked =>
  (isFulfilled(action) || isRejected(action)) && isOf(action, 'query');
const isDone = (action: UnknownAction): action is UnknownAction => isFulfilled(action) && isOf(action, 'mutation');

function addTo(key: string, tags: Tags | 'all'): void {
  const before = meanwhile.get(key) ?? [];
  meanwhile.set(key, before === 'all' || tags === 'all' ? 'all' : [...before, ...tags]);
}

/**
 * A change is asked for at once, also while other questions are on their way: a day plan takes seconds, and a
 * guest's allergy does not wait for it. But a question that was already on its way is not asked twice at once,
 * and its answer may be from before the change: so it is asked again when that has come.
 */
listener.startListening({
  matcher: isAnyOf(api.util.invalidateTags.match, isAnswered, isDone),
  effect: (action, { getOriginalState, getState, dispatch }) => {
    if (!isAnswered(action)) {
      const tags = api.util.invalidateTags.match(action) ? action.payload : 'all';
      for (const [key, query] of Object.entries((getOriginalState() as RootState).api.queries))
        if (query?.status === 'pending') addTo(key, tags);
      return;
    }
    const { queryCacheKey, endpointName, originalArgs } = action.meta.arg;
    const tags = meanwhile.get(queryCacheKey);
    meanwhile.delete(queryCacheKey);
    if (!tags) return;
    // Only now is it known what the answer is made of.
    const isMadeOf = (changed: Tags) =>
      api.util.selectInvalidatedBy(getState() as RootState, changed).some((one) => one.queryCacheKey === queryCacheKey);
    if (tags !== 'all' && !isMadeOf(tags)) return;
    const { initiate } = api.endpoints[endpointName as 'batch'];
    void (dispatch as typeof store.dispatch)(
      initiate(originalArgs as string, { forceRefetch: true, subscribe: false }),
    );
  },
});
