import type { DoughFamilyId, DoughFigures } from '@ember-fold/core';

/** How each is made, in the order of the hands; temperatures in braces are printed by `withTemps`. */
export const FAMILY_METHOD: Record<DoughFamilyId, readonly string[]> = {
  'rubbed-short': [
    'Rub the fat into flour and salt until a squeezed fistful keeps its shape.',
    'Pour the first water, gather, then the rest by the spoon.',
    'Knead firm, 4 to 6 minutes. Rest covered under a damp cloth.',
  ],
  'rubbed-wholemeal': [
    'Rub the fat in as for a white dough.',
    'Mix it softer than seems right: bran takes up water for 20 minutes.',
    'Knead firm, then rest covered.',
  ],
  'hot-oil': [
    'Heat the oil to {150} to {170}, away from any water. Pour it on flour and salt and stir with a spoon, not with hands.',
    'Let it cool, then bring it together with ice water.',
    'Press, do not knead. Rest cold.',
  ],
  coiled: [
    'Mix the water dough smooth; rub the fat dough to a paste. Rest both.',
    'Wrap the water dough round the fat dough, roll out, coil, slice.',
    'Flatten each slice so that the rings show. Fry in cool oil, or the layers do not open.',
  ],
  scalded: [
    'Boil liquid, fat and salt; tip the flour in at once; stir to one mass.',
    'Weigh the pot to see how much water boiled off. Knead while warm.',
    'Use it warm and keep the rest covered. Roll on one side only.',
  ],
  'cold-fat': [
    'Cut cold fat into the flour, pieces the size of peas.',
    'Bind with just enough ice water; press together, never knead.',
    'Rest cold before rolling and again before cutting.',
  ],
  'egg-butter': [
    'Rub the butter in, then mix with egg and liquid.',
    'Knead 2 to 3 minutes at most, or it toughens.',
    'Rest cold, wrapped.',
  ],
  'soft-quick': [
    'Mix flour, leaven and salt, then the liquid.',
    'Knead 5 to 8 minutes until smooth. Rest covered.',
    'Press out by hand; the fresh rim seals on a pinch.',
  ],
  yeast: [
    'Stir the yeast into a little of the liquid at {35} to {40} and wait until it foams; pour the rest. Over {46} weakens it.',
    'Knead to a smooth stretch. Let it rise to double, knock back.',
    'Shape, proof: a slow, partial spring back under the finger means ready.',
  ],
  'starch-mash': [
    'Mix with warm water; it does not stretch.',
    'If an edge cracks it is too dry: add water by the spoon.',
    'Press by hand between sheets; use at once.',
  ],
  sheet: [
    'Knead a soft dough and rest it.',
    'Stack discs with oil and flour between, roll together.',
    'Dry-cook 10 to 15 seconds a side, peel apart while warm, keep covered.',
  ],
};

/** From so much water a scalded dough is shaped by hand, %. */
const SOFT_SCALDED = 120;
const SOFT_SCALDED_METHOD: readonly string[] = [
  'Boil liquid, fat and salt; tip the flour in at once; stir on low heat until it leaves the pot, about 2 minutes.',
  'Weigh the pot to see how much water boiled off. Let it cool to hand-warm, then knead it smooth.',
  'Keep it covered and warm. Too soft to roll: shape it with oiled palms, {5 mm} to {7 mm} thick.',
];

/** Instant yeast needs no warm start. */
const INSTANT_YEAST = 'Mix the yeast into the flour, then pour the liquid. Over {46} weakens the yeast.';

/** How a dough is made, as its family and its water want it. */
export function methodOf({
  family: { id },
  waterPercent,
  bloomKg,
}: Pick<DoughFigures, 'family' | 'waterPercent' | 'bloomKg'>): readonly string[] {
  if (id === 'scalded' && waterPercent >= SOFT_SCALDED) return SOFT_SCALDED_METHOD;
  if (id === 'yeast' && bloomKg === 0) return [INSTANT_YEAST, ...FAMILY_METHOD.yeast.slice(1)];
  return FAMILY_METHOD[id];
}
