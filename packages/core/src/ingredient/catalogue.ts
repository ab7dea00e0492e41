import { CoreError } from '../errors.js';
import { EGGS, FATS, FLOURS, LEAVENS, LIQUIDS, SALTS, STARCHES, SUGARS } from './catalogue/dough.js';
import { FILLINGS, SEASONINGS } from './catalogue/filling.js';
import type { Ingredient } from './ingredient.js';

/** The shipped ingredients; compositions are rounded from the public table row named in each. */
export const INGREDIENTS: readonly Ingredient[] = [
  ...FLOURS,
  ...STARCHES,
  ...FATS,
  ...LIQUIDS,
  ...EGGS,
  ...SUGARS,
  ...SALTS,
  ...LEAVENS,
  ...FILLINGS,
  ...SEASONINGS,
];

const BY_ID = new Map(INGREDIENTS.map((ingredient) => [ingredient.id, ingredient]));

/**
 * @param id key of a shipped ingredient
 * @throws CoreError UNKNOWN_NAME
 * @example ingredientById('butter').composition.water // 0.16
 */
export function ingredientById(id: string, path = 'ingredientId'): Ingredient {
  const found = BY_ID.get(id);
  if (!found) throw new CoreError('UNKNOWN_NAME', path, `There is no ingredient "${id.slice(0, 40)}".`);
  return found;
}
