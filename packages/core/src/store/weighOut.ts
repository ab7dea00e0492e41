import { type TrayDraft } from '../draft/draft.js';
import type { Formula } from '../ingredient/formula.js';
import type { Ingredient, IngredientRole } from '../ingredient/ingredient.js';
import type { StockRow } from './shoppingList.js';
import { type Known, pantryOf } from '../draft/kitchen.js';

/** One bowl or pan of the bench, in the order of the work. */
export interface WeighGroup {
  readonly of: 'dough' | 'second-dough' | 'filling';
  readonly lines: readonly WeighLine[];
}

interface WeighLine {
  readonly ingredient: Ingredient;
  /** What the formula means, kg. */
  readonly massKg: number;
  /** What the scale must show with this pack, kg. */
  readonly weighKg: number;
}

/** Dough: what is mixed dry, then what is worked in, then what is poured. */
const DOUGH_ORDER: readonly IngredientRole[] = [
  'flour',
  'starch',
  'leaven',
  'salt',
  'sugar',
  'seasoning',
  'filling',
  'fat',
  'egg',
  'liquid',
];
/** Filling: the pan's fat, what cooks, what binds it; salt and scent last. */
const FILLING_ORDER: readonly IngredientRole[] = [
  'fat',
  'filling',
  'egg',
  'liquid',
  'sugar',
  'leaven',
  'flour',
  'starch',
  'salt',
  'seasoning',
];

/**
 * Everything weighed and within reach before the first disc is rolled, in bench order: the
 * filling first, for it has to cool. A pack of another strength is weighed accordingly.
 *
 * @throws CoreError UNKNOWN_NAME
 * @example weighOut(draft, [], kitchen).length > 0 // true
 */
export function weighOut(
  draft: Pick<TrayDraft, 'dough' | 'filling'>,
  stock: readonly Pick<StockRow, 'ingredientId' | 'strength'>[],
  known: Known,
): readonly WeighGroup[] {
  const pantry = pantryOf(known);
  const strengths = new Map(stock.map((row) => [row.ingredientId, row.strength]));
  const group = (of: WeighGroup['of'], lines: Formula, order: readonly IngredientRole[]): WeighGroup => ({
    of,
    lines: lines
      .filter((line) => line.massKg > 0)
      .map(({ ingredientId, massKg }) => ({
        ingredient: pantry.find(ingredientId),
        massKg,
        weighKg: massKg / (strengths.get(ingredientId) ?? 1),
      }))
      .sort((a, b) => order.indexOf(a.ingredient.role) - order.indexOf(b.ingredient.role)),
  });
  const { lines } = draft.dough;
  return [
    group('filling', draft.filling.lines, FILLING_ORDER),
    group(
      'dough',
      lines.filter((line) => line.part !== 1),
      DOUGH_ORDER,
    ),
    group(
      'second-dough',
      lines.filter((line) => line.part === 1),
      DOUGH_ORDER,
    ),
  ].filter((made) => made.lines.length > 0);
}
