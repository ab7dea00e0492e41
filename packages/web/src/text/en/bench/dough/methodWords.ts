import type { DoughFamilyId, DoughFigures } from '@ember-fold/core/plan';

/** The steps for making each dough; temperatures in braces are printed by `withTemps`. */
export const FAMILY_METHOD: Record<DoughFamilyId, readonly string[]> = {
  shortcrust: [
    'Rub the fat into flour and salt until a squeezed fistful keeps its shape.',
    'Pour in the first part of the water, bring the dough together, then add the rest a spoonful at a time.',
    'Knead firmly for 4 to 6 minutes. Rest it under a damp cloth.',
  ],
  wholemeal: [
    'Rub in the fat as for a white dough.',
    'Mix it softer than seems right: bran absorbs water for 20 minutes.',
    'Knead firmly, then rest it covered.',
  ],
  'hot-oil': [
    'Heat the oil to between {150} and {170}, away from any water. Pour it onto the flour and salt, and stir with a long spoon, not with your hands.',
    'Let it cool, then bring it together with ice water.',
    'Press it together without kneading. Rest it in the fridge.',
  ],
  coiled: [
    'Mix the water dough until smooth, and rub the fat dough to a paste. Rest both.',
    'Wrap the water dough around the fat dough, roll it out, coil it up and slice it.',
    'Flatten each slice so that the rings show. Start in cool oil, or the layers do not open.',
  ],
  'hot-water': [
    'Boil the liquid, fat and salt. Tip in all the flour at once and stir to one mass.',
    'Weigh the pot to see how much water boiled off. Knead the dough while warm.',
    'Use it warm and keep the rest covered. Roll it on one side only.',
  ],
  flaky: [
    'Cut cold fat into the flour until the pieces are the size of peas.',
    'Add just enough ice water to bind it; press it together without kneading.',
    'Rest it in the fridge before rolling, and again before cutting.',
  ],
  'egg-butter': [
    'Rub in the butter, then mix in the egg and the liquid.',
    'Knead for 2 to 3 minutes at most, or it gets tough.',
    'Wrap it and rest it in the fridge.',
  ],
  'soft-quick': [
    'Mix the flour, raising agent and salt, then the liquid.',
    'Knead for 5 to 8 minutes until smooth. Rest it covered.',
    'Press it out by hand. The fresh edge seals with a pinch.',
  ],
  yeast: [
    'Stir the yeast into a little of the liquid at {35} to {40} and wait until it foams; then pour in the rest. Above {46} the yeast weakens.',
    'Knead until smooth and stretchy. Let it double in size, then knock it back.',
    'Shape and proof the pieces. They are ready when a dent from your finger comes back slowly, and only in part.',
  ],
  'rice-starch': [
    'Mix it with warm water. It does not stretch.',
    'If an edge cracks, it is too dry: add water a spoonful at a time.',
    'Press it by hand between sheets of film, and use it at once.',
  ],
  'thin-sheet': [
    'Knead a soft dough and rest it.',
    'Stack discs with oil and flour between them, and roll them out together.',
    'Cook the stack in a dry pan for 10 to 15 seconds a side. Peel the sheets apart while warm and keep them covered.',
  ],
};

/** A hot-water dough with at least this much water is too soft to roll and is shaped by hand, % of the flour. */
const SOFT_HOT_WATER = 120;
const SOFT_HOT_WATER_METHOD: readonly string[] = [
  'Boil the liquid, fat and salt. Tip in all the flour at once and stir on low heat until the dough leaves the sides of the pot, about 2 minutes.',
  'Weigh the pot to see how much water boiled off. Let it cool until hand-warm, then knead it until smooth.',
  'Keep it covered and warm. It is too soft to roll: shape it with oiled palms, {5 mm} to {7 mm} thick.',
];

/** Instant yeast needs no warm start. */
const INSTANT_YEAST = 'Mix the yeast into the flour, then pour in the liquid. Above {46} the yeast weakens.';

/** The steps for making a dough of this family with this much water. */
export function methodOf({
  family: { id },
  waterPercent,
  bloomKg,
}: Pick<DoughFigures, 'family' | 'waterPercent' | 'bloomKg'>): readonly string[] {
  if (id === 'hot-water' && waterPercent >= SOFT_HOT_WATER) return SOFT_HOT_WATER_METHOD;
  if (id === 'yeast' && bloomKg === 0) return [INSTANT_YEAST, ...FAMILY_METHOD.yeast.slice(1)];
  return FAMILY_METHOD[id];
}
