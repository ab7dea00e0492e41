import { CoreError } from '../errors.js';
import type { Allergen, Composition, Ingredient, IngredientRole } from './ingredient.js';

/** Percent by mass in the order of `Composition`. */
type Percents = readonly [water: number, fat: number, protein: number, starch: number, sugar: number, salt: number];

function row(
  id: string,
  name: string,
  role: IngredientRole,
  percents: Percents,
  densityKgPerM3: number,
  source: string,
  more: Partial<Pick<Ingredient, 'allergens' | 'diet' | 'wholemeal' | 'solidFat'>> = {},
): Ingredient {
  const [water, fat, protein, starch, sugar, salt] = percents.map((p) => p / 100) as unknown as Percents;
  const composition: Composition = { water, fat, protein, starch, sugar, salt };
  const allergens: readonly Allergen[] = [];
  return {
    id,
    name,
    role,
    composition,
    densityKgPerM3,
    allergens,
    diet: 'vegan',
    wholemeal: 0,
    solidFat: false,
    ...more,
    source: `USDA FoodData Central: ${source}`,
  };
}

/**
 * The shipped ingredients. Compositions are rounded from the public table row named in each;
 * densities are levelled and unpacked, our own weighings' working values.
 */
export const INGREDIENTS: readonly Ingredient[] = [
  row(
    'plain-wheat-flour',
    'Plain wheat flour',
    'flour',
    [12, 1, 10.5, 73, 0.5, 0],
    530,
    'Wheat flour, white, all-purpose, unenriched',
    { allergens: ['gluten'] },
  ),
  row(
    'strong-wheat-flour',
    'Strong wheat flour',
    'flour',
    [13, 1.5, 12.5, 70, 0.5, 0],
    540,
    'Wheat flour, white, bread',
    { allergens: ['gluten'] },
  ),
  row(
    'wholemeal-wheat-flour',
    'Wholemeal wheat flour',
    'flour',
    [11, 2.5, 12.5, 60, 0.5, 0],
    510,
    'Wheat flour, whole-grain',
    { allergens: ['gluten'], wholemeal: 1 },
  ),
  row('durum-semolina', 'Durum semolina', 'flour', [12.5, 1, 12.5, 69, 0.5, 0], 700, 'Semolina, unenriched', {
    allergens: ['gluten'],
  }),
  row('spelt-flour', 'Light spelt flour', 'flour', [11.5, 2, 12, 66, 1, 0], 500, 'Spelt, uncooked', {
    allergens: ['gluten'],
    wholemeal: 0.2,
  }),
  row('rye-flour', 'Rye flour', 'flour', [10.5, 2, 9, 66, 1, 0], 480, 'Rye flour, medium', {
    allergens: ['gluten'],
    wholemeal: 0.5,
  }),
  row('rice-flour', 'Rice flour', 'starch', [12, 1.5, 6, 79, 0, 0], 600, 'Rice flour, white'),
  row('corn-starch', 'Corn starch', 'starch', [8.5, 0, 0.5, 90, 0, 0], 540, 'Cornstarch'),
  row('gram-flour', 'Gram flour', 'starch', [10, 6.5, 22, 47, 10, 0], 430, 'Chickpea flour'),
  row('butter', 'Butter', 'fat', [16, 81, 0.9, 0, 0.1, 0], 911, 'Butter, without salt', {
    allergens: ['milk'],
    diet: 'vegetarian',
    solidFat: true,
  }),
  row('salted-butter', 'Salted butter', 'fat', [16, 81, 0.9, 0, 0.1, 1.6], 911, 'Butter, salted', {
    allergens: ['milk'],
    diet: 'vegetarian',
    solidFat: true,
  }),
  row('ghee', 'Clarified butter', 'fat', [0.3, 99.5, 0.2, 0, 0, 0], 910, 'Butter, clarified', {
    allergens: ['milk'],
    diet: 'vegetarian',
    solidFat: true,
  }),
  row('lard', 'Lard', 'fat', [0, 100, 0, 0, 0, 0], 900, 'Lard', { diet: 'meat', solidFat: true }),
  row(
    'vegetable-shortening',
    'Vegetable shortening',
    'fat',
    [0, 100, 0, 0, 0, 0],
    860,
    'Shortening, household, vegetable',
    { solidFat: true },
  ),
  row('sunflower-oil', 'Sunflower oil', 'fat', [0, 100, 0, 0, 0, 0], 918, 'Oil, sunflower, high oleic'),
  row('rapeseed-oil', 'Rapeseed oil', 'fat', [0, 100, 0, 0, 0, 0], 915, 'Oil, canola'),
  row('olive-oil', 'Olive oil', 'fat', [0, 100, 0, 0, 0, 0], 911, 'Oil, olive, salad or cooking'),
  row('water', 'Water', 'liquid', [100, 0, 0, 0, 0, 0], 1000, 'Water, tap'),
  row('milk', 'Milk', 'liquid', [88, 3.3, 3.2, 0, 4.8, 0.1], 1030, 'Milk, whole', {
    allergens: ['milk'],
    diet: 'vegetarian',
  }),
  row('yoghurt', 'Plain yoghurt', 'liquid', [88, 3.3, 3.5, 0, 4.7, 0.1], 1030, 'Yogurt, plain, whole milk', {
    allergens: ['milk'],
    diet: 'vegetarian',
  }),
  row('lemon-juice', 'Lemon juice', 'liquid', [92, 0.2, 0.4, 0, 2.5, 0], 1030, 'Lemon juice, raw'),
  row('cider-vinegar', 'Cider vinegar', 'liquid', [94, 0, 0, 0, 0.4, 0], 1010, 'Vinegar, cider'),
  row('egg', 'Whole egg', 'egg', [76, 9.5, 12.6, 0, 0.4, 0.4], 1030, 'Egg, whole, raw, fresh', {
    allergens: ['eggs'],
    diet: 'vegetarian',
  }),
  row('egg-yolk', 'Egg yolk', 'egg', [52, 26.5, 16, 0, 0.6, 0.1], 1030, 'Egg, yolk, raw, fresh', {
    allergens: ['eggs'],
    diet: 'vegetarian',
  }),
  row('fine-salt', 'Fine salt', 'salt', [0.2, 0, 0, 0, 0, 99.8], 1200, 'Salt, table'),
  row('sugar', 'Sugar', 'sugar', [0, 0, 0, 0, 100, 0], 850, 'Sugars, granulated'),
  row('honey', 'Honey', 'sugar', [17, 0, 0.3, 0, 82, 0], 1420, 'Honey', { diet: 'vegetarian' }),
  row('baking-powder', 'Baking powder', 'leaven', [5, 0, 0, 27, 0, 0], 900, 'Leavening agents, baking powder'),
  row(
    'instant-yeast',
    'Instant yeast',
    'leaven',
    [5, 7.5, 40, 20, 0, 0.1],
    640,
    "Leavening agents, yeast, baker's, active dry",
  ),
  row(
    'roast-squash',
    'Roast butternut squash',
    'filling',
    [86, 0.2, 1, 6.5, 2.5, 0],
    960,
    'Squash, winter, butternut, cooked, baked',
  ),
  row('onion', 'Onion', 'filling', [89, 0.1, 1.1, 1, 4.3, 0], 620, 'Onions, raw'),
  row('leek', 'Leek', 'filling', [83, 0.3, 1.5, 8, 4, 0], 420, 'Leeks, raw'),
  row('carrot', 'Carrot', 'filling', [88, 0.2, 0.9, 1.5, 4.7, 0.2], 520, 'Carrots, raw'),
  row(
    'boiled-potato',
    'Boiled potato',
    'filling',
    [77, 0.1, 1.9, 17, 0.9, 0],
    800,
    'Potatoes, boiled, cooked without skin',
  ),
  row('mushroom', 'Mushrooms', 'filling', [92.5, 0.3, 3.1, 0.5, 2, 0], 340, 'Mushrooms, white, raw'),
  row(
    'boiled-brown-lentils',
    'Boiled brown lentils',
    'filling',
    [70, 0.4, 9, 12, 1.8, 0],
    820,
    'Lentils, mature seeds, cooked, boiled',
  ),
  row('boiled-barley', 'Boiled pearl barley', 'filling', [69, 0.4, 2.3, 24, 0.3, 0], 680, 'Barley, pearled, cooked', {
    allergens: ['gluten'],
  }),
  row('smoked-mackerel', 'Smoked mackerel', 'filling', [56, 22, 20, 0, 0, 1.9], 900, 'Fish, mackerel, smoked', {
    allergens: ['fish'],
    diet: 'fish',
  }),
  row('hard-cheese', 'Hard ripe cheese', 'filling', [37, 33, 24, 0, 0.3, 1.7], 450, 'Cheese, cheddar', {
    allergens: ['milk'],
    diet: 'vegetarian',
  }),
  row('soft-white-cheese', 'Soft white cheese', 'filling', [55, 21, 14, 0, 4, 2.6], 900, 'Cheese, feta', {
    allergens: ['milk'],
    diet: 'vegetarian',
  }),
  row('pear', 'Pear', 'filling', [84, 0.1, 0.4, 0.5, 10, 0], 640, 'Pears, raw'),
  row('bread-crumb', 'Dry breadcrumb', 'filling', [6.5, 5, 13, 62, 6, 1.8], 450, 'Bread crumbs, dry, grated, plain', {
    allergens: ['gluten'],
  }),
  row('walnut', 'Walnuts', 'filling', [4, 65, 15, 0.1, 2.6, 0], 480, 'Nuts, walnuts, english', { allergens: ['nuts'] }),
  row('sesame-seed', 'Sesame seed', 'filling', [4.7, 50, 18, 0, 0.3, 0], 600, 'Seeds, sesame seeds, whole, dried', {
    allergens: ['sesame'],
  }),
  row('garlic', 'Garlic', 'seasoning', [59, 0.5, 6.4, 28, 1, 0], 600, 'Garlic, raw'),
  row('fresh-ginger', 'Fresh ginger', 'seasoning', [79, 0.8, 1.8, 14, 1.7, 0], 550, 'Ginger root, raw'),
  row(
    'sage',
    'Sage leaves',
    'seasoning',
    [66, 2.5, 3.5, 20, 1.5, 0],
    120,
    'no raw row; our own estimate from Spices, sage, ground',
  ),
  row('dill', 'Dill leaves', 'seasoning', [86, 1.1, 3.5, 4, 0, 0.2], 110, 'Dill weed, fresh'),
  row('black-pepper', 'Black pepper', 'seasoning', [12.5, 3.3, 10.4, 38, 0.6, 0], 460, 'Spices, pepper, black'),
  row('ground-cumin', 'Ground cumin', 'seasoning', [8, 22, 18, 30, 2.3, 0.4], 430, 'Spices, cumin seed'),
  row('tomato-paste', 'Tomato paste', 'seasoning', [74, 0.5, 4.3, 3, 12, 0.2], 1090, 'Tomato products, canned, paste'),
  row(
    'stock-powder',
    'Vegetable stock powder',
    'seasoning',
    [3, 4, 8, 18, 10, 50],
    850,
    'Soup, vegetable bouillon, dry',
    { allergens: ['celery'] },
  ),
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
