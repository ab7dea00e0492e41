/**
 * What cooks measure in, and what one of each holds. Working values of our own kitchen
 * (docs/models/recipe.md); each is a default that carries its range until it is weighed.
 */
type UnitKind = 'mass' | 'volume' | 'count';

/** A unit word as it is written, without its plural. */
export interface RecipeUnit {
  readonly kind: UnitKind;
  /** kg, or m³, of one; a count takes what its ingredient weighs. */
  readonly size: number;
  /** It names a part of one thing: a clove, a stick, a bunch. */
  readonly of?: CountUnit;
  /** It is a guess of size: what it holds may be this much less or more, as a share. */
  readonly spread?: number;
}

/** Units that are a number of something. */
export type CountUnit =
  | 'clove'
  | 'stick'
  | 'bunch'
  | 'sprig'
  | 'handful'
  | 'setting'
  | 'thumb'
  | 'sachet'
  | 'tin'
  | 'slice'
  | 'head'
  | 'piece'
  | 'leaf';

const ML = 1e-6;
const G = 1e-3;

/** Cup and teaspoon of the kitchen are filled in where they are used: `cup` and `tsp` here count them. */
export interface SpoonSizes {
  readonly cupMl: number;
  readonly teaspoonMl: number;
}

const mass = (g: number, spread = 0): RecipeUnit => ({ kind: 'mass', size: g * G, spread });
const volume = (ml: number, spread = 0): RecipeUnit => ({ kind: 'volume', size: ml * ML, spread });
const count = (of: CountUnit): RecipeUnit => ({ kind: 'count', size: 1, of });

/** Every way a unit is written, lower case, without a full stop and without a plural s. */
export function unitWords({ cupMl, teaspoonMl }: SpoonSizes): ReadonlyMap<string, RecipeUnit> {
  const table: readonly (readonly [string, RecipeUnit])[] = [
    ['g gr gm gram gramme', mass(1)],
    ['kg kilo kilogram kilogramme', mass(1000)],
    ['mg milligram', mass(0.001)],
    ['oz ounce', mass(28.3495)],
    ['lb pound #', mass(453.592)],
    ['pinch pinches', mass(0.3, 0.5)],
    ['ml millilitre milliliter cc', volume(1)],
    ['cl centilitre centiliter', volume(10)],
    ['dl decilitre deciliter', volume(100)],
    ['l litre liter ltr', volume(1000)],
    ['cup c', volume(cupMl)],
    ['tbsp tablespoon tbs tbl tablespoonful tbspn', volume(3 * teaspoonMl)],
    ['tsp teaspoon teaspoonful', volume(teaspoonMl)],
    ['dessertspoon dsp dstspn', volume(2 * teaspoonMl)],
    ['spoon spoonful', volume(3 * teaspoonMl, 0.6)],
    ['fl-oz', volume(29.6)],
    ['pint pt', volume(2 * cupMl > 480 ? 568 : 473, 0.2)],
    ['quart qt', volume(946)],
    ['gallon gal', volume(3785)],
    ['glass', volume(200, 0.25)],
    ['dash splash', volume(0.6, 0.5)],
    ['drizzle', volume(10, 0.5)],
    ['drop', volume(0.05)],
    ['clove', count('clove')],
    ['stick stalk rib', count('stick')],
    ['bunch bunches', count('bunch')],
    ['sprig', count('sprig')],
    ['handful', count('handful')],
    ['setting', count('setting')],
    ['thumb inch inches inch-piece', count('thumb')],
    ['sachet packet envelope pkt', count('sachet')],
    ['tin can jar', count('tin')],
    ['slice rasher', count('slice')],
    ['head', count('head')],
    ['piece pc fillet', count('piece')],
    ['leaf leaves', count('leaf')],
  ];
  return new Map(table.flatMap(([words, unit]) => words.split(' ').map((word) => [word, unit] as const)));
}

/** Numbers written as words. */
export const NUMBER_WORDS: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  dozen: 12,
  half: 0.5,
  quarter: 0.25,
  third: 1 / 3,
  couple: 2,
};

