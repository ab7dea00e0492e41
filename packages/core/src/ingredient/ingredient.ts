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
  | 'flour'
  | 'fat'
  | 'liquid'
  | 'egg'
  | 'sugar'
  | 'salt'
  | 'leaven'
  | 'starch'
  | 'filling'
  | 'seasoning';

/** Shares by mass, each 0–1. */
export interface Composition {
  readonly water: number;
  readonly fat: number;
  readonly protein: number;
  readonly starch: number;
  readonly sugar: number;
  readonly salt: number;
}

export type SoldUnit = 'bag' | 'block' | 'bottle' | 'bunch' | 'jar' | 'pack' | 'piece' | 'tin';

/** How it is bought, and what is left of it when it goes into a formula. */
export interface Sold {
  /** What the shop calls it, where that differs: dry lentils for boiled ones. */
  readonly as: string | null;
  /** `null`: loose, by weight. */
  readonly unit: SoldUnit | null;
  /** kg of one unit as bought; `null` loose. */
  readonly unitKg: number | null;
  /** kg used from 1 kg bought, after peeling, draining, soaking or boiling; 0.01–10. */
  readonly usedShare: number;
}

export interface Ingredient {
  /** Stable key, kebab case. */
  readonly id: string;
  readonly name: string;
  readonly role: IngredientRole;
  readonly composition: Composition;
  /** Levelled, unpacked, kg/m³. */
  readonly densityKgPerM3: number;
  readonly sold: Sold;
  /** In the cook's own money, for 1 kg as used; 0 costs nothing. */
  readonly pricePerKg: number;
  readonly allergens: readonly Allergen[];
  /** Strictest diet it fits. */
  readonly diet: 'vegan' | 'vegetarian' | 'fish' | 'meat' | 'unknown';
  /** Share of bran and germ flour counted as wholemeal, 0–1. */
  readonly wholemeal: number;
  /** Firm at room temperature; oil never firms. */
  readonly solidFat: boolean;
  /** Instant yeast that raises as much as one part of it; absent: no yeast. */
  readonly asInstantYeast?: number;
  /** Row in the public food table the composition is rounded from. */
  readonly source: string;
}
