import type { Ingredient } from '@ember-fold/core/plan';
import { useCallback, useState } from 'react';
import { problemOf } from './api';
import { storeApi } from './storeApi';

/** Beginning of an id that no shipped row has, and what it is distinguished by. */
export function newIngredientId(): string {
  return `own-${crypto.randomUUID().slice(0, 13)}`;
}

/** Takes a new ingredient on; `true` once the server has it, and the pantry follows. What went wrong stands beside. */
export function useTakeOn(): readonly [(ingredient: Ingredient) => Promise<boolean>, string | null] {
  const [problem, setProblem] = useState<string | null>(null);
  const [save] = storeApi.useSaveIngredientMutation();
  const takeOn = useCallback(
    async (ingredient: Ingredient) => {
      setProblem(null);
      const answer = await save({ ingredient, version: 0 });
      if ('error' in answer && answer.error) {
        setProblem(problemOf(answer.error).message);
        return false;
      }
      return true;
    },
    [save],
  );
  return [takeOn, problem];
}
