import type { PageId } from './page';

/** The rule behind a finding, and the handbook page about it. */
export interface Rule {
  readonly says: string;
  readonly page: PageId;
}

export const RULE = {
  stiffness: {
    says: 'Stiffness depends on effective water, flour and fat. It is compared with the range in which this family rolls well.',
    page: 'water',
  },
  shares: {
    says: 'Shares are percentages of the flour. They are compared with the usual range of this family.',
    page: 'families',
  },
  fist: { says: 'Whether a squeezed fistful holds depends on the fat as a share of the flour.', page: 'fat' },
  pour: {
    says: 'The water you keep back covers how much more, or less, water this flour may need than usual.',
    page: 'water',
  },
  water: {
    says: 'All water counts: from the jug, egg, butter, milk and mash, minus the water that boils off.',
    page: 'water',
  },
  stretch: {
    says: 'Flours without gluten do not stretch. Above a certain share of them, a dough must be shaped instead of rolled.',
    page: 'families',
  },
  warmth: {
    says: 'The temperature of a dough follows from the temperatures, masses and heat capacities of flour and liquid.',
    page: 'yeast',
  },
  yeast: {
    says: 'How fast yeast doubles a dough depends on the amount of yeast, the temperature, salt and sugar.',
    page: 'yeast',
  },
  waits: {
    says: 'Some doughs stiffen, dry or soften while they wait. Each family has a longest wait.',
    page: 'resting',
  },
  salt: {
    says: 'The salt of all ingredients is added up and compared with the usual range for this kind of filling.',
    page: 'filling',
  },
  cooked: {
    says: 'You can tell by weight when a filling is ready: a certain share is left once its water has boiled off.',
    page: 'filling',
  },
  thick: {
    says: 'How thick a filling is depends on the water left in it, and on the starch, egg and fibre that bind it.',
    page: 'filling',
  },
  raw: {
    says: 'A raw filling must reach its safe temperature in the middle. A filling that was cooked and cooled must get hot again all the way through.',
    page: 'core',
  },
  cooling: {
    says: 'Cooling is computed for the depth and place of the dish. The usual limits are {cooling.firstS} to lukewarm, then {cooling.secondS} more to fridge-cold.',
    page: 'cooling',
  },
  keeps: { says: 'How long food keeps is counted from when it was made, if it stays cold.', page: 'keeping' },
  room: {
    says: 'Time out of the fridge adds up over folding, proofing and waiting: {room.mostS} at most, {room.hotMostS} in a hot kitchen.',
    page: 'keeping',
  },
  seam: {
    says: 'Steam pushes on the seam. Its strength comes from the seal margin, what seals the rim, the wall and a clean rim.',
    page: 'opened',
  },
  fill: {
    says: 'The filling is compared with the room inside the folded shape, and with the dough around it.',
    page: 'dividing',
  },
  wall: {
    says: 'The wall is the thickness of the dough at its thinnest place after it is gathered or folded.',
    page: 'shapes',
  },
  even: {
    says: 'What all trays need is compared with the dough and filling you have, including offcuts that are rolled again.',
    page: 'dividing',
  },
  coating: {
    says: 'A dry coating needs a wet one to stick to. Both add weight and brown sooner than bare dough.',
    page: 'coatings',
  },
  done: {
    says: 'The heat is computed from the oil to the middle. Each dough sets at its own temperature; a raw filling has a safe temperature.',
    page: 'core',
  },
  colour: {
    says: 'How fast a crust browns depends on its temperature: hotter oil, sugar, egg and wholemeal make it browner sooner.',
    page: 'oil-heat',
  },
  window: {
    says: 'There is a right moment only if the middle is done before the outside is too dark.',
    page: 'wrong',
  },
  burner: {
    says: 'The burner gives heat; the pot and the pieces take it. The setting that balances them keeps the oil at its temperature.',
    page: 'oil-heat',
  },
  load: {
    says: 'A load is as many pieces as the oil can take without leaving its range, that fit side by side, and that one cook can turn.',
    page: 'loads',
  },
  level: {
    says: 'Oil expands as it heats, and pieces raise it: at most a third of the pot without pieces, half with a load in.',
    page: 'pot',
  },
  oil: {
    says: 'Oil ages with hours in use, heat, crumbs and time. Its smoke point falls, and it keeps traces of what was fried in it.',
    page: 'oil-life',
  },
  shared: {
    says: 'Heat takes no allergen out of oil. Oil carries traces of everything that was fried in it.',
    page: 'allergens',
  },
  method: {
    says: 'Both methods of frying work. Each has its own oil temperature, time and drawback.',
    page: 'methods',
  },
  turn: {
    says: 'A floating piece browns only below. Its upper side browns once it is turned, or basted with hot oil.',
    page: 'loads',
  },
  greasy: {
    says: 'Pieces take up oil as they lose water, and the longer they are in: most of all in oil that is too cool.',
    page: 'wrong',
  },
  cold: {
    says: 'Frost makes oil spit, and ice takes up heat as it melts. The middle of a frozen piece lags behind its crust.',
    page: 'freezing',
  },
  bake: {
    says: 'An oven heats through air and walls, far more slowly than oil. Your own bakes correct the time.',
    page: 'baking',
  },
  crisp: {
    says: 'Pieces that are fried early are kept in the fridge, then heated through and crisped in the oven.',
    page: 'baking',
  },
  day: {
    says: 'The plan is counted back from serving: every step takes its time, and some need a cook.',
    page: 'keeping',
  },
} as const satisfies Record<string, Rule>;
