import type { DoughFamilyId, DoughFigures } from '@ember-fold/core/plan';

interface FamilyWords {
  readonly name: string;
  /** How the dough feels when it is right. */
  readonly feel: string;
  /** The steps for making it; temperatures in braces are printed by `withTemps`. */
  readonly method: readonly string[];
  /** The steps where this formula wants others; absent: always the same. */
  methodFor?(figures: MethodFigures): readonly string[] | null;
  /** What happens to it when it waits too long, and what to do. @param portions how many to make it in */
  waits(portions: number): string;
  /** How to divide it before rolling or pressing; absent: blanks are simply cut from it. */
  divided?(amounts: { readonly rounds: string; readonly slices: string }): string[];
}

type MethodFigures = Pick<DoughFigures, 'waterPercent' | 'bloomKg'>;

const warm = (portions: number) =>
  `It stiffens and cracks as it cools. Make it in ${portions} portions, or keep the waiting dough covered and warm.`;
const rises = (portions: number) =>
  `It goes on rising, and the pieces blister and collapse. Make it in ${portions} portions, or chill the waiting dough.`;
const dries = (portions: number) =>
  `It dries at the edges. Keep it under a damp cloth, or make it in ${portions} portions.`;
const softens = (portions: number) =>
  `Its fat softens and the layers merge. Chill the waiting dough, or make it in ${portions} portions.`;
/** A hot-water dough with at least this much water is too soft to roll and is shaped by hand, % of the flour. */
const SOFT_HOT_WATER = 120;
const SOFT_HOT_WATER_METHOD: readonly string[] = [
  'Boil the liquid, fat and salt. Tip in all the flour at once and stir on low heat until the dough leaves the sides of the pot, about 2 minutes.',
  'Weigh the pot to see how much water boiled off. Let it cool until hand-warm, then knead it until smooth.',
  'Keep it covered and warm. It is too soft to roll: shape it with oiled palms, {5 mm} to {7 mm} thick.',
];

/** Instant yeast needs no warm start. */
const INSTANT_YEAST = 'Mix the yeast into the flour, then pour in the liquid. Above {46} the yeast weakens.';

const YEAST_METHOD: readonly string[] = [
  'Stir the yeast into a little of the liquid at {35} to {40} and wait until it foams; then pour in the rest. Above {46} the yeast weakens.',
  'Knead until smooth and stretchy. Let it double in size, then knock it back.',
  'Shape and proof the pieces. They are ready when a dent from your finger comes back slowly, and only in part.',
];

