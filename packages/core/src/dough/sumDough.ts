import type { Formula } from '../ingredient/formula.js';
import type { Pantry } from '../ingredient/pantry.js';

/** Masses a dough adds up to, kg, by what they are for. */
export interface DoughSums {
  flour: number;
  water: number;
  fat: number;
  solidFat: number;
  sugar: number;
  /** Of that, the sugar of milk: it browns and sweetens, but yeast cannot use it and is not slowed by it. */
  milkSugar: number;
  protein: number;
  wholemeal: number;
  glutenFree: number;
  pourable: number;
  pourWater: number;
  yeast: number;
  /** Yeast that has to wake in warm liquid first: all but instant. */
  bloom: number;
  leaven: number;
  eggWater: number;
  second: number;
}

const NOTHING: DoughSums = {
  flour: 0,
  water: 0,
  fat: 0,
  solidFat: 0,
  sugar: 0,
  milkSugar: 0,
  protein: 0,
  wholemeal: 0,
  glutenFree: 0,
  pourable: 0,
  pourWater: 0,
  yeast: 0,
  bloom: 0,
  leaven: 0,
  eggWater: 0,
  second: 0,
};

/**
 * Adds up what a formula brings into a dough, by ingredient role.
 * @param starchIsFlour in a dough without gluten, starch is what percent is reckoned on
 * @throws CoreError UNKNOWN_NAME
 */
export function sumDough(lines: Formula, starchIsFlour: boolean, pantry: Pantry): DoughSums {
  const s: DoughSums = { ...NOTHING };
  for (const { ingredientId, massKg, part } of lines) {
    const { role, composition, wholemeal, solidFat, allergens, asInstantYeast } = pantry.find(ingredientId);
    if (part === 1) s.second += massKg;
    s.yeast += massKg * (asInstantYeast ?? 0);
    if (asInstantYeast && asInstantYeast < 1) s.bloom += massKg;
    if (role === 'leaven') s.leaven += massKg;
    if (role === 'egg') s.eggWater += massKg * composition.water;
    if (role === 'flour' || (starchIsFlour && role === 'starch')) {
      if (!allergens.includes('gluten')) s.glutenFree += massKg;
      // The flour's own moisture and fat are already in what "flour" means to a baker.
      s.flour += massKg;
      s.protein += massKg * composition.protein;
      s.wholemeal += massKg * wholemeal;
      continue;
    }
    s.water += massKg * composition.water;
    s.fat += massKg * composition.fat;
    s.sugar += massKg * composition.sugar;
    if (role !== 'sugar' && allergens.includes('milk')) s.milkSugar += massKg * composition.sugar;
    if (solidFat) s.solidFat += massKg * composition.fat;
    if (role === 'liquid') {
      s.pourable += massKg;
      s.pourWater += massKg * composition.water;
    }
  }
  return s;
}
