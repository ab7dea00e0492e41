import { INGREDIENTS, ingredientById } from './catalogue.js';
import type { Ingredient } from './ingredient.js';

/** Where ingredients are looked up: the shipped catalogue, and what this kitchen added or changed. */
export interface Pantry {
  readonly all: readonly Ingredient[];
  /** @throws CoreError UNKNOWN_NAME at `path` */
  find(id: string, path?: string): Ingredient;
}

export const SHIPPED_PANTRY: Pantry = { all: INGREDIENTS, find: ingredientById };

/** One pantry for one list of own rows: they are asked for at every keystroke. */
const known = new WeakMap<readonly Ingredient[], Pantry>();

/**
 * The pantry of a kitchen. A row of its own wins over a shipped row of the same id, so that a
 * price or a composition can be changed without touching any formula.
 *
 * @param own rows this kitchen added or changed; bases come as rows too
 * @example pantryWith(undefined) === pantry // true
 */
export function pantryWith(own: readonly Ingredient[] | undefined): Pantry {
  if (!own || own.length === 0) return SHIPPED_PANTRY;
  const made = known.get(own);
  if (made) return made;
  const byId = new Map(own.map((ingredient) => [ingredient.id, ingredient]));
  const pantry: Pantry = {
    all: [...INGREDIENTS.map((shipped) => byId.get(shipped.id) ?? shipped), ...own.filter((row) => !isShipped(row.id))],
    find: (id, path) => byId.get(id) ?? ingredientById(id, path),
  };
  known.set(own, pantry);
  return pantry;
}

const SHIPPED_IDS = new Set(INGREDIENTS.map((ingredient) => ingredient.id));

/**
 * Whether an id belongs to the shipped catalogue.
 * @example isShipped('sugar') // true
 */
export function isShipped(id: string): boolean {
  return SHIPPED_IDS.has(id);
}
