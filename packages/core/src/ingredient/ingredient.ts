/** The usual fourteen allergen groups. */
export type Allergen =
  | 'gluten'
  | 'crustaceans'
  | 'eggs'
  | 'fish'
  | 'peanuts'
  | 'soya'
  | 'milk'
  | 'nuts'
  | 'celery'
  | 'mustard'
  | 'sesame'
  | 'sulphites'
  | 'lupin'
  | 'molluscs';

/** What an ingredient is for; drives the dough arithmetic. */
export type IngredientRole =
  'flour' | 'fat' | 'liquid' | 'egg' | 'sugar' | 'salt' | 'leaven' | 'starch' | 'filling' | 'seasoning';

/** Shares by mass, each 0–1. */
export interface Composition {
  readonly water: number;
  readonly fat: number;
  readonly protein: number;
  readonly starch: number;
  readonly sugar: number;
  readonly salt: number;
}

export interface Ingredient {
  /** Stable key, kebab case. */
  readonly id: string;
  readonly name: string;
  readonly role: IngredientRole;
  readonly composition: Composition;
  /** Levelled, unpacked, kg/m³. */
  readonly densityKgPerM3: number;
  /** In the cook's own money; 0 costs nothing. */
  readonly pricePerKg: number;
  readonly allergens: readonly Allergen[];
  /** Strictest diet it fits. */
  readonly diet: 'vegan' | 'vegetarian' | 'fish' | 'meat';
  /** Share of bran and germ flour counted as wholemeal, 0–1. */
  readonly wholemeal: number;
  /** Firm at room temperature; oil never firms. */
  readonly solidFat: boolean;
  /** Instant yeast that raises as much as one part of it; absent: no yeast. */
  readonly asInstantYeast?: number;
  /** Row in the public food table the composition is rounded from. */
  readonly source: string;
}