/** What the words before an amount do to it: so many times, and how much wider its range is. */
export const AMOUNT_MOODS: Readonly<Record<string, { readonly times: number; readonly spread: number }>> = {
  about: { times: 1, spread: 0.1 },
  approx: { times: 1, spread: 0.1 },
  approximately: { times: 1, spread: 0.1 },
  around: { times: 1, spread: 0.1 },
  roughly: { times: 1, spread: 0.1 },
  circa: { times: 1, spread: 0.1 },
  ca: { times: 1, spread: 0.1 },
  '~': { times: 1, spread: 0.1 },
  scant: { times: 0.9, spread: 0.05 },
  heaped: { times: 1.6, spread: 0.2 },
  heaping: { times: 1.6, spread: 0.2 },
  rounded: { times: 1.6, spread: 0.2 },
  level: { times: 1, spread: 0 },
  levelled: { times: 1, spread: 0 },
  leveled: { times: 1, spread: 0 },
  generous: { times: 1.1, spread: 0.1 },
  good: { times: 1.1, spread: 0.1 },
  small: { times: 1, spread: 0 },
  packed: { times: 1.2, spread: 0.1 },
  full: { times: 1, spread: 0 },
};

interface Sizes {
  readonly small?: number;
  readonly medium: number;
  readonly large?: number;
  /** As a share, to either side. */
  readonly spread?: number;
}

/** Grams of one, as it goes into a formula, by ingredient: whole things, and parts of them. */
export const EACH_G: Readonly<Record<string, Sizes>> = {
  egg: { small: 44, medium: 50, large: 57, spread: 0.1 },
  'egg-yolk': { medium: 18, spread: 0.1 },
  'egg-white': { medium: 32, spread: 0.1 },
  'hard-boiled-egg': { small: 42, medium: 48, large: 54, spread: 0.1 },
  onion: { small: 80, medium: 120, large: 180, spread: 0.2 },
  shallot: { small: 20, medium: 30, large: 45, spread: 0.25 },
  'spring-onion': { small: 10, medium: 15, large: 22, spread: 0.25 },
  'boiled-potato': { small: 100, medium: 170, large: 280, spread: 0.2 },
  'sweet-potato': { small: 130, medium: 220, large: 350, spread: 0.25 },
  carrot: { small: 40, medium: 60, large: 100, spread: 0.2 },
  leek: { small: 90, medium: 120, large: 200, spread: 0.25 },
  tomato: { small: 70, medium: 100, large: 160, spread: 0.2 },
  'red-pepper': { small: 100, medium: 140, large: 180, spread: 0.2 },
  courgette: { small: 120, medium: 200, large: 300, spread: 0.25 },
  aubergine: { small: 150, medium: 220, large: 350, spread: 0.25 },
  apple: { small: 90, medium: 130, large: 180, spread: 0.2 },
  pear: { small: 100, medium: 140, large: 190, spread: 0.2 },
  banana: { small: 80, medium: 110, large: 140, spread: 0.2 },
  plum: { medium: 55, spread: 0.25 },
  date: { medium: 8, spread: 0.25 },
  'fresh-chilli': { small: 5, medium: 12, large: 20, spread: 0.4 },
  mushroom: { small: 10, medium: 18, large: 40, spread: 0.3 },
  cabbage: { small: 500, medium: 800, large: 1200, spread: 0.25 },
  'lemon-juice': { small: 30, medium: 45, large: 60, spread: 0.3 },
  'lemon-zest': { medium: 6, spread: 0.3 },
  'orange-juice': { medium: 75, spread: 0.3 },
  garlic: { small: 3, medium: 4.5, large: 7, spread: 0.3 },
  beetroot: { small: 60, medium: 90, large: 150, spread: 0.25 },
};

/** Grams of a part of one: by its unit, for an ingredient or, under `any`, for whatever it is. */
export const PART_G: Readonly<Record<CountUnit, Readonly<Record<string, number>>>> = {
  clove: { garlic: 4.5 },
  stick: { butter: 113, 'salted-butter': 113, 'baking-margarine': 113, celery: 40, rhubarb: 60, 'ground-cinnamon': 3 },
  bunch: { any: 30, 'spring-onion': 90, spinach: 250, chard: 300, kale: 200 },
  sprig: { any: 1 },
  handful: { any: 15, walnut: 30, almond: 30, peanut: 30, raisin: 30, spinach: 25 },
  setting: { any: 15 },
  thumb: { 'fresh-ginger': 15, any: 15 },
  sachet: { 'instant-yeast': 7, 'active-dry-yeast': 7, 'baking-powder': 15, vanilla: 8 },
  tin: {},
  slice: { 'smoked-bacon': 20, 'cooked-ham': 25, 'melting-cheese': 22, 'bread-crumb': 30 },
  head: { cabbage: 800, celery: 450, garlic: 45 },
  piece: {},
  leaf: { any: 0.5 },
};

/** "Size of a lemon" and the like, g. */
export const AS_BIG_AS_G: Readonly<Record<string, number>> = { lemon: 50, walnut: 25, lime: 35, egg: 50 };
