import type { Allergen, Composition, Ingredient, IngredientRole } from '../ingredient.js';
import { shippedSold } from './sold.js';

/**
 * Reads one group of the shipped catalogue. A row is
 * `id | name | water fat protein starch sugar salt (percent) | kg/m³ | price per kg | allergens | diet | marks | public table row`.
 * Marks: `solid` (firm at room temperature), `wholemeal=0.5`, `free` (flour without gluten),
 * `yeast=0.36` (instant yeast that raises as much as one part; source: the craft page).
 * Densities are levelled and unpacked; prices and densities are our own working values.
 */
export function catalogueTable(role: IngredientRole, text: string): readonly Ingredient[] {
  return text
    .trim()
    .split('\n')
    .map((line) => {
      const [id, name, percents, density, price, allergens, diet, marks, source] = line.split('|').map((c) => c.trim());
      const [water, fat, protein, starch, sugar, salt] = percents!.split(' ').map((p) => Number(p) / 100);
      const composition: Composition = {
        water: water!,
        fat: fat!,
        protein: protein!,
        starch: starch!,
        sugar: sugar!,
        salt: salt!,
      };
      const wholemeal = /wholemeal=([\d.]+)/.exec(marks!)?.[1];
      const yeast = /yeast=([\d.]+)/.exec(marks!)?.[1];
      return {
        id: id!,
        name: name!,
        role,
        composition,
        densityKgPerM3: Number(density),
        sold: shippedSold(id!, role),
        pricePerKg: Number(price),
        allergens: allergens!.split(',').filter(Boolean) as Allergen[],
        diet: diet as Ingredient['diet'],
        wholemeal: wholemeal === undefined ? 0 : Number(wholemeal),
        solidFat: marks!.includes('solid'),
        ...(yeast === undefined ? {} : { asInstantYeast: Number(yeast) }),
        source: `USDA FoodData Central: ${source}`,
      };
    });
}
