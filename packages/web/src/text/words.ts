import type {
  Allergen,
  CoolingPlace,
  CrustName,
  DoughFamilyId,
  Felt,
  FillingMethod,
  Ingredient,
  NextStep,
  OilVerdict,
  RawPart,
  StarterId,
  StartState,
  Station,
  TurnSchool,
} from '@ember-fold/core';

/** Wording that is not a finding; one place, so that it can be translated. */
export const FAMILY_NAME: Record<DoughFamilyId, string> = {
  'rubbed-short': 'Rubbed short',
  'rubbed-wholemeal': 'Rubbed short, wholemeal',
  'hot-oil': 'Hot-oil short',
  coiled: 'Coiled two-dough',
  scalded: 'Scalded',
  'cold-fat': 'Cold-fat flaky',
  'egg-butter': 'Egg and butter, firm',
  'soft-quick': 'Soft quick',
  yeast: 'Yeast',
  'starch-mash': 'Starch and mash',
  sheet: 'Thin sheet',
};
/** Names of the two doughs where a family has two. */
export const PART_NAMES = {
  'fat-dough': ['Water dough', 'Fat dough'],
  between: ['Sheet dough', 'Between the discs'],
} as const;
/** How each is made, in the order of the hands. */
export const FAMILY_METHOD: Record<DoughFamilyId, readonly string[]> = {
  'rubbed-short': [
    'Rub the fat into flour and salt until a squeezed fistful keeps its shape.',
    'Pour the first water, gather, then the rest by the spoon.',
    'Knead firm, 4 to 6 minutes. Rest covered under a damp cloth.',
  ],
  'rubbed-wholemeal': [
    'Rub the fat in as for a white dough.',
    'Mix softer than seems right: the bran drinks for 20 minutes more.',
    'Knead firm, then rest covered.',
  ],
  'hot-oil': [
    'Heat the oil to 150 to 170 °C, away from any water. Pour it on flour and salt and stir with a spoon, not with hands.',
    'Let it cool, then bring it together with ice water.',
    'Press, do not knead. Rest cold.',
  ],
  coiled: [
    'Mix the water dough smooth; rub the fat dough to a paste. Rest both.',
    'Wrap the water dough round the fat dough, roll out, coil, slice.',
    'Flatten each slice so that the rings show; cool oil or the layers do not open.',
  ],
  scalded: [
    'Boil liquid, fat and salt; tip the flour in at once; stir to one mass.',
    'Weigh the pot: what boiled off is missing water. Knead while warm.',
    'Use warm; keep the waiting part covered. Roll on one side only.',
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
    'Wake the yeast in liquid of 35 to 40 °C; over 46 °C weakens it.',
    'Knead to a smooth stretch. Let it rise to double, knock back.',
    'Shape, proof: a slow, partial spring back under the finger means ready.',
  ],
  'starch-mash': [
    'Mix with warm water; it does not stretch.',
    'An edge that cracks is too dry: water by the spoon.',
    'Press by hand between sheets; use at once.',
  ],
  sheet: [
    'Knead a soft dough and rest it.',
    'Stack discs with oil and flour between, roll together.',
    'Dry-cook 10 to 15 seconds a side, peel apart while warm, keep covered.',
  ],
};
export const STARTER_NAME: Record<StarterId, string> = {
  'squash-sage': 'Squash and sage',
  'lentil-dill': 'Lentil and dill',
  'mushroom-barley': 'Mushroom and barley',
  'mackerel-leek': 'Smoked mackerel and leek',
  'pear-ginger': 'Pear and ginger',
};
export const STATION_NAME: Record<Station, string> = {
  dough: 'Dough',
  filling: 'Filling',
  fold: 'Fold and seal',
  fry: 'Fry',
  serve: 'Serve',
};
export const PLACE_NAME: Record<CoolingPlace, string> = {
  room: 'room',
  fridge: 'fridge',
  'ice-bath': 'iced water',
  freezer: 'freezer',
};
export const METHOD_NAME: Record<FillingMethod, string> = {
  pan: 'cooked dry in the pan',
  strain: 'strained, juice reduced apart',
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
export const AHEAD_NAME = { '0': 'same day', '1': '1 day', '2': '2 days' } as const;
export const RISE_NAME = { room: 'in the room', fridge: 'in the fridge' } as const;
export const HEAT_NAME = { off: 'off the heat', on: 'on the heat' } as const;
export const START_NAME: Record<StartState, string> = { room: 'room', fridge: 'fridge', frozen: 'frozen' };
export const TURN_NAME: Record<TurnSchool, string> = {
  'each-minute': 'each minute',
  once: 'once',
  'held-under': 'held under',
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
  fold: 'Roll, fill and seal',
  heat: 'Heat the oil',
  fry: 'Fry',
  serve: 'Drain and serve',
} as const;

export const VERDICT_TEXT: Record<OilVerdict, string> = {
  cold: 'warming up',
  under: 'under the band',
  'in-band': 'in the band',
  over: 'over the band',
  warn: 'too hot, turn the heat off',
  'cut-heat': 'cut the heat now',
  'check-probe': 'is the probe in the oil?',
  'no-reading': 'no reading',
};

/** What to do, and why. */
export function nextText(step: NextStep, list: string, temp: (c: number) => string): { what: string; why: string } {
  switch (step.act) {
    case 'flip':
      return { what: `Flip ${list}`, why: 'the upper face has been out of the oil' };
    case 'lift':
      return { what: `Lift ${list}`, why: 'cooked through, golden on both faces' };
    case 'drop':
      return {
        what: `Drop ${step.pieces.length}`,
        why:
          step.reason === 'oil-ready'
            ? 'the oil is ready'
            : `when the oil reads ${temp(step.value)}; skim crumbs meanwhile`,
      };
    case 'burner':
      return {
        what: step.value === 0 ? 'Burner off' : `Burner to ${step.value}`,
        why:
          step.reason === 'cut-heat'
            ? 'oil is over its caution limit; never water, lid at hand'
            : step.reason === 'oil-over'
              ? 'oil is over its band'
              : step.reason === 'warm-up'
                ? 'full until a little under the mark'
                : step.reason === 'lot-needs'
                  ? 'what this lot draws'
                  : step.reason === 'all-out'
                    ? 'everything is out; stay until the oil is under 60 °C'
                    : 'holds this oil',
      };
    case 'finish':
      return { what: 'Finish the batch', why: 'all pieces are out' };
    default: {
      const never: never = step.act;
      return never;
    }
  }
}

/** "1, 2 and 3" */
export function listText(numbers: readonly number[]): string {
  if (numbers.length <= 1) return numbers.join('');
  return `${numbers.slice(0, -1).join(', ')} and ${numbers[numbers.length - 1]}`;
}

export const CAUTIONS: readonly string[] = [
  'Hot oil is never left alone, from the first warmth until it is under 60 °C again.',
  'A lid lies within reach. Fire: heat off if it can be reached safely, slide the lid over from the side, leave it shut until cold.',
  'Never water, never flour, and never carry the pot. Flames above the pot or no lid in hand: leave, close the door, call the fire service.',
  'Dry food, dry tools, no water near. Wipe frost off: ice spits and boils over.',
  'Children and pets away, handles turned in, sleeves tight.',
  'Burns: 20 minutes of cool running water; medical help for anything large, deep, on face or hands.',
];
export const DEFERRAL =
  'These are the usual guides. Local food and fire rules, labels and qualified advice come first. Selling food usually needs registration or a licence.';

export const SAVE_TEXT = {
  saved: 'saved',
  unsaved: 'saving…',
  saving: 'saving…',
  waiting: 'kept here, the server is away',
  conflict: 'changed in another window too',
  refused: 'not saved',
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
  fish: 'those who eat fish',
  meat: 'those who eat meat',
};

/** How fast the simulated stove's clock runs. */
export const SPEED_NAME = { '1': 'real time', '4': '4 times', '20': '20 times', '60': '60 times' } as const;

/** How a dough feels when the pouring ends. */
export const FELT_NAME: Record<Felt, string> = { firm: 'firm', right: 'right', soft: 'soft' };