/** All words of each dough family. */
export const FAMILY_WORDS: Readonly<Record<DoughFamilyId, FamilyWords>> = {
  shortcrust: {
    name: 'Shortcrust',
    feel: 'firm',
    method: [
      'Rub the fat into flour and salt until a squeezed fistful keeps its shape.',
      'Pour in the first part of the water, bring the dough together, then add the rest a spoonful at a time.',
      'Knead firmly for 4 to 6 minutes. Rest it under a damp cloth.',
    ],
    waits: dries,
  },
  wholemeal: {
    name: 'Wholemeal shortcrust',
    feel: 'firm',
    method: [
      'Rub in the fat as for a white dough.',
      'Mix it softer than seems right: bran absorbs water for 20 minutes.',
      'Knead firmly, then rest it covered.',
    ],
    waits: dries,
  },
  'hot-oil': {
    name: 'Hot-oil',
    feel: 'short',
    method: [
      'Heat the oil to between {150} and {170}, away from any water. Pour it onto the flour and salt, and stir with a long spoon, not with your hands.',
      'Let it cool, then bring it together with ice water.',
      'Press it together without kneading. Rest it in the fridge.',
    ],
    waits: dries,
  },
  coiled: {
    name: 'Coiled, two doughs',
    feel: 'smooth',
    method: [
      'Mix the water dough until smooth, and rub the fat dough to a paste. Rest both.',
      'Wrap the water dough around the fat dough, roll it out, coil it up and slice it.',
      'Flatten each slice so that the rings show. Start in cool oil, or the layers do not open.',
    ],
    waits: dries,
    divided: ({ slices }) => [
      `Roll the coil to an even log and slice it into ${slices}.`,
      'Lay each slice flat with its rings facing up, and roll it out from the middle.',
    ],
  },
  'hot-water': {
    name: 'Hot-water',
    feel: 'pliable',
    method: [
      'Boil the liquid, fat and salt. Tip in all the flour at once and stir to one mass.',
      'Weigh the pot to see how much water boiled off. Knead the dough while warm.',
      'Use it warm and keep the rest covered. Roll it on one side only.',
    ],
    methodFor: ({ waterPercent }) => (waterPercent >= SOFT_HOT_WATER ? SOFT_HOT_WATER_METHOD : null),
    waits: warm,
  },
  flaky: {
    name: 'Flaky',
    feel: 'crumbly',
    method: [
      'Cut cold fat into the flour until the pieces are the size of peas.',
      'Add just enough ice water to bind it; press it together without kneading.',
      'Rest it in the fridge before rolling, and again before cutting.',
    ],
    waits: softens,
  },
  'egg-butter': {
    name: 'Egg and butter',
    feel: 'firm',
    method: [
      'Rub in the butter, then mix in the egg and the liquid.',
      'Knead for 2 to 3 minutes at most, or it gets tough.',
      'Wrap it and rest it in the fridge.',
    ],
    waits: softens,
  },
  'soft-quick': {
    name: 'Soft quick',
    feel: 'soft',
    method: [
      'Mix the flour, raising agent and salt, then the liquid.',
      'Knead for 5 to 8 minutes until smooth. Rest it covered.',
      'Press it out by hand. The fresh edge seals with a pinch.',
    ],
    waits: rises,
    divided: ({ rounds }) => [`Weigh ${rounds}, cover them, and press each flat by hand.`],
  },
  yeast: {
    name: 'Yeast',
    feel: 'soft',
    method: YEAST_METHOD,
    methodFor: ({ bloomKg }) => (bloomKg === 0 ? [INSTANT_YEAST, ...YEAST_METHOD.slice(1)] : null),
    waits: rises,
    divided: ({ rounds }) => [`Weigh ${rounds} and let them rest under a cloth before you roll.`],
  },
  'rice-starch': {
    name: 'Rice and starch',
    feel: 'mouldable',
    method: [
      'Mix it with warm water. It does not stretch.',
      'If an edge cracks, it is too dry: add water a spoonful at a time.',
      'Press it by hand between sheets of film, and use it at once.',
    ],
    waits: dries,
    divided: ({ rounds }) => [`Weigh ${rounds}, cover them, and press each flat by hand.`],
  },
  'thin-sheet': {
    name: 'Thin sheet',
    feel: 'soft',
    method: [
      'Knead a soft dough and rest it.',
      'Stack discs with oil and flour between them, and roll them out together.',
      'Cook the stack in a dry pan for 10 to 15 seconds a side. Peel the sheets apart while warm and keep them covered.',
    ],
    waits: warm,
    divided: ({ rounds }) => [
      `Divide the dough into ${rounds} and roll each as wide as your hand.`,
      'Brush them with oil, dust them with flour, stack up to eight, and roll the stack out together.',
      'Cook the stack in a dry pan for 10 to 15 seconds a side. Peel the sheets apart while they are warm, and keep them under a cloth.',
    ],
  },
};

/** The steps for making a dough of this family with this much water. */
export function methodOf({
  family: { id },
  ...figures
}: Pick<DoughFigures, 'family' | 'waterPercent' | 'bloomKg'>): readonly string[] {
  const { method, methodFor } = FAMILY_WORDS[id];
  return methodFor?.(figures) ?? method;
}

/** The name of each family, for a list to choose from. */
export const familyNames = (): Readonly<Record<DoughFamilyId, string>> =>
  Object.fromEntries(Object.entries(FAMILY_WORDS).map(([id, { name }]) => [id, name])) as Record<DoughFamilyId, string>;
