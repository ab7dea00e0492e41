/** Fats people fry in, by their ingredient in the catalogue, with the smoke point of a fresh refined one, °C. */
export interface OilKind {
  readonly ingredientId: string;
  readonly smokeC: number;
}

/** Working values, on the cautious side of what is usually said; the bottle's own figure wins. */
export const OIL_KINDS: readonly OilKind[] = [
  { ingredientId: 'sunflower-oil', smokeC: 225 },
  { ingredientId: 'rapeseed-oil', smokeC: 205 },
  { ingredientId: 'groundnut-oil', smokeC: 225 },
  { ingredientId: 'corn-oil', smokeC: 225 },
  { ingredientId: 'olive-oil', smokeC: 195 },
  { ingredientId: 'ghee', smokeC: 235 },
  { ingredientId: 'lard', smokeC: 185 },
  { ingredientId: 'duck-fat', smokeC: 190 },
  { ingredientId: 'beef-dripping', smokeC: 200 },
  { ingredientId: 'coconut-fat', smokeC: 200 },
  { ingredientId: 'vegetable-shortening', smokeC: 180 },
];
