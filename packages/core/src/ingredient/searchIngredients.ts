import { answerRank, plainLetters } from './findIngredients.js';
import { HOUSEHOLD_NAMES } from './householdNames.js';
import type { Ingredient } from './ingredient.js';

/** An ingredient that answers what was typed. */
export interface FoundIngredient<T> {
  readonly ingredient: T;
  /** What it is called at home, where that is what was typed; `null`: its own name was. */
  readonly calledAs: string | null;
}

/** Household names that mean the very thing, by its id. */
const CALLED: ReadonlyMap<string, readonly string[]> = HOUSEHOLD_NAMES.reduce(
  (all, { ingredientId, name, isKind }) =>
    isKind ? all : all.set(ingredientId, [...(all.get(ingredientId) ?? []), name]),
  new Map<string, readonly string[]>(),
);
/** The own name comes before another that answers as well. */
const OWN_FIRST = 0.5;

/**
 * Ingredients by every name cooks use, their own and what they are called at home in British and
 * American English; best first, forgiving a slip or two. An empty text finds all, by name.
 *
 * @example searchIngredients('cilantro', INGREDIENTS)[0].ingredient.id // 'coriander-leaf'
 */
export function searchIngredients<T extends Pick<Ingredient, 'id' | 'name'>>(
  text: string,
  among: readonly T[],
): readonly FoundIngredient<T>[] {
  const typed = plainLetters(text).slice(0, 60);
  return among
    .flatMap((ingredient) => {
      const own = typed === '' ? 0 : answerRank(typed, plainLetters(ingredient.name));
      let found = { rank: own ?? Infinity, calledAs: null as string | null };
      if (typed !== '') {
        for (const name of CALLED.get(ingredient.id) ?? []) {
          const rank = answerRank(typed, name);
          if (rank !== null && rank + OWN_FIRST < found.rank) found = { rank: rank + OWN_FIRST, calledAs: name };
        }
      }
      return found.rank === Infinity ? [] : [{ ingredient, ...found }];
    })
    .sort((a, b) => a.rank - b.rank || a.ingredient.name.localeCompare(b.ingredient.name))
    .map(({ ingredient, calledAs }) => ({ ingredient, calledAs }));
}
