import { requireWithin } from '../errors.js';
import type { Allergen, Composition, Ingredient } from './ingredient.js';
import { type Pantry, SHIPPED_PANTRY } from './pantry.js';
import { clamp } from '../numeric/clamp.js';

/** One line of a dough or filling formula. */
export interface FormulaLine {
  readonly ingredientId: string;
  readonly massKg: number;
  /** Of a two-dough family: 1 for the second dough; absent or 0 for the first, or the only one. */
  readonly part?: 0 | 1;
}

export type Formula = readonly FormulaLine[];

/** A formula added up. Masses in kg. */
export interface FormulaTotals {
  readonly massKg: number;
  /** kg of water, fat, protein, starch, sugar, salt over all lines. */
  readonly parts: Composition;
  readonly flourKg: number;
  /** In the cook's own money. */
  readonly cost: number;
  readonly allergens: readonly Allergen[];
  readonly diet: Ingredient['diet'];
}

/** From what everybody eats on. */
export const DIETS = ['vegan', 'vegetarian', 'fish', 'meat', 'unknown'] as const;

/** Most of one ingredient in one formula, kg. */
export const MOST_LINE_KG = 1000;

/**
 * Adds a formula up through each ingredient's composition.
 * @throws CoreError UNKNOWN_NAME, NOT_A_NUMBER, OUT_OF_RANGE (a mass under 0 or over 1000 kg)
 */
export function formulaTotals(lines: Formula, path = 'lines', pantry: Pantry = SHIPPED_PANTRY): FormulaTotals {
  const parts = { water: 0, fat: 0, protein: 0, starch: 0, sugar: 0, salt: 0 };
  const allergens = new Set<Allergen>();
  let massKg = 0;
  let flourKg = 0;
  let cost = 0;
  let diet = 0;
  lines.forEach((line, i) => {
    const ingredient = pantry.find(line.ingredientId, `${path}.${i}.ingredientId`);
    const mass = requireWithin(line.massKg, 0, MOST_LINE_KG, `${path}.${i}.massKg`);
    massKg += mass;
    cost += mass * ingredient.pricePerKg;
    if (ingredient.role === 'flour') flourKg += mass;
    for (const key of Object.keys(parts) as (keyof Composition)[]) parts[key] += mass * ingredient.composition[key];
    ingredient.allergens.forEach((a) => allergens.add(a));
    diet = Math.max(diet, DIETS.indexOf(ingredient.diet));
  });
  return { massKg, parts, flourKg, cost, allergens: [...allergens].sort(), diet: DIETS[diet]! };
}

/** What several formulas together contain, and the strictest diet that still fits all of them. */
export function containedIn(totals: readonly Pick<FormulaTotals, 'allergens' | 'diet'>[]): {
  readonly allergens: readonly Allergen[];
  readonly diet: Ingredient['diet'];
} {
  const diet = totals.reduce((most, t) => Math.max(most, DIETS.indexOf(t.diet)), 0);
  return { allergens: [...new Set(totals.flatMap((t) => t.allergens))].sort(), diet: DIETS[diet]! };
}

/**
 * Multiplies every line; ratios stay as they are.
 * @param factor 0 – 10 000; clamped so that no line passes 1000 kg
 */
export function scaleFormula(lines: Formula, factor: number): Formula {
  requireWithin(factor, 0, 1e4, 'factor');
  return lines.map((line) => ({ ...line, massKg: clamp(line.massKg * factor, 0, MOST_LINE_KG) }));
}
