import type { Felt } from '@ember-fold/core/ledger';
import type {
  Allergen,
  CoolingPlace,
  CrustName,
  FillingMethod,
  Ingredient,
  RawPart,
  StarterId,
  StartState,
  TurnMethod,
} from '@ember-fold/core/plan';

/** Names of the two doughs where a family has two. */
export const PART_NAMES = {
  'fat-dough': ['Water dough', 'Fat dough'],
  between: ['Sheet dough', 'Between the discs'],
} as const;
export const STARTER_NAME: Record<StarterId, string> = {
  'squash-sage': 'Squash and sage',
  'lentil-dill': 'Lentil and dill',
  'mushroom-barley': 'Mushroom and barley',
  'mackerel-leek': 'Smoked mackerel and leek',
  'pear-ginger': 'Pear and ginger',
};
export const PLACE_NAME: Record<CoolingPlace, string> = {
  room: 'room',
  fridge: 'fridge',
  'ice-bath': 'iced water',
  freezer: 'freezer',
};
export const METHOD_NAME: Record<FillingMethod, string> = {
  pan: 'cooked dry in the pan',
  strain: 'strained, juice reduced separately',
  squeeze: 'salted and squeezed',
  thicken: 'thickened, nothing boiled off',
};
/** "Is every part of it already cooked?" */
export const RAW_NAME: Record<RawPart | 'none', string> = {
  none: 'yes, all of it',
  vegetables: 'no, raw vegetables',
  egg: 'no, raw egg',
  fish: 'no, raw fish or shellfish',
  'minced-meat': 'no, raw minced meat',
  poultry: 'no, raw poultry',
};
/** The same while the question is open. */
export const RAW_OPEN_NAME: Record<RawPart | 'none' | 'unsaid', string> = { unsaid: 'not said yet', ...RAW_NAME };
export const AHEAD_NAME = { '0': 'same day', '1': '1 day', '2': '2 days' } as const;
/** How much of a batch is made on an earlier day. */
export const MADE_AHEAD_NAME = {
  none: 'all on the day',
  'dough-1': 'dough, 1 day before',
  'dough-2': 'dough, 2 days before',
  'pieces-1': 'pieces, 1 day before',
  'pieces-2': 'pieces, 2 days before',
} as const;
export const FILLING_STATE_NAME = { cool: 'cool', fridge: 'fridge-cold', 'part-frozen': 'part-frozen' } as const;
export const RISE_NAME = { room: 'in the room', fridge: 'in the fridge' } as const;
export const HEAT_NAME = { off: 'off the heat', on: 'on the heat' } as const;
export const START_NAME: Record<StartState, string> = {
  room: 'room',
  fridge: 'fridge',
  frozen: 'frozen',
  tempered: 'tempered',
};
export const TURN_NAME: Record<TurnMethod, string> = {
  'each-minute': 'every minute',
  once: 'once',
  basted: 'basted',
  'held-under': 'held under',
  'half-depth': 'half-depth',
};
export const CRUST_WORD: Record<CrustName, string> = {
  raw: 'raw',
  pale: 'pale',
  golden: 'golden',
  brown: 'brown',
  dark: 'too dark',
};
export const STEP_NAME = {
  filling: 'Cook the filling',
  cool: 'Filling cools',
  dough: 'Make the dough',
  rest: 'Dough rests',
  warm: 'Dough warms up',
  shape: 'Shape the filling',
  firm: 'Filling firms in the freezer',
  dry: 'Dry the filling pieces',
  fold: 'Roll, fill and seal',
  stored: 'Store for another day',
  proof: 'Filled pieces rise',
  hold: 'Pieces chill, freeze or dry',
  bake: 'Bake',
  oven: 'Finish in the oven',
  crisp: 'Crisp in the oven',
  heat: 'Heat the oil',
  fry: 'Fry',
  serve: 'Drain and serve',
  own: 'A step of your own',
} as const;

export const ALLERGEN_NAME: Record<Allergen, string> = {
  gluten: 'gluten',
  crustaceans: 'crustaceans',
  eggs: 'eggs',
  fish: 'fish',
  peanuts: 'peanuts',
  soya: 'soya',
  milk: 'milk',
  nuts: 'nuts',
  celery: 'celery',
  mustard: 'mustard',
  sesame: 'sesame',
  sulphites: 'sulphites',
  lupin: 'lupin',
  molluscs: 'molluscs',
};
export const DIET_NAME: Record<Ingredient['diet'], string> = {
  vegan: 'vegans',
  vegetarian: 'vegetarians',
  fish: 'people who eat fish',
  meat: 'people who eat meat',
  unknown: 'not known: read the label',
};

/** How fast the simulated stove's clock runs. */
export const SPEED_NAME = { '1': 'real time', '4': '4 times', '20': '20 times', '60': '60 times' } as const;

/** How a dough feels when the pouring ends. */
export const FELT_NAME: Record<Felt, string> = { firm: 'firm', right: 'right', soft: 'soft' };
